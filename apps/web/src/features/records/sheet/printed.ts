import {
  amount,
  inMetric,
  inWords,
  METRIC,
  sentence,
  type Units,
  words,
  type Words,
} from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { SheetDrawing } from '@hot-bead/contract/records';
import { isNewSetting, type PlannedSetup, RUN_ROLE_NAME, workTitle } from '@hot-bead/core/plan';
import { type ProcedureSheet, procedureSheet } from '@hot-bead/core/records';
import { MODE_NAME } from '@hot-bead/core/trade';
import { jointDrawing, sectionOf } from '../../../drawing/joint-geometry.ts';
import { setFigures, setText, voltsBeneath, wholeSettingText, wireBeneath } from '../../terms/index.ts';
import { rangeText, withUnit } from '../../../units/index.ts';
import type { PrintedCard } from './sheet-layout.ts';

/** The joint of a plan in section, as outlines to be kept and printed. */
export function drawingOf(plan: PlannedSetup): SheetDrawing {
  const drawn = jointDrawing(sectionOf(plan, true));
  const beads = drawn.runs.length === 0 ? [drawn.bead] : drawn.runs.map(({ outline }) => outline);
  return { viewBox: drawn.viewBox, parts: drawn.parts, beads };
}

/** The sheet of a job as its plan stands. */
export function sheetOf(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  wireBatch: string | undefined,
): ProcedureSheet {
  const terms = (
    [
      ['Set on it, wire', wireBeneath(plan, machine, METRIC)],
      ['Set on it, volts', voltsBeneath(plan, machine)],
    ] as const
  ).flatMap(([name, text]) => (machine && text !== undefined ? [[name, text] as const] : []));
  return procedureSheet(plan, {
    title: inMetric(workTitle(plan.work)),
    machineName: machine?.name,
    machineTerms: terms,
    wireBatch,
  });
}

/** Each run that is set otherwise than the one before it, where there is more than one. */
function runLines(
  plan: PlannedSetup,
  machine: KeptMachine | undefined,
  units: Units,
): readonly (readonly [string, string])[] {
  const { runs } = plan;
  if (runs.length < 2) return [];
  return runs.flatMap((run, i) => {
    const before = runs[i - 1];
    if (before && !isNewSetting(before, run) && before.role === run.role) return [];
    const text = `${RUN_ROLE_NAME[run.role]}: ${wholeSettingText(setFigures(plan, machine, units, run))}, ${withUnit('travel', run.travelMmPerMin, units)}`;
    return [[`Run ${run.number}`, text] as const];
  });
}

/** The card of a job, to hang on its machine. */
export function cardOf(plan: PlannedSetup, machine: KeptMachine | undefined, units: Units): PrintedCard {
  const { feedPath, polarity, technique, gas, wire } = plan;
  const say = (text: Words): string => inWords(text, { units });
  const { wire: wireSet, volts } = setFigures(plan, machine, units);
  const own = [wireSet, volts];
  const spans = [
    ['Wire speed', 'wireFeedSpeed', plan.wireFeedSpeedMPerMin],
    ['Volts', 'volts', plan.volts],
    ['Gas', 'gasFlow', plan.gasFlowLPerMin],
    ['Tip to work', 'distance', plan.ctwdMm],
  ] as const;
  return {
    title: say(workTitle(plan.work)),
    machine: machine?.name ?? 'no machine named',
    numbers: spans.map(([name, quantity, span], i) => {
      if (quantity === 'gasFlow' && !gas.gas.shields) return [name, 'no gas', 'self-shielded'] as const;
      const range = rangeText(quantity, span.low, span.high, units);
      const figure = own[i];
      if (!figure) return [name, withUnit(quantity, span.start, units), range] as const;
      const doubt = figure.plusMinus === undefined ? '' : ` ± ${figure.plusMinus}`;
      const under = [figure.physical, figure.note].filter((text) => text !== undefined).join('; ');
      return [name, `${setText(figure)}${doubt}`, under === '' ? range : under] as const;
    }),
    path: [
      ['Leads', `gun ${polarity.gunLead}, work ${polarity.workLead}`],
      ['Wire', say(words`${amount.wireSize(wire.diameterMm)} ${wire.wireClass}`)],
      ['Rolls', say(feedPath.driveRolls.fit)],
      ['Liner', say(feedPath.liner.fit)],
      ['Tip', say(feedPath.tip.fit)],
      ['Nozzle', say(feedPath.nozzle.fit)],
      ['Gas', gas.gas.name],
      [
        'Mode',
        `${MODE_NAME[plan.transferMode]}; travel ${withUnit('travel', plan.travelMmPerMin.start, units)}`,
      ],
      ['Gun', `${technique.gunAngle.direction}, ${technique.gunAngle.workDegrees}° to the work`],
      ...runLines(plan, machine, units),
      ...plan.secondary.slice(0, 3).map(({ name, set }) => [sentence(name).slice(0, 10), say(set)] as const),
    ],
    cautions: plan.cautions.filter(({ level }) => level === 'stop').map(({ text }) => say(text)),
  };
}
