'use client';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { PrimingWatch } from '../stages/priming/PrimingWatch';
import { looks } from '../theme/looks';
import { theme } from '../theme/theme';

// Made once: the server has written it into every page already.
const globalLooks = <GlobalStyles styles={looks} />;

export function Providers({ children }: { children: ReactNode }) {
  return (
    <ThemeProvider theme={theme} defaultMode="system" disableTransitionOnChange>
      {globalLooks}
      <PrimingWatch />
      {children}
    </ThemeProvider>
  );
}
