'use client';
import { Button } from '@mui/material';
import { useRef, useState, type PointerEvent } from 'react';
import { walkPlaces, type WalkPlace } from '../../../core/measure/stands';
import type { WalkStop } from '../../../core/measure/walkRound';
import { nameOf } from '../../../core/measure/whyText';
import { LiveScreen } from '../../components/LiveScreen';
import { useWorkspace } from '../../sync/useWorkspace';
import { measure as t } from '../../texts/en/measure';
import { WalkItem } from './WalkItem';

/** A swipe is at least so far, px, and more along than across. */
const swipePx = 60;

/**
 * One place of the walk-round over the whole screen of a phone: one figure at a time, back and forth by key or swipe. What was asked when
 * the place was opened stays in its order, whatever is measured meanwhile.
 */
export function WalkScreen({
  place,
  stops,
  onPlace,
  onLeave,
}: {
  place: WalkPlace;
  stops: readonly WalkStop[];
  onPlace: (place: WalkPlace) => void;
  onLeave: () => void;
}) {
  const { send } = useWorkspace('send');
  const [items, setItems] = useState(() => stops.find((stop) => stop.place === place)?.items ?? []);
  const [at, setAt] = useState(0);
  const from = useRef<{ x: number; y: number } | null>(null);
  const item = items[at];
  const forth = () => setAt(Math.min(at + 1, items.length));
  const back = () => setAt(Math.max(0, at - 1));
  const lift = (event: PointerEvent) => {
    if (!from.current) return;
    const [dx, dy] = [event.clientX - from.current.x, event.clientY - from.current.y];
    from.current = null;
    if (Math.abs(dx) < swipePx || Math.abs(dx) < 2 * Math.abs(dy)) return;
    if (dx < 0) forth();
    else back();
  };
  const others = stops.filter((stop) => stop.place !== place);
  const following = others.find((stop) => stops.indexOf(stop) > stops.findIndex((one) => one.place === place)) ?? others[0];
  if (!item)
    return (
      <LiveScreen
        title={walkPlaces[place]}
        onLeave={onLeave}
        foot={
          following ? (
            <Button variant="contained" className="prime-go" onClick={() => onPlace(following.place)}>
              {t.toNextPlace({ place: walkPlaces[following.place] })}
            </Button>
          ) : (
            <Button variant="contained" className="prime-go" onClick={onLeave}>
              {t.backToPlaces}
            </Button>
          )
        }
      >
        <p className="walk-name">{t.done}</p>
        <p>{following ? t.doneHere({ n: others.reduce((sum, stop) => sum + stop.items.length, 0) }) : t.allDone}</p>
        <Button onClick={back}>{t.previous}</Button>
      </LiveScreen>
    );
  const putOff = () => {
    setItems([...items.slice(0, at), ...items.slice(at + 1), item]);
    if (at === items.length - 1) forth();
  };
  const cantReach = () => {
    send({ kind: 'note', text: t.cantReachNote({ name: nameOf(item) }) });
    forth();
  };
  return (
    <WalkItem
      key={'path' in item.at ? item.at.path : item.at.list}
      item={item}
      title={walkPlaces[place]}
      count={t.of({ n: at + 1, all: items.length })}
      share={at / items.length}
      onNext={forth}
      onBack={back}
      onLater={putOff}
      onCantReach={cantReach}
      onLeave={onLeave}
      swipe={{
        onPointerDown: (event) => {
          from.current = { x: event.clientX, y: event.clientY };
        },
        onPointerUp: lift,
      }}
    />
  );
}
