'use client';
import { Skeleton } from '@mui/material';
import { lazy, Suspense } from 'react';
import type { InstantPickerProps } from './InstantPicker';

// It is large, and most sheets have no instant on them.
const InstantPicker = lazy(() => import('./InstantPicker'));

/** A day and time of the device. */
export function InstantField(props: InstantPickerProps) {
  return (
    <Suspense fallback={<Skeleton variant="rectangular" width={230} height={48} />}>
      <InstantPicker {...props} />
    </Suspense>
  );
}
