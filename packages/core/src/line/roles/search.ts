import type { WeightName } from '../hand-weights.ts';
import { costOfTerms, type Weights } from '../weights.ts';
import { type Candidate, candidatesOf, type Role } from './candidates.ts';
import { jointTerms } from './joint-terms.ts';
import type { Scene } from './scene.ts';

/** One way to give every open figure its role. */
export interface Assignment {
  readonly roles: ReadonlyMap<number, Role>;
  readonly cost: number;
  readonly terms: readonly WeightName[];
}

/** Assignments that are looked at, at the most. Source: our tuning. */
const STEPS_MOST = 3000;
/** What the joint terms can take off at the most. */
const RELIEF = 1.7;

/**
 * The cheapest roles for the open figures of a scene, cheapest first.
 *
 * @param reach how much dearer than the best an assignment may be to be kept
 * @param known what the best may cost at the most, where another way to cut the line has been read already
 */
export function assignmentsOf(
  scene: Scene,
  weights: Weights,
  reach: number,
  known = Infinity,
): readonly Assignment[] {
  const options = scene.figures.map((figure) =>
    candidatesOf(scene, figure)
      .map((candidate) => ({ candidate, cost: costOfTerms(candidate.terms, weights) }))
      .toSorted((a, b) => a.cost - b.cost),
  );
  const least = options.map((list) => list[0]?.cost ?? 0);
  const rest = least.map((_, i) => least.slice(i).reduce((sum, cost) => sum + cost, 0));
  const assignments: Assignment[] = [];
  const chosen: Candidate[] = [];
  let best = known;
  let steps = 0;
  const visit = (i: number, cost: number): void => {
    if (steps >= STEPS_MOST || cost + (rest[i] ?? 0) - RELIEF > best + reach) return;
    steps += 1;
    if (i === options.length) {
      const roles = new Map(
        scene.figures.map(({ index }, at) => [index, (chosen[at] as Candidate).role] as const),
      );
      const joint = jointTerms(scene, roles);
      const total = cost + costOfTerms(joint, weights);
      if (total > best + reach) return;
      best = Math.min(best, total);
      assignments.push({ roles, cost: total, terms: [...chosen.flatMap(({ terms }) => terms), ...joint] });
      return;
    }
    for (const { candidate, cost: one } of options[i] as (typeof options)[number]) {
      chosen[i] = candidate;
      visit(i + 1, cost + one);
    }
  };
  visit(0, 0);
  return assignments.filter(({ cost }) => cost <= best + reach).toSorted((a, b) => a.cost - b.cost);
}
