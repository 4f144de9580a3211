import { spoken } from '../../tests/spoken';
import { messageOf } from './findingText';
import { soundBuild, soundStart, id, type Values } from '../../tests/soundBuild';
import { add, none, set, without, withRows, type Change } from '../../tests/withRows';
import { assess } from './assess';
import type { Level } from './Finding';

// Kit and siting: limits checked here are common practice without a published source, unless a case names one.
const cases: [string, Values, Change, Level, RegExp][] = [
  ['kit.missing', {}, { parts: set(0, { state: 'missing' }) }, 'fix', /Missing from the kit: “heater”\./],
  ['kit.missing', {}, { parts: add({ name: 'muffler' }) }, 'open', /Look at “muffler”/],
  ['kit.missing', {}, { parts: none }, 'open', /list of parts/],
  ['kit.poor', {}, { parts: set(1, { state: 'present' }) }, 'fix', /“filter” \(thin-bodied filter\)/],
  ['kit.poor', {}, { parts: set(1, { state: 'poor' }) }, 'fix', /Poor and still in use: “filter”/],
  ['kit.mark', {}, { parts: set(0, { mark: undefined }) }, 'fix', /mark is wanted, and none/],
  ['kit.mark', { 'people.markWanted': 'unknown' }, {}, 'open', /the inspector whether an approval mark/],
  ['kit.mark', { 'people.markWanted': 'no' }, { parts: set(0, { mark: undefined }) }, 'sound', /No approval mark/],
  ['kit.plate', { 'kit.plateFuel': 'petrol' }, {}, 'fix', /plate says petrol/],
  ['kit.plate', { 'kit.plateV': 'v24' }, {}, 'fix', /plate says 24 V; the supply is 12 V/],
  ['kit.plate', { 'kit.plateOutputKw': 5 }, {}, 'watch', /plate says 5 kW, the label 2 kW/],
  ['kit.plate', { 'kit.plateAltitudeM': 400 }, {}, 'fix', /allows 400 m; it is to run up to 500 m/],
  ['kit.plate', { 'kit.plateV': 'unreadable' }, {}, 'watch', /can’t be read/],
  ['kit.exhaust.old', { 'kit.oldExhaust': 'reused', 'kit.oldExhaustLooked': 'no' }, {}, 'fix', /nobody has looked through/],
  ['kit.exhaust.old', { 'kit.oldExhaust': 'reused', 'kit.oldExhaustLooked': 'blocked' }, {}, 'fix', /blocked/],
  ['kit.exhaust.old', { 'kit.oldExhaust': 'reused' }, {}, 'open', /Look through the old exhaust/],
  ['kit.exhaust.old', { 'kit.replaces': 'old', 'kit.oldWiringLooked': 'chafed' }, {}, 'fix', /wiring that is kept is chafed/],
  ['siting.orientation', { 'siting.heaterLies': 'upsideDown' }, {}, 'stop', /upside down/],
  ['siting.orientation', { 'siting.heaterLies': 'onEnd' }, {}, 'fix', /on end/],
  ['siting.orientation', { 'siting.heaterLies': 'sideDown', 'siting.mayLie': 'side' }, {}, 'fix', /inlet or glow plug below/],
  ['siting.orientation', { 'siting.heaterLies': 'sideUp' }, {}, 'fix', /lie flat only/],
  ['siting.orientation', { 'siting.heaterLies': 'sideUp', 'siting.mayLie': 'side' }, {}, 'sound', /as its maker lets it/],
  ['siting.inlet.clearance', { 'siting.inletClearMm': 40 }, {}, 'fix', /40 mm clear.*at least 50 mm/],
  ['siting.inlet.clearance', { 'siting.inletClearMm': 60 }, {}, 'watch', /60 mm clear.*75 mm are better/],
  // Not measured yet, so the floor sheet answers: the heater's end lies 20 mm from the front wall.
  ['siting.inlet.clearance', { 'siting.inletClearMm': null, 'siting.heaterXMm': 180 }, {}, 'fix', /20 mm clear/],
  ['siting.hot.clearance', { 'siting.hotClearMm': 30 }, {}, 'fix', /30 mm clear.*clamp alone needs 40 mm/],
  ['siting.hot.clearance', { 'siting.hotClearMm': 90 }, {}, 'watch', /a bend needs 115 mm/],
  [
    'siting.below',
    {},
    { obstacles: add({ name: 'third rail', kind: 'rail', xMm: 1520, yMm: 700, lengthMm: 60, widthMm: 200 }) },
    'fix',
    /“exhaust” cuts into “third rail”/,
  ],
  // A hole's edge 4 mm from a fuel pipe: nothing is cut, and nobody saws there.
  [
    'siting.below',
    {},
    { obstacles: add({ name: 'fuel pipe', kind: 'fuelPipe', xMm: 1400, yMm: 838.5, lengthMm: 300, widthMm: 8 }) },
    'stop',
    /within 5 mm of “fuel pipe”; 10 mm are wanted/,
  ],
  // And that nobody has looked yet hides no danger that is drawn.
  [
    'siting.below',
    { 'siting.lookedBelow': null },
    { obstacles: add({ name: 'tank', kind: 'tank', xMm: 1500, yMm: 700, lengthMm: 200, widthMm: 200 }) },
    'stop',
    /cuts into “tank”/,
  ],
  [
    'siting.below',
    {},
    {
      obstacles: (rows) => [
        { id: id(98), name: 'something', kind: 'wiring' },
        ...rows,
        { id: id(99), name: 'tank', kind: 'tank', xMm: 1500, yMm: 700, lengthMm: 200, widthMm: 200 },
      ],
    },
    'stop',
    /cuts into “tank”/,
  ],
  ['kit.plate', { 'kit.plateFuel': 'petrol', 'kit.plateV': null }, {}, 'fix', /plate says petrol/],
  // 25 mm of exhaust hole needs 50 mm to what heat harms; here it is 30 mm from a wire.
  [
    'siting.below',
    {},
    { obstacles: add({ name: 'loom', kind: 'wiring', xMm: 1582.5, yMm: 770, lengthMm: 10, widthMm: 20 }) },
    'fix',
    /“exhaust” comes within 30 mm of “loom”; 50 mm/,
  ],
  [
    'siting.below',
    {},
    { above: add({ name: 'locker', kind: 'furniture', xMm: 1400, yMm: 700, lengthMm: 200, widthMm: 200 }) },
    'fix',
    /would stand in “locker”/,
  ],
  // Two things drawn over each other are two things: both are told.
  [
    'siting.below',
    {},
    {
      obstacles: (rows) => [
        ...rows,
        { id: id(98), name: 'beam', kind: 'rail', xMm: 1530, yMm: 770, lengthMm: 30, widthMm: 20 },
        { id: id(99), name: 'loom', kind: 'wiring', xMm: 1535, yMm: 772, lengthMm: 30, widthMm: 20 },
      ],
    },
    'fix',
    /“exhaust” cuts into “(beam|loom)”.*and [1-9] more/,
  ],
  ['siting.below', { 'siting.heaterXMm': 100 }, {}, 'fix', /over the edge of the floor/],
  ['siting.below', { 'siting.lookedBelow': 'no' }, {}, 'open', /Look below the place/],
  ['siting.below', {}, { holes: none }, 'open', /holes to be cut/],
  ['siting.below', {}, { obstacles: set(0, { xMm: undefined }) }, 'open', /Measure “left rail”/],
  // 40 mm of stud less 3 + 3 + 12 + 1 leaves 21 mm. With 25 mm of ribs: −4 mm; ISO 4032, 7089: 1.6 + 5.2 + 1.0 (from memory).
  [
    'siting.stack.thread',
    {},
    { stack: add({ name: 'ribs', kind: 'rib', thicknessMm: 25 }) },
    'fix',
    /leave −4\.0 mm.*need 7\.8 mm: 11\.8 mm are lacking/,
  ],
  ['siting.stack.thread', { 'siting.studLengthMm': 27.5 }, {}, 'watch', /only just/],
  ['siting.stack.thread', {}, { stack: none }, 'open', /layers of the floor/],
  ['siting.stack.spigot', { 'siting.spigotLengthMm': 30 }, {}, 'fix', /shows 11\.0 mm.*wants 15\.0 mm/],
  ['siting.covering', {}, { stack: set(2, { cutBack: 'no' }) }, 'fix', /“vinyl” lies under the plate/],
  ['siting.lead.threaded', { 'siting.pumpLeadThreaded': 'no' }, {}, 'fix', /not through its slot/],
  ['siting.clamp.foul', { 'siting.clampHeads': 'foul' }, {}, 'fix', /fouls the shroud/],
  ['siting.clamp.foul', { 'siting.hosesOn': 'no' }, {}, 'fix', /not on their spigots/],
  ['siting.screw.length', { 'siting.screwLengthMm': 25 }, {}, 'fix', /25 mm come out below; 17\.0 mm stay inside/],
  ['siting.screw.length', { 'siting.screwLengthMm': 12 }, {}, 'fix', /bite only 6\.0 mm/],
  ['siting.screw.length', { 'siting.screwLengthMm': 0 }, {}, 'sound', /No screws/],
  // ISO 68-1 (from memory): M8 after 6.8 mm has 89 %, after 7.5 mm 37 %.
  ['siting.tapdrill', { 'siting.tapThread': 'M8', 'siting.tapDrillMm': 7.5 }, {}, 'fix', /37 % of the thread of M8: it strips/],
  // 1 mm of sheet holds 0.8 of a turn of M8 (pitch 1.25 mm, ISO 261); 3 mm of backing make it 3.2.
  ['siting.tapdrill', { 'siting.tapThread': 'M8', 'siting.tapDrillMm': 6.8 }, {}, 'fix', /1 mm of metal hold 0\.8 turns of M8/],
  [
    'siting.tapdrill',
    { 'siting.tapThread': 'M8', 'siting.tapDrillMm': 6.8 },
    { stack: add({ name: 'backing plate', kind: 'metal', thicknessMm: 3 }) },
    'sound',
    /89 %/,
  ],
  ['siting.tapdrill', { 'siting.tapThread': 'M6', 'siting.tapDrillMm': 4.5 }, {}, 'fix', /the tap breaks/],
  ['siting.edge.treatment', { 'siting.cutEdges': 'bare' }, {}, 'fix', /bare/],
  ['siting.edge.treatment', { 'siting.cutEdges': 'deburred' }, {}, 'fix', /not painted/],
  ['siting.seal.cure', {}, { seals: none }, 'open', /seal round the plate.*at the exhaust’s joint.*round the fuel line’s hole/],
  ['siting.seal.cure', {}, { seals: without(4) }, 'open', /the seal round the fuel line’s hole/],
  [
    'siting.seal.cure',
    {},
    { seals: set(2, { kind: 'sealant' }) },
    'fix',
    /round the exhaust’s hole, is sealant: the exhaust burns it away/,
  ],
  ['kit.missing', {}, { parts: without(11) }, 'open', /list of parts: carbon monoxide alarm/],
  ['kit.missing', {}, { parts: (rows) => rows.slice(0, 1) }, 'open', /list of parts: pump, filter, fuel line/],
  ['siting.seal.cure', {}, { seals: set(0, { hardAt: undefined }) }, 'open', /Touch “round the plate” once its 24 h/],
  [
    'siting.seal.cure',
    {},
    { seals: set(0, { hardAt: '2026-11-18T01:00:00.000Z' }) },
    'fix',
    /called hard 8\.0 h before its 24 h/,
  ],
  [
    'siting.seal.cure',
    {},
    { seals: set(0, { appliedAt: '2026-11-20T04:00:00.000Z', hardAt: '2026-11-21T05:00:00.000Z' }) },
    'fix',
    /lit 19\.0 h before “round the plate”/,
  ],
  ['siting.service.access', { 'siting.openingSide': 'no' }, {}, 'fix', /can’t be reached/],
  ['siting.service.access', { 'siting.boxed': 'yes', 'siting.boxRoundMm': 15 }, {}, 'fix', /15 mm are free round it.*25 mm/],
  ['siting.service.access', { 'siting.loomGrommet': 'no' }, {}, 'fix', /without a grommet/],
  ['siting.service.access', { 'siting.liftOutMm': 100 }, {}, 'fix', /100 mm are free above.*130 mm/],
  [
    'siting.wading',
    { 'survey.heaterSits': 'under', 'people.wadingDepthMm': 500, 'siting.aboveGroundMm': 450, 'siting.boxed': 'yes' },
    {},
    'fix',
    /450 mm above the ground; the vehicle wades to 500 mm/,
  ],
  ['siting.wading', { 'survey.heaterSits': 'under', 'siting.aboveGroundMm': 450 }, {}, 'watch', /open to spray/],
  ['siting.wading', { 'survey.heaterSits': 'under' }, {}, 'open', /lowest point/],
  // Surfaces of one's own: none measured whole is asked back, and a side smaller than its windows is no side.
  [
    'survey.size.under',
    {},
    { surfaces: () => [{ id: id(81), name: 'roof', kind: 'roof', lengthM: 3 }] },
    'open',
    /size of “roof”/,
  ],
  [
    'survey.size.under',
    {},
    {
      surfaces: () => [
        { id: id(81), kind: 'sides', lengthM: 2, heightM: 1, layers: [{ material: 'plywood', thicknessMm: 9 }] },
        { id: id(82), kind: 'window', lengthM: 2, heightM: 1.2, glazing: 'single' },
      ],
    },
    'open',
    /Correct the sides.*larger than the windows/,
  ],
];
test.each(cases)('%s (case %#) is at its level and says why', (finding, values, change, level, message) => {
  const made = assess(withRows(values, change)).find((c) => c.id === finding);
  expect([made?.level, made && messageOf(made)]).toEqual([level, expect.stringMatching(message)]);
});

test('studs too short: the finding says which layer to cut back, and which studs to buy', () => {
  const thread = (values: Values, change: Change) =>
    assess(withRows(values, change))
      .map(spoken)
      .find((c) => c.id === 'siting.stack.thread');
  expect(thread({}, { stack: add({ name: 'ribs', kind: 'rib', thicknessMm: 25 }) })?.remedy).toBe(
    'Cut “ply” back under the plate (12 mm), or buy studs of 55 mm.',
  );
  expect(thread({ 'siting.studLengthMm': 25 }, { stack: without(3) })?.level).toBe('sound');
});

test('a dry run on the bench proves nothing of the heater in its place, and cures no sealant early', () => {
  const dryRun = soundStart({ dryRun: true, at: '2026-11-17T10:00:00.000Z' });
  const findings = assess({ ...soundBuild(), starts: [dryRun] });
  expect(findings.find((c) => c.id === 'start.ignition')).toMatchObject({ level: 'open' });
  expect(findings.find((c) => c.id === 'siting.seal.cure')).toMatchObject({ level: 'sound' });
});
