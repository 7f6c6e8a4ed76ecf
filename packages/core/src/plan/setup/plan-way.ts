import { amount } from '../../base/words/amount.ts';
import { words } from '../../base/words/words.ts';
import { weldSizeOf } from '../bead/weld-size.ts';
import { type Caution, gravestFirst } from '../caution/caution.ts';
import { setupCautions } from '../caution/setup-cautions.ts';
import { workCautions } from '../caution/work-cautions.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import { feedPathOf } from '../../trade/feed-path.ts';
import { argonMeterReadingLPerMin, gasFlowLPerMin } from '../../trade/gas/gas-flow.ts';
import { learnedOffset, provenFor } from '../../window/learning/learned-offset.ts';
import { loadedWire } from '../../machine/machine.ts';
import { polarityOf } from '../../trade/polarity.ts';
import { PRACTICE, YOURS } from '../../base/source.ts';
import type { Span } from '../../base/numeric/span.ts';
import { isSameWire } from '../../trade/wire/shelf-wire.ts';
import type { BeadPlan } from '../bead/bead-plan.ts';
import { heatInputKJPerMm } from '../../trade/heat/heat-input.ts';
import { fitUpOf } from './fit-up.ts';
import {
  currentOf,
  followedV,
  LEAST_EXTENSION_MM,
  shifted,
  speedSchools,
  voltsSpan,
  type WireInArc,
  wireSpeedOf,
  wireSpeedSpan,
} from './numbers.ts';
import { type WeldPlan, weldPlan } from './plan-runs.ts';
import { reasonsFor } from './reasons.ts';
import { schoolsTouched } from './schools-touched.ts';
import { programFor, type ProgramTerm } from '../../machine/program.ts';
import { secondarySettings } from '../secondary/secondary-setting.ts';
import type { SettledWay } from './settle-way.ts';
import { MODEL_VERSION, type OwnNumbers, type PlannedSetup } from './setup.ts';
import { techniqueOf } from './technique.ts';
import { weldTotals } from './weld-totals.ts';

function started(span: Span, own: number | undefined): Span {
  return own === undefined ? span : { ...span, start: own };
}

function programOf({ open, wire, gas }: SettledWay): ProgramTerm | undefined {
  const programs = open.context.resources.machine?.programs ?? [];
  if (programs.length === 0) return undefined;
  const { wireClass, diameterMm } = wire;
  return programFor(programs, { wireClass, diameterMm, gas: gas.gas.id, mode: open.mode });
}

function distanceOf(
  { open, wire }: SettledWay,
  own: OwnNumbers,
): Pick<PlannedSetup, 'ctwdMm' | 'extensionMm'> {
  const { ctwdMm, arcMm } = open.family.distance(wire.diameterMm);
  const extension = (ctwd: number): number => Math.max(ctwd - arcMm, LEAST_EXTENSION_MM);
  const settled = started(ctwdMm, own.ctwdMm);
  return {
    ctwdMm: settled,
    extensionMm: {
      start: extension(settled.start),
      low: extension(settled.low),
      high: extension(settled.high),
    },
  };
}

interface Speed extends Pick<PlannedSetup, 'speedSchools' | 'wireFeedSpeedMPerMin'> {
  readonly currentA: number;
  readonly rows: readonly DemandRow[];
}

