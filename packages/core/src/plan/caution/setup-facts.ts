import type { BeadPlan } from '../bead/bead-plan.ts';
import type { Family } from '../../trade/family/family.ts';
import type { Gas } from '../../trade/gas/gas.ts';
import type { PlannedRun } from '../runs/run.ts';
import type { WorkContext } from '../way/work-context.ts';
import type { Way } from '../../trade/wire/way.ts';
import type { WireClass } from '../../trade/wire/wire-class.ts';
import type { WireDiameterMm } from '../../trade/wire/wire-diameter.ts';

/** What the cautions of a setup are computed from. */
export interface SetupFacts {
  readonly context: WorkContext;
  readonly way: Way;
  readonly family: Family;
  readonly wireClass: WireClass;
  readonly diameterMm: WireDiameterMm;
  readonly gas: Gas;
  readonly currentA: number;
  readonly bead: BeadPlan;
  readonly runs: readonly PlannedRun[];
}
