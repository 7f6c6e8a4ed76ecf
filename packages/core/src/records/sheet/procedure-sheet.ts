import { amount } from '../../base/words/amount.ts';
import { isSameWords, joined, words, type Words } from '../../base/words/words.ts';
import { MODE_NAME } from '../../trade/transfer/transfer-mode.ts';
import type { Span } from '../../base/numeric/span.ts';
import { isFilletJoint, JOINT_NAME } from '../../trade/material/work.ts';
import { type BaseMetal, baseMetalRow } from '../../trade/material/base-metal.ts';
import { type PlannedRun, RUN_ROLE_NAME } from '../../plan/runs/run.ts';
import type { PlannedSetup } from '../../plan/setup/setup.ts';
import {
  FILLER_BESIDE,
  metalGroup,
  MODE_LETTER,
  pNumber,
  positionCode,
  processNumber,
} from './sheet-terms.ts';

/** What a sheet stands and falls with: another of these, and it no longer describes the weld. */
export interface SheetEssentials {
  readonly process: string;
  readonly mode: string;
  readonly metal: string;
  readonly group?: string | undefined;
  readonly thicknessMm: number;
  readonly throatMm?: number | undefined;
  readonly gas: string;
  readonly co2Percent: number;
  readonly filler: string;
  readonly polarity: string;
  readonly runs: number;
  readonly backing: boolean;
  readonly preheatC?: number | undefined;
  readonly interpassMostC?: number | undefined;
  readonly heatInputKJPerMm: number;
  readonly position: string;
}

/** One line of a sheet: what it is, and what stands there. */
export type SheetLine = readonly [name: string, value: Words];

export interface SheetPart {
  readonly title: string;
  readonly lines: readonly SheetLine[];
}

/** A run as a sheet has it, in the order of `SHEET_COLUMNS`. */
export type SheetRun = readonly Words[];

/** A preliminary procedure sheet, in words: it can be kept and printed as it is. */
export interface ProcedureSheet {
  readonly modelVersion: string;
  readonly title: string;
  /** Wire speed, volts, gas flow and tip to work, each with its range. */
  readonly numbers: readonly SheetLine[];
  readonly parts: readonly SheetPart[];
  readonly runs: readonly SheetRun[];
  readonly essentials: SheetEssentials;
}

/** Said on every sheet. */
export const SHEET_DISCLAIMER =
  'A starting sheet from a shop program. Not a qualified procedure, no proof of strength. Code, pressure, lifting, vehicle and structural work needs a qualified procedure and welder and the responsible engineer.';

/** How far figures of a run may lie off, where the plan gives no range of its own, share. Source: our model. */
const RUN_BAND = 0.1;

type Ends = Pick<Span, 'low' | 'high'>;

function about(value: number, band = RUN_BAND): Ends {
  return { low: value * (1 - band), high: value * (1 + band) };
}

function span({ low, high }: Ends, places: number): string {
  const [least, most] = [low.toFixed(places), high.toFixed(places)];
  return least === most ? least : `${least}–${most}`;
}

/** A column has its unit in its heading. */
const IN_COLUMN = { between: '–', isBare: true } as const;

function runLine(plan: PlannedSetup, run: PlannedRun, process: string): SheetRun {
  const isOnly = plan.runs.length === 1;
  return [
    words`${run.number} ${RUN_ROLE_NAME[run.role]}`,
    words`${process} ${MODE_LETTER[run.mode]}`,
    words`${amount.wireSize(run.wireDiameterMm, undefined, IN_COLUMN)}`,
    words`${amount.wireFeedSpeed(isOnly ? plan.wireFeedSpeedMPerMin : about(run.wireFeedSpeedMPerMin), 1, IN_COLUMN)}`,
    span(isOnly ? plan.currentA : about(run.currentA), 0),
    span(isOnly ? plan.volts : about(run.volts, 0.05), 1),
    plan.polarity.polarity === 'DCEP' ? '+' : '−',
    words`${amount.travel(isOnly ? plan.travelMmPerMin : about(run.travelMmPerMin), 0, IN_COLUMN)}`,
    words`${amount.heatInput(about(run.heatInputKJPerMm, 0.15), 2, IN_COLUMN)}`,
  ];
}

