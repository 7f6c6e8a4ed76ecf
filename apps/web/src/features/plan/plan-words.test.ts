import { inMetric } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import type { Job } from '@hot-bead/contract/plan';
import { jobOf } from '../../../test/jobs.ts';
import { planOf } from '../../../test/plans.ts';
import type { Caution, PlannedSetup } from '@hot-bead/core/plan';
import { pathWords } from '../../drawing/station-symbol.tsx';
import { readAt, unreadStops } from './cautions.tsx';
import { dutyOf, dutyText, mainsText, minutesText, seamText } from './duty-text.ts';
import { learnedText } from './learned-text.ts';

const TOM: KeptMachine = {
  id: 'tom',
  version: 1,
  away: false,
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  standingPolarity: 'DCEP',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: { kind: 'positions', positions: [{ name: '4', openV: 23 }] },
  duty: [{ currentA: 150, percent: 20 }],
  dialReadings: [],
  voltsReadAt: null,
  entryReadAt: null,
};
describe('arc and rest in words', () => {
  it('speaks of duty where it is under 60 %', () => {
    expect(dutyText(planOf(), TOM)).toMatch(/min of arc in ten/);
    expect(dutyText(planOf(), { ...TOM, duty: [{ currentA: 400, percent: 60 }] })).toBeUndefined();
    expect(dutyText(planOf(), { ...TOM, duty: [] })).toBeUndefined();
    expect(dutyText(planOf({ seamMm: 31_000 }), TOM)).toMatch(/; \d+ min of rest for the seam$/);
  });

  it('lays out a long seam in stretches, and a short one in one go', () => {
    const seam = dutyOf(planOf({ seamMm: 31_000 }), TOM)?.seam;
    expect(seam && seamText(seam)).toMatch(
      /^\d+ min of arc: \d+ stretches of \d min( \d+ s)?, .* of rest between; \d+ min of rest in all$/,
    );
    const short = dutyOf(planOf({ seamMm: 60 }), TOM)?.seam;
    expect(short && seamText(short)).toMatch(/^\d+ s of arc: in one go$/);
    expect(dutyOf(planOf(), TOM)?.seam).toBeUndefined();
  });

  it.each([
    [0.2, '12 s'],
    [5, '5 min'],
    [5.84, '5 min 50 s'],
    [64.3, '64 min'],
  ])('%d min is %s', (minutes, text) => {
    expect(minutesText(minutes)).toBe(text);
  });

  it('says what the mains must give, and whether the breaker holds', () => {
    const on = (breakerA: number): KeptMachine => ({ ...TOM, mains: { volts: 230, breakerA } });
    expect(mainsText(planOf(), TOM)).toBeUndefined();
    expect(mainsText(planOf(), on(63))).toMatch(/^about \d+ A \(\d+ to \d+\): the 63 A breaker holds$/);
    expect(mainsText(planOf(), on(6))).toContain('◆ past the 6 A breaker');
    const pulsed = planOf({ thicknessMm: 4 }, { mode: 'pulse', gas: 'ar-co2-10' });
    expect(mainsText(pulsed, on(16))).toBeUndefined();
  });
});

describe('what the machine taught', () => {
  const plan = planOf();
  const taught = (start: number, settings = 1, over: Partial<PlannedSetup> = {}): PlannedSetup => ({
    ...plan,
    learned: {
      offsetV: { start, low: start - 1, high: start + 1 },
      sdV: 0.5,
      settings,
      elsewhere: 0,
      followed: true,
    },
    ...over,
  });

  it('is said with how many settings it rests on, and whether the plan follows it', () => {
    expect(inMetric(learnedText(taught(-0.8), TOM) ?? '')).toBe(
      'Tom wanted 0.8 V (± 1.0 V) less than the book, from 1 proven setting: followed',
    );
    expect(inMetric(learnedText(taught(0.9, 2), TOM) ?? '')).toContain(
      '0.9 V (± 1.0 V) more than the book, from 2 proven settings',
    );
    expect(inMetric(learnedText(taught(-0.8, 1, { own: { volts: 18 } }), TOM) ?? '')).toContain(
      'your own volts stand',
    );
    const kept = taught(-0.8);
    const learned = kept.learned && { ...kept.learned, followed: false };
    expect(inMetric(learnedText({ ...kept, learned }, TOM) ?? '')).toContain('kept to the book');
    expect(learnedText(taught(0.1), TOM)).toBeUndefined();
    expect(learnedText(plan, TOM)).toBeUndefined();
    expect(learnedText(taught(-0.8), undefined)).toBeUndefined();
  });
});

describe('the stations', () => {
  it('are put in words for those who do not see the drawing', () => {
    const form = {
      gunLead: '−',
      rolls: 'knurled',
      liner: 'steel',
      tipRecessed: false,
      spoolGun: false,
      joint: 'tee',
      gas: false,
    } as const;
    expect(pathWords(form)).toBe('Gun lead on −, work lead on +; knurled rolls; steel liner; no gas');
  });
});

describe('stop cautions', () => {
  const zinc: Caution = {
    code: 'zinc-coating',
    level: 'stop',
    text: 'Strip it.',
    source: { kind: 'handbook' },
  };
  const arc: Caution = { code: 'arc', level: 'note', text: 'Hood.', source: { kind: 'handbook' } };
  const job = (acknowledged: Job['acknowledged']): Job => jobOf({ acknowledged });

  it('count as read only in the words they have now', () => {
    const read = { code: 'zinc-coating', text: 'Strip it.', at: '2026-01-01T10:00:00.000Z' };
    expect(unreadStops([zinc, arc], job([]))).toEqual([zinc]);
    expect(unreadStops([zinc, arc], job([read]))).toEqual([]);
    expect(readAt(zinc, [read])).toBe(read.at);
    expect(unreadStops([{ ...zinc, text: 'Strip more of it.' }], job([read]))).toHaveLength(1);
  });
});
