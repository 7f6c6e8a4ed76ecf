import type { SchoolId } from '../../base/school.ts';
import type { SettledWay } from './settle-way.ts';
import type { Learned } from './setup.ts';

/** The disagreements that this plan hangs on: another choice would give another plan. */
export function schoolsTouched(
  { open, gas, wire }: SettledWay,
  learned: Learned | undefined,
): readonly SchoolId[] {
  const { family, context } = open;
  const touched: SchoolId[] = [];
  if (family.id === 'steel-dip') touched.push('wireSpeed');
  if (family.id === 'steel-dip' && gas.gas.co2Percent[1] <= 12) touched.push('leanMix');
  const pulse = family.id === 'steel-pulse' || family.id === 'stainless-pulse';
  if (pulse && context.work.position === 'overhead') touched.push('pulseOverhead');
  if (family.id === 'steel-dip' && wire.origin === 'assumed') touched.push('steelWire');
  if (family.id === 'stainless-dip' && gas.origin !== 'asked') touched.push('stainlessDipGas');
  if (learned) touched.push('learning');
  return touched;
}
