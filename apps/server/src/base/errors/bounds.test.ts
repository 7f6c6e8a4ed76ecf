import { ContractError } from '@hot-bead/contract/base';
import Joi from 'joi';
import { overBounds } from './bounds.ts';
import { ContractPipe } from './contract.pipe.ts';

/** What is said of a value, and whether its rules were asked. */
function messagesOf(schema: Joi.Schema, value: unknown): readonly string[] {
  try {
    new ContractPipe(schema).transform(value);
    return [];
  } catch (error) {
    if (!(error instanceof ContractError)) throw error;
    return error.problems.map(({ field, message }) => `${field}: ${message}`);
  }
}

describe('what is too much for a schema', () => {
  let asked = 0;
  const counted = Joi.string().custom((value: string) => {
    asked += 1;
    return value;
  });
  beforeEach(() => {
    asked = 0;
  });

  it('is found before any rule is asked', () => {
    const schema = Joi.object({ list: Joi.array().items(counted).max(3) });
    expect(messagesOf(schema, { list: Array<string>(100_000).fill('a') })).toEqual([
      'list: That is 100000 of them: 3 are the most.',
    ]);
    expect(asked).toBe(0);
    expect(messagesOf(schema, { list: ['a', 'b', 'c'] })).toEqual([]);
    expect(asked).toBe(3);
  });

  it('is said in the schema’s own words, at its field, however deep', () => {
    const lines = Joi.array().items(counted).max(2).messages({ 'array.max': 'Two lines at most.' });
    const schema = Joi.object({ sets: Joi.array().items(Joi.object({ lines })) });
    expect(messagesOf(schema, { sets: [{ lines: [] }, { lines: ['a', 'b', 'c'] }] })).toEqual([
      'sets.1.lines: Two lines at most.',
    ]);
  });

  it('is a list without a limit of its own too, and one of a choice by the longest', () => {
    expect(messagesOf(Joi.array().items(counted), Array<string>(2501).fill('a'))).toHaveLength(1);
    const either = Joi.alternatives(Joi.array().items(counted).max(2), Joi.array().items(counted).max(4));
    expect(overBounds(either, ['a', 'b', 'c', 'd'])).toBeUndefined();
    expect(overBounds(either, ['a', 'b', 'c', 'd', 'e'])).toMatchObject({ field: '' });
  });

  it('is counted where it is of fields that nobody knows, not listed', () => {
    const strange = Object.fromEntries(Array.from({ length: 50_000 }, (_, i) => [`k${i}`, 1]));
    expect(messagesOf(Joi.object({ a: counted }), { a: 'x', ...strange })).toEqual([
      ': 50000 fields of it are not known here.',
    ]);
    expect(asked).toBe(0);
    expect(messagesOf(Joi.object({ a: counted }), { b: 1 })).toEqual(['b: b is not allowed']);
    const open = Joi.object().pattern(Joi.string(), Joi.number()).max(10);
    expect(messagesOf(open, strange)).toEqual([': That is 50000 of them: 10 are the most.']);
    expect(messagesOf(Joi.object().unknown(), { b: 1 })).toEqual([]);
  });
});
