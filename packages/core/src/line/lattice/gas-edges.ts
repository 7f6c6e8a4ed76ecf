import { type GasId, gasOfShares } from '../../trade/gas/gas.ts';
import type { Edge, LineText } from './edge.ts';
import type { Asking } from '../meaning.ts';

/** A gas read at the start of a text. */
export interface GasWords {
  readonly gas: GasId;
  readonly length: number;
  readonly asks?: Asking;
  /** A ratio without a name: on aluminium it means helium. */
  readonly unnamedRatio?: boolean;
}

type Found = Omit<GasWords, 'length'>;

const mix = (co2Percent: number): GasId | undefined => gasOfShares({ co2Percent });
const oxygenMix = (oxygenPercent: number): GasId | undefined => gasOfShares({ oxygenPercent });
const heliumMix = (heliumPercent: number): GasId | undefined => gasOfShares({ heliumPercent });

function gasWords(gas: GasId | undefined, more: Omit<Found, 'gas'> = {}): Found | undefined {
  return gas === undefined ? undefined : { gas, ...more };
}

function asking(message: string, ...answers: readonly string[]): Asking {
  return { slot: 'gas', message, answers: answers.map((name) => [name, name] as const) };
}

const HELIUM_ANSWERS = ['Ar + 25 % He', 'Ar + 50 % He', 'Ar + 75 % He'] as const;

/** Two shares that make a hundred, with the name of one or of none. */
function ratio(
  first: number,
  second: number,
  name: 'co2' | 'he-first' | 'he-second' | undefined,
): Found | undefined {
  if (first + second !== 100) return undefined;
  if (name === 'he-first') return gasWords(heliumMix(first));
  if (name === 'he-second') return gasWords(heliumMix(second));
  const less = Math.min(first, second);
  const gas = mix(less);
  if (name === 'co2' || gas === undefined) return gasWords(gas);
  const text = `${first}/${second}`;
  if (first < second) {
    const message = `${text}: Ar + ${less} % CO₂, the larger share argon?`;
    return gasWords(gas, { asks: asking(message, `Ar + ${less} % CO₂`, 'CO₂'), unnamedRatio: true });
  }
  if (less === 2) {
    return gasWords(gas, {
      asks: asking(`${text}: CO₂ or oxygen?`, 'Ar + 2 % CO₂', 'Ar + 2 % O₂'),
      unnamedRatio: true,
    });
  }
  return gasWords(gas, { unnamedRatio: true });
}

const ARGON = '(?:argon|ar)';
const CO2 = '(?:co\\s?[2₂]|c02)';
const HELIUM = '(?:helium|he)';
const PERCENT = '(\\d{1,2}(?:\\.\\d)?)\\s*%?';
const RATIO = '(\\d{2})\\s*[-/:]\\s*(\\d{1,2})';

type Rule = readonly [RegExp, (match: RegExpExecArray) => Found | undefined];

function rule(source: string, read: Rule[1]): Rule {
  return [new RegExp(`^${source}`, 'i'), read];
}

const one =
  (read: (percent: number) => GasId | undefined): Rule[1] =>
  (m) =>
    gasWords(read(Number(m[1])));

const two =
  (name: Parameters<typeof ratio>[2]): Rule[1] =>
  (m) =>
    ratio(Number(m[1]), Number(m[2]), name);

/** Both shares in full, argon first: `75 % argon 25 % helium`. */
const SHARED = `(\\d{1,2})\\s*%\\s*${ARGON}[\\s,+/-]*(?:and\\s*)?(\\d{1,2})\\s*%\\s*`;

/** What the second share makes, where the two are a hundred. */
const whole =
  (read: (percent: number) => GasId | undefined): Rule[1] =>
  (m) =>
    Number(m[1]) + Number(m[2]) === 100 ? gasWords(read(Number(m[2]))) : undefined;

