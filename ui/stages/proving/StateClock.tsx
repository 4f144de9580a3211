import { Button } from '@mui/material';
import { coStates } from '../../../core/build/Build';
import { waitMs, type CoAsk } from '../../../core/model/proving/coPlan';
import { clockText } from '../../../core/units/clockText';
import { useKeptText } from '../../sync/useKeptText';
import { useNow } from '../../components/useNow';
import { useWorkspace } from '../../sync/useWorkspace';
import { proving as t } from '../../texts/en/proving';

/** How long the heater has still to be in a state before it is read: begun by a key, kept on the device, so that a screen that goes dark loses nothing. */
export function StateClock({ ask }: { ask: Pick<CoAsk, 'state' | 'afterMin'> }) {
  const { settled } = useWorkspace('settled');
  const [since, setSince] = useKeptText(`${settled.id}:coState/${ask.state}`);
  const nowMs = useNow(1000);
  const sinceMs = Date.parse(since);
  const leftMs = Number.isNaN(sinceMs) || nowMs === null ? null : waitMs(ask, sinceMs, nowMs);
  return (
    <>
      <p className="soft">{t.readAfter({ min: ask.afterMin })}</p>
      <p className="inline">
        {leftMs !== null && (
          <strong role="timer" className="co-clock">
            {leftMs > 0 ? t.waitStill({ left: clockText(Math.ceil(leftMs / 1000)) }) : t.longEnough}
          </strong>
        )}
        <Button variant={leftMs === null ? 'outlined' : 'text'} onClick={() => setSince(new Date().toISOString())}>
          {leftMs === null ? t.stateBegins({ state: coStates[ask.state] }) : t.stateAnew}
        </Button>
      </p>
    </>
  );
}
