import { afterWelding, isOtherTip, TEST_BEAD_ARC_MIN, tipMinutes } from './tip-life.ts';

const AT = '2026-03-02T08:00:00.000Z';

describe('the minutes a tip has had', () => {
  it('begin at none, and are added up to a tenth of a minute', () => {
    expect(tipMinutes({})).toBe(0);
    const once = afterWelding({}, TEST_BEAD_ARC_MIN, AT);
    expect(once).toEqual({ hot: { value: 'yes', at: AT }, tipMinutes: { value: '0.5', at: AT } });
    expect(afterWelding(once, 0.3, AT).tipMinutes.value).toBe('0.8');
    expect(afterWelding({ tipMinutes: { value: 'who knows' } }, 2, AT).tipMinutes.value).toBe('2');
  });

  it('count welding that is told afterwards, which says nothing of what was seen since', () => {
    const LATER = '2026-03-05T08:00:00.000Z';
    const cold = { hot: { value: 'no', at: LATER }, tipMinutes: { value: '3', at: LATER } };
    expect(afterWelding(cold, 1, AT)).toEqual({ hot: cold.hot, tipMinutes: { value: '4', at: LATER } });
  });

  it('are those of one tip: another bore or kind is another tip, the same put back is not', () => {
    const small = { tipBore: { value: '0.8' } };
    expect(isOtherTip(small, { tipBore: { value: '1.0' } })).toBe(true);
    expect(isOtherTip(small, { tipBore: { value: '0.8', at: AT } })).toBe(false);
    expect(isOtherTip({}, small)).toBe(false);
    expect(isOtherTip({ tipAluminium: { value: 'no' } }, { tipAluminium: { value: 'yes' } })).toBe(true);
  });
});
