import type { KeptMachine } from '@hot-bead/contract/machine';
import type { LidChartInput } from '@hot-bead/core/terms';

/** What a chart is worked out from: the machine with its readings in place of its dials. */
export interface ChartRequest extends Omit<LidChartInput, 'machine' | 'dials'> {
  readonly machine: KeptMachine;
}
