import { inMetric } from '@hot-bead/core/base';
import type { Json } from '@hot-bead/core/history';
import { fieldWord, valueText } from './field-text.ts';

describe('fields of a fault case', () => {
  it('are said in words, what was seen, looked at and known', () => {
    expect(fieldWord('looks')).toBe('Looked at');
    expect(fieldWord('said.flow')).toBe('Gas flow');
    expect(valueText('said.flow', 'zero')).toBe('none');
    expect(valueText('present', ['bird-nest', 'popping'])).toBe(
      'Wire balls up in a tangle at the rolls; Slow pops, with blobs growing on the wire end',
    );
    expect(valueText('absent', [])).toBe('nothing');
    const looks = [
      { causes: ['gas-off'], answer: 'was-not', at: '2026-11-02T10:00:00.000Z' },
      {
        causes: ['flow-low', 'flow-high'],
        answer: 'was',
        found: 'flow-high',
        at: '2026-11-02T10:00:00.000Z',
      },
    ];
    expect(inMetric(valueText('looks', looks as unknown as Json))).toBe(
      'Cylinder valve or regulator is shut: it was not; Gas flow is so high it swirls air in: it was',
    );
    expect(valueText('process', 'self-shielded')).toBe('flux core without gas');
    expect(valueText('end', 'left')).toBe('left as it is');
  });

  it('leave those of other records as they were', () => {
    expect(fieldWord('task.minutes')).toBe('Minutes at the machine');
    expect(fieldWord('minutes')).toBe('Minutes it took');
    expect(inMetric(valueText('work.thicknessMm', 3))).toBe('3 mm');
    expect(fieldWord('own.volts')).toBe('Volts, your own');
  });
});