function jointLines({ work, fitUp, bead }: PlannedSetup): readonly SheetLine[] {
  const { bevel, rootGapMm } = fitUp;
  const kind = isFilletJoint(work.joint) ? 'FW' : 'BW';
  const edge = bevel
    ? words`single V, ${bevel.includedDegrees}°, root face ${amount.distance(bevel.rootFaceMm, 1)}`
    : 'square edge';
  return [
    ['Joint', words`${kind}, ${JOINT_NAME[work.joint]}, ${edge}`],
    ['Gap', words`${amount.distance(rootGapMm, 1)}`],
    ...(bead.finishedLegMm === undefined
      ? []
      : [
          [
            'Size',
            words`leg z ${amount.distance(bead.finishedLegMm, 1)} (throat a ${amount.distance(bead.finishedLegMm / Math.SQRT2, 1)})`,
          ] as const,
        ]),
    ['Welded from', fitUp.sides === 2 ? 'both sides' : 'one side'],
    ['Backing', words`${fitUp.backing ? 'bar' : 'none'}${fitUp.backPurge ? ', back purged with argon' : ''}`],
    ['Cleaning', fitUp.preparation.length === 0 ? 'bright metal' : joined(fitUp.preparation, '; ')],
    ['Position', positionCode(work)],
  ];
}

function essentialsOf(plan: PlannedSetup, process: string): SheetEssentials {
  const { work, gas, wire, fitUp, bead } = plan;
  const { co2Percent, group: symbol, name } = gas.gas;
  const alloy = work.alloy ?? '';
  return {
    process,
    mode: plan.transferMode,
    metal: `${work.metal} ${alloy}`.trim(),
    group: metalGroup(work.metal, work.alloy),
    thicknessMm: Math.min(work.thicknessMm, work.otherThicknessMm ?? work.thicknessMm),
    throatMm: bead.finishedLegMm === undefined ? undefined : bead.finishedLegMm / Math.SQRT2,
    gas: gas.gas.shields ? (symbol ?? name) : 'none',
    co2Percent: (co2Percent[0] + co2Percent[1]) / 2,
    filler: wire.wireClass,
    polarity: plan.polarity.polarity,
    runs: plan.runs.length,
    backing: fitUp.backing,
    preheatC: fitUp.preheatC,
    interpassMostC: fitUp.interpassMostC,
    heatInputKJPerMm: plan.heatInputKJPerMm,
    position: positionCode(work),
  };
}

function metalText(metal: BaseMetal, alloy: string | undefined): string {
  const { name } = baseMetalRow(metal);
  return alloy === undefined ? `${name}, grade not told` : `${name} ${alloy}`;
}

const isFirstOfItsKind = (how: Words, i: number, all: readonly Words[]): boolean =>
  all.findIndex((one) => isSameWords(one, how)) === i;

/** What a sheet is headed with besides its plan. */
export interface SheetHead {
  readonly title: string;
  readonly machineName?: string | undefined;
  /** The plan's wire speed and volts in the machine's own terms. */
  readonly machineTerms?: readonly SheetLine[] | undefined;
  readonly wireBatch?: string | undefined;
}

/**
 * A preliminary procedure sheet of a plan.
 *
 * @source fields in the manner of ISO 15609-1, recalled; process ISO 4063, metal ISO/TR 15608, position ISO 6947 and AWS
 *   A3.0, gas ISO 14175, all recalled; ranges of the runs our model
 */
