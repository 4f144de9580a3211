import { soundBuild, soundLists, type Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { assess } from '../../checks/assess';
import { messageOf, remedyOf } from '../../checks/findingText';
import { layoutVents } from '../../drawing/vent/layoutVents';
import { explain } from '../../figures/explain';
import { sleepersCo2Ppm, sleepersDewC } from '../../physics/vent/sleepers';
import { stackFlowM3H } from '../../physics/vent/stackFlow';
import { outsidePlan } from '../air/outsidePlan';
import type { VentRow } from './ventsOf';

const own = soundLists.vents ?? [];
const ventsWith = (rows: readonly Partial<VentRow>[], values: Values = {}): Build => {
  const build = soundBuild(values);
  return { ...build, lists: { ...build.lists, vents: rows.map((row, i) => ({ ...own[i], ...row }) as VentRow) } };
};
const found = (build: Build, id: string) => {
  const finding = assess(build).find((one) => one.id === id);
  if (!finding) throw new Error(id);
  return { level: finding.level, code: finding.code, says: messageOf(finding), remedy: remedyOf(finding) };
};
const leisure = { 'people.inspectedAs': 'leisure' } as const;

describe('what is open for good, before EN 721 (from memory): a floor of 7 m² wants 100 cm² high and 15 cm² low', () => {
  test('enough of both is sound', () => {
    expect(found(ventsWith([{}, {}], leisure), 'vent.area.high')).toMatchObject({ level: 'sound' });
    expect(found(ventsWith([{}, {}], leisure), 'vent.area.low')).toMatchObject({ level: 'sound' });
  });
  test('a square centimetre too little is a fault of a leisure vehicle, and is told as a guide of a road vehicle', () => {
    expect(found(ventsWith([{ eachCm2: 99 }, {}], leisure), 'vent.area.high')).toMatchObject({ level: 'fix', code: 'short' });
    const road = found(ventsWith([{ eachCm2: 99 }, {}]), 'vent.area.high');
    expect(road.level).toBe('watch');
    expect(road.says).toContain('ask what the local code wants');
  });
  test('what other burners want comes on top', () =>
    expect(found(ventsWith([{}, {}], { ...leisure, 'proving.otherBurnersCm2': 20 }), 'vent.area.high')).toMatchObject({
      level: 'fix',
    }));
  test('holes that the remedy names are enough', () => {
    const short = ventsWith([{ eachCm2: 40 }, {}], leisure);
    const { remedy } = found(short, 'vent.area.high');
    const holes = Number(/(\d+) holes? of 60 mm/.exec(remedy)?.[1]);
    const cut: Partial<VentRow> = {
      id: own[0]?.id.replace(/.$/, '0') ?? '',
      name: 'cut',
      shape: 'round',
      diaMm: 60,
      pieces: holes,
      cover: 'mesh6',
    };
    const build = ventsWith([{ eachCm2: 40 }, {}, { ...own[0], ...cut }], leisure);
    expect(found(build, 'vent.area.high').level).toBe('sound');
    const fewer = ventsWith([{ eachCm2: 40 }, {}, { ...own[0], ...cut, pieces: holes - 1 }], leisure);
    expect(found(fewer, 'vent.area.high').level).toBe('fix');
  });
  test('one that is shut or stuffed counts for nothing, and freeing it goes before another hole', () => {
    for (const bad of [{ shuts: 'yes' }, { blockedBy: 'tape' }] as const) {
      const { code, remedy } = found(ventsWith([{ ...bad }, {}], leisure), 'vent.area.high');
      expect(code).toBe('shortClear');
      expect(remedy).toContain('roof mushroom');
    }
  });
  test('none at all is a fault as soon as somebody says so, and not known before', () => {
    expect(found(ventsWith([], leisure), 'vent.area.low').level).toBe('open');
    expect(found(ventsWith([], { ...leisure, 'proving.ventsThere': 'none' }), 'vent.area.low')).toMatchObject({
      level: 'fix',
      code: 'none',
    });
  });
  test('an opening without its size is asked for by its name', () => {
    const { level, remedy, says } = found(ventsWith([{ eachCm2: undefined }, {}], leisure), 'vent.area.high');
    expect(level).toBe('open');
    expect(`${says} ${remedy}`).toContain('roof mushroom');
  });
});
test('half of one that is half blocked is lost, and it is named', () => {
  const blocked = found(ventsWith([{ blockedBy: 'bedding', blockedPercent: 50 }, {}]), 'vent.blocked');
  expect(blocked.level).toBe('fix');
  expect(blocked.says).toContain('roof mushroom');
  expect(blocked.says).toContain('55');
  expect(found(ventsWith([{ shuts: 'yes' }, {}]), 'vent.blocked').level).toBe('watch');
  // Not hidden by a size that nobody has given, of it or of another.
  const unsized = ventsWith([{ blockedBy: 'tape' }, { diaMm: undefined }]);
  expect(found(unsized, 'vent.blocked')).toMatchObject({ level: 'fix', code: 'blocked' });
  expect(found(ventsWith([{ blockedBy: 'tape', eachCm2: undefined }, {}]), 'vent.blocked')).toMatchObject({ level: 'fix' });
  expect(found(ventsWith([{}, {}]), 'vent.blocked').level).toBe('sound');
});
test('one that is placed stands on the outside plan, where exhaust is kept away from it', () => {
  const placed = outsidePlan(ventsWith([{ xMm: 500, yMm: 400 }, {}]));
  // Its place is that of its middle.
  const one = placed?.things.find(({ name }) => name === 'roof mushroom');
  expect(one && [one.kind, one.x + one.length / 2, one.y + one.width / 2]).toEqual(['vent', 500, 400]);
  expect(outsidePlan(ventsWith([{}, {}]))?.things.some(({ name }) => name === 'roof mushroom')).toBe(false);
});

describe('air that warmth drives through two openings (orifice and stack, first principles)', () => {
  test('is what balances at the neutral level, found by halving', () => {
    const [low, high, rise, inside, outside] = [2000e-6, 9000e-6, 1.8, 20, 0];
    const rho = (c: number) => (101_325 * 0.028965) / (8.31446 * (c + 273.15));
    const whole = 9.80665 * rise * (rho(outside) - rho(inside));
    const through = (area: number, pa: number, density: number) => 0.65 * area * Math.sqrt(2 * density * pa);
    let [a, b] = [0, whole];
    for (let k = 0; k < 60; k += 1) {
      const pa = (a + b) / 2;
      if (through(low, pa, rho(outside)) < through(high, whole - pa, rho(inside))) a = pa;
      else b = pa;
    }
    const byHalving = (through(low, a, rho(outside)) / rho(inside)) * 3600;
    expect(stackFlowM3H(2000, 9000, rise, inside, outside)).toBeCloseTo(byHalving, 4);
  });
  test('is none where it is no warmer inside, or one of the two is shut', () => {
    expect(stackFlowM3H(2000, 9000, 1.8, 10, 10)).toBe(0);
    expect(stackFlowM3H(0, 9000, 1.8, 20, 0)).toBe(0);
  });
});
test('two sleepers in 26 m³/h stand at 420 and 1,000 ppm more, by hand', () =>
  expect(sleepersCo2Ppm(2, 26)).toBeCloseTo(1420, 9));
test('nobody inside leaves the dew point outside; more air brings it down', () => {
  expect(sleepersDewC(0, 20, 18, 2)).toBeCloseTo(2, 6);
  expect(sleepersDewC(2, 40, 18, 2)).toBeLessThan(sleepersDewC(2, 20, 18, 2));
  expect(sleepersDewC(20, 1, 18, 2)).toBeCloseTo(18, 6);
});
test('the build tells what its sleepers come to, and asks for a height that is missing', () => {
  const build = ventsWith([{}, {}], { 'people.asleep': 2 });
  const air = explain(build, 'vent.airM3H').value ?? NaN;
  expect(explain(build, 'vent.sleepersPpm').value).toBeCloseTo(420 + 26_000 / air, 6);
  const unknown = explain(ventsWith([{ aboveFloorMm: undefined }, {}]), 'vent.airM3H');
  expect(unknown.value).toBeNull();
  expect(JSON.stringify(unknown.missing)).toContain('roof mushroom');
});
test('the picture draws each opening as long as it is free before what is wanted, and names what it can’t draw', () => {
  const { bars, undrawn, words } = layoutVents(ventsWith([{ blockedBy: 'tape', blockedPercent: 50 }, {}]), 640);
  const [high, low] = bars;
  expect(high.vents[0]?.freeW).toBeCloseTo((high.vents[0]?.w ?? 0) / 2, 6);
  // 55 cm² of 100: what is free ends before the mark, and all of it past it.
  expect((high.vents[0]?.x ?? 0) + (high.vents[0]?.freeW ?? 0)).toBeLessThan(high.wantedX ?? 0);
  expect((high.vents[0]?.x ?? 0) + (high.vents[0]?.w ?? 0)).toBeGreaterThan(high.wantedX ?? 0);
  expect(low.freeCm2).toBeCloseTo(19.8, 1);
  expect(words).toContain('55 cm² free of 100 cm² wanted');
  expect(undrawn).toEqual([]);
  expect(layoutVents(ventsWith([{ eachCm2: undefined }, {}]), 640).undrawn).toEqual(['roof mushroom']);
});
