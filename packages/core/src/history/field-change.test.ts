import fc from 'fast-check';
import {
  canonicalJson,
  changeBack,
  changeBetween,
  changeOf,
  differing,
  fieldsAfter,
  fieldsOf,
  isSameValue,
  patchOf,
  recordOf,
} from './field-change.ts';

const BRANCHES = ['work', 'own'];
const BEFORE = { line: '3 mm tee', work: { thicknessMm: 3, joint: 'tee' }, own: { volts: 18 } };
const AFTER = { line: '3 mm lap', work: { thicknessMm: 3, joint: 'lap', outsideMm: [40, 40] }, own: {} };

describe('a change of a record', () => {
  it('names each field that differs, inside a branch too, and null where one is gone', () => {
    const change = changeBetween(fieldsOf(BEFORE, BRANCHES), fieldsOf(AFTER, BRANCHES));
    expect(change).toEqual({
      line: '3 mm lap',
      'own.volts': null,
      'work.joint': 'lap',
      'work.outsideMm': [40, 40],
    });
    expect(patchOf(change, BRANCHES)).toEqual({
      line: '3 mm lap',
      own: { volts: null },
      work: { joint: 'lap', outsideMm: [40, 40] },
    });
  });

  it('leaves a key that is no branch whole', () => {
    expect(fieldsOf({ mains: { volts: 230 }, gone: undefined, none: null }, BRANCHES)).toEqual({
      mains: { volts: 230 },
    });
    expect(changeOf({ mains: null, work: { joint: null, gas: undefined } }, BRANCHES)).toEqual({
      mains: null,
      'work.joint': null,
    });
  });

  const value = fc.oneof(fc.integer(), fc.string(), fc.boolean(), fc.array(fc.integer(), { maxLength: 2 }));
  const inner = fc.dictionary(fc.constantFrom('a', 'b', 'c'), value);
  const record = fc.record({ work: inner, own: inner, name: value }, { requiredKeys: ['work', 'own'] });
  it('brings one record to the other, and its way back brings it home', () => {
    fc.assert(
      fc.property(record, record, (a, b) => {
        const [before, after] = [fieldsOf(a, BRANCHES), fieldsOf(b, BRANCHES)];
        const change = changeBetween(before, after);
        expect(fieldsAfter(before, change)).toEqual(after);
        expect(recordOf(fieldsAfter(before, change), BRANCHES)).toEqual(b);
        expect(fieldsAfter(after, changeBack(before, change))).toEqual(before);
        expect(changeOf(patchOf(change, BRANCHES), BRANCHES)).toEqual(change);
      }),
    );
  });

  it('says of what was asked only what is not so already, and leaves what was not asked', () => {
    const fields = fieldsOf(BEFORE, BRANCHES);
    expect(
      differing(fields, { line: '3 mm tee', 'work.joint': 'lap', 'work.gas': null, 'own.volts': null }),
    ).toEqual({
      'work.joint': 'lap',
      'own.volts': null,
    });
  });

  it('does not mind the order of keys', () => {
    expect(isSameValue({ a: 1, b: [{ c: 1, d: undefined }] }, { b: [{ c: 1 }], a: 1 })).toBe(true);
    expect(isSameValue({ a: [1, 2] }, { a: [2, 1] })).toBe(false);
    expect(canonicalJson({ b: 1, a: { d: 1, c: 2 } })).toBe('{"a":{"c":2,"d":1},"b":1}');
  });
});
