/** What a test bead was welded at. */
export interface BeadSetting {
  /** m/min */
  readonly wireFeedSpeedMPerMin: number;
  /** V at the arc or as the machine shows it */
  readonly volts: number;
}
