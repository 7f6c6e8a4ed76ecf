import { amount } from '../../base/words/amount.ts';
import { sentence } from '../../base/words/sentence.ts';
import { joined, words, type Words } from '../../base/words/words.ts';
import { beginWords } from '../../window/begin-words.ts';
import { planDialModel } from './plan-dial-model.ts';
import { FILLET_CONVEXITY } from '../bead/weld-size.ts';
import type { FamilyId } from '../../trade/family/family.ts';
import { argonMeterFactor } from '../../trade/gas/float-meter.ts';
import { JOINT_NAME, POSITION_NAME } from '../../trade/material/work.ts';
import { HAND_TRAVEL_SOURCE } from '../bead/hand-travel.ts';
import { HEAT_INPUT_SOURCE } from '../../trade/heat/heat-input.ts';
import { HANDBOOK, MODEL, PRACTICE, standard, YOURS } from '../../base/source.ts';
import type { Schools } from '../../base/school.ts';
import { wireClassRow } from '../../trade/wire/wire-class.ts';
import type { DemandRow } from '../demand/current-demand.ts';
import type { PlannedSetup, Reason } from './setup.ts';
import { learnedClaim } from '../../window/learning/learned-words.ts';

type Unreasoned = Omit<PlannedSetup, 'reasons' | 'ways'>;

interface ReasonContext {
  readonly wire: Words;
  readonly schools: Schools;
  readonly machineName: string | undefined;
}

const MODE_REASON: Readonly<Record<FamilyId, Words>> = {
  'steel-dip': words`Short-circuit: little heat, every position, thin to ${amount.thickness(5)}.`,
  'steel-spray': words`Spray: from ${amount.thickness(5)} in flat and horizontal, deep and clean, above its transition current.`,
  'steel-pulse': 'Pulsed spray: spray’s clean drops at less heat, every position, near no spatter.',
  'self-shielded': 'Flux core without gas: its own slag and vapour shield it, in wind too.',
  'self-shielded-t8':
    'Flux core without gas, T-8: its own slag and vapour shield it, on thick work and in wind.',
  'gas-shielded-flux-core': 'Flux core under gas: slag carries the puddle in every position but downwards.',
  'metal-cored': 'Metal-cored wire in spray: fast, little slag, flat and horizontal.',
  'stainless-dip': 'Short-circuit: the least heat stainless can be given.',
  'stainless-spray': words`Spray on stainless: from ${amount.thickness(5)}, flat and horizontal.`,
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

/** What the flow is taken from: the nozzle's bore where it is that, and what moves it off. */
function flowWords({ gasFlowLPerMin, feedPath, gas }: Unreasoned): Words {
  const boreMm = feedPath.nozzle.boreMm;
  if (Math.abs(gasFlowLPerMin.start - boreMm) < 0.5) {
    return words`A ${amount.distance(boreMm)} nozzle takes about ${amount.gasFlow(boreMm)}: the flow goes with its width.`;
  }
  return gas.gas.heliumPercent > 0
    ? 'Helium is light and wants more flow than the nozzle’s width gives.'
    : 'Inside the usual band for this way.';
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
      ? words`Your own number.${meter}`
      : words`${flowWords(plan)}${meter} Set it while gas really flows.`,
    source: own ? YOURS : PRACTICE,
  };
}

function voltsText(plan: Unreasoned): Words {
  if (plan.own.volts !== undefined) return 'Your own number.';
  if (plan.voltsKind === 'mean')
    return 'A rough mean only: the machine’s waveform settles it. Set the arc length by the pulse trim.';
  return words`Arc volts in the middle of the window for this current, wire and gas. ${beginWords(planDialModel(plan))}`;
}

function learnedReason({ learned, own }: Unreasoned, machineName = 'This machine'): readonly Reason[] {
  if (!learned || own.volts !== undefined) return [];
  const moved = learned.followed ? 'the volts are moved by that' : 'this shop keeps to the book';
  const text = words`${learnedClaim(learned, machineName)} with this wire, gas and transfer: ${moved}.`;
  return [{ item: 'volts', text, source: MODEL }];
}

const demandWords = ({ factor, label }: DemandRow): Words =>
  factor === undefined ? label : words`× ${factor.toFixed(2)} ${label}`;

function numberReasons(plan: Unreasoned, machineName: string | undefined): Reason[] {
  const amps = Math.round(plan.currentA.start);
  const ownSpeed = plan.own.wireFeedSpeedMPerMin !== undefined;
  return [
    {
      item: 'amps',
      text: words`${joined(plan.demand.map(demandWords), ', ')}: ${amps} A.`,
      source: MODEL,
    },
    {
      item: 'wireFeedSpeed',
      text: ownSpeed
        ? 'Your own number; current and volts follow it.'
        : words`The wire speed at which ${amps} A melts ${amount.wireSize(plan.wire.diameterMm)} wire. The range spans the schools and the confidence of the starting rows.`,
      source: ownSpeed ? YOURS : HANDBOOK,
    },
    { item: 'volts', text: voltsText(plan), source: plan.own.volts === undefined ? MODEL : YOURS },
    ...learnedReason(plan, machineName),
  ];
}

