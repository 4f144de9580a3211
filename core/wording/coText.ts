import { coPlaces, coStates, doorStates, winds, type CoReading } from '../build/Build';

/** Where a reading was taken and how things stood. @example coText({ place: 'pillow', state: 'full', doors: 'closed' }) // "pillow, at full output, doors closed" */
export const coText = ({ place, state, doors, wind }: Pick<CoReading, 'place' | 'state' | 'doors' | 'wind'>): string =>
  [coPlaces[place], state && coStates[state], place !== 'outside' && doors && doorStates[doors], wind && winds[wind]]
    .filter(Boolean)
    .join(', ');
