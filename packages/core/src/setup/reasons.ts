import { FILLET_CONVEXITY } from '../bead/travel.ts';
import { JOINT_NAME } from '../material/work.ts';
import { HANDBOOK, MODEL, PRACTICE, YOURS } from '../provenance/source.ts';
import { wireClassRow } from '../wire/wire-class.ts';
import type { PlannedSetup, Reason } from './setup.ts';

type Unreasoned = Omit<PlannedSetup, 'reasons'>;

function gasReason(plan: Unreasoned): Reason {
  const { gas, origin } = plan.gas;
  const why =
    origin === 'asked'
      ? `You named ${gas.name}.`
      : origin === 'loaded'
        ? `${gas.name} is connected and suits.`
        : `No gas named: ${gas.name} assumed; the volts range covers both ends.`;
  return { item: 'gas', text: why, source: gas.source };
}

function numberReasons(plan: Unreasoned): Reason[] {
  const amps = Math.round(plan.currentA.start);
  const ownSpeed = plan.own.wireFeedSpeedMPerMin !== undefined;
  return [
    {
      item: 'amps',
      text: `${plan.demand.map((row) => (row.factor === undefined ? row.label : `× ${row.factor} ${row.label}`)).join(', ')}: ${amps} A.`,
      source: MODEL,
    },
    {
      item: 'wireFeedSpeed',
      text: ownSpeed
        ? 'Your own number; current and volts follow it.'
        : `The wire speed at which ${amps} A melts ${plan.wire.diameterMm} mm wire. The range spans both schools and the confidence of the starting rows.`,
      source: ownSpeed ? YOURS : HANDBOOK,
    },
    {
      item: 'volts',
      text:
        plan.own.volts === undefined
          ? 'Arc volts in the middle of the window for this current, wire and gas. Begin about 1 V under it and come up.'
          : 'Your own number.',
      source: plan.own.volts === undefined ? MODEL : YOURS,
    },
  ];
}

function beadReason(plan: Unreasoned): Reason[] {
  const { bead } = plan;
  const size = bead.legMm === undefined ? '' : ` for a ${bead.legMm.toFixed(1)} mm leg`;
  const solved =
    bead.solvedBy === 'fastest-hand'
      ? ' A hand goes no faster, so the bead is a little larger than it need be.'
      : '';
  const list: Reason[] = [
    {
      item: 'travelSpeed',
      text: `Wire melted over bead section${size}, fillets taken ${Math.round((FILLET_CONVEXITY - 1) * 100)} % convex.${solved}`,
      source: HANDBOOK,
    },
  ];
  if (bead.passes > 1) {
    list.push({
      item: 'passes',
      text: `${bead.passes} passes: one cannot carry the heat or the metal of this ${JOINT_NAME[plan.work.joint]}.`,
      source: MODEL,
    });
  }
  return list;
}

/** A reason with its source for every item of a plan. */
export function reasonsFor(plan: Unreasoned, whyWire: string): readonly Reason[] {
  const { feedPath, polarity, gunAngle } = plan;
  return [
    { item: 'polarity', text: polarity.why, source: polarity.source },
    { item: 'wire', text: `${whyWire} ${wireClassRow(plan.wire.wireClass).note}`, source: PRACTICE },
    { item: 'driveRolls', text: feedPath.driveRolls.why, source: feedPath.driveRolls.source },
    { item: 'liner', text: feedPath.liner.why, source: feedPath.liner.source },
    { item: 'tip', text: feedPath.tip.why, source: feedPath.tip.source },
    { item: 'nozzle', text: feedPath.nozzle.why, source: feedPath.nozzle.source },
    gasReason(plan),
    {
      item: 'gasFlow',
      text: 'As many litres a minute as the nozzle bore has millimetres; 9.5 to 19 is accepted. Set it while gas really flows.',
      source: PRACTICE,
    },
    {
      item: 'transferMode',
      text: 'Short-circuit: little heat, every position, thin to 5 mm.',
      source: HANDBOOK,
    },
    ...numberReasons(plan),
    {
      item: 'ctwd',
      text: 'Tip to work in short-circuit; the wire that sticks out is that less the arc. Longer stick-out means less current.',
      source: HANDBOOK,
    },
    ...beadReason(plan),
    {
      item: 'gunAngle',
      text:
        gunAngle.direction === 'push'
          ? 'Push: flatter, wider, easier to see. Drag goes deeper and narrower.'
          : 'Going down, drag: the arc holds the puddle up.',
      source: PRACTICE,
    },
  ];
}
