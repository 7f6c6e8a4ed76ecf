import { arcCurrentA } from '../../trade/melting/melting-law.ts';
import { STEEL_DIP } from '../../trade/family/steel.ts';
import { gasNamed } from '../../trade/gas/gas.ts';
import type { Span } from '../../base/numeric/span.ts';
import { voltsSpan } from '../../plan/setup/numbers.ts';
import { wireDiameterRow } from '../../trade/wire/wire-diameter.ts';
import type { MapSetting } from './window-map.ts';

/** Least extension that the planner's melting law is used at, mm, and what the arc takes of the distance. Source: our model. */
const LEAST_EXTENSION_MM = 5;
const ARC_MM = 1.5;

/**
 * Volts that the planner would start a closed butt at in flat position, with its window, at a wire speed: what the model is held
 * against.
 *
 * @returns undefined: the planner knows nothing of this gas
 * @source the planner's own line for short arc on steel
 */
export function plannerVolts(
  { wireMm, gas, tipToWorkMm }: MapSetting,
  wireFeedSpeedMPerMin: number,
): Span | undefined {
  const known = gasNamed(gas);
  if (!known) return undefined;
  const { trueMm } = wireDiameterRow(wireMm);
  const extensionMm = Math.max(LEAST_EXTENSION_MM, tipToWorkMm - ARC_MM);
  const law = STEEL_DIP.melting('ER70S-6', wireMm);
  return voltsSpan({
    family: STEEL_DIP,
    gas: known,
    currentA: arcCurrentA(law, wireFeedSpeedMPerMin, { diameterMm: trueMm, extensionMm }),
    trueDiameterMm: trueMm,
    work: { joint: 'butt', position: 'flat' },
    coated: false,
    tolerance: 0,
  });
}
