import { governingThickness, type GoverningThickness } from '../demand/governing-thickness.ts';
import type { MetalPair } from '../../trade/material/metal-pair.ts';
import type { Work } from '../../trade/material/work.ts';
import { type Schools, settledSchools } from '../../base/school.ts';
import type { Resources } from '../work/resources.ts';

/** The work with everything that is settled before a way is chosen. */
export interface WorkContext {
  readonly work: Work;
  readonly pair: MetalPair;
  readonly thickness: GoverningThickness;
  readonly resources: Resources;
  readonly schools: Schools;
}

export function workContext(work: Work, pair: MetalPair, resources: Resources): WorkContext {
  return {
    work,
    pair,
    thickness: governingThickness(work, pair.weldMetal),
    resources,
    schools: settledSchools(resources.schools),
  };
}
