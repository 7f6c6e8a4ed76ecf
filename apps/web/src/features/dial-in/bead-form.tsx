import { type NewTestBead, newTestBeadSchema, NOTE_MAX, validated } from '@hot-bead/contract';
import { ARC_SOUNDS, BEAD_FACES, type BeadSetting } from '@hot-bead/core';
import { useForm } from 'react-hook-form';
import { usePreferences } from '../../preferences/preferences.tsx';
import type { Units } from '../../preferences/units.ts';
import { BeadSection } from '../../drawing/bead-section.tsx';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { figureOf, numberOrText, shownAs } from '../units/index.ts';
import { FACE_WORD, SOUND_WORD } from './bead-words.ts';
import { FigureField } from '../../ui/form/field.tsx';
import { PickField } from '../../ui/form/pick-field.tsx';
import { sendChecked } from '../../ui/form/problems.ts';
import { Wrong } from '../../ui/form/wrong.tsx';
import { useReportBead } from '../test-beads/index.ts';

interface Props {
  readonly jobId: string;
  readonly number: number;
  readonly suggested: BeadSetting;
}

/** The form as typed: figures stay text, in the user's unit, until the contract has seen them. */
export interface BeadFields {
  volts: string;
  wireFeedSpeedMPerMin: string;
  face: string;
  sound: string;
  note: string;
}

const FIELDS = ['volts', 'wireFeedSpeedMPerMin', 'face', 'sound', 'note'] as const;

function beadOf(fields: BeadFields, units: Units): NewTestBead {
  const speed = numberOrText(fields.wireFeedSpeedMPerMin);
  const wireFeedSpeedMPerMin = typeof speed === 'number' ? shownAs('wireFeedSpeed', units).to(speed) : speed;
  return validated(newTestBeadSchema, {
    volts: numberOrText(fields.volts),
    wireFeedSpeedMPerMin,
    face: fields.face || undefined,
    sound: fields.sound || undefined,
    note: fields.note,
  });
}

/** Reports a bead: the numbers it was welded at, how it looks, how it sounded, a note. */
export function BeadForm({ jobId, number: beadNumber, suggested }: Props) {
  const { units } = usePreferences();
  const report = useReportBead(jobId);
  const toast = useToast();
  const { register, handleSubmit, setError, formState } = useForm<BeadFields>({
    defaultValues: {
      volts: figureOf('volts', suggested.volts, units),
      wireFeedSpeedMPerMin: figureOf('wireFeedSpeed', suggested.wireFeedSpeedMPerMin, units),
      face: '',
      sound: '',
      note: '',
    },
  });
  const { errors } = formState;

  const send = (fields: BeadFields): void =>
    sendChecked({
      check: () => beadOf(fields, units),
      send: (bead, onError) =>
        report.mutate(bead, {
          onSuccess: (kept, undo) => toast(`Bead ${kept.number} logged`, undo),
          onError,
        }),
      place: (problems) => {
        for (const { field, message } of problems) {
          setError(FIELDS.find((name) => name === field) ?? 'root', { message });
        }
      },
    });

  return (
    <form
      onSubmit={(event) => void handleSubmit(send)(event)}
      noValidate
      aria-label={`Report bead ${beadNumber}`}
      className="grid gap-4 rounded-md border border-line bg-plate p-4"
    >
      <h2 className="text-lg font-semibold">How did bead {beadNumber} come out?</h2>
      <PickField legend="Sound" error={errors.sound?.message} columns="grid-cols-2 md:grid-cols-3">
        {ARC_SOUNDS.map((sound) => (
          <label
            key={sound}
            className="flex min-h-14 cursor-pointer items-center justify-center rounded-md border border-line-strong px-2 text-center has-checked:border-action has-checked:bg-action-tint has-checked:font-semibold has-focus-visible:outline-2 has-focus-visible:outline-action"
          >
            <input type="radio" value={sound} className="sr-only" {...register('sound')} />
            {SOUND_WORD[sound]}
          </label>
        ))}
      </PickField>
      <PickField legend="Bead face" error={errors.face?.message} columns="grid-cols-2 md:grid-cols-4">
        {BEAD_FACES.map((face) => (
          <label
            key={face}
            className="flex min-h-14 cursor-pointer flex-col items-center rounded-md border border-line-strong p-1 text-center text-[15px] has-checked:border-action has-checked:bg-action-tint has-checked:font-semibold has-focus-visible:outline-2 has-focus-visible:outline-action"
          >
            <input type="radio" value={face} className="sr-only" {...register('face')} />
            <BeadSection face={face} className="h-14 w-full" />
            {FACE_WORD[face]}
          </label>
        ))}
      </PickField>
      <div className="grid grid-cols-2 gap-4">
        <FigureField label="Welded at" unit="V" error={errors.volts?.message} {...register('volts')} />
        <FigureField
          label="Wire speed"
          unit={shownAs('wireFeedSpeed', units).unit}
          error={errors.wireFeedSpeedMPerMin?.message}
          {...register('wireFeedSpeedMPerMin')}
        />
      </div>
      <label className="label-text">
        Note
        <textarea
          rows={2}
          maxLength={NOTE_MAX}
          {...register('note')}
          className="mt-1 block w-full rounded-md border border-line-strong bg-plate p-2 text-base text-ink"
        />
      </label>
      <Wrong>{errors.root?.message ?? errors.note?.message}</Wrong>
      <Button type="submit" tone="main" disabled={report.isPending} className="min-h-14 text-lg">
        {report.isPending ? 'Logging…' : `Log bead ${beadNumber}`}
      </Button>
    </form>
  );
}
