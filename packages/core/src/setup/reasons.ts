import { BEGIN_WHY, ladderFor } from '../dial-in/bead-ladder.ts';
import { sentence } from '../words/sentence.ts';
import { FILLET_CONVEXITY } from '../bead/travel.ts';
import type { FamilyId } from '../family/family.ts';
import { argonMeterFactor } from '../gas/float-meter.ts';
import { JOINT_NAME } from '../material/work.ts';
import { HANDBOOK, MODEL, PRACTICE, standard, YOURS } from '../provenance/source.ts';
import type { Schools } from '../school/school.ts';
import { wireClassRow } from '../wire/wire-class.ts';
import type { PlannedSetup, Reason } from './setup.ts';

type Unreasoned = Omit<PlannedSetup, 'reasons' | 'ways'>;

interface Told {
  readonly wire: string;
  readonly schools: Schools;
  readonly machineName: string | undefined;
}

const MODE_REASON: Readonly<Record<FamilyId, string>> = {
  'steel-dip': 'Short-circuit: little heat, every position, thin to 5 mm.',
  'steel-spray': 'Spray: from 5 mm in flat and horizontal, deep and clean, above its transition current.',
  'steel-pulse': 'Pulsed spray: spray’s clean drops at less heat, every position, near no spatter.',
  'self-shielded': 'Flux core without gas: its own slag and vapour shield it, in wind too.',
  'gas-shielded-flux-core': 'Flux core under gas: slag carries the puddle in every position but downwards.',
  'metal-cored': 'Metal-cored wire in spray: fast, little slag, flat and horizontal.',
  'stainless-dip': 'Short-circuit: the least heat stainless can be given.',
  'stainless-spray': 'Spray on stainless: from 5 mm, flat and horizontal.',
  'stainless-pulse': 'Pulsed spray on stainless: less heat and distortion than spray.',
  'aluminium-spray': 'Spray: aluminium is never short-circuited; small wire holds it in every position.',
  'aluminium-pulse': 'Pulsed spray: the way to hold thin aluminium.',
  'bronze-braze': 'Brazing: the sheet does not melt, so the zinc beside the bead stays on.',
};

function gasReason(plan: Unreasoned): Reason {
  const { gas, origin } = plan.gas;
  const why = {
    asked: `You named ${gas.name}.`,
    loaded: `${gas.name} is connected and suits.`,
    shelf: `${gas.name} is on the shelf and suits.`,
    assumed: `No gas named: ${gas.name} assumed${gas.co2Percent[0] === gas.co2Percent[1] ? '' : '; the volts range covers both ends'}.`,
  }[origin];
  const text = gas.id === 'none' ? 'No gas: close the cylinder.' : sentence(why);
  return { item: 'gas', text, source: gas.source };
}

function flowReason(plan: Unreasoned): Reason {
  const factor = argonMeterFactor(plan.gas.gas);
  const own = plan.own.gasFlowLPerMin !== undefined;
  if (plan.gas.gas.id === 'none') return { item: 'gasFlow', text: 'No flow.', source: PRACTICE };
  const meter =
    Math.abs(factor - 1) < 0.03
      ? ''
      : ` A meter scaled for argon reads ${plan.gas.meterReadingLPerMin.toFixed(0)} then: true flow is ${factor.toFixed(2)} × its reading.`;
  return {
    item: 'gasFlow',
    text: own
      ? `Your own number.${meter}`
      : `As many litres a minute as the nozzle bore has millimetres, inside the usual band.${meter} Set it while gas really flows.`,
    source: own ? YOURS : PRACTICE,
  };
}

function voltsText(plan: Unreasoned): string {
  if (plan.own.volts !== undefined) return 'Your own number.';
  if (plan.voltsKind === 'mean')
    return 'A rough mean only: the machine’s waveform settles it. Set the arc length by the pulse trim.';
  return `Arc volts in the middle of the window for this current, wire and gas. ${BEGIN_WHY[ladderFor(plan).begins]}`;
}

function learnedReason({ learned, own }: Unreasoned, machineName = 'This machine'): readonly Reason[] {
  if (!learned || own.volts !== undefined) return [];
  const { start, low, high } = learned.offsetV;
  const offset = `${Math.abs(start).toFixed(1)} ± ${((high - low) / 2).toFixed(1)} V ${start < 0 ? 'less' : 'more'}`;
  const from = `${learned.settings} proven setting${learned.settings === 1 ? '' : 's'}`;
  const moved = learned.followed ? 'the volts are moved by that' : 'this shop keeps to the book';
  const text = `${machineName} wanted ${offset} than the book with this wire, gas and transfer, from ${from}: ${moved}.`;
  return [{ item: 'volts', text, source: MODEL }];
}

function numberReasons(plan: Unreasoned, machineName: string | undefined): Reason[] {
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
        : `The wire speed at which ${amps} A melts ${plan.wire.diameterMm} mm wire. The range spans the schools and the confidence of the starting rows.`,
      source: ownSpeed ? YOURS : HANDBOOK,
    },
    { item: 'volts', text: voltsText(plan), source: plan.own.volts === undefined ? MODEL : YOURS },
    ...learnedReason(plan, machineName),
  ];
}

function beadReasons(plan: Unreasoned): Reason[] {
  const { bead, work, fitUp } = plan;
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
    const text = `${bead.passes} passes: one cannot carry the heat or the metal of this ${JOINT_NAME[work.joint]}.`;
    list.push({ item: 'passes', text, source: MODEL });
  }
  if (work.joint === 'lap' && Math.min(work.thicknessMm, work.otherThicknessMm ?? work.thicknessMm) >= 6) {
    const text =
      'From 6 mm a fillet on a lap’s edge is kept 2 mm short of the edge, so that the edge stays to be seen.';
    list.push({ item: 'named-rule', text, source: standard('AWS D1.1') });
  }
  if (fitUp.bevel) {
    list.push({ item: 'named-rule', text: 'Over 5 mm the edges of a butt are bevelled.', source: HANDBOOK });
  }
  return list;
}

function ctwdText(plan: Unreasoned): string {
  if (plan.own.ctwdMm !== undefined) return 'Your own number; the wire speed is reckoned for it.';
  return 'Tip to work; the wire that sticks out is that less the arc. At one wire speed a longer stick-out means less current.';
}

/** A reason with its source for every item of a plan. */
export function reasonsFor(plan: Unreasoned, told: Told): readonly Reason[] {
  const { feedPath, polarity, technique } = plan;
  const ownCtwd = plan.own.ctwdMm !== undefined;
  return [
    { item: 'polarity', text: polarity.why, source: polarity.source },
    {
      item: 'wire',
      text: `${sentence(told.wire)} ${wireClassRow(plan.wire.wireClass).note}`,
      source: PRACTICE,
    },
    { item: 'driveRolls', text: feedPath.driveRolls.why, source: feedPath.driveRolls.source },
    { item: 'liner', text: feedPath.liner.why, source: feedPath.liner.source },
    { item: 'tip', text: feedPath.tip.why, source: feedPath.tip.source },
    { item: 'nozzle', text: feedPath.nozzle.why, source: feedPath.nozzle.source },
    gasReason(plan),
    flowReason(plan),
    { item: 'transferMode', text: MODE_REASON[plan.family], source: HANDBOOK },
    ...numberReasons(plan, told.machineName),
    { item: 'ctwd', text: ctwdText(plan), source: ownCtwd ? YOURS : HANDBOOK },
    ...beadReasons(plan),
    { item: 'gunAngle', text: technique.whyDirection, source: PRACTICE },
  ];
}
