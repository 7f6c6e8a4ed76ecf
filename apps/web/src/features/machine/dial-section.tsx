import type { KeptMachine } from '@hot-bead/contract/machine';
import { dialAtPosition, nextKnob } from '@hot-bead/core/machine';
import { useState } from 'react';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { Pick } from '../../ui/pick.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { dialsOf } from '../terms/index.ts';
import { calibratedAt, isOld } from './calibration-age.ts';
import { agoText } from '../../ui/ago-text.ts';
import { DialChart } from './reading/dial-chart.tsx';
import { DialNotes } from './dial-notes.tsx';
import { LookUp } from './look-up.tsx';
import { useAddReading } from './machines.queries.ts';
import { ReadingForm } from './reading/reading-form.tsx';
import { knobName, Readings } from './readings.tsx';

/** Taps that the wire speed goes with; none where the feeder is regulated. */
function tapsOf({ feedFollowsPosition, voltsControl }: KeptMachine): readonly string[] {
  if (feedFollowsPosition !== true || voltsControl?.kind !== 'positions') return [];
  return voltsControl.positions.map(({ name }) => name);
}

function Age({ machine }: { readonly machine: KeptMachine }) {
  const { dial } = calibratedAt(machine);
  if (!dial) return null;
  const now = new Date();
  const old = isOld(dial, now);
  return (
    <p className={old ? MIND_BOX : 'text-sm text-ink-soft'}>
      {old ? '◆ ' : ''}Oldest reading {agoText(dial, now)}.
      {old ? ' Rolls, liner and motor wear: read one place again, and all of it where that has moved.' : ''}
    </p>
  );
}

/** The wire-feed dial: look-up on top, the guided reading, the curve with its band, and the readings. */
export function DialSection({ machine }: { readonly machine: KeptMachine }) {
  const taps = tapsOf(machine);
  const dials = dialsOf(machine);
  const [picked, setPicked] = useState<string | undefined>();
  const add = useAddReading(machine.id);
  const toast = useToast();
  const control = machine.wireControl;
  if (control?.kind !== 'knob' && control?.kind !== 'letters') return null;
  const tap = taps.length === 0 ? undefined : (picked ?? dials.referencePosition ?? taps[0]);
  const dial = dialAtPosition(dials, tap);
  const range =
    control.kind === 'knob'
      ? ([control.min, control.max] as const)
      : ([0, control.names.length - 1] as const);
  const suggested = nextKnob(dial?.from === 'guessed' ? undefined : dial?.dial, range);
  return (
    <section
      id="dial"
      aria-labelledby="dial-heading"
      className="grid scroll-mt-16 grid-cols-1 gap-4 rounded-md border border-line bg-plate p-4"
    >
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h2 id="dial-heading" className="text-lg font-semibold">
          What the wire knob means
        </h2>
        {tap !== undefined && (
          <Pick
            label="On tap"
            value={tap}
            options={taps.map((name) => [name, name] as const)}
            onPick={setPicked}
          />
        )}
      </div>
      {dial && dial.dial.points.length > 1 && <LookUp machine={machine} position={tap} />}
      <div className="grid grid-cols-1 gap-4 md:grid-cols-2">
        <ReadingForm
          key={`${tap ?? ''} ${machine.dialReadings.length}`}
          control={control}
          position={tap}
          suggested={control.kind === 'letters' ? Math.round(suggested) : suggested}
          dial={dial?.dial}
          saving={add.isPending}
          onKeep={(reading, onError) =>
            add.mutate(reading, { onError, onSuccess: (_machine, undo) => toast('Reading kept', undo) })
          }
        />
        <div className="grid grid-cols-1 content-start gap-3">
          {dial ? (
            <>
              {control.kind === 'knob' && dial.dial.points.length > 1 && <DialChart dial={dial.dial} />}
              <DialNotes
                dial={dial.dial}
                dials={dials}
                from={dial.from}
                position={tap}
                nameOf={(knob) => knobName(machine, knob)}
              />
              <Age machine={machine} />
            </>
          ) : (
            <p>No reading yet. Three places, spread over the scale, take about two minutes.</p>
          )}
          <Readings machine={machine} />
        </div>
      </div>
    </section>
  );
}
