import { METRIC, US } from '@hot-bead/core/base';
import {
  askedFields,
  changedIn,
  enteredIn,
  type FormField,
  TEXT,
  typedOf,
  YES_NO_OPTIONS,
} from './form-fields.ts';

const FIELDS: readonly FormField[] = [
  {
    name: 'gas',
    label: 'Gas',
    options: [
      ['co2', 'CO₂'],
      ['argon', 'Argon'],
    ],
  },
  { name: 'fullKg', label: 'Full', quantity: 'weight', when: ({ gas }) => gas === 'co2' },
  { name: 'fullBar', label: 'Full at', quantity: 'pressure', when: ({ gas }) => gas !== 'co2' },
  { name: 'name', label: 'Called', typing: TEXT },
  { name: 'count', label: 'How many' },
  { name: 'dry', label: 'Kept dry', options: YES_NO_OPTIONS },
];

describe('what is asked', () => {
  it('follows from what was typed', () => {
    const names = (typed: Readonly<Record<string, string>>) =>
      askedFields(FIELDS, typed).map(({ name }) => name);
    expect(names({ gas: 'co2' })).toEqual(['gas', 'fullKg', 'name', 'count', 'dry']);
    expect(names({})).toEqual(['gas', 'fullBar', 'name', 'count', 'dry']);
  });
});

describe('what was typed', () => {
  it('is read by what its field is: a choice, a figure in the user’s unit, a text, a number, yes or no', () => {
    const typed = { gas: 'co2', fullKg: ' 22,0 ', name: '007', count: '3', dry: 'false' };
    const read = enteredIn(FIELDS, typed, US);
    // Source: 1 lb = 0.45359237 kg exactly.
    expect(read['fullKg']).toBeCloseTo(22 * 0.45359237, 6);
    expect(read).toMatchObject({ gas: 'co2', name: '007', count: 3, dry: false });
    expect(enteredIn(FIELDS, typed, METRIC)).toMatchObject({ fullKg: 22 });
  });

  it('is left as it was typed where it is none, for the contract to refuse; what is empty is left out', () => {
    expect(enteredIn(FIELDS, { gas: 'co2', fullKg: 'heavy', count: 'few', name: '  ' }, US)).toEqual({
      gas: 'co2',
      fullKg: 'heavy',
      count: 'few',
    });
  });

  it('does not hold what is not asked', () => {
    expect(enteredIn(FIELDS, { gas: 'argon', fullKg: '10', fullBar: '200' }, METRIC)).toEqual({
      gas: 'argon',
      fullBar: 200,
    });
  });
});

describe('what is kept', () => {
  const kept = { gas: 'co2', fullKg: 9.87654321, name: '3', dry: true };

  it.each([METRIC, US])(
    'comes back to its last digit where it was not touched, though it is shown rounded',
    (units) => {
      const typed = typedOf(FIELDS, kept, units);
      expect(typed['fullKg']).not.toContain('654321');
      expect(enteredIn(FIELDS, typed, units, kept)).toEqual(kept);
    },
  );

  it('loses what was emptied, and what is no longer asked', () => {
    const typed = { ...typedOf(FIELDS, kept, METRIC), name: '', gas: 'argon', fullBar: '200' };
    expect(changedIn(FIELDS, typed, METRIC, kept)).toEqual({
      gas: 'argon',
      fullKg: null,
      fullBar: 200,
      name: null,
      count: null,
      dry: true,
    });
  });
});
