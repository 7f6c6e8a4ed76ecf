import { faultReasons as faultReasonsInWords } from './fault-reasons.ts';
import { causeRow as causeRowInWords, type CauseId } from './causes.ts';
import type { FaultReport } from './rank-causes.ts';
import { toldInMetric } from '../../test/told-in-metric.ts';

const faultReasons = toldInMetric(faultReasonsInWords);
const causeRow = toldInMetric(causeRowInWords);

const report = (over: Partial<FaultReport> = {}): FaultReport => ({
  process: 'solid-gas',
  present: ['porosity-patches'],
  absent: [],
  known: {},
  ...over,
});
const texts = (id: CauseId, asked: FaultReport, foundHere?: number): readonly string[] =>
  faultReasons(causeRow(id), asked, foundHere).map(({ side, text }) => `${side}: ${text}`);

describe('why it may be', () => {
  it('the shop’s own cases are said by how many they were, and only where they move something', () => {
    expect(texts('wind', report({ shopSteps: { wind: 0.5 } }), 1)).toContain(
      'for: It was this once in this shop',
    );
    expect(texts('wind', report({ shopSteps: { wind: 1 } }), 3)).toContain(
      'for: It was this 3 times in this shop',
    );
    expect(texts('wind', report({ shopSteps: { wind: 0.2 } }))).toHaveLength(1);
    expect(texts('wind', report(), 3)).toHaveLength(1);
    expect(texts('wind', report({ shopSteps: { wind: -0.4 } }))).toContain(
      'against: It was this less often here than elsewhere',
    );
  });

  it('a look that found nothing speaks against it, and a seldom shown symptom too', () => {
    expect(texts('wind', report({ lookedAt: ['wind'] }))).toContain('against: You looked, and it was not so');
    expect(texts('wind', report({ present: ['porosity-heavy', 'bird-nest'] }))).toContain(
      'against: Wire balls up in a tangle at the rolls: it does not explain this',
    );
    const rare = texts('polarity-wrong', report({ present: ['burn-through'] }));
    expect(rare).toEqual(['against: The arc falls through and leaves a hole: it seldom shows so']);
  });

  it('what the job makes less likely speaks against it', () => {
    expect(texts('wind', report({ job: { place: 'indoors' } }))).toContain('against: It is welded indoors');
  });
});
