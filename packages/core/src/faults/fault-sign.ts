import type { CauseId } from './causes.ts';

/** Something known that settles no cause, and yet makes some likelier. */
export interface FaultSignRow {
  readonly text: string;
  /** Steps of the scale of how common a cause is. */
  readonly steps: Readonly<Partial<Record<CauseId, number>>>;
}

/** What a record hints at. Source: our judgement. */
export const FAULT_SIGN_TABLE = {
  'tip-old': { text: 'The tip has had many arc minutes', steps: { 'tip-worn': 1, 'tip-blocked': 0.5 } },
  'spool-old': { text: 'The spool has been open long', steps: { 'wire-old-damp': 1 } },
  'spool-damp': { text: 'The spool was not kept dry', steps: { 'wire-old-damp': 1 } },
  'spool-low': { text: 'The spool is nearly empty', steps: { 'spool-empty': 1, 'wire-cast': 0.5 } },
  'cylinder-low': { text: 'The cylinder is nearly empty', steps: { 'cylinder-empty': 1.5, 'flow-low': 0.5 } },
  'dial-old': {
    text: 'The wire speed dial was measured long ago',
    steps: { 'wfs-low': 0.5, 'wfs-high': 0.5, 'heat-low': 0.5, 'heat-high': 0.5 },
  },
  'dial-guessed': {
    text: 'The wire speed dial was never measured',
    steps: { 'wfs-low': 1, 'wfs-high': 1, 'heat-low': 0.5, 'heat-high': 0.5 },
  },
  'bead-hot': { text: 'The last bead was reported hot', steps: { 'volts-high': 1, 'heat-high': 0.5 } },
  'bead-cold': { text: 'The last bead was reported cold', steps: { 'volts-low': 1, 'heat-low': 0.5 } },
  'bead-stick-out': {
    text: 'Stick-out wandered on the last bead',
    steps: { 'unsteady-hand': 1, 'ctwd-long': 1, 'ctwd-short': 0.5 },
  },
  'bead-angle': { text: 'The gun’s angle was off on the last bead', steps: { 'angle-wrong': 1.5 } },
  'coupon-hot': { text: 'The last coupon was not let cool', steps: { 'part-hot': 2 } },
  'duty-tight': {
    text: 'At the planned current the machine may weld little at a time',
    steps: { 'duty-trip': 1, 'fan-blocked': 0.5, 'gun-small': 0.5 },
  },
  'machine-drifted': {
    text: 'The machine left what it had taught',
    steps: { 'tip-worn': 1, 'liner-dirty': 1, 'mains-weak': 1, 'clamp-poor': 0.5, 'wire-class-wrong': 0.5 },
  },
  'coupon-dirty': { text: 'The last coupon was dirty', steps: { 'metal-dirty': 2 } },
  'surface-scale': { text: 'The job says mill scale', steps: { 'mill-scale': 1 } },
  'surface-rusty': { text: 'The job says rust', steps: { 'metal-dirty': 2 } },
  'surface-coated': {
    text: 'The job says paint, powder or plating',
    steps: { 'metal-dirty': 1, 'coating-toxic': 2 },
  },
  windy: { text: 'The job says wind', steps: { wind: 2 } },
  'place-damp': { text: 'The job says damp', steps: { 'metal-wet': 2, 'earth-fault': 1 } },
  'closed-space': { text: 'The job is in a closed space', steps: { 'fume-in-closed-space': 2 } },
  flammables: { text: 'Something that burns is near the job', steps: { 'fire-behind': 2 } },
  'solvent-used': { text: 'The job says a solvent was used', steps: { 'solvent-residue': 2 } },
  'hollow-closed': { text: 'The job is on a closed vessel', steps: { 'closed-cavity': 2 } },
} as const satisfies Readonly<Record<string, FaultSignRow>>;

export type FaultSign = keyof typeof FAULT_SIGN_TABLE;
export const FAULT_SIGNS = Object.keys(FAULT_SIGN_TABLE) as readonly FaultSign[];

/** The row of a sign, its steps by cause. */
export function faultSignRow(sign: FaultSign): FaultSignRow {
  return FAULT_SIGN_TABLE[sign];
}
