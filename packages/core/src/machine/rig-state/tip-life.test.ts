import fc from 'fast-check';
import { rigValueText } from './rig-attribute.ts';
import type { RigFacts } from './rig-fact.ts';
import { afterWelding, isOtherTip, TEST_BEAD_ARC_MIN, tipMinutes, type Welding } from './tip-life.ts';

const AT = '2026-03-02T08:00:00.000Z';

const LATER = '2026-03-05T08:00:00.000Z';
const bead = (at = AT): Welding => ({ arcMin: TEST_BEAD_ARC_MIN, at });

describe('the minutes a tip has had', () => {
  it('begin at none, and are added up', () => {
    expect(tipMinutes({})).toBe(0);
    const once = afterWelding({}, undefined, bead());
    expect(once).toEqual({ hot: { value: 'yes', at: AT }, tipMinutes: { value: '0.5', at: AT } });
    expect(afterWelding(once, undefined, { arcMin: 0.3, at: AT }).tipMinutes?.value).toBe('0.8');
    const odd = { tipMinutes: { value: 'who knows' } };
    expect(afterWelding(odd, undefined, { arcMin: 2, at: AT }).tipMinutes?.value).toBe('2');
  });

  it('count welding that is told afterwards, which says nothing of what was seen since', () => {
    const cold = { hot: { value: 'no', at: LATER }, tipMinutes: { value: '3', at: LATER } };
    const after = afterWelding(cold, undefined, { arcMin: 1, at: AT });
    expect(after).toEqual({ hot: cold.hot, tipMinutes: { value: '4', at: LATER } });
  });

  it('are what they would have been where welding is told otherwise, or taken back', () => {
    const ten = afterWelding({}, undefined, { arcMin: 10, at: AT });
    const one = afterWelding(ten, { arcMin: 10, at: AT }, { arcMin: 1, at: AT });
    expect(one.tipMinutes?.value).toBe('1');
    const none = afterWelding(one, { arcMin: 1, at: AT }, undefined);
    expect([none.tipMinutes?.value, none.hot]).toEqual(['0', undefined]);
    // what made it hot last is left
    const twice = afterWelding(ten, undefined, bead(LATER));
    expect(afterWelding(twice, { arcMin: 10, at: AT }, undefined).hot).toEqual({ value: 'yes', at: LATER });
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.001, max: 30, noNaN: true }), { maxLength: 30 }), (minutes) => {
        const all = minutes.map((arcMin) => ({ arcMin, at: AT }));
        const welded = all.reduce<RigFacts>((facts, each) => afterWelding(facts, undefined, each), {});
        const back = all.reduce<RigFacts>((facts, each) => afterWelding(facts, each, undefined), welded);
        expect(tipMinutes(back)).toBeCloseTo(0, 1);
      }),
    );
  });

  it('are not those of the tip before', () => {
    const anew = { tipMinutes: { value: '0', at: LATER, since: LATER } };
    expect(afterWelding(anew, undefined, bead()).tipMinutes?.value).toBe('0');
    expect(afterWelding(anew, bead(), undefined).tipMinutes?.value).toBe('0');
    expect(afterWelding(anew, undefined, bead(LATER)).tipMinutes).toMatchObject({
      value: '0.5',
      since: LATER,
    });
  });

  it('are said to a tenth, however finely they are kept', () => {
    expect(rigValueText('tipMinutes', '17.214')).toBe('17.2');
    expect(rigValueText('tipMinutes', 'who knows')).toBe('who knows');
  });

  it('are those of one tip: another bore or kind is another tip, the same put back is not', () => {
    const small = { tipBore: { value: '0.8' } };
    expect(isOtherTip(small, { tipBore: { value: '1.0' } })).toBe(true);
    expect(isOtherTip(small, { tipBore: { value: '0.8', at: AT } })).toBe(false);
    expect(isOtherTip({}, small)).toBe(false);
    expect(isOtherTip({ tipAluminium: { value: 'no' } }, { tipAluminium: { value: 'yes' } })).toBe(true);
  });
});
