import { METRIC } from '@hot-bead/core/base';
import { dialIn, type DialIn, type LadderBead } from '@hot-bead/core/dial-in';
import type { PlannedSetup } from '@hot-bead/core/plan';
import type { BeadReport } from '@hot-bead/core/window';
import { planOf } from '../../../test/plans.ts';
import { TAPPED } from '../../../test/machines.ts';
import { dialsOf } from '../terms/index.ts';
import { bracketText, MOVES, movedText, probableText, whyText } from './known-words.ts';

const PLAN: PlannedSetup = planOf();
const TOLD = { plan: PLAN, machine: undefined, units: METRIC };
const dialled = { plan: PLAN, machine: undefined, dials: undefined };
const bead = (volts: number, report: BeadReport): LadderBead => ({
  wireFeedSpeedMPerMin: PLAN.wireFeedSpeedMPerMin.start,
  volts,
  ...report,
});
const at = (...beads: readonly LadderBead[]): DialIn => dialIn(dialled, beads, { way: 'wire-first' });
const middle = PLAN.volts.start;

describe('what is known of a dial-in, in words', () => {
  it('says between which volts, where one would tell most, and never a percentage', () => {
    const state = at(bead(middle - 0.5, { said: 'cold' }), bead(middle + 0.9, { said: 'hot' }));
    expect(probableText(state, TOLD)).toMatch(
      /^The middle of the window is probably between \d\d\.\d and \d\d\.\d V\.$/,
    );
    expect(whyText(state, TOLD)).toMatch(/^Between the beads so far: one at \d\d\.\d V would tell most\.$/);
    expect(probableText(state, TOLD) + whyText(state, TOLD)).not.toContain('%');
    expect(whyText(at(bead(middle - 0.5, { said: 'cold' })), TOLD)).toContain('Hotter than the beads so far');
    expect(whyText(at(bead(middle, { said: 'hot' })), TOLD)).toContain('Colder than the beads so far');
  });

  it('says where it begins, by the way that is gone and from where', () => {
    expect(whyText(at(), TOLD)).toBe('Begin 0.5 V under the middle: too low shows itself first.');
    const first = dialIn(dialled, [], { way: 'volts-first' });
    expect(whyText(first, TOLD)).toMatch(/^Begin 0\.[456] V hotter than the middle/);
    expect(probableText(first, TOLD)).toMatch(/between \d+\.\d and \d+\.\d m\/min\.$/);
    const [slow, fast] = (/between ([\d.]+) and ([\d.]+)/.exec(probableText(first, TOLD)) ?? [])
      .slice(1)
      .map(Number);
    expect(slow).toBeLessThan(fast ?? 0);
    expect(MOVES['wire-first']).toBe('Only the volts move.');
    const aluminium = planOf({ metal: 'aluminium', alloy: '6061' });
    const from = dialIn({ plan: aluminium, machine: undefined, dials: undefined }, [], { way: 'wire-first' });
    expect(whyText(from, { ...TOLD, plan: aluminium })).toContain('over the middle: too low stubs');
  });

  it('says why it ends, and that it is not settled after eight', () => {
    const odd = Array.from({ length: 8 }, (_, i) =>
      bead(middle + (i % 2 ? 0.4 : -0.4), { said: i % 2 ? 'cold' : 'hot' }),
    );
    expect(whyText(at(...odd), TOLD)).toContain('Not settled after eight beads');
    const sure = at(
      bead(middle - 0.8, { said: 'cold' }),
      bead(middle, { said: 'right' }),
      bead(middle + 0.8, { said: 'hot' }),
      bead(middle + 0.1, { said: 'right' }),
    );
    expect(whyText(sure, TOLD)).toContain('a bead near it read right');
    expect(bracketText(sure, TOLD)).toMatch(
      /^A colder neighbour \(.*\) and a hotter one \(.*\) were seen\.$/,
    );
  });

  it('says of the neighbours only what was seen', () => {
    expect(bracketText(at(bead(middle, { said: 'right' })), TOLD)).toBe('');
    const cold = at(bead(middle - 1, { said: 'cold' }), bead(middle, { said: 'right' }));
    expect(bracketText(cold, TOLD)).toContain('no hotter one yet');
    const hot = at(bead(middle, { said: 'right' }), bead(middle + 1, { said: 'hot' }));
    expect(bracketText(hot, TOLD)).toContain('no colder one yet');
  });

  it('speaks of taps on a machine that has them', () => {
    const plan = planOf({ thicknessMm: 2 }, { machine: TAPPED });
    const state = dialIn({ plan, machine: TAPPED, dials: dialsOf(TAPPED) }, [], { way: 'wire-first' });
    expect(state.isTaps).toBe(true);
    const reader = { plan, machine: TAPPED, units: METRIC };
    expect(movedText(state.next.setting, state, reader)).toMatch(/^tap \w+ \(\d\d\.\d V\)$/);
    expect(whyText(state, reader)).toBe('Begin at the tap under the middle and come up.');
  });

  it('says that two move when the heat is changed', () => {
    const heated = at(
      bead(middle - 0.8, { said: 'cold' }),
      bead(middle, { said: 'right' }),
      bead(middle + 0.1, { said: 'right', heat: 'cold' }),
    );
    expect(heated.next).toMatchObject({ kind: 'weld', why: 'more-heat' });
    expect(whyText(heated, TOLD)).toContain('Both move.');
  });
});
