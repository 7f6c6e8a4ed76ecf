import { amount } from '../../base/words/amount.ts';
import { words, type Words } from '../../base/words/words.ts';
import { metalName } from '../material/base-metal.ts';
import type { MetalPair } from '../material/metal-pair.ts';
import type { Work } from '../material/work.ts';
import {
  coldServiceOnly,
  gradeOn,
  gradeOnBoth,
  isAluminiumFiller,
  rankedFillers,
} from './aluminium-filler.ts';
import { usualClass, WIRE_CLASS_ROWS, type WireClass, wireClassRow } from './wire-class.ts';
import type { WireClassRow } from './wire-class-table.ts';

export type FillerVerdict =
  | { readonly status: 'fits'; readonly caution?: string }
  | {
      readonly status: 'refused';
      readonly code: 'filler-wrong-for-metal' | 'filler-wrong-for-service';
      readonly reason: Words;
      readonly instead: Words;
    };

/** The first stainless filler of a kind: the one to name. */
function stainlessWhere(isIt: (row: WireClassRow) => boolean): WireClass {
  const row = WIRE_CLASS_ROWS.find((one) => one.metals.includes('stainless') && isIt(one));
  if (!row) throw new Error('no such stainless filler');
  return row.id;
}

const BRIDGING = stainlessWhere(({ bridging }) => bridging === true);
const MOLYBDENUM = stainlessWhere(({ molybdenum }) => molybdenum === true);
const PLAIN = stainlessWhere(({ bridging, molybdenum }) => bridging !== true && molybdenum !== true);

function wrong(reason: string, instead: string): FillerVerdict {
  return { status: 'refused', code: 'filler-wrong-for-metal', reason, instead };
}

function aluminiumVerdict(wireClass: WireClass, work: Work, pair: MetalPair): FillerVerdict {
  const others = rankedFillers(pair.parts, work.priorities ?? []).map(({ filler }) => filler);
  const instead =
    others.length === 0 ? 'No filler suits both parts.' : `Take ${others.slice(0, 2).join(' or ')}.`;
  if (!isAluminiumFiller(wireClass)) return wrong(`${wireClass} is not a filler for aluminium.`, instead);
  const brittle = pair.parts.find((part) => gradeOn(wireClass, part) === 'no');
  if (brittle) {
    const cast = brittle.metal === 'cast-aluminium';
    const name = metalName(brittle.metal, brittle.alloy);
    return wrong(
      cast
        ? `${wireClass} on ${name} cracks: the silicon of the casting makes brittle Mg–Si with it.`
        : `${wireClass} on ${name} makes a brittle Mg–Si weld.`,
      instead,
    );
  }
  if (work.priorities?.includes('warm-service') === true && coldServiceOnly(wireClass)) {
    return {
      status: 'refused',
      code: 'filler-wrong-for-service',
      reason: words`${wireClass} holds more than 3 % magnesium: above ${amount.temperature(65)} in service it corrodes along its grains.`,
      instead,
    };
  }
  return gradeOnBoth(wireClass, pair.parts) === 'caution'
    ? { status: 'fits', caution: `${wireClass} is not the usual filler here. ${instead}` }
    : { status: 'fits' };
}

function stainlessVerdict(wireClass: WireClass, pair: MetalPair): FillerVerdict {
  const alloys = pair.parts.map((part) => part.alloy ?? '304');
  const molybdenum = alloys.every((alloy) => alloy.startsWith('316'));
  const filler = wireClassRow(wireClass);
  const instead = `Take ${pair.stainlessToSteel ? BRIDGING : molybdenum ? MOLYBDENUM : PLAIN}.`;
  if (!filler.metals.includes('stainless'))
    return wrong(`${wireClass} is not a filler for stainless: it rusts and cracks.`, instead);
  if (pair.stainlessToSteel && filler.bridging !== true) {
    return wrong(
      `${wireClass} between stainless and carbon steel is thinned into a hard, cracking weld.`,
      instead,
    );
  }
  if (molybdenum && filler.molybdenum !== true && filler.bridging !== true) {
    return wrong(
      `${wireClass} on 316 has no molybdenum: the weld corrodes where the plate does not.`,
      instead,
    );
  }
  if (alloys.includes('430') && filler.bridging !== true) {
    return {
      status: 'fits',
      caution: `430 is ferritic: ${BRIDGING} is the safer filler, and keep the heat low.`,
    };
  }
  return { status: 'fits' };
}

function steelVerdict(wireClass: WireClass): FillerVerdict {
  return wireClassRow(wireClass).metals.includes('carbon-steel')
    ? { status: 'fits' }
    : wrong(`${wireClass} is not a filler for carbon steel.`, `Take ${usualClass('solid-gas').id}.`);
}

/**
 * Whether a wire may join these metals in this service.
 *
 * @source handbook filler tables, from memory
 */
export function fillerVerdict(wireClass: WireClass, work: Work, pair: MetalPair): FillerVerdict {
  if (pair.weldMetal === 'aluminium') return aluminiumVerdict(wireClass, work, pair);
  if (pair.weldMetal === 'stainless') return stainlessVerdict(wireClass, pair);
  return steelVerdict(wireClass);
}

/** The stainless filler for two parts. */
export function stainlessFiller(pair: MetalPair): WireClass {
  const alloys = pair.parts.map((part) => part.alloy ?? '304');
  if (pair.stainlessToSteel || alloys.includes('430')) return BRIDGING;
  return alloys.some((alloy) => alloy.startsWith('316')) ? MOLYBDENUM : PLAIN;
}
