'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { DeviceLink, type LiveState, type OpenSource } from '../../sync/live/DeviceLink';

const nothing = () => () => undefined;
/** Listens to a device while it is looked at; null asks for none. @param open must stay the same while the device does */
export function useLive(open: OpenSource | null): LiveState | null {
  const [link, setLink] = useState<DeviceLink | null>(null);
  useEffect(() => {
    if (!open) return undefined;
    const made = new DeviceLink(open);
    queueMicrotask(() => setLink(made));
    return () => {
      made.end();
      setLink(null);
    };
  }, [open]);
  return useSyncExternalStore(
    link ? (listener) => link.listen(listener) : nothing,
    () => link?.state ?? null,
    () => null,
  );
}
