import { meaningOf, type Token } from './meaning.ts';
import type { Role } from './roles/candidates.ts';
import { figuresSaid, type WholeReading } from './reading.ts';

/** What a figure may be besides what it was taken for, by the index of its token. */
export type Doubts = ReadonlyMap<number, readonly Role[]>;

function roleOf(reading: WholeReading, token: Token): Role | undefined {
  const at = reading.tokens.findIndex(({ start, end }) => start <= token.start && end >= token.end);
  const figure = reading.tokens[at];
  if (!figure) return undefined;
  const own = reading.roles.get(at);
  if (own !== undefined) return own;
  const meaning = meaningOf(figure, 'length');
  if (meaning?.fixed === 'thickness' && !reading.scene.noted.has(at)) return 'thickness';
  const slots = meaningOf(figure, 'measure')?.slots ?? [];
  if (slots.some(({ slot }) => slot === 'legMm')) return 'leg';
  if (slots.some(({ slot }) => slot === 'outsideMm')) return 'outside';
  if (slots.some(({ slot }) => slot === 'numberOff')) return 'off';
  return figure.meanings.some(({ kind }) => kind === 'unknown') ? 'unclear' : 'belongs';
}

function isTelling(role: Role | undefined): boolean {
  return role === 'thickness' || role === 'wire' || role === 'unknown-wire' || role === 'leg';
}

/** The figures on which a reading that is nearly as good says something else, with what that is. */
export function doubtsOf(best: WholeReading, others: readonly WholeReading[]): Doubts {
  const doubts = new Map<number, readonly Role[]>();
  const figures = figuresSaid(best);
  for (const other of others) {
    if (figuresSaid(other) === figures) continue;
    best.tokens.forEach((token, index) => {
      if (!meaningOf(token, 'length') && !meaningOf(token, 'measure')) return;
      if (best.denied.has(index)) return;
      const [mine, its] = [roleOf(best, token), roleOf(other, token)];
      if (its === undefined || mine === its || !(isTelling(mine) || isTelling(its))) return;
      const known = doubts.get(index) ?? [];
      if (!known.includes(its)) doubts.set(index, [...known, its]);
    });
  }
  return doubts;
}
