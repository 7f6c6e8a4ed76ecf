import * as ranges from './machine-ranges.ts';

describe('what can be entered of a machine', () => {
  // Source: IEC 60974-1 for the open volts, recalled; the rest common practice. Each limit stands here a second time, so
  // that none moves unseen: what was kept under a wider one could be read no more.
  it('runs from the least that such a machine has to the most', () => {
    expect(ranges).toEqual({
      METER_VOLTS_RANGE: [5, 60],
      OPEN_VOLTS_RANGE: [5, 113],
      LOADED_CURRENT_RANGE_A: [10, 500],
      SOURCE_CURRENT_RANGE_A: [5, 600],
      MACHINE_WIRE_SPEED_RANGE_M_PER_MIN: [0.3, 40],
      KNOB_RANGE: [0, 100],
      KNOB_SCALE_LEAST: 0.5,
      ENTRY_RANGE: [0, 1000],
      TRIM_STEP_RANGE_V: [0.01, 5],
      DUTY_RANGE_PERCENT: [1, 100],
      MAINS_VOLTS_RANGE: [90, 500],
      BREAKER_RANGE_A: [3, 125],
    });
  });
});
