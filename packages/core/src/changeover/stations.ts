import { amount } from '../base/words/amount.ts';
import { joined, words, type Words } from '../base/words/words.ts';
import { rigState } from './machine-rig.ts';
import { rigNeed } from './rig-need.ts';
import { type Machine, machineHasRoll } from '../machine/machine.ts';
import type { Source } from '../base/source.ts';
import type { RigAttribute } from '../machine/rig-state/rig-attribute.ts';
import type { PlannedSetup, Reason } from '../plan/setup/setup.ts';
import { MODE_NAME } from '../trade/transfer/transfer-mode.ts';
import { ARC_CHECK, LINER_WORD, ROLL_WORD, swapText } from './station-words.ts';

/** Where the wire, the current and the gas pass on their way, in the order a welder looks. */
export const STATION_IDS = [
  'leads',
  'spool',
  'rolls',
  'liner',
  'tip',
  'arc',
  'joint',
  'clamp',
  'gas',
] as const;
export type StationId = (typeof STATION_IDS)[number];

/** Whether the machine stands as the plan wants it: fitted, to be changed, or not known. */
export type StationMark = 'fitted' | 'change' | 'unknown';

export interface Station {
  readonly id: StationId;
  readonly name: string;
  /** The shortest form of what to fit. */
  readonly short: Words;
  readonly fit: Words;
  readonly why: Words;
  readonly check: Words;
  readonly ifWrong: Words;
  readonly source: Source;
  readonly mark: StationMark;
}

/** The reason a plan gives for one of its items. */
function reasonFor(plan: PlannedSetup, item: Reason['item']): Reason {
  const reason = plan.reasons.find((r) => r.item === item);
  if (!reason) throw new Error(`the plan gives no reason for ${item}`);
  return reason;
}

/** What of the rig each station stands for. */
const STATION_RIG = {
  leads: ['polarity'],
  spool: ['spoolAlloy', 'spoolDia', 'sgSpoolAlloy', 'sgSpoolDia'],
  rolls: ['rollsForm', 'rollsGroove', 'sgRollsGroove'],
  liner: ['linerMaterial', 'linerBore', 'neckLiner', 'gun'],
  tip: ['tipBore', 'tipAluminium', 'nozzleType', 'nozzleBore', 'sgTipBore'],
  arc: ['program'],
  clamp: ['workClamp', 'workClampPlace'],
  gas: ['gas'],
} as const satisfies Readonly<Partial<Record<StationId, readonly RigAttribute[]>>>;
type RiggedStation = keyof typeof STATION_RIG;
export type StationMarks = Readonly<Record<RiggedStation, StationMark>>;

const STATIONS_RIGGED = Object.keys(STATION_RIG) as readonly RiggedStation[];

/**
 * How each station stands on the machine against what the plan wants.
 *
 * @param now the time, as an ISO date: what passes is not known for ever; undefined: as it was last seen
 */
export function standingMarks(plan: PlannedSetup, machine: Machine | undefined, now = ''): StationMarks {
  const { state, unsure } = machine ? rigState(machine, now) : { state: {}, unsure: new Set<string>() };
  const need = machine ? rigNeed(plan, machine, state) : {};
  const markOf = (names: readonly RigAttribute[]): StationMark => {
    const asked = names.filter((name) => need[name] !== undefined);
    const known = asked.filter((name) => !unsure.has(name));
    if (known.some((name) => state[name] !== need[name])) return 'change';
    return asked.length > 0 && known.length === asked.length ? 'fitted' : 'unknown';
  };
  const marks = Object.fromEntries(STATIONS_RIGGED.map((id) => [id, markOf(STATION_RIG[id])] as const));
  const noProgram = plan.program?.status === 'none' && machine?.standingProgram !== undefined;
  // a roll that the machine does not have cannot be on it
  const noRoll = machineHasRoll(machine, plan.feedPath.driveRolls) === false;
  const noGas = !plan.gas.gas.shields && machine !== undefined;
  return {
    ...(marks as StationMarks),
    ...(noRoll && marks['rolls'] === 'unknown' ? { rolls: 'change' as const } : {}),
    ...(noProgram ? { arc: 'change' as const } : {}),
    ...(noGas
      ? { gas: state['cylinderValve'] === 'closed' ? ('fitted' as const) : ('change' as const) }
      : {}),
  };
}

/** How to look at the rolls, and whether the machine has the one to fit. */
function rollsCheck(plan: PlannedSetup, machine: Machine | undefined): Words {
  const { driveRolls } = plan.feedPath;
  const has = machineHasRoll(machine, driveRolls);
  if (has === undefined) return driveRolls.check;
  return has
    ? words`${machine?.name ?? ''} has it: fit it. ${driveRolls.check}`
    : words`${machine?.name ?? ''} has no such roll: get one first. ${driveRolls.check}`;
}

const sizeText = (nominalMm: number): Words => words`${amount.wireSize(nominalMm)}`;

type Parts = Omit<Station, 'id' | 'name' | 'short' | 'mark'>;

function station(
  id: StationId,
  name: string,
  short: Words,
  parts: Parts,
  mark: StationMark = 'unknown',
): Station {
  return { ...parts, id, name, short, mark };
}

