import { bareLengthUnit, type Units } from '@hot-bead/core/base';

/** A job as it can be typed, in the sizes that this user has. */
export function exampleLine(units: Units): string {
  return bareLengthUnit(units) === 'in' ? '1/8 tee flat' : '3 mm tee flat';
}

/** A job with its wire and gas. */
export function exampleJob(units: Units): string {
  return bareLengthUnit(units) === 'in'
    ? '1/8 steel tee flat .030 wire 75/25'
    : '3 mm steel tee flat 0.8 wire Ar+18';
}

/** The length of a seam. */
export function exampleSeam(units: Units): string {
  return units.distance === 'in' ? '18 in seam' : '500 mm seam';
}
