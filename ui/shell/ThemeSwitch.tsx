'use client';
import { useColorScheme } from '@mui/material/styles';
import { Moon, Sun } from 'lucide-react';
import { useAwake } from '../components/useAwake';

/** Day or night. The stored choice is only known in the browser, so nothing is drawn until there. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const inBrowser = useAwake();
  if (!inBrowser) return <span className="icon-button" aria-hidden />;
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <button
      type="button"
      className="icon-button"
      aria-label={dark ? 'Bright theme' : 'Night theme'}
      onClick={() => setMode(dark ? 'light' : 'dark')}
    >
      {dark ? <Sun size={20} /> : <Moon size={20} />}
    </button>
  );
}
