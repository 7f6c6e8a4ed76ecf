import type { OneEntry } from './one-entry.ts';
import type { Machine, VoltsControl } from './machine.ts';

/** What was read of a machine's controls: what a meter told of its volts, or what it chose for its one entry. */
export type ControlReadings =
  | { readonly kind: 'volts'; readonly value: VoltsControl }
  | { readonly kind: 'entry'; readonly value: OneEntry };

/** Every reading of a volts control, each as a line that tells it from any other. */
function voltsLines(control: VoltsControl): readonly string[] {
  if (control.kind === 'displayed') {
    return (control.meter ?? []).map(({ shownV, meterV }) => `shown ${shownV} V: ${meterV} V`);
  }
  if (control.kind === 'entry') return [];
  const places =
    control.kind === 'knob'
      ? control.places.map((place) => ({ ...place, name: `knob ${place.knob}` }))
      : control.positions;
  return places.flatMap(({ name, openV, loaded = [] }) => [
    ...(openV === undefined ? [] : [`${name}: open ${openV} V`]),
    ...loaded.map(({ volts, currentA }) => `${name}: ${volts} V at ${currentA} A`),
  ]);
}

function entryLines({ unit, lines }: OneEntry): readonly string[] {
  return lines.flatMap(({ wireClass, diameterMm, gas, points }) =>
    points.map(
      ({ entry, wireFeedSpeedMPerMin, volts }) =>
        `${diameterMm} mm ${wireClass}, ${gas}: ${entry} ${unit}: ${wireFeedSpeedMPerMin} m/min, ${volts} V`,
    ),
  );
}

/** Every reading, each as a line that tells it from any other; none of nothing. */
export function readingLines(readings: ControlReadings | undefined): readonly string[] {
  if (!readings) return [];
  return readings.kind === 'volts' ? voltsLines(readings.value) : entryLines(readings.value);
}

/** Whether any of the readings before is missing after. */
export function losesReadings(
  before: ControlReadings | undefined,
  after: ControlReadings | undefined,
): boolean {
  const left = new Set(readingLines(after));
  return readingLines(before).some((line) => !left.has(line));
}

/** Whether two hold the very same readings. */
export function isSameReadings(a: ControlReadings | undefined, b: ControlReadings | undefined): boolean {
  return !losesReadings(a, b) && !losesReadings(b, a);
}

/**
 * The machine without what a meter told of it: taps keep their names alone, a knob its scale, a display nothing. What it chooses for its
 * one entry is its make's, and stays.
 */
export function withoutReadings(machine: Machine): Machine {
  const control = machine.voltsControl;
  if (control?.kind === 'displayed') return { ...machine, voltsControl: { kind: 'displayed' } };
  if (control?.kind === 'knob') return { ...machine, voltsControl: { ...control, places: [] } };
  if (control?.kind !== 'positions') return machine;
  const positions = control.positions.map(({ name }) => ({ name }));
  return { ...machine, voltsControl: { kind: 'positions', positions } };
}
