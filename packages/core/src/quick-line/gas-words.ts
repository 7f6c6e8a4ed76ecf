import { type GasId, argonCo2, CO2_MIX_RANGE_PERCENT } from '../gas/gas.ts';

function mix(percent: number): GasId | undefined {
  const [min, max] = CO2_MIX_RANGE_PERCENT;
  return percent >= min && percent <= max ? argonCo2(percent) : undefined;
}

function oxygenMix(percent: number): GasId | undefined {
  if (percent === 2) return 'ar-o2-2';
  return percent === 5 ? 'ar-o2-5' : undefined;
}

function heliumMix(percent: number): GasId | undefined {
  return percent === 25 || percent === 50 || percent === 75 ? `ar-he-${percent}` : undefined;
}

const ARGON = '(?:argon|ar)';
const PERCENT = '(\\d{1,2}(?:\\.\\d)?)\\s*%?';

type Rule = readonly [RegExp, (match: RegExpExecArray) => GasId | undefined];

const RULES: readonly Rule[] = [
  [/^(?:90\s*he\s*\/\s*7\.5\s*ar\s*\/\s*2\.5\s*co[2₂]|90\/7\.5\/2\.5)/i, () => 'tri-mix'],
  [new RegExp(`^${ARGON}\\s*[+/-]\\s*18\\s*[-–]\\s*25\\s*%?(?:\\s*co[2₂])?`, 'i'), () => 'ar-co2-18-25'],
  [new RegExp(`^${ARGON}\\s*[+/-]?\\s*${PERCENT}\\s*o[2₂]`, 'i'), (m) => oxygenMix(Number(m[1]))],
  [new RegExp(`^${ARGON}\\s*[+/-]?\\s*${PERCENT}\\s*(?:he|helium)`, 'i'), (m) => heliumMix(Number(m[1]))],
  [new RegExp(`^${ARGON}\\s*[+/-]\\s*${PERCENT}(?:\\s*co[2₂])?`, 'i'), (m) => mix(Number(m[1]))],
  [new RegExp(`^${ARGON}\\s*${PERCENT}\\s*co[2₂]`, 'i'), (m) => mix(Number(m[1]))],
  [new RegExp(`^${ARGON}\\s*(\\d{1,2})\\s*%`, 'i'), (m) => mix(Number(m[1]))],
  [new RegExp(`^ar(\\d{1,2})(?:\\s*%)?`, 'i'), (m) => mix(Number(m[1]))],
  [new RegExp(`^${ARGON}\\s*[+/]\\s*co[2₂]\\s*${PERCENT}`, 'i'), (m) => mix(Number(m[1]))],
  [/^c(2[05]|1[0258]|8)/i, (m) => mix(Number(m[1]))],
  // A bare figure before CO₂ is a share only from 5 up: `1.2 co2` is a wire and a gas.
  [
    new RegExp(`^(\\d{1,2}(?:\\.\\d)?)\\s*%\\s*co[2₂](?:\\s*(?:in\\s+)?${ARGON})?`, 'i'),
    (m) => mix(Number(m[1])),
  ],
  [new RegExp(`^([5-9]|\\d{2})\\s*co[2₂](?:\\s*(?:in\\s+)?${ARGON})?`, 'i'), (m) => mix(Number(m[1]))],
  [
    /^(\d{2})\s*\/\s*(\d{1,2})(?:\s*mix)?/i,
    (m) => (Number(m[1]) + Number(m[2]) === 100 ? mix(Number(m[2])) : undefined),
  ],
];

/** A gas written as a composition at the start of a text: `75/25`, `Ar+18`, `ar 18% co2`, `Ar + 2 % O₂`. */
export function gasAtStart(text: string): { gas: GasId; length: number } | undefined {
  for (const [pattern, read] of RULES) {
    const match = pattern.exec(text);
    const length = match?.[0].trimEnd().length ?? 0;
    if (!match || /^[a-z0-9/.]/i.test(text.slice(length))) continue;
    const gas = read(match);
    if (gas !== undefined) return { gas, length };
  }
  return undefined;
}
