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

/** Metres in a foot, exact. Source: international foot (1959), recalled. */
const M_PER_FOOT = 0.3048;
/** Kilometres in a mile, exact. Source: 5280 international feet, computed. */
const KM_PER_MILE = 1.609344;
/** Kilograms in a pound, exact. Source: international avoirdupois pound (1959), recalled. */
const KG_PER_POUND = 0.45359237;
/** Pounds per square inch in a bar. Source: a pound-force is 4.4482216 N, recalled; computed. */
const PSI_PER_BAR = 14.503774;

/** Feet from metres. */
export function feetFromM(m: number): number {
  return m / M_PER_FOOT;
}

/** Metres from feet. */
export function mFromFeet(feet: number): number {
  return feet * M_PER_FOOT;
}

/** Miles from kilometres, and so miles an hour from kilometres an hour. */
export function milesFromKm(km: number): number {
  return km / KM_PER_MILE;
}

/** Kilometres from miles. */
export function kmFromMiles(miles: number): number {
  return miles * KM_PER_MILE;
}

/** Cubic feet from litres. */
export function cubicFeetFromLitres(litres: number): number {
  return litres / (M_PER_FOOT ** 3 * 1000);
}

/** Litres from cubic feet. */
export function litresFromCubicFeet(cubicFeet: number): number {
  return cubicFeet * M_PER_FOOT ** 3 * 1000;
}

/** Pounds from kilograms. */
export function poundsFromKg(kg: number): number {
  return kg / KG_PER_POUND;
}

/** Kilograms from pounds. */
export function kgFromPounds(pounds: number): number {
  return pounds * KG_PER_POUND;
}

/** Pounds per square inch from bar. */
export function psiFromBar(bar: number): number {
  return bar * PSI_PER_BAR;
}

/** Bar from pounds per square inch. */
export function barFromPsi(psi: number): number {
  return psi / PSI_PER_BAR;
}

/** Degrees Fahrenheit from degrees Celsius. */
export function fahrenheitFromCelsius(celsius: number): number {
  return celsius * 1.8 + 32;
}

/** Degrees Celsius from degrees Fahrenheit. */
export function celsiusFromFahrenheit(fahrenheit: number): number {
  return (fahrenheit - 32) / 1.8;
}
