import { words } from '../base/words/words.ts';
import { COMMON_GASES, gasOf, gasOfShares } from '../trade/gas/gas.ts';
import { isOfWay, isSinglePass, usualClass, wireClassRow } from '../trade/wire/wire-class.ts';
import { type Draft, lineWith } from './draft.ts';
import { meaningOf } from './meaning.ts';

/** Argon–helium mixes of the table of gases, least helium first. */
const HELIUM_MIXES = COMMON_GASES.filter((id) => {
  const { heliumPercent, co2Percent } = gasOf(id);
  return heliumPercent > 0 && co2Percent[1] === 0;
});

/** A gas beside flux core makes it gas-shielded; beside wire that makes its own shield it is asked about. */
export function settleByGas(draft: Draft): void {
  const { stated, assumed, tokens } = draft;
  const gas = stated.gas ?? assumed.gas;
  if (gas === undefined || gas === 'none') return;
  const open = tokens.find((token) => meaningOf(token, 'wire-class')?.gasSettlesIt);
  if (open && stated.wireClass !== undefined) {
    stated.wireClass = usualClass(wireClassRow(stated.wireClass).way, gasOf(gas)).id;
  }
  const generic = tokens.some((token) => meaningOf(token, 'way')?.gasSettlesIt === true);
  if (
    generic &&
    stated.way === 'self-shielded' &&
    (stated.wireClass === undefined || !isOfWay(stated.wireClass, 'self-shielded'))
  ) {
    stated.way = 'gas-shielded-flux-core';
    delete assumed.wireClass;
    if (stated.wireClass === undefined) assumed.wireClass = usualClass(stated.way, gasOf(gas)).id;
    return;
  }
  const wireClass = stated.wireClass ?? assumed.wireClass;
  if (wireClass === undefined || !isOfWay(wireClass, 'self-shielded')) return;
  const index = tokens.findIndex((token) => meaningOf(token, 'gas') !== undefined);
  const token = tokens[index];
  if (!token) return;
  draft.questions.push({
    slot: 'gas',
    message: words`${wireClass} makes its own shield: no gas, or gas-shielded flux core?`,
    start: token.start,
    end: token.end,
    choices: [
      { label: 'no gas', line: lineWith(draft, token, 'no gas') },
      { label: 'gas-shielded', line: `${withoutGasless(draft)} gas-shielded flux core`.trim() },
    ],
  });
  draft.verdicts.set(index, {
    status: 'questioned',
    label: words`${gasOf(gas).name}: not used?`,
    slots: ['gas'],
  });
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

/**
 * A ratio without a name means helium on aluminium, which takes no CO₂: it is asked, and stands where the mix is in the
 * table of gases. One that is not there sets nothing.
 */
export function settleRatio(draft: Draft): void {
  const { stated, assumed, tokens } = draft;
  const index = tokens.findIndex((token) => meaningOf(token, 'gas')?.unnamedRatio === true);
  const token = tokens[index];
  const metal = stated.metal ?? assumed.metal;
  if (!token || (metal !== 'aluminium' && metal !== 'cast-aluminium')) return;
  const co2 = /^ar-co2-([\d.]+)$/.exec(stated.gas ?? assumed.gas ?? '')?.[1];
  if (co2 === undefined) return;
  const helium = gasOfShares({ heliumPercent: Number(co2) });
  delete stated.gas;
  delete assumed.gas;
  if (helium !== undefined) assumed.gas = helium;
  const message = `${token.text} on aluminium: argon with helium?`;
  const mixes = helium === undefined ? HELIUM_MIXES : [helium];
  draft.questions.push({
    slot: 'gas',
    message,
    start: token.start,
    end: token.end,
    choices: [...mixes, 'argon' as const].map((id) => ({
      label: gasOf(id).name,
      line: lineWith(draft, token, gasOf(id).name),
    })),
  });
  draft.verdicts.set(index, { status: 'questioned', label: message, slots: ['gas'] });
}

/** A size and a gas without a class or a way mean solid wire; cored only when it is said. */
export function assumeSolid({ stated, assumed }: Draft): void {
  const gas = stated.gas ?? assumed.gas;
  const size = stated.wireDiameterMm ?? assumed.wireDiameterMm;
  if (gas === undefined || gas === 'none' || size === undefined) return;
  if (stated.way !== undefined || stated.wireClass !== undefined || assumed.wireClass !== undefined) return;
  const metal = stated.metal ?? assumed.metal ?? 'carbon-steel';
  const steel = metal === 'carbon-steel' || metal === 'coated-steel' || metal === 'stainless';
  if (steel && !(metal === 'coated-steel' && gas === 'argon')) assumed.way = 'solid-gas';
}

/** A single-pass wire with more than one pass asked for. */
export function askSinglePass(draft: Draft): void {
  const { stated, tokens } = draft;
  if (stated.wireClass === undefined || !isSinglePass(stated.wireClass) || (stated.passes ?? 1) < 2) return;
  const index = tokens.findIndex((token) =>
    meaningOf(token, 'measure')?.slots.some((s) => s.slot === 'passes'),
  );
  const token = tokens[index];
  if (!token) return;
  const message = `${stated.wireClass} takes one pass only, not ${stated.passes}: one pass, or another wire?`;
  draft.questions.push({
    slot: 'passes',
    message,
    start: token.start,
    end: token.end,
    choices: [{ label: 'one pass', line: lineWith(draft, token, 'one pass') }],
  });
  draft.verdicts.set(index, { status: 'questioned', label: message, slots: ['passes'] });
}

/** What a wire says of the metal. */
export function assumeFromWire(draft: Draft): void {
  const { stated, assumed } = draft;
  const wire = stated.wireClass === undefined ? undefined : wireClassRow(stated.wireClass);
  if (stated.metal === undefined && wire && !wire.metals.includes('carbon-steel')) {
    assumed.metal = wire.metals[0];
  }
  if (stated.metal === undefined && stated.way === 'aluminium-spool-gun') assumed.metal = 'aluminium';
  const metal = stated.metal ?? assumed.metal;
  if (metal === 'stainless' && stated.alloy === undefined) {
    assumed.alloy = wire?.molybdenum === true ? '316' : '304';
  }
}
