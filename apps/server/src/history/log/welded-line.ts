import type { LogLine } from '@hot-bead/contract/history';
import type { WeldedWith } from '@hot-bead/core/dial-in';
import type { EntityManager } from 'typeorm';

/** What a line is looked for by, from what was welded with. */
export function weldedLine(welded: WeldedWith | null | undefined): Partial<LogLine> {
  if (!welded) return {};
  const { machineId, wire, gas, joint, thicknessMm, bookVolts } = welded;
  return {
    machineId,
    wireClass: wire.wireClass,
    wireMm: wire.diameterMm,
    gas,
    joint,
    thicknessMm,
    bookVolts,
  };
}

/** What a job is called; it may be put away. */
export async function jobTitle(manager: EntityManager, jobId: string): Promise<string> {
  const rows = (await manager.query(`SELECT "title" FROM "job" WHERE "id" = ?`, [jobId])) as {
    title: string;
  }[];
  return rows[0]?.title ?? '';
}
