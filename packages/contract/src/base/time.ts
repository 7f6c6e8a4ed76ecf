import Joi from 'joi';

const ISO = /^(\d{4})-(\d{2})-(\d{2})T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:?\d{2})$/;

/** A moment: a day that there is, a time, and the zone that it is told in. */
export function momentSchema(what: string): Joi.StringSchema {
  return Joi.string()
    .custom((text: string, helpers) => {
      const [, year, month, day] = ISO.exec(text) ?? [];
      const last = year === undefined ? 0 : new Date(Date.UTC(Number(year), Number(month), 0)).getUTCDate();
      const isDay = Number(day) >= 1 && Number(day) <= last && Number(month) <= 12;
      return isDay && !Number.isNaN(Date.parse(text)) ? text : helpers.error('any.invalid');
    })
    .messages({ '*': `${what} is a date and a time with its zone, like 2026-03-01T09:30:00Z.` });
}
