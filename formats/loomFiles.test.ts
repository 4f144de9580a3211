import type { Simulation } from 'eecircuit-engine';
import Papa from 'papaparse';
import { demoBuild } from '../tests/demoBuild';
import { runModule } from '../tests/runModule';
import { readerOf } from '../core/figures/readerOf';
import { layoutLoom } from '../core/drawing/wiring/layoutLoom';
import { heaterV, loomOf } from '../core/model/wiring/loomOf';
import { writeLoomSvg, writeNetlist, writeWireList } from './loomFiles';

const spice = `import { Simulation } from 'eecircuit-engine'; import { readFileSync } from 'node:fs';
const sim = new Simulation(); await sim.start(); sim.setNetList(readFileSync(0, 'utf8')); process.stdout.write(JSON.stringify((await sim.runSim()).data), () => process.exit(0));`;
type Columns = Awaited<ReturnType<Simulation['runSim']>>['data'];
const builds = ['Page Turner No. 3', 'Fellgate Control', 'Thimble Theatre'].map((name) => demoBuild(name));

test.each(builds.map((build) => [build.identity.name, build] as const))(
  '%s: its netlist run by the SPICE engine gives the heater what it is told to get',
  (_name, build) => {
    const loom = loomOf(readerOf(build));
    const text = writeNetlist('Any; name\n.end\nR9 0 1 1', loom);
    const [, plus = '', minus = ''] = /^I1 (\S+) (\S+) DC/m.exec(text) ?? [];
    const result = runModule<Columns>(spice, text);
    const at = (node: string) =>
      node === '0' ? 0 : Number(result.find(({ name }) => name.toLowerCase() === `v(${node})`)?.values[0]);
    expect(at(plus) - at(minus)).toBeCloseTo(heaterV(loom, 'start'), 3);
  },
);
test('the wire list names both ends of every wire, and no formula', () => {
  const [build] = builds;
  if (!build) throw new Error('no build');
  const cables = (build.lists?.cables ?? []).map((row, i) => (i === 0 ? { ...row, name: '=1+1' } : row));
  const { data } = Papa.parse<Record<string, string>>(writeWireList({ ...build, lists: { ...build.lists, cables } }), {
    header: true,
    skipEmptyLines: true,
  });
  expect(data.length).toBe(cables.length);
  expect(data[1]).toMatchObject({ wire: 'fuse to plug', from: 'fuse', to: 'plug', area: '4', length: '2.3', carries: 'plus' });
  expect(data[0]?.wire).toBe("'=1+1");
});
test('the drawing has every part and every wire, and no name breaks out of it', () => {
  const [build] = builds;
  const drawing = build ? layoutLoom(build, 1100, 'start') : null;
  if (!drawing) throw new Error('nothing drawn');
  const parts = drawing.parts.map((part, i) => (i === 0 ? { ...part, lines: ['<script>"&'] } : part));
  const svg = writeLoomSvg('A & <b>', { ...drawing, parts });
  expect([svg.match(/<path/g)?.length, svg.match(/<rect/g)?.length]).toEqual([drawing.wires.length, drawing.parts.length + 1]);
  expect(svg).not.toMatch(/<script|<b>/);
});