function speedOf(settled: SettledWay, arc: WireInArc, own: OwnNumbers): Speed {
  const { demand, limits, plannedA, open } = settled;
  const { thickness, schools: choices } = open.context;
  const planned = wireSpeedOf(arc, plannedA);
  const factor = demand.wantedA / (demand.rows[0]?.currentA ?? demand.wantedA);
  const schools = speedSchools(arc, thickness.thicknessMm, factor, planned);
  const span = wireSpeedSpan(
    planned,
    schools,
    open.family.confidence(thickness.thicknessMm) + demand.tolerance,
    [wireSpeedOf(arc, limits.rangeA[0]), wireSpeedOf(arc, limits.rangeA[1])],
  );
  const rows: DemandRow[] = [...demand.rows, ...limits.rowsFor(demand.wantedA)];
  const other = schools.find(({ id }) => id === choices.wireSpeed)?.wireFeedSpeedMPerMin;
  let start = planned;
  if (choices.wireSpeed !== 'melting-rate' && other !== undefined) {
    start = Math.min(Math.max(other, span.low), span.high);
    const why = 'This shop starts from amps by thickness: the current that its wire speed draws.';
    rows.push({
      kind: 'school',
      label: 'amps by thickness',
      currentA: currentOf(arc, start),
      why,
      source: PRACTICE,
    });
  }
  if (own.wireFeedSpeedMPerMin !== undefined) {
    start = own.wireFeedSpeedMPerMin;
    const why = 'The current your wire speed draws.';
    rows.push({
      kind: 'yours',
      label: 'your wire speed',
      currentA: currentOf(arc, start),
      why,
      source: YOURS,
    });
  }
  const currentA = rows.at(-1)?.currentA ?? plannedA;
  return { speedSchools: schools, wireFeedSpeedMPerMin: { ...span, start }, currentA, rows };
}

/** How far travel may wander while the bead stays what it is meant to be, as a share. Source: our model. */
const TRAVEL_BAND = 0.15;

function travelSpan({ travelMmPerMin: start, hand }: BeadPlan): Span {
  const [slowest, fastest] = hand.hardMmPerMin;
  return {
    start,
    low: Math.max(start * (1 - TRAVEL_BAND), slowest),
    high: Math.min(start * (1 + TRAVEL_BAND), fastest),
  };
}

function voltsOf({ open, trueDiameterMm, gas, demand }: SettledWay, currentA: number): Span {
  return voltsSpan({
    family: open.family,
    trueDiameterMm,
    currentA,
    gas: gas.gas,
    work: open.context.work,
    coated: open.context.pair.coated,
    tolerance: demand.tolerance,
  });
}

/** What beads on the machine taught with this wire, gas and mode, and what they proved for this very work. */
function taughtOf({ open, wire, gas }: SettledWay): Pick<PlannedSetup, 'learned' | 'proven'> {
  const { resources, schools, work } = open.context;
  if (!resources.machine || !resources.learning || open.family.volts.kind !== 'arc') {
    return { learned: undefined, proven: undefined };
  }
  const given = { wire, gas: gas.gas.id, mode: open.mode };
  const learned = learnedOffset(resources.learning, given, work);
  return {
    learned: learned && { ...learned, followed: schools.learning === 'follow-machine' },
    proven: provenFor(resources.learning, given, work),
  };
}

/** A wire that is neither on the machine nor on a shelf that is known. */
function wireToGet({ open, wire }: SettledWay): readonly Caution[] {
  const { shelf, machine } = open.context.resources;
  if (!shelf || wire.origin !== 'assumed') return [];
  const held = [...shelf.wires, ...(machine ? [loadedWire(machine)] : [])];
  if (held.some((w) => isSameWire(w, wire))) return [];
  const text = words`${amount.wireSize(wire.diameterMm)} ${wire.wireClass} is not on the shelf: get it, or name a wire that is.`;
  return [{ code: 'wire-to-get', level: 'warn', text, source: PRACTICE }];
}

function cautionsOf(
  settled: SettledWay,
  currentA: number,
  { bead, runs }: WeldPlan,
): PlannedSetup['cautions'] {
  const { open, wire, gas, limits } = settled;
  const { work, pair, thickness } = open.context;
  return gravestFirst([
    ...workCautions(work, pair, thickness, gas.gas.id !== 'none'),
    ...setupCautions({
      context: open.context,
      way: open.way,
      family: open.family,
      wireClass: wire.wireClass,
      diameterMm: wire.diameterMm,
      gas: gas.gas,
      currentA,
      bead,
      runs,
    }),
    ...limits.cautions,
    ...(gas.caution ? [gas.caution] : []),
    ...wireToGet(settled),
  ]);
}

