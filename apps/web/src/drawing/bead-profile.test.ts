import { BEAD_FACES } from '@hot-bead/core/window';
import { BEAD_PROFILES, beadPaths, scaledProfile } from './bead-profile.ts';

/** Every coordinate pair of a path, commands dropped. */
function points(path: string): [number, number][] {
  const numbers = path.match(/-?\d+(?:\.\d+)?/g)?.map(Number) ?? [];
  return Array.from({ length: numbers.length / 2 }, (_, i) => [
    numbers[2 * i] as number,
    numbers[2 * i + 1] as number,
  ]);
}

describe('beadPaths', () => {
  it.each(BEAD_FACES)('draws %s as finite, even coordinates inside its box', (face) => {
    const { plate, bead, viewBox } = beadPaths(BEAD_PROFILES[face]);
    const [x = 0, y = 0, width = 0, height = 0] = viewBox.split(' ').map(Number);
    for (const [px, py] of [...points(plate), ...points(bead)]) {
      expect(px).toBeGreaterThanOrEqual(x);
      expect(px).toBeLessThanOrEqual(x + width);
      expect(py).toBeGreaterThanOrEqual(y - 1);
      expect(py).toBeLessThanOrEqual(y + height);
    }
  });

  it('draws seven different pictures', () => {
    const pictures = new Set(BEAD_FACES.map((face) => beadPaths(BEAD_PROFILES[face]).bead));
    expect(pictures.size).toBe(BEAD_FACES.length);
  });

  it('follows the numbers: a higher crown stands higher, a wider bead is wider', () => {
    const base = BEAD_PROFILES.crowned;
    const top = (crown: number): number =>
      Math.min(...points(beadPaths({ ...base, crown }).bead).map(([, y]) => y));
    const right = (width: number): number =>
      Math.max(...points(beadPaths({ ...base, width }).bead).map(([x]) => x));
    expect(top(0.6)).toBeLessThan(top(0.3));
    expect(right(2)).toBeGreaterThan(right(1));
  });
});

describe('a bead at another size', () => {
  it('grows in width and crown with its section, in the root with its depth, and never out of the plate', () => {
    const small = scaledProfile(BEAD_PROFILES.crowned, 0.8, 0.5);
    expect([small.width, small.crown, small.root].map((one) => one.toFixed(3))).toEqual([
      '1.200',
      '0.240',
      '0.300',
    ]);
    expect(scaledProfile(BEAD_PROFILES.crowned, 5, 5)).toMatchObject({ width: 3.2, root: 1 });
    expect(scaledProfile(BEAD_PROFILES.flat, 1, 1)).toEqual(BEAD_PROFILES.flat);
  });
});
