import { inMetric } from '../../base/words/in-words.ts';
import { cases } from '../../../test/cases.ts';
import { positionCeilingA, isSizeForPosition } from '../../trade/family/ceilings.ts';
import { familyOf } from '../../trade/family/families.ts';
import { JOINTS, POSITIONS, type Work } from '../../trade/material/work.ts';
import { seededRandom } from '../../base/numeric/seeded-random.ts';
import { planSetup } from './plan-setup.ts';
import type { PlannedSetup } from './setup.ts';

/** Works drawn over the whole range, thickness even in its logarithm. */
function someWork(random: () => number): Work {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const base = pick([
    { metal: 'carbon-steel' as const },
    { metal: 'carbon-steel' as const },
    { metal: 'coated-steel' as const },
    { metal: 'stainless' as const, alloy: '304' },
    { metal: 'aluminium' as const, alloy: '6061' },
  ]);
  const thicknessMm = 0.7 * (25 / 0.7) ** random();
  return {
    ...base,
    thicknessMm,
    otherThicknessMm: random() < 0.3 ? Math.min(25, thicknessMm * (1 + 3 * random())) : undefined,
    joint: pick(JOINTS),
    position: pick(POSITIONS),
    surface: 'clean',
    place: 'indoors',
    windy: false,
  };
}

function faults(plan: PlannedSetup): string[] {
  const { work, bead, travelMmPerMin, wire, currentA, fitUp, runs } = plan;
  const family = familyOf(plan.weldMetal, { way: plan.way, mode: plan.transferMode }, wire.wireClass);
  const ceiling = positionCeilingA(family?.ceilings, wire.diameterMm, work.position) ?? Infinity;
  const [slowest, fastest] = bead.hand.hardMmPerMin;
  const problems: string[] = [];
  if (travelMmPerMin.start < slowest - 1e-6 || travelMmPerMin.start > fastest + 1e-6)
    problems.push('hard band');
  for (const run of runs) {
    if (run.travelMmPerMin < 59 || run.travelMmPerMin > 1001) problems.push('run outside every band');
    if (run.currentA > ceiling + 1e-6) problems.push('run over the ceiling');
  }
  if (currentA.start > ceiling + 1e-6) problems.push('over the ceiling');
  if (!isSizeForPosition(family?.ceilings, wire.diameterMm, work.position))
    problems.push('size for flat only');
  if (work.joint === 'butt' && fitUp.rootGapMm.high > 0.5) problems.push('a closed butt that gapes');
  const solved = bead.solvedBy === 'oversize' && bead.oversize > 1.15;
  const isCautioned = plan.cautions.some(({ code }) => code === 'more-metal-than-wanted');
  if (solved !== isCautioned) problems.push('metal beyond what is wanted is not told');
  return problems;
}

describe('a sweep of plans', () => {
  it('keeps the hand, the ceilings and the gaps, and refuses with a way out', () => {
    const random = seededRandom(20_261_126);
    let planned = 0;
    let atEase = 0;
    const wrong: string[] = [];
    for (let i = 0; i < cases(2000, 6000); i++) {
      const work = someWork(random);
      const setup = planSetup(work);
      if (setup.status === 'refused') {
        if (setup.instead.length === 0 || inMetric(setup.reasons[0] ?? '').length < 10)
          wrong.push(setup.code);
        continue;
      }
      planned += 1;
      const [low, high] = setup.bead.hand.comfortableMmPerMin;
      const { start } = setup.travelMmPerMin;
      if (start >= low - 1e-6 && start <= high + 1e-6) atEase += 1;
      const problems = faults(setup);
      if (problems.length > 0) wrong.push(`${problems.join()}: ${JSON.stringify(work)}`);
    }
    expect(wrong.slice(0, 5)).toEqual([]);
    expect(planned).toBeGreaterThan(cases(1650, 5000));
    expect(atEase / planned).toBeGreaterThanOrEqual(0.85);
  });
});
