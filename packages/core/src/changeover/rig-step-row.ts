/** What must be confirmed before a step. */
export type Gate =
  'none' | 'stop' | 'hot-parts' | 'clamp-off' | 'power-off' | 'cylinder-closed-and-bled' | 'face-shield';

/** One step of a changeover, as its table holds it. */
export interface RigStepRow {
  readonly id: string;
  /** Part of the machine that it is at. */
  readonly station: string;
  /** What to do, verb first. */
  readonly verb: string;
  /** Condition on the state at the start, the need, the machine and the other steps. */
  readonly when: string;
  /** What it makes of the state: "power=off; testBead=open". */
  readonly effect: string;
  /** Steps that come before it, where they are listed, and what must hold at that moment. */
  readonly requires: string;
  readonly gate: Gate;
  readonly minutes: number;
  readonly parts?: string;
  readonly how: string;
  readonly check?: string;
  readonly ifSkipped?: string;
  readonly appliesTo?: string;
  readonly drawing?: string;
}
