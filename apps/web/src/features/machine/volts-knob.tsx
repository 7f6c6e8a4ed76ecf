import { validated } from '@hot-bead/contract/base';
import { type KeptMachine, voltsPlaceReadingSchema } from '@hot-bead/contract/machine';
import { bandAt } from '@hot-bead/core/base';
import {
  fallingPlaces,
  nextVoltsPlace,
  type VoltsControl,
  voltsOverKnob,
  type VoltsPlace,
  withReading,
} from '@hot-bead/core/machine';
import { voltsTerm, type VoltsTerm } from '@hot-bead/core/terms';
import { MIND_BOX } from '../../ui/page/notices.tsx';
import { Table } from '../../ui/page/table.tsx';
import { Removable } from '../../ui/removable.tsx';
import { VoltsWanted } from './volts-wanted.tsx';
import { useChangeWithUndo } from './use-change-with-undo.ts';
import { useShownCurrent } from './use-shown-current.tsx';
import { ValuesForm } from './values-form.tsx';
import { VoltsKnobChart } from './volts-knob-chart.tsx';

type Knob = Extract<VoltsControl, { kind: 'knob' }>;

/** What is left of a place's readings takes their place; a place without readings goes. */
function withLeft(control: Knob, at: number, { openV, loaded = [] }: Omit<VoltsPlace, 'knob'>): Knob {
  const places = control.places.flatMap((place): VoltsPlace[] => {
    if (place.knob !== at) return [place];
    if (openV === undefined && loaded.length === 0) return [];
    return [
      {
        knob: at,
        ...(openV === undefined ? {} : { openV }),
        ...(loaded.length === 0 ? {} : { loaded }),
      },
    ];
  });
  return { ...control, places };
}

/** "Want 18 V at 100 A → knob 4½". */
function KnobFor({
  machine,
  control,
  currentA,
}: {
  readonly machine: KeptMachine;
  readonly control: Knob;
  readonly currentA: number;
}) {
  return (
    <VoltsWanted>
      {(wanted) => <KnobAnswer term={voltsTerm({ ...machine, voltsControl: control }, wanted, currentA)} />}
    </VoltsWanted>
  );
}

function KnobAnswer({ term }: { readonly term: VoltsTerm }) {
  return (
    <>
      {term.status === 'not-measured' && 'Two places make a line; three or more show its bend.'}
      {term.status === 'out-of-reach' && (
        <>
          Past the readings: {term.endV.toFixed(1)} V at {term.endWords}. Measure further.
        </>
      )}
      {term.status === 'knob' && (
        <>
          Turn the volts knob to <span className="figure-text text-4xl">{term.figure.text}</span>{' '}
          <span className="text-base text-ink-soft">± {term.figure.plusMinus}</span>
        </>
      )}
    </>
  );
}

function PlaceRow({
  place,
  atArc,
  onTakeOut,
}: {
  readonly place: VoltsPlace;
  readonly atArc: string;
  readonly onTakeOut: (left: Omit<VoltsPlace, 'knob'>) => void;
}) {
  const { knob, openV, loaded = [] } = place;
  return (
    <tr className="border-b border-line align-baseline last:border-b-0">
      <th scope="row" className="figure-text py-2 text-left text-2xl">
        {knob}
      </th>
      <td>
        <ul className="flex flex-wrap gap-2 text-sm">
          {openV !== undefined && (
            <Removable
              removeLabel={`Take ${openV} V open at ${knob} out`}
              onRemove={() => onTakeOut({ loaded })}
            >
              {openV} V open
            </Removable>
          )}
          {loaded.map(({ volts, currentA }, i) => (
            <Removable
              key={`${volts} ${currentA} ${i}`}
              removeLabel={`Take ${volts} V at ${currentA} A at ${knob} out`}
              onRemove={() => onTakeOut({ openV, loaded: loaded.toSpliced(i, 1) })}
            >
              {volts} V at {currentA} A
            </Removable>
          ))}
        </ul>
      </td>
      <td>{atArc}</td>
    </tr>
  );
}

/** A volts knob whose marks are no volts: read at a few places, then found for any volts. */
export function VoltsKnob({ machine, control }: { readonly machine: KeptMachine; readonly control: Knob }) {
  const { currentA: current, field } = useShownCurrent();
  const { set, saving } = useChangeWithUndo(machine);
  const kind = machine.kind ?? 'transformer';
  const curve = voltsOverKnob(control.places, kind, current);
  const falling = fallingPlaces(control.places, kind);
  const gives = (knob: number): string => {
    const band = curve && bandAt(curve, knob);
    return band
      ? `${band.start.toFixed(1)} V (${band.low.toFixed(1)} to ${band.high.toFixed(1)})`
      : 'not known yet';
  };
  return (
    <>
      <KnobFor machine={machine} control={control} currentA={current} />
      {field}
      {curve && <VoltsKnobChart curve={curve} currentA={current} />}
      {control.places.length > 0 && (
        <Table columns={['knob', 'read', `at ${current} A`]}>
          {control.places.map((place) => (
            <PlaceRow
              key={place.knob}
              place={place}
              atArc={gives(place.knob)}
              onTakeOut={(left) =>
                set({ voltsControl: withLeft(control, place.knob, left) }, 'Reading taken out')
              }
            />
          ))}
        </Table>
      )}
      {falling && (
        <p className={MIND_BOX}>
          ◆ At {falling[1]} it reads fewer volts than at {falling[0]}, and a knob does not go back: read both
          again.
        </p>
      )}
      <p>
        Most is learnt at{' '}
        <span className="figure-text text-xl">
          {nextVoltsPlace(control.places, kind, [control.min, control.max])}
        </span>
        .{' '}
        {kind === 'inverter'
          ? 'Read it while an arc burns: an inverter’s idle volts say nothing.'
          : 'Open circuit will do; volts while an arc burns, with the amps, are surer.'}
      </p>
      <ValuesForm
        label="Read the volts knob"
        values={[
          { name: 'knob', label: 'Knob at' },
          { name: 'volts', label: 'Meter reads (V)' },
          { name: 'currentA', label: 'at amps (empty: open)' },
        ]}
        saving={saving}
        check={(values) =>
          validated(voltsPlaceReadingSchema([control.min, control.max]), {
            ...values,
            currentA: values['currentA'] === '' ? undefined : values['currentA'],
          })
        }
        onKeep={(reading, settle) =>
          set(
            { voltsControl: { ...control, places: withReading(control.places, reading) } },
            'Reading kept',
            settle,
          )
        }
      />
      <p className="text-sm text-ink-soft">
        ◆ The tip is live: insulated probes, dry gloves, no contact with the work lead.
      </p>
    </>
  );
}
