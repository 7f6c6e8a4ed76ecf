import { ContractError } from '@hot-bead/contract/base';
import { METRIC, US } from '@hot-bead/core/base';
import { LENGTH } from './typings.ts';
import {
  askedFields,
  changedIn,
  checkedWith,
  enteredIn,
  type FormField,
  TEXT,
  typedOf,
  unreadIn,
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

describe('a field that stands deeper', () => {
  const deep: readonly FormField[] = [
    { name: 'run.lengthMm', label: 'Length', typing: LENGTH },
    { name: 'run.timeS', label: 'Time' },
  ];

  it('is shown from its place and read back to it', () => {
    const kept = { run: { lengthMm: 762, timeS: 6 } };
    const typed = typedOf(deep, kept, METRIC);
    expect(typed).toEqual({ 'run.lengthMm': '762 mm', 'run.timeS': '6' });
    expect(enteredIn(deep, typed, METRIC, kept)).toEqual(kept);
    expect(enteredIn(deep, { 'run.timeS': '6' }, METRIC)).toEqual({ run: { timeS: 6 } });
    expect(enteredIn(deep, {}, METRIC)).toEqual({});
    expect(typedOf(deep, {}, METRIC)).toEqual({ 'run.lengthMm': '', 'run.timeS': '' });
  });

  it('says why it cannot be read, and nothing where it can or is empty', () => {
    expect(unreadIn(deep, { 'run.lengthMm': 'long' }, METRIC)).toMatchObject([{ field: 'run.lengthMm' }]);
    expect(unreadIn(deep, { 'run.lengthMm': '0', 'run.timeS': 'six' }, METRIC)).toEqual([]);
    expect(unreadIn(deep, {}, METRIC)).toEqual([]);
  });
});

describe('what is wrong', () => {
  const unread = [{ field: 'lengthMm', code: 'unreadable', message: 'why not' }];
  const wrong =
    (...fields: string[]) =>
    (): never => {
      throw new ContractError(fields.map((field) => ({ field, code: 'wrong-type', message: 'no number' })));
    };

  it('is said at every field at once, why it cannot be read first', () => {
    expect(() => checkedWith(unread, wrong('lengthMm', 'volts'))).toThrow(
      expect.objectContaining({
        problems: [unread[0], expect.objectContaining({ field: 'volts', message: 'no number' })],
      }),
    );
  });

  it('is never let through for what could not be read', () => {
    expect(() => checkedWith(unread, () => 'fits')).toThrow('why not');
    expect(checkedWith([], () => 'fits')).toBe('fits');
    expect(() => checkedWith([], wrong('volts'))).toThrow('no number');
    expect(() =>
      checkedWith(unread, () => {
        throw new TypeError('a fault of ours');
      }),
    ).toThrow(TypeError);
  });
});
