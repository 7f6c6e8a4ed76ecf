import { ContractError } from '@hot-bead/contract/base';
import { fieldOfReadingProblem, type ReadingField, type ReadingFields, readingOf } from './reading-fields.ts';

const FIELDS: ReadingFields = {
  knob: '6,5',
  method: 'one-run',
  time: '6',
  length: '76 cm',
  shortLength: '',
  underArc: false,
};

function problemsOf(over: Partial<ReadingFields>): ReadonlyMap<ReadingField, string> {
  try {
    readingOf({ ...FIELDS, ...over }, undefined, 'mm');
    throw new Error('taken');
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    return new Map(error.problems.map(({ field, message }) => [fieldOfReadingProblem(field), message]));
  }
}

describe('the form of a reading', () => {
  it('takes a length in any unit, and a comma for a point', () => {
    expect(readingOf(FIELDS, undefined, 'in')).toEqual({ knob: 6.5, run: { lengthMm: 760, timeS: 6 } });
    expect(readingOf({ ...FIELDS, length: '30' }, undefined, 'in').run.lengthMm).toBeCloseTo(762, 9);
  });

  it('takes two lengths as 3 s and 9 s, the tap, and whether an arc burnt', () => {
    const two = {
      ...FIELDS,
      method: 'two-lengths' as const,
      length: '900',
      shortLength: '0.3 m',
      underArc: true,
    };
    expect(readingOf(two, '3', 'mm')).toEqual({
      knob: 6.5,
      run: { lengthMm: 900, timeS: 9 },
      shortRun: { lengthMm: 300, timeS: 3 },
      position: '3',
      underArc: true,
    });
  });

  it('takes the time that it really ran, where that was not the timer’s', () => {
    expect(readingOf({ ...FIELDS, ran: '6,4' }, undefined, 'mm').run).toEqual({ lengthMm: 760, timeS: 6.4 });
    const two = {
      ...FIELDS,
      method: 'two-lengths' as const,
      length: '900',
      ran: '9.2',
      shortLength: '300',
      shortRan: '2.9',
    };
    expect(readingOf(two, undefined, 'mm')).toMatchObject({ run: { timeS: 9.2 }, shortRun: { timeS: 2.9 } });
  });

  it.each([
    [{ ran: '0' }, 'ran', 'The time is 1 to 120 s.'],
    [{ ran: '-6' }, 'ran', 'The time is 1 to 120 s.'],
    [{ ran: 'six' }, 'ran', 'The time is a number of seconds.'],
    [{ ran: '' }, 'ran', 'The time is a number of seconds.'],
    [
      { method: 'two-lengths', length: '900', shortLength: '300', shortRan: '0' },
      'shortRan',
      'The time is 1 to 120 s.',
    ],
    [{ knob: '' }, 'knob', 'Write where the knob stood.'],
    [{ knob: 'six' }, 'knob', 'The knob is a number on its scale.'],
    [{ length: '' }, 'length', 'Measure it'],
    [{ length: 'long' }, 'length', 'is not a length'],
    [{ length: '500 m' }, 'length', 'The length is 20 mm to 60 m.'],
    [{ length: '50 m' }, 'length', 'no feeder has'],
    [{ method: 'two-lengths', length: '900', shortLength: 'x' }, 'shortLength', 'is not a length'],
    [{ method: 'two-lengths', length: '900', shortLength: '895' }, 'length', 'too alike'],
  ] as const)('%o is wrong at %s', (over, field, message) => {
    expect(problemsOf(over).get(field)).toContain(message);
  });
});
