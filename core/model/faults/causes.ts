/** Parts of a heater of which only one is wrong at a time; two causes at once lie in two of them. */
export const faultSystems = {
  fuel: 'fuel line',
  pump: 'pump',
  glow: 'glow plug',
  feed: 'feed',
  air: 'combustion air and exhaust',
  chamber: 'burner',
  fan: 'fan',
  warm: 'warm side',
  sensor: 'sensors',
  control: 'controller',
  sound: 'noise and smell',
} as const;
export type FaultSystem = keyof typeof faultSystems;

/** What it does that brings somebody to it, from the mildest on. */
export const symptoms = {
  fine: 'it runs as it should',
  noisy: 'it is noisy',
  smells: 'it smells of fuel or exhaust',
  smokes: 'it smokes',
  weak: 'it runs, and gives little heat',
  hot: 'it stops by itself, hot',
  goesOut: 'it lights and goes out',
  notLit: 'it starts, and does not light',
  noFan: 'its fan does not turn',
  dead: 'no sign of it at all',
} as const;
export type SymptomId = keyof typeof symptoms;

export interface FaultCause {
  label: string;
  system: FaultSystem;
  /** how often it is met beside the others; common practice, no source */ often: number;
  /** how it shows first, by chance; what is missing to 1 shows in any way */ shows: Partial<Record<SymptomId, number>>;
  /** what makes it good */ repair: string;
  /** only opening the unit would mend it: the maker's service does */ service?: true;
}
const cause = (
  system: FaultSystem,
  label: string,
  often: number,
  shows: FaultCause['shows'],
  repair: string,
  more: Pick<FaultCause, 'service'> = {},
): FaultCause => ({ system, label, often, shows, repair, ...more });
const service = { service: true } as const;

