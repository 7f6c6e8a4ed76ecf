import { isSameWith, type ProvenWith, type ProvenWork } from '../learning/learned-offset.ts';
import { positionOf, type MachineTerms } from '../machine-terms/machine-terms.ts';
import type { Polarity } from '../polarity/polarity.ts';
import type { PlannedSetup } from '../setup/setup.ts';
import type { Way } from '../wire/way.ts';

/** What a bead was welded with. It is written when the bead is, and no later change of a job or machine touches it. */
export interface WeldedWith extends ProvenWith, ProvenWork {
  readonly way: Way;
  /** mm, of a wire sold by inches its size in inches */
  readonly trueDiameterMm: number;
  readonly polarity: Polarity;
  /** Tip to work, mm. */
  readonly ctwdMm: number;
  /** The machine's id in the shop; undefined: the job named none. */
  readonly machineId?: string | undefined;
  /** Where the machine's own controls stood for it, as far as they were measured. */
  readonly tap?: string | undefined;
  readonly knob?: number | undefined;
  readonly letter?: string | undefined;
  /** Mark of the volts knob, where its marks are no volts. */
  readonly voltsKnob?: number | undefined;
  /** Volts that the book gives at the bead's wire speed, V; undefined where it gives none. */
  readonly bookVolts?: number | undefined;
  readonly modelVersion: string;
}

/** What is known beside the plan of where a bead was welded. */
export interface WeldedAt {
  readonly machineId: string | undefined;
  /** The bead's setting in the machine's terms. */
  readonly terms: MachineTerms | undefined;
  readonly bookVolts: number | undefined;
}

function controlsOf(
  terms: MachineTerms | undefined,
): Pick<WeldedWith, 'tap' | 'voltsKnob' | 'knob' | 'letter'> {
  const tap = terms && positionOf(terms.volts);
  const wire = terms?.wire;
  return {
    ...(tap === undefined ? {} : { tap }),
    ...(terms?.volts.status === 'knob' ? { voltsKnob: terms.volts.knob.start } : {}),
    ...(wire?.status === 'knob' ? { knob: wire.knob.start } : {}),
    ...(wire?.status === 'letter' ? { letter: wire.name } : {}),
  };
}

/** What a bead was welded with, from the plan that it was welded by. */
export function weldedWith(plan: PlannedSetup, { machineId, terms, bookVolts }: WeldedAt): WeldedWith {
  const { work, wire, gas, polarity, way, transferMode, ctwdMm, modelVersion } = plan;
  const { thicknessMm, otherThicknessMm, joint, position } = work;
  return {
    way,
    mode: transferMode,
    wire: { wireClass: wire.wireClass, diameterMm: wire.diameterMm },
    trueDiameterMm: wire.trueDiameterMm,
    gas: gas.gas.id,
    polarity: polarity.polarity,
    ctwdMm: ctwdMm.start,
    thicknessMm,
    ...(otherThicknessMm === undefined ? {} : { otherThicknessMm }),
    joint,
    position,
    ...(machineId === undefined ? {} : { machineId }),
    ...controlsOf(terms),
    ...(bookVolts === undefined ? {} : { bookVolts }),
    modelVersion,
  };
}

/** Whether beads welded so belong to one ladder: the same machine, wire, gas, mode and work. */
export function isSameLadder(a: WeldedWith, b: WeldedWith): boolean {
  return (
    a.machineId === b.machineId &&
    isSameWith(a, b) &&
    a.joint === b.joint &&
    a.position === b.position &&
    a.thicknessMm === b.thicknessMm &&
    a.otherThicknessMm === b.otherThicknessMm
  );
}
