import { METRIC, US } from '@hot-bead/core/base';
import type { KeptMachine } from '@hot-bead/contract/machine';
import { planOf } from '../../../test/plans.ts';
import { setFigures, settingText, setText, wholeSettingText } from './set-figure.ts';

const TOM: KeptMachine = {
  id: 'tom',
  version: 1,
  away: false,
  name: 'Tom',
  kind: 'transformer',
  loadedWireClass: 'ER70S-6',
  loadedWireDiameterMm: 0.8,
  loadedGas: 'ar-co2-18',
  wireControl: { kind: 'knob', min: 0, max: 10 },
  voltsControl: { kind: 'positions', positions: [{ name: '4', openV: 23 }] },
  // 1 m/min at nought and one more a mark
  dialReadings: [0, 2, 4, 6, 8, 10].map((knob) => ({
    id: `${knob}`,
    knob,
    run: { lengthMm: ((1 + knob) / 0.06) * 10, timeS: 10 },
    at: '2026-01-01T00:00:00.000Z',
    counts: true,
  })),
  voltsReadAt: null,
  entryReadAt: null,
};
const AT = { wireFeedSpeedMPerMin: 5.5, volts: 18.7 };

describe('a setting as the hand sets it', () => {
  it('is the machine’s own marks, the physical figures under them in the user’s units', () => {
    const figures = setFigures(planOf(), TOM, METRIC, AT);
    expect(figures.wire).toMatchObject({ control: 'knob', text: '4½', unit: '', physical: '5.5 m/min' });
    expect(figures.volts).toMatchObject({ control: 'tap', text: '4', physical: '18.7 V' });
    expect(figures.volts.note).toMatch(/^the tap gives \d\d\.\d ± \d\.\d V/);
    expect(wholeSettingText(figures)).toBe('knob 4½, tap 4 (5.5 m/min, 18.7 V)');
    expect(setFigures(planOf(), TOM, US, AT).wire.physical).toBe('217 in/min');
  });

  it('is the physical figures where no machine is named, nothing was measured, or they are what is set', () => {
    const physical = '5.5 m/min, 18.7 V';
    expect(wholeSettingText(setFigures(planOf(), undefined, METRIC, AT))).toBe(physical);
    const unmeasured: KeptMachine = {
      ...TOM,
      dialReadings: [],
      voltsControl: { kind: 'positions', positions: [] },
    };
    expect(settingText(setFigures(planOf(), unmeasured, METRIC, AT))).toBe(physical);
    const shown: KeptMachine = {
      ...TOM,
      wireControl: { kind: 'units' },
      voltsControl: { kind: 'displayed' },
    };
    expect(settingText(setFigures(planOf(), shown, METRIC, AT))).toBe(physical);
  });

  it('shows on a display that reads high what is to be shown, and why', () => {
    const high: KeptMachine = {
      ...TOM,
      voltsControl: { kind: 'displayed', meter: [{ shownV: 20, meterV: 19.4 }] },
    };
    const { volts } = setFigures(planOf(), high, METRIC, AT);
    expect(setText(volts)).toBe('show 19.3');
    expect(volts).toMatchObject({ physical: '18.7 V', note: 'its display reads 0.6 V high' });
  });
});
