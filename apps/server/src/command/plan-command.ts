import {
  amount,
  inWords,
  type LengthUnit,
  METRIC,
  type Reader,
  US,
  type Words,
  words,
} from '@hot-bead/core/base';
import {
  effectiveWork,
  parseLine,
  planReport,
  type PlannedReport,
  type PlanReport,
  type RefusedReport,
} from '@hot-bead/core/line';
import type { Machine } from '@hot-bead/core/machine';
import { jobInShop, workTitle } from '@hot-bead/core/plan';
import type { CommandResult } from './command-result.ts';

const USAGE = `Usage: npm run -s plan -- '<words>' [--json] [--unit mm|in]   (in: everything in inches, ft³/h, °F)
Example: npm run -s plan -- '3 mm steel tee flat 0.8 solid Ar+18'`;

type Span = PlannedReport['volts'];

function row(name: string, span: Span, extra = ''): string {
  return `  ${name.padEnd(14)}${`${span.start} ${span.unit}`.padEnd(14)}${span.low} to ${span.high} ${span.unit}${extra}`;
}

function readingLines(report: PlanReport): string[] {
  const lines = report.questions.map(
    ({ message, choices }) => `Question: ${message} Try: ${choices.join(' | ')}`,
  );
  for (const { text, readAs } of report.corrected) lines.push(`Corrected: “${text}” was read as “${readAs}”`);
  for (const { text, as } of report.noted) lines.push(`Noted, no part in the numbers: ${text} (${as})`);
  const noted = new Set(report.noted.map(({ text }) => text));
  const strange = report.notUnderstood.filter((text) => !noted.has(text));
  if (strange.length > 0) lines.push(`Not understood: ${strange.join(', ')}`);
  if (report.assumed.length > 0) lines.push(`Assumed, not said: ${report.assumed.join(', ')}`);
  return lines;
}

type Say = (text: Words) => string;

function runLine(run: PlannedReport['runs'][number], say: Say): string {
  const size =
    run.legMm === null
      ? words`${amount.section(run.sectionMm2, 1)}`
      : words`leg ${amount.distance(run.legMm, 1)}`;
  const numbers = words`${amount.wireFeedSpeed(run.wireFeedSpeedMPerMin, 2)}, ${run.volts} V, ${run.amps} A, ${amount.travel(run.travelMmPerMin, 0)}`;
  return say(
    words`${run.role.padEnd(12)}${run.transferMode}, ${run.wire}: ${numbers}, ${size}, ${amount.heatInput(run.heatInputKJPerMm, 2)}. ${run.technique}`,
  );
}

/** The runs where there is more than one; those that are laid alike stand in one line. */
function runLines({ runs }: PlannedReport, say: Say): string[] {
  if (runs.length < 2) return [];
  const groups: { from: number; to: number; line: string }[] = [];
  for (const run of runs) {
    const line = runLine(run, say);
    const last = groups.at(-1);
    if (last?.line === line) last.to = run.number;
    else groups.push({ from: run.number, to: run.number, line });
  }
  const lines = groups.map(
    ({ from, to, line }) => `  ${(from === to ? `${from}` : `${from}–${to}`).padEnd(6)}${line}`,
  );
  return ['', `Runs: ${runs.length}. Between them: ${runs[0]?.clean}`, ...lines];
}

function sizeLines({ finishedLegMm, weldSize, totals, heatInput }: PlannedReport, say: Say): string[] {
  const leg =
    finishedLegMm === null
      ? []
      : [say(words`  Leg ${amount.distance(finishedLegMm, 1)}. ${weldSize ?? ''}`).trimEnd()];
  const whole =
    totals === null
      ? []
      : [
          say(
            words`  ${amount.distance(totals.weldLengthMm, 0)} of weld: ${totals.arcTimeMin} min of arc, ${amount.length(totals.wireM, 1)} (${amount.weight(totals.wireKg, 3)}) of wire, ${amount.gasVolume(totals.gasL, 0)} of gas`,
          ),
        ];
  return [
    '',
    'Weld',
    ...leg,
    say(words`  Heat input ${amount.heatInput(heatInput.kJPerMm, 2)} (${heatInput.by})`),
    ...whole,
  ];
}

function wayLine({ name, status, text }: PlannedReport['otherWays'][number]): string {
  return `  ${status.padEnd(8)}${name}: ${text}`;
}

function fitUpLines({ fitUp }: PlannedReport, say: Say): string[] {
  const texts = [
    fitUp.bevel,
    fitUp.closedButt,
    fitUp.sides === 2 ? 'Welded from both sides.' : null,
    fitUp.backing ? 'On a backing bar.' : null,
    fitUp.backPurge,
    fitUp.stitch,
    fitUp.preheat,
    fitUp.interpassMostC === null
      ? null
      : say(words`Between runs under ${amount.temperature(fitUp.interpassMostC)}.`),
    fitUp.sequence,
    ...fitUp.preparation,
  ];
  return texts.flatMap((text) => (text === null ? [] : [`  ${text}`]));
}