/** A settled way written out as a plan, but for the other ways beside it. */
export function planWay(settled: SettledWay, own: OwnNumbers): Omit<PlannedSetup, 'ways'> {
  const { open, wire, gas, trueDiameterMm, limits } = settled;
  const { family, context } = open;
  const { work, pair, thickness, resources, schools } = context;
  const distance = distanceOf(settled, own);
  const arc: WireInArc = {
    family,
    wireClass: wire.wireClass,
    diameterMm: wire.diameterMm,
    trueDiameterMm,
    extensionMm: distance.extensionMm.start,
  };
  const { currentA, rows, ...speed } = speedOf(settled, arc, own);
  const { low, high } = speed.wireFeedSpeedMPerMin;
  const taught = taughtOf(settled);
  const movedV = followedV(taught.learned);
  const volts = started(shifted(voltsOf(settled, currentA), movedV), own.volts);
  const weld = weldPlan(settled, {
    arc,
    way: open.way,
    currentA,
    wireFeedSpeedMPerMin: speed.wireFeedSpeedMPerMin.start,
    volts: volts.start,
    movedV,
  });
  const { bead, runs } = weld;
  const fitUp = fitUpOf(family, work, pair, thickness);
  const flow = started(
    gasFlowLPerMin(family.flow(currentA), gas.gas),
    gas.gas.id === 'none' ? undefined : own.gasFlowLPerMin,
  );
  const plan = {
    status: 'planned',
    modelVersion: MODEL_VERSION,
    work,
    family: family.id,
    familyName: family.name,
    weldMetal: pair.weldMetal,
    way: open.way,
    transferMode: open.mode,
    wire: { wireClass: wire.wireClass, diameterMm: wire.diameterMm, trueDiameterMm, origin: wire.origin },
    gas: {
      gas: gas.gas,
      origin: gas.origin,
      meterReadingLPerMin: argonMeterReadingLPerMin(flow.start, gas.gas),
    },
    polarity: polarityOf(wire.wireClass),
    feedPath: feedPathOf(open.way, family, {
      weldMetal: pair.weldMetal,
      diameterMm: wire.diameterMm,
      currentA,
    }),
    ...speed,
    volts,
    voltsKind: family.volts.kind,
    ...taught,
    currentA: {
      start: currentA,
      low: Math.min(currentOf(arc, low), currentA),
      high: Math.max(currentOf(arc, high), currentA),
    },
    gasFlowLPerMin: flow,
    ...distance,
    travelMmPerMin: travelSpan(bead),
    technique: techniqueOf(family, work),
    fitUp,
    secondary: secondarySettings(
      {
        family,
        work,
        wireClass: wire.wireClass,
        thinnerMm: thickness.thinnerMm,
        wireFeedSpeedMPerMin: speed.wireFeedSpeedMPerMin.start,
        volts: volts.start,
        currentA,
        travelMmPerMin: bead.travelMmPerMin,
        flowLPerMin: flow.start,
      },
      resources.machine,
    ),
    program: programOf(settled),
    bead,
    runs,
    weldSize: weldSizeOf(work, thickness.thinnerMm),
    heatInputKJPerMm: heatInputKJPerMm(volts.start, currentA, bead.travelMmPerMin),
    totals: weldTotals(work, runs, {
      sides: fitUp.sides,
      flowLPerMin: flow.start,
    }),
    demand: rows,
    schoolsTouched: schoolsTouched(settled, taught.learned),
    limits: { checked: limits.checked, text: limits.text },
    own,
    cautions: cautionsOf(settled, currentA, weld),
  } as const;
  return {
    ...plan,
    reasons: reasonsFor(plan, { wire: wire.why, schools, machineName: resources.machine?.name }),
  };
}
