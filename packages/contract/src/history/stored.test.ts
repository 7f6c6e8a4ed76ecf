import Joi from 'joi';
import { readStored, type StoredShape } from './stored.ts';

const SHAPE: StoredShape<{ readonly sizeMm: number }> = {
  version: 3,
  schema: Joi.object({ sizeMm: Joi.number().min(1).required() }),
  upgrades: {
    1: (kept) => ({ inches: Number((kept as { size: string }).size) }),
    2: (kept) => ({ sizeMm: (kept as { inches: number }).inches * 25.4 }),
  },
};

describe('what was kept', () => {
  it('is brought to today’s form step by step', () => {
    expect(readStored(SHAPE, 1, { size: '2' })).toEqual({ status: 'read', value: { sizeMm: 50.8 } });
    expect(readStored(SHAPE, 2, { inches: 1 })).toEqual({ status: 'read', value: { sizeMm: 25.4 } });
    expect(readStored(SHAPE, 3, { sizeMm: 5 })).toEqual({ status: 'read', value: { sizeMm: 5 } });
  });

  it('is not read where it does not fit, is newer, or has no way here', () => {
    expect(readStored(SHAPE, 3, { sizeMm: '5' })).toMatchObject({ status: 'unreadable' });
    expect(readStored(SHAPE, 3, { sizeMm: 5, more: 1 })).toMatchObject({ status: 'unreadable' });
    expect(readStored(SHAPE, 1, { size: 'x' })).toMatchObject({ status: 'unreadable' });
    expect(readStored(SHAPE, 4, { sizeMm: 5 })).toEqual({
      status: 'unreadable',
      why: 'It was kept in form 4; this version reads up to 3.',
    });
    expect(readStored(SHAPE, 1, null)).toEqual({
      status: 'unreadable',
      why: 'What is there is not of form 1.',
    });
    expect(readStored({ ...SHAPE, upgrades: {} }, 2, {})).toMatchObject({ status: 'unreadable' });
  });
});
