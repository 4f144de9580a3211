import { TextField } from '@mui/material';
import { startEvents, type StartEvent, type StartEventKind } from '../../../core/build/Build';
import { formatShort } from '../../../core/units/formatNumber';
import { readNumber } from '../../../core/units/readNumber';
import { startup as t } from '../../texts/en/startup';

const inOrder: readonly StartEventKind[] = ['on', 'glow', 'pump', 'flame', 'full', 'low', 'off', 'end'];
/** What a person has typed over what was found; an empty one did not happen. */
export type TypedTimes = Partial<Record<StartEventKind, string>>;
const lastS = 86400;

/** Found events with what was typed over them. @returns the events, or a sentence for each time that can't be */
export function timesOf(found: readonly StartEvent[], typed: TypedTimes): { events: StartEvent[]; errors: string[] } {
  const errors: string[] = [];
  const events = inOrder.flatMap((event): StartEvent[] => {
    const text = typed[event];
    if (text === undefined) return found.filter((one) => one.event === event).slice(0, 1);
    if (text.trim() === '') return [];
    const read = readNumber(text);
    if (read.ok && read.value >= 0 && read.value <= lastS) return [{ event, atS: read.value }];
    errors.push(t.timeIs({ event: startEvents[event], text: text.slice(0, 30), max: lastS }));
    return [];
  });
  return { events: [...events, ...found.filter(({ event }) => !inOrder.includes(event))], errors };
}

/** When the button was pressed, as far as somebody has typed it, s. */
export function pressedS({ on = '' }: TypedTimes): number | null {
  const read = readNumber(on);
  return read.ok && read.value >= 0 && read.value <= lastS ? read.value : null;
}

/** When each thing happened, as the readings show it; to be put right where a person knows better. */
export function EventTimes({
  found,
  typed,
  onType,
}: {
  found: readonly StartEvent[];
  typed: TypedTimes;
  onType: (to: TypedTimes) => void;
}) {
  return (
    <div className="event-times" role="group" aria-label={t.whenEachHappened}>
      {inOrder.map((event) => {
        const known = found.find((one) => one.event === event);
        return (
          <TextField
            key={event}
            size="small"
            label={`${startEvents[event]}, s`}
            value={typed[event] ?? (known ? formatShort(known.atS, 1) : '')}
            onChange={({ target }) => onType({ ...typed, [event]: target.value })}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          />
        );
      })}
    </div>
  );
}
