'use client';
import { useMemo } from 'react';
import { linePicture } from '../../../core/drawing/line/linePicture';
import { useWorkspace } from '../../sync/useWorkspace';

/** The line with its pressures, or what is missing for them. */
export function useLinePicture(): ReturnType<typeof linePicture> {
  const { build } = useWorkspace('build');
  return useMemo(() => linePicture(build), [build]);
}
