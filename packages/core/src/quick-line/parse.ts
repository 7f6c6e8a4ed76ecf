import { lengthRoles } from './length-roles.ts';
import type { Draft, Verdict } from './draft.ts';
import { meaningOf, type Token } from './meaning.ts';
import type { QuickContext, QuickFragment, QuickReading, QuickWork } from './quick-work.ts';
import { readSlots } from './read-slots.ts';
import { readThicknesses } from './read-thicknesses.ts';
import { tokensOf } from './tokens.ts';

function fallback(token: Token): Verdict {
  if (meaningOf(token, 'connector')) return { status: 'understood', label: 'joined to', slots: [] };
  if (meaningOf(token, 'filler-word') || meaningOf(token, 'thick-word') || meaningOf(token, 'wire-word')) {
    return { status: 'understood', label: token.text, slots: [] };
  }
  return { status: 'not-understood', label: token.text, slots: [] };
}

/** Fragments that cover the whole line: each takes the blanks behind it, the first also those before it. */
function fragmentsOf(draft: Draft): readonly QuickFragment[] {
  const { tokens, text } = draft;
  if (tokens.length === 0) {
    return text === ''
      ? []
      : [
          {
            start: 0,
            end: text.length,
            text: '',
            status: 'not-understood',
            label: 'nothing written',
            slots: [],
          },
        ];
  }
  return tokens.map((token, index) => {
    const verdict = draft.verdicts.get(index) ?? fallback(token);
    return {
      start: index === 0 ? 0 : token.start,
      end: tokens[index + 1]?.start ?? text.length,
      text: token.text,
      ...verdict,
      ...(token.corrected === undefined ? {} : { corrected: token.corrected }),
    };
  });
}

function assumeFromWire(draft: Draft): void {
  const { said, assumed } = draft;
  if (said.metal === undefined && said.wireClass !== undefined) {
    if (/^ER[45]\d{3}$/.test(said.wireClass)) assumed.metal = 'aluminium';
    if (/^ER3\d\dLSi$/.test(said.wireClass)) assumed.metal = 'stainless';
  }
  if (said.metal === undefined && said.way === 'aluminium-spool-gun') assumed.metal = 'aluminium';
  const metal = said.metal ?? assumed.metal;
  if (metal === 'stainless' && said.alloy === undefined) {
    assumed.alloy = said.wireClass === 'ER316LSi' ? '316' : '304';
  }
}

/**
 * Reads a job typed the way people say it: segments in any order, British and American words.
 *
 * Nothing is dropped silently: every character belongs to a fragment that is understood, questioned or not
 * understood, with its place in the text. What is doubtful becomes a question with choices and sets nothing.
 *
 * @param text the line as typed, any length
 * @param context the user's unit for bare numbers, and the machine names that can be used
 * @source grammar and precedence: our own, with the cases of the quick-line handbook page as its tests
 */
export function parseQuickLine(text: string, context: QuickContext): QuickReading {
  const tokens = tokensOf(text, context.machineNames);
  const draft: Draft = { text, tokens, said: {}, assumed: {}, questions: [], verdicts: new Map() };
  readSlots(draft);
  assumeFromWire(draft);
  const { roles, paired } = lengthRoles(tokens);
  readThicknesses(draft, roles, paired, context.unit);
  return {
    text,
    work: draft.said,
    assumed: draft.assumed,
    fragments: fragmentsOf(draft),
    questions: draft.questions.toSorted((a, b) => a.start - b.start),
  };
}

/** Everything a reading settles, assumptions included. */
export function effectiveWork(reading: QuickReading): QuickWork {
  return { ...reading.assumed, ...reading.work };
}
