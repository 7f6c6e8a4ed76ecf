import { inMetric } from '../base/words/in-words.ts';
import fc from 'fast-check';
import { CAUSES } from './causes.ts';
import type { FaultCause } from './fault-cause.ts';
import { FAULT_FACTS, type FaultFact, faultFactRow, faultFactText } from './fault-fact.ts';
import { FAULT_SIGNS, faultSignRow } from './fault-sign.ts';
import { faultReasons as faultReasonsInWords } from './fault-reasons.ts';
import { nextChecks as nextChecksInWords } from './next-checks.ts';
import { type FaultReport, leftUnexplained, rankCauses as rankCausesInWords } from './rank-causes.ts';
import { reportDoubt } from './report-doubt.ts';
import { shopSteps } from './shop-steps.ts';
import { tellingSymptoms } from './telling-symptoms.ts';
import { SUSPICIONS, suspicionsOf as suspicionsOfInWords } from './suspicion.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const faultReasons = toldInMetric(faultReasonsInWords);
const nextChecks = toldInMetric(nextChecksInWords);
const rankCauses = toldInMetric(rankCausesInWords);
const suspicionsOf = toldInMetric(suspicionsOfInWords);

const report = (over: Partial<FaultReport> = {}): FaultReport => ({
  process: 'solid-gas',
  present: [],
  absent: [],
  known: {},
  ...over,
});
const shareOf = (asked: FaultReport, id: string): number =>
  rankCauses(asked).find(({ cause }) => cause.id === id)?.share ?? 0;
const ids = (asked: FaultReport): readonly string[] => rankCauses(asked).map(({ cause }) => cause.id);

describe('facts', () => {
  it('have a word for every value that settles a cause, and settle one with every value but what is right', () => {
    const used = new Map<FaultFact, Set<string>>();
    for (const { fact } of CAUSES as readonly FaultCause[]) {
      if (!fact) continue;
      const values = [...fact.convicts, ...fact.clears];
      used.set(fact.of, new Set([...(used.get(fact.of) ?? []), ...values]));
    }
    for (const fact of FAULT_FACTS) {
      const values = Object.keys(faultFactRow(fact).values);
      expect([fact, [...(used.get(fact) ?? [])].filter((value) => !values.includes(value))]).toEqual([
        fact,
        [],
      ]);
      expect([fact, values.filter((value) => !used.get(fact)?.has(value))]).toEqual([fact, []]);
    }
    expect(faultFactText('polarity', 'wrong')).toBe('Leads: on the wrong poles for this wire');
  });

  it('clear less the older they are, each at its own pace, and never for more than was there', () => {
    const aged = (days: number) =>
      report({ present: ['spatter-heavy'], known: { polarity: 'right' }, ageDays: { polarity: days } });
    const ages = [0, 1, 30, 60, 600].map((days) => shareOf(aged(days), 'polarity-wrong'));
    ages.slice(1).forEach((share, i) => expect(share).toBeGreaterThan(ages[i] ?? 1));
    const open = shareOf(report({ present: ['spatter-heavy'] }), 'polarity-wrong');
    expect(ages.at(-1)).toBeCloseTo(open, 3);
    // half of what it clears is left after its half-life
    const odds = (share: number): number => share / (1 - share);
    expect(odds(ages[3] ?? 0) / odds(open)).toBeCloseTo(1 - 0.95 / 2, 6);
    const windy = (days: number) =>
      report({ present: ['porosity-patches'], known: { wind: 'still' }, ageDays: { wind: days } });
    expect(shareOf(windy(1), 'wind')).toBeGreaterThan(shareOf(windy(0), 'wind') * 5);
  });

  it('that convict stand first against three loud reports of something else', () => {
    const loud = report({
      present: ['arc-no-wire', 'burn-back', 'wire-slips'],
      known: { polarity: 'wrong', 'roll-form': 'wrong' },
    });
    expect(ids(loud).slice(0, 2).toSorted()).toEqual(['polarity-wrong', 'rolls-knurled-on-solid']);
    // a look that found otherwise since goes before the record
    expect(ids({ ...loud, lookedAt: ['polarity-wrong'] })[0]).toBe('rolls-knurled-on-solid');
  });
});

