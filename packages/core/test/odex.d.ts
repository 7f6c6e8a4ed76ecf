/** What is used of the library: its own types are of sources that do not hold under this compiler’s checks. */
export class Solver {
  constructor(unknowns: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(
    derivative: (x: number, y: number[]) => number[],
    x0: number,
    y0: readonly number[],
    xEnd: number,
  ): { readonly y: number[] };
}
