/** How a run came out. */
export const RUN_RESULTS = ['ok', 'redo', 'scrap'] as const;
export type RunResult = (typeof RUN_RESULTS)[number];

/** Length of one run, mm, and how long its arc burns, s. Source: practice. */
export const WELD_RUN_LENGTH_RANGE_MM = [1, 1_000_000] as const;
export const RUN_ARC_RANGE_S = [0.2, 86_400] as const;
/** Runs alike that are told at once. */
export const RUN_COUNT_RANGE = [1, 10_000] as const;
/** Mean current and arc volts that are read of a meter. */
export const RUN_AMPS_RANGE = [1, 600] as const;
/** Temperatures before and between runs, °C. Source: practice. */
export const RUN_TEMPERATURE_RANGE_C = [-30, 400] as const;
/** Wire and gas that one entry takes. */
export const RUN_WIRE_RANGE_KG = [0, 100] as const;
export const RUN_GAS_RANGE_L = [0, 100_000] as const;

/** Power that was read from a trace of volts and current. */
export interface TracePower {
  /** Average of volts times amps at each moment, W. */
  readonly watts: number;
  readonly meanVolts: number;
  readonly meanAmps: number;
  readonly seconds: number;
  readonly samplesPerSecond: number;
}

/** A run as it was welded, or several alike. What was not told is left out: not known, never nothing. */
export interface WeldedRun {
  /** Its number in the plan's list of runs. */
  readonly run?: number | undefined;
  /** How many alike it stands for; 1 where nobody says. */
  readonly count?: number | undefined;
  readonly wireFeedSpeedMPerMin?: number | undefined;
  /** Volts and amps that were read while it burned, or set. */
  readonly volts?: number | undefined;
  readonly amps?: number | undefined;
  /** Length and arc time of each. */
  readonly lengthMm?: number | undefined;
  readonly arcSeconds?: number | undefined;
  /** From a trace: it goes before volts and amps. */
  readonly power?: TracePower | undefined;
  readonly preheatC?: number | undefined;
  /** The highest that was read before it. */
  readonly interpassC?: number | undefined;
  readonly result?: RunResult | undefined;
  /** What was wrong, by the imperfection's number. */
  readonly defect?: string | undefined;
  readonly who?: string | undefined;
  readonly note?: string | undefined;
  /** What was taken from Stores, of all of them together. */
  readonly wireKg?: number | undefined;
  readonly gasL?: number | undefined;
  readonly spoolId?: string | undefined;
  readonly cylinderId?: string | undefined;
  /** When the last of them was done, an ISO time. */
  readonly weldedAt: string;
}
