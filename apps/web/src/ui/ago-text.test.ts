import { agoText } from './ago-text.ts';

const NOW = new Date('2026-11-25T12:00:00.000Z');

describe('how long ago', () => {
  it.each([
    ['2026-11-18T12:00:00.000Z', '7 days ago'],
    ['2026-11-25T11:58:00.000Z', '2 minutes ago'],
    ['2026-11-25T12:01:00.000Z', 'less than a minute ago'],
    ['2026-11-26T12:00:00.000Z', 'less than a minute ago'],
  ])('%s is %s', (at, text) => {
    expect(agoText(new Date(at), NOW)).toBe(text);
  });
});
