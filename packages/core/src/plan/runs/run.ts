import type { Words } from '../../base/words/words.ts';
import type { FamilyId } from '../../trade/family/family.ts';
import type { PlannedMode } from '../../trade/transfer/transfer-mode.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';
import type { RunCell } from './run-cells.ts';

export type RunRole = 'only' | 'root' | 'fill' | 'cap' | 'stringer' | 'second-side';

export const RUN_ROLE_NAME: Readonly<Record<RunRole, string>> = {
  only: 'one run',
  root: 'root',
  fill: 'fill',
  cap: 'cap',
  stringer: 'stringer',
  'second-side': 'second side',
};

/** One run of a weld with the numbers it is laid at. */
export interface PlannedRun {
  /** From 1, in the order they are laid. */
  readonly number: number;
  readonly role: RunRole;
  readonly layer: number;
  readonly way: Way;
  readonly mode: PlannedMode;
  readonly family: FamilyId;
  readonly wireClass: WireClass;
  readonly wireDiameterMm: WireDiameterMm;
  readonly currentA: number;
  readonly wireFeedSpeedMPerMin: number;
  /** Volts at the arc, or a rough mean in pulse, V. */
  readonly volts: number;
  readonly travelMmPerMin: number;
  readonly sectionMm2: number;
  /** Leg of a fillet's run, mm. */
  readonly legMm: number | undefined;
  /** By mean volts and mean current, kJ/mm. */
  readonly heatInputKJPerMm: number;
  readonly technique: Words;
  /** What is cleaned before the next run. */
  readonly clean: string;
  /** Outline in the joint's section, mm; undefined where one run is drawn by itself. */
  readonly cell: RunCell | undefined;
}

/** Whether the machine is set anew between two runs, and not only moved along faster or slower. */
export function isNewSetting(before: PlannedRun, after: PlannedRun): boolean {
  return (
    before.wireClass !== after.wireClass ||
    before.mode !== after.mode ||
    Math.abs(before.wireFeedSpeedMPerMin / after.wireFeedSpeedMPerMin - 1) > 0.02
  );
}
