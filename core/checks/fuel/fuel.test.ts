import { messageOf } from '../findingText';
import { checks } from '../allChecks';
import { id, type Values } from '../../../tests/soundBuild';
import { add, none, set, withRows, type Change } from '../../../tests/withRows';
import { assess } from '../assess';
import type { Level } from '../Finding';

const vehicle: Values = {
  'tank.way': 'standpipe',
  'survey.fuelFrom': 'vehicle',
  'survey.fuelTaken': 'tank',
  'survey.fuelSystem': 'low',
};
const tee: Values = { ...vehicle, 'tank.way': 'feedTee', 'survey.fuelTaken': 'feed' };
const dips = (...litres: number[]) => litres.map((l, i) => ({ id: id(700 + i), levelMm: (i + 1) * 125, litres: l }));
/** A tank that widens upwards, 250 mm high. */
const outline = [
  { id: id(711), alongMm: 100, upMm: 0 },
  { id: id(712), alongMm: 300, upMm: 0 },
  { id: id(713), alongMm: 400, upMm: 250 },
  { id: id(714), alongMm: 0, upMm: 250 },
];

// Limits checked here are common practice without a published source, unless a case names one.
const cases: [string, Values, Change, Level, RegExp][] = [
  ['fuel.source.pressure', { ...tee, 'survey.fuelSystem': 'high' }, {}, 'stop', /stands under pressure/],
  [
    'fuel.source.pressure',
    { ...tee, 'survey.fuelSystem': 'unknown' },
    {},
    'open',
    /whether the vehicle’s feed stands under pressure/,
  ],
  ['fuel.source.pressure', { ...tee, 'survey.fuelSystem': 'none' }, {}, 'fix', /there is no feed/],
  ['fuel.source.pressure', tee, {}, 'sound', /a tee in the vehicle’s feed/],
  ['fuel.source.pressure', { 'tank.way': null }, {}, 'open', /Fuel comes from/],
  ['fuel.source.legal', { ...vehicle, 'survey.engineFuel': 'petrol' }, {}, 'stop', /engine burns petrol/],
  ['fuel.source.legal', { 'tank.fuelAllowed': 'no' }, {}, 'stop', /may not be burnt here/],
  ['fuel.source.legal', { 'heater.fuelGrade': 'heatingOil' }, {}, 'open', /whether heating oil may be burnt/],
  ['fuel.source.legal', { 'heater.fuelGrade': 'heatingOil', 'tank.fuelAllowed': 'yes' }, {}, 'sound', /Heating oil, asked/],
  ['fuel.clean', { 'tank.fuelState': 'petrol' }, {}, 'stop', /Petrol/],
  ['fuel.clean', { 'tank.fuelState': 'water' }, {}, 'fix', /Water/],
  ['fuel.clean', { 'tank.fuelState': 'old' }, {}, 'watch', /Nobody knows/],
  // 400 × 180 mm × 30 mm below the pickup: 2.2 L
  ['fuel.pickup.reserve', { ...vehicle, 'tank.reserveL': 5 }, {}, 'fix', /leaves the engine 2\.2 L; 5\.0 L/],
  ['fuel.pickup.reserve', { ...vehicle, 'tank.reserveL': 2 }, {}, 'sound', /2\.2 L \(wanted 2\.0 L\)/],
  ['fuel.pickup.reserve', vehicle, {}, 'open', /left for the engine/],
  ['fuel.pickup.reserve', tee, {}, 'watch', /run its tank dry/],
  ['fuel.pickup.hole', { 'tank.holeMm': 7 }, {}, 'fix', /7\.8 mm across, the hole 7 mm/],
  ['fuel.pickup.hole', { 'tank.holeMm': 9 }, {}, 'fix', /leaves 1\.2 mm/],
  ['fuel.tank.location', { 'tank.place': 'heaterBay' }, {}, 'stop', /heater’s own compartment/],
  ['fuel.tank.location', { 'tank.place': 'living' }, {}, 'fix', /where people live/],
  ['fuel.tank.location', { 'tank.guard': 'no' }, {}, 'watch', /unguarded/],
  ['fuel.tank.vent', { 'tank.vent': 'inside' }, {}, 'stop', /ends inside/],
  // What is drawn as a danger hides behind no answer that is still missing.
  ['fuel.tank.vent', { 'tank.vent': 'inside', 'tank.filler': null }, {}, 'stop', /ends inside/],
  ['fuel.tank.vent', { 'tank.filler': 'inside', 'tank.vent': null }, {}, 'stop', /filled inside/],
  ['fuel.tank.vent', { 'tank.vent': 'none' }, {}, 'fix', /no vent/],
  ['fuel.tank.vent', { 'tank.vent': 'bare' }, {}, 'watch', /without a filter/],
  ['fuel.tank.restraint', { 'tank.restraint': 'none' }, {}, 'fix', /held by nothing: it would fly/],
  ['fuel.tank.restraint', { 'tank.restraint': 'stretch' }, {}, 'fix', /stretches/],
  ['fuel.tank.certificate', { 'tank.paper': 'welded' }, {}, 'stop', /welded after it had held fuel/],
  ['fuel.tank.certificate', { 'tank.paper': 'untested' }, {}, 'fix', /nobody has tested/],
  ['fuel.tank.certificate', { 'tank.paper': 'bought' }, {}, 'fix', /no certificate/],
  ['fuel.tank.certificate', { 'tank.paper': 'bought', 'people.markWanted': 'no' }, {}, 'watch', /without a certificate/],
  // Outside: 400 + 8 by 180 + 8 by 250 + 8 mm
  ['fuel.tank.fits', { 'tank.spaceWidthMm': 180 }, {}, 'fix', /408 by 188 mm outside.*460 by 180 mm: it does not go in/],
  ['fuel.tank.fits', { 'tank.spaceLengthMm': 230, 'tank.spaceWidthMm': 460 }, {}, 'sound', /21 mm beside it/],
  ['fuel.tank.fits', { 'tank.spaceHeightMm': 280, 'tank.fittingsAboveMm': 60 }, {}, 'fix', /under its fittings/],
  ['fuel.tank.fits', { 'tank.spaceWidthMm': 200 }, {}, 'watch', /6 mm are left/],
  // 400 × 180 × 140 mm of fuel is 10.08 L, 8.4 kg; with 20 kg of tank 28.4
  ['fuel.tank.lift', { 'tank.emptyKg': 20 }, {}, 'fix', /28\.4 kg: too much for one person/],
  ['fuel.tank.lift', { 'tank.emptyKg': 40, 'fuel.fuelLevelMm': null }, {}, 'fix', /Even empty the tank weighs 40\.0 kg/],
  ['fuel.tank.lift', { 'tank.emptyKg': 20, 'tank.lowered': 'two' }, {}, 'sound', /28\.4 kg: two people/],
  ['fuel.runtime', { 'fuel.fuelLevelMm': 45 }, {}, 'watch', /1\.1 L in reach last 3\.4 h at full/],
  ['fuel.runtime', { 'fuel.fuelLevelMm': 245 }, {}, 'watch', /245 mm; filled higher than 23[78] mm/],
  ['fuel.tank.second', { 'tank.secondTank': 'afterPump' }, {}, 'fix', /after the pump/],
  ['fuel.figures', { 'fuel.fuelLevelMm': 400 }, {}, 'fix', /400 mm in a tank that is 250 mm high; allowed is up to 250 mm/],
  [
    'fuel.figures',
    {},
    { segments: set(1, { lengthM: 0.3 }) },
    'fix',
    /“to the heater” is 0\.3 m long and rises 340 mm; allowed is up to its length, 300 mm/,
  ],
  ['fuel.figures', { 'tank.shape': 'dips' }, { dips: () => dips(9, 7) }, 'fix', /from 9 L at 125 mm to 7 L at 250 mm/],
  ['fuel.figures', { 'tank.shape': 'dips' }, { dips: () => dips(9, 20) }, 'sound', /holds 20\.0 L/],
  // (200 + 400) / 2 × 250 mm × 180 mm
  ['fuel.figures', { 'tank.shape': 'prism' }, { outline: () => outline }, 'sound', /holds 13\.5 L/],
  ['fuel.figures', { 'tank.shape': 'prism' }, {}, 'open', /corners/],
  [
    'fuel.figures',
    { 'tank.depthAtSpotMm': 250, 'tank.flangeStackMm': 6, 'tank.cutMm': 250 },
    {},
    'fix',
    /ends 6 mm above the floor; its clearance is entered as 30 mm/,
  ],
  [
    'fuel.figures',
    {},
    { segments: set(1, { riseMm: 700 }) },
    'fix',
    /rise 700 mm in all from pump to heater; the heights entered make it 340 mm/,
  ],
  ['fuel.figures', { 'survey.fuelFrom': 'vehicle' }, {}, 'fix', /survey has the heater draw from the vehicle/],
  ['fuel.line.clips', {}, { segments: set(1, { clips: 3 }) }, 'fix', /3 clips on 2800 mm: 933 mm apart, at most 500 mm/],
  ['fuel.line.clips', {}, { segments: set(0, { clips: undefined }) }, 'open', /clips on “to the pump”/],
  ['fuel.line.clips', {}, { segments: none }, 'open', /clips stand apart/i],
  ['fuel.line.clips', { 'line.clipsApartMm': 501 }, { segments: none }, 'fix', /Clips stand 501 mm apart; at most 500 mm/],
  ['fuel.line.clips', { 'line.clipsApartMm': 500 }, { segments: none }, 'sound', /500 mm apart/],
  ['fuel.line.clips', { 'line.clipsApartMm': 900 }, {}, 'sound', /hold the line/],
  ['fuel.line.route', {}, { segments: none }, 'open', /on its way the line passes/i],
  ['fuel.line.route', { 'line.passes': 'brake' }, { segments: none }, 'stop', /The line is tied to a brake pipe/],
  ['fuel.line.route', { 'line.passes': 'hot' }, { segments: none }, 'fix', /hot part without/],
  ['fuel.line.route', { 'line.passes': 'kinked' }, { segments: none }, 'fix', /a kink/],
  ['fuel.line.route', { 'line.passes': 'sharp' }, { segments: none }, 'fix', /bare over a sharp edge/],
  ['fuel.line.route', { 'line.passes': 'clear' }, { segments: none }, 'sound', /clear of heat/],
  ['fuel.line.route', {}, { segments: set(1, { near: 'brake' }) }, 'stop', /“to the heater” is tied to a brake pipe/],
  [
    'fuel.line.route',
    {},
    { segments: (rows) => set(1, { near: 'brake' })(set(0, { near: undefined, lengthM: undefined })(rows)) },
    'stop',
    /brake pipe/,
  ],
  ['fuel.line.route', {}, { segments: set(1, { near: 'hot' }) }, 'fix', /without a heat sleeve/],
  ['fuel.line.route', {}, { segments: set(1, { near: 'hot', sheath: 'heat' }) }, 'sound', /clear of heat/],
  ['fuel.line.route', {}, { segments: set(1, { near: 'kinked' }) }, 'fix', /kink/],
  ['fuel.line.route', {}, { segments: set(1, { near: 'sharp', sheath: 'bare' }) }, 'fix', /sharp edge/],
  [
    'fuel.line.route',
    {},
    {
      segments: (rows) =>
        add({ name: 'over the axle', side: 'pressure', lengthM: 1, riseMm: -200, boreMm: 2, near: 'outside', order: 90000 })(
          rows,
        ),
    },
    // 2 mm of bore carry every bubble over (Bretherton): a loop is worth watching, no more.
    'watch',
    /high loop after “to the heater”: it falls 200 mm; this bore carries/,
  ],
  ['fuel.line.joint', {}, { segments: set(0, { end: 'joint', gapMm: 3 }) }, 'fix', /gap of 3 mm in a joint after “to the pump”/],
  ['fuel.line.joint', {}, { segments: set(1, { end: 'joint' }) }, 'watch', /1 joint in the line.*wants none/],
  [
    'fuel.line.change',
    {},
    { segments: (rows) => add({ name: 'wide', side: 'pressure', lengthM: 1, riseMm: 0, boreMm: 4, order: 90000 })(rows) },
    'fix',
    /from 2 mm to 4 mm where “to the heater” meets “wide”/,
  ],
  ['fuel.line.bore', {}, { segments: set(0, { boreMm: undefined }) }, 'open', /bore of “to the pump”/],
  ['fuel.pump.mount', { 'line.pumpMount': 'tie' }, {}, 'fix', /cable tie/],
  ['fuel.pump.mount', { 'line.pumpMount': 'hard' }, {}, 'watch', /bolted hard/],
  // EN 590 (from memory): grade B to 0 °C; arctic class 2 clouds at −22 °C
  [
    'fuel.cold',
    { 'heater.fuelGrade': 'roadB' },
    {},
    'fix',
    /−8 °C \(outside, as the coldest night; −5 °C was entered\); road diesel, grade B \(summer\) plugs a filter at 0 °C/,
  ],
  // The tank stands outside, so a warm figure for the fuel says nothing against the night.
  ['fuel.cold', { 'heater.fuelGrade': 'roadB', 'heater.coldestFuelC': 5, 'survey.coldestC': -20 }, {}, 'fix', /−20 °C \(outside/],
  ['fuel.cold', { 'heater.fuelGrade': 'roadD', 'survey.coldestC': -25 }, {}, 'fix', /−25 °C \(outside/],
  ['fuel.cold', { 'heater.fuelGrade': 'roadB', 'heater.coldestFuelC': 5, 'tank.place': 'living' }, {}, 'sound', /at 5 °C/],
  // Heads: a heater 600 mm under the tank's floor, one 2.94 m above the pump, a tank that only full stands above the heater.
  [
    'fuel.head.over',
    { 'fuel.heaterAboveTankFloorMm': -600 },
    {},
    'stop',
    /Even drawn down to the pickup, the fuel stands 630 mm above.*siphon into the burner/,
  ],
  [
    'fuel.head.over',
    { 'fuel.heaterAboveTankFloorMm': -600, 'line.shutOff': 'valve' },
    {},
    'sound',
    /850 mm above.*held back by a valve/,
  ],
  ['fuel.head.over', { 'fuel.heaterAboveTankFloorMm': 120 }, {}, 'fix', /Full, the fuel stands 130 mm above/],
  ['fuel.head.over', { 'fuel.heaterAboveTankFloorMm': -600, 'fuel.tankHeightMm': null }, {}, 'stop', /siphon/],
  ['fuel.head.lift', { 'fuel.heaterAboveTankFloorMm': 3000 }, {}, 'fix', /2940 mm above the pump; at most 2000 mm/],
  [
    'fuel.head.lift',
    { 'fuel.pumpAboveTankFloorMm': 1200, 'fuel.heaterAboveTankFloorMm': 1500 },
    {},
    'fix',
    /1170 mm below the pump; it may draw up 1000 mm/,
  ],
  [
    'fuel.source.pressure',
    { ...vehicle, 'tank.way': 'returnBranch', 'survey.fuelSystem': 'high' },
    {},
    'stop',
    /branch in the return of a system that stands under pressure/,
  ],
  [
    'fuel.source.pressure',
    { ...vehicle, 'tank.way': 'returnBranch', 'survey.fuelSystem': 'unknown' },
    {},
    'open',
    /whether the vehicle’s feed stands under pressure/,
  ],
  [
    'survey.fuel.highpressure',
    { ...vehicle, 'tank.way': 'returnBranch', 'survey.fuelSystem': 'high' },
    {},
    'stop',
    /branch|return/,
  ],
  [
    'survey.fuel.highpressure',
    { ...vehicle, 'tank.way': null, 'survey.fuelSystem': 'high' },
    {},
    'open',
    /tank or from its return/,
  ],
  ['survey.fuel.petrolvehicle', { ...vehicle, 'survey.engineFuel': 'none' }, {}, 'fix', /there is no engine/],
  ['fuel.source.legal', { ...vehicle, 'survey.engineFuel': 'none' }, {}, 'fix', /no engine burns any/],
  [
    'fuel.figures',
    {},
    { segments: (rows) => set(1, { end: 'filter' })(set(0, { end: 'on' })(rows)) },
    'fix',
    /filter is drawn after the pump.*the sheet has it before the pump/,
  ],
  [
    'fuel.figures',
    { 'fuel.pickupKind': 'bottomOutlet' },
    {},
    'fix',
    /outlet at the bottom, and 30 mm above the floor is entered/,
  ],
  ['fuel.cold', { 'heater.fuelGrade': 'arctic2', 'heater.coldestFuelC': -25 }, {}, 'watch', /cloud point of −22 °C/],
  ['fuel.cold', { 'heater.fuelGrade': 'biodiesel' }, {}, 'watch', /no standard says/],
  [
    'fuel.cold',
    { 'tank.blendFuel': 'roadB', 'tank.blendPercent': 20 },
    {},
    'fix',
    /with 20 % road diesel, grade B \(summer\) plugs a filter at 0 °C/,
  ],
  ['fuel.leak', {}, { leaks: set(0, { nightFound: 'drips' }) }, 'stop', /drips: “at the pump”/],
  ['fuel.leak', {}, { leaks: (rows) => add({ name: 'new' })(set(0, { nightFound: 'drips' })(rows)) }, 'stop', /drips/],
  ['fuel.leak', {}, { leaks: set(0, { nightFound: 'damp' }) }, 'fix', /Fuel was found/],
  ['leak.fuel', {}, { leaks: set(0, { nightFound: undefined }) }, 'open', /after a night: “at the pump”/],
  ['fuel.leak', {}, { leaks: none }, 'open', /joints that are watched/],
  ['fuel.leak', {}, { leaks: add({ name: 'new' }) }, 'open', /Wipe dry: “new”/],
  ['leak.fuel', {}, { leaks: none }, 'open', /joints that are watched/],
  ['leak.fuel', {}, { leaks: set(0, { nightFound: 'damp' }) }, 'fix', /found wet: “at the pump”/],
  ['priming.dose', {}, { doseTests: none }, 'watch', /No dose test/],
  // 3.3 mL / 200 = 0.0165, a quarter under the 0.022 stated
  [
    'priming.dose',
    {},
    {
      doseTests: () => [
        { id: id(1), strokes: 200, volumeMl: 3.3 },
        { id: id(2), strokes: 200, volumeMl: 3.3 },
      ],
    },
    'fix',
    /0\.0165 mL each, 25 % under/,
  ],
  [
    'priming.dose',
    {},
    {
      doseTests: () => [
        { id: id(1), strokes: 200, volumeMl: 3.9 },
        { id: id(2), strokes: 200, volumeMl: 4.9 },
      ],
    },
    'fix',
    /scatter by 16\.1 %/,
  ],
  ['priming.dose', {}, { doseTests: () => [{ id: id(1), strokes: 200, volumeMl: 4.4 }] }, 'watch', /by a single run/],
];
test.each(cases)('%s (case %#) is at its level and says why', (finding, values, change, level, message) => {
  const made = assess(withRows(values, change)).find((c) => c.id === finding);
  expect([made?.level, made && messageOf(made)]).toEqual([level, expect.stringMatching(message)]);
});

test('every finding of the fuel stage that was asked for is there, before its step', () => {
  // The trade’s list, in its own order; fuel.clean, fuel.figures, fuel.head.lift, fuel.head.over and fuel.tank.second are ours.
  const wanted =
    'source.pressure source.legal pickup.clearance pickup.level pickup.reserve pickup.hole tank.location tank.vent tank.restraint tank.certificate tank.fits tank.lift tank.second line.bore line.change line.joint line.clips line.route suction.length suction.pressure bubbles filter.place filter.direction pump.direction pump.angle pump.mount cold runtime leak clean figures head.lift head.over';
  expect(
    checks
      .filter((check) => check.id.startsWith('fuel.'))
      .map((check) => check.id)
      .sort(),
  ).toEqual(
    wanted
      .split(' ')
      .map((name) => `fuel.${name}`)
      .sort(),
  );
  // What is found once the hole is drilled or the tank is up comes too late.
  const at = (name: string) => checks.find((check) => check.id === name)?.holdPoint;
  expect(['fuel.pickup.hole', 'fuel.tank.fits', 'fuel.tank.location'].map(at)).toEqual(['cutting', 'cutting', 'cutting']);
  expect(['fuel.line.route', 'fuel.tank.lift', 'fuel.pump.mount', 'fuel.tank.vent'].map(at)).toEqual(Array(4).fill('closing'));
});

test('a measured dose counts everywhere in place of the stated one', () => {
  const doseTests = () => [
    { id: id(1), strokes: 200, volumeMl: 4.84 },
    { id: id(2), strokes: 200, volumeMl: 4.84 },
  ];
  const [stated, measured] = [assess(withRows({}, {})), assess(withRows({}, { doseTests }))];
  const input = (findings: typeof stated, finding: string, path: string) =>
    findings.find((c) => c.id === finding)?.inputs.find((i) => i.path === path)?.value;
  // 0.0242 of 0.022 mL: a tenth more heat, a tenth fewer strokes
  expect(
    Number(input(measured, 'survey.size.under', 'heater.outputMaxKw')) /
      Number(input(stated, 'survey.size.under', 'heater.outputMaxKw')),
  ).toBeCloseTo(1.1, 6);
  // before the pump π × 0.6 + 0.5 + 0.15 m of standpipe of 4 mm, 1.885 mL, at 0.908 of a dose; after it π × 2.8
  // (1.885 + 0.5 + 1.885) / 0.908 + 8.796 = 13.5 mL of 0.0242 mL
  expect(input(measured, 'priming.over', 'priming.expectedStrokes')).toBe(558);
});
