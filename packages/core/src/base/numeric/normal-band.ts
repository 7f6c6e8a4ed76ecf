/** Standard deviations either side of the mean that hold 95 % of normal errors. */
export const TWO_SIDED_95 = 1.96;
