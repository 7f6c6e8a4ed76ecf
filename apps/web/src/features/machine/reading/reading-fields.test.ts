import { ContractError } from '@hot-bead/contract/base';
import { METRIC, type Units, US } from '@hot-bead/core/base';
import type { TimedReading } from '@hot-bead/core/machine';
import { enteredIn, type Typed, unreadIn } from '../../../form/form-fields.ts';
import { fieldOfReadingProblem, READING_FIELDS, readingOf, timedBy } from './reading-fields.ts';

const ONE = { ...timedBy('one-run', '6'), knob: '6,5', 'run.lengthMm': '76 cm' };
const TWO = {
  ...timedBy('two-lengths', '6'),
  knob: '6,5',
  'run.lengthMm': '900',
  'shortRun.lengthMm': '0.3 m',
};

function read(typed: Typed, units: Units = METRIC, at = { underArc: false }): TimedReading {
  return readingOf(typed, enteredIn(READING_FIELDS, typed, units), at);
}

function problemsOf(typed: Typed): ReadonlyMap<string, string> {
  const unread = unreadIn(READING_FIELDS, typed, METRIC);
  if (unread.length > 0) return new Map(unread.map(({ field, message }) => [field, message]));
  try {
    read(typed);
    throw new Error('taken');
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    return new Map(error.problems.map(({ field, message }) => [fieldOfReadingProblem(field), message]));
  }
}

describe('the form of a reading', () => {
  it('takes a length in any unit, and a comma for a point', () => {
    expect(read(ONE, US)).toEqual({ knob: 6.5, run: { lengthMm: 760, timeS: 6 } });
    expect(read({ ...ONE, 'run.lengthMm': '30' }, US).run.lengthMm).toBeCloseTo(762, 9);
  });

  it('takes two lengths as 3 s and 9 s, the tap, and whether an arc burnt', () => {
    const entered = enteredIn(READING_FIELDS, TWO, METRIC);
    expect(readingOf(TWO, entered, { position: '3', underArc: true })).toEqual({
      knob: 6.5,
      run: { lengthMm: 900, timeS: 9 },
      shortRun: { lengthMm: 300, timeS: 3 },
      position: '3',
      underArc: true,
    });
  });

  it('takes a knob between two marks, and a time with its unit', () => {
    expect(read({ ...ONE, knob: '4 1/2' }).knob).toBe(4.5);
    expect(read({ ...ONE, knob: '4½' }).knob).toBe(4.5);
    expect(read({ ...ONE, knob: '3/4' }).knob).toBe(0.75);
    expect(read({ ...ONE, 'run.timeS': '6.2 s' }).run.timeS).toBe(6.2);
  });

  it('takes the time that it really ran, where that was not the timer’s', () => {
    expect(read({ ...ONE, 'run.timeS': '6,4' }).run).toEqual({ lengthMm: 760, timeS: 6.4 });
    const both = { ...TWO, 'run.timeS': '9.2', 'shortRun.timeS': '2.9' };
    expect(read(both)).toMatchObject({ run: { timeS: 9.2 }, shortRun: { timeS: 2.9 } });
  });

  it('reads no short run of one run', () => {
    expect(read({ ...TWO, ...timedBy('one-run', '10') })).toEqual({
      knob: 6.5,
      run: { lengthMm: 900, timeS: 10 },
    });
  });

  it.each([
    [{ ...ONE, 'run.timeS': '0' }, 'run.timeS', 'The time is 1 to 120 s.'],
    [{ ...ONE, 'run.timeS': '-6' }, 'run.timeS', 'The time is 1 to 120 s.'],
    [{ ...ONE, 'run.timeS': 'six' }, 'run.timeS', 'The time is a number of seconds.'],
    [{ ...ONE, 'run.timeS': '' }, 'run.timeS', 'Write how long the wire ran.'],
    [{ ...TWO, 'shortRun.timeS': '0' }, 'shortRun.timeS', 'The time is 1 to 120 s.'],
    [{ ...ONE, knob: '' }, 'knob', 'Write where the knob stood.'],
    [{ ...ONE, knob: 'six' }, 'knob', 'The knob is a number on its scale.'],
    [{ ...ONE, 'run.lengthMm': '' }, 'run.lengthMm', 'Measure the wire'],
    [{ ...TWO, 'shortRun.lengthMm': '', 'shortRun.timeS': '' }, 'shortRun.lengthMm', 'Measure the wire'],
    [{ ...ONE, 'run.lengthMm': 'long' }, 'run.lengthMm', 'is not a length'],
    [{ ...ONE, 'run.lengthMm': '500 m' }, 'run.lengthMm', 'The length is 20 mm to 60 m.'],
    [{ ...ONE, 'run.lengthMm': '50 m' }, 'run.lengthMm', 'no feeder has'],
    [{ ...TWO, 'shortRun.lengthMm': 'x' }, 'shortRun.lengthMm', 'is not a length'],
    [{ ...TWO, 'shortRun.lengthMm': '895' }, 'run.lengthMm', 'too alike'],
  ] as const)('%o is wrong at %s', (typed, field, message) => {
    expect(problemsOf(typed).get(field)).toContain(message);
  });
});
