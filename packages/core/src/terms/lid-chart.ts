import type { Words } from '../base/words/words.ts';
import { scaledSettings, type SecondarySetting } from '../plan/secondary/secondary-setting.ts';
import type { MachineDials } from '../machine/dial/machine-dials.ts';
import type { BeadSetting } from '../window/bead-setting.ts';
import type { MachineLearning } from '../window/learning/learned-offset.ts';
import {
  NEAR_POSITION_V,
  type OutOfReach,
  type VoltsOutOfReach,
  type VoltsTerm,
  type WireTerm,
} from './knob-terms.ts';
import type { Machine } from '../machine/machine.ts';
import { type MachineTerms, machineTerms } from './machine-terms.ts';
import { isFarPosition, positionFit } from './position-fit.ts';
import type { Joint, Position, Work } from '../trade/material/work.ts';
import type { Schools } from '../base/school.ts';
import { planAskedWays } from '../plan/setup/plan-setup.ts';
import type { PlannedSetup } from '../plan/setup/setup.ts';
import type { PlannedMode, TransferMode } from '../trade/transfer/transfer-mode.ts';
import type { ShelfWire } from '../trade/wire/shelf-wire.ts';
import { wireClassRow } from '../trade/wire/wire-class.ts';

/** Thickness rows of a chart, mm. Source: common practice, the sheet and plate that shops hold. */
export const LID_CHART_THICKNESSES_MM = [0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10] as const;

/** What a cell rests on: beads that proved this very work, what the machine taught on other work, or the plan alone. */
export type LidBasis = 'proven' | 'learned' | 'computed';

/** One setting of the chart, or why there is none. */
export type LidCell =
  | {
      readonly status: 'set';
      readonly basis: LidBasis;
      readonly wire: Exclude<WireTerm, OutOfReach>;
      readonly volts: Exclude<VoltsTerm, VoltsOutOfReach>;
      readonly entry: MachineTerms['entry'];
      readonly wireFeedSpeedMPerMin: number;
      readonly voltsV: number;
      /** Whether the wire speed was moved from the plan's start, inside its range, so that a tap suits it. */
      readonly fitted: boolean;
      readonly mode: PlannedMode;
      readonly passes: number;
      /** Other settings, as far as the machine’s scales of them are known: name and where to set it. */
      readonly settings: readonly Pick<SecondarySetting, 'name' | 'set'>[];
      /** Name of the machine's program for it; undefined: it keeps none for this. */
      readonly program: string | undefined;
      /** Whether a stop caution stands over it. */
      readonly stop: boolean;
    }
  | { readonly status: 'out-of-reach'; readonly why: Words | OutOfReach | VoltsOutOfReach };

export interface LidRow {
  readonly thicknessMm: number;
  readonly cells: readonly LidCell[];
}

/** A column: a wire, and the transfer it is asked to run in; undefined: as the planner chooses. */
export interface LidColumn extends ShelfWire {
  readonly mode?: TransferMode | undefined;
}

export interface LidChartInput {
  readonly machine: Machine;
  /** What was measured of the machine's wire control. */
  readonly dials: MachineDials;
  readonly joint: Joint;
  readonly position: Position;
  readonly columns: readonly LidColumn[];
  readonly thicknessesMm?: readonly number[];
  readonly schools?: Partial<Schools> | undefined;
  /** Settings that test beads proved on this machine. */
  readonly learning?: MachineLearning | undefined;
}

function metalOf(wireClass: ShelfWire['wireClass']): Pick<Work, 'metal' | 'alloy'> {
  const { metals } = wireClassRow(wireClass);
  if (metals.includes('aluminium')) return { metal: 'aluminium', alloy: '6061' };
  return metals.includes('stainless') ? { metal: 'stainless', alloy: '304' } : { metal: 'carbon-steel' };
}

interface Figures {
  readonly basis: LidBasis;
  readonly at: BeadSetting;
}

function figuresOf({ proven: same, learned, wireFeedSpeedMPerMin, volts }: PlannedSetup): Figures {
  if (same) {
    return { basis: 'proven', at: { wireFeedSpeedMPerMin: same.wireFeedSpeedMPerMin, volts: same.volts } };
  }
  return {
    basis: learned?.followed === true ? 'learned' : 'computed',
    at: { wireFeedSpeedMPerMin: wireFeedSpeedMPerMin.start, volts: volts.start },
  };
}

interface CellTerms extends Figures {
  readonly terms: MachineTerms;
  readonly fitted: boolean;
}

/** The figures in the machine's terms: what was not proven goes with a tap that suits it, as far as its range lets it. */
function termsOfCell(input: LidChartInput, plan: PlannedSetup): CellTerms {
  const { machine, dials } = input;
  const figures = figuresOf(plan);
  const terms = machineTerms(machine, dials, plan, figures.at);
  const wantsFit = figures.basis !== 'proven' && isFarPosition(terms.volts);
  const fit = wantsFit ? positionFit(machine, plan, figures.at, NEAR_POSITION_V) : undefined;
  if (!fit) return { ...figures, terms, fitted: false };
  const { position: _, ...at } = fit;
  return { ...figures, at, terms: machineTerms(machine, dials, plan, at), fitted: true };
}

function cell(input: LidChartInput, column: LidColumn, thicknessMm: number): LidCell {
  const { machine, joint, position, schools, learning } = input;
  const work: Work = {
    ...metalOf(column.wireClass),
    thicknessMm,
    joint,
    position,
    surface: 'clean',
    place: 'indoors',
    windy: false,
  };
  const plan = planAskedWays(work, {
    machine,
    schools,
    learning,
    wireClass: column.wireClass,
    wireDiameterMm: column.diameterMm,
    mode: column.mode,
  });
  if (plan.status === 'refused') return { status: 'out-of-reach', why: plan.reasons[0] ?? '' };
  const { fitted, basis, at, terms } = termsOfCell(input, plan);
  if (terms.wire.status === 'out-of-reach') return { status: 'out-of-reach', why: terms.wire };
  if (terms.volts.status === 'out-of-reach') return { status: 'out-of-reach', why: terms.volts };
  return {
    status: 'set',
    basis,
    fitted,
    ...terms,
    wire: terms.wire,
    volts: terms.volts,
    wireFeedSpeedMPerMin: at.wireFeedSpeedMPerMin,
    voltsV: at.volts,
    mode: plan.transferMode,
    passes: plan.bead.passes,
    settings: scaledSettings(plan.secondary, machine).map(({ name, set }) => ({ name, set })),
    program: plan.program?.status === 'program' ? plan.program.program.name : undefined,
    stop: plan.cautions.some(({ level, code }) => level === 'stop' && code !== 'chromium-fume'),
  };
}

/**
 * A machine's own lid chart: a row each thickness, a column each wire and transfer, for one joint and position, every cell in
 * the terms of that machine's controls.
 *
 * @throws {OutOfRangeError} for a thickness outside what is planned
 * @source the planner, the machine's calibration, and what test beads proved on it
 */
export function lidChart(input: LidChartInput): readonly LidRow[] {
  return (input.thicknessesMm ?? LID_CHART_THICKNESSES_MM).map((thicknessMm) => ({
    thicknessMm,
    cells: input.columns.map((column) => cell(input, column, thicknessMm)),
  }));
}
