'use client';
import { useEffect } from 'react';

/** Has the service worker keep the frame of every page on the device, once this page has its own work behind it. */
export function useShell(): void {
  useEffect(() => {
    if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return undefined;
    const timer = setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), 1500);
    return () => clearTimeout(timer);
  }, []);
}
