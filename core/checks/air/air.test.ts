import { id, soundBuild, withValues, type Values } from '../../../tests/soundBuild';
import { withRows, type Change } from '../../../tests/withRows';
import type { RowOf } from '../../build/lists';
import { assess } from '../assess';
import type { Level } from '../Finding';
import { messageOf } from '../findingText';

type Pipe = RowOf<'pipes'>;
const piece = (n: number, more: Partial<Pipe> = {}): Pipe => ({
  id: id(900 + n),
  name: `piece ${n}`,
  of: 'exhaust',
  kind: 'pipe',
  lengthM: 0.3,
  riseMm: -30,
  boreMm: 24,
  bends: 1,
  bendDeg: 90,
  joint: 'band',
  sealed: 'yes',
  supports: 1,
  near: 'nothing',
  through: 'none',
  order: n * 1000,
  ...more,
});
const pipes = (...rows: Pipe[]): Change => ({ pipes: () => rows });
const placed: Values = { 'ends.exhaustXMm': 1500, 'ends.exhaustYMm': 1800, 'ends.intakeXMm': 1500, 'ends.intakeYMm': 700 };
const thing = (kind: RowOf<'outside'>['kind'], xMm: number, yMm: number): Change => ({
  outside: () => [{ id: id(950), name: `the ${kind ?? ''}`, kind, xMm, yMm, lengthMm: 400, widthMm: 40 }],
});
const lean: Values = { 'air.exhaustLengthM': 1.9, 'pipes.exhaustBoreMm': 14 };

