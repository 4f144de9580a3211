import { Button } from '@mui/material';
import { startEvents, type StartEventKind } from '../../../core/build/Build';
import { formatFixed } from '../../../core/units/formatNumber';
import { startup as t } from '../../texts/en/startup';

const inOrder: readonly StartEventKind[] = ['on', 'glow', 'pump', 'flame', 'full', 'low', 'off', 'end'];
interface Props {
  /** seconds at which each happened */ at: Partial<Record<StartEventKind, number>>;
  onMark: (event: StartEventKind) => void;
}

/** A key for each thing that happens in a start, with its second once it has. */
export function EventKeys({ at, onMark }: Props) {
  return (
    <div className="buttons" role="group" aria-label={t.whatHappensNow}>
      {inOrder.map((event) => (
        <Button key={event} className={at[event] !== undefined ? 'done' : ''} onClick={() => onMark(event)}>
          {startEvents[event]}
          {at[event] !== undefined && <span className="mono"> {formatFixed(at[event])} s</span>}
        </Button>
      ))}
      <Button className={at.out !== undefined ? 'done' : ''} onClick={() => onMark('out')}>
        {startEvents.out}
        {at.out !== undefined && <span className="mono"> {formatFixed(at.out)} s</span>}
      </Button>
      <Button onClick={() => onMark('cut')}>{startEvents.cut}</Button>
    </div>
  );
}

/** What should happen next, as the one large key. */
export function NextKey({ at, onMark }: Props) {
  const last = inOrder.findLastIndex((event) => at[event] !== undefined);
  const next = inOrder[last + 1];
  if (!next) return null;
  return (
    <Button variant="contained" className="prime-go" onClick={() => onMark(next)}>
      {startEvents[next]}
    </Button>
  );
}
