import { argonMeterFactor, molarMassGPerMol } from './float-meter.ts';
import {
  ALUMINIUM_FLOW,
  argonMeterReadingLPerMin,
  DIP_FLOW,
  gasFlowLPerMin,
  HIGH_CURRENT_FLOW,
  NO_FLOW,
  sprayFlow,
  SPRAY_FLOW,
} from './gas-flow.ts';
import { gasOf, type GasId } from './gas.ts';

// Source: handbook figures, from memory; ours are computed from the molar masses.
describe('a float meter scaled for argon', () => {
  it.each<[GasId, number]>([
    ['argon', 1],
    ['ar-he-25', 1.14],
    ['ar-he-50', 1.35],
    ['ar-he-75', 1.75],
    ['tri-mix', 2.28],
    ['co2', 0.95],
  ])('under-reads %s by %s', (id, factor) => {
    expect(argonMeterFactor(gasOf(id))).toBeCloseTo(factor, 2);
  });

  it.each<[GasId, number]>([
    ['argon', 39.948],
    ['ar-co2-20', 0.8 * 39.948 + 0.2 * 44.009],
    ['ar-co2-18-25', 0.785 * 39.948 + 0.215 * 44.009],
    ['ar-o2-5', 0.95 * 39.948 + 0.05 * 31.998],
    ['tri-mix', 0.9 * 4.0026 + 0.075 * 39.948 + 0.025 * 44.009],
  ])('weighs %s by its parts: %s g/mol', (id, mass) => {
    expect(molarMassGPerMol(gasOf(id))).toBeCloseTo(mass, 3);
  });

  it('reads less than the true flow of a helium mix, which is itself more than argon’s', () => {
    const mix = gasOf('ar-he-50');
    const flow = gasFlowLPerMin(ALUMINIUM_FLOW, mix);
    expect(flow.start).toBeGreaterThan(gasFlowLPerMin(ALUMINIUM_FLOW, gasOf('argon')).start);
    expect(argonMeterReadingLPerMin(flow.start, mix)).toBeCloseTo(flow.start / 1.348, 1);
  });
});

// Source: common practice: 20-30, 35-45 and 35-50 cubic feet an hour, a nozzle of 12, 16, 18 and 19 mm, as much as it is wide.
describe('the gas that is let flow', () => {
  it.each([
    ['in dip', DIP_FLOW, [12, 10, 14], [9.5, 19]],
    ['in spray', SPRAY_FLOW, [16, 16, 20], [14, 23.5]],
    ['in spray at high current', HIGH_CURRENT_FLOW, [19, 18, 22], [16.5, 26]],
    ['on aluminium', ALUMINIUM_FLOW, [18, 16.5, 23.5], [14, 26]],
    ['without gas', NO_FLOW, [0, 0, 0], [0, 0]],
  ] as const)('%s', (_name, row, [start, low, high], accepted) => {
    expect(gasFlowLPerMin(row, gasOf('argon'))).toEqual({ start, low, high });
    expect(row.acceptedLPerMin).toEqual(accepted);
    expect(row.acceptedLPerMin[0]).toBeLessThanOrEqual(low);
    expect(row.acceptedLPerMin[1]).toBeGreaterThanOrEqual(high);
  });

  it('keeps a wide nozzle and a narrow one inside the normal band', () => {
    const start = (nozzleBoreMm: number) => gasFlowLPerMin({ ...DIP_FLOW, nozzleBoreMm }, gasOf('co2')).start;
    expect([8, 13, 20].map(start)).toEqual([10, 13, 14]);
  });

  it('rises by an eighth with a quarter of helium', () => {
    const { start, low, high } = gasFlowLPerMin(ALUMINIUM_FLOW, gasOf('ar-he-25'));
    expect([start, low, high]).toEqual([18 * 1.125, 16.5 * 1.125, 23.5 * 1.125]);
  });

  it('takes the wider nozzle from 320 A', () => {
    expect(sprayFlow(319.9)).toBe(SPRAY_FLOW);
    expect(sprayFlow(320)).toBe(HIGH_CURRENT_FLOW);
  });
});
