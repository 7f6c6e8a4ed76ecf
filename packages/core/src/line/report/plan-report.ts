import { allInWords } from '../../base/words/all-in-words.ts';
import { amount, AMOUNT_UNITS, type AmountQuantity } from '../../base/words/amount.ts';
import { inWords, type Reader } from '../../base/words/in-words.ts';
import { words, type Words } from '../../base/words/words.ts';
import { writtenIn } from '../../base/words/written.ts';
import { METRIC } from '../../base/quantity/unit-choice.ts';
import { sourceText } from '../../base/source.ts';
import type { LineReading } from '../line-reading.ts';
import type { Span } from '../../base/numeric/span.ts';
import { type PlannedRun, RUN_ROLE_NAME } from '../../plan/runs/run.ts';
import { MODE_NAME } from '../../trade/transfer/transfer-mode.ts';
import { isCoredWay, wireClassRow } from '../../trade/wire/wire-class.ts';
import { type ReportedReading, reportedReading } from './reading-report.ts';
import type { OtherWay, PlannedSetup, Setup } from '../../plan/setup/setup.ts';
import { reportedStations, type ReportedStation } from './station-report.ts';
import type { Machine } from '../../machine/machine.ts';

/** A number with its unit, rounded as far as it can be set. */
export interface ReportedSpan extends Span {
  readonly unit: string;
}

export interface ReportedReason {
  readonly item: string;
  readonly text: string;
  readonly source: string;
}

export interface PlannedReport extends ReportedReading {
  readonly wireFeedSpeed: ReportedSpan;
  readonly volts: ReportedSpan;
  readonly amps: ReportedSpan;
  readonly gasFlow: ReportedSpan;
  readonly ctwd: ReportedSpan;
  readonly extension: ReportedSpan;
  readonly travelSpeed: ReportedSpan;
  readonly polarity: string;
  readonly driveRolls: string;
  readonly liner: string;
  readonly tip: string;
  readonly nozzle: string;
  readonly wire: string;
  readonly gas: string;
  readonly transferMode: string;
  readonly gunAngle: string;
  readonly way: string;
  readonly passes: number;
  /** Leg of each run of a fillet, and of the finished one. */
  readonly legMm: number | null;
  readonly finishedLegMm: number | null;
  readonly weldSize: string | null;
  readonly runs: readonly ReportedRun[];
  readonly heatInput: { readonly kJPerMm: number; readonly by: string };
  readonly totals: ReportedTotals | null;
  /** What a float meter scaled for argon reads at the flow to set, L/min. */
  readonly argonMeterReading: number;
  readonly fitUp: {
    readonly rootGap: ReportedSpan;
    readonly tack: ReportedSpan;
    readonly tackSpacing: ReportedSpan;
    readonly stitch: string | null;
    readonly bevel: string | null;
    readonly closedButt: string | null;
    readonly sides: number;
    readonly backing: boolean;
    readonly backPurge: string | null;
    readonly sequence: string | null;
    readonly preheat: string;
    readonly interpassMostC: number | null;
    readonly preparation: readonly string[];
  };
  readonly secondary: readonly { name: string; set: string; why: string; source: string }[];
  readonly otherWays: readonly ReportedWay[];
  readonly reasons: readonly ReportedReason[];
  readonly cautions: readonly { code: string; level: string; text: string; source: string }[];
  /** The way of wire, current and gas, in the order a welder looks. */
  readonly stations: readonly ReportedStation[];
  readonly modelVersion: string;
}

export interface ReportedRun {
  readonly number: number;
  readonly role: string;
  readonly layer: number;
  readonly wire: string;
  readonly transferMode: string;
  readonly amps: number;
  readonly volts: number;
  readonly wireFeedSpeedMPerMin: number;
  readonly travelMmPerMin: number;
  readonly sectionMm2: number;
  readonly legMm: number | null;
  readonly heatInputKJPerMm: number;
  readonly technique: string;
  readonly clean: string;
}

export interface ReportedTotals {
  readonly weldLengthMm: number;
  readonly arcTimeMin: number;
  readonly wireM: number;
  readonly wireKg: number;
  readonly gasL: number;
}

export interface ReportedWay {
  readonly name: string;
  readonly status: string;
  readonly code: string | null;
  readonly text: string;
}

export interface RefusedReport extends ReportedReading {
  readonly otherWays: readonly ReportedWay[];
  readonly refused: {
    readonly code: string;
    readonly reasons: readonly string[];
    readonly instead: readonly string[];
  };
}

