import { beadPlan, HAND_TRAVEL_RANGE_MM_PER_MIN } from '../bead/travel.ts';
import { type Caution, gravestFirst } from '../caution/caution.ts';
import { shortCircuitCautions } from '../caution/short-circuit-cautions.ts';
import { type CurrentDemand, type DemandRow, shortCircuitDemand } from '../demand/current-demand.ts';
import { type GoverningThickness, governingThickness } from '../demand/governing-thickness.ts';
import { SHORT_CIRCUIT_NOZZLE_BORE_MM, solidSteelFeedPath } from '../feed-path/feed-path.ts';
import { SHORT_CIRCUIT_FLOW, startFlowLPerMin } from '../gas/gas-flow.ts';
import type { Work } from '../material/work.ts';
import { polarityOf } from '../polarity/polarity.ts';
import { YOURS } from '../provenance/source.ts';
import { within } from '../quantity/out-of-range-error.ts';
import { THICKNESS_RANGE_MM } from '../quantity/thickness.ts';
import { wireDiameterRow } from '../wire/wire-diameter.ts';
import { chooseGas, type GasChoice } from './choose-gas.ts';
import { chooseWire, type WireChoice } from './choose-wire.ts';
import { wireWithoutWindow } from './wire-refusals.ts';
import { type CurrentLimits, currentLimits, judgeCurrent } from './judge-current.ts';
import { reasonsFor } from './reasons.ts';
import { refusalOfFamily } from './refusal.ts';
import {
  MODEL_VERSION,
  type OwnNumbers,
  type PlannedSetup,
  type Resources,
  type Setup,
  type Span,
} from './setup.ts';
import {
  rowConfidence,
  shortCircuitCurrent,
  shortCircuitVolts,
  shortCircuitWireSpeed,
  wireSpeedSchools,
  wireSpeedSpan,
} from './short-circuit-numbers.ts';
import { gunAngle, SHORT_CIRCUIT_CTWD_MM, SHORT_CIRCUIT_EXTENSION_MM } from './technique.ts';

/** Wire speed a user may set by hand, m/min, and volts, V. */
export const OWN_WIRE_SPEED_RANGE_M_PER_MIN = [0.5, 25] as const;
export const OWN_VOLTS_RANGE = [8, 45] as const;

interface Chosen {
  readonly work: Work;
  readonly thickness: GoverningThickness;
  readonly wire: WireChoice;
  readonly gas: GasChoice;
  readonly demand: CurrentDemand;
  readonly limits: CurrentLimits;
  readonly own: OwnNumbers;
}

/** The current to run: wanted, held to the limits, or drawn by the user's own wire speed. */
function settledCurrent({ demand, limits, own, wire }: Chosen): {
  currentA: number;
  rows: readonly DemandRow[];
} {
  const rows = [...demand.rows];
  let currentA = demand.wantedA;
  if (currentA > limits.topA) {
    currentA = limits.topA;
    rows.push({
      kind: 'limit',
      label: limits.topLabel,
      currentA,
      why: limits.topWhy,
      source: limits.topSource,
    });
  }
  if (own.wireFeedSpeedMPerMin !== undefined) {
    currentA = shortCircuitCurrent(own.wireFeedSpeedMPerMin, wire.diameterMm);
    rows.push({
      kind: 'yours',
      label: 'your wire speed',
      currentA,
      why: 'The current your wire speed draws.',
      source: YOURS,
    });
  }
  return { currentA, rows };
}

function voltsSpan(chosen: Chosen, currentA: number): Span {
  const span = shortCircuitVolts({
    currentA,
    diameterMm: chosen.wire.diameterMm,
    gas: chosen.gas.gas,
    joint: chosen.work.joint,
    coated: chosen.work.metal === 'coated-steel',
    tolerance: chosen.demand.tolerance,
  });
  return chosen.own.volts === undefined ? span : { ...span, start: chosen.own.volts };
}

function travelSpan(start: number, [slowest, fastest]: readonly [number, number]): Span {
  return { start, low: Math.max(start * 0.85, slowest), high: Math.min(start * 1.15, fastest) };
}

function speedSpan(chosen: Chosen, currentA: number): Pick<PlannedSetup, 'schools' | 'wireFeedSpeedMPerMin'> {
  const { demand, limits, thickness, wire, own } = chosen;
  const speedOf = (amps: number): number => shortCircuitWireSpeed(amps, wire.diameterMm);
  const planned = speedOf(Math.min(demand.wantedA, limits.topA));
  const factor = demand.wantedA / (demand.rows[0]?.currentA ?? demand.wantedA);
  const schools = wireSpeedSchools(thickness.thicknessMm, wire.diameterMm, factor, planned);
  const span = wireSpeedSpan(planned, schools, rowConfidence(thickness.thicknessMm) + demand.tolerance, [
    speedOf(limits.rangeA[0]),
    speedOf(limits.rangeA[1]),
  ]);
  const start = own.wireFeedSpeedMPerMin === undefined ? span.start : speedOf(currentA);
  return { schools, wireFeedSpeedMPerMin: { ...span, start } };
}

