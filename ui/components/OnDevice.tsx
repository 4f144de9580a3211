'use client';
import { LinearProgress } from '@mui/material';
import type { ReactNode } from 'react';
import { useAwake } from './useAwake';
import { frame as t } from '../texts/en/frame';

/**
 * What is drawn on the device alone: the server sends its data and draws none of it, so that a view costs it little, times are
 * the device's own, and nothing can be touched before it listens.
 */
export function OnDevice({ children }: { children: ReactNode }) {
  return useAwake() ? children : <LinearProgress aria-label={t.opening} />;
}