/** How the hand came to this travel, in words. */
function solvedWords({ bead, work }: Unreasoned): Words {
  if (bead.solvedBy === 'oversize') {
    return words` Even the fastest hand lays ${bead.oversize.toFixed(1)} times the metal wanted.`;
  }
  if (bead.solvedBy === 'hard-limit')
    return words` Near the limit of what a hand does ${POSITION_NAME[work.position]}.`;
  const [low, high] = bead.hand.comfortableMmPerMin;
  return words` Inside the ${amount.travel([low, high], 0)} that a hand is at ease with ${POSITION_NAME[work.position]}.`;
}

function runsReason({ runs, work, fitUp }: Unreasoned): readonly Reason[] {
  if (runs.length === 1) return [];
  const second = runs.some(({ role }) => role === 'second-side');
  const layers = new Set(runs.map(({ layer }) => layer)).size;
  const text = second
    ? `${runs.length} runs: a ${JOINT_NAME[work.joint]} of this thickness is fused from both sides.`
    : fitUp.bevel
      ? `${runs.length} runs in ${layers} layers fill the bevel of this ${JOINT_NAME[work.joint]}.`
      : `${runs.length} runs: one cannot carry the heat or the metal of this ${JOINT_NAME[work.joint]}.`;
  return [{ item: 'passes', text, source: MODEL }];
}

function beadReasons(plan: Unreasoned): Reason[] {
  const { bead, work, fitUp, weldSize } = plan;
  const convex = `taken ${Math.round((FILLET_CONVEXITY - 1) * 100)} % convex`;
  const size =
    bead.legMm === undefined
      ? words`of ${amount.section(bead.sectionMm2, 1)}`
      : words`for a ${amount.distance(bead.legMm, 1)} leg, ${convex}`;
  const list: Reason[] = [
    {
      item: 'travelSpeed',
      text: words`Wire melted over a bead section ${size}.${solvedWords(plan)}`,
      source: HAND_TRAVEL_SOURCE,
    },
    {
      item: 'heatInput',
      text: words`${amount.heatInput(plan.heatInputKJPerMm, 2)} by mean volts and mean current, with 0.8 of it in the work${plan.voltsKind === 'mean' ? '; pulsed, the true figure differs' : ''}.`,
      source: HEAT_INPUT_SOURCE,
    },
    ...runsReason(plan),
  ];
  if (weldSize) list.push({ item: 'weldSize', text: weldSize.text, source: weldSize.source });
  if (fitUp.closedButt) list.push({ item: 'fitUp', text: fitUp.closedButt.text, source: PRACTICE });
  if (work.joint === 'lap' && Math.min(work.thicknessMm, work.otherThicknessMm ?? work.thicknessMm) >= 6) {
    const text = words`From ${amount.thickness(6)} a fillet on a lap’s edge is kept ${amount.distance(2)} short of the edge, so that the edge stays to be seen.`;
    list.push({ item: 'named-rule', text, source: standard('AWS D1.1') });
  }
  if (fitUp.bevel) {
    list.push({
      item: 'named-rule',
      text: words`Over ${amount.thickness(5)} the edges of a butt are bevelled.`,
      source: HANDBOOK,
    });
  }
  return list;
}

function ctwdText(plan: Unreasoned): Words {
  if (plan.own.ctwdMm !== undefined) return 'Your own number; the wire speed is reckoned for it.';
  return 'Tip to work; the wire that sticks out is that less the arc. At one wire speed a longer stick-out means less current.';
}

/** A reason with its source for every item of a plan. */
export function reasonsFor(plan: Unreasoned, reason: ReasonContext): readonly Reason[] {
  const { feedPath, polarity, technique } = plan;
  const ownCtwd = plan.own.ctwdMm !== undefined;
  return [
    { item: 'polarity', text: polarity.why, source: polarity.source },
    {
      item: 'wire',
      text: words`${sentence(reason.wire)} ${wireClassRow(plan.wire.wireClass).note}`,
      source: PRACTICE,
    },
    { item: 'driveRolls', text: feedPath.driveRolls.why, source: feedPath.driveRolls.source },
    { item: 'liner', text: feedPath.liner.why, source: feedPath.liner.source },
    { item: 'tip', text: feedPath.tip.why, source: feedPath.tip.source },
    { item: 'nozzle', text: feedPath.nozzle.why, source: feedPath.nozzle.source },
    gasReason(plan),
    flowReason(plan),
    { item: 'transferMode', text: MODE_REASON[plan.family], source: HANDBOOK },
    ...numberReasons(plan, reason.machineName),
    { item: 'ctwd', text: ctwdText(plan), source: ownCtwd ? YOURS : HANDBOOK },
    ...beadReasons(plan),
    { item: 'gunAngle', text: technique.whyDirection, source: PRACTICE },
  ];
}
