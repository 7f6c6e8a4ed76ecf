import { shortCircuitDemand } from '../demand/current-demand.ts';
import { governingThickness } from '../demand/governing-thickness.ts';
import type { Work } from '../material/work.ts';
import { shortCircuitWindow } from '../transfer/short-circuit.ts';
import { isSolidSteelWire, type WireClass } from '../wire/wire-class.ts';
import { SMALLEST_WIRE_MM, type WireDiameterMm, wireDiameterRow } from '../wire/wire-diameter.ts';
import type { Resources } from './setup.ts';

/** How far past a window's edge a wire is still let run: the windows are round figures, ours ±10 %. */
export const WINDOW_EDGE_TOLERANCE = 0.1;

/**
 * Share over the top current that one pass still takes at a slower hand: the demand itself is no surer than
 * that. Source: our model, from the confidence of the starting rows.
 */
export const ONE_PASS_OVER = 0.15;

export interface WireChoice {
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
  readonly origin: 'asked' | 'loaded' | 'assumed';
  readonly why: string;
}

/** Order in which diameters are tried when nothing is asked or loaded. Source: common practice. */
const FIRST_CHOICE: readonly WireDiameterMm[] = [0.8, 0.9, 1.0, 1.2, 0.6];

/** Where the current wanted lies against a wire's window: under it, in it, or over it. */
export function windowFit(work: Work, diameterMm: WireDiameterMm): 'under' | 'in' | 'over' | 'none' {
  const window = shortCircuitWindow(diameterMm);
  if (!window) return 'none';
  const { wantedA } = shortCircuitDemand(work, wireDiameterRow(diameterMm).trueMm);
  if (wantedA < window.lowA * (1 - WINDOW_EDGE_TOLERANCE)) return 'under';
  return wantedA > window.highA ? 'over' : 'in';
}

function firstChoice(work: Work): WireDiameterMm {
  const { thicknessMm } = governingThickness(work.thicknessMm, work.otherThicknessMm);
  const suits = (d: WireDiameterMm): boolean => {
    const [min, max] = wireDiameterRow(d).steelThicknessMm;
    return thicknessMm >= min && thicknessMm <= max;
  };
  const inWindow = FIRST_CHOICE.filter((d) => windowFit(work, d) === 'in');
  return inWindow.find(suits) ?? inWindow[0] ?? (thicknessMm < 2 ? SMALLEST_WIRE_MM : 1.2);
}

/** The largest wire that is not too large for the work, for "take this instead". */
export function smallerWire(work: Work, thanMm: WireDiameterMm): WireDiameterMm | undefined {
  const smaller = FIRST_CHOICE.filter((d) => d < thanMm && windowFit(work, d) !== 'under');
  return smaller.length === 0 ? undefined : (Math.max(...smaller) as WireDiameterMm);
}

/** The smallest larger wire whose window holds the whole current, for "takes this in one pass". */
export function onePassWire(work: Work, thanMm: WireDiameterMm): WireDiameterMm | undefined {
  return FIRST_CHOICE.find((d) => d > thanMm && windowFit(work, d) === 'in');
}

/** Whether a loaded wire is kept: in its window, or so little over it that one pass still carries the work. */
function carriesOn(work: Work, diameterMm: WireDiameterMm): boolean {
  const fit = windowFit(work, diameterMm);
  const window = shortCircuitWindow(diameterMm);
  if (fit !== 'over' || !window) return fit === 'in';
  const { wantedA } = shortCircuitDemand(work, wireDiameterRow(diameterMm).trueMm);
  return wantedA <= window.highA * (1 + ONE_PASS_OVER);
}

/** The wire to plan with: asked, else loaded when the work is in its range, else first choice by thickness. */
export function chooseWire(work: Work, resources: Resources): WireChoice {
  const { machine, wireClass = 'ER70S-6' } = resources;
  if (resources.wireDiameterMm !== undefined) {
    return { wireClass, diameterMm: resources.wireDiameterMm, origin: 'asked', why: 'The wire you named.' };
  }
  const loaded =
    machine !== undefined &&
    isSolidSteelWire(machine.loadedWireClass) &&
    (resources.wireClass === undefined || resources.wireClass === machine.loadedWireClass);
  if (loaded && carriesOn(work, machine.loadedWireDiameterMm)) {
    return {
      wireClass: machine.loadedWireClass,
      diameterMm: machine.loadedWireDiameterMm,
      origin: 'loaded',
      why: `It is on ${machine.name} and the work is in its range.`,
    };
  }
  const diameterMm = firstChoice(work);
  const why = loaded
    ? `${machine.loadedWireDiameterMm} mm on ${machine.name} is out of its range here; ${diameterMm} mm fits.`
    : 'First choice for this thickness; carry on with what is loaded when it is in range.';
  return { wireClass, diameterMm, origin: 'assumed', why };
}
