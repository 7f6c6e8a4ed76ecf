import { METRIC, UNIT_OPTIONS, type UnitQuantity, type Units } from './units.ts';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';

export type Theme = 'system' | 'light' | 'dark';

interface Preferences {
  readonly units: Units;
  readonly theme: Theme;
  readonly setUnits: (units: Units) => void;
  readonly setTheme: (theme: Theme) => void;
}

const PreferencesContext = createContext<Preferences | undefined>(undefined);

function stored<T extends string>(key: string, allowed: readonly T[], fallback: T): T {
  const value = localStorage.getItem(`hot-bead.${key}`);
  return allowed.find((a) => a === value) ?? fallback;
}

function useStored<T extends string>(key: string, allowed: readonly T[], fallback: T) {
  const [value, setValue] = useState<T>(() => stored(key, allowed, fallback));
  useEffect(() => localStorage.setItem(`hot-bead.${key}`, value), [key, value]);
  return [value, setValue] as const;
}

const UNITS_KEY = 'hot-bead.units-by-quantity';

/** What was remembered, quantity by quantity; anything that is no unit falls back to metric. */
function storedUnits(): Units {
  try {
    const kept = JSON.parse(localStorage.getItem(UNITS_KEY) ?? '{}') as Record<string, unknown>;
    const entries = (Object.keys(METRIC) as UnitQuantity[]).map((key) => {
      const found = (UNIT_OPTIONS[key] as readonly string[]).find((unit) => unit === kept[key]);
      return [key, found ?? METRIC[key]] as const;
    });
    return Object.fromEntries(entries) as unknown as Units;
  } catch {
    return METRIC;
  }
}

function useStoredUnits() {
  const [units, setUnits] = useState<Units>(storedUnits);
  useEffect(() => localStorage.setItem(UNITS_KEY, JSON.stringify(units)), [units]);
  return [units, setUnits] as const;
}

/** Keeps the page's theme in step with the choice, and with the system while that is the choice. */
function useTheme(theme: Theme): void {
  useEffect(() => {
    const system = window.matchMedia('(prefers-color-scheme: dark)');
    const apply = (): void => {
      const dark = theme === 'dark' || (theme === 'system' && system.matches);
      document.documentElement.dataset['theme'] = dark ? 'dark' : 'light';
    };
    apply();
    system.addEventListener('change', apply);
    return () => system.removeEventListener('change', apply);
  }, [theme]);
}

/** The user's units and theme, remembered on this device. */
export function PreferencesProvider({ children }: { readonly children: ReactNode }) {
  const [units, setUnits] = useStoredUnits();
  const [theme, setTheme] = useStored<Theme>('theme', ['system', 'light', 'dark'], 'system');
  useTheme(theme);
  const value = useMemo(() => ({ units, theme, setUnits, setTheme }), [units, theme, setUnits, setTheme]);
  return <PreferencesContext value={value}>{children}</PreferencesContext>;
}

export function usePreferences(): Preferences {
  const value = useContext(PreferencesContext);
  if (!value) throw new Error('usePreferences needs a PreferencesProvider');
  return value;
}
