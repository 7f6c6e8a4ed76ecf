import { type Machine, type PlannedSetup, type Reason, type Source } from '@hot-bead/core';
import { wireSizeText } from '../units/index.ts';

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

function reasonFor(plan: PlannedSetup, item: Reason['item']): Reason {
  const reason = plan.reasons.find((r) => r.item === item);
  if (!reason) throw new Error(`the plan gives no reason for ${item}`);
  return reason;
}

function spoolMark(plan: PlannedSetup, machine: Machine | undefined): StationMark {
  if (!machine) return 'unknown';
  const same =
    machine.loadedWireClass === plan.wire.wireClass && machine.loadedWireDiameterMm === plan.wire.diameterMm;
  return same ? 'fitted' : 'change';
}

function gasMark(plan: PlannedSetup, machine: Machine | undefined): StationMark {
  if (!machine) return 'unknown';
  return machine.loadedGas === plan.gas.gas.id ? 'fitted' : 'change';
}

/** The stations along the wire, in the order a welder checks a machine, and the gas beside it. */
export function stationsOf(plan: PlannedSetup, machine: Machine | undefined): readonly Station[] {
  const { feedPath, polarity, gunAngle } = plan;
  const part = (
    id: StationId,
    name: string,
    short: string,
    from: Omit<Station, 'id' | 'name' | 'short' | 'mark'>,
    mark: StationMark = 'unknown',
  ): Station => ({ ...from, id, name, short, mark });
  const size = wireSizeText(plan.wire.diameterMm);
  const angle = reasonFor(plan, 'gunAngle');
  const mode = reasonFor(plan, 'transferMode');
  const { low, high } = gunAngle.travelDegrees;
  return [
    part('leads', 'Leads', `gun ${polarity.gunLead} work ${polarity.workLead}`, {
      fit: `Gun lead to ${polarity.gunLead}, work lead to ${polarity.workLead} (${polarity.polarity})`,
      why: polarity.why,
      check: 'Mains off, then look at the sockets or links themselves, and pull the lugs tight.',
      ifWrong: 'The commonest fault on a new rig: a ropy, spattering bead that does not bite.',
      source: polarity.source,
    }),
    part(
      'spool',
      'Spool',
      size,
      { ...feedPath.spool, fit: `${plan.wire.wireClass}, ${feedPath.spool.fit}` },
      spoolMark(plan, machine),
    ),
    part('rolls', 'Rolls', `V ${size}`, feedPath.driveRolls),
    part('liner', 'Liner', feedPath.liner.material, feedPath.liner),
    part('tip', 'Tip, nozzle', `${size}, ${feedPath.nozzle.boreMm} mm`, {
      ...feedPath.tip,
      fit: `${feedPath.tip.fit}; nozzle ${feedPath.nozzle.fit}`,
    }),
    part('arc', 'Arc', 'dip', {
      fit: `Short-circuit; ${gunAngle.direction} ${low}–${high}°`,
      why: `${mode.text} ${angle.text}`,
      check: 'Listen: a steady sizzle, 60 to 150 shorts a second.',
      ifWrong: 'Stubbing is too few volts, hissing and popping too many.',
      source: mode.source,
    }),
    part('joint', 'Joint', `${gunAngle.workDegrees}°`, {
      fit: `${gunAngle.workDegrees}° to the work${plan.bead.legMm === undefined ? '' : `, leg ${plan.bead.legMm.toFixed(1)} mm`}`,
      why: reasonFor(plan, 'travelSpeed').text,
      check: 'Bright metal both sides, no gap you have not planned.',
      ifWrong: 'Scale and paint make pin-holes; a gap falls through.',
      source: reasonFor(plan, 'travelSpeed').source,
    }),
    part('clamp', 'Work clamp', 'bare metal', {
      fit: 'On clean, bare metal, close to the weld',
      why: 'The same current flows back through the clamp as through the arc.',
      check: 'Pull it: it must not move. No paint, no rust, not on the bench.',
      ifWrong: 'A poor clamp stutters the arc and looks like wrong settings.',
      source: { kind: 'practice' },
    }),
    part(
      'gas',
      'Gas',
      plan.gas.gas.name,
      {
        fit: `${plan.gas.gas.name}, ${plan.gasFlowLPerMin.start} L/min`,
        why: `${reasonFor(plan, 'gas').text} ${reasonFor(plan, 'gasFlow').text}`,
        check: 'Set the flow while gas really flows: purge, or trigger with the roll pressure off.',
        ifWrong: 'Too little lets air in; too much sucks it in: pin-holes either way.',
        source: reasonFor(plan, 'gasFlow').source,
      },
      gasMark(plan, machine),
    ),
  ];
}
