import { startEvents, type StartEvent, type StartEventKind } from '../../build/Build';
import type { Heard, LiveStart } from './liveStart';

const most = 200;
/** Events of a start as they are kept: what the device said, or else what the readings show. */
export function eventsOf(heard: Heard, start: LiveStart): StartEvent[] {
  const told = heard.events
    .filter(({ s }) => s >= start.beganS)
    .flatMap(({ s, event, code }): StartEvent[] => {
      const atS = s - start.beganS;
      if (code === 'flameOut') return [{ atS, event: 'out' }];
      return Object.hasOwn(startEvents, event) ? [{ atS, event: event as StartEventKind }] : [];
    });
  const known = new Set(told.map(({ event }) => event));
  const shown = start.found.flatMap(({ event, atS }) => (event !== 'glowOff' && !known.has(event) ? [{ atS, event }] : []));
  return [...told, ...shown].sort((a, b) => a.atS - b.atS).slice(0, most);
}
