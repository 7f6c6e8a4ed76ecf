import { inMetric } from '@hot-bead/core/base';
import type { ShopEvent } from '@hot-bead/contract/history';
import { changedFields, eventWord, isUndoable } from './event-text.ts';
import { fieldWord, valueText } from './field-text.ts';

describe('a field in words', () => {
  it.each([
    ['work.joint', 'Joint'],
    ['work.thicknessMm', 'Thickness'],
    ['own.volts', 'Volts, your own'],
    ['own.gasFlowLPerMin', 'Gas flow, your own'],
    ['loadedWireDiameterMm', 'Wire size'],
    ['standingPolarity', 'Leads stand'],
    ['readingCounts.abc', 'Reading of the dial'],
    ['shelf.wires', 'Wires on the shelf'],
    ['work.windy', 'Windy'],
    ['rig.rollsForm', 'Groove form'],
  ])('%s is “%s”', (path, word) => expect(fieldWord(path)).toBe(word));

  it.each<[string, Parameters<typeof valueText>[1], string]>([
    ['work.joint', 'outside-corner', 'outside corner'],
    ['work.position', 'vertical-up', 'vertical up'],
    ['work.gas', 'ar-co2-18', 'Ar + 18 % CO₂'],
    ['work.thicknessMm', 3, '3 mm'],
    ['own.volts', 18.5, '18.5 V'],
    ['own.wireFeedSpeedMPerMin', 7, '7 m/min'],
    ['work.outsideMm', [40, 20], '40, 20 mm'],
    ['currentRangeA', [30, 170], '30, 170 A'],
    ['work.windy', true, 'yes'],
    ['own.volts', null, 'nothing'],
    ['features', [], 'none'],
    ['readingCounts.a', false, 'does not count'],
    ['wireControl', { kind: 'knob', min: 0, max: 10 }, 'knob 0 10'],
    ['line', '3 mm \ue000', '3 mm its machine'],
    ['rig.rollsForm', { value: 'u', at: '2026-11-02T09:30:00.000Z' }, 'U'],
    ['rig.tipBore', { value: '0.8', doubted: true }, '0.8 mm, doubted'],
  ])('%s: %p is “%s”', (path, value, text) => expect(inMetric(valueText(path, value))).toBe(text));
});

describe('an event in words', () => {
  const subject = (kind: ShopEvent['subject']['kind']) => ({ kind, id: 'x', title: 'X', of: 'x' });

  it('says what happened in the trade’s words', () => {
    expect(eventWord({ kind: 'put-away', subject: subject('machine') })).toBe('retired');
    expect(eventWord({ kind: 'put-away', subject: subject('test-bead') })).toBe('taken away');
    expect(eventWord({ kind: 'created', subject: subject('test-bead') })).toBe('logged');
    expect(eventWord({ kind: 'calibration-begun', subject: subject('machine') })).toContain('calibration');
  });

  it('says which step was ticked, and what a scale or a count showed', () => {
    const rigged = (about: ShopEvent['about']) =>
      eventWord({ kind: 'rigged', subject: subject('machine'), about });
    expect(rigged({ why: 'step', step: 'clamp-off', note: 'on the vice' })).toBe(
      'Take the work clamp off and hang it (on the vice)',
    );
    expect(rigged({ why: 'said' })).toBe('told by hand');
    const wordOf = (about: ShopEvent['about']) =>
      inMetric(eventWord({ kind: 'stock-told', subject: subject('stock'), about }));
    expect(wordOf({ kind: 'weighed', weightKg: 3.4 })).toBe('weighed: 3.4 kg');
    expect(wordOf({ kind: 'gauged', bar: 120 })).toBe('its gauge was read: 120 bar');
    expect(wordOf({ kind: 'adjusted', left: 3, reason: 'tangle' })).toBe('put right: 3, because: tangle');
    expect(wordOf({ kind: 'used-up' })).toBe('used up');
  });

  it('tells each field that changed, but not those that follow', () => {
    const before = { 'work.joint': 'lap', line: '3 mm lap', away: null };
    const after = { 'work.joint': 'tee', line: '3 mm tee', away: true };
    expect(changedFields({ before, after })).toEqual([{ field: 'Joint', from: 'lap', to: 'tee' }]);
    expect(changedFields({ before: null, after })).toEqual([]);
  });

  it('can be undone once, and a caution that was read cannot', () => {
    expect(isUndoable({ kind: 'changed', undoneBy: null, about: null })).toBe(true);
    expect(isUndoable({ kind: 'changed', undoneBy: 'e', about: null })).toBe(false);
    expect(isUndoable({ kind: 'caution-read', undoneBy: null, about: null })).toBe(false);
    // it comes and goes with the bead
    expect(isUndoable({ kind: 'rigged', undoneBy: null, about: { why: 'bead' } })).toBe(false);
  });
});