export function procedureSheet(plan: PlannedSetup, head: SheetHead): ProcedureSheet {
  const { work, wire, gas, feedPath, technique, fitUp } = plan;
  const isInert = gas.gas.co2Percent[1] === 0 && gas.gas.oxygenPercent === 0;
  const process = processNumber(plan.way, isInert);
  const essentials = essentialsOf(plan, process);
  const { group } = essentials;
  const beside = FILLER_BESIDE[wire.wireClass];
  const plates = [work.thicknessMm, work.otherThicknessMm].filter((one) => one !== undefined);
  const flow = gas.gas.shields ? words`${amount.gasFlow(plan.gasFlowLPerMin, 0)}` : 'no gas';
  const groupText =
    group === undefined
      ? 'group not known: name the grade'
      : `group ${group}${pNumber(group) === undefined ? '' : `, P-No. ${pNumber(group)}`}`;
  const other = work.otherMetal === undefined ? '' : ` to ${metalText(work.otherMetal, work.otherAlloy)}`;
  const numbers: readonly SheetLine[] = [
    [
      'Wire speed',
      words`${amount.wireFeedSpeed(plan.wireFeedSpeedMPerMin.start, 1)} (${amount.wireFeedSpeed(plan.wireFeedSpeedMPerMin, 1)})`,
    ],
    ['Volts', words`${plan.volts.start.toFixed(1)} V (${span(plan.volts, 1)})`],
    [
      'Gas',
      gas.gas.shields
        ? words`${amount.gasFlow(plan.gasFlowLPerMin.start, 0)} (${amount.gasFlow(plan.gasFlowLPerMin, 0)})`
        : 'none',
    ],
    ['Tip to work', words`${amount.distance(plan.ctwdMm.start, 0)} (${amount.distance(plan.ctwdMm, 0)})`],
  ];
  return {
    modelVersion: plan.modelVersion,
    title: head.title,
    numbers,
    essentials,
    parts: [
      {
        title: 'Process and metal',
        lines: [
          ['Process', words`${process} (${plan.familyName}), ${MODE_NAME[plan.transferMode]}`],
          ['Metal', words`${metalText(work.metal, work.alloy)}${other}, ${groupText}`],
          ['Thickness', words`${amount.thickness(plates, 1, { between: ' on ' })}`],
          [
            'Tube',
            work.outsideMm
              ? words`outside ${amount.distance(work.outsideMm, 'as-given', { between: ' × ' })}`
              : 'plate',
          ],
          ['Machine', head.machineName ?? 'not named'],
          ...(head.machineTerms ?? []),
        ],
      },
      { title: 'Joint', lines: jointLines(plan) },
      {
        title: 'Filler and gas',
        lines: [
          [
            'Filler',
            words`${amount.wireSize(wire.diameterMm, 1)} ${wire.wireClass}${beside === undefined ? '' : words` ≈ ${beside}`}`,
          ],
          ['Lot', head.wireBatch ?? 'not told'],
          [
            'Gas',
            words`${gas.gas.name}${gas.gas.group === undefined ? '' : words` (${gas.gas.group})`}, ${flow}`,
          ],
          [
            'Polarity',
            words`${plan.polarity.polarity}: gun ${plan.polarity.gunLead}, work ${plan.polarity.workLead}`,
          ],
          [
            'Wire path',
            words`${feedPath.driveRolls.fit}; ${feedPath.liner.fit}; tip ${feedPath.tip.fit}; ${feedPath.nozzle.fit}`,
          ],
        ],
      },
      {
        title: 'Technique',
        lines: [
          [
            'Tip to work',
            words`${amount.distance(plan.ctwdMm, 0)}, extension ${amount.distance(plan.extensionMm, 0)}`,
          ],
          ['Gun', words`${technique.gunAngle.direction}, ${technique.gunAngle.workDegrees}° to the work`],
          ['Hand', joined(plan.runs.map(({ technique: how }) => how).filter(isFirstOfItsKind), '; ')],
          ['Preheat', fitUp.preheatText],
          [
            'Between runs',
            fitUp.interpassMostC === undefined
              ? 'not limited'
              : words`at most ${amount.temperature(fitUp.interpassMostC)}`,
          ],
          [
            'Tacks',
            words`${amount.distance(fitUp.tackMm, 0)}, ${amount.distance(fitUp.tackSpacingMm, 0)} apart`,
          ],
          [
            'Heat input',
            words`${amount.heatInput(about(plan.heatInputKJPerMm, 0.15), 2)}, mean volts × mean amps × 0.8`,
          ],
        ],
      },
    ],
    runs: plan.runs.map((run) => runLine(plan, run, process)),
  };
}
