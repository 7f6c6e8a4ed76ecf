import { gaugeTableFor } from '../material/work.ts';
import type { LengthUnit, ThicknessReading } from '../quantity/thickness.ts';
import { gaugeTableName, THICKNESS_RANGE_MM, thicknessOfWritten } from '../quantity/thickness.ts';
import { mmOfWritten, type WrittenLength } from '../quantity/length-text.ts';
import { MM_PER_INCH } from '../quantity/units.ts';
import { WIRE_DIAMETER_TABLE, type WireDiameterMm } from '../wire/wire-diameter.ts';
import type { LengthRole } from './figures.ts';
import { wireOfLength } from './figures.ts';
import { meaningOf, type Token } from './meaning.ts';
import { type Draft, lineWith } from './draft.ts';
import type { QuickChoice, QuickSlot } from './quick-work.ts';

interface Placed {
  readonly index: number;
  readonly token: Token;
  readonly length: WrittenLength;
}

function tidy(mm: number): string {
  return String(Number(mm.toFixed(3)));
}

function question(
  draft: Draft,
  placed: Placed,
  slot: QuickSlot,
  message: string,
  choices: readonly QuickChoice[],
): void {
  draft.questions.push({ slot, message, start: placed.token.start, end: placed.token.end, choices });
  draft.verdicts.set(placed.index, { status: 'questioned', label: message, slots: [slot] });
}

/** A partner in a pair that states its unit lends it: `3 to 5 mm`. */
function unitFor(placed: Placed, all: readonly Placed[], unit: LengthUnit): LengthUnit {
  const partner = all.find((other) => other !== placed && other.length.form !== 'bare');
  if (partner?.length.form === 'mm') return 'mm';
  return partner?.length.form === 'inch' ? 'in' : unit;
}

/** A bare figure beside a gauge is a gauge: `16 to 14 ga`. */
function lentGauge(placed: Placed, all: readonly Placed[]): Placed {
  const gauge = all.some((other) => other !== placed && other.length.form === 'gauge');
  const bare =
    placed.length.form === 'bare' && Number.isInteger(placed.length.value) && placed.length.value > 6;
  return gauge && bare ? { ...placed, length: { ...placed.length, form: 'gauge' } } : placed;
}

function readOne(draft: Draft, placed: Placed, slot: QuickSlot, unit: LengthUnit): number | undefined {
  const metal = draft.said.metal ?? draft.assumed.metal ?? 'carbon-steel';
  const product =
    slot === 'thicknessMm' ? draft.said.product : (draft.said.otherProduct ?? draft.said.product);
  const reading: ThicknessReading = thicknessOfWritten(placed.length, {
    unit,
    gaugeTable: gaugeTableFor(metal, product),
  });
  if (reading.status === 'ask') {
    const choices = reading.choices.map(({ label, text }) => ({
      label,
      line: lineWith(draft, placed.token, text),
    }));
    question(draft, placed, slot, reading.message, choices);
    return undefined;
  }
  if (reading.status === 'refused') {
    draft.verdicts.set(placed.index, {
      status: 'not-understood',
      label: reading.message,
      slots: [],
      code: reading.code,
    });
    return undefined;
  }
  const table = reading.gauge ? `, ${gaugeTableName(reading.gauge.table)} gauge` : '';
  const before = draft.verdicts.get(placed.index);
  const label = `${tidy(reading.thicknessMm)} mm${table}`;
  draft.verdicts.set(placed.index, {
    status: 'understood',
    label: before ? `${before.label} ${label}` : label,
    slots: before ? [slot, ...before.slots] : [slot],
  });
  return reading.thicknessMm;
}

function askRole(draft: Draft, placed: Placed, second: boolean): void {
  const { text } = placed.token;
  const wire = wireOfLength(placed.length);
  question(
    draft,
    placed,
    second ? 'otherThicknessMm' : 'thicknessMm',
    `${text}: wire or ${second ? 'second part' : 'thickness'}?`,
    [
      { label: `${wire} mm wire`, line: lineWith(draft, placed.token, `${text} wire`) },
      { label: `${text} thick`, line: lineWith(draft, placed.token, `${text} thick`) },
    ],
  );
}

/** Share by which a written wire size may differ from the name it is sold under before that is said. */
const NAME_OFF_SHARE = 0.03;

function readWire(draft: Draft, placed: Placed, wire: WireDiameterMm): void {
  draft.said.wireDiameterMm = wire;
  const label = `${wire} mm wire`;
  draft.verdicts.set(placed.index, { status: 'understood', label, slots: ['wireDiameterMm'] });
  const mm = mmOfWritten(placed.length);
  if (mm === undefined || wire <= 1.2 || Math.abs(mm / wire - 1) <= NAME_OFF_SHARE) return;
  // the value stands while the question does: the inch size and the metric name are some way apart
  const { text } = placed.token;
  question(draft, placed, 'wireDiameterMm', `${text} is sold as ${wire} mm (${mm.toFixed(2)} mm): right?`, [
    { label: `${wire} mm wire`, line: lineWith(draft, placed.token, `${wire} mm wire`) },
    { label: 'leave it out', line: lineWith(draft, placed.token, '') },
  ]);
}

