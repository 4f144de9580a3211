import { trial, type FaultCheck } from '../FaultCheck';

const open = 'Doors open, carbon monoxide alarm on, nobody asleep.';
const fuel = 'No flame and no spark near open fuel; wipe up what is spilled.';
const hot = 'It is hot: let the fan run out and let it cool first. Never cut the power of a hot heater.';
/** What is told by making something good for a try. */
export const triedChecks = {
  doseCanFed: trial('filter', 10, 'Feed the pump from a can held beside it, past tank and filter: is the dose right now?', ['right now', 'no better'], {
    filterBlocked: 0.98, filterReversed: 0.98, kinkedHose: 0.98, suctionLeak: 0.85, belowPickup: 0.98, tankEmpty: 0.98, ventBlocked: 0.98, fuelGelled: 0.85, waterInFuel: 0.98, wrongFuel: 0.98,
  }, { apart: 2, danger: 1, caution: fuel }),
  ventOpenRun: trial('tank', 10, 'Run it with the tank’s cap loose.', ['it runs on', 'no change'], { ventBlocked: 0.98 }),
  intakeOff: trial('intake', 8, 'Run it with the intake’s pipe taken off, in the open: does the smoke go?', ['it burns clean', 'no change'], { intakeBlocked: 0.98, drawnBack: 0.7, exhaustTooLong: 0.4 }, { apart: 2, danger: 1, caution: open }),
  exhaustOff: trial('exhaust', 10, 'Run it with the exhaust’s pipe taken off, in the open: does it burn clean now?', ['it burns clean', 'no change'], { exhaustBlocked: 0.98, waterInExhaust: 0.98, exhaustTooLong: 0.8 }, { apart: 3, danger: 2, caution: `Only in the open air, nobody near the stub, and nothing that burns. ${open}` }),
  dryRest: trial('heater', 30, 'Let it stand half an hour, then light it once in the open.', ['it lights, smokes and clears', 'as before'], { flooded: 0.98, newWrap: 0.5 }, { danger: 1, caution: open }),
  hotHour: trial('heater', 60, 'Run it at full output for an hour: is it better after?', ['better', 'as before'], { sooted: 0.7, newWrap: 0.98, flooded: 0.6 }, { danger: 1, caution: open }),
  freshFuel: trial('tank', 15, 'Feed it clean fuel from a can.', ['it runs', 'as before'], { waterInFuel: 0.98, wrongFuel: 0.98, fuelGelled: 0.98, tankEmpty: 0.98, belowPickup: 0.98 }, { parts: 2, apart: 2, danger: 1, caution: fuel }),
  otherController: trial('cabin', 10, 'Plug in another controller of the same unit.', ['it runs', 'as before'], { controllerLead: 0.35, controllerSet: 0.3 }, { parts: 20, apart: 1 }),
  unlock: trial('cabin', 3, 'Take the way out of the lock that its card names, once.', ['it starts anew', 'as before'], { lockedOut: 0.98 }, { danger: 1, caution: 'Not before it is known why the starts failed: fuel may stand in the burner.' }),
  newPlug: trial('heater', 25, 'Fit a new glow plug and screen.', ['it lights', 'as before'], { plugOpen: 0.98, plugShort: 0.98, plugWorn: 0.98, screenClogged: 0.98 }, { parts: 30, apart: 3, danger: 1, caution: hot }),
  charged: trial('battery', 5, 'Start it with a charged battery or charger on the same posts.', ['it lights', 'as before'], { batteryLow: 0.98, feedWeak: 0.25, badEarth: 0.1 }, { parts: 2 }),
  shortFeed: trial('battery', 6, 'Start it on a short thick feed straight from a battery.', ['it lights', 'as before'], { feedWeak: 0.98, badEarth: 0.98, looseTerminal: 0.98, batteryLow: 0.4, fuseBlown: 0.98 }, { apart: 1, parts: 2, danger: 1, caution: 'With a fuse of its own rating at the battery.' }),
  ventOpened: trial('cabin', 6, 'Open all vents and run it.', ['it stays on', 'as before'], { ventsShut: 0.98, ductTooLong: 0.2 }),
  pumpTilted: trial('pump', 4, 'Tilt the pump, outlet up, while it clicks.', ['the click is sharp, and it runs', 'as before'], { pumpFlat: 0.98 }),
  pumpHeld: trial('pump', 2, 'Hold the pump off its mount by hand: is the noise gone?', ['gone', 'as before'], { pumpMount: 0.98, pumpFlat: 0.1 }),
  primed: trial('line', 5, 'Prime until fuel stands at the heater, then start once.', ['it lights', 'as before'], { lineNotPrimed: 0.98, tankEmpty: 0.05, jointGap: 0.3 }, { danger: 1, caution: 'Stop at the heater: fuel that runs on floods it.' }),
  otherPump: trial('pump', 20, 'Fit a pump of the unit’s own dose.', ['it runs well', 'as before'], { pumpWorn: 0.98, pumpSeized: 0.98, pumpTooBig: 0.98 }, { parts: 30, apart: 2, danger: 1, caution: fuel }),
  tankFilled: trial('tank', 12, 'Fill the tank well above the pickup, prime, and light it.', ['it runs', 'as before'], { tankEmpty: 0.98, belowPickup: 0.98 }, { parts: 2, danger: 1, caution: fuel }),
  filterAnew: trial('filter', 12, 'Fit a new filter, arrow to the pump, prime, and light it.', ['it runs', 'as before'], { filterBlocked: 0.98, filterReversed: 0.98, fuelGelled: 0.1, waterInFuel: 0.15 }, { parts: 8, apart: 2, danger: 1, caution: fuel }),
  hoseAnew: trial('suction', 15, 'Lay a fresh hose from tank to pump, prime, and light it.', ['it runs', 'as before'], { kinkedHose: 0.98, suctionLeak: 0.85, jointGap: 0.5 }, { parts: 5, apart: 2, danger: 1, caution: fuel }),
  jointsAnew: trial('suction', 15, 'Make the joints of the fuel line anew, prime, and run it.', ['it runs well', 'as before'], { suctionLeak: 0.98, jointGap: 0.98, fuelWeeps: 0.98 }, { parts: 5, apart: 2, danger: 1, caution: fuel }),
  fuseAnew: trial('battery', 4, 'Once it is known what blew it, fit a fuse of the same rating.', ['it wakes', 'as before'], { fuseBlown: 0.98, plugShort: 0.02 }, { parts: 1 }),
  earthAnew: trial('battery', 12, 'Bring the earth to the battery’s own post by a lead of the feed’s section.', ['it lights', 'as before'], { badEarth: 0.98 }, { parts: 3, apart: 1 }),
  crimpsAnew: trial('battery', 12, 'Crimp the feed’s terminals anew.', ['it lights', 'as before'], { looseTerminal: 0.98, badEarth: 0.2 }, { parts: 2, apart: 1 }),
  mouthsParted: trial('exhaust', 8, 'Turn it out of the wind, or part the mouths by a length of pipe.', ['gone', 'as before'], { drawnBack: 0.98 }, { danger: 1, caution: open }),
  pipesShort: trial('exhaust', 20, 'Run it with exhaust and intake at their shortest, in the open air.', ['it burns clean', 'as before'], { exhaustTooLong: 0.98, intakeBlocked: 0.6, exhaustBlocked: 0.6, waterInExhaust: 0.6 }, { apart: 3, danger: 1, caution: open }),
  jointSealed: trial('exhaust', 25, 'Make the exhaust’s joints anew, and read the CO meter inside.', ['0 ppm and no smell', 'as before'], { exhaustLeak: 0.98 }, { parts: 6, apart: 3, danger: 1, caution: hot }),
  heightSet: trial('cabin', 6, 'Set it for this height, as its maker says.', ['it burns clean', 'as before'], { altitude: 0.98 }),
  wayCleared: trial('heater', 8, 'Clear return and duct, or take the duct off, and run it.', ['it stays on', 'as before'], { returnBlocked: 0.98, outletBlocked: 0.98, ventsShut: 0.98, ductTooLong: 0.98 }, { only: 'air' }),
  settingsAnew: trial('cabin', 6, 'Put in the settings of this unit and pump.', ['it runs well', 'as before'], { controllerSet: 0.98 }),
  sensorMoved: trial('cabin', 10, 'Lead the room’s sensor to where people are, and run it.', ['right', 'as before'], { roomSensor: 0.85 }),
  flameSensorAnew: trial('heater', 20, 'Clean and seat the flame sensor, or fit another.', ['it stays lit', 'as before'], { flameSensor: 0.98 }, { parts: 25, apart: 3, danger: 1, caution: hot }),
  hotSensorAnew: trial('heater', 20, 'Seat the overheating sensor, or fit another.', ['it stays on', 'as before'], { hotSensor: 0.98 }, { parts: 25, apart: 3, danger: 1, caution: hot }),
  silencerAnew: trial('exhaust', 15, 'Hold the silencer off the body by hand, gloved, or fit one.', ['quiet', 'as before'], { fanOnExhaustSide: 0.98 }, { parts: 6, danger: 1, caution: hot }),
} satisfies Record<string, FaultCheck>; // prettier-ignore
