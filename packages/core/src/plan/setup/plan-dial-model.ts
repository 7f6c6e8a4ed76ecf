import { type DialModel, dialModelOf } from '../../window/dial-model.ts';
import type { PlannedSetup } from './setup.ts';

/** How a plan is dialled in. */
export function planDialModel({
  work,
  wire,
  way,
  transferMode: mode,
}: Pick<PlannedSetup, 'work' | 'wire' | 'way' | 'transferMode'>): DialModel {
  return dialModelOf({ ...work, wire, way, mode });
}
