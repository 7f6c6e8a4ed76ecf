import { words, type Words } from '../../base/words/words.ts';
import { rankedFillers } from '../../trade/wire/aluminium-filler.ts';
import { fillerVerdict, stainlessFiller } from '../../trade/wire/filler-verdict.ts';
import type { Way } from '../../trade/wire/way.ts';
import { isOfWay, usualClass, type WireClass } from '../../trade/wire/wire-class.ts';
import type { WorkContext } from './work-context.ts';
import { gasOf } from '../../trade/gas/gas.ts';

export interface WireClassChoice {
  readonly wireClass: WireClass;
  readonly origin: 'asked' | 'loaded' | 'shelf' | 'assumed';
  readonly why: Words;
}

/** How much nearer a spool at hand stands than one to buy, in the filler chart's score. Source: our model. */
const AT_HAND_WORTH = 1;

function steelClass(way: Way, { resources }: WorkContext): WireClassChoice {
  const gas = resources.gas ?? resources.machine?.loadedGas;
  const { id, usual, madeFor } = usualClass(way, gas === undefined ? undefined : gasOf(gas));
  return {
    wireClass: id,
    origin: 'assumed',
    why: usual ?? words`The class made for ${madeFor?.words ?? 'this gas'}.`,
  };
}

function aluminiumClass({ work, pair, resources }: WorkContext): WireClassChoice | undefined {
  const { machine, shelf } = resources;
  const atHand = (filler: WireClass): boolean =>
    machine?.loadedWireClass === filler || shelf?.wires.some((wire) => wire.wireClass === filler) === true;
  const ranked = rankedFillers(pair.parts, work.priorities ?? [])
    .map((row) => ({ ...row, score: row.score + (atHand(row.filler) ? AT_HAND_WORTH : 0) }))
    .toSorted((a, b) => b.score - a.score);
  const best = ranked[0];
  if (!best) return undefined;
  const origin =
    machine?.loadedWireClass === best.filler ? 'loaded' : atHand(best.filler) ? 'shelf' : 'assumed';
  const wished = best.serves.length === 0 ? '' : ' and serves what matters to you';
  const next = ranked[1] === undefined ? '' : ` Next: ${ranked[1].filler}.`;
  return { wireClass: best.filler, origin, why: words`${best.grade} on both parts${wished}.${next}` };
}

/** The wire class a way is planned with: asked, else loaded when it suits, else the first choice; undefined when no filler joins the parts. */
export function wireClassOfWay(way: Way, context: WorkContext): WireClassChoice | undefined {
  const { resources, work, pair } = context;
  if (resources.wireClass !== undefined) {
    return { wireClass: resources.wireClass, origin: 'asked', why: 'The wire you named.' };
  }
  if (pair.weldMetal === 'aluminium') return aluminiumClass(context);
  const loaded = resources.machine?.loadedWireClass;
  if (loaded !== undefined && isOfWay(loaded, way) && fillerVerdict(loaded, work, pair).status === 'fits') {
    return { wireClass: loaded, origin: 'loaded', why: 'It is on the machine and suits.' };
  }
  const onShelf = resources.shelf?.wires.find(
    (wire) => isOfWay(wire.wireClass, way) && fillerVerdict(wire.wireClass, work, pair).status === 'fits',
  );
  if (onShelf) return { wireClass: onShelf.wireClass, origin: 'shelf', why: 'It is on the shelf and suits.' };
  if (pair.weldMetal === 'stainless') {
    const why = pair.stainlessToSteel ? 'The filler between stainless and steel.' : 'Matches the base metal.';
    return { wireClass: stainlessFiller(pair), origin: 'assumed', why };
  }
  return steelClass(way, context);
}