// Distances, shares and angles here are Lorbet's own choice or common practice without a source; 77, 60 and 65 °C are of handbooks and ISO 13732-1, from memory.
const cases: [string, Values, Change, Level, RegExp][] = [
  ['air.intake.facing', { 'ends.intakePoints': 'forward' }, {}, 'fix', /points forward/],
  ['air.intake.facing', { 'ends.intakePoints': null }, {}, 'open', /Intake’s end points/],
  ['air.intake.blockage', { 'ends.intakeBlocked': 'snow' }, {}, 'fix', /Snow or slush/],
  ['air.intake.blockage', { 'ends.intakeBlocked': 'leaves' }, {}, 'fix', /Leaves, mud or nests/],
  ['air.intake.blockage', { 'ends.intakeBlocked': 'spray' }, {}, 'fix', /Spray from a wheel/],
  ['air.intake.blockage', { 'pipes.silencer': 'blocked' }, {}, 'fix', /filter is blocked/],
  ['air.intake.blockage', { 'pipes.silencer': 'none' }, {}, 'watch', /no silencer or filter/],
  ['air.separation', { ...placed, 'ends.intakeXMm': 1500, 'ends.intakeYMm': 1600 }, {}, 'fix', /end 200 mm apart/],
  ['air.separation', { ...placed, 'air.endsApartMm': null }, {}, 'sound', /end 1100 mm apart/],
  ['exhaust.end.underneath', { ...placed, 'ends.exhaustYMm': 1700 }, {}, 'stop', /ends 40 mm inside the outline/],
  ['exhaust.end.underneath', { ...placed, 'ends.pastSidesMm': 110, 'ends.exhaustYMm': 1800 }, {}, 'stop', /10 mm inside/],
  [
    'exhaust.end.underneath',
    { ...placed, 'air.exhaustPastOutlineMm': -60 },
    {},
    'stop',
    /60 mm inside the outline, as it was entered, though on the plan it stands 60 mm past it/,
  ],
  [
    'exhaust.end.underneath',
    { ...placed, 'ends.exhaustYMm': 1700 },
    {},
    'stop',
    /as it stands on the plan, though it was entered as 40 mm past it/,
  ],
  ['exhaust.end.opening', { 'ends.exhaustOpeningMm': 299 }, {}, 'stop', /299 mm from an opening; at least 300 mm/],
  ['exhaust.end.opening', { 'ends.exhaustOpeningMm': 300 }, {}, 'watch', /800 mm and more is better/],
  ['exhaust.end.opening', { 'ends.exhaustOpeningMm': 800 }, {}, 'sound', /800 mm from the nearest opening/],
  ['exhaust.end.opening', placed, thing('window', 1600, 1760), 'stop', /100 mm from “the window”/],
  ['exhaust.end.opening', { ...placed, 'ends.exhaustOpeningMm': null }, {}, 'open', /Exhaust’s end to the nearest opening/],
  ['exhaust.end.facing', { 'ends.exhaustPoints': 'forward' }, {}, 'fix', /points forward/],
  ['exhaust.end.facing', { 'ends.exhaustPoints': 'body' }, {}, 'fix', /points at the body/],
  ['exhaust.end.facing', { 'ends.exhaustPoints': 'atFuel' }, {}, 'stop', /at a tank, a hose, a tyre or an oil pan/],
  [
    'exhaust.end.facing',
    { ...placed, 'ends.exhaustPoints': 'rearward' },
    thing('tyre', 1700, 1780),
    'stop',
    /blows at “the tyre”/,
  ],
  ['exhaust.end.facing', { ...placed, 'ends.exhaustPoints': 'forward' }, thing('tyre', 1700, 1780), 'fix', /points forward/],
  [
    'exhaust.end.blocked',
    { 'ends.exhaustHighMm': 99 },
    {},
    'fix',
    /99 mm free below it, to the ground or to snow or water.*at least 100 mm/,
  ],
  ['exhaust.end.blocked', { 'ends.exhaustHighMm': 100 }, {}, 'sound', /100 mm free below it/],
  ['exhaust.end.blocked', { 'ends.exhaustHighMm': null }, {}, 'open', /Free below the exhaust’s end/],
  ['exhaust.slope', { 'air.exhaustFallMm': -5 }, {}, 'fix', /rises 5 mm/],
  ['exhaust.slope', { 'air.exhaustFallMm': 23 }, {}, 'watch', /falls 23 mm on 0\.8 m: hardly any; 3 % is better/],
  ['exhaust.slope', { 'air.exhaustFallMm': 24 }, {}, 'sound', /falls 24 mm/],
  ['exhaust.slope', {}, pipes(piece(1), piece(2, { riseMm: 40, drain: 'none' })), 'fix', /“piece 2” rises 40 mm/],
  [
    'exhaust.slope',
    {},
    pipes(piece(1, { drain: 'drilled' }), piece(2, { riseMm: 40 })),
    'watch',
    /rises 10 mm to its end, after a low point/,
  ],
  ['exhaust.drain', {}, pipes(piece(1), piece(2, { riseMm: 40 })), 'open', /what drains the low point after “piece 1”/],
  ['exhaust.drain', {}, pipes(piece(1, { drain: 'none' }), piece(2, { riseMm: 40 })), 'fix', /low point that nothing drains/],
  [
    'exhaust.drain',
    { 'survey.coldestC': 2 },
    pipes(piece(1, { drain: 'trap' }), piece(2, { riseMm: 40 })),
    'sound',
    /closed trap/,
  ],
  [
    'exhaust.drain',
    { 'survey.coldestC': -3 },
    pipes(piece(1, { drain: 'trap' }), piece(2, { riseMm: 40 })),
    'watch',
    /at −3 °C what stands in it freezes/,
  ],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { state: 'welded' })), 'watch', /“piece 2” was welded/],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { boreMm: 27 })), 'fix', /“piece 2” of 27 mm stands on an end of 24 mm/],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { boreMm: 26 })), 'sound', /gas-tight clamps/],
  [
    'exhaust.joint',
    {},
    pipes(piece(1, { kind: 'muffler', farBoreMm: 30 }), piece(2)),
    'fix',
    /“piece 2” of 24 mm stands on an end of 30 mm/,
  ],
  [
    'exhaust.joint',
    {},
    pipes(piece(1, { kind: 'muffler', farBoreMm: 30 }), piece(2, { boreMm: 30 })),
    'sound',
    /gas-tight clamps/,
  ],
  // What the remedy says: a reducer between them.
  [
    'exhaust.joint',
    {},
    pipes(piece(1), piece(2, { kind: 'reducer', farBoreMm: 30 }), piece(3, { boreMm: 30 })),
    'sound',
    /gas-tight clamps/,
  ],
  [
    'exhaust.joint',
    {},
    pipes(piece(1), piece(2, { kind: 'reducer' }), piece(3, { boreMm: 30 })),
    'open',
    /bore at the far end of “piece 2”/,
  ],
  ['exhaust.joint', {}, pipes(piece(1, { kind: 'muffler' }), piece(2)), 'open', /bore at the far end of “piece 1”/],
  ['exhaust.drain', {}, pipes(piece(1), piece(2)), 'sound', /falls 60 mm/],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { sealed: undefined })), 'open', /whether the joint before “piece 2” is sealed/],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { sealed: undefined, joint: 'whole' })), 'sound', /gas-tight clamps/],
  ['exhaust.slope', {}, pipes(piece(1, { bends: undefined }), piece(2, { riseMm: 40 })), 'fix', /“piece 2” rises 40 mm/],
  [
    'exhaust.slope',
    {},
    pipes(piece(1, { name: 'a', drain: 'none' }), piece(2, { name: 'a', riseMm: 40 })),
    'fix',
    /“a” rises 40 mm/,
  ],
  [
    'exhaust.drain',
    {},
    pipes(piece(1, { riseMm: undefined, drain: 'none' }), piece(2, { riseMm: 40 })),
    'open',
    /rise of “piece 1”/,
  ],
  // What is known bad is told beside what is not known.
  [
    'exhaust.drain',
    {},
    pipes(piece(1), piece(2, { riseMm: 40 }), piece(3, { drain: 'none' }), piece(4, { riseMm: 30 })),
    'fix',
    /nothing drains/,
  ],
  ['exhaust.drain', { 'air.exhaustLowPoint': null, 'air.mufflerHole': 'notLowest' }, {}, 'fix', /fills/],
  ['exhaust.penetration', {}, pipes(piece(1), piece(2, { through: undefined })), 'open', /say what “piece 2” passes through/i],
  [
    'exhaust.penetration',
    {},
    pipes(piece(1, { through: undefined }), piece(2, { through: 'timber', gapMm: 4 })),
    'stop',
    /bare timber 4 mm/,
  ],
  [
    'exhaust.slope',
    { 'air.exhaustFallMm': -30, 'air.exhaustLowPoint': 'drilled' },
    {},
    'watch',
    /rises 30 mm to its end, after a low point/,
  ],
  ['exhaust.length', { 'air.exhaustLengthM': 2.01 }, {}, 'fix', /2\.01 m long; at most 2 m/],
  ['exhaust.length', { 'pipes.exhaustBendsDeg': 271 }, {}, 'fix', /turns by 271° in all; at most 270°/],
  ['exhaust.length', {}, pipes(piece(1, { lengthM: 1.5 }), piece(2, { lengthM: 0.6 })), 'fix', /2\.1 m long/],
  ['exhaust.length', {}, pipes(piece(1, { bends: 2, bendDeg: 45 })), 'sound', /turns by 90°/],
  ['exhaust.support', { 'pipes.supportsApartMm': 501 }, {}, 'fix', /501 mm apart; at most 500 mm/],
  ['exhaust.support', {}, pipes(piece(1, { lengthM: 1.2, supports: 2 })), 'fix', /“piece 1” has a support every 600 mm/],
  ['exhaust.support', {}, pipes(piece(1, { supports: undefined })), 'open', /ount the supports of “piece 1”/],
  [
    'exhaust.joint',
    { 'pipes.burnerJoint': 'pushed' },
    {},
    'stop',
    /only pushed on at the burner: exhaust leaves where people are/,
  ],
  ['exhaust.joint', { 'pipes.burnerJoint': 'pushed', 'survey.heaterSits': 'under' }, {}, 'fix', /only pushed on at the burner\./],
  ['exhaust.joint', { 'pipes.burnerJoint': 'worm' }, {}, 'fix', /worm-drive clip/],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { joint: 'spring' })), 'fix', /“piece 2” is held by a spring clip/],
  ['exhaust.joint', {}, pipes(piece(1), piece(2, { sealed: 'no' })), 'fix', /before “piece 2” is not sealed/],
  ['exhaust.clearance', { 'pipes.near': 'polyethylene', 'pipes.nearMm': 0 }, {}, 'stop', /touches polyethylene/],
  [
    'exhaust.clearance',
    { 'pipes.near': 'polyethylene', 'pipes.nearMm': 20 },
    {},
    'stop',
    /20 mm from the exhaust, gets about \d+ °C; it bears 60 °C/,
  ],
  ['exhaust.clearance', { 'pipes.near': 'epdm', 'pipes.nearMm': 2 }, {}, 'fix', /touches EPDM/],
  ['exhaust.clearance', { 'pipes.near': 'polyethylene', 'pipes.nearMm': 400 }, {}, 'sound', /bears 60 °C/],
  [
    'exhaust.clearance',
    { 'pipes.near': 'timber', 'pipes.nearMm': 3, 'heater.strokeVolumeMl': null },
    { doseTests: () => [] },
    'stop',
    /touches timber/,
  ],
  [
    'exhaust.clearance',
    { 'pipes.near': 'polyethylene', 'pipes.nearMm': 100, 'pipes.nearLies': 'beside' },
    {},
    'watch',
    /little is left/,
  ],
  [
    'exhaust.clearance',
    { 'pipes.near': 'polyethylene', 'pipes.nearMm': 80, 'pipes.nearLies': 'above' },
    {},
    'stop',
    /bears 60 °C/,
  ],
  ['exhaust.clearance', { 'pipes.near': 'polyethylene', 'pipes.nearMm': 80 }, {}, 'open', /./],
  ['exhaust.clearance', { 'pipes.near': 'nothing', 'pipes.nearMm': null }, {}, 'sound', /nothing that heat harms/],
  ['exhaust.clearance', {}, pipes(piece(1), piece(2, { near: 'cable', nearMm: 10 })), 'stop', /10 mm from “piece 2”/],
  ['exhaust.guard', { 'pipes.reach': 'yes' }, {}, 'fix', /which gets \d+ °C outside/],
  ['exhaust.guard', { 'pipes.reach': 'yes', 'heater.pumpMaxHz': null }, {}, 'fix', /can touch the exhaust\./],
  ['exhaust.guard', { 'pipes.reach': 'guarded' }, {}, 'sound', /Nobody can touch/],
  [
    'exhaust.penetration',
    { 'pipes.through': 'timber', 'pipes.gapMm': 4 },
    {},
    'stop',
    /4 mm from its edge, which gets about 1\d\d °C/,
  ],
  ['exhaust.penetration', { 'pipes.through': 'timber', 'pipes.gapMm': 150 }, {}, 'fix', /passes bare timber: no metal/],
  ['exhaust.penetration', { 'pipes.through': 'turret', 'pipes.gapMm': 2 }, {}, 'stop', /behind its metal/],
  ['exhaust.penetration', { 'pipes.through': 'metal', 'pipes.gapMm': null }, {}, 'sound', /metal only/],
  ['exhaust.penetration', { 'pipes.through': 'turret', 'pipes.gapMm': null }, {}, 'open', /Free round the exhaust there/],
  ['air.excess', lean, {}, 'fix', /times the air its fuel needs; at least 1\.25 is wanted/],
  ['air.excess', { 'pipes.co2Percent': 13 }, {}, 'fix', /analyser says 1\.1\d times/],
  ['air.excess', { 'pipes.o2Percent': 3 }, {}, 'fix', /analyser says 1\.1\d times/],
  ['air.excess', { 'pipes.co2Percent': 16 }, {}, 'fix', /analyser says 1 times/],
  ['air.excess', { 'pipes.co2Percent': 10, 'pipes.o2Percent': 3 }, {}, 'fix', /analyser says 1\.1\d times/],
  ['air.excess', { 'pipes.co2Percent': 6 }, {}, 'watch', /these pipes should give 1\.5/],
  ['air.excess', { 'heater.altitudeM': 3400 }, {}, 'watch', /at 3400 m the flame gets/],
  ['air.excess', {}, {}, 'sound', /At full the flame gets 1\.5\d times/],
];
test.each(cases)('%s (case %#) is at its level and says why', (finding, values, change, level, message) => {
  const made = assess(withRows(values, change)).find((c) => c.id === finding);
  expect([made?.level, made && messageOf(made)]).toEqual([level, expect.stringMatching(message)]);
});

