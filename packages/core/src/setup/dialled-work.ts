import type { DialledWork } from '../window-search/dial-model.ts';
import type { PlannedSetup } from './setup.ts';

/** What of a plan settles how it is dialled in. */
export function dialledWorkOf(
  plan: Pick<PlannedSetup, 'weldMetal' | 'transferMode' | 'way'> & {
    readonly work: Pick<PlannedSetup['work'], 'thicknessMm' | 'otherThicknessMm'>;
  },
): DialledWork {
  const { thicknessMm, otherThicknessMm = thicknessMm } = plan.work;
  return {
    isAluminium: plan.weldMetal === 'aluminium',
    mode: plan.transferMode,
    way: plan.way,
    thinnerMm: Math.min(thicknessMm, otherThicknessMm),
  };
}
