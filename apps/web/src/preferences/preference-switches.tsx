import { METRIC, systemOf, type UnitSystem, US } from '@hot-bead/core/base';
import { type Theme, usePreferences } from './preferences.tsx';
import { Segmented } from '../ui/segmented.tsx';

const UNITS: readonly { value: UnitSystem; label: string }[] = [
  { value: 'metric', label: 'Metric' },
  { value: 'us', label: 'US' },
];
const THEMES: readonly { value: Theme; label: string }[] = [
  { value: 'light', label: 'Day' },
  { value: 'dark', label: 'Hood' },
  { value: 'system', label: 'Auto' },
];

/** Units and theme. */
export function PreferenceSwitches() {
  const { units, theme, setUnits, setTheme } = usePreferences();
  return (
    <>
      <Segmented
        label="Units"
        value={systemOf(units) ?? ''}
        options={UNITS}
        onChange={(system) => setUnits(system === 'us' ? US : METRIC)}
      />
      <Segmented label="Theme" value={theme} options={THEMES} onChange={setTheme} />
    </>
  );
}
