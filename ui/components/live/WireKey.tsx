'use client';
import { Button } from '@mui/material';
import type { OpenSource } from '../../sync/live/DeviceLink';
import { chooseSerial, couldRead, serialSource } from '../../sync/live/serialSource';
import { startup as t } from '../../texts/en/startup';

/** Lets the person choose a device on a wire, where this browser can read one; says so where it can't. */
export function WireKey({
  wire,
  onWire,
  label,
  quiet = false,
}: {
  wire: OpenSource | null;
  onWire: (wire: OpenSource | null) => void;
  label: string;
  /** says nothing where the browser reads no wire */ quiet?: boolean;
}) {
  if (!couldRead()) return quiet ? null : <span className="soft">{t.noWire}</span>;
  if (wire) return <Button onClick={() => onWire(null)}>{t.stopReading}</Button>;
  const choose = async () => {
    const port = await chooseSerial();
    if (port) onWire(serialSource(port));
  };
  return <Button onClick={() => void choose()}>{label}</Button>;
}