/** What may be wrong. How often, and how it shows, are common practice, no source; a workshop's own counts go before them. */
export const faultCauses = {
  tankEmpty: cause('fuel', 'the tank is empty', 9, { notLit: 0.75, goesOut: 0.22 }, 'Fill the tank, then prime the line until fuel stands at the heater.'),
  belowPickup: cause('fuel', 'fuel stands below the pickup', 6, { notLit: 0.6, goesOut: 0.36 }, 'Fill the tank, or have the pickup reach lower, then prime.'),
  suctionLeak: cause('fuel', 'a joint before the pump draws air', 7, { notLit: 0.45, goesOut: 0.4, noisy: 0.1 }, 'Make the joint anew: fresh hose, ends butted, clamps of the right size; then prime and watch for bubbles.'),
  jointGap: cause('fuel', 'a gap in a joint holds air', 4, { goesOut: 0.6, notLit: 0.2, smokes: 0.1 }, 'Cut both ends square, butt them inside the hose and clamp; then prime.'),
  kinkedHose: cause('fuel', 'the fuel hose is kinked', 3, { notLit: 0.45, goesOut: 0.3, weak: 0.2 }, 'Lay the hose anew without a kink, or replace it.'),
  filterBlocked: cause('fuel', 'the fuel filter is blocked', 5, { goesOut: 0.4, weak: 0.3, notLit: 0.27 }, 'Fit a new filter, arrow towards the pump, and prime.'),
  filterReversed: cause('fuel', 'the filter stands the wrong way round', 2, { notLit: 0.45, goesOut: 0.25, weak: 0.25 }, 'Turn the filter: its arrow points to the pump.'),
  ventBlocked: cause('fuel', 'the tank’s vent is blocked', 2, { goesOut: 0.8, weak: 0.12 }, 'Clear or fit the tank’s vent.'),
  fuelGelled: cause('fuel', 'the fuel has gelled', 3, { notLit: 0.65, goesOut: 0.28 }, 'Warm tank, filter and line without a flame; then winter fuel, and a new filter.'),
  waterInFuel: cause('fuel', 'there is water in the fuel', 3, { goesOut: 0.5, notLit: 0.3, smokes: 0.15 }, 'Drain tank and line, fit a new filter, fill with clean fuel and prime.'),
  wrongFuel: cause('fuel', 'the fuel is contaminated, as by petrol', 2, { smokes: 0.3, goesOut: 0.25, smells: 0.2, notLit: 0.15 }, 'Do not light it. Drain tank and line, away from anything that sparks; fit a new filter and fill with diesel.'),
  lineNotPrimed: cause('fuel', 'the line was never filled', 6, { notLit: 0.96 }, 'Prime the line until fuel stands at the heater.'),
  pumpReversed: cause('pump', 'the pump stands the wrong way round', 2, { notLit: 0.97 }, 'Turn the pump: fuel in from the tank, out to the heater.'),
  pumpLeadOpen: cause('pump', 'the pump’s lead is broken or its plug is off', 4, { notLit: 0.97 }, 'Mend the lead or seat the plug, and seal it.'),
  pumpSeized: cause('pump', 'the pump sticks', 3, { notLit: 0.85, goesOut: 0.1 }, 'Replace the pump by one of the same dose.'),
  pumpWorn: cause('pump', 'the pump gives too little', 3, { weak: 0.5, goesOut: 0.25, notLit: 0.2 }, 'Replace the pump by one of the same dose, and measure the dose.'),
  pumpTooBig: cause('pump', 'the pump gives too much for this unit', 3, { smokes: 0.7, hot: 0.15, goesOut: 0.05 }, 'Fit the pump of the unit’s own dose, or have the setting for this pump put in; measure the dose.'),
  pumpFlat: cause('pump', 'the pump lies flat and keeps its gas', 4, { noisy: 0.4, goesOut: 0.35, notLit: 0.15 }, 'Mount the pump with its outlet up, at the angle of its maker.'),
  plugOpen: cause('glow', 'the glow plug is open', 6, { notLit: 0.98 }, 'Replace the glow plug, and look at its screen.'),
  plugShort: cause('glow', 'the glow plug is shorted', 2, { notLit: 0.8, dead: 0.15 }, 'Replace the glow plug; look at the fuse after it.'),
  plugLeadsCrossed: cause('glow', 'the plug’s two leads touch or are crossed', 2, { notLit: 0.9 }, 'Lay the leads apart and to their own posts; insulate them.'),
  plugLeadOff: cause('glow', 'the plug’s lead has come off', 3, { notLit: 0.98 }, 'Seat the lead, and tug at it.'),
  plugWorn: cause('glow', 'the glow plug has aged', 4, { notLit: 0.55, smokes: 0.3, goesOut: 0.05 }, 'Replace the glow plug.'),
  screenClogged: cause('glow', 'the plug’s screen is clogged', 4, { notLit: 0.6, smokes: 0.25, goesOut: 0.1 }, 'Replace the screen; let the fuel find its way into the burner.'),
  batteryLow: cause('feed', 'the battery is low', 8, { notLit: 0.65, dead: 0.2, goesOut: 0.05 }, 'Charge the battery, and find out why it was low.'),
  feedWeak: cause('feed', 'the feed is too long or too thin', 6, { notLit: 0.85, goesOut: 0.05 }, 'Lay a feed of the section that the loss allows, straight from the battery.'),
  badEarth: cause('feed', 'the earth is bad', 4, { notLit: 0.7, dead: 0.2 }, 'Bring the earth back to the battery’s own post, bright metal under it.'),
  fuseBlown: cause('feed', 'the fuse is blown or out', 4, { dead: 0.97 }, 'Find what blew it before another of the same rating goes in.'),
  looseTerminal: cause('feed', 'a terminal or plug in the feed is loose', 5, { notLit: 0.4, dead: 0.35, goesOut: 0.2 }, 'Crimp and seat it anew; tug at each.'),
  overVolts: cause('feed', 'the voltage is too high', 1, { dead: 0.3, notLit: 0.3, hot: 0.1, goesOut: 0.2 }, 'Mend the charger or regulator; a heater of 12 V bears no 24 V.'),
  feedReversed: cause('feed', 'red and black are crossed', 1, { dead: 0.97 }, 'Lay the feed the right way round; look at the fuse, and have the unit looked at.'),
  intakeBlocked: cause('air', 'the combustion air’s intake is blocked', 4, { smokes: 0.45, goesOut: 0.3, notLit: 0.2 }, 'Clear the intake pipe and its mouth.'),
  exhaustBlocked: cause('air', 'the exhaust is blocked', 4, { goesOut: 0.35, smokes: 0.3, notLit: 0.3 }, 'Clear the exhaust; look through it from end to end.'),
  waterInExhaust: cause('air', 'water stands in the exhaust', 4, { goesOut: 0.4, notLit: 0.35, noisy: 0.15 }, 'Drain it, and give it fall and a hole at its lowest point.'),
  exhaustTooLong: cause('air', 'exhaust or intake is too long or too bent', 3, { smokes: 0.45, goesOut: 0.25, notLit: 0.15 }, 'Shorten it, or take bends out, to what the maker allows.'),
  exhaustLeak: cause('air', 'the exhaust leaks', 4, { smells: 0.85, noisy: 0.1 }, 'Do not run it. Make the joint or pipe anew, seal where it goes through, and prove it with a CO meter.'),
  drawnBack: cause('air', 'exhaust is drawn back in', 3, { smells: 0.5, smokes: 0.2, goesOut: 0.15 }, 'Part the mouths of exhaust, intake and cabin air, and keep the exhaust out of the wind’s way to them.'),
  altitude: cause('air', 'it stands too high for its setting', 3, { smokes: 0.65, goesOut: 0.2 }, 'Set it for the height as its maker says, or fit his kit for it.'),
  flooded: cause('chamber', 'the burner is flooded', 6, { smokes: 0.5, notLit: 0.4 }, 'Let it stand and drain; then light it in the open and let it burn clear at full output. Don’t press start again and again.'),
  sooted: cause('chamber', 'the burner is sooted', 5, { smokes: 0.35, goesOut: 0.2, weak: 0.2, notLit: 0.2 }, 'Run it hot for an hour; where that does not clear it, the maker’s service opens it.', service),
  burnerGasket: cause('chamber', 'the burner’s gasket leaks', 2, { smells: 0.7, weak: 0.1, smokes: 0.1 }, 'Do not run it. The maker’s service fits a new gasket.', service),
  newWrap: cause('chamber', 'new wrap and paint smoke', 4, { smokes: 0.65, smells: 0.33 }, 'Nothing is wrong: it is gone after some minutes at full output, in the open.'),
  steam: cause('chamber', 'it is steam in the cold', 3, { smokes: 0.96 }, 'Nothing is wrong: steam is gone within a step.'),
  fanStuck: cause('fan', 'the fan is stuck', 2, { noFan: 0.95 }, 'Free what blocks it; where it is the motor, the maker’s service.', service),
  fanWorn: cause('fan', 'the fan turns too slowly', 2, { hot: 0.3, smokes: 0.25, weak: 0.2, noisy: 0.2 }, 'The maker’s service replaces the fan.', service),
  fanRubs: cause('fan', 'the fan’s wheel rubs', 3, { noisy: 0.92 }, 'Take the strain off the case; see that the wheel turns free.'),
  returnBlocked: cause('warm', 'the return is blocked', 4, { hot: 0.75, weak: 0.15, noisy: 0.08 }, 'Clear the return, and keep it clear.'),
  outletBlocked: cause('warm', 'the outlet or its duct is blocked', 4, { hot: 0.75, weak: 0.15, noisy: 0.08 }, 'Clear the duct; straighten what is crushed.'),
  ventsShut: cause('warm', 'all vents are shut', 4, { hot: 0.8, weak: 0.15 }, 'Open one vent that can’t be shut.'),
  ductTooLong: cause('warm', 'the duct is too long, thin or bent', 4, { hot: 0.45, weak: 0.5 }, 'A wider or shorter duct, within what the maker allows.'),
  coolantAir: cause('warm', 'air stands in the coolant', 3, { hot: 0.85, noisy: 0.1 }, 'Bleed the circuit from its highest point, and fill it.'),
  coolantPump: cause('warm', 'the coolant pump does not turn', 2, { hot: 0.95 }, 'Mend its lead, or replace it.'),
  hotSensor: cause('sensor', 'the overheating sensor is wrong', 2, { hot: 0.4, notLit: 0.25, dead: 0.1, goesOut: 0.1 }, 'Seat the sensor; replace it where its ohms are off the unit’s table.'),
  flameSensor: cause('sensor', 'the flame sensor is wrong', 3, { goesOut: 0.65, notLit: 0.3 }, 'Clean and seat it; replace it where its reading is off the unit’s table.'),
  roomSensor: cause('sensor', 'the room’s sensor is wrong or badly placed', 3, { weak: 0.85, fine: 0.05 }, 'Move it to where people are, out of the warm air; replace it where it reads off.'),
  controllerLead: cause('control', 'the controller’s lead is broken', 4, { dead: 0.85, goesOut: 0.05, notLit: 0.05 }, 'Mend the lead, or replace it.'),
  controllerSet: cause('control', 'the controller is set for another unit or pump', 4, { smokes: 0.3, weak: 0.35, notLit: 0.2, hot: 0.05 }, 'Put in the settings of this unit and pump.'),
  lockedOut: cause('control', 'it is locked after failed starts', 4, { dead: 0.3, notLit: 0.65 }, 'Find why the starts failed first; then take the way out of the lock that its card names.'),
  mainBoard: cause('control', 'the control unit is faulty', 1.5, { dead: 0.5, notLit: 0.25, noFan: 0.15 }, 'The maker’s service.', service),
  pumpMount: cause('sound', 'the pump’s mount passes its click on', 4, { noisy: 0.97 }, 'Hang the pump in rubber, free of the body.'),
  fuelWeeps: cause('sound', 'a fuel joint weeps', 4, { smells: 0.96 }, 'Do not run it. Make the joint anew and wipe it dry; see that it stays dry for a quarter of an hour with the pump running.'),
  fanOnExhaustSide: cause('sound', 'exhaust or intake has no silencer, or it rattles', 3, { noisy: 0.97 }, 'Fit the silencer, and hold it free of the body.'),
} satisfies Record<string, FaultCause>; // prettier-ignore
export type CauseId = keyof typeof faultCauses;
export const causeIds = Object.keys(faultCauses) as CauseId[];
