import { type Dial } from '../dial-calibration/dial.ts';
import { voltsTerm, type VoltsTerm, wireTerm, type WireTerm } from '../machine/knob-terms.ts';
import type { Machine } from '../machine/machine.ts';
import type { Joint, Position, Work } from '../material/work.ts';
import type { Schools } from '../school/school.ts';
import { planSetup } from '../setup/plan-setup.ts';
import type { ShelfWire } from '../setup/resources.ts';
import type { PlannedMode } from '../transfer/transfer-mode.ts';

/** Thickness rows of a chart, mm. Source: common practice, the sheet and plate that shops hold. */
export const LID_CHART_THICKNESSES_MM = [0.8, 1, 1.2, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10] as const;

/** One setting of the chart, or why there is none. */
export type LidCell =
  | {
      readonly status: 'computed';
      readonly wire: WireTerm;
      readonly volts: VoltsTerm;
      readonly wireFeedSpeedMPerMin: number;
      readonly voltsV: number;
      readonly mode: PlannedMode;
      readonly passes: number;
      /** Whether a stop caution stands over it. */
      readonly stop: boolean;
    }
  | { readonly status: 'out-of-reach'; readonly text: string };

export interface LidRow {
  readonly thicknessMm: number;
  readonly cells: readonly LidCell[];
}

export interface LidChartInput {
  readonly machine: Machine;
  /** What was measured of the machine's wire dial. */
  readonly dial: Dial | undefined;
  readonly joint: Joint;
  readonly position: Position;
  readonly wires: readonly ShelfWire[];
  readonly thicknessesMm?: readonly number[];
  readonly schools?: Partial<Schools> | undefined;
}

function metalOf(wireClass: ShelfWire['wireClass']): Pick<Work, 'metal' | 'alloy'> {
  if (/^ER[45]/.test(wireClass)) return { metal: 'aluminium', alloy: '6061' };
  return wireClass.startsWith('ER3') ? { metal: 'stainless', alloy: '304' } : { metal: 'carbon-steel' };
}

function cell(input: LidChartInput, wire: ShelfWire, thicknessMm: number): LidCell {
  const { machine, dial, joint, position, schools } = input;
  const setup = planSetup(
    {
      ...metalOf(wire.wireClass),
      thicknessMm,
      joint,
      position,
      surface: 'clean',
      place: 'indoors',
      windy: false,
    },
    { machine, schools, wireClass: wire.wireClass, wireDiameterMm: wire.diameterMm },
  );
  if (setup.status === 'refused') return { status: 'out-of-reach', text: setup.reasons[0] ?? '' };
  const speed = setup.wireFeedSpeedMPerMin.start;
  const term = wireTerm(machine, dial, speed);
  if (term.status === 'out-of-reach') return { status: 'out-of-reach', text: term.text };
  return {
    status: 'computed',
    wire: term,
    volts: voltsTerm(machine, setup.volts.start, setup.currentA.start),
    wireFeedSpeedMPerMin: speed,
    voltsV: setup.volts.start,
    mode: setup.transferMode,
    passes: setup.bead.passes,
    stop: setup.cautions.some(({ level, code }) => level === 'stop' && code !== 'chromium-fume'),
  };
}

/**
 * A machine's own lid chart: a row each thickness, a column each wire, for one joint and position, every cell in
 * the terms of that machine's controls.
 *
 * @throws {OutOfRangeError} for a thickness outside what is planned
 * @source the planner and the machine's calibration
 */
export function lidChart(input: LidChartInput): readonly LidRow[] {
  return (input.thicknessesMm ?? LID_CHART_THICKNESSES_MM).map((thicknessMm) => ({
    thicknessMm,
    cells: input.wires.map((wire) => cell(input, wire, thicknessMm)),
  }));
}
