import type { NewInspection, NewRun } from '@hot-bead/contract/records';

/** Runs that were welded on jobs of the shop, and how they were looked at: invented. Days before now, and minutes. */
export interface DemoWelded {
  /** The job, by how its line begins. */
  readonly line: string;
  readonly daysAgo: number;
  readonly runs: readonly Omit<NewRun, 'weldedAt'>[];
  readonly inspection?: Omit<NewInspection, 'at' | 'photos' | 'items'> &
    Partial<Pick<NewInspection, 'items'>>;
}

/** Runs of weeks before, as they were written down. */
function before(
  line: string,
  daysAgo: number,
  results: readonly NonNullable<NewRun['result']>[],
  run: Omit<NewRun, 'weldedAt' | 'result'>,
): DemoWelded {
  return { line, daysAgo, runs: results.map((result) => ({ ...run, result })) };
}

const CORNER = {
  wireFeedSpeedMPerMin: 5,
  volts: 17.2,
  lengthMm: 620,
  arcSeconds: 80,
  wireKg: 0.026,
  gasL: 17,
};
const PLATE = {
  wireFeedSpeedMPerMin: 4.9,
  volts: 19.8,
  lengthMm: 250,
  arcSeconds: 42,
  wireKg: 0.021,
  gasL: 9,
};

const BY_PIN = { gauge: 'pin' } as const;

/** Six weeks of two jobs; twice they were looked at, and once a weld failed on undercut. */
export const DEMO_WELDED: readonly DemoWelded[] = [
  before('2mm outside corner', 40, ['redo', 'ok', 'scrap', 'ok'], CORNER),
  before('6mm plate to 3mm tee', 33, ['ok', 'redo', 'ok'], PLATE),
  before('2mm outside corner', 26, ['ok', 'redo', 'ok', 'ok'], CORNER),
  before('6mm plate to 3mm tee', 18, ['ok', 'ok', 'ok', 'redo', 'ok'], PLATE),
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
