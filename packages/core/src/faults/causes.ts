import type { Words } from '../base/words/words.ts';
import { ARC_SETTINGS_CAUSES, ARC_SETTINGS_LINKS } from './stations/arc-settings.ts';
import { GAS_SUPPLY_CAUSES, GAS_SUPPLY_LINKS } from './stations/gas-supply.ts';
import { JOINT_METAL_CAUSES, JOINT_METAL_LINKS } from './stations/joint-metal.ts';
import { LEADS_CAUSES, LEADS_LINKS } from './stations/leads.ts';
import { LINER_CAUSES, LINER_LINKS } from './stations/liner.ts';
import { MACHINE_CAUSES, MACHINE_LINKS } from './stations/machine.ts';
import { ROLLS_CAUSES, ROLLS_LINKS } from './stations/rolls.ts';
import { SPOOL_CAUSES, SPOOL_LINKS } from './stations/spool.ts';
import { TECHNIQUE_CAUSES, TECHNIQUE_LINKS } from './stations/technique.ts';
import { TIP_NOZZLE_CAUSES, TIP_NOZZLE_LINKS } from './stations/tip-nozzle.ts';
import { WORK_CLAMP_CAUSES, WORK_CLAMP_LINKS } from './stations/work-clamp.ts';
import type { FaultCause, StationLink } from './fault-cause.ts';
import type { FaultProcess } from './fault-process.ts';

/** What can be wrong, station by station, in the order of suspicion. */
export const CAUSES = [
  ...LEADS_CAUSES,
  ...WORK_CLAMP_CAUSES,
  ...SPOOL_CAUSES,
  ...ROLLS_CAUSES,
  ...LINER_CAUSES,
  ...TIP_NOZZLE_CAUSES,
  ...GAS_SUPPLY_CAUSES,
  ...ARC_SETTINGS_CAUSES,
  ...MACHINE_CAUSES,
  ...JOINT_METAL_CAUSES,
  ...TECHNIQUE_CAUSES,
] as const satisfies readonly FaultCause[];

export type CauseId = (typeof CAUSES)[number]['id'];
export type FaultLink = StationLink<CauseId>;

/** What shows what. */
export const LINKS: readonly FaultLink[] = [
  ...ARC_SETTINGS_LINKS,
  ...GAS_SUPPLY_LINKS,
  ...JOINT_METAL_LINKS,
  ...LEADS_LINKS,
  ...LINER_LINKS,
  ...MACHINE_LINKS,
  ...ROLLS_LINKS,
  ...SPOOL_LINKS,
  ...TECHNIQUE_LINKS,
  ...TIP_NOZZLE_LINKS,
  ...WORK_CLAMP_LINKS,
];

/** A cause as it stands in the tables. */
export type TableCause = FaultCause & { readonly id: CauseId };

const ROW_OF: ReadonlyMap<string, TableCause> = new Map(CAUSES.map((row) => [row.id, row]));

/** The row of a cause. */
export function causeRow(id: CauseId): TableCause {
  const row = ROW_OF.get(id);
  if (!row) throw new Error(`no cause ${id}`);
  return row;
}

/** How a cause is said; an id that is none stands for itself. */
export function causeText(id: string): Words {
  return ROW_OF.get(id)?.text ?? id;
}

/** Causes that a process can have, in the order of the tables. */
export function causesIn(process: FaultProcess): readonly TableCause[] {
  return [...ROW_OF.values()].filter(({ prior }) => prior[process] !== undefined);
}