const MARK_WORD = { fitted: 'stands so', change: 'change it', unknown: 'look' } as const;

function stationLine({ name, mark, check, ifWrong }: PlannedReport['stations'][number]): string {
  return `  ${name.padEnd(14)}${MARK_WORD[mark]}: ${check} If wrong: ${ifWrong}`;
}

function plannedText(report: PlannedReport, title: string, say: Say): string {
  const { rootGap, tack, tackSpacing } = report.fitUp;
  const passes = report.passes === 1 ? '' : `, ${report.passes} passes`;
  return [
    title,
    '',
    'Set these            start         range',
    row('Wire speed', report.wireFeedSpeed),
    row('Volts', report.volts),
    row('Gas', report.gasFlow),
    row('Tip to work', report.ctwd),
    row('Stick-out', report.extension),
    row('Current', report.amps),
    row('Travel', report.travelSpeed, passes),
    '',
    'Fit these',
    `  Polarity      ${report.polarity}`,
    `  Wire          ${report.wire}`,
    `  Drive rolls   ${report.driveRolls}`,
    `  Liner         ${report.liner}`,
    `  Tip           ${report.tip}`,
    `  Nozzle        ${report.nozzle}`,
    `  Gas           ${report.gas}`,
    `  Way           ${report.way}`,
    `  Transfer      ${report.transferMode}`,
    `  Gun           ${report.gunAngle}`,
    '',
    'Look before you strike',
    ...report.stations.map(stationLine),
    '',
    'Fit-up',
    `  Gap ${rootGap.start} ${rootGap.unit}; tacks ${tack.start} ${tack.unit} every ${tackSpacing.start} ${tackSpacing.unit}`,
    ...fitUpLines(report, say),
    ...sizeLines(report, say),
    ...runLines(report, say),
    '',
    'Other settings, where the machine has them',
    ...report.secondary.map(({ name, set, why }) => `  ${name.padEnd(20)}${set}. ${why}`),
    '',
    'Other ways',
    ...report.otherWays.map(wayLine),
    '',
    'Why',
    ...report.reasons.map(({ item, text, source }) => `  ${item}: ${text} [${source}]`),
    '',
    'Cautions',
    ...report.cautions.map(({ level, text, source }) => `  ${level}: ${text} [${source}]`),
    ...readingLines(report),
  ].join('\n');
}

function refusedText(report: RefusedReport): string {
  const { code, reasons, instead } = report.refused;
  return [
    `Refused (${code})`,
    ...reasons,
    ...instead.map((text) => `Instead: ${text}`),
    ...report.otherWays.filter(({ status }) => status === 'open').map(wayLine),
    ...readingLines(report),
  ].join('\n');
}

interface Options {
  readonly words: string;
  readonly json: boolean;
  readonly unit: LengthUnit;
}

function optionsOf(args: readonly string[]): Options | undefined {
  const unitAt = args.indexOf('--unit');
  const unit = unitAt < 0 ? 'mm' : args[unitAt + 1];
  if (unit !== 'mm' && unit !== 'in') return undefined;
  const words = args.filter(
    (arg, i) => arg !== '--json' && (unitAt < 0 || (i !== unitAt && i !== unitAt + 1)),
  );
  const line = words.join(' ').trim();
  return line === '' ? undefined : { words: line, json: args.includes('--json'), unit };
}

/**
 * Plans the words given on a command line.
 *
 * @param args the words, `--json` for one JSON object, `--unit` for what a bare number means
 * @param machines machines that can be named
 */
export function planCommand(args: readonly string[], machines: readonly Machine[]): CommandResult {
  const options = optionsOf(args);
  if (!options) return { output: USAGE, exitCode: 1 };
  const context = { unit: options.unit, machineNames: machines.map((machine) => machine.name) };
  const reading = parseLine(options.words, context);
  const stated = effectiveWork(reading);
  const answer = jobInShop({ work: stated, own: {} }, { machines });
  const setup = answer.status === 'answered' ? answer.setup : undefined;
  const machine = machines.find(({ name }) => name === stated.machineName);
  const reader: Reader = { units: options.unit === 'in' ? US : METRIC };
  const report = planReport(reading, setup, { machine, reader });
  const refused = 'refused' in report;
  const exitCode = refused ? 2 : 0;
  if (options.json) return { output: JSON.stringify(report, null, 2), exitCode };
  const say: Say = (text) => inWords(text, reader);
  const title = answer.status === 'no-thickness' ? options.words : say(workTitle(answer.complete.work));
  return { output: refused ? refusedText(report) : plannedText(report, title, say), exitCode };
}
