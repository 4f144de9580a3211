'use client';
import { IconButton } from '@mui/material';
import { useColorScheme } from '@mui/material/styles';
import { Moon, Sun } from 'lucide-react';
import { useAwake } from '../components/useAwake';
import { frame as t } from '../texts/en/frame';

/** Day or night. The stored choice is only known in the browser, so nothing is drawn until there. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const inBrowser = useAwake();
  if (!inBrowser) return <IconButton aria-hidden tabIndex={-1} sx={{ visibility: 'hidden' }} />;
  const dark = (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <IconButton aria-label={dark ? t.brightTheme : t.nightTheme} onClick={() => setMode(dark ? 'light' : 'dark')}>
      {dark ? <Sun size={20} /> : <Moon size={20} />}
    </IconButton>
  );
}
