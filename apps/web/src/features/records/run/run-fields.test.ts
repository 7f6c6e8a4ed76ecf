import { METRIC, US } from '@hot-bead/core/base';
import type { KeptRun } from '@hot-bead/contract/records';
import { fieldsOfRun, NO_RUN, runChange, runOf } from './run-fields.ts';

const NOW = '2026-03-02T10:00:00.000Z';

describe('a run as it is typed', () => {
  it('leaves out what is empty: not known is never nothing', () => {
    expect(runOf(NO_RUN, METRIC, NOW)).toEqual({ weldedAt: NOW });
  });

  it('is read in the units of its user', () => {
    const typed = {
      ...NO_RUN,
      wireFeedSpeedMPerMin: '300',
      lengthMm: '18',
      interpassC: '212 F',
      volts: '18,5',
    };
    const us = runOf(typed, US, NOW);
    expect(us['wireFeedSpeedMPerMin']).toBeCloseTo(7.62, 6);
    expect(us['lengthMm']).toBeCloseTo(457.2, 6);
    expect(us['interpassC']).toBeCloseTo(100, 6);
    expect(us['volts']).toBe(18.5);
    expect(runOf({ ...typed, lengthMm: '18 in', wireFeedSpeedMPerMin: '7.6' }, METRIC, NOW)).toMatchObject({
      lengthMm: 457.2,
      wireFeedSpeedMPerMin: 7.6,
    });
  });

  it('keeps what is none as it was typed, for the contract to refuse at its field', () => {
    expect(runOf({ ...NO_RUN, amps: 'lots', lengthMm: 'long', weldedAt: 'soon' }, METRIC, NOW)).toEqual({
      amps: 'lots',
      lengthMm: 'long',
      weldedAt: 'soon',
    });
  });

  it('has an imperfection only where it did not come out well', () => {
    expect(runOf({ ...NO_RUN, result: 'ok', defect: '501' }, METRIC, NOW)).not.toHaveProperty('defect');
    expect(runOf({ ...NO_RUN, result: 'redo', defect: '501' }, METRIC, NOW)).toHaveProperty('defect', '501');
  });
});

describe('a correction', () => {
  const kept: KeptRun = {
    id: 'r',
    version: 2,
    jobId: 'j',
    updatedAt: NOW,
    away: false,
    weldedAt: NOW,
    wireFeedSpeedMPerMin: 6.234,
    volts: 18.5,
    lengthMm: 457.2,
    arcSeconds: 75.4,
    note: 'fine',
  };

  it('that changes nothing sends nothing, though figures are shown rounded', () => {
    for (const units of [METRIC, US]) expect(runChange(kept, fieldsOfRun(kept, units), units)).toEqual({});
  });

  it('sends what was typed otherwise, and null for what was emptied', () => {
    const fields = { ...fieldsOfRun(kept, METRIC), volts: '19', note: '' };
    expect(runChange(kept, fields, METRIC)).toEqual({ volts: 19, note: null });
  });
});