test.each([
  ['covers', 'sleeve', { 'pipes.cover': 'wrap' }, 'exhaust.guard', 'watch', /The exhaust is wrapped; here they are sleeved/],
  ['covers', 'wrap', { 'pipes.cover': 'sleeve' }, 'exhaust.guard', 'watch', /The exhaust is sleeved; here they are wrapped/],
  ['covers', 'sleeve', { 'pipes.cover': 'sleeve' }, 'exhaust.guard', 'sound', /Nobody can touch/],
  ['covers', 'sleeve', { 'pipes.cover': 'bare' }, 'exhaust.guard', 'sound', /Nobody can touch/],
  [
    'leaves',
    'wall',
    { 'pipes.leaves': 'floor' },
    'exhaust.penetration',
    'watch',
    /leaves through the floor; here it leaves through a wall/,
  ],
  ['leaves', 'wall', { 'pipes.leaves': 'wall' }, 'exhaust.penetration', 'sound', /Timber’s edge/],
  ['leaves', 'stack', {}, 'exhaust.penetration', 'open', /./],
  ['leaves', 'either', { 'pipes.leaves': 'stack' }, 'exhaust.penetration', 'sound', /Timber’s edge/],
] as const)('practice %s %s holds for %j', (practice, option, values, check, level, message) => {
  const build = withValues(soundBuild(), values);
  const finding = assess({ ...build, practices: { ...build.practices, [practice]: option } }).find(({ id }) => id === check);
  expect([finding?.level, finding && messageOf(finding)]).toEqual([level, expect.stringMatching(message)]);
});

test('a muffler is held against the practice that was chosen for it, and only then', () => {
  const found = (muffler: 'either' | 'lying' | 'upright', lies?: Pipe['lies']) => {
    const build = withRows({}, pipes(piece(1), piece(2, { kind: 'muffler', farBoreMm: 24, lies })));
    const finding = assess({ ...build, practices: { ...build.practices, muffler } }).find(({ id }) => id === 'exhaust.drain');
    return [finding?.level, finding && /upright|lies/.test(messageOf(finding))];
  };
  expect([
    found('either', 'lying'),
    found('lying', 'lying'),
    found('lying', 'upright'),
    found('upright', 'lying'),
    found('upright'),
  ]).toEqual([
    ['sound', false],
    ['sound', false],
    ['watch', true],
    ['watch', true],
    ['open', true],
  ]);
});