export type PlanReport = PlannedReport | RefusedReport;

/** A number that is set, in its reader's unit; `decimals` are those of the core's own. */
interface SpanToReport {
  readonly span: Span;
  readonly quantity: AmountQuantity;
  readonly decimals: number;
}

function reported({ span, quantity, decimals }: SpanToReport, { units }: Reader): ReportedSpan {
  const written = writtenIn(quantity, units);
  const isOwn = written.unit === AMOUNT_UNITS[quantity];
  const figure = (value: number): number => to(written.from(value), isOwn ? decimals : written.decimals);
  return { start: figure(span.start), low: figure(span.low), high: figure(span.high), unit: written.unit };
}

function rounded(span: Span, unit: string, decimals: number): ReportedSpan {
  return {
    start: to(span.start, decimals),
    low: to(span.low, decimals),
    high: to(span.high, decimals),
    unit,
  };
}

function gunAngleText({ technique: { gunAngle } }: PlannedSetup): string {
  const { low, high } = gunAngle.travelDegrees;
  return `${gunAngle.direction} ${low}–${high}°, ${gunAngle.workDegrees}° to the work`;
}

function reportedWay({ name, status, code, text }: OtherWay) {
  return { name, status, code: code ?? null, text };
}

function reportedFitUp({ fitUp }: PlannedSetup, reader: Reader): PlannedReport['fitUp'] {
  const { stitch, bevel } = fitUp;
  const figures = {
    rootGap: reported({ span: fitUp.rootGapMm, quantity: 'distance', decimals: 1 }, reader),
    tack: reported({ span: fitUp.tackMm, quantity: 'distance', decimals: 0 }, reader),
    tackSpacing: reported({ span: fitUp.tackSpacingMm, quantity: 'distance', decimals: 0 }, reader),
    stitch:
      stitch === undefined
        ? null
        : words`${amount.distance(stitch.stitchMm)}, gap ${amount.distance(stitch.gapMm)}. ${stitch.why}`,
    bevel:
      bevel === undefined
        ? null
        : words`${bevel.includedDegrees}° included, root face ${amount.distance(bevel.rootFaceMm)}`,
    closedButt: fitUp.closedButt?.text ?? null,
    sides: fitUp.sides,
    backing: fitUp.backing,
    backPurge: fitUp.backPurge ? 'Argon behind the root until it is cool, or it sugars.' : null,
    sequence: fitUp.sequence ?? null,
    preheat: fitUp.preheatText,
    interpassMostC: fitUp.interpassMostC ?? null,
    preparation: fitUp.preparation,
  };
  return allInWords(figures, reader);
}

function to(value: number, decimals: number): number {
  return Number(value.toFixed(decimals));
}

function reportedRun(run: PlannedRun, reader: Reader): ReportedRun {
  return {
    number: run.number,
    role: RUN_ROLE_NAME[run.role],
    layer: run.layer,
    wire: inWords(words`${run.wireClass} ${amount.wireSize(run.wireDiameterMm)}`, reader),
    transferMode: MODE_NAME[run.mode],
    amps: to(run.currentA, 0),
    volts: to(run.volts, 1),
    wireFeedSpeedMPerMin: to(run.wireFeedSpeedMPerMin, 2),
    travelMmPerMin: to(run.travelMmPerMin, 0),
    sectionMm2: to(run.sectionMm2, 1),
    legMm: run.legMm === undefined ? null : to(run.legMm, 1),
    heatInputKJPerMm: to(run.heatInputKJPerMm, 2),
    technique: inWords(run.technique, reader),
    clean: run.clean,
  };
}

function reportedTotals({ totals }: PlannedSetup): ReportedTotals | null {
  if (!totals) return null;
  return {
    weldLengthMm: to(totals.weldLengthMm, 0),
    arcTimeMin: to(totals.arcTimeMin, 1),
    wireM: to(totals.wireM, 1),
    wireKg: to(totals.wireKg, 3),
    gasL: to(totals.gasL, 0),
  };
}

/** How a heat input was come by, in words. */
function heatInputBy({ voltsKind }: PlannedSetup): string {
  return voltsKind === 'mean'
    ? 'rough mean volts × mean current × 0.8 ÷ travel; pulsed, the true figure differs'
    : 'mean volts × mean current × 0.8 ÷ travel';
}

function wireText({ wire }: PlannedSetup): Words {
  const kind = isCoredWay(wireClassRow(wire.wireClass).way) ? 'cored' : 'solid';
  return words`${wire.wireClass} ${amount.wireSize(wire.diameterMm)}, ${kind}`;
}