function fromSource(
  plan: PlannedSetup,
  machine: Machine | undefined,
  marks: StationMarks,
): readonly Station[] {
  const { feedPath, polarity, wire } = plan;
  const size = sizeText(wire.diameterMm);
  const leads: Parts = {
    fit: words`Gun lead to ${polarity.gunLead}, work lead to ${polarity.workLead} (${polarity.polarity})`,
    why: polarity.why,
    check: swapText(machine),
    ifWrong: 'The commonest fault on a new rig: a ropy, spattering bead that does not bite.',
    source: polarity.source,
  };
  const spool = { ...feedPath.spool, fit: words`${wire.wireClass}, ${feedPath.spool.fit}` };
  return [
    station('leads', 'Leads', words`gun ${polarity.gunLead} work ${polarity.workLead}`, leads, marks.leads),
    station('spool', 'Spool', size, spool, marks.spool),
    station(
      'rolls',
      'Rolls',
      words`${ROLL_WORD[feedPath.driveRolls.form]} ${size}`,
      { ...feedPath.driveRolls, check: rollsCheck(plan, machine) },
      marks.rolls,
    ),
    station('liner', 'Liner', LINER_WORD[feedPath.liner.material], feedPath.liner, marks.liner),
  ];
}

/** The program first: it decides what every number after it means. */
function programFirst({ program }: PlannedSetup): Words {
  if (!program) return '';
  return program.status === 'program' ? words`program ${program.program.name}; ` : 'no program for this; ';
}

function atTheWork(plan: PlannedSetup, marks: StationMarks): readonly Station[] {
  const { feedPath, technique, wire, bead } = plan;
  const { direction, travelDegrees, workDegrees } = technique.gunAngle;
  const mode = reasonFor(plan, 'transferMode');
  const travel = reasonFor(plan, 'travelSpeed');
  const [check, ifWrong] = ARC_CHECK[plan.transferMode];
  const leg = bead.legMm === undefined ? '' : words`, leg ${amount.distance(bead.legMm, 1)}`;
  const nozzle = feedPath.nozzle.fit;
  return [
    station(
      'tip',
      'Tip, nozzle',
      words`${sizeText(wire.diameterMm)}, ${amount.distance(feedPath.nozzle.boreMm)}`,
      {
        ...feedPath.tip,
        fit: words`${feedPath.tip.fit}; nozzle ${nozzle}`,
      },
      marks.tip,
    ),
    station(
      'arc',
      'Arc',
      plan.program?.status === 'program'
        ? words`program ${plan.program.program.name}`
        : plan.transferMode === 'own'
          ? 'flux core'
          : MODE_NAME[plan.transferMode],
      {
        fit: words`${programFirst(plan)}${MODE_NAME[plan.transferMode]}; ${direction} ${travelDegrees.low}–${travelDegrees.high}°`,
        why: words`${mode.text} ${technique.whyDirection}`,
        check,
        ifWrong,
        source: mode.source,
      },
      marks.arc,
    ),
    station('joint', 'Joint', words`${workDegrees}°`, {
      fit: words`${workDegrees}° to the work${leg}`,
      why: travel.text,
      check: plan.fitUp.preparation[0] ?? 'Bright metal both sides, no gap you have not planned.',
      ifWrong: 'Scale and paint make pin-holes; a gap falls through.',
      source: travel.source,
    }),
    station(
      'clamp',
      'Work clamp',
      'bare metal',
      {
        fit: 'On clean, bare metal, close to the weld',
        why: 'The same current flows back through the clamp as through the arc.',
        check: 'Pull it: it must not move. No paint, no rust, not on the bench.',
        ifWrong: 'A poor clamp stutters the arc and looks like wrong settings.',
        source: { kind: 'practice' },
      },
      marks.clamp,
    ),
  ];
}

function gasStation(plan: PlannedSetup, mark: StationMark): Station {
  const { gas } = plan.gas;
  const flow = reasonFor(plan, 'gasFlow');
  const none = !gas.shields;
  const parts: Parts = {
    fit: none
      ? 'No gas: close the cylinder'
      : words`${gas.name}, ${amount.gasFlow(plan.gasFlowLPerMin.start, 0)}`,
    why: joined([reasonFor(plan, 'gas').text, none ? '' : flow.text]),
    check: none
      ? 'Cylinder closed, hose bled.'
      : 'Set the flow while gas really flows: purge, or trigger with the roll pressure off.',
    ifWrong: none
      ? 'Gas does not help this wire: it is wasted.'
      : 'Too little lets air in; too much sucks it in: pin-holes either way.',
    source: flow.source,
  };
  return station('gas', 'Gas', none ? 'none' : gas.name, parts, mark);
}

/**
 * The stations along the wire, in the order a welder checks a machine, and the gas beside it.
 *
 * @param machine as it stands; undefined: nothing is known of it
 * @param now the time, as an ISO date; undefined: as the machine was last seen
 */
export function stationsOf(
  plan: PlannedSetup,
  machine: Machine | undefined,
  now?: string,
): readonly Station[] {
  const marks = standingMarks(plan, machine, now);
  return [...fromSource(plan, machine, marks), ...atTheWork(plan, marks), gasStation(plan, marks.gas)];
}
