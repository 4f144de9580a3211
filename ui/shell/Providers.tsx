'use client';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { PrimingWatch } from '../stages/priming/PrimingWatch';
import { theme } from '../theme/theme';

export function Providers({ children }: { children: ReactNode }) {
  return (
    <ThemeProvider theme={theme} defaultMode="system" disableTransitionOnChange>
      <PrimingWatch />
      {children}
    </ThemeProvider>
  );
}
