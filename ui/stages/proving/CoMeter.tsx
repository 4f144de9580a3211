'use client';
import { Alert, Box, Button, ToggleButton } from '@mui/material';
import { useMemo, useState } from 'react';
import { meterReading } from '../../../core/model/proving/meterReading';
import { formatShort } from '../../../core/units/formatNumber';
import { useLive } from '../../components/live/useLive';
import { WireKey } from '../../components/live/WireKey';
import { useNow } from '../../components/useNow';
import type { OpenSource } from '../../sync/live/DeviceLink';
import { serverSource } from '../../sync/live/serverSource';
import { useWorkspace } from '../../sync/useWorkspace';
import { proving as t } from '../../texts/en/proving';

/** A meter that has said nothing for so long is not taken at its last word, ms. */
const silentMs = 10_000;

/** A meter that speaks feeds the plan: what it shows, whether it has come to rest, and a key that keeps it at the place that is read next. */
export function CoMeter({ onKeep }: { onKeep: (ppm: number) => void }) {
  const { settled } = useWorkspace('settled');
  const { invented } = settled.identity;
  const [standIn, setStandIn] = useState(false);
  const [wire, setWire] = useState<OpenSource | null>(null);
  const atServer = useMemo(() => serverSource(settled.id, 'co'), [settled.id]);
  const live = useLive(wire ?? (standIn ? atServer : null));
  const nowMs = useNow(1000);
  const series = live?.series.coPpm;
  const read = series ? meterReading(series) : null;
  const silent = nowMs !== null && nowMs - (live?.heardMs ?? 0) > silentMs;
  const heard = live?.way === 'live' && !silent ? read : null;
  return (
    <Box className="co-meter">
      <Box className="inline">
        {invented && (
          <ToggleButton size="small" value="co" selected={standIn} onChange={() => setStandIn(!standIn)}>
            {t.meterStandIn}
          </ToggleButton>
        )}
        <WireKey wire={wire} onWire={(to) => setWire(() => to)} label={t.meterOnAWire} quiet={invented} />
      </Box>
      {heard && (
        <p className="inline">
          <strong className="co-clock" role="status">
            {heard.steady ? t.meterRests({ n: formatShort(heard.ppm, 1) }) : t.meterMoves({ n: formatShort(heard.ppm, 1) })}
          </strong>
          <Button variant="contained" onClick={() => onKeep(heard.ppm)}>
            {t.meterKeep({ n: formatShort(heard.ppm, 1) })}
          </Button>
        </p>
      )}
      {live?.way === 'away' && <Alert severity="warning">{t.meterAway}</Alert>}
      {live?.way === 'live' && !heard && <Alert severity="warning">{read ? t.meterSilent : t.meterNothingYet}</Alert>}
    </Box>
  );
}