describe('the machine and the job', () => {
  it('rule out what they cannot have', () => {
    const all = { present: ['stubbing', 'spatter-heavy', 'keeps-running'] as const };
    expect(ids(report(all))).toContain('inductance-high');
    expect(ids(report({ ...all, lacks: ['inductance'] }))).not.toContain('inductance-high');
    // one of two will do
    expect(ids(report({ ...all, lacks: ['four-step'] }))).toContain('trigger-latched');
    expect(ids(report({ ...all, lacks: ['four-step', 'special-four-step'] }))).not.toContain(
      'trigger-latched',
    );
    expect(ids(report({ job: { mode: 'spray' } }))).not.toContain('inductance-low');
    expect(ids(report({ job: { metal: 'carbon-steel' } }))).not.toContain('no-back-purge');
    expect(ids(report({ job: { metal: 'stainless' } }))).toContain('no-back-purge');
    expect(ids(report({ job: { position: 'flat' } }))).not.toContain('downhill-thick');
    expect(ids(report({ job: { metal: 'stainless' } }))).not.toContain('magnetic-blow');
  });

  it('move what they make likelier, at the edge of a thickness and not before', () => {
    const dip = (thicknessMm: number) =>
      report({ present: ['cold-lap'], job: { mode: 'short-circuit', thicknessMm } });
    expect(shareOf(dip(3.99), 'dip-on-thick')).toBe(0);
    expect(shareOf(dip(4.9), 'dip-on-thick')).toBeGreaterThan(0);
    expect(shareOf(dip(5), 'dip-on-thick')).toBeGreaterThan(1.8 * shareOf(dip(4.9), 'dip-on-thick'));
    expect(suspicionsOf('wind', undefined)).toEqual([]);
    expect(suspicionsOf('wind', { place: 'outdoors' }).map(({ steps }) => steps)).toEqual([1.5]);
    expect(SUSPICIONS.every(({ why }) => inMetric(why).length > 10)).toBe(true);
  });

  // our judgement: at which thickness a cause is moved, and by how many doublings
  it.each([
    ['heat-high', [1.5, 1.6], 2],
    ['no-sequence', [1.5, 1.6], 2],
    ['heat-low', [1.6, 1.5], 2],
    ['heat-low', [5, 4.9], 2],
    ['machine-small', [1.6, 1.5], 4],
    ['machine-small', [8, 7.9], 2],
    ['crack-prone-steel', [12, 11.9], 2],
    ['crack-prone-steel', [3, 2.9], 2],
    ['magnetic-blow', [3, 2.9], 2],
  ] as const)('%s is moved at %j mm by a factor of %d', (cause, [more, less], factor) => {
    // beside a cause that thickness does not move
    const beside = (thicknessMm: number): number => {
      const asked = report({ job: { thicknessMm } });
      return shareOf(asked, cause) / shareOf(asked, 'polarity-wrong');
    };
    expect(beside(more) / beside(less)).toBeCloseTo(factor, 4);
  });

  it('a sign makes a cause likelier by its steps, and convicts nothing', () => {
    for (const sign of FAULT_SIGNS) {
      for (const [cause, steps] of Object.entries(faultSignRow(sign).steps)) {
        const process = cause === 'oxide-left' ? 'aluminium' : 'solid-gas';
        const [before, after] = [report({ process }), report({ process, signs: [sign] })];
        const odds = (asked: FaultReport): number => shareOf(asked, cause) / (1 - shareOf(asked, cause));
        expect([sign, cause, odds(after) > odds(before), steps <= 2]).toEqual([sign, cause, true, true]);
      }
    }
    expect(rankCauses(report({ signs: ['windy'] })).every(({ fact }) => fact === undefined)).toBe(true);
  });
});

describe('two faults at once', () => {
  const both = ['porosity-heavy', 'gas-hiss-absent', 'bird-nest', 'wire-flattened'] as const;

  it('what was found is explained, and the rest is ranked on what is left', () => {
    expect(leftUnexplained(both, ['gas-off'], 'solid-gas')).toEqual(['bird-nest', 'wire-flattened']);
    const after = report({ present: both, found: ['gas-off'] });
    expect(ids(after)[0]).toBe('pressure-high');
    expect(ids(after)).not.toContain('gas-off');
  });

  it('nothing is suspected once all is explained, but what a record convicts', () => {
    const done = report({ present: ['porosity-heavy'], found: ['gas-off'] });
    expect(rankCauses(done).filter(({ isShown }) => isShown)).toEqual([]);
    const left = rankCauses({ ...done, known: { polarity: 'wrong' } }).filter(({ isShown }) => isShown);
    expect(left.map(({ cause }) => cause.id)).toEqual(['polarity-wrong']);
  });

  it('a look that found nothing is not asked again, and leaves the rest to be looked at', () => {
    const first = report({ present: ['porosity-heavy'] });
    const [next] = nextChecks(rankCauses(first));
    const looked = report({ present: ['porosity-heavy'], lookedAt: next?.causes ?? [] });
    const later = nextChecks(rankCauses(looked), looked.lookedAt).map(({ check }) => check);
    expect(later.length).toBeGreaterThan(0);
    expect(later).not.toContain(next?.check);
  });
});

