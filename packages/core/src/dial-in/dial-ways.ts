import { DIAL_WAYS, type DialWay } from '../window/dial-model.ts';
import { columnsOf, type DialledPlan } from './settable.ts';

/** A way of searching, whether it is open on the machine, and why not. */
export interface DialWayRow {
  readonly way: DialWay;
  readonly name: string;
  readonly says: string;
  /** Why it is closed, with the way out; undefined: it is open. */
  readonly closed?: string | undefined;
}

const NAME: Readonly<Record<DialWay, string>> = {
  'wire-first': 'Wire first',
  'volts-first': 'Volts first',
  trim: 'One entry and trim',
  columns: 'Chart columns',
};

const SAYS: Readonly<Record<DialWay, string>> = {
  'wire-first': 'The wire speed is held; the volts move.',
  'volts-first': 'The volts are held; the wire speed moves.',
  trim: 'The machine’s own line is held; the trim moves.',
  columns: 'Wire speed and volts move together, a column of the machine’s own chart at a time.',
};

/** Whether the machine has nothing but one entry and its trim, and these are known. */
function isOneEntry({ machine }: DialledPlan): boolean {
  return machine?.voltsControl?.kind === 'entry' && machine.oneEntry !== undefined;
}

function closedOf(way: DialWay, dialled: DialledPlan): string | undefined {
  const { plan, machine } = dialled;
  const isEntry = machine?.voltsControl?.kind === 'entry' || machine?.wireControl?.kind === 'entry';
  if (way === 'wire-first' && isOneEntry(dialled)) return 'This machine sets both from one entry: trim it.';
  if (way === 'trim' && !machine?.oneEntry) return 'For a machine that sets both from one entry.';
  if (way === 'columns' && !columnsOf(dialled)) {
    return 'Write down the machine’s own choices for this wire and gas first, on its page under One entry.';
  }
  if (way === 'volts-first' && isEntry)
    return 'This machine’s one entry moves the wire speed and the volts together.';
  if (way === 'volts-first' && plan.voltsKind === 'mean')
    return 'In pulse the trim sets the arc, not the wire speed.';
  return undefined;
}

/** Every way of searching, as it stands for a plan on its machine. */
export function dialWayRows(dialled: DialledPlan): readonly DialWayRow[] {
  return DIAL_WAYS.map((way) => ({
    way,
    name: NAME[way],
    says: SAYS[way],
    closed: closedOf(way, dialled),
  }));
}

/**
 * The way that is gone: the one that was chosen where it is open; else on a machine with one entry the trim, and the
 * wire first on any other.
 */
export function dialWayFor(dialled: DialledPlan, chosen: DialWay | undefined): DialWay {
  if (chosen !== undefined && closedOf(chosen, dialled) === undefined) return chosen;
  return isOneEntry(dialled) ? 'trim' : 'wire-first';
}
