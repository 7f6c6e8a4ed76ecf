import { DUTY_MENTIONED_UNDER_PERCENT, DUTY_PERIOD_MIN, dutyPercent } from '../machine/duty.ts';
import { rigFact, rigState, takesSize } from '../changeover/machine-rig.ts';
import { rigNeed } from '../changeover/rig-need.ts';
import type { Circumstance } from '../trade/material/work.ts';
import type { Machine } from '../machine/machine.ts';
import { isoDaysBetween } from '../base/quantity/iso-minutes.ts';
import type { RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import { standingOf } from '../machine/rig-state/rig-fact.ts';
import { tipMinutes } from '../machine/rig-state/tip-life.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { type Cylinder, isLow, isUsedUp, type Spool } from '../stores/stock-item.ts';
import { wireClassRow } from '../trade/wire/wire-class.ts';
import type { TestBead } from '../window/bead-report.ts';
import type { FaultFact } from './fault-fact.ts';
import type { FaultSign } from './fault-sign.ts';

/** Where something is known from. */
export const EVIDENCE_SOURCES = ['rig', 'settings', 'stores', 'job', 'bead', 'machine', 'said'] as const;
export type EvidenceSource = (typeof EVIDENCE_SOURCES)[number];

/** Something that is known before anyone looks: a fact that may settle causes, or a sign that hints. */
export interface FaultEvidence {
  readonly from: EvidenceSource;
  readonly fact?: { readonly of: FaultFact; readonly value: string };
  readonly sign?: FaultSign;
  /** Since when, as an ISO date; undefined: nobody said. */
  readonly at?: string | undefined;
  /** What of the rig tells it: "no, that is wrong" is told there, as this value; null: not known any more. */
  readonly rig?: { readonly attribute: RigAttribute; readonly ifWrong: string | null };
}

/** Everything that may tell something; what is absent tells nothing. */
export interface EvidenceGiven {
  readonly machine?: Machine | undefined;
  readonly plan?: PlannedSetup | undefined;
  /** What of Stores is on the machine. */
  readonly spool?: Spool | undefined;
  readonly cylinder?: Cylinder | undefined;
  /** The last bead of the job, and when it was laid. */
  readonly lastBead?: (TestBead & { readonly at: string }) | undefined;
  /** When the wire speed dial was last measured, as an ISO date; null: never. */
  readonly dialAt?: string | null | undefined;
  readonly drifted?: boolean | undefined;
  /** Arc time within the last ten minutes, min, as far as it is told. */
  readonly recentArcMin?: number | undefined;
  /** The time, as an ISO date. */
  readonly now: string;
}

/** Thickness of the plain work that a wire is held against without a job, mm. Source: our model. */
const PLAIN_MM = 3;
/** From how many arc minutes a tip is suspected. Source: our judgement; tips last from an hour to some shifts. */
const TIP_OLD_MIN = 240;
/** From how many days an open spool is suspected, flux core sooner. Source: our judgement. */
const SPOOL_OLD_DAYS = { solid: 120, cored: 30 } as const;
/** From how many days a dial is measured anew. Source: our judgement. */
const DIAL_OLD_DAYS = 365;
/** How far a setting stands off the plan before it is said. Source: our judgement. */
const OFF_PLAN = { wireFeedSpeedShare: 0.08, volts: 0.7 } as const;
/** How long a bead's report says something of the trouble, days. */
const BEAD_FRESH_DAYS = 1;

/** An attribute of the rig that tells a fact by standing as the plan needs it or otherwise. */
interface RigTeller {
  readonly attribute: RigAttribute;
  readonly fact: FaultFact;
  /** What it tells; undefined: nothing. */
  readonly tells: (stands: string, need: string) => string | undefined;
}

const sameOr =
  (wrong: string) =>
  (stands: string, need: string): string =>
    stands === need ? 'right' : wrong;

const bySize = (stands: string, need: string): string | undefined => {
  const [is, wants] = [Number(stands), Number(need)];
  if (!Number.isFinite(is) || !Number.isFinite(wants)) return undefined;
  if (is === wants) return 'right';
  return is > wants ? 'big' : 'small';
};

/** A part of the right kind says nothing of its dirt or its length: only a wrong one tells. */
const onlyWrong = (stands: string, need: string): string | undefined =>
  stands === need ? undefined : 'wrong';

/** Which attribute tells which fact. One row each. */
export const RIG_TELLERS: readonly RigTeller[] = [
  { attribute: 'polarity', fact: 'polarity', tells: sameOr('wrong') },
  { attribute: 'gunSwitch', fact: 'gun-switch', tells: sameOr('wrong') },
  { attribute: 'spoolAlloy', fact: 'wire-class', tells: sameOr('wrong') },
  { attribute: 'sgSpoolAlloy', fact: 'wire-class', tells: sameOr('wrong') },
  { attribute: 'spoolDia', fact: 'wire-diameter', tells: sameOr('wrong') },
  { attribute: 'sgSpoolDia', fact: 'wire-diameter', tells: sameOr('wrong') },
  { attribute: 'rollsForm', fact: 'roll-form', tells: sameOr('wrong') },
  { attribute: 'rollsGroove', fact: 'roll-size', tells: bySize },
  { attribute: 'sgRollsGroove', fact: 'roll-size', tells: bySize },
  { attribute: 'tipBore', fact: 'tip-size', tells: bySize },
  { attribute: 'sgTipBore', fact: 'tip-size', tells: bySize },
  { attribute: 'linerMaterial', fact: 'liner', tells: onlyWrong },
  { attribute: 'neckLiner', fact: 'neck-liner', tells: sameOr('missing') },
  { attribute: 'gas', fact: 'gas', tells: sameOr('wrong') },
  { attribute: 'program', fact: 'program', tells: sameOr('wrong') },
  { attribute: 'testDrag', fact: 'liner', tells: (stands) => (stands === 'pass' ? 'right' : undefined) },
  {
    attribute: 'testPressure',
    fact: 'roll-pressure',
    tells: (stands) => (stands === 'pass' ? 'right' : undefined),
  },
];

/** Facts that only hang on the wire that is on the machine: they are told without a job too. */
const OF_WIRE_ALONE: ReadonlySet<FaultFact> = new Set([
  'polarity',
  'roll-form',
  'roll-size',
  'roll-pressure',
  'liner',
  'neck-liner',
  'tip-size',
]);

/** A plain plan for the wire and the gas that are on a machine: what of the rig hangs on the wire alone is held against it. */
function planForLoaded(machine: Machine): PlannedSetup | undefined {
  const [metal] = wireClassRow(machine.loadedWireClass).metals;
  if (metal === undefined) return undefined;
  const work = {
    metal,
    thicknessMm: PLAIN_MM,
    joint: 'tee',
    position: 'flat',
    surface: 'clean',
    place: 'indoors',
    windy: false,
  } as const;
  const setup = planSetup(work, {
    machine,
    wireClass: machine.loadedWireClass,
    wireDiameterMm: machine.loadedWireDiameterMm,
    gas: machine.loadedGas,
  });
  return setup.status === 'planned' ? setup : undefined;
}

function ofRig(given: EvidenceGiven): readonly FaultEvidence[] {
  const { machine, now } = given;
  const plan = given.plan ?? (machine && planForLoaded(machine));
  if (!machine || !plan) return [];
  const { state, unsure } = rigState(machine, now);
  const need = rigNeed(plan, machine, state);
  const known = (name: RigAttribute): string | undefined => (unsure.has(name) ? undefined : state[name]);
  const rigEvidence = RIG_TELLERS.flatMap(({ attribute, fact, tells }): FaultEvidence[] => {
    if (!given.plan && !OF_WIRE_ALONE.has(fact)) return [];
    const [stands, wants] = [known(attribute), need[attribute]];
    if (stands === undefined || wants === undefined) return [];
    const value = tells(stands, wants);
    if (value === undefined) return [];
    const ifWrong = value === 'right' ? null : wants;
    return [
      {
        from: 'rig',
        fact: { of: fact, value },
        at: rigFact(machine, attribute)?.at,
        rig: { attribute, ifWrong },
      },
    ];
  });
  const bore = known('linerBore');
  const isTight =
    bore !== undefined && need['linerBore'] !== undefined && !takesSize(bore, plan.wire.diameterMm);
  const liner: FaultEvidence = {
    from: 'rig',
    fact: { of: 'liner', value: 'wrong' },
    at: rigFact(machine, 'linerBore')?.at,
    rig: { attribute: 'linerBore', ifWrong: null },
  };
  return [...rigEvidence, ...(isTight ? [liner] : []), ...(given.plan ? ofFlow(machine, plan, known) : [])];
}

function ofFlow(
  machine: Machine,
  plan: PlannedSetup,
  known: (name: RigAttribute) => string | undefined,
): readonly FaultEvidence[] {
  if (!plan.gas.gas.shields) return [];
  if (known('cylinderValve') === 'closed') {
    const rig = { attribute: 'cylinderValve', ifWrong: 'open' } as const;
    return [
      { from: 'rig', fact: { of: 'flow', value: 'zero' }, at: rigFact(machine, 'cylinderValve')?.at, rig },
    ];
  }
  const flow = Number(known('flow'));
  if (!Number.isFinite(flow) || flow <= 0) return [];
  const { low, high } = plan.gasFlowLPerMin;
  const value = flow < low ? 'low' : flow > high ? 'high' : 'right';
  const rig = { attribute: 'flow', ifWrong: null } as const;
  return [{ from: 'rig', fact: { of: 'flow', value }, at: rigFact(machine, 'flow')?.at, rig }];
}

/** How a number stands to the plan's. */
function againstPlan(is: number, planned: number, most: number): string {
  if (Math.abs(is - planned) <= most) return 'right';
  return is > planned ? 'high' : 'low';
}

/** The setting that was told when the machine was set, held against the plan's. */
function ofSettings({ machine, plan, now }: EvidenceGiven): readonly FaultEvidence[] {
  if (!machine || !plan) return [];
  const setPoint = rigFact(machine, 'setPoint');
  if (!setPoint || standingOf('setPoint', setPoint, now) !== 'known') return [];
  const [, speed, volts] = /^([\d.]+) m\/min, ([\d.]+) V$/.exec(setPoint.value) ?? [];
  if (speed === undefined || volts === undefined) return [];
  const planned = plan.wireFeedSpeedMPerMin.start;
  const rig = { attribute: 'setPoint', ifWrong: null } as const;
  const row = (of: FaultFact, value: string): FaultEvidence => ({
    from: 'settings',
    fact: { of, value },
    at: setPoint.at,
    rig,
  });
  return [
    row('wfs-vs-plan', againstPlan(Number(speed), planned, planned * OFF_PLAN.wireFeedSpeedShare)),
    row('volts-vs-plan', againstPlan(Number(volts), plan.volts.start, OFF_PLAN.volts)),
  ];
}

function ofStores({ spool, cylinder, machine, now }: EvidenceGiven): readonly FaultEvidence[] {
  const signs: FaultEvidence[] = [];
  if (spool) {
    if (spool.leftKg !== undefined) {
      signs.push({ from: 'stores', fact: { of: 'spool-level', value: isUsedUp(spool) ? 'empty' : 'ok' } });
    }
    if (isLow(spool)) signs.push({ from: 'stores', sign: 'spool-low' });
    const isCored = wireClassRow(spool.wireClass).tubular;
    const oldDays = isCored ? SPOOL_OLD_DAYS.cored : SPOOL_OLD_DAYS.solid;
    if (spool.openedOn !== undefined && isoDaysBetween(spool.openedOn, now) > oldDays) {
      signs.push({ from: 'stores', sign: 'spool-old', at: spool.openedOn });
    }
    if (spool.keptDry === false) signs.push({ from: 'stores', sign: 'spool-damp' });
  }
  if (cylinder) {
    const low = isLow(cylinder);
    if (cylinder.leftBar !== undefined || cylinder.leftKg !== undefined) {
      const value = isUsedUp(cylinder) ? 'empty' : low ? 'low' : 'ok';
      signs.push({ from: 'stores', fact: { of: 'cylinder-level', value } });
    }
    if (low && !isUsedUp(cylinder)) signs.push({ from: 'stores', sign: 'cylinder-low' });
  }
  if (machine?.rig && tipMinutes(machine.rig) > TIP_OLD_MIN) {
    signs.push({ from: 'rig', sign: 'tip-old', rig: { attribute: 'tipMinutes', ifWrong: '0' } });
  }
  return signs;
}

/** Circumstances of a job that hint at a cause. */
const CIRCUMSTANCE_SIGN: Readonly<Partial<Record<Circumstance, FaultSign>>> = {
  'closed-space': 'closed-space',
  'closed-vessel': 'hollow-closed',
  flammables: 'flammables',
  solvent: 'solvent-used',
  painted: 'surface-coated',
  'powder-coated': 'surface-coated',
  primed: 'surface-coated',
  chromed: 'surface-coated',
  plated: 'surface-coated',
  rusty: 'surface-rusty',
  damp: 'place-damp',
};

function ofJob({ plan }: EvidenceGiven): readonly FaultEvidence[] {
  if (!plan) return [];
  const { circumstances = [], surface, windy } = plan.work;
  const signs = [
    ...(surface === 'mill-scale' ? (['surface-scale'] as const) : []),
    ...(windy ? (['windy'] as const) : []),
    ...circumstances.flatMap((one) => CIRCUMSTANCE_SIGN[one] ?? []),
  ];
  return [...new Set(signs)].map((sign) => ({ from: 'job', sign }));
}

function ofBead({ lastBead, now }: EvidenceGiven): readonly FaultEvidence[] {
  if (!lastBead || isoDaysBetween(lastBead.at, now) > BEAD_FRESH_DAYS) return [];
  const { said, flags = [], cooled, at } = lastBead;
  const signs: FaultSign[] = [];
  if (said === 'hot' || said === 'blown') signs.push('bead-hot');
  if (said === 'cold') signs.push('bead-cold');
  if (flags.includes('stick-out')) signs.push('bead-stick-out');
  if (flags.includes('gun-angle')) signs.push('bead-angle');
  if (cooled === false) signs.push('coupon-hot');
  if (flags.includes('dirty')) signs.push('coupon-dirty');
  return signs.map((sign) => ({ from: 'bead', sign, at }));
}

function ofMachine({ dialAt, drifted, now }: EvidenceGiven): readonly FaultEvidence[] {
  const signs: FaultEvidence[] = [];
  if (dialAt === null) signs.push({ from: 'machine', sign: 'dial-guessed' });
  else if (dialAt !== undefined && isoDaysBetween(dialAt, now) > DIAL_OLD_DAYS) {
    signs.push({ from: 'machine', sign: 'dial-old', at: dialAt });
  }
  if (drifted) signs.push({ from: 'machine', sign: 'machine-drifted' });
  return signs;
}

/** What the duty plate says of the planned current, and of what was welded just now. */
function ofDuty({ machine, plan, recentArcMin = 0 }: EvidenceGiven): readonly FaultEvidence[] {
  const percent = machine?.duty && plan && dutyPercent(machine.duty, plan.currentA.start);
  if (percent === undefined) return [];
  if ((recentArcMin / DUTY_PERIOD_MIN) * 100 > percent)
    return [{ from: 'bead', fact: { of: 'duty', value: 'over' } }];
  return percent < DUTY_MENTIONED_UNDER_PERCENT ? [{ from: 'machine', sign: 'duty-tight' }] : [];
}

/**
 * What is known of a fault before anyone looks, each with where it is known from: a rig that stands otherwise than the
 * plan needs, a setting off the plan, what Stores, the job and the last bead say. What nobody knows tells nothing.
 *
 * @source which record answers which question: our judgement
 */
export function faultEvidence(given: EvidenceGiven): readonly FaultEvidence[] {
  return [
    ...ofRig(given),
    ...ofSettings(given),
    ...ofStores(given),
    ...ofJob(given),
    ...ofBead(given),
    ...ofMachine(given),
    ...ofDuty(given),
  ];
}
