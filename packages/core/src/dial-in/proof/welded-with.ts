import type { ProvenWith } from '../../window/learning/proven.ts';
import { isSameWith } from '../../window/learning/learned-offset.ts';
import type { ProvenWork } from '../../window/learning/proven.ts';
import { positionOf, type MachineTerms } from '../../terms/machine-terms.ts';
import type { Polarity } from '../../trade/polarity.ts';
import type { PlannedSetup } from '../../plan/setup/setup.ts';
import { bookVoltsAt } from '../../plan/setup/window-curve.ts';
import { UNPROVEN_SD_V } from '../../window/next-volts.ts';
import type { BeadSetting } from '../../window/bead-setting.ts';
import type { Way } from '../../trade/wire/way.ts';

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
  /** What was believed of its middle before the first bead, over the book's volts, V. */
  readonly prior?: { readonly offsetV: number; readonly sdV: number } | undefined;
  readonly modelVersion: string;
}

/** What is known beside the plan of where a bead was welded. */
export interface WeldedAt {
  readonly machineId: string | undefined;
  /** The bead's setting, and that in the machine's terms. */
  readonly at: BeadSetting;
  readonly terms: MachineTerms | undefined;
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

/**
 * What is believed of a plan's middle before its first bead, over the book's volts: what the machine taught, where that
 * is followed; the user's own volts go before it.
 */
export function priorOf(plan: PlannedSetup): NonNullable<WeldedWith['prior']> {
  const { learned, own, volts, wireFeedSpeedMPerMin } = plan;
  const taught = learned?.followed === true ? learned : undefined;
  const sdV = taught?.sdV ?? UNPROVEN_SD_V;
  if (own.volts === undefined) return { offsetV: taught?.offsetV.start ?? 0, sdV };
  return { offsetV: volts.start - bookVoltsAt(plan, wireFeedSpeedMPerMin.start), sdV };
}

/** What a bead was welded with, from the plan that it was welded by. */
export function weldedWith(plan: PlannedSetup, { machineId, at, terms }: WeldedAt): WeldedWith {
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
    bookVolts: bookVoltsAt(plan, at.wireFeedSpeedMPerMin),
    prior: priorOf(plan),
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