function assemble(chosen: Chosen): PlannedSetup {
  const { work, wire, gas, thickness, limits, own } = chosen;
  const { currentA, rows } = settledCurrent(chosen);
  const { schools, wireFeedSpeedMPerMin } = speedSpan(chosen, currentA);
  const trueDiameterMm = wireDiameterRow(wire.diameterMm).trueMm;
  const bead = beadPlan({
    joint: work.joint,
    position: work.position,
    governingMm: thickness.thicknessMm,
    thinnerMm: thickness.thinnerMm,
    wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.start,
    trueDiameterMm,
    passesForCurrent: limits.passes,
  });
  const flow = SHORT_CIRCUIT_FLOW.normalLPerMin;
  const extra: Caution[] = [...limits.cautions, ...(gas.caution ? [gas.caution] : [])];
  const base = {
    status: 'planned',
    modelVersion: MODEL_VERSION,
    work,
    wire: { wireClass: wire.wireClass, diameterMm: wire.diameterMm, trueDiameterMm, origin: wire.origin },
    gas: { gas: gas.gas, origin: gas.origin },
    transferMode: 'short-circuit',
    polarity: polarityOf(wire.wireClass),
    feedPath: solidSteelFeedPath(wire.diameterMm),
    wireFeedSpeedMPerMin,
    volts: voltsSpan(chosen, currentA),
    currentA: {
      start: currentA,
      low: Math.min(shortCircuitCurrent(wireFeedSpeedMPerMin.low, wire.diameterMm), currentA),
      high: Math.max(shortCircuitCurrent(wireFeedSpeedMPerMin.high, wire.diameterMm), currentA),
    },
    gasFlowLPerMin: {
      start: startFlowLPerMin(SHORT_CIRCUIT_NOZZLE_BORE_MM, SHORT_CIRCUIT_FLOW),
      low: flow[0],
      high: flow[1],
    },
    ctwdMm: SHORT_CIRCUIT_CTWD_MM,
    extensionMm: SHORT_CIRCUIT_EXTENSION_MM,
    travelMmPerMin: travelSpan(bead.travelMmPerMin, HAND_TRAVEL_RANGE_MM_PER_MIN),
    gunAngle: gunAngle(work),
    bead,
    demand: rows,
    schools,
    limits: { checked: limits.checked, text: limits.text },
    own,
    cautions: gravestFirst([...shortCircuitCautions(work, thickness, gas.gas, currentA), ...extra]),
  } as const;
  return { ...base, reasons: reasonsFor(base, wire.why) };
}

/**
 * From the work and what is at hand to a complete setup, or a refusal with its reason.
 *
 * Plans short-circuit with solid wire on carbon steel; work of other families is refused with the code
 * `not-planned-yet`, never planned as something it is not.
 *
 * @param work complete work; both thicknesses in mm, {@link THICKNESS_RANGE_MM}
 * @param resources wire, gas and machine, as far as they are settled
 * @param own numbers set by hand; the others follow them
 * @returns a plan whose every number has a range and a reason, or a refusal
 * @throws {OutOfRangeError} thickness or an own number outside its range or not finite
 * @source our model; each item of the result carries its own source
 */
export function planSetup(work: Work, resources: Resources = {}, own: OwnNumbers = {}): Setup {
  within('thickness', work.thicknessMm, THICKNESS_RANGE_MM, 'thickness-out-of-range');
  within(
    'other thickness',
    work.otherThicknessMm ?? work.thicknessMm,
    THICKNESS_RANGE_MM,
    'thickness-out-of-range',
  );
  if (own.wireFeedSpeedMPerMin !== undefined) {
    within('wire feed speed', own.wireFeedSpeedMPerMin, OWN_WIRE_SPEED_RANGE_M_PER_MIN);
  }
  if (own.volts !== undefined) within('volts', own.volts, OWN_VOLTS_RANGE);
  const family = refusalOfFamily(work, resources);
  if (family) return family;
  const wire = chooseWire(work, resources);
  const gas = chooseGas(work, resources);
  const judged = currentLimits(wire.diameterMm, resources.machine);
  if (judged === undefined) return wireWithoutWindow(work, wire.diameterMm);
  const demand = shortCircuitDemand(work, wireDiameterRow(wire.diameterMm).trueMm);
  const limits = judgeCurrent(work, wire.diameterMm, demand.wantedA, judged);
  if (limits.status === 'refused') return limits;
  const thickness = governingThickness(work.thicknessMm, work.otherThicknessMm);
  return assemble({ work, thickness, wire, gas, demand, limits, own });
}
