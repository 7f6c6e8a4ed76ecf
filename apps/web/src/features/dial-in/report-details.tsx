import { NOTE_MAX } from '@hot-bead/contract/dial-in';
import { ARC_SOUNDS, BACK_SIDES, BEAD_ENDS, BEAD_FACES, BEAD_FLAGS, SPATTERS } from '@hot-bead/core/window';
import { BeadSection } from '../../drawing/bead-section.tsx';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Field, FigureField } from '../../ui/form/field.tsx';
import { PickField } from '../../ui/form/pick-field.tsx';
import { SoundSamples } from '../arc-lab/sound/index.ts';
import { shownAs } from '../../units/index.ts';
import { BACK_WORD, ENDS_WORD, FACE_WORD, FLAG_WORD, SOUND_WORD, SPATTER_WORD } from './bead-words.ts';
import { PickRow } from './pick-row.tsx';
import type { ReportFields } from './report-fields.ts';

/** What is wrong with a report, by field; '' where it is about no field of its own. */
export type ReportFaults = Readonly<Record<string, string | undefined>>;

interface Props {
  readonly fields: ReportFields;
  readonly faults: ReportFaults;
  readonly onChange: (change: Partial<ReportFields>) => void;
}

/** All that can be said of a bead beside cold, right or hot. */
export function ReportDetails({ fields, faults, onChange }: Props) {
  const { units } = usePreferences();
  return (
    <div className="grid grid-cols-1 gap-4">
      <PickRow
        legend="Sound"
        options={ARC_SOUNDS}
        words={SOUND_WORD}
        picked={fields.sound}
        onPick={(sound) => onChange({ sound })}
        columns="grid-cols-2 md:grid-cols-3"
        error={faults['sound']}
      />
      <SoundSamples words={SOUND_WORD} />
      <PickRow
        legend="Bead face"
        options={BEAD_FACES}
        words={FACE_WORD}
        picked={fields.face}
        onPick={(face) => onChange({ face })}
        columns="grid-cols-2 md:grid-cols-4"
        error={faults['face']}
        picture={(face) => <BeadSection face={face} className="h-14 w-full" />}
      />
      <PickRow
        legend="Spatter"
        options={SPATTERS}
        words={SPATTER_WORD}
        picked={fields.spatter}
        onPick={(spatter) => onChange({ spatter })}
        columns="grid-cols-3"
      />
      <PickRow
        legend="Back side"
        options={BACK_SIDES}
        words={BACK_WORD}
        picked={fields.back}
        onPick={(back) => onChange({ back })}
        columns="grid-cols-3"
      />
      <PickRow
        legend="Start and end"
        options={BEAD_ENDS}
        words={ENDS_WORD}
        picked={fields.ends}
        onPick={(ends) => onChange({ ends })}
        columns="grid-cols-3"
      />
      <PickField
        legend="Was something amiss? It then counts for less."
        error={faults['flags']}
        columns="grid-cols-3"
      >
        {BEAD_FLAGS.map((flag) => {
          const isOn = fields.flags.includes(flag);
          const flags = isOn ? fields.flags.filter((one) => one !== flag) : [...fields.flags, flag];
          return (
            <button
              key={flag}
              type="button"
              aria-pressed={isOn}
              className="min-h-14 rounded-md border border-line-strong bg-plate p-1 text-[15px] aria-pressed:border-straw aria-pressed:bg-straw-tint aria-pressed:font-semibold"
              onClick={() => onChange({ flags })}
            >
              {FLAG_WORD[flag]}
            </button>
          );
        })}
      </PickField>
      <div className="grid grid-cols-2 gap-4">
        <FigureField
          label="Welded at"
          unit="V"
          error={faults['volts']}
          value={fields.volts}
          onChange={(event) => onChange({ volts: event.target.value })}
        />
        <FigureField
          label="Wire speed"
          unit={shownAs('wireFeedSpeed', units).unit}
          error={faults['wireFeedSpeedMPerMin']}
          value={fields.wireFeedSpeedMPerMin}
          onChange={(event) => onChange({ wireFeedSpeedMPerMin: event.target.value })}
        />
      </div>
      <Field
        label="When, if not now"
        type="datetime-local"
        error={faults['weldedAt']}
        value={fields.weldedAt}
        onChange={(event) => onChange({ weldedAt: event.target.value })}
      />
      <label className="label-text">
        Note
        <textarea
          rows={2}
          maxLength={NOTE_MAX}
          value={fields.note}
          onChange={(event) => onChange({ note: event.target.value })}
          className="mt-1 block w-full rounded-md border border-line-strong bg-plate p-2 text-base text-ink"
        />
      </label>
    </div>
  );
}
