import type { MachineState } from './schedule.ts';

const FIRST_ROOM = 1024;
/** Numbers kept of a label: clock, lateness, changeover, rig, label before, unit done last, next label of its set. */
const CLOCK = 0;
const LATE = 1;
const CHANGE = 2;
const RIG = 3;
const PARENT = 4;
const UNIT = 5;
const NEXT = 6;
const WIDTH = 7;

/** Partial orders of one machine, by the set of units that were done, in one growing block of whole numbers. */
export class LabelStore {
  private rows = new Int32Array(FIRST_ROOM * WIDTH);
  private readonly heads: Int32Array;
  /** Labels that were kept, the dropped ones among them. */
  count = 0;

  /** @param units how many, at most 20 */
  constructor(units: number) {
    this.heads = new Int32Array(2 ** units).fill(-1);
  }

  clockMin(label: number): number {
    return this.rows[label * WIDTH + CLOCK] as number;
  }
  lateness(label: number): number {
    return this.rows[label * WIDTH + LATE] as number;
  }
  changeoverMin(label: number): number {
    return this.rows[label * WIDTH + CHANGE] as number;
  }
  rig(label: number): number {
    return this.rows[label * WIDTH + RIG] as number;
  }
  parent(label: number): number {
    return this.rows[label * WIDTH + PARENT] as number;
  }
  unit(label: number): number {
    return this.rows[label * WIDTH + UNIT] as number;
  }

  first(set: number): number {
    return this.heads[set] as number;
  }
  next(label: number): number {
    return this.rows[label * WIDTH + NEXT] as number;
  }

  add(set: number, state: Readonly<MachineState>, parent: number, unit: number): number {
    if ((this.count + 1) * WIDTH > this.rows.length) {
      const more = new Int32Array(this.rows.length * 2);
      more.set(this.rows);
      this.rows = more;
    }
    const at = this.count * WIDTH;
    this.rows[at + CLOCK] = state.clockMin;
    this.rows[at + LATE] = state.lateness;
    this.rows[at + CHANGE] = state.changeoverMin;
    this.rows[at + RIG] = state.rig;
    this.rows[at + PARENT] = parent;
    this.rows[at + UNIT] = unit;
    this.rows[at + NEXT] = this.heads[set] as number;
    this.heads[set] = this.count;
    this.count += 1;
    return this.count - 1;
  }

  /** Takes the label that was added last out again. */
  takeBack(set: number): void {
    this.heads[set] = this.next(this.count - 1);
    this.count -= 1;
  }

  /** Takes a label out of its set's list, which stands after another. */
  drop(label: number, before: number): void {
    this.rows[before * WIDTH + NEXT] = this.next(label);
  }

  /** Units of a label in the order in which they were done. */
  sequence(label: number): readonly number[] {
    const units: number[] = [];
    for (let at = label; this.parent(at) >= 0; at = this.parent(at)) units.push(this.unit(at));
    return units.toReversed();
  }
}