describe('the shop’s own cases', () => {
  it('move how common a cause is by little while they are few, and by one step at most', () => {
    const few = shopSteps('solid-gas', { 'gas-off': 1 })['gas-off'] ?? 0;
    const some = shopSteps('solid-gas', { 'gas-off': 4 })['gas-off'] ?? 0;
    expect(few).toBeGreaterThan(0);
    expect(some).toBeGreaterThan(few);
    const counts = fc.dictionary(
      fc.constantFrom('gas-off', 'wind', 'clamp-poor', 'metal-galvanised', 'tip-worn'),
      fc.integer({ min: 0, max: 500 }),
    );
    fc.assert(
      fc.property(counts, (reported) => {
        for (const [id, steps] of Object.entries(shopSteps('solid-gas', reported))) {
          expect(Math.abs(steps)).toBeLessThanOrEqual(1);
          const isDanger = (CAUSES as readonly FaultCause[]).some((one) => one.id === id && one.isDanger);
          expect(isDanger && steps < 0).toBe(false);
        }
      }),
      { numRuns: 50 },
    );
    expect(shopSteps('solid-gas', { wind: 300 }).wind).toBe(1);
    expect(shopSteps('solid-gas', { wind: 300 })['gas-off']).toBe(-1);
    expect(shopSteps('solid-gas', {})).toEqual({});
    // of another process
    expect(shopSteps('self-shielded', { wind: 5 })).toEqual({});
  });

  it('show in the ranking', () => {
    const asked = report({ present: ['porosity-patches'] });
    const moved = { ...asked, shopSteps: shopSteps('solid-gas', { wind: 30 }) };
    expect(shareOf(moved, 'wind')).toBeGreaterThan(shareOf(asked, 'wind') * 1.2);
  });
});

describe('why', () => {
  it('says what speaks for a cause and against it, what speaks for it first', () => {
    const asked = report({
      present: ['porosity-heavy', 'bird-nest'],
      absent: ['gas-hiss-absent'],
      known: { flow: 'right' },
      job: { place: 'outdoors' },
      signs: ['windy'],
    });
    const of = (id: string) => {
      const row = rankCauses(asked).find(({ cause }) => cause.id === id);
      return row ? faultReasons(row.cause, asked).map(({ side, text }) => `${side}: ${text}`) : [];
    };
    expect(of('gas-off')).toEqual([
      'for: Bead full of holes, like a sponge: it nearly always shows so',
      'against: Gas flow: as it should be',
      'against: Wire balls up in a tangle at the rolls: it does not explain this',
      'against: Not there: no sound or feel of gas at the nozzle. It nearly always shows so',
    ]);
    expect(of('wind')).toContain('for: It is welded out of doors');
    expect(of('wind')).toContain('for: The job says wind');
    const noArc = rankCauses(report({ present: ['porosity-heavy'] })).find(
      ({ cause }) => cause.id === 'clamp-off',
    );
    expect(noArc && faultReasons(noArc.cause, report({ present: ['porosity-heavy'] }))[0]?.text).toMatch(
      /there is an arc, and this leaves none/,
    );
  });
});

describe('what would tell more', () => {
  it('is what one likely cause shows and the next does not, and never what was said already', () => {
    const asked = report({ present: ['porosity-heavy'] });
    const asks = tellingSymptoms(asked, rankCauses(asked), 4);
    // gas that is off is told from dirt and wind by there being none at the nozzle
    expect(asks.slice(0, 2).toSorted()).toEqual(['flow-ball-zero', 'gas-hiss-absent']);
    expect(asks.length).toBeLessThanOrEqual(4);
    const reported = report({ present: ['porosity-heavy'], absent: ['gas-hiss-absent'] });
    expect(tellingSymptoms(reported, rankCauses(reported), 4)).not.toContain('gas-hiss-absent');
    expect(tellingSymptoms(report(), rankCauses(report()), 4)).toEqual([]);
  });
});

describe('a report that cannot be taken as it stands', () => {
  it('says so from nine symptoms on, and where there is an arc and is none', () => {
    const eight = report({ process: 'solid-gas' });
    const many = [
      'porosity-scattered',
      'spatter-heavy',
      'ropy-bead',
      'cold-lap',
      'undercut',
      'stubbing',
      'popping',
      'bird-nest',
      'shavings',
    ] as const;
    expect(reportDoubt({ ...eight, present: many.slice(0, 8) })).toBeUndefined();
    expect(reportDoubt({ ...eight, present: many })).toBe('too-much');
    expect(reportDoubt(report({ present: ['trigger-dead', 'ropy-bead'] }))).toBe('against-itself');
    expect(reportDoubt(report({ present: ['trigger-dead', 'machine-dark'] }))).toBeUndefined();
    expect(reportDoubt(report({ present: ['ropy-bead'], absent: ['ropy-bead'] }))).toBe('against-itself');
  });

  it('of two causes that are as likely, what explains it better goes before what is more common', () => {
    const [first, second] = rankCauses(report({ present: ['popping'] }));
    expect(first?.share).toBe(second?.share);
    expect(first?.cause.id).toBe('wfs-low');
  });
});
