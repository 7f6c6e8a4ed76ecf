import type { StartingRow } from '../trade/family/starting-rows.ts';
import type { GasId } from '../trade/gas/gas.ts';
import type { Work } from '../trade/material/work.ts';
import { planSetup } from '../plan/setup/plan-setup.ts';
import type { Setup } from '../plan/setup/setup.ts';

type Metal = Pick<Work, 'metal' | 'alloy'>;

const isAluminium = ({ wireClass }: StartingRow): boolean => /^ER[45]\d{3}$/.test(wireClass);
const isStainless = ({ wireClass }: StartingRow): boolean => wireClass.startsWith('ER3');

function metalOf(row: StartingRow): Metal {
  if (isAluminium(row)) return { metal: 'aluminium', alloy: '6061' };
  return isStainless(row) ? { metal: 'stainless', alloy: '304' } : { metal: 'carbon-steel' };
}

function gasOfRow(row: StartingRow): GasId {
  if (row.process === 'self-shielded') return 'none';
  if (row.process === 'gas-shielded-flux-core') return 'ar-co2-25';
  if (isAluminium(row)) return 'argon';
  if (isStainless(row)) return row.process === 'spray' ? 'ar-co2-2' : 'tri-mix';
  return row.process === 'short-circuit' ? 'ar-co2-20' : 'ar-co2-10';
}

/** What the planner gives for a starting row: at the family's reference joint, flat, clean, its usual gas. */
export function startingRowSetup(row: StartingRow): Setup {
  const { process } = row;
  const mode =
    process === 'short-circuit' || process === 'spray' || process === 'pulse' ? process : undefined;
  return planSetup(
    {
      ...metalOf(row),
      thicknessMm: row.thicknessMm,
      joint: process === 'pulse' ? 'tee' : 'butt',
      position: 'flat',
      surface: 'clean',
      place: 'indoors',
      windy: false,
    },
    { mode, wireClass: row.wireClass, wireDiameterMm: row.wireMm, gas: gasOfRow(row) },
  );
}
