import { params, room } from '../room';

/** English. */
export const proving = room('proving', {
  heaterIs: 'Heater is',
  doors: 'Doors',
  wind: 'Wind',
  sayFirstWhatTheHeaterIs: 'Say first what the heater is doing, how doors and windows are, and the wind.',
  outside: 'outside',
  atThe: params('at the {label}'),
  metersSmallestStepAllowedIs0: params('Meter’s smallest step: “{step}” {reason}; allowed is 0.1 to 20 ppm.'),
  itsSmallestStepIfKnown: 'Its smallest step, if known',
  zeroTheMeterOutdoorsAndRead:
    'Zero the meter outdoors and read outside first: what counts inside is the rise over it. A reading proves something once the heater has run at full output in its place.',
  thatNobodyIsPoisonedTheAlarm: 'That nobody is poisoned: the alarm, and readings with the heater running and the doors closed.',
  carbonMonoxideKillsInSleepAnd: 'Carbon monoxide kills in sleep and has no smell.',
  headacheOrSicknessEverybodyOutDoors:
    'Headache or sickness: everybody out, doors open, heater off by its button, call for help. Don’t sleep beside a heater that isn’t signed off.',
  provingSheet: 'Proving sheet',
  carbonMonoxideReadings: 'Carbon monoxide readings',
  when: 'When',
  whereAndHow: 'Where, and how',
  read: 'Read',
  by: 'By',
  ppm: 'ppm',
  isOutOfRange: 'is out of range',
  minToMaxUnit: params('{min} to {max} {unit}'),
  allowedIs: params('{figureName}: “{typed}” {more}; allowed is {min}.'),
  kept: params('Kept: {value} {unit}, {place}.'),
  readOverTheWholeScreen: 'Read over the whole screen',
  // Openings.
  ventsHint:
    'Each opening to the outside that stays open whatever people do: grilles, mushrooms, drilled floors. Windows and doors that shut count for nothing.',
  high: 'Near the ceiling',
  low: 'Near the floor',
  freeThere: params('{where}: {free} free'),
  freeOfWanted: params('{where}: {free} free, {wanted} wanted{assumed}'),
  ifAsAssumed: ' (floor plan assumed)',
  ventsInWords: params('Openings of the space. {words}.'),
  keyFree: 'free',
  keyLost: 'shut or blocked',
  keyWanted: 'wanted',
  undrawn: params('Not drawn, for size or level is missing: {names}.'),
  airToBreathe: 'Air to breathe',
  ventCaution:
    'Never stuff an opening against the draught: people have died of it. The heater’s own combustion air comes from outside and goes out again; these openings are for those who breathe inside. Gas cookers and other open flames want more, as their makers say.',
});
