'use client';
import { useMediaQuery, useTheme } from '@mui/material';

/** Whether this is a phone: one column, one hand. */
export const useSmall = (): boolean => useMediaQuery(useTheme().breakpoints.down('sm'), { noSsr: true });
/** Whether sheet and findings stand side by side. */
export const useWide = (): boolean => useMediaQuery(useTheme().breakpoints.up('md'), { noSsr: true });
