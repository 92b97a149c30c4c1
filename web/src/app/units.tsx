import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import { type UnitSystem, Units } from './unitMath';

type Theme = 'paper' | 'night';

interface Preferences {
  units: Units;
  setSystem: (system: UnitSystem) => void;
  theme: Theme;
  setTheme: (theme: Theme) => void;
}

const Context = createContext<Preferences | null>(null);

function remembered<T extends string>(key: string, allowed: readonly T[], otherwise: T): T {
  const found = localStorage.getItem(key) as T | null;
  return found && allowed.includes(found) ? found : otherwise;
}

/** The units that go with the language of the browser: °F and inches in the United States and where they are used as well. */
function guessed(): UnitSystem {
  return /^(en-(US|LR|PR)|es-(US|PR)|my(-|$))/i.test(navigator.language) ? 'us' : 'metric';
}

export function PreferencesProvider({ children }: { children: ReactNode }) {
  const [system, setSystem] = useState(() => remembered<UnitSystem>('juxtherm.units', ['metric', 'us'], guessed()));
  const [theme, setTheme] = useState<Theme>(() =>
    remembered<Theme>(
      'juxtherm.theme',
      ['paper', 'night'],
      matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'paper',
    ),
  );
  useEffect(() => localStorage.setItem('juxtherm.units', system), [system]);
  useEffect(() => {
    localStorage.setItem('juxtherm.theme', theme);
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const value = useMemo(() => ({ units: new Units(system), setSystem, theme, setTheme }), [system, theme]);
  return <Context value={value}>{children}</Context>;
}

export function usePreferences(): Preferences {
  const value = useContext(Context);
  if (!value) throw new Error('Preferences are missing.');
  return value;
}

export const useUnits = (): Units => usePreferences().units;
