import { inMetric } from '../base/words/in-words.ts';
import type { Machine } from '../machine/machine.ts';
import { workTitle } from '../plan/work/complete-work.ts';
import type { Attributes } from '../machine/rig-state/rig-fact.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import { isSameWire } from '../trade/wire/shelf-wire.ts';
import { gasHardware, rigSize, takesSize } from './machine-rig.ts';

/** Nozzles that do for a wire, mm. Source: handbook, from memory. */
const NOZZLE_MM = { aluminium: [16, 19], other: [12, 16] } as const;

/** What stands where that does, or what the plan asks. */
function keptOr(standing: string | undefined, does: boolean, asked: string): string {
  return does && standing !== undefined ? standing : asked;
}

/** What every job asks for at its end. */
const READY: Attributes = { power: 'on', workClamp: 'on', wireTrim: 'done', testBead: 'pass' };

function ofGas(plan: PlannedSetup): Attributes {
  const { gas } = plan.gas;
  if (!gas.shields) return { cylinderValve: 'closed' };
  return {
    gas: gas.id,
    ...gasHardware(gas.id),
    flow: plan.gasFlowLPerMin.start.toFixed(0),
    cylinderValve: 'open',
    linePurged: 'yes',
    testLeak: 'pass',
    testFlow: 'pass',
  };
}

function ofSettings(plan: PlannedSetup, machine: Machine): Attributes {
  const program = plan.program?.status === 'program' ? plan.program.program.name : undefined;
  const set = plan.secondary.map(({ name, set: to }) => `${name} ${inMetric(to)}`).join('; ');
  return {
    ...(program === undefined ? {} : { program }),
    setPoint: `${plan.wireFeedSpeedMPerMin.start.toFixed(1)} m/min, ${plan.volts.start.toFixed(1)} V`,
    ...(set === '' || machine.features === undefined ? {} : { secondary: set }),
    workClampPlace: inMetric(workTitle(plan.work)),
  };
}

function ofSpoolGun({ wire, feedPath }: PlannedSetup): Attributes {
  return {
    gun: 'spool-gun',
    gunSwitch: 'spool-gun',
    sgConnected: 'yes',
    sgPlug: 'in',
    sgSpoolAlloy: wire.wireClass,
    sgSpoolDia: rigSize(wire.diameterMm),
    sgBrake: 'set',
    sgRollsGroove: rigSize(feedPath.driveRolls.grooveMm),
    sgRollPressure: 'set',
    sgWireThreaded: 'yes',
    sgTipBore: rigSize(feedPath.tip.boreForMm),
  };
}

/** The mark that was kept for the pressure of the rolls: it belongs to one wire on one machine. */
export function keptPressure(machine: Machine, { wire }: PlannedSetup): string | undefined {
  return machine.rollPressures?.find((kept) => isSameWire(kept, wire))?.mark;
}

function ofStandardGun(plan: PlannedSetup, machine: Machine, standing: Attributes): Attributes {
  const { wire, feedPath, weldMetal } = plan;
  const { liner, nozzle, driveRolls } = feedPath;
  const aluminium = liner.neckLiner;
  const [least, most] = NOZZLE_MM[weldMetal === 'aluminium' ? 'aluminium' : 'other'];
  const bore = Number(standing['nozzleBore']);
  const bareCap = !plan.gas.gas.shields;
  const pressure = keptPressure(machine, plan);
  return {
    gun: 'standard',
    gunSwitch: 'standard',
    spoolAlloy: wire.wireClass,
    spoolDia: rigSize(wire.diameterMm),
    brake: 'set',
    wireThreaded: 'yes',
    rollsForm: driveRolls.form,
    rollsGroove: rigSize(driveRolls.grooveMm),
    rollsCap: 'on',
    ...(pressure === undefined ? {} : { rollPressure: pressure }),
    inletGuide: aluminium ? 'plastic' : 'steel',
    outletTube: aluminium ? 'none' : 'steel',
    linerMaterial: liner.material,
    linerBore: keptOr(
      standing['linerBore'],
      takesSize(standing['linerBore'], wire.diameterMm),
      liner.boreForMm.map(rigSize).join('-'),
    ),
    neckLiner: aluminium ? 'bronze' : 'none',
    linerCollet: 'seated',
    linerTrim: 'done',
    tipBore: rigSize(feedPath.tip.boreForMm),
    tipAluminium: weldMetal === 'aluminium' ? 'yes' : 'no',
    nozzleType: bareCap ? 'bare-cap' : 'gas',
    nozzleBore: bareCap
      ? 'none'
      : keptOr(standing['nozzleBore'], bore >= least && bore <= most, nozzle.boreMm.toFixed(0)),
    testDrag: 'pass',
    testPressure: 'pass',
    testBrake: 'pass',
  };
}

/**
 * What a plan asks of the rig. What it leaves out does not matter to it: the standard gun's rolls, for a spool gun.
 *
 * @param standing how the machine stands: what does for the plan is kept
 * @source handbook station table, from memory
 */
export function rigNeed(plan: PlannedSetup, machine: Machine, standing: Attributes): Attributes {
  return {
    polarity: plan.polarity.polarity,
    ...(plan.feedPath.gun === 'spool-gun' ? ofSpoolGun(plan) : ofStandardGun(plan, machine, standing)),
    ...ofGas(plan),
    ...ofSettings(plan, machine),
    ...READY,
  };
}
