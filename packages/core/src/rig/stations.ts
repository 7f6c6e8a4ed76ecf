import { loadedWire, type Machine, machineHasRoll } from '../machine/machine.ts';
import type { Source } from '../provenance/source.ts';
import type { PlannedSetup, Reason } from '../setup/setup.ts';
import { MODE_NAME } from '../transfer/transfer-mode.ts';
import { isSameWire } from '../wire/shelf-wire.ts';
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
  readonly short: string;
  readonly fit: string;
  readonly why: string;
  readonly check: string;
  readonly ifWrong: string;
  readonly source: Source;
  readonly mark: StationMark;
}

/** The reason a plan gives for one of its items. */
function reasonFor(plan: PlannedSetup, item: Reason['item']): Reason {
  const reason = plan.reasons.find((r) => r.item === item);
  if (!reason) throw new Error(`the plan gives no reason for ${item}`);
  return reason;
}

function spoolMark(plan: PlannedSetup, machine: Machine | undefined): StationMark {
  if (!machine) return 'unknown';
  return isSameWire(loadedWire(machine), plan.wire) ? 'fitted' : 'change';
}

function gasMark(plan: PlannedSetup, machine: Machine | undefined): StationMark {
  if (!machine) return 'unknown';
  return machine.loadedGas === plan.gas.gas.id ? 'fitted' : 'change';
}

function leadsMark(plan: PlannedSetup, machine: Machine | undefined): StationMark {
  if (machine?.standingPolarity === undefined) return 'unknown';
  return machine.standingPolarity === plan.polarity.polarity ? 'fitted' : 'change';
}

/** Whether the machine has the roll: what stands between the rolls now is looked at when it is rigged. */
function rollsWord(plan: PlannedSetup, machine: Machine | undefined): { check: string; mark: StationMark } {
  const { driveRolls } = plan.feedPath;
  const has = machineHasRoll(machine, driveRolls);
  if (has === undefined) return { check: driveRolls.check, mark: 'unknown' };
  if (has) return { check: `${machine?.name ?? ''} has it: fit it. ${driveRolls.check}`, mark: 'unknown' };
  return {
    check: `${machine?.name ?? ''} has no such roll: get one first. ${driveRolls.check}`,
    mark: 'change',
  };
}

/** How the leads, the spool and the gas stand on the machine against what the plan wants. */
export function standingMarks(
  plan: PlannedSetup,
  machine: Machine | undefined,
): Readonly<Record<'leads' | 'spool' | 'gas', StationMark>> {
  return {
    leads: leadsMark(plan, machine),
    spool: spoolMark(plan, machine),
    gas: gasMark(plan, machine),
  };
}

const sizeText = (nominalMm: number): string => `${nominalMm.toFixed(1)} mm`;

type Parts = Omit<Station, 'id' | 'name' | 'short' | 'mark'>;

function station(
  id: StationId,
  name: string,
  short: string,
  parts: Parts,
  mark: StationMark = 'unknown',
): Station {
  return { ...parts, id, name, short, mark };
}

function fromSource(plan: PlannedSetup, machine: Machine | undefined): readonly Station[] {
  const { feedPath, polarity, wire } = plan;
  const size = sizeText(wire.diameterMm);
  const leads: Parts = {
    fit: `Gun lead to ${polarity.gunLead}, work lead to ${polarity.workLead} (${polarity.polarity})`,
    why: polarity.why,
    check: swapText(machine),
    ifWrong: 'The commonest fault on a new rig: a ropy, spattering bead that does not bite.',
    source: polarity.source,
  };
  const rolls = rollsWord(plan, machine);
  const spool = { ...feedPath.spool, fit: `${wire.wireClass}, ${feedPath.spool.fit}` };
  return [
    station(
      'leads',
      'Leads',
      `gun ${polarity.gunLead} work ${polarity.workLead}`,
      leads,
      leadsMark(plan, machine),
    ),
    station('spool', 'Spool', size, spool, spoolMark(plan, machine)),
    station(
      'rolls',
      'Rolls',
      `${ROLL_WORD[feedPath.driveRolls.form]} ${size}`,
      { ...feedPath.driveRolls, check: rolls.check },
      rolls.mark,
    ),
    station('liner', 'Liner', LINER_WORD[feedPath.liner.material], feedPath.liner),
  ];
}

