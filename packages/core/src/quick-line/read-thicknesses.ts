import { gaugeTableFor } from '../material/work.ts';
import type { LengthUnit, ThicknessReading } from '../quantity/thickness.ts';
import { gaugeTableName, thicknessOfWritten } from '../quantity/thickness.ts';
import type { WrittenLength } from '../quantity/length-text.ts';
import type { LengthRole } from './length-roles.ts';
import { wireOfLength } from './length-roles.ts';
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
    else if (role === 'ask-wire-or-thickness') askRole(draft, placed, false);
    else if (role === 'ask-wire-or-second') askRole(draft, placed, true);
    else if (role === 'wire' && wire !== undefined) {
      draft.said.wireDiameterMm = wire;
      draft.verdicts.set(index, {
        status: 'understood',
        label: `${wire} mm wire`,
        slots: ['wireDiameterMm'],
      });
    } else {
      const label = 'Two thicknesses at most.';
      draft.verdicts.set(index, { status: 'not-understood', label, slots: [], code: 'too-many-thicknesses' });
    }
  }
  const [first, second] = thick;
  const one = first && readOne(draft, first, 'thicknessMm', unitFor(first, thick, unit));
  const two = second && readOne(draft, second, 'otherThicknessMm', unitFor(second, thick, unit));
  setPair(draft, one, two, paired);
}
