/** Wire sizes as they are asked for over the counter in inches, by their nominal size in mm. Source: common practice. */
const WIRE_NAMES_IN: readonly (readonly [nominalMm: number, name: string])[] = [
  [0.6, '.024'],
  [0.8, '.030'],
  [0.9, '.035'],
  [1.0, '.040'],
  [1.2, '.045'],
  [1.4, '.052'],
  [1.6, '1/16'],
  [1.7, '.068'],
  [2.0, '5/64'],
  [2.4, '3/32'],
];

/** A nominal wire size as it is asked for in inches: `.030`; undefined for what is no such size. */
export function wireNameIn(nominalMm: number): string | undefined {
  return WIRE_NAMES_IN.find(([mm]) => Math.abs(mm - nominalMm) < 0.001)?.[1];
}
