import { check, type FaultCheck } from '../FaultCheck';

const open = 'Doors open, carbon monoxide alarm on, nobody asleep.';
const fuel = 'No flame and no spark near open fuel; wipe up what is spilled.';
const hot = 'It is hot: let the fan run out and let it cool first. Never cut the power of a hot heater.';
/** What is told by a meter, or by something taken apart. */
export const measuredChecks = {
  restVolts: check('battery', 1, 'Measure the battery at rest.', ['12.4 V or more', 'under 12.4 V', 'over 15 V'], { batteryLow: [0.0277, 0.97, 0.0023], overVolts: [0.0273, 0.0027, 0.97] }, { otherwise: [0.93, 0.065, 0.005] }),
  glowVolts: check('heater', 3, 'Measure at the heater’s plug while it glows.', ['11 V or more', '10 to 11 V', 'under 10 V'], {
    feedWeak: [0.03, 0.37, 0.6], batteryLow: [0.1, 0.4, 0.5], badEarth: [0.08, 0.37, 0.55], looseTerminal: [0.25, 0.3, 0.45], plugShort: [0.25, 0.25, 0.5], fuseBlown: [0.01, 0.01, 0.98], feedReversed: [0.01, 0.01, 0.98],
  }, { otherwise: [0.95, 0.04, 0.01] }),
  batteryUnderGlow: check('battery', 3, 'Measure at the battery itself while it glows.', ['12 V or more', 'under 12 V'], { batteryLow: 0.98, plugShort: 0.35 }, { otherwise: 0.05 }),
  redDrop: check('battery', 4, 'Measure from the battery’s plus to the heater’s plus while it glows.', ['under 0.4 V', 'more'], { feedWeak: 0.98, looseTerminal: 0.6, badEarth: 0.04 }, { otherwise: 0.03 }),
  blackDrop: check('battery', 4, 'Measure from the battery’s minus to the heater’s minus while it glows.', ['under 0.4 V', 'more'], { badEarth: 0.98, feedWeak: 0.7, looseTerminal: 0.3 }, { otherwise: 0.03 }),
  plugAtHeater: check('heater', 2, 'Measure at the heater’s plug with the controller on.', ['as at the battery', 'much less', 'nothing', 'reversed'], {
    fuseBlown: [0.02, 0.02, 0.95, 0.01], looseTerminal: [0.35, 0.35, 0.3, 0], feedReversed: [0.02, 0.02, 0.05, 0.91], badEarth: [0.3, 0.5, 0.2, 0],
  }, { otherwise: [0.965, 0.02, 0.01, 0.005] }),
  wiggle: check('battery', 3, 'Move the feed and its plugs while you watch the volts.', ['they stand still', 'they jump'], { looseTerminal: 0.98, badEarth: 0.3 }, { otherwise: 0.02 }),
  chargingVolts: check('battery', 2, 'Measure the battery while it is charged.', ['under 15 V', 'over 15 V'], { overVolts: 0.98 }, { otherwise: 0.01 }),
  glowAmps: check('heater', 3, 'Clamp the red lead while it glows.', ['8 to 12 A', 'under 6 A', 'none', 'over 15 A'], {
    plugOpen: [0.02, 0.06, 0.92, 0], plugLeadOff: [0.02, 0.06, 0.92, 0], plugShort: [0.05, 0.02, 0.13, 0.8], plugLeadsCrossed: [0.15, 0.05, 0.35, 0.45], plugWorn: [0.25, 0.73, 0.02, 0], batteryLow: [0.35, 0.5, 0.15, 0], feedWeak: [0.35, 0.6, 0.05, 0], badEarth: [0.3, 0.55, 0.15, 0], looseTerminal: [0.4, 0.3, 0.3, 0], fuseBlown: [0, 0, 1, 0],
    controllerLead: [0.15, 0.02, 0.83, 0], lockedOut: [0.1, 0.02, 0.88, 0], mainBoard: [0.35, 0.1, 0.54, 0.01], fanStuck: [0.15, 0.05, 0.8, 0], feedReversed: [0, 0, 1, 0], overVolts: [0.2, 0, 0.75, 0.05], hotSensor: [0.4, 0.02, 0.58, 0],
  }, { otherwise: [0.96, 0.025, 0.01, 0.005] }),
  plugOhms: check('heater', 6, 'Measure the glow plug’s ohms, its lead off.', ['as on the card', 'open', 'near nought', 'too many'], {
    plugOpen: [0.01, 0.98, 0, 0.01], plugShort: [0.02, 0, 0.97, 0.01], plugWorn: [0.2, 0.02, 0, 0.78],
  }, { otherwise: [0.97, 0.01, 0.01, 0.01], apart: 1, caution: hot }),
  plugFeed: check('heater', 5, 'Measure at the plug’s own posts while it should glow.', ['volts are there', 'nothing'], { plugLeadOff: 0.93, mainBoard: 0.7, lockedOut: 0.9, fuseBlown: 0.99, controllerLead: 0.85, plugLeadsCrossed: 0.3, fanStuck: 0.8 }, { otherwise: 0.02, apart: 1 }),
  pumpVolts: check('pump', 4, 'Measure at the pump’s plug two minutes after the button: does it pulse?', ['it pulses', 'nothing'], {
    pumpLeadOpen: 0.9, plugOpen: 0.6, plugShort: 0.75, plugLeadOff: 0.6, plugLeadsCrossed: 0.65, batteryLow: 0.4, feedWeak: 0.5, badEarth: 0.45, fuseBlown: 0.99, controllerLead: 0.9, lockedOut: 0.95, mainBoard: 0.7, fanStuck: 0.93, overVolts: 0.85, hotSensor: 0.65, feedReversed: 0.99, looseTerminal: 0.5,
  }, { otherwise: 0.015, apart: 1 }),
  pumpOhms: check('pump', 3, 'Measure the pump’s ohms at its plug.', ['as on its card', 'open or near nought'], { pumpSeized: 0.2, pumpLeadOpen: 0.08 }, { otherwise: 0.01, apart: 1 }),
  pumpOwnVolts: check('pump', 4, 'Give the pump a pulse from a battery by its own leads.', ['it clicks', 'it does not'], { pumpSeized: 0.98 }, { otherwise: 0.02, apart: 1, danger: 1, caution: fuel }),
  pumpLeadOhms: check('pump', 5, 'Measure the pump’s lead from the heater’s plug to the pump, both ends off.', ['through', 'broken'], { pumpLeadOpen: 0.98 }, { otherwise: 0.005, apart: 1 }),
  dose: check('line', 12, 'Count 100 strokes into a glass at the heater’s end, and measure.', ['as on the card', 'too little', 'nothing', 'too much'], {
    pumpWorn: [0.06, 0.92, 0.02, 0], pumpTooBig: [0.03, 0, 0, 0.97], filterBlocked: [0.05, 0.85, 0.1, 0], filterReversed: [0.1, 0.85, 0.05, 0], kinkedHose: [0.06, 0.86, 0.08, 0], suctionLeak: [0.08, 0.72, 0.2, 0], belowPickup: [0.08, 0.42, 0.5, 0], tankEmpty: [0.01, 0.07, 0.92, 0], fuelGelled: [0.02, 0.45, 0.53, 0], pumpSeized: [0.02, 0.28, 0.7, 0],
    pumpReversed: [0.01, 0.04, 0.95, 0], pumpLeadOpen: [0, 0, 1, 0], ventBlocked: [0.35, 0.6, 0.05, 0], jointGap: [0.65, 0.35, 0, 0], pumpFlat: [0.5, 0.48, 0.02, 0], lineNotPrimed: [0.3, 0.4, 0.3, 0],
  }, { otherwise: [0.95, 0.025, 0.01, 0.015], apart: 2, danger: 1, caution: fuel }),
  suctionHolds: check('suction', 8, 'Pinch the hose at the tank and let the pump click: does the clear line stand?', ['it holds', 'air comes in'], { suctionLeak: 0.98, jointGap: 0.35 }, { otherwise: 0.02, apart: 1, caution: fuel }),
  hertz: check('pump', 3, 'Count the clicks of ten seconds at full output.', ['as on the card', 'too few', 'too many', 'none'], { controllerSet: [0.25, 0.35, 0.38, 0.02], pumpLeadOpen: [0, 0, 0, 1], roomSensor: [0.3, 0.67, 0.03, 0], pumpSeized: [0.2, 0.25, 0, 0.55], hotSensor: [0.5, 0.3, 0, 0.2], ductTooLong: [0.5, 0.5, 0, 0] }, { otherwise: [0.93, 0.03, 0.02, 0.02] }),
  roomShown: check('cabin', 2, 'Hold a thermometer beside the sensor: does the controller show the same?', ['within 2 °C', 'off'], { roomSensor: 0.8 }, { otherwise: 0.03 }),
  outlet: check('heater', 4, 'Measure the outlet at full output.', ['as expected', 'too hot', 'too cool', 'no warmth at all'], {
    returnBlocked: [0.08, 0.9, 0.02, 0], outletBlocked: [0.08, 0.9, 0.02, 0], ventsShut: [0.06, 0.93, 0.01, 0], ductTooLong: [0.4, 0.58, 0.02, 0], fanWorn: [0.25, 0.7, 0.05, 0], coolantAir: [0.2, 0.78, 0.02, 0], coolantPump: [0.04, 0.95, 0.01, 0], pumpTooBig: [0.45, 0.53, 0.02, 0], pumpWorn: [0.2, 0.01, 0.77, 0.02], filterBlocked: [0.3, 0.01, 0.5, 0.19], sooted: [0.4, 0.05, 0.45, 0.1],
    controllerSet: [0.45, 0.2, 0.34, 0.01], roomSensor: [0.55, 0.01, 0.44, 0], kinkedHose: [0.25, 0, 0.45, 0.3],
  }, { otherwise: [0.92, 0.03, 0.03, 0.02], caution: hot }),
  outletOpenRun: check('heater', 8, 'Run it with duct and return taken off: does it still stop, hot?', ['it stays on', 'it stops'], { hotSensor: 0.8, fanWorn: 0.65, fanStuck: 0.9 }, { otherwise: 0.06, apart: 1, caution: open, only: 'air' }),
  hotOhms: check('heater', 6, 'Measure the overheating sensor’s ohms, cold.', ['as on the card', 'off'], { hotSensor: 0.98 }, { otherwise: 0.01, apart: 1, caution: hot }),
  flameOhms: check('heater', 6, 'Measure the flame sensor, cold.', ['as on the card', 'off'], { flameSensor: 0.88 }, { otherwise: 0.01, apart: 1, caution: hot }),
  flameShown: check('cabin', 5, 'Does the controller say “flame” while the exhaust blows hot?', ['it does', 'it does not'], { flameSensor: 0.85, mainBoard: 0.1 }, { otherwise: 0.02, danger: 1, caution: `Keep hands off the pipe. ${open}` }),
  exhaustWarm: check('exhaust', 3, 'Hold a thermometer into the exhaust’s stream: does it grow hot before it stops?', ['hot', 'warm for a while', 'cold'], {
    flameSensor: [0.87, 0.1, 0.03], tankEmpty: [0.02, 0.23, 0.75], belowPickup: [0.05, 0.4, 0.55], suctionLeak: [0.06, 0.45, 0.49], plugOpen: [0.01, 0.01, 0.98], plugLeadOff: [0.01, 0.01, 0.98], plugShort: [0.01, 0.01, 0.98], plugLeadsCrossed: [0.03, 0.02, 0.95], plugWorn: [0.2, 0.15, 0.65], screenClogged: [0.15, 0.25, 0.6], feedWeak: [0.1, 0.08, 0.82],
    batteryLow: [0.1, 0.1, 0.8], pumpReversed: [0.01, 0.02, 0.97], pumpLeadOpen: [0, 0.01, 0.99], pumpSeized: [0.05, 0.1, 0.85], lineNotPrimed: [0.01, 0.02, 0.97], fuelGelled: [0.05, 0.28, 0.67], lockedOut: [0.02, 0.01, 0.97], flooded: [0.35, 0.3, 0.35], waterInFuel: [0.3, 0.4, 0.3], exhaustBlocked: [0.25, 0.4, 0.35], jointGap: [0.3, 0.55, 0.15], ventBlocked: [0.3, 0.65, 0.05],
    filterBlocked: [0.2, 0.5, 0.3], waterInExhaust: [0.25, 0.4, 0.35], fuseBlown: [0, 0, 1], controllerLead: [0.04, 0.02, 0.94], feedReversed: [0, 0, 1], mainBoard: [0.15, 0.1, 0.75], fanStuck: [0, 0.02, 0.98], badEarth: [0.1, 0.1, 0.8],
  }, { otherwise: [0.9, 0.08, 0.02], danger: 1, caution: `Keep hands off the pipe. ${open}` }),
  coInside: check('cabin', 4, 'Read a CO meter inside at full output.', ['0 ppm', 'more than 0 ppm'], { exhaustLeak: 0.9, drawnBack: 0.75, burnerGasket: 0.8 }, { otherwise: 0.015, danger: 1, caution: 'Where it shows anything: everybody out, heater off by its button, doors open.' }),
  coAtOutlet: check('heater', 4, 'Read a CO meter in the warm air at the outlet, then outside the outlet’s stream.', ['nothing in either', 'in the room, not in the stream', 'in the stream itself'], {
    exhaustLeak: [0.12, 0.83, 0.05], drawnBack: [0.25, 0.7, 0.05], burnerGasket: [0.12, 0.06, 0.82],
  }, { otherwise: [0.98, 0.015, 0.005], danger: 1, caution: 'Where it shows anything: everybody out, heater off by its button, doors open.' }),
  soapTest: check('exhaust', 10, 'Blow air through the cold exhaust with its mouth closed, and brush soap water on joints.', ['no bubbles', 'bubbles at a joint', 'bubbles at the burner’s seam'], { exhaustLeak: [0.0225, 0.97, 0.0075], burnerGasket: [0.025, 0.005, 0.97] }, { otherwise: [0.98, 0.015, 0.005], apart: 1, caution: hot }),
  exhaustThrough: check('exhaust', 8, 'Take the cold exhaust off and look through it from end to end.', ['free', 'blocked', 'water runs out'], { exhaustBlocked: [0.018, 0.97, 0.012], waterInExhaust: [0.024, 0.006, 0.97], sooted: [0.75, 0.25, 0] }, { otherwise: [0.97, 0.02, 0.01], apart: 3, caution: hot }),
  airLine: check('intake', 8, 'Draw air through intake and burner by hand pump, against what it took when new.', ['as when new', 'harder'], { sooted: 0.85, exhaustBlocked: 0.9, intakeBlocked: 0.9, waterInExhaust: 0.7, screenClogged: 0.1, exhaustTooLong: 0.5 }, { otherwise: 0.04, apart: 1 }),
  plugPulled: check('heater', 15, 'Take the glow plug out; look at it, into its screen, and past it into the burner.', ['dry and clean', 'wet with fuel', 'its screen clogged, the burner clean', 'thick soot in the burner'], {
    flooded: [0.05, 0.91, 0.03, 0.01], screenClogged: [0.03, 0.04, 0.91, 0.02], sooted: [0.06, 0.02, 0.05, 0.87], plugOpen: [0.62, 0.35, 0.02, 0.01], plugWorn: [0.6, 0.3, 0.06, 0.04], plugLeadOff: [0.61, 0.37, 0.01, 0.01], lineNotPrimed: [0.97, 0.01, 0.01, 0.01],
  }, { otherwise: [0.93, 0.04, 0.02, 0.01], apart: 3, danger: 1, caution: hot }),
  controllerOhms: check('cabin', 6, 'Measure the controller’s lead, core by core, both ends off.', ['through', 'broken'], { controllerLead: 0.98 }, { otherwise: 0.005, apart: 1 }),
  fanByHand: check('heater', 6, 'Turn the fan’s wheel by a finger, the feed taken off once it is cold.', ['free', 'it rubs', 'it sticks'], { fanStuck: [0.1, 0.05, 0.85], fanRubs: [0.07, 0.9, 0.03], fanWorn: [0.7, 0.25, 0.05] }, { otherwise: [0.98, 0.015, 0.005], apart: 1, danger: 1, caution: hot }),
  fanAmps: check('heater', 3, 'Clamp the red lead while only the fan runs.', ['under 2 A', 'over 2 A', 'none'], { fanWorn: [0.3, 0.68, 0.02], fanRubs: [0.55, 0.44, 0.01], fanStuck: [0.02, 0.55, 0.43], fuseBlown: [0, 0, 1], feedReversed: [0, 0, 1], controllerLead: [0.08, 0.01, 0.91], mainBoard: [0.4, 0.05, 0.55], lockedOut: [0.35, 0, 0.65] }, { otherwise: [0.96, 0.02, 0.02] }),
  fanVolts: check('heater', 5, 'Measure at the fan’s own plug when it should turn.', ['volts are there', 'nothing'], { mainBoard: 0.6, fuseBlown: 0.99, controllerLead: 0.9, lockedOut: 0.65, feedReversed: 0.99, looseTerminal: 0.35 }, { otherwise: 0.015, apart: 1 }),
  bleed: check('heater', 12, 'Open the circuit’s bleed, cold, with the coolant pump on.', ['no air', 'air comes'], { coolantAir: 0.98 }, { otherwise: 0.02, apart: 1, only: 'coolant', danger: 1, caution: 'Never open a hot circuit: it scalds.' }),
} satisfies Record<string, FaultCheck>; // prettier-ignore