function plannedReport(
  plan: PlannedSetup,
  reading: LineReading,
  machine: Machine | undefined,
  reader: Reader,
): PlannedReport {
  const settings = {
    wireFeedSpeed: reported(
      { span: plan.wireFeedSpeedMPerMin, quantity: 'wireFeedSpeed', decimals: 2 },
      reader,
    ),
    volts: rounded(plan.volts, 'V', 1),
    amps: rounded(plan.currentA, 'A', 0),
    gasFlow: reported({ span: plan.gasFlowLPerMin, quantity: 'gasFlow', decimals: 1 }, reader),
    ctwd: reported({ span: plan.ctwdMm, quantity: 'distance', decimals: 1 }, reader),
    extension: reported({ span: plan.extensionMm, quantity: 'distance', decimals: 1 }, reader),
    travelSpeed: reported({ span: plan.travelMmPerMin, quantity: 'travel', decimals: 0 }, reader),
    polarity: plan.polarity.polarity,
    driveRolls: plan.feedPath.driveRolls.fit,
    liner: plan.feedPath.liner.fit,
    tip: plan.feedPath.tip.fit,
    nozzle: plan.feedPath.nozzle.fit,
    wire: wireText(plan),
    gas: plan.gas.gas.name,
    way: plan.familyName,
    transferMode: plan.transferMode === 'own' ? MODE_NAME.own : plan.transferMode,
    gunAngle: gunAngleText(plan),
    passes: plan.bead.passes,
    legMm: plan.bead.legMm === undefined ? null : to(plan.bead.legMm, 1),
    finishedLegMm: plan.bead.finishedLegMm === undefined ? null : to(plan.bead.finishedLegMm, 1),
    weldSize: plan.weldSize?.text ?? null,
    runs: plan.runs.map((run) => reportedRun(run, reader)),
    heatInput: { kJPerMm: to(plan.heatInputKJPerMm, 2), by: heatInputBy(plan) },
    totals: reportedTotals(plan),
    argonMeterReading: Number(plan.gas.meterReadingLPerMin.toFixed(1)),
    fitUp: reportedFitUp(plan, reader),
    secondary: plan.secondary.map(({ name, set, why, source }) => ({
      name,
      set,
      why,
      source: sourceText(source),
    })),
    otherWays: plan.ways.map(reportedWay),
    reasons: plan.reasons.map(({ item, text, source }) => ({ item, text, source: sourceText(source) })),
    cautions: plan.cautions.map(({ code, level, text, source }) => ({
      code,
      level,
      text,
      source: sourceText(source),
    })),
    stations: reportedStations(plan, machine),
    modelVersion: plan.modelVersion,
  };
  return { ...allInWords(settings, reader), ...reportedReading(reading, true, reader) };
}

function thicknessRefusal(reading: LineReading) {
  const question = reading.questions.find((q) => q.slot === 'thicknessMm' || q.slot === 'otherThicknessMm');
  if (question) {
    return {
      code: 'thickness-ambiguous',
      reasons: [question.message],
      instead: question.choices.map((c) => c.line),
    };
  }
  const fragment = reading.fragments.find((f) => f.code !== undefined);
  if (fragment)
    return { code: fragment.code ?? 'thickness-unreadable', reasons: [fragment.label], instead: [] };
  return {
    code: 'thickness-missing',
    reasons: ['No thickness in these words: say how thick the work is.'],
    instead: ['For example: 3 mm steel tee flat'],
  };
}

/** Whom a report is for, and the machine it is planned for, as it stands. */
export interface ReportFor {
  readonly machine?: Machine | undefined;
  readonly reader?: Reader;
}

/**
 * A plan as plain data with rounded numbers and sources in words, together with what was read of the line.
 *
 * @param reading the line as it was read
 * @param setup the plan or its refusal; undefined when no thickness could be read
 */
export function planReport(
  reading: LineReading,
  setup: Setup | undefined,
  { machine, reader = { units: METRIC } }: ReportFor = {},
): PlanReport {
  if (setup?.status === 'planned') return plannedReport(setup, reading, machine, reader);
  const refused =
    setup === undefined
      ? thicknessRefusal(reading)
      : { code: setup.code, reasons: setup.reasons, instead: setup.instead };
  const common = { refused, otherWays: (setup?.ways ?? []).map(reportedWay) };
  return { ...allInWords(common, reader), ...reportedReading(reading, false, reader) };
}
