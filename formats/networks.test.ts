import DxfParser from 'dxf-parser';
import { NodeProperty, Project, Workspace } from 'epanet-js';
import { soundBuild, withValues } from '../tests/soundBuild';
import { linePicture, profileAt } from '../core/drawing/line/linePicture';
import { outsideShapes } from '../core/drawing/outside/outsideShapes';
import { fuelState } from '../core/physics/fuel/pressureMap';
import { writeFuelInp } from './epanetInp';
import { writeTemplateDxf } from './templateDxf';
import { writeTemplateSvg } from './templateSvg';

describe('the fuel line as a network', () => {
  const workspace = new Workspace();
  beforeAll(() => workspace.loadModule());
  test('solved again by the EPANET engine from its file, the pump’s inlet loses what our own sum has it lose, within 0.5 %', () => {
    const picture = linePicture(soundBuild());
    if ('missing' in picture) throw new Error('nothing to write');
    const { facts, asBuilt } = picture;
    const fuel = fuelState(facts.fuel, asBuilt.temperatureC);
    const flowMlS = facts.doseMl * asBuilt.frequencyHz;
    workspace.writeFile(
      'fuel.inp',
      writeFuelInp({ ...facts, name: 'Test; Barrow\n[END]', fuel, levelMm: asBuilt.levelMm, flowMlS }),
    );
    const project = new Project(workspace);
    project.open('fuel.inp', 'fuel.rpt', 'fuel.out');
    project.solveH();
    const suction = facts.route.segments.filter(({ side }) => side === 'suction');
    const at = project.getNodeIndex(`S${suction.length}`);
    const head = project.getNodeValue(at, NodeProperty.Head);
    const elevation = project.getNodeValue(at, NodeProperty.Elevation);
    project.close();
    const pump = profileAt(facts, asBuilt)
      .nodes.filter(({ side }) => side === 'suction')
      .at(-1);
    // EPANET counts metres of the fluid with 32.2 ft/s²; its reservoir stands a kilometre up.
    const theirs = (asBuilt.levelMm / 1000 + 1000 - head) * fuel.densityKgM3 * 32.2 * 0.3048;
    const own = (pump?.restPa ?? NaN) - (pump?.flowPa ?? NaN);
    expect(Math.abs(theirs / own - 1)).toBeLessThan(0.005);
    expect(elevation).toBeCloseTo(facts.pumpMm / 1000, 3);
  });
});

describe('the outside plan as a file', () => {
  const build = withValues(soundBuild(), {
    'ends.exhaustXMm': 1500,
    'ends.exhaustYMm': 1815,
    'ends.exhaustPoints': 'rearward',
    'ends.intakeXMm': 900,
    'ends.intakeYMm': 700,
  });
  const named = {
    ...build,
    lists: {
      ...build.lists,
      outside: [{ id: build.id, name: 'a <b> & “c”', kind: 'window' as const, xMm: 400, yMm: 1700, lengthMm: 600, widthMm: 40 }],
    },
  };
  const plan = outsideShapes(named);
  test('read back by another library, the ends stand where they were measured, in mm', () => {
    const read = new DxfParser().parseSync(writeTemplateDxf(plan ?? { shapes: [] }));
    const circles = read?.entities.filter(({ type }) => type === 'CIRCLE') as unknown as { center: { x: number; y: number } }[];
    expect(circles.map(({ center }) => [center.x, center.y])).toEqual([
      [1500, 1815],
      [900, 700],
    ]);
  });
  test('names of one’s own can’t break the picture', () => {
    const svg = writeTemplateSvg(plan ?? { title: '', shapes: [], left: 0, bottom: 0, width: 1, height: 1 });
    expect(svg).toContain('a &#60;b&#62; &#38; “c” (window)');
    expect(svg).not.toContain('<b>');
  });
  test('there is none while nobody has said how large the floor is', () => {
    expect(outsideShapes(withValues(build, { 'siting.floorLengthMm': null }))).toBeNull();
  });
});
