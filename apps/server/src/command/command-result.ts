/** What a command prints and the code it leaves with: 0 done, 2 refused, 1 not usable as called. */
export interface CommandResult {
  readonly output: string;
  readonly exitCode: 0 | 1 | 2;
}