/** A bare figure that can only be a wire: taken as it, with the question left standing. */
function askedWire(draft: Draft, placed: Placed, wire: WireDiameterMm): void {
  draft.assumed.wireDiameterMm = wire;
  askRole(draft, placed, true);
}

/** A size that no wire is sold in, beside a wire: said to be one, and never the plate. */
function unknownWire(draft: Draft, placed: Placed): void {
  const { text } = placed.token;
  const label = `${text}: a wire size we do not know`;
  const sold = WIRE_DIAMETER_TABLE.filter(({ coredOnly }) => coredOnly !== true).map((row) => row.nominalMm);
  question(draft, placed, 'wireDiameterMm', `${label}. Which is it?`, [
    ...sold.map((mm) => ({ label: `${mm} mm`, line: lineWith(draft, placed.token, `${mm} mm wire`) })),
    { label: `${text} thick`, line: lineWith(draft, placed.token, `${text} thick`) },
  ]);
}

/** Thickness of common walls, offered where a section's wall is not said, mm. */
const USUAL_WALLS_MM = [2, 3, 4, 5];

/** A leg, or the outside of a section: figures that are no thickness. */
function readBeside(
  draft: Draft,
  placed: Placed,
  role: 'leg' | 'outside' | 'ask-wall',
  unit: LengthUnit,
): void {
  const { index, token, length } = placed;
  const mm = mmOfWritten(length) ?? (unit === 'in' ? length.value * MM_PER_INCH : length.value);
  if (role === 'leg') {
    draft.said.legMm = Number(mm.toFixed(4));
    draft.verdicts.set(index, { status: 'understood', label: `${tidy(mm)} mm leg`, slots: ['legMm'] });
    return;
  }
  draft.said.outsideMm = [Number(mm.toFixed(4))];
  const slot = draft.tokens.slice(0, index).some((t) => meaningOf(t, 'connector'))
    ? 'otherThicknessMm'
    : 'thicknessMm';
  const label = `${tidy(mm)} mm outside`;
  draft.verdicts.set(index, { status: 'understood', label, slots: ['outsideMm'] });
  if (role === 'outside') return;
  question(draft, placed, slot, `${token.text} is its outside: how thick is the wall?`, [
    ...USUAL_WALLS_MM.map((wall) => ({
      label: `${wall} mm`,
      line: lineWith(draft, token, `${token.text} OD, ${wall} mm wall`),
    })),
  ]);
}

function isBeyond({ length }: Placed, unit: LengthUnit): boolean {
  const mm = unit === 'in' ? length.value * MM_PER_INCH : length.value;
  return length.form === 'bare' && mm > THICKNESS_RANGE_MM[1];
}

function setPair(draft: Draft, first: number | undefined, second: number | undefined, paired: boolean): void {
  const swap = !paired && first !== undefined && second !== undefined && first > second;
  const [one, two] = swap ? [second, first] : [first, second];
  if (one !== undefined) draft.said.thicknessMm = one;
  if (two !== undefined && two !== one) draft.said.otherThicknessMm = two;
}

/** Reads the figures of the line once their roles are settled. */
export function readThicknesses(
  draft: Draft,
  roles: ReadonlyMap<number, LengthRole>,
  paired: boolean,
  unit: LengthUnit,
): void {
  const thick: Placed[] = [];
  for (const [index, role] of roles) {
    const token = draft.tokens[index] as Token;
    const length = meaningOf(token, 'length')?.length;
    if (!length) continue;
    const placed = { index, token, length };
    const wire = wireOfLength(length);
    if (role === 'thickness') thick.push(placed);
    else if (role === 'leg' || role === 'outside' || role === 'ask-wall')
      readBeside(draft, placed, role, unit);
    else if (role === 'unknown-wire') unknownWire(draft, placed);
    else if (role === 'wire-asked' && wire !== undefined) askedWire(draft, placed, wire);
    else if (role === 'ask-wire-or-thickness') askRole(draft, placed, false);
    else if (role === 'ask-wire-or-second') askRole(draft, placed, true);
    else if (role === 'wire' && wire !== undefined) {
      readWire(draft, placed, wire);
    } else {
      const label = 'Two thicknesses at most.';
      draft.verdicts.set(index, { status: 'not-understood', label, slots: [], code: 'too-many-thicknesses' });
    }
  }
  // `114 3 mm`: a bare figure that no part can be does not take the place of one that can
  const [first, second] = paired
    ? thick
    : thick.toSorted((a, b) => Number(isBeyond(a, unit)) - Number(isBeyond(b, unit)));
  const one = first && readOne(draft, lentGauge(first, thick), 'thicknessMm', unitFor(first, thick, unit));
  const two =
    second && readOne(draft, lentGauge(second, thick), 'otherThicknessMm', unitFor(second, thick, unit));
  setPair(draft, one, two, paired);
}
