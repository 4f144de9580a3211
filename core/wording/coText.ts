import { coPlaces, coStates, doorStates, winds, type CoLog, type CoReading } from '../build/Build';
import { formatFixed, formatShort } from '../units/formatNumber';

/** Where a reading was taken and how things stood. @example coText({ place: 'pillow', state: 'full', doors: 'closed' }) // "pillow, at full output, doors closed" */
export const coText = ({ place, state, doors, wind }: Pick<CoReading, 'place' | 'state' | 'doors' | 'wind'>): string =>
  [coPlaces[place], state && coStates[state], place !== 'outside' && doors && doorStates[doors], wind && winds[wind]]
    .filter(Boolean)
    .join(', ');

/** A log in one line: how long, where, and how high it came. */
export function coLogText(log: Pick<CoLog, 'place' | 'state' | 'doors' | 'readings'>): string {
  const most = log.readings.reduce((high, { ppm }) => Math.max(high, ppm), 0);
  const hours = (log.readings.at(-1)?.min ?? 0) / 60;
  return `carbon monoxide over ${formatFixed(hours, 1)} h, at most ${formatShort(most, 1)} ppm, ${coText(log)}`;
}