/** Whether the machine stands on the program that the plan names. */
function programMark(plan: PlannedSetup, machine: Machine | undefined): StationMark {
  if (!plan.program || machine?.standingProgram === undefined) return 'unknown';
  const wanted = plan.program.status === 'program' ? plan.program.program.name : undefined;
  return machine.standingProgram === wanted ? 'fitted' : 'change';
}

/** The program first: it decides what every number after it means. */
function programFirst({ program }: PlannedSetup): string {
  if (!program) return '';
  return program.status === 'program' ? `program ${program.program.name}; ` : 'no program for this; ';
}

function atTheWork(plan: PlannedSetup, machine: Machine | undefined): readonly Station[] {
  const { feedPath, technique, wire, bead } = plan;
  const { direction, travelDegrees, workDegrees } = technique.gunAngle;
  const mode = reasonFor(plan, 'transferMode');
  const travel = reasonFor(plan, 'travelSpeed');
  const [check, ifWrong] = ARC_CHECK[plan.transferMode];
  const leg = bead.legMm === undefined ? '' : `, leg ${bead.legMm.toFixed(1)} mm`;
  const nozzle = feedPath.nozzle.fit;
  return [
    station('tip', 'Tip, nozzle', `${sizeText(wire.diameterMm)}, ${feedPath.nozzle.boreMm} mm`, {
      ...feedPath.tip,
      fit: `${feedPath.tip.fit}; nozzle ${nozzle}`,
    }),
    station(
      'arc',
      'Arc',
      plan.program?.status === 'program'
        ? `program ${plan.program.program.name}`
        : plan.transferMode === 'own'
          ? 'flux core'
          : MODE_NAME[plan.transferMode],
      {
        fit: `${programFirst(plan)}${MODE_NAME[plan.transferMode]}; ${direction} ${travelDegrees.low}–${travelDegrees.high}°`,
        why: `${mode.text} ${technique.whyDirection}`,
        check,
        ifWrong,
        source: mode.source,
      },
      programMark(plan, machine),
    ),
    station('joint', 'Joint', `${workDegrees}°`, {
      fit: `${workDegrees}° to the work${leg}`,
      why: travel.text,
      check: plan.fitUp.preparation[0] ?? 'Bright metal both sides, no gap you have not planned.',
      ifWrong: 'Scale and paint make pin-holes; a gap falls through.',
      source: travel.source,
    }),
    station('clamp', 'Work clamp', 'bare metal', {
      fit: 'On clean, bare metal, close to the weld',
      why: 'The same current flows back through the clamp as through the arc.',
      check: 'Pull it: it must not move. No paint, no rust, not on the bench.',
      ifWrong: 'A poor clamp stutters the arc and looks like wrong settings.',
      source: { kind: 'practice' },
    }),
  ];
}

function gasStation(plan: PlannedSetup, machine: Machine | undefined, flowText: FlowText): Station {
  const { gas } = plan.gas;
  const flow = reasonFor(plan, 'gasFlow');
  const none = !gas.shields;
  const parts: Parts = {
    fit: none ? 'No gas: close the cylinder' : `${gas.name}, ${flowText(plan.gasFlowLPerMin.start)}`,
    why: `${reasonFor(plan, 'gas').text} ${none ? '' : flow.text}`.trim(),
    check: none
      ? 'Cylinder closed, hose bled.'
      : 'Set the flow while gas really flows: purge, or trigger with the roll pressure off.',
    ifWrong: none
      ? 'Gas does not help this wire: it is wasted.'
      : 'Too little lets air in; too much sucks it in: pin-holes either way.',
    source: flow.source,
  };
  return station('gas', 'Gas', none ? 'none' : gas.name, parts, gasMark(plan, machine));
}

/** A flow of gas in words, L/min in, in the reader's unit out. */
export type FlowText = (lPerMin: number) => string;

const METRIC_FLOW: FlowText = (lPerMin) => `${lPerMin.toFixed(0)} L/min`;

/**
 * The stations along the wire, in the order a welder checks a machine, and the gas beside it.
 *
 * @param machine as it stands; undefined: nothing is known of it
 * @param flowText how a flow is said; in L/min unless told otherwise
 */
export function stationsOf(
  plan: PlannedSetup,
  machine: Machine | undefined,
  flowText: FlowText = METRIC_FLOW,
): readonly Station[] {
  return [...fromSource(plan, machine), ...atTheWork(plan, machine), gasStation(plan, machine, flowText)];
}
