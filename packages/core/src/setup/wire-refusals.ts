import type { Work } from '../material/work.ts';
import { SMALLEST_WIRE_MM, type WireDiameterMm, wireDiameterRow } from '../wire/wire-diameter.ts';
import { smallerWire } from './choose-wire.ts';
import { refused } from './refusal.ts';
import type { RefusedSetup } from './setup.ts';

/** Refusal of a wire whose window begins above the current wanted: heat is never added to suit a wire. */
export function wireTooLarge(
  work: Work,
  diameterMm: WireDiameterMm,
  wantedA: number,
  lowA: number,
): RefusedSetup {
  const smaller = smallerWire(work, diameterMm) ?? SMALLEST_WIRE_MM;
  return refused(
    work,
    'wire-too-large',
    [
      `${diameterMm} mm wire wants at least ${lowA} A and this work takes ${Math.round(wantedA)} A: it would stub or blow through.`,
    ],
    [`Take ${smaller} mm wire.`],
  );
}

/** Refusal of a wire far too thin for the work. */
export function wireTooSmall(work: Work, diameterMm: WireDiameterMm): RefusedSetup {
  const [, most] = wireDiameterRow(diameterMm).steelThicknessMm;
  return refused(
    work,
    'wire-too-small',
    [
      `${diameterMm} mm wire is for work up to about ${most} mm: here it would take pass upon pass of cold bead.`,
    ],
    ['Take a larger wire, or spray, pulse or flux core.'],
  );
}

/** Refusal for a wire that has no short-circuit window at all. */
export function wireWithoutWindow(work: Work, diameterMm: WireDiameterMm): RefusedSetup {
  return refused(
    work,
    'wire-without-window',
    [`${diameterMm} mm solid wire is a spray wire: it has no short-circuit window.`],
    ['Take 1.2 mm wire or smaller.'],
  );
}
