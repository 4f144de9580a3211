import type { Simulation } from 'eecircuit-engine';
import { runModule } from '../../../tests/runModule';
import { cableTemperatureC } from './cableTemperatureC';
import { glowPlug } from './glowPlug';

const spice = `import { Simulation } from 'eecircuit-engine'; import { readFileSync } from 'node:fs';
const sim = new Simulation(); await sim.start(); sim.setNetList(readFileSync(0, 'utf8')); process.stdout.write(JSON.stringify((await sim.runSim()).data), () => process.exit(0));`;
type Columns = Awaited<ReturnType<Simulation['runSim']>>['data'];

const forS = 90;
describe('a glow plug as it warms', () => {
  const plugs = [
    { openV: 12.6, ohm: 0.05, coldOhm: 0.9, hotOhm: 1.21, warmsS: 15 },
    { openV: 12.1, ohm: 0.3, coldOhm: 0.5, hotOhm: 0.9, warmsS: 20 },
    { openV: 25.2, ohm: 0.1, coldOhm: 2.2, hotOhm: 4.9, warmsS: 8 },
    // One whose resistance falls as it warms.
    { openV: 12.6, ohm: 0.1, coldOhm: 1.5, hotOhm: 1.1, warmsS: 12 },
  ];
  test('its transient agrees with the SPICE engine within 0.5 %, volts, amps and temperature', () => {
    const hotK = 900;
    // Heat as current, kelvin as volts: a capacitor and a resistor beside the plug's own circuit.
    const net = plugs.map(({ openV, ohm, coldOhm, hotOhm, warmsS }, i) => {
      const lossWK = ((openV / (hotOhm + ohm)) ** 2 * hotOhm) / hotK;
      const r = `(${coldOhm}+${hotOhm - coldOhm}*V(t${i})/${hotK})`;
      return [
        `V${i} a${i} 0 DC ${openV}`,
        `R${i} a${i} b${i} ${ohm}`,
        `B${i} b${i} 0 I=V(b${i})/${r}`,
        `C${i} t${i} 0 ${lossWK * warmsS}`,
        `Rt${i} t${i} 0 ${1 / lossWK}`,
        `Bt${i} 0 t${i} I=V(b${i})*V(b${i})/${r}`,
        `.ic V(t${i})=0`,
      ].join('\n');
    });
    const result = runModule<Columns>(spice, `plugs\n${net.join('\n')}\n.tran 0.2 ${forS} 0 0.2 uic\n.end`);
    const column = (name: string) => result.find((one) => one.name.toLowerCase() === name)?.values.map(Number) ?? [];
    const times = column('time');
    expect(times.length).toBeGreaterThan(100);
    plugs.forEach(({ openV, ohm, ...plug }, i) => {
      const own = glowPlug({ ...plug, hotK }, { openV, ohm }, forS, 1);
      const [volts, over] = [column(`v(b${i})`), column(`v(t${i})`)];
      for (const { s, volts: ownV, overK, amps } of own.filter((one) => one.s > 0.5)) {
        const at = times.findIndex((time) => time >= s);
        const share = (s - (times[at - 1] ?? 0)) / ((times[at] ?? 1) - (times[at - 1] ?? 0));
        const between = (of: number[]) => (of[at - 1] ?? NaN) + ((of[at] ?? NaN) - (of[at - 1] ?? NaN)) * share;
        if (at < 1) continue;
        expect(Math.abs(ownV / between(volts) - 1)).toBeLessThan(0.005);
        expect(Math.abs(overK - between(over)) / hotK).toBeLessThan(0.005);
        expect(Math.abs(amps - (openV - between(volts)) / ohm) / amps).toBeLessThan(0.05);
      }
    });
  });
  test('in its first moment it draws by Ohm alone: 12.6 V over 0.95 Ω', () =>
    expect(glowPlug({ coldOhm: 0.9, hotOhm: 1.2, hotK: 900, warmsS: 15 }, { openV: 12.6, ohm: 0.05 }, 1, 1)[0]?.amps).toBeCloseTo(
      13.263,
      3,
    ));
  test('in the end it draws what a hot one does', () => {
    const all = glowPlug({ coldOhm: 0.9, hotOhm: 1.2, hotK: 900, warmsS: 15 }, { openV: 12.6, ohm: 0.05 }, 200, 1);
    expect(all[all.length - 1]?.amps).toBeCloseTo(12.6 / 1.25, 2);
  });
  test('a plug without resistance is refused', () =>
    expect(() => glowPlug({ coldOhm: 0, hotOhm: 1, hotK: 900, warmsS: 15 }, { openV: 12, ohm: 0 }, 1, 1)).toThrow(/plug, cold/));
});

test.each([
  ['what the table allows at 30 °C comes to what the insulation bears', 35, 35, 30, 70, 70],
  ['half of it warms by a quarter', 17.5, 35, 30, 70, 40],
  ['without current it is as warm as the air', 0, 35, -10, 105, -10],
])('a wire: %s', (_what, amps, may, ambient, rated, at) =>
  expect(cableTemperatureC(amps, may, ambient, rated)).toBeCloseTo(at, 9),
);
