import { type Units, wireSizeText } from '@hot-bead/core/base';
import { validated } from '@hot-bead/contract/base';
import { entryPointSchema, type KeptMachine } from '@hot-bead/contract/machine';
import {
  type EntryFor,
  type EntryLine,
  isSameLine,
  loadedWire,
  type EntryPoint,
  type EntryUnit,
  entryLineFault,
  type OneEntry,
} from '@hot-bead/core/machine';
import { gasOf } from '@hot-bead/core/trade';
import { usePreferences } from '../../preferences/preferences.tsx';
import { Removable } from '../../ui/removable.tsx';
import { shownAs } from '../../units/index.ts';
import { calibratedAt } from './calibration-age.ts';
import { agoText } from '../../ui/ago-text.ts';
import { entryPointText } from './entry-text.ts';
import { PastReadings } from './past-readings.tsx';
import { useChangeWithUndo } from './use-change-with-undo.ts';
import { ValuesForm } from './values-form.tsx';
import { Section } from '../../ui/page/section.tsx';

const ENTRY_NAME: Readonly<Record<EntryUnit, string>> = {
  mm: 'Thickness entered (mm)',
  in: 'Thickness entered (in)',
  A: 'Amps entered',
  'm/min': 'Wire speed entered (m/min)',
  'in/min': 'Wire speed entered (in/min)',
  mark: 'Mark entered',
};

const nameOf = ({ wireClass, diameterMm, gas }: EntryFor, units: Units): string =>
  `${wireSizeText(diameterMm, units)} ${wireClass}, ${gasOf(gas).name}`;

/** The points of a line with one more, or without one; a line without points goes. */
function withPoints(oneEntry: OneEntry, line: EntryFor, points: readonly EntryPoint[]): OneEntry {
  const others = oneEntry.lines.filter((other) => !isSameLine(other, line));
  const { wireClass, diameterMm, gas } = line;
  return {
    ...oneEntry,
    lines: points.length === 0 ? others : [...others, { wireClass, diameterMm, gas, points }],
  };
}

function Line({
  line,
  unit,
  onTakeOut,
}: {
  readonly line: EntryLine;
  readonly unit: EntryUnit;
  readonly onTakeOut: (point: EntryPoint) => void;
}) {
  const { units } = usePreferences();
  return (
    <div>
      <h3 className="font-semibold">{nameOf(line, units)}</h3>
      <ul className="mt-1 flex flex-wrap gap-2">
        {line.points
          .toSorted((a, b) => a.entry - b.entry)
          .map((point) => {
            const text = entryPointText(point, unit, units);
            return (
              <Removable key={point.entry} removeLabel={`Take ${text} out`} onRemove={() => onTakeOut(point)}>
                {text}
              </Removable>
            );
          })}
      </ul>
      {line.points.length < 2 && (
        <p className="text-sm text-ink-soft">One point says nothing yet: record another.</p>
      )}
    </div>
  );
}

/** What the machine chooses of itself for its one entry, recorded at a few points; plans then give entry and trim. */
export function EntrySection({ machine }: { readonly machine: KeptMachine }) {
  const { units } = usePreferences();
  const change = useChangeWithUndo(machine);
  const { oneEntry } = machine;
  if (!oneEntry) return null;
  const set = (next: OneEntry, done: string, settle?: (error?: Error) => void): void =>
    change.set({ oneEntry: next }, done, settle);
  const loaded: EntryFor = { ...loadedWire(machine), gas: machine.loadedGas };
  const points = oneEntry.lines.find((line) => isSameLine(line, loaded))?.points ?? [];
  const speed = shownAs('wireFeedSpeed', units);
  const { entry: readAt } = calibratedAt(machine);
  return (
    <Section
      id="entry"
      title="What it chooses for its one entry"
      className="grid grid-cols-1 content-start gap-3"
    >
      <p className="text-ink-soft">
        Its own choice is a chart for one joint. With the trim at nought, enter a few values over the scale
        and write down the wire speed and volts it takes: plans then give entry and trim.
      </p>
      {oneEntry.lines.map((line) => (
        <Line
          key={nameOf(line, units)}
          line={line}
          unit={oneEntry.unit}
          onTakeOut={(point) =>
            set(
              withPoints(
                oneEntry,
                line,
                line.points.filter((other) => other !== point),
              ),
              'Point taken out',
            )
          }
        />
      ))}
      <h3 className="label-text">Record another, with what is on it: {nameOf(loaded, units)}</h3>
      <ValuesForm
        label="Record what it chooses"
        values={[
          { name: 'entry', label: ENTRY_NAME[oneEntry.unit] },
          { name: 'wireFeedSpeedMPerMin', label: `Wire speed (${speed.unit})` },
          { name: 'volts', label: 'Volts' },
        ]}
        saving={change.saving}
        check={({ wireFeedSpeedMPerMin, ...values }) =>
          validated(entryPointSchema, {
            ...values,
            wireFeedSpeedMPerMin:
              typeof wireFeedSpeedMPerMin === 'number'
                ? speed.to(wireFeedSpeedMPerMin)
                : wireFeedSpeedMPerMin,
          })
        }
        onKeep={(point, settle) => {
          const next = [...points, point];
          const fault = entryLineFault(next);
          if (fault !== undefined) return settle(new Error(fault));
          set(withPoints(oneEntry, loaded, next), 'Point recorded', settle);
        }}
      />
      {readAt && <p className="text-sm text-ink-soft">Last recorded {agoText(readAt, new Date())}.</p>}
      <PastReadings machine={machine} kind="entry" />
    </Section>
  );
}
