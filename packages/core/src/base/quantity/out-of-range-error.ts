/** A value that lies outside the range a function is valid in, or is not finite. */
export class OutOfRangeError extends Error {
  readonly code: string;
  readonly parameter: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;

  constructor(parameter: string, value: number, min: number, max: number, code = 'out-of-range') {
    super(`${parameter} ${value} is outside ${min} to ${max}`);
    this.name = 'OutOfRangeError';
    this.code = code;
    this.parameter = parameter;
    this.value = value;
    this.min = min;
    this.max = max;
  }
}

/**
 * Checks a value once, at the entrance, so that the arithmetic below stays free of checks.
 *
 * @param range inclusive limits, in the value's own unit
 * @returns the value itself
 * @throws {OutOfRangeError} for a value outside the range or not finite
 */
export function within(
  parameter: string,
  value: number,
  range: readonly [min: number, max: number],
  code?: string,
): number {
  if (!(value >= range[0] && value <= range[1])) {
    throw new OutOfRangeError(parameter, value, range[0], range[1], code);
  }
  return value;
}