const RULES: readonly Rule[] = [
  rule(`(?:90\\s*he\\s*\\/\\s*7\\.5\\s*ar\\s*\\/\\s*2\\.5\\s*${CO2}|90\\/7\\.5\\/2\\.5)`, () =>
    gasWords('tri-mix'),
  ),
  rule(`${ARGON}\\s*[+/-]\\s*18\\s*[-–]\\s*25\\s*%?(?:\\s*${CO2})?`, () => gasWords('ar-co2-18-25')),
  rule(`${ARGON}\\s*[-/+]\\s*${HELIUM}\\s*${RATIO}`, two('he-second')),
  rule(`${HELIUM}\\s*[-/+]\\s*${ARGON}\\s*${RATIO}`, two('he-first')),
  rule(`${RATIO}\\s*${ARGON}[\\s/-]*${HELIUM}`, two('he-second')),
  rule(`${RATIO}\\s*${HELIUM}[\\s/-]*${ARGON}`, two('he-first')),
  rule(`${ARGON}\\s*[-/+ ]\\s*${CO2}\\s*${RATIO}`, two('co2')),
  rule(`${RATIO}\\s*${ARGON}[\\s/-]*${CO2}`, two('co2')),
  rule(`${RATIO}\\s*${CO2}`, two('co2')),
  rule(`${SHARED}o[2₂]`, whole(oxygenMix)),
  rule(`${ARGON}\\s*[+/-]?\\s*${PERCENT}\\s*o[2₂]`, one(oxygenMix)),
  rule('(\\d{1,2}(?:\\.\\d)?)\\s*%\\s*o[2₂]', one(oxygenMix)),
  rule(`${SHARED}${HELIUM}`, whole(heliumMix)),
  rule(`${SHARED}${CO2}`, whole(mix)),
  rule(`${ARGON}\\s*[+/-]?\\s*${PERCENT}\\s*${HELIUM}`, one(heliumMix)),
  rule(`${ARGON}\\s*[+/-]\\s*${PERCENT}(?:\\s*${CO2})?`, one(mix)),
  rule(`${ARGON}\\s*${PERCENT}\\s*${CO2}`, one(mix)),
  rule(`${ARGON}\\s*(\\d{1,2})\\s*%`, one(mix)),
  rule(`ar\\s?(\\d{1,2})(?:\\s*%)?`, one(mix)),
  rule(`ar\\s*[-/]\\s*(\\d{1,2})`, one(mix)),
  rule(`${ARGON}\\s+(\\d{1,2})\\s*${CO2}`, one(mix)),
  rule(`${ARGON}\\s*-?\\s*(\\d{1,2})\\s*-?${CO2}`, one(mix)),
  rule(`${ARGON}\\s*[-+/ ]\\s*${CO2}\\s*${PERCENT}`, one(mix)),
  rule(`${ARGON}\\s*[-/+ ]\\s*${CO2}(?:\\s*mix)?`, () =>
    gasWords('ar-co2-18-25', {
      asks: asking('Argon–CO₂: how much CO₂?', 'Ar + 25 % CO₂', 'Ar + 18 % CO₂', 'Ar + 10 % CO₂'),
    }),
  ),
  rule(`(?:${ARGON}\\s*[-/+ ]\\s*${HELIUM}|${HELIUM}\\s*[-/+ ]\\s*${ARGON})(?:\\s*mix)?`, () =>
    gasWords('ar-he-25', { asks: asking('Argon–helium: how much helium?', ...HELIUM_ANSWERS) }),
  ),
  rule('c-?(2[05]|1[0258]|8)', one(mix)),
  // A bare figure before CO₂ is a share only from 5 up: `1.2 co2` is a wire and a gas.
  rule(`(\\d{1,2}(?:\\.\\d)?)\\s*%\\s*${CO2}(?:\\s*(?:in\\s+)?${ARGON})?`, one(mix)),
  rule(`([5-9]|\\d{2})\\s*${CO2}(?:\\s*(?:in\\s+)?${ARGON})?`, one(mix)),
  rule(`${RATIO}(?:\\s*mix)?`, two(undefined)),
];

/** A gas written as a composition at the start of a text: `75/25`, `Ar+18`, `He/Ar 50/50`, `Ar + 2 % O₂`. */
export function gasAtStart(text: string): GasWords | undefined {
  for (const [pattern, read] of RULES) {
    const match = pattern.exec(text);
    const length = match?.[0].trimEnd().length ?? 0;
    if (!match || /^[a-z0-9/.]/i.test(text.slice(length).replace(/^\.(?=\s|$)/, ''))) continue;
    const gas = read(match);
    if (gas !== undefined) return { ...gas, length };
  }
  return undefined;
}

/** Gases as compositions, where digits or the name of a gas begin. */
export function gasEdges(line: LineText, at: number): Edge[] {
  if (!/[\dahc]/.test(line.lower[at] ?? '')) return [];
  const read = gasAtStart(line.text.slice(at, at + 60));
  if (!read) return [];
  const { length, ...gas } = read;
  return [{ end: at + length, meanings: [{ kind: 'gas', ...gas }], terms: ['gasComposition'] }];
}
