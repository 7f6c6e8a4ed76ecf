/** What a size is read with. */
export interface Gauge {
  readonly id: string;
  readonly name: string;
  /** 95 % band of a reading, mm; undefined: told with the reading. */
  readonly u95Mm: number | undefined;
}

/** Gauges with the band of what they show, and how else one can know a size. Source: common practice, the handbook's. */
export const GAUGES = [
  { id: 'rule', name: 'steel rule', u95Mm: 0.5 },
  { id: 'leaves', name: 'stepped fillet leaves', u95Mm: 0.5 },
  { id: 'cam', name: 'cam gauge, on a leg', u95Mm: 0.5 },
  { id: 'cam-height', name: 'cam gauge, on a height', u95Mm: 0.3 },
  { id: 'pin', name: 'undercut pin', u95Mm: 0.2 },
  { id: 'throat', name: 'vernier throat gauge', u95Mm: 0.2 },
  { id: 'taper', name: 'taper gap gauge', u95Mm: 0.1 },
  { id: 'photo', name: 'photo with a scale', u95Mm: undefined },
  { id: 'own', name: 'something else', u95Mm: undefined },
] as const satisfies readonly Gauge[];
export type GaugeId = (typeof GAUGES)[number]['id'];
export const GAUGE_IDS: readonly GaugeId[] = GAUGES.map(({ id }) => id);

/** The band of a reading that tells none itself, mm; undefined: it has to be told. */
export function gaugeU95Mm(id: GaugeId): number | undefined {
  return GAUGES.find((gauge) => gauge.id === id)?.u95Mm;
}
