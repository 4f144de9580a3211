import { codeKinds } from '../../../build/unit/UnitCard';
import { check, type FaultCheck } from '../FaultCheck';

const hood = 'A heater that ran is hot, and so is its exhaust: let the fan run out and let it cool.';
const open = 'Doors open, carbon monoxide alarm on.';
/** What can be seen, heard and smelled, with nothing in the hand but a lamp. */
export const seenChecks = {
  tankLevel: check('tank', 1, 'Look into the tank: where does the fuel stand?', ['well above the pickup', 'near or below the pickup', 'nothing in it'], {
    tankEmpty: [0.003, 0.027, 0.97], belowPickup: [0.0214, 0.97, 0.0086],
  }, { otherwise: [0.97, 0.025, 0.005] }),
  parkedLevel: check('tank', 1, 'Did it fail parked on a slope, or with the tank below a quarter?', ['no', 'yes'], { belowPickup: 0.85, tankEmpty: 0.7 }, { otherwise: 0.12 }),
  tankCap: check('tank', 1, 'Open the tank’s cap and listen.', ['nothing', 'it draws breath'], { ventBlocked: 0.98 }),
  fuelLook: check('tank', 4, 'Let a little fuel into a clear glass and let it stand.', ['clear and one layer', 'cloudy or thick', 'drops or a layer of water below'], {
    fuelGelled: [0.08, 0.91, 0.01], waterInFuel: [0.03, 0.05, 0.92], wrongFuel: [0.9, 0.05, 0.05],
  }, { otherwise: [0.96, 0.03, 0.01], danger: 1, caution: 'No flame and no spark near open fuel; wipe up what is spilled.' }),
  fuelSmell: check('tank', 1, 'Smell at the tank’s cap.', ['like diesel', 'sharp, like petrol'], { wrongFuel: 0.98 }, { otherwise: 0.01 }),
  fuelBought: check('tank', 1, 'Where was it filled last, with what, and has it been below freezing since?', ['diesel for the season', 'summer fuel in frost', 'from a can or nobody knows'], {
    fuelGelled: [0.1, 0.85, 0.05], wrongFuel: [0.2, 0.05, 0.75], waterInFuel: [0.4, 0.1, 0.5],
  }, { otherwise: [0.84, 0.04, 0.12] }),
  bubbles: check('suction', 3, 'Watch the clear line before the pump while it clicks.', ['no bubbles', 'a bubble now and then', 'a chain of bubbles'], {
    suctionLeak: [0.03, 0.1, 0.87], belowPickup: [0.1, 0.15, 0.75], tankEmpty: [0.1, 0.1, 0.8], jointGap: [0.06, 0.89, 0.05], ventBlocked: [0.6, 0.3, 0.1], lineNotPrimed: [0.2, 0.2, 0.6],
  }, { otherwise: [0.95, 0.04, 0.01] }),
  fuelMoves: check('line', 3, 'Watch the clear line after the pump while it clicks: does fuel come?', ['full and moving', 'it creeps', 'nothing moves'], {
    tankEmpty: [0.02, 0.08, 0.9], lineNotPrimed: [0.02, 0.3, 0.68], pumpReversed: [0.01, 0.06, 0.93], pumpSeized: [0.02, 0.2, 0.78], fuelGelled: [0.02, 0.38, 0.6], pumpLeadOpen: [0.01, 0.02, 0.97],
    filterBlocked: [0.1, 0.8, 0.1], filterReversed: [0.15, 0.8, 0.05], kinkedHose: [0.1, 0.8, 0.1], pumpWorn: [0.15, 0.83, 0.02], belowPickup: [0.1, 0.4, 0.5], suctionLeak: [0.15, 0.65, 0.2], ventBlocked: [0.35, 0.6, 0.05], lockedOut: [0.1, 0.05, 0.85],
    fuseBlown: [0.01, 0.01, 0.98], controllerLead: [0.05, 0.05, 0.9], feedReversed: [0.01, 0.01, 0.98],
  }, { otherwise: [0.96, 0.03, 0.01] }),
  hoseWay: check('suction', 4, 'Follow the fuel hose by hand from tank to heater.', ['free all the way', 'kinked or crushed'], { kinkedHose: 0.98 }),
  joints: check('suction', 5, 'Look at each joint before the pump: clamps, ends, traces of fuel.', ['tight and dry', 'loose, cracked or damp'], { suctionLeak: 0.8, jointGap: 0.25, fuelWeeps: 0.35 }, { otherwise: 0.03 }),
  jointEnds: check('line', 4, 'Look through each clear joint: do the ends butt?', ['they butt', 'a gap'], { jointGap: 0.98, suctionLeak: 0.15 }),
  dampJoints: check('line', 4, 'Wipe each joint after the pump dry, let the pump click, and wipe again.', ['dry', 'damp'], { fuelWeeps: 0.98 }, { danger: 1, caution: 'No flame and no spark near open fuel; wipe up what is spilled.' }),
  filterArrow: check('filter', 1, 'Which way does the filter’s arrow point?', ['to the pump', 'to the tank'], { filterReversed: 0.98 }, { otherwise: 0.01 }),
  filterLook: check('filter', 2, 'Look at the filter against the light.', ['clear', 'dark or sludge in it', 'wax in it', 'water in it'], {
    filterBlocked: [0.02, 0.97, 0.005, 0.005], fuelGelled: [0.15, 0.05, 0.79, 0.01], waterInFuel: [0.25, 0.08, 0.02, 0.65],
  }, { otherwise: [0.95, 0.04, 0.005, 0.005] }),
  filterAge: check('filter', 1, 'How old is the filter?', ['under two years', 'older, or nobody knows'], { filterBlocked: 0.85 }, { otherwise: 0.25 }),
  pumpArrow: check('pump', 1, 'Which way does the pump stand: its outlet towards the heater?', ['yes', 'the wrong way round'], { pumpReversed: 0.98 }, { otherwise: 0.005 }),
  pumpAngle: check('pump', 1, 'At what angle does the pump hang?', ['outlet up', 'flat or outlet down'], { pumpFlat: 0.98 }, { otherwise: 0.04 }),
  pumpLabel: check('pump', 2, 'Read the pump’s label against the unit’s card.', ['the unit’s own', 'another dose'], { pumpTooBig: 0.98 }, { otherwise: 0.015 }),
  pumpClicks: check('pump', 2, 'Listen at the pump two minutes after the button.', ['it clicks evenly', 'it clicks unevenly or dull', 'it is silent'], {
    pumpLeadOpen: [0.01, 0.02, 0.97], pumpSeized: [0.03, 0.27, 0.7], pumpFlat: [0.25, 0.73, 0.02], suctionLeak: [0.45, 0.5, 0.05], tankEmpty: [0.4, 0.58, 0.02], belowPickup: [0.45, 0.53, 0.02], pumpWorn: [0.6, 0.38, 0.02],
    plugOpen: [0.35, 0.05, 0.6], plugShort: [0.2, 0.05, 0.75], plugLeadOff: [0.35, 0.05, 0.6], plugLeadsCrossed: [0.3, 0.05, 0.65], batteryLow: [0.45, 0.15, 0.4], feedWeak: [0.4, 0.1, 0.5], badEarth: [0.35, 0.15, 0.5], fuseBlown: [0.01, 0.01, 0.98],
    looseTerminal: [0.25, 0.25, 0.5], feedReversed: [0.01, 0.01, 0.98], controllerLead: [0.05, 0.05, 0.9], lockedOut: [0.04, 0.01, 0.95], mainBoard: [0.2, 0.1, 0.7], fanStuck: [0.05, 0.02, 0.93], overVolts: [0.1, 0.05, 0.85], hotSensor: [0.3, 0.02, 0.68], fuelGelled: [0.5, 0.48, 0.02],
    lineNotPrimed: [0.4, 0.58, 0.02],
  }, { otherwise: [0.95, 0.04, 0.01] }),
  fanTurns: check('heater', 1, 'Press start, and listen: does the fan turn?', ['it turns', 'it turns slowly or stutters', 'it stands still'], {
    fanStuck: [0.01, 0.04, 0.95], fanWorn: [0.15, 0.83, 0.02], fanRubs: [0.75, 0.23, 0.02], fuseBlown: [0.005, 0.005, 0.99], controllerLead: [0.05, 0.05, 0.9], feedReversed: [0.005, 0.005, 0.99], lockedOut: [0.35, 0.05, 0.6], mainBoard: [0.3, 0.1, 0.6], batteryLow: [0.6, 0.25, 0.15], looseTerminal: [0.45, 0.25, 0.3],
    badEarth: [0.6, 0.25, 0.15], overVolts: [0.4, 0.05, 0.55],
  }, { otherwise: [0.97, 0.02, 0.01] }),
  fanSound: check('heater', 2, 'Listen at the heater while only the fan runs.', ['an even rush', 'it scrapes or whines'], { fanRubs: 0.98, fanWorn: 0.4, fanStuck: 0.15 }),
  controllerLit: check('cabin', 1, 'Look at the controller: does it light up?', ['it does', 'it flickers or resets', 'it stays dark'], {
    fuseBlown: [0.01, 0.01, 0.98], feedReversed: [0.01, 0.01, 0.98], controllerLead: [0.07, 0.18, 0.75], looseTerminal: [0.3, 0.45, 0.25], batteryLow: [0.45, 0.4, 0.15], badEarth: [0.5, 0.35, 0.15], mainBoard: [0.55, 0.15, 0.3], feedWeak: [0.72, 0.27, 0.01],
  }, { otherwise: [0.97, 0.02, 0.01] }),
  code: check('cabin', 2, 'What does the controller’s code say, by this unit’s own card?', ['no code', ...Object.values(codeKinds)], {
    tankEmpty: [0.1, 0.75, 0.15, 0, 0, 0, 0, 0, 0, 0, 0], belowPickup: [0.1, 0.55, 0.35, 0, 0, 0, 0, 0, 0, 0, 0], suctionLeak: [0.12, 0.5, 0.38, 0, 0, 0, 0, 0, 0, 0, 0], jointGap: [0.2, 0.2, 0.6, 0, 0, 0, 0, 0, 0, 0, 0], kinkedHose: [0.15, 0.5, 0.35, 0, 0, 0, 0, 0, 0, 0, 0], filterBlocked: [0.2, 0.35, 0.45, 0, 0, 0, 0, 0, 0, 0, 0],
    filterReversed: [0.2, 0.5, 0.3, 0, 0, 0, 0, 0, 0, 0, 0], ventBlocked: [0.15, 0.1, 0.75, 0, 0, 0, 0, 0, 0, 0, 0], fuelGelled: [0.08, 0.64, 0.28, 0, 0, 0, 0, 0, 0, 0, 0], waterInFuel: [0.12, 0.35, 0.53, 0, 0, 0, 0, 0, 0, 0, 0], wrongFuel: [0.5, 0.2, 0.3, 0, 0, 0, 0, 0, 0, 0, 0], lineNotPrimed: [0.06, 0.94, 0, 0, 0, 0, 0, 0, 0, 0, 0],
    pumpReversed: [0.06, 0.94, 0, 0, 0, 0, 0, 0, 0, 0, 0], pumpLeadOpen: [0.06, 0.2, 0, 0, 0, 0, 0.74, 0, 0, 0, 0], pumpSeized: [0.08, 0.67, 0.1, 0, 0, 0, 0.15, 0, 0, 0, 0], pumpWorn: [0.4, 0.3, 0.3, 0, 0, 0, 0, 0, 0, 0, 0], pumpTooBig: [0.7, 0.05, 0.1, 0.15, 0, 0, 0, 0, 0, 0, 0], pumpFlat: [0.5, 0.15, 0.35, 0, 0, 0, 0, 0, 0, 0, 0],
    plugOpen: [0.04, 0.1, 0, 0, 0.86, 0, 0, 0, 0, 0, 0], plugShort: [0.05, 0.02, 0, 0, 0.9, 0.03, 0, 0, 0, 0, 0], plugLeadsCrossed: [0.08, 0.1, 0, 0, 0.8, 0.02, 0, 0, 0, 0, 0], plugLeadOff: [0.04, 0.1, 0, 0, 0.86, 0, 0, 0, 0, 0, 0], plugWorn: [0.3, 0.6, 0, 0, 0.1, 0, 0, 0, 0, 0, 0], screenClogged: [0.25, 0.65, 0.1, 0, 0, 0, 0, 0, 0, 0, 0],
    batteryLow: [0.2, 0.12, 0, 0, 0, 0.68, 0, 0, 0, 0, 0], feedWeak: [0.12, 0.13, 0, 0, 0, 0.75, 0, 0, 0, 0, 0], badEarth: [0.2, 0.15, 0, 0, 0, 0.62, 0, 0, 0, 0.03, 0], fuseBlown: [1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0], looseTerminal: [0.45, 0.1, 0.05, 0, 0, 0.35, 0, 0, 0, 0.05, 0], overVolts: [0.15, 0, 0, 0, 0, 0.85, 0, 0, 0, 0, 0], feedReversed: [1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
    intakeBlocked: [0.5, 0.15, 0.35, 0, 0, 0, 0, 0, 0, 0, 0], exhaustBlocked: [0.3, 0.3, 0.4, 0, 0, 0, 0, 0, 0, 0, 0], waterInExhaust: [0.25, 0.3, 0.45, 0, 0, 0, 0, 0, 0, 0, 0], exhaustTooLong: [0.55, 0.15, 0.3, 0, 0, 0, 0, 0, 0, 0, 0], drawnBack: [0.75, 0.05, 0.2, 0, 0, 0, 0, 0, 0, 0, 0], altitude: [0.7, 0.08, 0.22, 0, 0, 0, 0, 0, 0, 0, 0],
    flooded: [0.35, 0.6, 0.05, 0, 0, 0, 0, 0, 0, 0, 0], sooted: [0.5, 0.2, 0.25, 0.05, 0, 0, 0, 0, 0, 0, 0], fanStuck: [0.05, 0, 0, 0, 0, 0, 0, 0.95, 0, 0, 0], fanWorn: [0.4, 0, 0.05, 0.25, 0, 0, 0, 0.3, 0, 0, 0], returnBlocked: [0.2, 0, 0, 0.8, 0, 0, 0, 0, 0, 0, 0], outletBlocked: [0.2, 0, 0, 0.8, 0, 0, 0, 0, 0, 0, 0], ventsShut: [0.15, 0, 0, 0.85, 0, 0, 0, 0, 0, 0, 0],
    ductTooLong: [0.5, 0, 0, 0.5, 0, 0, 0, 0, 0, 0, 0], coolantAir: [0.15, 0, 0, 0.85, 0, 0, 0, 0, 0, 0, 0], coolantPump: [0.06, 0, 0, 0.9, 0, 0, 0, 0, 0, 0.04, 0], hotSensor: [0.1, 0, 0, 0.35, 0, 0, 0, 0, 0.55, 0, 0], flameSensor: [0.1, 0.15, 0.4, 0, 0, 0, 0, 0, 0.35, 0, 0], roomSensor: [0.75, 0, 0, 0, 0, 0, 0, 0, 0.25, 0, 0],
    controllerLead: [0.7, 0, 0, 0, 0, 0, 0, 0, 0, 0.3, 0], controllerSet: [0.75, 0.1, 0.1, 0.03, 0, 0, 0, 0, 0, 0.02, 0], lockedOut: [0.08, 0.05, 0, 0, 0, 0, 0, 0, 0, 0, 0.87], mainBoard: [0.45, 0.05, 0, 0, 0.03, 0.03, 0.04, 0.05, 0.05, 0.3, 0],
  }, { otherwise: [0.95, 0.01, 0.01, 0.005, 0.005, 0.005, 0.002, 0.003, 0.005, 0.003, 0.002] }),
  smoke: check('exhaust', 2, 'Look at the exhaust while it lights and runs.', ['clear', 'steam, gone within a step', 'white smoke', 'blue smoke', 'black smoke'], {
    flooded: [0.08, 0.02, 0.88, 0.02, 0], plugWorn: [0.35, 0.02, 0.6, 0.03, 0], screenClogged: [0.4, 0.02, 0.55, 0.03, 0], waterInFuel: [0.4, 0.15, 0.43, 0.02, 0], wrongFuel: [0.3, 0.02, 0.2, 0.43, 0.05], pumpTooBig: [0.1, 0.01, 0.14, 0.03, 0.72], intakeBlocked: [0.12, 0.01, 0.17, 0.02, 0.68],
    exhaustBlocked: [0.3, 0.01, 0.27, 0.02, 0.4], exhaustTooLong: [0.3, 0.02, 0.1, 0.03, 0.55], altitude: [0.15, 0.02, 0.08, 0.02, 0.73], sooted: [0.4, 0.01, 0.2, 0.04, 0.35], drawnBack: [0.4, 0.02, 0.12, 0.02, 0.44], fanWorn: [0.4, 0.01, 0.12, 0.02, 0.45], controllerSet: [0.45, 0.02, 0.12, 0.02, 0.39],
    newWrap: [0.1, 0.02, 0.8, 0.08, 0], steam: [0.02, 0.93, 0.05, 0, 0], burnerGasket: [0.6, 0.02, 0.2, 0.08, 0.1], plugOpen: [0.6, 0.02, 0.38, 0, 0],
  }, { otherwise: [0.86, 0.06, 0.06, 0.01, 0.01], caution: open }),
  smokeAfter: check('exhaust', 8, 'Does the smoke go away within six minutes at full output?', ['there is none', 'it goes', 'it stays'], {
    newWrap: [0.02, 0.96, 0.02], flooded: [0.03, 0.72, 0.25], steam: [0.15, 0.25, 0.6], pumpTooBig: [0.1, 0.05, 0.85], intakeBlocked: [0.12, 0.05, 0.83], exhaustTooLong: [0.3, 0.05, 0.65], altitude: [0.15, 0.05, 0.8], sooted: [0.4, 0.15, 0.45], wrongFuel: [0.35, 0.1, 0.55], exhaustBlocked: [0.35, 0.1, 0.55], fanWorn: [0.45, 0.1, 0.45], controllerSet: [0.5, 0.05, 0.45], drawnBack: [0.5, 0.1, 0.4],
    plugWorn: [0.4, 0.5, 0.1], screenClogged: [0.45, 0.45, 0.1], waterInFuel: [0.5, 0.2, 0.3],
  }, { otherwise: [0.9, 0.08, 0.02], caution: open }),
  smokeFrom: check('exhaust', 2, 'Where does the smoke or smell come from?', ['from the pipe’s mouth only', 'from wrap or case', 'from a joint or the burner’s seam'], {
    newWrap: [0.04, 0.94, 0.02], exhaustLeak: [0.06, 0.06, 0.88], burnerGasket: [0.15, 0.05, 0.8],
  }, { otherwise: [0.97, 0.02, 0.01], danger: 1, caution: `${open} Keep hands off: the pipe burns.` }),
  smell: check('cabin', 2, 'What does it smell of inside, and where?', ['of nothing', 'of hot paint', 'of fuel', 'of exhaust'], {
    fuelWeeps: [0.03, 0.01, 0.95, 0.01], exhaustLeak: [0.08, 0.02, 0.05, 0.85], burnerGasket: [0.15, 0.05, 0.1, 0.7], drawnBack: [0.2, 0.02, 0.05, 0.73], newWrap: [0.12, 0.85, 0.01, 0.02], wrongFuel: [0.35, 0.02, 0.55, 0.08], flooded: [0.5, 0.02, 0.38, 0.1], suctionLeak: [0.85, 0.01, 0.13, 0.01],
  }, { otherwise: [0.93, 0.02, 0.03, 0.02], caution: 'Where it smells of exhaust or anyone has a headache: everybody out, heater off by its button, doors open.' }),
  noise: check('heater', 2, 'What is it that makes the noise?', ['nothing out of the way', 'the pump’s click, through the body', 'a dull or flat click', 'the fan', 'the exhaust or intake'], {
    pumpMount: [0.02, 0.94, 0.02, 0.01, 0.01], pumpFlat: [0.25, 0.03, 0.7, 0.01, 0.01], suctionLeak: [0.5, 0.02, 0.46, 0.01, 0.01], fanRubs: [0.04, 0.01, 0.01, 0.93, 0.01], fanWorn: [0.45, 0.01, 0.01, 0.52, 0.01], fanOnExhaustSide: [0.03, 0.01, 0.01, 0.02, 0.93], waterInExhaust: [0.45, 0.01, 0.01, 0.03, 0.5], exhaustLeak: [0.5, 0.01, 0.01, 0.02, 0.46], coolantAir: [0.55, 0.02, 0.03, 0.4, 0],
    returnBlocked: [0.6, 0, 0, 0.4, 0], outletBlocked: [0.6, 0, 0, 0.4, 0],
  }, { otherwise: [0.93, 0.03, 0.015, 0.015, 0.01] }),
  pumpHang: check('pump', 1, 'Take hold of the pump: does it hang in rubber, free of the body?', ['yes', 'it touches'], { pumpMount: 0.98 }, { otherwise: 0.05 }),
  gurgles: check('exhaust', 1, 'Does the exhaust gurgle, or spit water at the start?', ['no', 'yes'], { waterInExhaust: 0.92 }),
  silencers: check('exhaust', 2, 'Are the silencers there, and does anything rattle against the body?', ['fitted and free', 'missing or touching'], { fanOnExhaustSide: 0.98 }, { otherwise: 0.04 }),
  intakeMouth: check('intake', 2, 'Look at the intake’s mouth and along its pipe.', ['free', 'blocked or crushed'], { intakeBlocked: 0.98 }),
  exhaustMouth: check('exhaust', 2, 'Look at the exhaust’s mouth and along its pipe, once it is cold.', ['free', 'blocked, crushed or full of mud'], { exhaustBlocked: 0.85 }, { caution: hood, danger: 1 }),
  exhaustFall: check('exhaust', 2, 'Does the exhaust fall all the way, with a hole at its lowest point?', ['it falls', 'it rises or sags'], { waterInExhaust: 0.98 }, { otherwise: 0.08 }),
  exhaustJoints: check('exhaust', 5, 'Look along the exhaust for soot at joints and holes, once it is cold.', ['clean', 'soot at a joint or hole'], { exhaustLeak: 0.98 }, { caution: hood, danger: 1 }),
  mouths: check('exhaust', 2, 'How far do the mouths of exhaust, intake and cabin air stand apart, and which way does the wind blow?', ['well apart', 'close, or the wind brings it back'], { drawnBack: 0.98 }, { otherwise: 0.06 }),
  pipeLength: check('exhaust', 4, 'Measure exhaust and intake, bends counted, against the unit’s card.', ['within it', 'over it'], { exhaustTooLong: 0.98 }, { otherwise: 0.03 }),
  height: check('cabin', 1, 'How high above the sea does it stand, against what it is set for?', ['within its setting', 'above it'], { altitude: 0.98 }, { otherwise: 0.015 }),
  starts: check('heater', 1, 'How often was it started in a row before?', ['once or twice', 'three times or more'], { flooded: 0.8, lockedOut: 0.97, tankEmpty: 0.4, lineNotPrimed: 0.4, plugOpen: 0.35 }, { otherwise: 0.2 }),
  overPrimed: check('line', 1, 'Was it primed further than to the heater?', ['no', 'yes'], { flooded: 0.65 }, { otherwise: 0.03 }),
  exhaustSoot: check('exhaust', 2, 'Wipe a finger round inside the cold exhaust’s mouth.', ['a grey film', 'thick soot'], { sooted: 0.95, altitude: 0.5, pumpTooBig: 0.5, exhaustTooLong: 0.45, intakeBlocked: 0.4, controllerSet: 0.3, fanWorn: 0.3, drawnBack: 0.3 }, { otherwise: 0.04, caution: hood }),
  lowRuns: check('heater', 1, 'Has it run low for most of its hours?', ['no', 'yes'], { sooted: 0.98, plugWorn: 0.5, screenClogged: 0.75 }, { otherwise: 0.2 }),
  hours: check('heater', 1, 'How long has it run since its plug and screen were new?', ['under a winter', 'two winters or more'], { plugWorn: 0.9, screenClogged: 0.85, sooted: 0.8, fanWorn: 0.75, pumpWorn: 0.7, burnerGasket: 0.7 }, { otherwise: 0.35 }),
  newFit: check('heater', 1, 'Did it ever run well in this place?', ['yes', 'never, it is new'], {
    lineNotPrimed: 0.92, pumpReversed: 0.93, filterReversed: 0.75, plugLeadsCrossed: 0.6, feedWeak: 0.75, exhaustTooLong: 0.7, pumpTooBig: 0.7, feedReversed: 0.85, newWrap: 0.88, controllerSet: 0.7, pumpMount: 0.6, fanOnExhaustSide: 0.6, ductTooLong: 0.7, pumpFlat: 0.55, coolantAir: 0.6, jointGap: 0.6,
    plugWorn: 0.01, sooted: 0.01, screenClogged: 0.01, pumpWorn: 0.01, fanWorn: 0.02, filterBlocked: 0.05, burnerGasket: 0.03,
  }, { otherwise: 0.15 }),
  returnFree: check('heater', 1, 'Is anything before the return?', ['free', 'blocked or nearly'], { returnBlocked: 0.98 }),
  ventsOpen: check('cabin', 1, 'Which vents are open?', ['one or more', 'none'], { ventsShut: 0.98 }, { otherwise: 0.015 }),
  ductWay: check('heater', 4, 'Follow the duct from outlet to vent.', ['free', 'crushed or blocked', 'long, thin or many bends'], { outletBlocked: [0.02, 0.97, 0.01], ductTooLong: [0.0214, 0.0086, 0.97] }, { otherwise: [0.95, 0.02, 0.03] }),
  headerTank: check('heater', 2, 'Look at the coolant in its expansion tank, cold, and feel the hoses.', ['full, and warm both ways', 'low, or one hose stays cold'], { coolantAir: 0.98, coolantPump: 0.8 }, { only: 'coolant', danger: 1, caution: 'Never open a hot circuit: it scalds.' }),
  coolantHum: check('heater', 1, 'Put a hand on the coolant pump at the start.', ['it hums', 'nothing'], { coolantPump: 0.98, fuseBlown: 0.98 }, { only: 'coolant' }),
  sensorPlace: check('cabin', 1, 'Where does the room’s sensor sit?', ['where people are', 'in warm air, or behind something'], { roomSensor: 0.8 }, { otherwise: 0.08 }),
  settings: check('cabin', 4, 'Read the controller’s settings against the unit’s card.', ['as on the card', 'for another unit or pump'], { controllerSet: 0.98 }, { otherwise: 0.01 }),
  lockShown: check('cabin', 1, 'Does the controller show that it is locked?', ['no', 'yes'], { lockedOut: 0.98 }, { otherwise: 0.01 }),
  plugLeads: check('heater', 3, 'Look at the two leads of the glow plug under the lid.', ['apart and on their posts', 'touching or crossed', 'one is off'], { plugLeadsCrossed: [0.018, 0.97, 0.012], plugLeadOff: [0.0225, 0.0075, 0.97] }, { otherwise: [0.98, 0.01, 0.01], apart: 1, caution: hood }),
  pumpPlug: check('pump', 2, 'Look at the pump’s plug and along its lead.', ['seated and whole', 'off, corroded or broken'], { pumpLeadOpen: 0.85 }),
  fuseLook: check('battery', 2, 'Look at the fuse.', ['whole', 'blown or missing'], { fuseBlown: 0.98, feedReversed: 0.45, plugShort: 0.2 }, { otherwise: 0.01 }),
  terminals: check('battery', 3, 'Tug at each terminal of the feed, and look for green or burnt ones.', ['tight and bright', 'loose, green or burnt'], { looseTerminal: 0.98, badEarth: 0.35 }, { otherwise: 0.04 }),
  earthLook: check('battery', 3, 'Look at where the heater’s black goes to.', ['to the battery’s own post', 'to the body, or over paint'], { badEarth: 0.98 }, { otherwise: 0.08 }),
  feedLook: check('battery', 5, 'Measure the feed: how far, and what section?', ['within the loss', 'too long or too thin'], { feedWeak: 0.98 }, { otherwise: 0.03 }),
  polarity: check('battery', 1, 'Does red go to plus, and black to minus?', ['yes', 'crossed'], { feedReversed: 0.98 }, { otherwise: 0.003 }),
  controllerPlug: check('cabin', 3, 'Look at the controller’s plug and along its lead.', ['seated and whole', 'off, pinched or broken'], { controllerLead: 0.86 }, { otherwise: 0.015 }),
} satisfies Record<string, FaultCheck>; // prettier-ignore
