import { MODE_NAME } from '../../trade/transfer/transfer-mode.ts';
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
export type SheetLine = readonly [name: string, value: string];

export interface SheetPart {
  readonly title: string;
  readonly lines: readonly SheetLine[];
}

/** A run as a sheet has it, in the order of {@link SHEET_RUN_COLUMNS}. */
export type SheetRun = readonly string[];

export const SHEET_RUN_COLUMNS = [
  'Run',
  'Process',
  'Wire mm',
  'WFS m/min',
  'A',
  'V',
  'Polarity',
  'Travel mm/min',
  'Q kJ/mm',
] as const;

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

function about(value: number, places: number, band = RUN_BAND): string {
  return `${(value * (1 - band)).toFixed(places)}–${(value * (1 + band)).toFixed(places)}`;
}

function span({ low, high }: { readonly low: number; readonly high: number }, places: number): string {
  const [least, most] = [low.toFixed(places), high.toFixed(places)];
  return least === most ? least : `${least}–${most}`;
}

function runLine(plan: PlannedSetup, run: PlannedRun, process: string): SheetRun {
  const isOnly = plan.runs.length === 1;
  return [
    `${run.number} ${RUN_ROLE_NAME[run.role]}`,
    `${process} ${MODE_LETTER[run.mode]}`,
    run.wireDiameterMm.toFixed(1),
    isOnly ? span(plan.wireFeedSpeedMPerMin, 1) : about(run.wireFeedSpeedMPerMin, 1),
    isOnly ? span(plan.currentA, 0) : about(run.currentA, 0),
    isOnly ? span(plan.volts, 1) : about(run.volts, 1, 0.05),
    plan.polarity.polarity === 'DCEP' ? '+' : '−',
    isOnly ? span(plan.travelMmPerMin, 0) : about(run.travelMmPerMin, 0),
    about(run.heatInputKJPerMm, 2, 0.15),
  ];
}

function jointLines({ work, fitUp, bead }: PlannedSetup): readonly SheetLine[] {
  const { bevel, rootGapMm } = fitUp;
  const kind = isFilletJoint(work.joint) ? 'FW' : 'BW';
  const edge = bevel
    ? `single V, ${bevel.includedDegrees}°, root face ${span(bevel.rootFaceMm, 1)} mm`
    : 'square edge';
  return [
    ['Joint', `${kind}, ${JOINT_NAME[work.joint]}, ${edge}`],
    ['Gap', `${span(rootGapMm, 1)} mm`],
    ...(bead.finishedLegMm === undefined
      ? []
      : [
          [
            'Size',
            `leg z ${bead.finishedLegMm.toFixed(1)} mm (throat a ${(bead.finishedLegMm / Math.SQRT2).toFixed(1)} mm)`,
          ] as const,
        ]),
    ['Welded from', fitUp.sides === 2 ? 'both sides' : 'one side'],
    ['Backing', `${fitUp.backing ? 'bar' : 'none'}${fitUp.backPurge ? ', back purged with argon' : ''}`],
    ['Cleaning', fitUp.preparation.join('; ') || 'bright metal'],
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
  const flow = gas.gas.shields ? `${span(plan.gasFlowLPerMin, 0)} L/min` : 'no gas';
  const groupText =
    group === undefined
      ? 'group not known: name the grade'
      : `group ${group}${pNumber(group) === undefined ? '' : `, P-No. ${pNumber(group)}`}`;
  const other = work.otherMetal === undefined ? '' : ` to ${metalText(work.otherMetal, work.otherAlloy)}`;
  const numbers: readonly SheetLine[] = [
    [
      'Wire speed',
      `${plan.wireFeedSpeedMPerMin.start.toFixed(1)} m/min (${span(plan.wireFeedSpeedMPerMin, 1)})`,
    ],
    ['Volts', `${plan.volts.start.toFixed(1)} V (${span(plan.volts, 1)})`],
    [
      'Gas',
      gas.gas.shields
        ? `${plan.gasFlowLPerMin.start.toFixed(0)} L/min (${span(plan.gasFlowLPerMin, 0)})`
        : 'none',
    ],
    ['Tip to work', `${plan.ctwdMm.start.toFixed(0)} mm (${span(plan.ctwdMm, 0)})`],
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
          ['Process', `${process} (${plan.familyName}), ${MODE_NAME[plan.transferMode]}`],
          ['Metal', `${metalText(work.metal, work.alloy)}${other}, ${groupText}`],
          ['Thickness', `${plates.map((mm) => mm.toFixed(1)).join(' on ')} mm`],
          ['Tube', work.outsideMm ? `outside ${work.outsideMm.join(' × ')} mm` : 'plate'],
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
            `${wire.diameterMm.toFixed(1)} mm ${wire.wireClass}${beside === undefined ? '' : ` ≈ ${beside}`}`,
          ],
          ['Lot', head.wireBatch ?? 'not told'],
          ['Gas', `${gas.gas.name}${gas.gas.group === undefined ? '' : ` (${gas.gas.group})`}, ${flow}`],
          [
            'Polarity',
            `${plan.polarity.polarity}: gun ${plan.polarity.gunLead}, work ${plan.polarity.workLead}`,
          ],
          [
            'Wire path',
            `${feedPath.driveRolls.fit}; ${feedPath.liner.fit}; tip ${feedPath.tip.fit}; ${feedPath.nozzle.fit}`,
          ],
        ],
      },
      {
        title: 'Technique',
        lines: [
          ['Tip to work', `${span(plan.ctwdMm, 0)} mm, extension ${span(plan.extensionMm, 0)} mm`],
          ['Gun', `${technique.gunAngle.direction}, ${technique.gunAngle.workDegrees}° to the work`],
          [
            'Hand',
            plan.runs
              .map(({ technique: how }) => how)
              .filter((how, i, all) => all.indexOf(how) === i)
              .join('; '),
          ],
          ['Preheat', fitUp.preheatText],
          [
            'Between runs',
            fitUp.interpassMostC === undefined ? 'not limited' : `at most ${fitUp.interpassMostC} °C`,
          ],
          ['Tacks', `${span(fitUp.tackMm, 0)} mm, ${span(fitUp.tackSpacingMm, 0)} mm apart`],
          ['Heat input', `${about(plan.heatInputKJPerMm, 2, 0.15)} kJ/mm, mean volts × mean amps × 0.8`],
        ],
      },
    ],
    runs: plan.runs.map((run) => runLine(plan, run, process)),
  };
}
