import { arcSamples } from '@hot-bead/core/arc-lab';
import { arcPaths } from './arc-picture.ts';

function moment(state: Partial<Record<keyof ReturnType<typeof arcSamples>, number>>) {
  const samples = arcSamples(1);
  for (const [name, value] of Object.entries(state)) samples[name as 'volts'][0] = value;
  return arcPaths(samples, 0, 0.889);
}

describe('the drawing of an arc', () => {
  it('burns between drop and pool, brighter with more current', () => {
    const weak = moment({ gapMm: 1, solidMm: 1.8, dropMm: 0.8, amps: 80 });
    const strong = moment({ gapMm: 1, solidMm: 1.8, dropMm: 0.8, amps: 250 });
    expect(weak.isShorted).toBe(false);
    expect(weak.arc).not.toBe('');
    expect(strong.glow).toBeGreaterThan(weak.glow);
  });

  it('has no arc while the drop is in the pool, and a bridge that grows thinner as it necks', () => {
    const first = moment({ gapMm: 0, solidMm: 1, dropMm: 0.8, neck: 0.1 });
    const late = moment({ gapMm: 0, solidMm: 1, dropMm: 0.8, neck: 0.8 });
    expect(first).toMatchObject({ isShorted: true, arc: '', glow: 0 });
    const narrow = (path: string): number => -Number(/Q(-?[\d.]+)/.exec(path)?.[1]);
    expect(narrow(late.drop)).toBeLessThan(narrow(first.drop));
  });

  it('lowers the wire as it comes nearer, and the pool’s face as it is pressed down', () => {
    const tip = (path: string): number => Number(/V(-?[\d.]+)/.exec(path)?.[1]);
    expect(tip(moment({ gapMm: 1, solidMm: 1.5, dropMm: 0.5 }).wire)).toBeGreaterThan(
      tip(moment({ gapMm: 3, solidMm: 4, dropMm: 1 }).wire),
    );
    expect(moment({ gapMm: 1, solidMm: 2, dropMm: 1, poolMm: -0.3 }).pool).toContain('0.300');
  });
});
