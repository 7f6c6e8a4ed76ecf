import { inWords, type Units, wireSizeText } from '@hot-bead/core/base';
import type { EntryUnit, Machine } from '@hot-bead/core/machine';
import {
  entryFigure,
  isFarPosition,
  type LidBasis,
  type LidCell,
  type LidColumn,
  type LidRow,
  NEAR_LETTER_SHARE,
  NEAR_POSITION_V,
} from '@hot-bead/core/terms';
import { MODE_NAME } from '@hot-bead/core/trade';
import Papa from 'papaparse';
import { outOfReachText, trimText, voltsOutOfReachText } from '../../terms/index.ts';
import { figureOf, shownAs, withUnit } from '../../../units/index.ts';

export type SetCell = Extract<LidCell, { status: 'set' }>;

/** Each kind of cell: its sign, its word, and what it means. */
export const BASIS: Readonly<
  Record<LidBasis, { readonly sign: string; readonly word: string; readonly means: string }>
> = {
  proven: { sign: '●', word: 'proven', means: 'test beads proved this very setting' },
  learned: { sign: '◐', word: 'learned', means: 'moved by what test beads taught on this machine' },
  computed: { sign: '○', word: 'computed', means: 'from the plan and what was measured of the knobs' },
};

const FITTED = 'fitted';
const FAR = '(far)';

/** Whether a cell's tap or letter is the nearest there is, and yet not near. */
function isFar({ wire, volts, fitted }: SetCell): boolean {
  return (wire.status === 'letter' && !wire.near) || (isFarPosition(volts) && !fitted);
}

/** What the words of a chart's cells mean that say how well a tap or letter suits the plan; those that stand in it. */
export function fitNotes(rows: readonly LidRow[]): readonly string[] {
  const cells = rows.flatMap((row) => row.cells).filter((cell) => cell.status === 'set');
  return [
    ...(cells.some(({ fitted }) => fitted)
      ? [`${FITTED}: wire speed moved inside the plan’s range so that the tap suits it.`]
      : []),
    ...(cells.some(isFar)
      ? [
          `${FAR}: the nearest there is, yet over ${NEAR_POSITION_V} V or ${NEAR_LETTER_SHARE * 100} % off: expect to correct.`,
        ]
      : []),
  ];
}

/** A cell's two settings in words: the wire control's and the volts control's. */
export interface CellText {
  readonly wire: string;
  readonly volts: string;
  /** Transfer, passes, and whether the wire was fitted to the tap, where there is something to say. */
  readonly more: string;
}

function wireTextOf(cell: SetCell, entryUnit: EntryUnit | undefined, units: Units): string {
  const speed = withUnit('wireFeedSpeed', cell.wireFeedSpeedMPerMin, units);
  switch (cell.wire.status) {
    case 'knob':
      return `knob ${cell.wire.marks.join('–')}`;
    case 'letter':
      return `letter ${cell.wire.name}${cell.wire.near ? '' : ` ${FAR}`}`;
    case 'entry':
      return cell.entry?.status === 'set' && entryUnit !== undefined
        ? `enter ${entryFigure(cell.entry.entry, entryUnit)}`
        : speed;
    default:
      return speed;
  }
}

function voltsTextOf(cell: SetCell): string {
  switch (cell.volts.status) {
    case 'position':
      return `tap ${cell.volts.choice.position.name}${cell.volts.near || cell.fitted ? '' : ` ${FAR}`}`;
    case 'knob':
      return `volts knob ${cell.volts.marks.join('–')}`;
    case 'shown-offset':
      return `show ${cell.volts.set.start.toFixed(1)} V`;
    case 'entry':
      return cell.entry?.status === 'set' ? trimText(cell.entry) : `${cell.voltsV.toFixed(1)} V`;
    default:
      return `${cell.voltsV.toFixed(1)} V`;
  }
}

/** What a cell says in the machine's own terms; undefined where it is out of reach. */
export function cellText(
  cell: LidCell,
  machine: Pick<Machine, 'oneEntry'>,
  units: Units,
): CellText | undefined {
  if (cell.status === 'out-of-reach') return undefined;
  const mode = cell.mode === 'own' ? undefined : MODE_NAME[cell.mode];
  const fitted = cell.fitted ? FITTED : undefined;
  const passes = cell.passes > 1 ? `${cell.passes} passes` : undefined;
  return {
    wire: wireTextOf(cell, machine.oneEntry?.unit, units),
    volts: voltsTextOf(cell),
    more: [mode, passes, fitted].filter((text) => text !== undefined).join(', '),
  };
}

/** Why a cell is out of reach. */
export function whyText(cell: Extract<LidCell, { status: 'out-of-reach' }>, units: Units): string {
  if (typeof cell.why === 'string' || 'code' in cell.why) return inWords(cell.why, { units });
  return 'endV' in cell.why ? voltsOutOfReachText(cell.why) : outOfReachText(cell.why, units);
}

export function columnName({ wireClass, diameterMm, mode }: LidColumn, units: Units): string {
  const asked = mode === undefined ? '' : `, ${MODE_NAME[mode]}`;
  return `${wireSizeText(diameterMm, units)} ${wireClass}${asked}`;
}

/** The chart as CSV, one line a thickness, four columns a wire and transfer: wire, volts, transfer, and what it rests on. */
export function chartCsv(
  rows: readonly LidRow[],
  columns: readonly LidColumn[],
  machine: Pick<Machine, 'oneEntry'>,
  units: Units,
): string {
  const parts = ['wire', 'volts', 'transfer', 'basis'] as const;
  const head = [
    `thickness ${shownAs('thickness', units).unit}`,
    ...columns.flatMap((column) => parts.map((part) => `${columnName(column, units)} ${part}`)),
  ];
  const body = rows.map((row) => [
    figureOf('thickness', row.thicknessMm, units),
    ...row.cells.flatMap((cell) => {
      const text = cellText(cell, machine, units);
      if (cell.status === 'out-of-reach' || !text) return ['', '', '', 'out of reach'];
      return [text.wire, text.volts, text.more, `${cell.basis}${cell.stop ? ', stop caution' : ''}`];
    }),
  ]);
  return Papa.unparse([head, ...body]);
}

/** Program and other settings of each column on the machine's own scales, as its middle row has them. */
export function settingNotes(
  rows: readonly LidRow[],
  columns: readonly LidColumn[],
  units: Units,
): readonly string[] {
  return columns.flatMap((column, i) => {
    const set = rows.flatMap(({ thicknessMm, cells }) => {
      const cell = cells[i];
      return cell?.status === 'set' ? [{ thicknessMm, cell }] : [];
    });
    const middle = set[Math.floor(set.length / 2)];
    if (!middle) return [];
    const { program, settings } = middle.cell;
    const parts = [
      ...(program === undefined ? [] : [`program ${program}`]),
      ...settings.map(({ name, set: where }) => `${name} ${inWords(where, { units })}`),
    ];
    if (parts.length === 0) return [];
    const at = withUnit('thickness', middle.thicknessMm, units);
    return [`${columnName(column, units)}, at ${at}: ${parts.join('; ')}.`];
  });
}
