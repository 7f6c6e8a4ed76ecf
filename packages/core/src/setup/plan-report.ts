import { sourceText } from '../provenance/source.ts';
import type { QuickReading, QuickWork } from '../quick-line/quick-work.ts';
import type { Span } from '../quantity/span.ts';
import { MODE_NAME } from '../transfer/transfer-mode.ts';
import { wireClassRow } from '../wire/wire-class.ts';
import type { OtherWay, PlannedSetup, Setup } from './setup.ts';

/** A number with its unit, rounded as far as it can be set. */
export interface ReportedSpan extends Span {
  readonly unit: string;
}

export interface ReportedReason {
  readonly item: string;
  readonly text: string;
  readonly source: string;
}

/** What was read of the words, for every kind of report. */
export interface ReportedReading {
  readonly understood: QuickWork;
  /** Slots of `understood` that follow from other words rather than being said. */
  readonly assumed: readonly string[];
  readonly questions: readonly { message: string; choices: readonly string[] }[];
  readonly notUnderstood: readonly string[];
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
  readonly legMm: number | null;
  /** What a float meter scaled for argon reads at the flow to set, L/min. */
  readonly argonMeterReading: number;
  readonly fitUp: {
    readonly rootGap: ReportedSpan;
    readonly tack: ReportedSpan;
    readonly tackSpacing: ReportedSpan;
    readonly stitch: string | null;
    readonly bevel: string | null;
    readonly preheat: string;
    readonly interpassMostC: number | null;
    readonly preparation: readonly string[];
  };
  readonly secondary: readonly { name: string; set: string; why: string; source: string }[];
  readonly otherWays: readonly ReportedWay[];
  readonly reasons: readonly ReportedReason[];
  readonly cautions: readonly { code: string; level: string; text: string; source: string }[];
  readonly modelVersion: string;
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

function rounded(span: Span, unit: string, decimals: number): ReportedSpan {
  const to = (value: number): number => Number(value.toFixed(decimals));
  return { start: to(span.start), low: to(span.low), high: to(span.high), unit };
}

function reportedReading(reading: QuickReading): ReportedReading {
  return {
    understood: { ...reading.assumed, ...reading.work },
    assumed: Object.keys(reading.assumed),
    questions: reading.questions.map(({ message, choices }) => ({
      message,
      choices: choices.map((c) => c.line),
    })),
    notUnderstood: reading.fragments.filter((f) => f.status === 'not-understood').map((f) => f.text),
  };
}

function gunAngleText({ technique: { gunAngle } }: PlannedSetup): string {
  const { low, high } = gunAngle.travelDegrees;
  return `${gunAngle.direction} ${low}–${high}°, ${gunAngle.workDegrees}° to the work`;
}

function reportedWays(ways: readonly OtherWay[]): readonly ReportedWay[] {
  return ways.map(({ name, status, code = null, text }) => ({ name, status, code, text }));
}

function reportedFitUp({ fitUp }: PlannedSetup): PlannedReport['fitUp'] {
  const { stitch, bevel } = fitUp;
  return {
    rootGap: rounded(fitUp.rootGapMm, 'mm', 1),
    tack: rounded(fitUp.tackMm, 'mm', 0),
    tackSpacing: rounded(fitUp.tackSpacingMm, 'mm', 0),
    stitch: stitch === undefined ? null : `${stitch.stitchMm} mm, gap ${stitch.gapMm} mm. ${stitch.why}`,
    bevel:
      bevel === undefined
        ? null
        : `${bevel.includedDegrees}° included, root face ${bevel.rootFaceMm.low}–${bevel.rootFaceMm.high} mm`,
    preheat: fitUp.preheatText,
    interpassMostC: fitUp.interpassMostC ?? null,
    preparation: fitUp.preparation,
  };
}

const TUBULAR = ['self-shielded', 'gas-shielded-flux-core', 'metal-cored'];

function wireText({ wire }: PlannedSetup): string {
  const kind = TUBULAR.includes(wireClassRow(wire.wireClass).way) ? 'cored' : 'solid';
  return `${wire.wireClass} ${wire.diameterMm} mm, ${kind}`;
}

function plannedReport(plan: PlannedSetup, reading: QuickReading): PlannedReport {
  return {
    wireFeedSpeed: rounded(plan.wireFeedSpeedMPerMin, 'm/min', 2),
    volts: rounded(plan.volts, 'V', 1),
    amps: rounded(plan.currentA, 'A', 0),
    gasFlow: rounded(plan.gasFlowLPerMin, 'L/min', 1),
    ctwd: rounded(plan.ctwdMm, 'mm', 1),
    extension: rounded(plan.extensionMm, 'mm', 1),
    travelSpeed: rounded(plan.travelMmPerMin, 'mm/min', 0),
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
    legMm: plan.bead.legMm === undefined ? null : Number(plan.bead.legMm.toFixed(1)),
    argonMeterReading: Number(plan.gas.meterReadingLPerMin.toFixed(1)),
    fitUp: reportedFitUp(plan),
    secondary: plan.secondary.map(({ name, set, why, source }) => ({
      name,
      set,
      why,
      source: sourceText(source),
    })),
    otherWays: reportedWays(plan.ways),
    reasons: plan.reasons.map(({ item, text, source }) => ({ item, text, source: sourceText(source) })),
    cautions: plan.cautions.map(({ code, level, text, source }) => ({
      code,
      level,
      text,
      source: sourceText(source),
    })),
    modelVersion: plan.modelVersion,
    ...reportedReading(reading),
  };
}

function thicknessRefusal(reading: QuickReading): RefusedReport['refused'] {
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

/**
 * A plan as plain data with rounded numbers and sources in words, together with what was read of the line.
 *
 * @param reading the line as it was read
 * @param setup the plan or its refusal; undefined when no thickness could be read
 */
export function planReport(reading: QuickReading, setup: Setup | undefined): PlanReport {
  if (setup?.status === 'planned') return plannedReport(setup, reading);
  const refused =
    setup === undefined
      ? thicknessRefusal(reading)
      : { code: setup.code, reasons: setup.reasons, instead: setup.instead };
  return { refused, otherWays: reportedWays(setup?.ways ?? []), ...reportedReading(reading) };
}
