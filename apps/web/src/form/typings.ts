import { figureText, inchesFromMm, measuredLength, type Units } from '@hot-bead/core/base';
import {
  figureOf,
  lengthText,
  numberOrText,
  readFigure,
  readSize,
  secondsOf,
  secondsText,
  typedSize,
} from '../units/index.ts';
import type { Typing } from './form-fields.ts';

export const SECONDS: Typing = { show: secondsText, read: secondsOf };

/** A number whose unit may stand behind it. */
export function numberIn(unit: string): Typing {
  const behind = new RegExp(`(?<=\\d)\\s*${unit}$`, 'i');
  return { show: String, read: (text) => numberOrText(text.trim().replace(behind, '')), isFigure: true };
}

/** A length that may be none at all; bare numbers in the user's unit. */
const lengthRead = (text: string, units: Units): ReturnType<typeof measuredLength> =>
  /^\s*[0.,]*0[.,]?\s*(mm|cm|m|in|"|ft)?\s*$/i.test(text)
    ? { status: 'read', lengthMm: 0 }
    : measuredLength(text, units.distance === 'in' ? 'in' : 'mm');

/** A length: bare numbers in the user's unit. */
export const LENGTH: Typing = {
  show: lengthText,
  read: (text, units) => {
    const read = lengthRead(text, units);
    return read.status === 'read' ? read.lengthMm : text;
  },
  whyNot: (text, units) => {
    const read = lengthRead(text, units);
    return read.status === 'read' ? undefined : read.message;
  },
};

/** A length shown to its last digit with its unit, as a drawing gives it. */
export const LENGTH_AS_GIVEN: Typing = {
  ...LENGTH,
  show: (mm: number, { distance }) =>
    distance === 'in' ? `${figureText(inchesFromMm(mm), 3)} in` : `${figureText(mm, 3)} mm`,
};

/** The same with the letter that a drawing writes before it. */
function lettered(letter: string): Typing {
  const bare = (text: string): string => text.replace(new RegExp(`^\\s*${letter}(?=[\\d.])`, 'i'), '');
  return {
    ...LENGTH_AS_GIVEN,
    read: (text, units) => LENGTH.read(bare(text), units),
    whyNot: (text, units) => LENGTH.whyNot?.(bare(text), units),
  };
}
export const LEG = lettered('z');
export const THROAT = lettered('a');

const SIGNS: Readonly<Record<string, string>> = { '½': '1/2', '¼': '1/4', '¾': '3/4' };

/** Where a knob stands: between two marks by halves and quarters too. */
export const KNOB: Typing = {
  show: String,
  read: (text) => {
    const spelt = text.trim().replace(/\s*([½¼¾])$/, (_all, sign: string) => ` ${SIGNS[sign]}`);
    const [, whole = '', over = '', under = ''] = /^(\d*)\s*(\d)\/(\d)$/.exec(spelt) ?? [];
    return under === '' || under === '0' ? numberOrText(text) : Number(whole) + Number(over) / Number(under);
  },
  isFigure: true,
};

/** A size read with a gauge. */
export const SIZE: Typing = { show: typedSize, read: (text, units) => readSize(text, units), isFigure: true };

/** A wire speed, shown as far as it can be set on a machine. */
export const WIRE_SPEED: Typing = {
  show: (value: number, units) => figureOf('wireFeedSpeed', value, units),
  read: (text, units) => readFigure('wireFeedSpeed', text, units),
  isFigure: true,
};
/** Volts, shown as far as they can be set. */
export const VOLTS: Typing = {
  ...numberIn('V'),
  show: (value: number, units) => figureOf('volts', value, units),
};

/** A temperature: with its letter in that scale, bare in the user's own. */
export const TEMPERATURE: Typing = {
  show: (celsius: number, units) => figureOf('temperature', celsius, units),
  read: (text, units) => readFigure('temperature', text, units),
};

/** A moment, as a field of local date and time has it. */
export const MOMENT: Typing = {
  show: localTime,
  read: (text) => {
    const at = new Date(text);
    return Number.isNaN(at.getTime()) ? text : at.toISOString();
  },
};

/** Local date and time as its field writes it. */
function localTime(iso: string): string {
  const at = new Date(iso);
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
