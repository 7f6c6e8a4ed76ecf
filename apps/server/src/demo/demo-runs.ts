import type { NewInspection, NewRun } from '@hot-bead/contract';

/** Runs that were welded on jobs of the shop, and how they were looked at: invented. Days before now, and minutes. */
export interface DemoWelded {
  /** The job, by how its line begins. */
  readonly line: string;
  readonly daysAgo: number;
  readonly runs: readonly Omit<NewRun, 'weldedAt'>[];
  readonly inspection: Omit<NewInspection, 'at' | 'photos' | 'items'> & Partial<Pick<NewInspection, 'items'>>;
}

const BY_PIN = { gauge: 'pin' } as const;

/** Two jobs that were welded and looked at; one of them failed on undercut. */
export const DEMO_WELDED: readonly DemoWelded[] = [
  {
    line: '2mm outside corner',
    daysAgo: 9,
    runs: [
      {
        wireFeedSpeedMPerMin: 5.2,
        volts: 17.4,
        amps: 104,
        lengthMm: 620,
        arcSeconds: 78,
        who: 'ea',
        result: 'ok',
      },
      {
        wireFeedSpeedMPerMin: 5.2,
        volts: 17.4,
        amps: 102,
        lengthMm: 620,
        arcSeconds: 75,
        who: 'ea',
        result: 'ok',
      },
    ],
    inspection: {
      joint: 'fillet',
      standard: '5817',
      level: 'D',
      thicknessMm: 2,
      nominalMm: 1.5,
      nominalIs: 'throat',
      weldMm: 620,
      firstLeg: { value: 3, gauge: 'leaves' },
      secondLeg: { value: 3, gauge: 'leaves' },
      items: {
        crack: { value: 0 },
        fusion: { value: 0 },
        'burn-through': { value: 0 },
        undercut: { value: 0, ...BY_PIN },
        pore: { value: 0 },
        spatter: { value: 1 },
      },
      who: 'ea',
    },
  },
  {
    line: '6mm plate to 3mm tee',
    daysAgo: 4,
    runs: [
      {
        wireFeedSpeedMPerMin: 4.9,
        volts: 19.4,
        amps: 158,
        lengthMm: 250,
        arcSeconds: 41,
        who: 'jo',
        result: 'ok',
      },
      {
        wireFeedSpeedMPerMin: 4.9,
        volts: 20.6,
        amps: 163,
        lengthMm: 250,
        arcSeconds: 33,
        who: 'jo',
        result: 'redo',
        defect: '501',
        note: 'in a hurry, too fast at the end',
      },
    ],
    inspection: {
      joint: 'fillet',
      standard: '5817',
      level: 'C',
      thicknessMm: 3,
      nominalMm: 3,
      nominalIs: 'leg',
      weldMm: 250,
      firstLeg: { value: 4, gauge: 'cam' },
      secondLeg: { value: 4.5, gauge: 'cam' },
      items: {
        crack: { value: 0 },
        fusion: { value: 0 },
        undercut: { value: 0.8, lengthMm: 60, ...BY_PIN },
        pore: { value: 0 },
      },
      who: 'jo',
      note: 'undercut along the upper toe, last third',
    },
  },
];
