/** Limits of what can be entered of a machine. Source: common practice; past them it is a slip of the pen. */

/** Arc volts, as a machine shows them or a meter reads them, V. Source: our model. */
export const METER_VOLTS_RANGE = [5, 60] as const;
/** Open-circuit volts of a tap, V. The upper end is the limit of IEC 60974-1, recalled. */
export const OPEN_VOLTS_RANGE = [5, 113] as const;
/** Current at which a tap was read under load, A. */
export const LOADED_CURRENT_RANGE_A = [10, 500] as const;
/** Current of a source, A. */
export const SOURCE_CURRENT_RANGE_A = [5, 600] as const;
/** Wire feed speed of a machine, m/min. */
export const MACHINE_WIRE_SPEED_RANGE_M_PER_MIN = [0.3, 40] as const;
/** Marks of a knob. */
export const KNOB_RANGE = [0, 100] as const;
/** Least length of a knob's scale: no hand could set less. */
export const KNOB_SCALE_LEAST = 0.5;
/** What can be entered on a machine with one entry. */
export const ENTRY_RANGE = [0, 1000] as const;
/** Volts that a mark of trim moves, V. */
export const TRIM_STEP_RANGE_V = [0.01, 5] as const;
/** Duty, per cent. */
export const DUTY_RANGE_PERCENT = [1, 100] as const;
/** Mains, V, and breaker, A. */
export const MAINS_VOLTS_RANGE = [90, 500] as const;
export const BREAKER_RANGE_A = [3, 125] as const;
