import type { KeptDialReading, KeptMachine } from '@hot-bead/contract';
import { type Dial, dialBend, dialOf, knobFor, knobWords, measuredSpeed, nextKnob } from '@hot-bead/core';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns';
import { Trash2 } from 'lucide-react';
import { useId, useMemo, useState } from 'react';
import { usePreferences } from '../../app/preferences.tsx';
import { Button } from '../../ui/button.tsx';
import { useToast } from '../../ui/toasts.tsx';
import { shownAs, withUnit } from '../units/index.ts';
import { DialChart } from './dial-chart.tsx';
import {
  dialHistoryQuery,
  usePutBackReading,
  useSupersedeReadings,
  useTakeOutReading,
} from './machines.queries.ts';
import { ReadingForm } from './reading-form.tsx';

/** "Want 7.6 m/min → between 6 and 6½": the dial turned backwards. */
function LookUp({ dial }: { readonly dial: Dial }) {
  const { units } = usePreferences();
  const { unit, to } = shownAs('wireFeedSpeed', units);
  const [text, setText] = useState('');
  const id = useId();
  const wanted = Number(text.replace(',', '.'));
  const usable = text.trim() !== '' && Number.isFinite(wanted) && wanted > 0;
  const found = usable ? knobFor(dial, to(wanted)) : undefined;
  return (
    <div className="rounded-md border border-action bg-action-tint p-4">
      <label htmlFor={id} className="label-text">
        Want ({unit})
      </label>
      <div className="flex flex-wrap items-center gap-4">
        <input
          id={id}
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
          className="figure-text h-14 w-32 rounded-md border border-line-strong bg-plate px-3 text-3xl"
        />
        <output htmlFor={id} className="text-xl">
          {text.trim() !== '' && !usable && <span className="text-hot">A number, please.</span>}
          {found?.status === 'within' && (
            <>
              Turn the knob to <span className="figure-text text-4xl">{knobWords(found.knob.start)}</span>{' '}
              <span className="text-base text-ink-soft">
                ({found.knob.start.toFixed(1)}, {found.knob.low.toFixed(1)} to {found.knob.high.toFixed(1)})
              </span>
            </>
          )}
          {found && found.status !== 'within' && (
            <>
              Out of reach: the {found.status === 'below' ? 'slowest' : 'fastest'} reading is{' '}
              {withUnit('wireFeedSpeed', found.endMPerMin, units)} at {knobWords(found.endKnob)}.
            </>
          )}
        </output>
      </div>
    </div>
  );
}

function Notes({ dial }: { readonly dial: Dial }) {
  const { units } = usePreferences();
  const bend = dialBend(dial);
  return (
    <ul className="grid gap-1">
      {dial.doubts.map((doubt) => (
        <li
          key={doubt.code + (doubt.knob ?? '')}
          className="rounded-md border border-straw bg-straw-tint px-3 py-2"
        >
          ◆ {doubt.text}
        </li>
      ))}
      {bend && (
        <li>
          This knob is not straight: at {bend.knob} a straight line would say{' '}
          {withUnit('wireFeedSpeed', bend.straightMPerMin, units)}, {Math.abs(bend.offShare * 100).toFixed(0)}{' '}
          % off; it gives {withUnit('wireFeedSpeed', bend.measuredMPerMin, units)}.
        </li>
      )}
    </ul>
  );
}

function ReadingRow({
  machineId,
  reading,
}: {
  readonly machineId: string;
  readonly reading: KeptDialReading;
}) {
  const { units } = usePreferences();
  const takeOut = useTakeOutReading(machineId);
  const putBack = usePutBackReading(machineId);
  const toast = useToast();
  const { speedMPerMin, sdMPerMin } = measuredSpeed(reading);
  const onTakeOut = (): void =>
    takeOut.mutate(reading.id, {
      onSuccess: () => toast(`Reading at ${reading.knob} taken out`, () => putBack.mutate(reading.id)),
      onError: (error) => toast(`Not taken out. ${error.message}`),
    });
  return (
    <tr className="border-b border-line last:border-b-0">
      <th scope="row" className="figure-text py-1 text-left text-xl">
        {reading.knob}
      </th>
      <td className="figure-text text-lg">{withUnit('wireFeedSpeed', speedMPerMin, units)}</td>
      <td className="text-ink-soft">±{((196 * sdMPerMin) / speedMPerMin).toFixed(1)} %</td>
      <td className="text-sm text-ink-soft">
        {(reading.run.lengthMm / 1000).toFixed(2)} m in {reading.run.timeS} s,{' '}
        {format(new Date(reading.at), 'd MMM')}
      </td>
      <td className="w-11">
        <button
          type="button"
          aria-label={`Take the reading at ${reading.knob} out`}
          onClick={onTakeOut}
          className="grid size-11 place-items-center text-ink-soft hover:text-hot"
        >
          <Trash2 size={18} aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}

function Readings({ machine }: { readonly machine: KeptMachine }) {
  const history = useQuery(dialHistoryQuery(machine.id));
  const supersede = useSupersedeReadings(machine.id);
  const toast = useToast();
  const old = (history.data ?? []).filter((reading) => reading.supersededAt !== null).length;
  return (
    <>
      <table className="w-full">
        <thead className="sr-only">
          <tr>
            <th scope="col">Knob</th>
            <th scope="col">Speed</th>
            <th scope="col">Error</th>
            <th scope="col">Reading</th>
            <th scope="col">Take out</th>
          </tr>
        </thead>
        <tbody>
          {machine.dialReadings.map((reading) => (
            <ReadingRow key={reading.id} machineId={machine.id} reading={reading} />
          ))}
        </tbody>
      </table>
      <p className="text-sm text-ink-soft">{old} earlier readings are kept as history.</p>
      <Button
        onClick={() =>
          supersede.mutate('all', {
            onSuccess: () => toast('A new calibration: the old readings are history'),
          })
        }
      >
        Begin a new calibration
      </Button>
    </>
  );
}

/** The wire-feed dial: look-up on top, the guided reading, the curve with its band, and the readings. */
export function DialSection({ machine }: { readonly machine: KeptMachine }) {
  const dial = useMemo(() => dialOf(machine.dialReadings), [machine.dialReadings]);
  const control = machine.wireControl;
  if (control?.kind !== 'knob') return null;
  return (
    <section
      aria-labelledby="dial"
      className="grid grid-cols-1 gap-4 rounded-md border border-line bg-plate p-4"
    >
      <h2 id="dial" className="text-lg font-semibold">
        What the wire knob means
      </h2>
      {dial && dial.points.length > 1 && <LookUp dial={dial} />}
      <div className="grid grid-cols-1 gap-4 md:grid-cols-2">
        <ReadingForm
          key={machine.dialReadings.length}
          machineId={machine.id}
          suggested={nextKnob(dial, [control.min, control.max])}
          dial={dial}
        />
        <div className="grid grid-cols-1 content-start gap-3">
          {dial ? (
            <>
              {dial.points.length > 1 && <DialChart dial={dial} />}
              <Notes dial={dial} />
              <Readings machine={machine} />
            </>
          ) : (
            <p>No reading yet. Three places, spread over the scale, take about two minutes.</p>
          )}
        </div>
      </div>
    </section>
  );
}
