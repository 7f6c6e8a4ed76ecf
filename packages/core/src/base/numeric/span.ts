/** A number to set: where to start, and the range it is expected to move in. */
export interface Span {
  readonly start: number;
  readonly low: number;
  readonly high: number;
}
