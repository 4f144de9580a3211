import type { Departure } from '../physics/start/departures';
import { clockText } from '../units/clockText';
import { formatFixed } from '../units/formatNumber';

interface Meaning {
  /** what it makes likely */ means: string;
  /** what to do while it is hot */ now: string;
  /** what to look at once its fan has stopped */ then: string;
}
const watch = 'Let it go on, and watch.';
const stopIt = 'Set it to off by its button, and let its fan run out. Never cut its power now.';

/** What leaving the course makes likely; rules of the trade, common practice, no source. The phase goes before the plain side. */
const meanings: Readonly<Record<string, Meaning>> = {
  'volts.under.glow': { means: 'More is lost on the way than this feed should lose: a crimp, a post, the earth, or a tired battery.', now: watch, then: 'Read volts at battery and plug under the next glow: what is lost between them is the feed.' }, // prettier-ignore
  'volts.under': { means: 'The battery gives less than it did at rest, or something else draws on it.', now: watch, then: 'Rest the battery for an hour and read it; look for other loads.' }, // prettier-ignore
  'volts.over': {
    means: 'Something charges, or less is drawn than should be.',
    now: watch,
    then: 'Look whether a charger or an alternator was on.',
  },
  'amps.under.glow': { means: 'The plug takes too little: aged, badly connected, or starved of volts.', now: watch, then: 'Read the plug’s resistance, cold.' }, // prettier-ignore
  'amps.over.glow': { means: 'The plug takes too much: its leads touch, or it is another plug.', now: stopIt, then: 'Read the plug’s resistance, cold, and look at its two leads.' }, // prettier-ignore
  'amps.over': {
    means: 'The plug stays on, or the fan drags.',
    now: watch,
    then: 'Turn the fan by hand with the fuse out, once it is cold.',
  },
  'amps.under': { means: 'The plug is off sooner than expected, or the fan turns more slowly.', now: watch, then: 'Compare the fan’s speed with its setting.' }, // prettier-ignore
  'hertz.under': { means: 'The controller asks for less: it has reached its target, or it holds back.', now: watch, then: 'Look at mode and target.' }, // prettier-ignore
  'hertz.over': { means: 'The pump runs faster than this heater’s highest.', now: stopIt, then: 'Look at the pump’s settings on the controller.' }, // prettier-ignore
  'outletC.under.light': { means: 'No flame yet.', now: 'Wait for its own second try. Don’t press the button again.', then: 'Look for fuel at the heater, bubbles, and volts under glow, in this order.' }, // prettier-ignore
  'outletC.under': { means: 'Too little heat comes: too little fuel, a late flame, or none.', now: 'Look at the exhaust and listen to the pump; let its own second try come.', then: 'Measure the dose; look for air before the pump.' }, // prettier-ignore
  'outletC.over': { means: 'Too little air carries the heat away: a closed outlet, a crushed duct, a blocked return; or too much fuel.', now: `Open every outlet. If it goes on rising: ${stopIt.charAt(0).toLowerCase()}${stopIt.slice(1)}`, then: 'Look through ducts and return; measure the dose.' }, // prettier-ignore
  'returnC.over': { means: 'It takes in its own warm air.', now: watch, then: 'Lead its return away from its outlets.' },
  'returnC.under': { means: 'It takes in colder air than the room’s.', now: watch, then: 'Look where its return draws from.' },
  'caseC.over': { means: 'The case gets hotter than its air should leave it.', now: stopIt, then: 'Look at fan, return and outlets; look for soot in the exchanger.' }, // prettier-ignore
  'caseC.under': { means: 'Too little heat reaches the case: a late flame, or none.', now: watch, then: 'Look for fuel at the heater, bubbles, and volts under glow.' }, // prettier-ignore
};
const names: Readonly<Record<Departure['quantity'], { name: string; unit: string; decimals: number }>> = {
  volts: { name: 'Volts', unit: 'V', decimals: 1 },
  amps: { name: 'Amps', unit: 'A', decimals: 1 },
  hertz: { name: 'Pump', unit: 'Hz', decimals: 1 },
  outletC: { name: 'Warm air out', unit: 'K', decimals: 0 },
  returnC: { name: 'Air in', unit: 'K', decimals: 0 },
  caseC: { name: 'Case', unit: 'K', decimals: 0 },
};

/**
 * A departure from the expected course in words: what is off and since when, what it means, what to do now and what to look at later. Nothing here ever tells
 * anyone to take the power from a hot heater.
 */
export function departureText({ quantity, side, phase, fromS, toS, by, open }: Departure): Meaning & { what: string } {
  const { name, unit, decimals } = names[quantity];
  const meaning = meanings[`${quantity}.${side}.${phase}`] ?? meanings[`${quantity}.${side}`];
  if (!meaning) throw new RangeError(`No meaning is known of ${quantity} ${side} its course.`);
  const when = open ? `since ${clockText(fromS)}` : `from ${clockText(fromS)} to ${clockText(toS)}`;
  return { what: `${name} ${formatFixed(by, decimals)} ${unit} ${side} its course, ${when}.`, ...meaning };
}
