/** Parts of a machine's page that are gone to from elsewhere. */
export const DIALS_PART = 'dials';
export const SETTINGS_PART = 'settings';

/** Where a machine's page shows what its controls mean, or how it counts. */
export function machinePart(machineId: string, part: string, section?: string): string {
  return `/machines/${machineId}?part=${part}${section === undefined ? '' : `#${section}`}`;
}
