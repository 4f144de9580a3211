import { causeIds, faultCauses, symptoms, type CauseId, type SymptomId } from '../faults/causes';
import type { CaseLevel, TrainerCase } from './TrainerCase';

/** How a cause shows most often. */
function shownMost(cause: CauseId): SymptomId {
  const shows: Partial<Record<string, number>> = faultCauses[cause].shows;
  return (Object.keys(symptoms) as SymptomId[]).reduce((best, id) => ((shows[id] ?? 0) > (shows[best] ?? 0) ? id : best));
}
const coolant: readonly CauseId[] = ['coolantAir', 'coolantPump'];
const mediumOf = (causes: readonly CauseId[]): 'air' | 'coolant' =>
  causes.some((cause) => coolant.includes(cause)) ? 'coolant' : 'air';
const slug = (text: string): string => text.replace(/[A-Z]/g, (capital) => `-${capital.toLowerCase()}`);

type Told = readonly [level: CaseLevel, title: string, told: string];
/** Forty with one thing wrong. What owners say is invented. */
const single: Partial<Record<CauseId, Told>> = {
  tankEmpty: [1, 'The ferry queue', 'It ran all night while we waited. This morning it clicks and blows cold.'],
  belowPickup: [2, 'Parked on the verge', 'On the flat it is fine. Here on the slope it will not light.'],
  suctionLeak: [2, 'After the new filter', 'I put a filter in myself. Since then it starts, coughs and dies.'],
  jointGap: [3, 'Every second evening', 'Some evenings it goes out after a while, some it does not.'],
  kinkedHose: [2, 'The tank that was lowered', 'They had the tank down for the clutch. It has been weak since.'],
  filterBlocked: [1, 'Two winters on', 'It has run two winters without a hand laid on it. Now it fades and goes out.'],
  filterReversed: [2, 'A tidy job', 'New filter, new clamps, all neat. It lights now and then.'],
  ventBlocked: [3, 'Half an hour, every time', 'It goes out after half an hour. If I open the tank to look, it is fine again.'],
  fuelGelled: [2, 'The first hard frost', 'It has never been this cold here. It clicks, and that is all.'],
  waterInFuel: [2, 'The old jerry can', 'I filled it from the can in the shed. It splutters.'],
  wrongFuel: [3, 'A friend filled up', 'A friend filled the tank for us. It smells sharp and smokes a bit blue.'],
  lineNotPrimed: [1, 'Brand new', 'I have fitted it today. It blows, it clicks, nothing burns.'],
  pumpReversed: [1, 'Brand new, second try', 'Fitted today. I counted a thousand clicks and no fuel comes.'],
  pumpLeadOpen: [1, 'Not a click', 'It blows and blows. I can hear no pump.'],
  pumpSeized: [2, 'A summer in the yard', 'It stood all summer. Now it will not light.'],
  pumpWorn: [3, 'Not what it was', 'It used to be too warm in here. Now we wear jumpers.'],
  pumpTooBig: [
    2,
    'The pump from the other one',
    'The pump was dead, so I took the one off my mate’s big heater. It smokes black.',
  ],
  pumpFlat: [2, 'Loud since the move', 'I moved the pump to get at the jack. It is loud now and sometimes goes out.'],
  plugOpen: [1, 'From one day to the next', 'Yesterday it ran. Today it blows cold and stops.'],
  plugWorn: [3, 'Third try lucky', 'It lights at the third try, with a cloud.'],
  plugLeadOff: [2, 'After a service', 'I had it open to clean it. Now it does not light at all.'],
  screenClogged: [3, 'Slow to wake', 'It takes longer and longer to light, and then smokes white.'],
  batteryLow: [1, 'A week without sun', 'Grey all week. It tries, gives up, and shows something.'],
  feedWeak: [2, 'From the socket', 'I ran it off the socket by the sink. Fan yes, fire no.'],
  badEarth: [2, 'Fresh paint', 'The van was painted underneath last month. It has not lit since.'],
  fuseBlown: [1, 'Dead', 'Nothing. Not a light on it.'],
  looseTerminal: [3, 'Over the bumps', 'On gravel it stops. On tar it is fine.'],
  intakeBlocked: [2, 'After the ford', 'We went through the ford. It has smoked black ever since.'],
  exhaustBlocked: [2, 'Reversed into the bank', 'I reversed into a bank. It lights and goes out.'],
  waterInExhaust: [2, 'It gargles', 'It gargles like a kettle and goes out.'],
  exhaustLeak: [2, 'A smell at night', 'There is a smell in the van when it runs. My head aches in the morning.'],
  altitude: [1, 'Over the pass', 'Down at the coast it was clean. Up here it smokes black.'],
  flooded: [2, 'Eager with the button', 'I primed it well, better too much than too little. White clouds.'],
  sooted: [3, 'Always on low', 'We let it tick over all winter. Now it is weak and smells a little.'],
  fanStuck: [1, 'A click and nothing', 'The fan does not turn. The controller lights up.'],
  returnBlocked: [1, 'The dog’s blanket', 'It gets hot and switches itself off. The dog sleeps in front of it.'],
  ventsShut: [1, 'Warm feet, cold head', 'I shut the vents in the front. It stops by itself now.'],
  coolantAir: [2, 'The hot heater in a cold boat', 'It stops, too hot. The radiator is cold.'],
  flameSensor: [3, 'It burns and does not know', 'It lights, I can feel the heat, and then it goes off.'],
  controllerLead: [2, 'The new cupboard', 'I screwed a cupboard in. The controller has been dark since.'],
};
/** Twenty with two things wrong at once. */
const double: readonly (readonly [CauseId, CauseId, Told])[] = [
  ['batteryLow', 'plugWorn', [2, 'A cold week', 'It hardly lights any more, and the lamps are dim.']],
  ['suctionLeak', 'feedWeak', [3, 'My own work', 'I fitted it all myself. It lights once in five tries.']],
  ['filterBlocked', 'sooted', [3, 'Bought as it stands', 'It came with the van. It smokes and gives little.']],
  ['tankEmpty', 'flooded', [2, 'Out of fuel', 'It ran dry. I filled up and pressed start about ten times.']],
  ['lineNotPrimed', 'badEarth', [2, 'First day', 'Fitted this morning. It does not light.']],
  ['pumpFlat', 'exhaustTooLong', [3, 'In the locker', 'I put it all in the locker. Loud, black, and out.']],
  ['waterInFuel', 'screenClogged', [3, 'Bilge cans', 'Fuel from the harbour’s cans. It splutters and lights badly.']],
  ['fuseBlown', 'plugShort', [2, 'Bang', 'There was a snap, and it is dead.']],
  ['ventsShut', 'pumpTooBig', [2, 'Too hot', 'It stops by itself, and outside it is black.']],
  ['belowPickup', 'looseTerminal', [3, 'Tracks', 'On the forest tracks it gives up.']],
  ['kinkedHose', 'batteryLow', [2, 'After the winter', 'It stood since November. It will not light.']],
  ['intakeBlocked', 'returnBlocked', [2, 'Packed for the trip', 'Since we packed it stops by itself.']],
  ['fuelGelled', 'batteryLow', [2, 'Minus fifteen', 'It was fine at zero. At minus fifteen nothing.']],
  ['exhaustBlocked', 'suctionLeak', [3, 'The ditch', 'We were in the ditch. It lights and goes out.']],
  ['pumpWorn', 'ductTooLong', [3, 'The far end', 'It is never warm at the bed.']],
  ['plugLeadOff', 'looseTerminal', [2, 'Half a service', 'Somebody worked on it before we bought it.']],
  ['exhaustLeak', 'sooted', [3, 'Old and smelly', 'It smells, and it is weak.']],
  ['altitude', 'controllerSet', [3, 'The new controller', 'New controller, then the mountains: it smokes.']],
  ['waterInExhaust', 'filterBlocked', [3, 'The wet autumn', 'It goes out, always in the first ten minutes.']],
  ['pumpLeadOpen', 'batteryLow', [2, 'Moved the bed', 'I moved the bed frame. Since then it does not light.']],
];
/** Five in which nothing has to be mended. */
const harmless: readonly (readonly [id: string, SymptomId, readonly CauseId[], Told])[] = [
  ['new-wrap-smoke', 'smokes', ['newWrap'], [1, 'First fire', 'We lit it for the first time: it smokes out of the wrapping!']],
  ['new-wrap-smell', 'smells', ['newWrap'], [2, 'It stinks', 'New heater, and it stinks of hot paint.']],
  ['steam', 'smokes', ['steam'], [1, 'White in the frost', 'White clouds from the pipe, every morning.']],
  ['runs-on', 'noisy', [], [2, 'It does not stop', 'I switch it off and the fan runs on for minutes. Is it broken?']],
  ['ticks', 'noisy', [], [1, 'A clock under the van', 'Something ticks under the van, all evening.']],
];

const one = (id: string, [level, title, told]: Told, symptom: SymptomId, causes: readonly CauseId[]): TrainerCase => ({
  id,
  title,
  told,
  level,
  medium: mediumOf(causes),
  symptom,
  causes,
});
/** The cases that come with Lorbet: forty single, twenty double, five harmless. All owners are invented. */
export const builtInCases: readonly TrainerCase[] = [
  ...causeIds.flatMap((cause) => {
    const told = single[cause];
    return told ? [one(slug(cause), told, shownMost(cause), [cause])] : [];
  }),
  ...double.map(([a, b, told]) => one(`${slug(a)}-and-${slug(b)}`, told, shownMost(a), [a, b])),
  ...harmless.map(([id, symptom, causes, told]) => one(`harmless-${id}`, told, symptom, causes)),
];
