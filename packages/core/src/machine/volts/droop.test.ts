import fc from 'fast-check';
import { Matrix, solve } from 'ml-matrix';
import { normalFrom, seededRandom } from '../../base/numeric/seeded-random.ts';
import {
  droopOfLoaded,
  loadedDoubt,
  loadedMiddle,
  LOADED_SCATTER_SD_V,
  type LoadedReading,
} from './droop.ts';
import { positionVolts } from './position-volts.ts';

const droopOf = (loaded: readonly LoadedReading[]) => {
  const middle = loadedMiddle(loaded);
  return middle && droopOfLoaded(middle);
};

describe('droop under load', () => {
  it('is the least-squares line that a general-purpose matrix package finds', () => {
    // Reference: ml-matrix, solve() of the overdetermined system by QR
    const reading = fc.record({
      volts: fc.double({ min: 10, max: 35, noNaN: true }),
      currentA: fc.double({ min: 30, max: 250, noNaN: true }),
    });
    let compared = 0;
    fc.assert(
      fc.property(fc.array(reading, { minLength: 2, maxLength: 8 }), (loaded) => {
        const droop = droopOf(loaded);
        if (!droop) return;
        compared += 1;
        const currents = new Matrix(loaded.map(({ currentA }) => [1, currentA]));
        const line = solve(currents, Matrix.columnVector(loaded.map(({ volts }) => volts)));
        expect(droop.vPer100A).toBeCloseTo(-100 * line.get(1, 0), 6);
      }),
    );
    expect(compared).toBeGreaterThan(50);
  });

  it('of readings less than 20 A apart is not worked out', () => {
    expect(droopOf([])).toBeUndefined();
    expect(droopOf([{ volts: 18, currentA: 100 }])).toBeUndefined();
    const near = [
      { volts: 18, currentA: 100 },
      { volts: 17.4, currentA: 119 },
    ];
    expect(droopOf(near)).toBeUndefined();
    expect(droopOf([...near, { volts: 17.3, currentA: 120 }])?.vPer100A).toBeGreaterThan(2);
  });

  it('puts the true volts in the stated band in 95 of 100 simulated sets or more, near the readings and far off', () => {
    const random = seededRandom(77);
    let [inside, checks] = [0, 0];
    for (let set = 0; set < 1000; set++) {
      const [open, droop] = [18 + 12 * random(), 1 + 7 * random()];
      const truth = (currentA: number): number => open - (droop * currentA) / 100;
      // the meter is off by the same in every reading; the arc scatters each
      const meterOff = 0.2 * normalFrom(random);
      const loaded = Array.from({ length: 2 + (set % 3) }, (_, i) => {
        const currentA = 60 + 40 * i + 10 * random();
        return { currentA, volts: truth(currentA) + meterOff + LOADED_SCATTER_SD_V * normalFrom(random) };
      });
      for (const currentA of [30, 80, 150, 220]) {
        const volts = positionVolts({ name: '2', loaded }, 'transformer', currentA)?.volts;
        if (!volts) throw new Error('not known');
        checks += 1;
        if (truth(currentA) >= volts.low && truth(currentA) <= volts.high) inside += 1;
      }
    }
    expect(checks).toBe(4000);
    expect(inside / checks).toBeGreaterThanOrEqual(0.95);
  });
});

describe('a doubt about loaded readings', () => {
  const LINE = [
    { volts: 19, currentA: 60 },
    { volts: 18, currentA: 95 },
    { volts: 17, currentA: 130 },
  ];

  it('is not raised by readings that fall with the current', () => {
    expect(loadedDoubt([])).toBeUndefined();
    expect(loadedDoubt(LINE.slice(0, 1))).toBeUndefined();
    expect(loadedDoubt(LINE)).toBeUndefined();
  });

  it('names the reading that lies off the others, at one current or along the line', () => {
    const wrong = { volts: 20.5, currentA: 95 };
    expect(loadedDoubt([...LINE, wrong])).toMatchObject({ code: 'off-line', reading: wrong });
    const twice = [
      { volts: 18, currentA: 100 },
      { volts: 15, currentA: 101 },
    ];
    expect(loadedDoubt(twice)).toMatchObject({ code: 'off-line' });
  });

  it('is raised by volts that rise with the current', () => {
    const swapped = [
      { volts: 17, currentA: 60 },
      { volts: 19, currentA: 130 },
    ];
    expect(loadedDoubt(swapped)).toEqual({ code: 'volts-rise' });
  });
});
