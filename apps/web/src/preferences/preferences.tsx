import type { Units } from '@hot-bead/core/base';
import { keepUnits, keptUnits } from '../api/kept-units.ts';
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

function useStoredUnits() {
  const [units, setUnits] = useState<Units>(keptUnits);
  useEffect(() => keepUnits(units), [units]);
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
