import { gasOf } from '../gas/gas.ts';
import { isOfWay, isSinglePass, usualClass, wireClassRow } from '../wire/wire-class.ts';
import { lengthRoles } from './length-roles.ts';
import { type Draft, lineWith, type Verdict } from './draft.ts';
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

/** A gas beside flux core makes it gas-shielded; beside wire that makes its own shield it is asked about. */
function settleByGas(draft: Draft): void {
  const { said, assumed, tokens } = draft;
  const gas = said.gas ?? assumed.gas;
  if (gas === undefined || gas === 'none') return;
  const open = tokens.find((token) => meaningOf(token, 'wire-class')?.gasSettlesIt);
  if (open && said.wireClass !== undefined) {
    said.wireClass = usualClass(wireClassRow(said.wireClass).way, gasOf(gas)).id;
  }
  const generic = tokens.some((token) => meaningOf(token, 'way')?.gasSettlesIt === true);
  if (
    generic &&
    said.way === 'self-shielded' &&
    (said.wireClass === undefined || !isOfWay(said.wireClass, 'self-shielded'))
  ) {
    said.way = 'gas-shielded-flux-core';
    delete assumed.wireClass;
    if (said.wireClass === undefined) assumed.wireClass = usualClass(said.way, gasOf(gas)).id;
    return;
  }
  const wireClass = said.wireClass ?? assumed.wireClass;
  if (wireClass === undefined || !isOfWay(wireClass, 'self-shielded')) return;
  const index = tokens.findIndex((token) => meaningOf(token, 'gas') !== undefined);
  const token = tokens[index];
  if (!token) return;
  draft.questions.push({
    slot: 'gas',
    message: `${wireClass} makes its own shield: no gas, or gas-shielded flux core?`,
    start: token.start,
    end: token.end,
    choices: [
      { label: 'no gas', line: lineWith(draft, token, 'no gas') },
      { label: 'gas-shielded', line: `${withoutGasless(draft)} gas-shielded flux core`.trim() },
    ],
  });
  draft.verdicts.set(index, { status: 'questioned', label: `${gasOf(gas).name}: not used?`, slots: ['gas'] });
}

/** The line without the words that name a wire of its own shield. */
function withoutGasless({ text, tokens }: Draft): string {
  let line = text;
  for (const token of tokens.toReversed()) {
    const gasless = meaningOf(token, 'way')?.way === 'self-shielded';
    const wireClass = meaningOf(token, 'wire-class')?.wireClass;
    if (gasless || (wireClass !== undefined && isOfWay(wireClass, 'self-shielded')))
      line = line.slice(0, token.start) + line.slice(token.end);
  }
  return line.replace(/\s{2,}/g, ' ').trim();
}

/** A ratio without a name means helium on aluminium, which takes no CO₂; it is asked, and stands. */
function settleRatio(draft: Draft): void {
  const { said, assumed, tokens } = draft;
  const index = tokens.findIndex((token) => meaningOf(token, 'gas')?.unnamedRatio === true);
  const token = tokens[index];
  const metal = said.metal ?? assumed.metal;
  const co2 = /^ar-co2-(\d+)$/.exec(said.gas ?? assumed.gas ?? '')?.[1];
  const helium = co2 === '25' || co2 === '50' ? (`ar-he-${co2}` as const) : undefined;
  if (!token || metal !== 'aluminium' || helium === undefined) return;
  delete said.gas;
  assumed.gas = helium;
  const message = `${token.text} on aluminium: argon with helium?`;
  draft.questions.push({
    slot: 'gas',
    message,
    start: token.start,
    end: token.end,
    choices: [helium, 'argon' as const].map((id) => ({
      label: gasOf(id).name,
      line: lineWith(draft, token, gasOf(id).name),
    })),
  });
  draft.verdicts.set(index, { status: 'questioned', label: message, slots: ['gas'] });
}

/** A size and a gas without a class or a way mean solid wire; cored only when it is said. */
function assumeSolid({ said, assumed }: Draft): void {
  const gas = said.gas ?? assumed.gas;
  const size = said.wireDiameterMm ?? assumed.wireDiameterMm;
  if (gas === undefined || gas === 'none' || size === undefined) return;
  if (said.way !== undefined || said.wireClass !== undefined || assumed.wireClass !== undefined) return;
  const metal = said.metal ?? assumed.metal ?? 'carbon-steel';
  const steel = metal === 'carbon-steel' || metal === 'coated-steel' || metal === 'stainless';
  if (steel && !(metal === 'coated-steel' && gas === 'argon')) assumed.way = 'solid-gas';
}

/** A single-pass wire with more than one pass asked for. */
function askSinglePass(draft: Draft): void {
  const { said, tokens } = draft;
  if (said.wireClass === undefined || !isSinglePass(said.wireClass) || (said.passes ?? 1) < 2) return;
  const index = tokens.findIndex((token) =>
    meaningOf(token, 'measure')?.slots.some((s) => s.slot === 'passes'),
  );
  const token = tokens[index];
  if (!token) return;
  const message = `${said.wireClass} takes one pass only, not ${said.passes}: one pass, or another wire?`;
  draft.questions.push({
    slot: 'passes',
    message,
    start: token.start,
    end: token.end,
    choices: [{ label: 'one pass', line: lineWith(draft, token, 'one pass') }],
  });
  draft.verdicts.set(index, { status: 'questioned', label: message, slots: ['passes'] });
}

/** A stitch with a gap between is a pitch. */
function settleStitch({ said, tokens }: Draft): void {
  if (said.stitchMm === undefined || said.pitchMm !== undefined) return;
  const gap = said.gapMm;
  const gapToken = tokens.find((token) => /gap/i.test(token.text));
  const written = /([\d.]+)/.exec(gapToken?.text ?? '')?.[1];
  const mm = gap ?? (written === undefined ? undefined : Number(written));
  if (mm === undefined || mm < 5) return;
  said.pitchMm = said.stitchMm + mm;
  delete said.gapMm;
}

function assumeFromWire(draft: Draft): void {
  const { said, assumed } = draft;
  const wire = said.wireClass === undefined ? undefined : wireClassRow(said.wireClass);
  if (said.metal === undefined && wire && !wire.metals.includes('carbon-steel')) {
    assumed.metal = wire.metals[0];
  }
  if (said.metal === undefined && said.way === 'aluminium-spool-gun') assumed.metal = 'aluminium';
  const metal = said.metal ?? assumed.metal;
  if (metal === 'stainless' && said.alloy === undefined) {
    assumed.alloy = wire?.molybdenum === true ? '316' : '304';
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
  const tokens = tokensOf(text, context.machineNames, context.unit);
  const draft: Draft = { text, tokens, said: {}, assumed: {}, questions: [], verdicts: new Map() };
  readSlots(draft);
  settleByGas(draft);
  assumeFromWire(draft);
  settleRatio(draft);
  settleStitch(draft);
  askSinglePass(draft);
  const { roles, paired } = lengthRoles(tokens);
  readThicknesses(draft, roles, paired, context.unit);
  assumeSolid(draft);
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
