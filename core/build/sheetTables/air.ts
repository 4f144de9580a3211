import { choice, number, type FieldTable } from '../field';
import { nearKinds, pipeCovers, pipeJoints, pipeStates, throughKinds } from '../listKinds';
import { yesNo } from '../listTables/List';

/** Combustion air and exhaust. */
export const airSheets = {
  air: {
    intakeFrom: choice({ label: 'Combustion air comes from', options: { outside: 'outside', cabin: 'where people are', locker: 'an inside locker' }, part: 'intake' }),
    intakeLengthM: number({ label: 'Intake pipe', unit: 'm', min: 0.05, max: 5, decimals: 2, part: 'intake', words: ['intake', 'intake length'] }),
    intakeFallMm: number({ label: 'Intake falls to its end', unit: 'mm', min: -1000, max: 2000, decimals: 0, part: 'intake', words: ['intake fall'] }),
    endsApartMm: number({ label: 'Intake end to exhaust end', unit: 'mm', min: 0, max: 10000, decimals: 0, part: 'intake', words: ['ends apart', 'apart', 'separation'] }),
    endsFacing: choice({ label: 'The two ends point', options: { opposite: 'opposite ways', sameWay: 'the same way', towards: 'towards each other' }, part: 'intake' }),
    exhaustLengthM: number({ label: 'Exhaust pipe', unit: 'm', min: 0.1, max: 8, decimals: 2, part: 'exhaust', words: ['exhaust', 'exhaust length'] }),
    exhaustFallMm: number({ label: 'Exhaust falls to its end', unit: 'mm', min: -1500, max: 2500, decimals: 0, part: 'exhaust', words: ['exhaust fall'] }),
    exhaustPastOutlineMm: number({ label: 'Exhaust end past the outline', unit: 'mm', min: -3000, max: 1500, decimals: 0, part: 'exhaust', words: ['past outline', 'exhaust end'], hint: 'minus where it stops short, underneath' }),
    exhaustLowPoint: choice({ label: 'Water in the exhaust', options: { fallsAll: 'falls all the way', drilled: 'low point, drilled', drilledOut: 'low point, drilled, in the open air', trap: 'low point with a closed trap, drained outside', undrilled: 'low point, no hole' }, part: 'exhaust' }),
    mufflerHole: choice({ label: 'Muffler’s drain hole', options: { lowest: 'lowest', notLowest: 'not lowest', lowestOut: 'lowest, in the open air', closed: 'gas-tight, no hole', noMuffler: 'no muffler' }, part: 'exhaust', found: true }),
  },
  ends: {
    exhaustXMm: number({ label: 'Exhaust’s end, from the floor’s front', unit: 'mm', min: -6000, max: 26000, decimals: 0, part: 'exhaust', optional: true, words: ['exhaust from front'] }),
    exhaustYMm: number({ label: 'Exhaust’s end, from the floor’s left', unit: 'mm', min: -4000, max: 14000, decimals: 0, part: 'exhaust', optional: true, hint: 'minus where it is out past the left side', words: ['exhaust from left'] }),
    exhaustHighMm: number({ label: 'Free below the exhaust’s end', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'exhaust', hint: 'to the ground, or to snow or water where that stands higher: the least it ever is' }),
    exhaustPoints: choice({ label: 'Exhaust’s end points', options: { away: 'sideways, away', rearward: 'rearward', down: 'down', forward: 'forward', body: 'at the body', atFuel: 'at a tank, a hose, a tyre or an oil pan' }, part: 'exhaust' }),
    exhaustOpeningMm: number({ label: 'Exhaust’s end to the nearest opening', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'exhaust', hint: 'window that opens, door, vent, air inlet' }),
    intakeXMm: number({ label: 'Intake’s end, from the floor’s front', unit: 'mm', min: -6000, max: 26000, decimals: 0, part: 'intake', optional: true }),
    intakeYMm: number({ label: 'Intake’s end, from the floor’s left', unit: 'mm', min: -4000, max: 14000, decimals: 0, part: 'intake', optional: true }),
    intakeHighMm: number({ label: 'Free below the intake’s end', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'intake', optional: true, hint: 'as for the exhaust’s end' }),
    intakePoints: choice({ label: 'Intake’s end points', options: { down: 'down', rearward: 'rearward', away: 'sideways', forward: 'forward' }, part: 'intake' }),
    intakeBlocked: choice({ label: 'What can reach the intake’s end', options: { nothing: 'nothing', snow: 'snow or slush', leaves: 'leaves, mud or nests', spray: 'spray from a wheel' }, part: 'intake' }),
    pastFrontMm: number({ label: 'Body’s outline in front of the floor', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'cabin', given: true, optional: true, hint: '40 mm where nothing is given' }),
    pastRearMm: number({ label: 'Body’s outline behind the floor', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'cabin', given: true, optional: true, hint: '40 mm where nothing is given' }),
    pastSidesMm: number({ label: 'Body’s outline beside the floor', unit: 'mm', min: 0, max: 2000, decimals: 0, part: 'cabin', given: true, optional: true, hint: '40 mm where nothing is given' }),
  },
  pipes: {
    exhaustBoreMm: number({ label: 'Exhaust’s bore', unit: 'mm', min: 5, max: 120, decimals: 0, part: 'exhaust' }),
    exhaustBendsDeg: number({ label: 'Exhaust’s bends, all together', unit: 'deg', min: 0, max: 1440, decimals: 0, part: 'exhaust', hint: 'one right angle is 90°' }),
    intakeBoreMm: number({ label: 'Intake’s bore', unit: 'mm', min: 5, max: 120, decimals: 0, part: 'intake' }),
    intakeBendsDeg: number({ label: 'Intake’s bends, all together', unit: 'deg', min: 0, max: 1440, decimals: 0, part: 'intake', optional: true, hint: '90° where nothing is given' }),
    cover: choice({ label: 'Exhaust is covered by', options: pipeCovers, part: 'exhaust' }),
    near: choice({ label: 'Exhaust passes near', options: nearKinds, part: 'exhaust', hint: 'the one that bears least' }),
    nearMm: number({ label: 'At a distance of', unit: 'mm', min: 0, max: 3000, decimals: 0, part: 'exhaust', hint: 'between the two surfaces' }),
    shield: choice({ label: 'A metal shield between', options: yesNo, part: 'exhaust', optional: true }),
    through: choice({ label: 'Exhaust passes through', options: throughKinds, part: 'exhaust' }),
    gapMm: number({ label: 'Free round the exhaust there', unit: 'mm', min: 0, max: 200, decimals: 0, part: 'exhaust' }),
    timberMm: number({ label: 'That timber is thick', unit: 'mm', min: 1, max: 300, decimals: 0, part: 'exhaust', optional: true, hint: 'as the floor’s timber where nothing is given' }),
    supportsApartMm: number({ label: 'Supports of the exhaust stand apart', unit: 'mm', min: 0, max: 5000, decimals: 0, part: 'exhaust' }),
    burnerJoint: choice({ label: 'Joint at the burner', options: pipeJoints, part: 'exhaust', found: true }),
    reach: choice({ label: 'A hand or a child can touch the exhaust', options: { no: 'no', guarded: 'no, it is guarded', yes: 'yes' }, part: 'exhaust' }),
    state: choice({ label: 'Exhaust’s pipe is', options: pipeStates, part: 'exhaust', optional: true }),
    silencer: choice({ label: 'Intake silencer or filter', options: { clean: 'fitted', none: 'none', blocked: 'fitted, blocked' }, part: 'intake' }),
    co2Percent: number({ label: 'CO₂ by analyser, at full', unit: '%', min: 0, max: 16, decimals: 1, part: 'exhaust', found: true, optional: true }),
    o2Percent: number({ label: 'O₂ by analyser, at full', unit: '%', min: 0, max: 21, decimals: 1, part: 'exhaust', found: true, optional: true }),
  },
} as const satisfies Record<string, FieldTable>;
