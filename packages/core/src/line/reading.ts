import { mmFromInches } from '../base/quantity/units.ts';
import { type Cover, coversOf } from './lattice/covers.ts';
import type { LineText } from './lattice/edge.ts';
import { meaningOf, type Token } from './meaning.ts';
import type { Role } from './roles/candidates.ts';
import { thicknessesOf } from './roles/joint-terms.ts';
import { type Scene, sceneOf } from './roles/scene.ts';
import { assignmentsOf } from './roles/search.ts';
import { type Alternative, alternativesOf } from './scope/alternatives.ts';
import { withFlatBars } from './scope/flat-bars.ts';
import { deniedTokens } from './scope/negation.ts';
import { namedWords } from './scope/names.ts';
import type { WeightName } from './hand-weights.ts';
import { costOfTerms, type Weights } from './weights.ts';

/** One whole reading of a line: how it is cut, what is said not to be so, what every figure is, and what that costs. */
export interface WholeReading {
  readonly tokens: readonly Token[];
  readonly scene: Scene;
  readonly denied: ReadonlySet<number>;
  readonly names: ReadonlySet<number>;
  /** Words of which a name is as likely as a slot. */
  readonly doubtfulNames: ReadonlySet<number>;
  readonly alternatives: readonly Alternative[];
  readonly roles: ReadonlyMap<number, Role>;
  readonly cost: number;
  /** Every cost it is made of, by name. */
  readonly terms: readonly WeightName[];
}

/** Ways to cut a line that are read to the end. Source: our tuning. */
const COVERS_MOST = 4;
/** How much dearer than the cheapest cut one may be to be read to the end. */
const COVERS_REACH = 2.8;

/** Words before their figures cost by themselves, or all together as the style of the line. */
function styleTerms({ tokens }: Cover, weights: Weights): readonly WeightName[] {
  const first = tokens.filter(({ style }) => style === 'head-first').length;
  const after = tokens.filter(({ style }) => style === 'head-behind').length;
  if (first === 0) return [];
  const single = Array.from({ length: first }, () => 'headFirst' as const);
  const whole = [
    'headFirstStyle' as const,
    ...Array.from({ length: first }, () => 'headFirstInStyle' as const),
    ...Array.from({ length: after }, () => 'headBehindInStyle' as const),
  ];
  return costOfTerms(single, weights) <= costOfTerms(whole, weights) ? single : whole;
}

function readCover(
  cover: Cover,
  line: LineText,
  weights: Weights,
  reach: number,
  known: number,
): WholeReading[] {
  const tokens = withFlatBars(cover.tokens);
  const denied = deniedTokens(tokens);
  const alternatives = alternativesOf(tokens);
  const either = alternatives.flatMap(({ first, second }) => [first, second]);
  const words = namedWords(tokens, denied, weights, reach);
  const noted = new Set([...denied, ...either, ...words.names]);
  const scene = sceneOf(tokens, noted, line.unit, {
    thickness: line.about === 'wire' || alternatives.some(({ wire, beside }) => !wire && !beside),
    wire: alternatives.some(({ wire }) => wire),
  });
  const style = styleTerms(cover, weights);
  const beside = [...style, ...Array.from(denied, () => 'denied' as const)];
  const spent = cover.cost + costOfTerms(beside, weights) + words.cost;
  return assignmentsOf(scene, weights, reach, known - spent).map(({ roles, cost, terms }) => ({
    tokens,
    scene,
    denied,
    names: words.names,
    doubtfulNames: words.doubtful,
    alternatives,
    roles,
    cost: spent + cost,
    terms: [...cover.terms, ...beside, ...words.terms, ...terms],
  }));
}

/**
 * The readings of a line that are nearly as cheap as the cheapest, cheapest first.
 *
 * @param reach how much dearer than the best a reading may be to be told
 */
export function readingsOf(line: LineText, weights: Weights, reach: number): readonly WholeReading[] {
  const covers = coversOf(line, weights, COVERS_MOST);
  const least = covers[0]?.cost ?? 0;
  const readings: WholeReading[] = [];
  let best = Infinity;
  for (const cover of covers) {
    if (cover.cost > least + COVERS_REACH) break;
    for (const reading of readCover(cover, line, weights, reach, best)) {
      readings.push(reading);
      best = Math.min(best, reading.cost);
    }
  }
  return readings.filter(({ cost }) => cost <= best + reach).toSorted((a, b) => a.cost - b.cost);
}

function mmText(token: Token): string {
  const length = meaningOf(token, 'length')?.length;
  if (!length) return token.text;
  if (length.form === 'inch') return mmFromInches(length.value).toFixed(2);
  if (length.form === 'gauge' || length.form === 'swg') return `${length.form}${length.value}`;
  return length.value.toFixed(2);
}

/** What a reading says of thickness, wire and leg: readings that say the same need no question. */
export function figuresSaid(reading: WholeReading): string {
  const { tokens, scene, roles } = reading;
  const thick = thicknessesOf(scene, roles).map(({ index }) => mmText(tokens[index] as Token));
  const of = (role: Role): string[] =>
    [...roles].filter(([, r]) => r === role).map(([index]) => mmText(tokens[index] as Token));
  const legs = tokens.flatMap((token, i) =>
    scene.noted.has(i)
      ? []
      : (meaningOf(token, 'measure')?.slots ?? []).flatMap(({ slot, value }) =>
          slot === 'legMm' ? [Number(value).toFixed(2)] : [],
        ),
  );
  return JSON.stringify([
    [...new Set(thick)].toSorted(),
    [...of('wire'), ...of('unknown-wire')],
    [...of('leg'), ...legs],
  ]);
}
