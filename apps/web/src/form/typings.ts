import { measuredLength } from '@hot-bead/core/base';
import {
  figureOf,
  lengthText,
  numberOrText,
  type Quantity,
  readFigure,
  secondsOf,
  secondsText,
  shownAs,
} from '../units/index.ts';
import type { Typing } from './form-fields.ts';

export const SECONDS: Typing = { show: secondsText, read: secondsOf };

/** A length: bare numbers in the user's unit. */
export const LENGTH: Typing = {
  show: lengthText,
  read: (text, units) => {
    const read = measuredLength(text, units.distance === 'in' ? 'in' : 'mm');
    return read.status === 'read' ? read.lengthMm : text;
  },
};

/** A figure shown as far as it can be set on a machine, and read as it stands. */
function settable(quantity: Quantity): Typing {
  return {
    show: (value: number, units) => figureOf(quantity, value, units),
    read: (text, units) => {
      const value = numberOrText(text);
      return typeof value === 'number' ? shownAs(quantity, units).to(value) : value;
    },
    isFigure: true,
  };
}
export const WIRE_SPEED = settable('wireFeedSpeed');
export const VOLTS = settable('volts');

/** A temperature: with its letter in that scale, bare in the user's own. */
export const TEMPERATURE: Typing = {
  show: (celsius: number, units) => figureOf('temperature', celsius, units),
  read: (text, units) => {
    const [, figure = text, letter] = /^\s*(-?[\d.,]+)\s*°?\s*([cf])\s*$/i.exec(text) ?? [];
    const scale = letter === undefined ? units.temperature : letter.toLowerCase() === 'f' ? '°F' : '°C';
    const value = readFigure('temperature', figure, { ...units, temperature: scale });
    return typeof value === 'number' ? value : text;
  },
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
