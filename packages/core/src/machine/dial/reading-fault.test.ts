import { readingFault } from './reading-fault.ts';

const KNOB = { wireControl: { kind: 'knob', min: 1, max: 10 } } as const;
const LETTERS = { wireControl: { kind: 'letters', names: ['A', 'B'] } } as const;
const TAPS = { voltsControl: { kind: 'positions', positions: [{ name: '1' }] } } as const;

describe('a reading', () => {
  it('fits the controls it was taken of', () => {
    for (const knob of [1, 5.5, 10]) expect(readingFault(KNOB, { knob })).toBeUndefined();
    for (const knob of [0, 1]) expect(readingFault(LETTERS, { knob })).toBeUndefined();
    expect(readingFault({ ...KNOB, ...TAPS }, { knob: 1, position: '1' })).toBeUndefined();
    expect(readingFault({}, { knob: 99 })).toBeUndefined();
  });

  it('cannot stand past the scale, or on a letter or tap that is not there', () => {
    expect(readingFault(KNOB, { knob: 0.9 })).toMatchObject({
      field: 'knob',
      message: 'This knob goes from 1 to 10.',
    });
    expect(readingFault(KNOB, { knob: 10.1 })?.code).toBe('knob-out-of-range');
    expect(readingFault(LETTERS, { knob: 2 })).toMatchObject({ message: 'Its letters are A, B.' });
    expect(readingFault(LETTERS, { knob: 0.5 })?.field).toBe('knob');
    expect(readingFault(TAPS, { knob: 1, position: '2' })).toMatchObject({ code: 'position-unknown' });
    expect(readingFault(KNOB, { knob: 5, position: '1' })?.field).toBe('position');
  });
});
