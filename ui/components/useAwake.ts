'use client';
import { useSyncExternalStore } from 'react';

const never = () => () => undefined;
/** Whether the page has taken over from what the server drew: touches and keys before that are nobody's. */
export const useAwake = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
