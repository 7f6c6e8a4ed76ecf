import { JOINTS } from '@hot-bead/core/trade';
import { jointDrawing, type JointSection } from './joint-geometry.ts';

const BASE: JointSection = {
  joint: 'butt',
  firstMm: 3,
  secondMm: 3,
  gapMm: 1,
  rootFaceMm: undefined,
  legMm: 3,
  workDegrees: 90,
};

function xs(path: string): number[] {
  return [...path.matchAll(/[ML](-?[\d.]+) /g)].map((match) => Number(match[1]));
}

describe('a joint’s section', () => {
  it.each(JOINTS)('%s changes with every number it is drawn from', (joint) => {
    const base = { ...BASE, joint };
    const drawn = JSON.stringify(jointDrawing(base));
    expect(JSON.stringify(jointDrawing({ ...base, firstMm: 6 }))).not.toBe(drawn);
    expect(JSON.stringify(jointDrawing({ ...base, secondMm: 1.5 }))).not.toBe(drawn);
    expect(JSON.stringify(jointDrawing({ ...base, workDegrees: 60 }))).not.toBe(drawn);
  });

  it('draws the gap to scale between the parts', () => {
    const { parts, pxPerMm } = jointDrawing({ ...BASE, gapMm: 2 });
    const left = Math.max(...xs(parts[0] ?? ''));
    const right = Math.min(...xs(parts[1] ?? ''));
    expect((right - left) / pxPerMm).toBeCloseTo(2, 0);
  });

  it('opens a bevel of 60° when there is a root face', () => {
    const { parts, pxPerMm } = jointDrawing({ ...BASE, firstMm: 8, secondMm: 8, gapMm: 0, rootFaceMm: 1 });
    const points = [...(parts[0] ?? '').matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [
      Number(m[1]),
      Number(m[2]),
    ]);
    const [face, edge] = [points[2], points[3]];
    const run = Math.abs((face?.[0] ?? 0) - (edge?.[0] ?? 0)) / pxPerMm;
    const rise = Math.abs((face?.[1] ?? 0) - (edge?.[1] ?? 0)) / pxPerMm;
    expect((Math.atan(run / rise) * 180) / Math.PI).toBeCloseTo(30, 0);
  });
});
