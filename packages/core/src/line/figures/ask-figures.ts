import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { ask, type Draft, type Line, lineWith } from '../draft.ts';
import { meaningOf, type Token } from '../meaning.ts';
import type { WorkSlot } from '../../plan/work/stated-work.ts';
import type { Role } from '../roles/candidates.ts';
import { wireOfLength } from '../roles/scene.ts';

const ROLE_WORD: Readonly<Record<Role, readonly [label: string, suffix: string]>> = {
  wire: ['wire', ' wire'],
  thickness: ['thickness', ' thick'],
  'unknown-wire': ['wire', ' wire'],
  leg: ['leg', ' leg'],
  outside: ['outside', ' OD'],
  off: ['off', ' off'],
  belongs: ['no part in the numbers', ''],
  unclear: ['leave it out', ''],
};

/** A figure that could be two things, nearly as likely: asked, and neither is taken. */
export function askRole(draft: Draft, index: number, roles: readonly Role[]): void {
  const { text } = draft.tokens[index] as Token;
  const bare = text.replace(/\s*(?:wire|leg|off|od|thk|thick|cfw|fw)\s*$/i, '');
  const order = Object.keys(ROLE_WORD) as Role[];
  const sorted = roles.toSorted((a, b) => order.indexOf(a) - order.indexOf(b));
  const roleWords = [...new Map(sorted.map((role) => ROLE_WORD[role])).entries()];
  const slot: WorkSlot = roles.includes('thickness')
    ? draft.stated.thicknessMm === undefined
      ? 'thicknessMm'
      : 'otherThicknessMm'
    : roles.includes('wire')
      ? 'wireDiameterMm'
      : 'legMm';
  const length = meaningOf(draft.tokens[index], 'length')?.length;
  const wire = length && wireOfLength(length);
  const named = (label: string, suffix: string): Words =>
    label === 'wire' && wire !== undefined
      ? words`${amount.wireSize(wire)} wire`
      : suffix === ''
        ? label
        : words`${bare}${suffix}`;
  ask(
    draft,
    index,
    slot,
    words`${text}: ${roleWords.map(([label]) => label).join(' or ')}?`,
    roleWords.map(
      ([label, suffix]) => [named(label, suffix), suffix === '' ? '' : `${bare}${suffix}`] as const,
    ),
  );
}
/** `3-5 mm`: one of the two, or one on the other? */
export function askSpread(draft: Draft, index: number): void {
  const { text } = draft.tokens[index] as Token;
  const [a = '', b = ''] = text.split(/\s?[-–]\s?/);
  const unit = /[a-z"″]+$/i.exec(b)?.[0] ?? '';
  const one = /[a-z"″]$/i.test(a) ? a : `${a} ${unit}`.trim();
  ask(draft, index, 'thicknessMm', words`${text}: which of them, or one on the other?`, [
    [one, one],
    [b, b],
    [words`${one} on ${b}`, `${one} to ${b}`],
  ]);
}

/** Two figures with "or" between: which is it? */
export function askEither(draft: Draft, line: Line, first: number, second: number, wire: boolean): void {
  const measured = meaningOf(line.scene.tokens[second], 'measure')?.slots[0]?.slot;
  const slot: WorkSlot = measured ?? (wire ? 'wireDiameterMm' : 'thicknessMm');
  if (measured !== undefined) Reflect.deleteProperty(draft.stated, measured);
  const [a, b] = [draft.tokens[first], draft.tokens[second]] as [Token, Token];
  const span = { ...a, end: b.end, text: draft.text.slice(a.start, b.end) };
  const choices = [a, b].map(({ text }) => {
    const unit = /[a-z"]/i.test(text) ? '' : (/[a-z"]+$/i.exec(b.text)?.[0] ?? '');
    const figureText = `${text}${unit}`;
    return { label: figureText, line: lineWith(draft, span, wire ? `${figureText} wire` : figureText) };
  });
  const message = `${a.text} or ${b.text}?`;
  draft.questions.push({ slot, message, start: a.start, end: b.end, choices });
  for (const index of [first, second])
    draft.verdicts.set(index, { status: 'questioned', label: message, slots: [slot] });
}
