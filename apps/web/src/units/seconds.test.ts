import { secondsOf, secondsText } from './seconds.ts';

describe('an arc time', () => {
  it.each([
    ['30', 30],
    ['1:30', 90],
    ['12:05,5', 725.5],
    ['1.5 min', 90],
    ['2 h', 7200],
    ['48 s', 48],
    ['a while', 'a while'],
    ['1:75', '1:75'],
    ['', ''],
  ])('%j is %j', (text, seconds) => {
    expect(secondsOf(text)).toBe(seconds);
  });

  it.each([
    [7.25, '7.3 s'],
    [48, '48 s'],
    [90, '1:30'],
    [3725, '1:02:05'],
  ])('of %s s is read as %s', (seconds, text) => {
    expect(secondsText(seconds)).toBe(text);
  });
});
