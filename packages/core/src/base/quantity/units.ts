/** Millimetres in an inch, exact. Source: international inch (1959), recalled. */
export const MM_PER_INCH = 25.4;

/** Litres per minute in a cubic foot per hour. Source: 1 ft = 0.3048 m exactly; computed. */
export const L_PER_MIN_PER_CFH = (0.3048 ** 3 * 1000) / 60;

/** Millimetres to inches. */
export function inchesFromMm(mm: number): number {
  return mm / MM_PER_INCH;
}

/** Inches to millimetres. */
export function mmFromInches(inches: number): number {
  return inches * MM_PER_INCH;
}

/** Metres per minute to inches per minute. */
export function inchesPerMinFromMPerMin(mPerMin: number): number {
  return (mPerMin * 1000) / MM_PER_INCH;
}

/** Inches per minute to metres per minute. */
export function mPerMinFromInchesPerMin(inchesPerMin: number): number {
  return (inchesPerMin * MM_PER_INCH) / 1000;
}

/** Cubic feet per hour from litres per minute. */
export function cfhFromLPerMin(lPerMin: number): number {
  return lPerMin / L_PER_MIN_PER_CFH;
}

/** Litres per minute from cubic feet per hour. */
export function lPerMinFromCfh(cfh: number): number {
  return cfh * L_PER_MIN_PER_CFH;
}

/** Metres per minute in a millimetre per second, exact. */
const M_PER_MIN_PER_MM_PER_S = 0.06;

/** Metres per minute from millimetres per second. */
export function mPerMinFromMmPerS(mmPerS: number): number {
  return mmPerS * M_PER_MIN_PER_MM_PER_S;
}

/** Millimetres per second from metres per minute. */
export function mmPerSFromMPerMin(mPerMin: number): number {
  return mPerMin / M_PER_MIN_PER_MM_PER_S;
}
