/** Speed of the computation beside its limit, as ratios: below 1 keeps the limit. Medians; machines differ, so compare ratios. */
import { benchStart } from '../demo/benchStart';
import { demoBuilds } from '../demo/builds';
import { layoutLoom } from '../core/drawing/wiring/layoutLoom';
import { loomOf } from '../core/model/wiring/loomOf';
import { rowsWithIds } from '../demo/rowsWithIds';
import { emptyBuild } from '../core/build/emptyBuild';
import type { Build } from '../core/build/Build';
import { fieldAt, type FigurePath } from '../core/build/sheets';
import { readBuild } from '../core/build/readBuild';
import { layoutOutside } from '../core/drawing/outside/layoutOutside';
import { layoutDucts } from '../core/drawing/warmth/layoutDucts';
import { ductTree } from '../core/model/warmth/ductTree';
import { readerOf } from '../core/figures/readerOf';
import { breathFull } from '../core/model/air/breath';
import { assess, Assessor } from '../core/checks/assess';
import { applyCommand } from '../core/commands/applyCommand';
import { nextRow, firstBreak, type LedgerRow } from '../core/ledger/chain';
import { surveySpread } from '../core/physics/heat/surveySpread';
import { linePicture } from '../core/drawing/line/linePicture';
import { fillSpread } from '../core/physics/fuel/fillSpread';
import { pressureMap } from '../core/physics/fuel/pressureMap';
import { fillPicture } from '../core/drawing/line/fillPicture';
import { searchPlaces } from '../core/model/siting/searchPlaces';
import { sitingPlan } from '../core/model/siting/SitingPlan';
import { compareHeaters } from '../core/drawing/survey/compareHeaters';
import { surveyPicture } from '../core/drawing/survey/surveyPicture';
import { nextMeasurements } from '../core/measure/nextMeasurements';
import { classCards } from '../core/usual/classes';
import { startFrom, withStart } from '../core/usual/startFrom';
import { knownSigns } from '../core/checks/faults/knownSigns';
import { lookFor, type LookFor } from '../core/drawing/faults/lookFor';
import { faultChecks } from '../core/model/faults/faultNetwork';
import { layoutRun } from '../core/drawing/run/layoutRun';
import { writeCertificate } from '../formats/certificate/writeCertificate';

/** The demo's fullest build, without its history. */
function fullBuild(): Build {
  const [demo] = demoBuilds;
  if (!demo) throw new Error('The demo holds no build.');
  const by = { name: 'Bench', role: 'lead', at: '2026-11-20T09:00:00.000Z' } as const;
  let build = emptyBuild(demo.id, { ...demo.identity, invented: true });
  for (const slot of ['planned', 'fitted'] as const) {
    const changes = (Object.entries(demo[slot]) as [FigurePath, number | string][])
      .filter(([path]) => slot === 'planned' || !fieldAt(path).given)
      .map(([path, to]) => ({ path, slot, from: null, to }));
    const applied = applyCommand(build, { kind: 'figures', changes }, by);
    if (!applied.ok) throw new Error(applied.errors.join(' '));
    build = applied.build;
  }
  const listed = { ...build, lists: demoLists(0) };
  const [started] = demo.started ?? [];
  return {
    ...listed,
    starts: started
      ? [{ id: '00000000-0000-4000-8000-000000000001', at: by.at, by: by.name, ...benchStart(listed, started, 1) }]
      : [],
  };
}

/** Lists of a demo build, each row with an id. */
function demoLists(at: number): NonNullable<Build['lists']> {
  let n = 0;
  return rowsWithIds(demoBuilds[at]?.lists, () => `00000000-0000-4000-8000-${String((n += 1)).padStart(12, '0')}`);
}

async function medianMs(times: number, work: () => unknown): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i < times + 3; i += 1) {
    const began = performance.now();
    await work();
    taken.push(performance.now() - began);
  }
  return taken.slice(3).sort((a, b) => a - b)[Math.floor(times / 2)] ?? NaN;
}

async function main(): Promise<void> {
  const build = fullBuild();
  const surveyed = { ...build, lists: demoLists(3) };
  const picture = surveyPicture(surveyed);
  const plan = sitingPlan(surveyed);
  if (!('spread' in picture) || !plan) throw new Error('The demo has no survey or no floor.');
  const [line, fill] = [linePicture(surveyed), fillPicture(surveyed)];
  if (!('facts' in line) || 'missing' in fill) throw new Error('The demo has no fuel line.');
  const facts = picture.spread;
  const floorPlan = { ...plan, floor: { length: 2000, width: 1500 } };
  const findings = assess(build);
  const rows: LedgerRow[] = [];
  for (let i = 0; i < 2000; i += 1)
    rows.push(
      nextRow(rows[i - 1] ?? null, {
        buildId: build.id,
        at: '2026-11-20T09:00:00.000Z',
        by: 'Bench',
        role: 'lead',
        kind: 'note',
        body: { text: `entry ${i}` },
      }),
    );
  const assessor = new Assessor();
  let angle = 20;
  const angled = (): Build => {
    angle = angle === 20 ? 21 : 20;
    const { fuel } = build.sheets;
    return { ...build, sheets: { ...build.sheets, fuel: { ...fuel, pumpAngleDeg: { ...fuel.pumpAngleDeg, fitted: angle } } } };
  };
  const [card] = classCards;
  if (!card) throw new Error('No class of heaters ships.');
  const start = startFrom({ shape: 'bus', card, source: 'standpipe', place: 'floor', tankAway: 'far', batteryAway: 'far' });
  const begun = withStart(emptyBuild(build.id, { ...build.identity, kind: start.kind }), start);
  // A trunk that branches in two, again and again: 19 ducts go on, 21 end in outlets.
  const ducts = Array.from({ length: 40 }, (_, i) => ({
    id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
    name: `duct ${i}`,
    ...(i < 2
      ? {}
      : { fromId: `00000000-0000-4000-8000-${String(Math.floor((i - 2) / 2)).padStart(12, '0')}`, leaves: 'branch' as const }),
    lengthM: 0.4,
    boreMm: 75,
    wall: 'flexible' as const,
    bends: 1,
    bendDeg: 90,
    end: i < 19 ? ('on' as const) : ('open' as const),
    grille: 'free' as const,
    runs: 'inside' as const,
  }));
  const drawn = ducts.map((duct, i) => ({ ...duct, xMm: 200 + (i % 8) * 320, yMm: 150 + Math.floor(i / 8) * 280 }));
  const onFloor = { ...surveyed, lists: { ...surveyed.lists, ducts: drawn } };
  const still = layoutDucts(onFloor, 720, 400);
  let dragged = 0;
  const drag = () =>
    layoutDucts(onFloor, 720, 400, { moved: { id: ducts[25]?.id ?? '', x: 900 + (dragged += 1), y: 400 }, labelsOf: still });
  // Sixty parts in a row, a wire between each two and one back: posts and joints, a fuse first.
  const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
  const kindAt = (i: number) => (i === 0 ? 'battery' : i === 1 ? 'fuse' : i === 59 ? 'heater' : i % 2 === 0 ? 'joint' : 'post');
  const loomParts = Array.from({ length: 60 }, (_, i) => ({
    id: uuid(500 + i),
    name: `part ${i}`,
    kind: kindAt(i) as 'joint',
    ratingA: 15,
  }));
  const cables = Array.from({ length: 60 }, (_, i) => ({
    id: uuid(600 + i),
    name: `wire ${i}`,
    fromId: uuid(500 + i),
    toId: uuid(500 + ((i + 1) % 60)),
    wire: i === 59 ? ('minus' as const) : ('plus' as const),
    areaMm2: 6,
    lengthM: 0.2,
  }));
  const wired = { ...build, lists: { ...build.lists, loomParts, cables } };
  const dragPart = () => layoutLoom(wired, 720, 'start', { id: uuid(530), x: 200 + ((dragged += 1) % 300), y: 200 });
  const led = { ...build, lists: { ...build.lists, ducts } };
  const sought: LookFor = {
    fault: {
      id: uuid(1),
      at: '2026-11-20T09:00:00.000Z',
      by: 'Bench',
      symptom: 'goesOut',
      steps: (
        ['tankLevel', 'code', 'fuelMoves', 'bubbles', 'filterLook', 'fuelSmell', 'intakeMouth', 'exhaustMouth'] as const
      ).map((check) => ({ at: '2026-11-20T09:00:00.000Z', by: 'Bench', check, found: faultChecks[check].answers[0] ?? null })),
      repairs: [],
    },
    known: knownSigns(build, findings, { at: '2026-11-20T09:00:00.000Z' }),
    leanings: [],
    medium: 'air',
    counts: {},
  };
  const lines: [string, number, number][] = [
    ['a tree of 40 ducts solved', await medianMs(300, () => ductTree(readerOf(led)).flow()), 5],
    ['40 ducts, one of them dragged', await medianMs(300, drag), 8],
    ['60 parts of a loom solved', await medianMs(300, () => loomOf(readerOf(wired)).at('start')), 3],
    ['60 parts of a loom, one dragged', await medianMs(300, dragPart), 8],
    ['both pipes solved, air and heat', await medianMs(1500, () => breathFull(readerOf(build))), 5],
    ['outside plan laid out', await medianMs(1500, () => layoutOutside(surveyed, 720, 430)), 8],
    ['assess, a complete build', await medianMs(1500, () => assess(build)), 3],
    ['assess again, one figure changed', await medianMs(1500, () => assessor.assess(angled())), 1],
    ['assess, a build all assumed', await medianMs(300, () => assess(begun)), 20],
    ['what to measure next, all assumed', await medianMs(10, () => nextMeasurements(begun)), 1000],
    ['a fault, after eight answers: what to look at next', await medianMs(40, () => lookFor(sought)), 50],
    ['lay the run out', await medianMs(200, () => layoutRun(build, findings, 1150, 286)), 8],
    ['survey: findings, heaters, pictures', await medianMs(50, () => [compareHeaters(surveyed), surveyPicture(surveyed)]), 10],
    ['survey: 10,000 draws', await medianMs(5, () => surveySpread(facts, { draws: 10000 })), 1000],
    ['pressure map, 60 × 60', await medianMs(20, () => pressureMap(line.facts, 60)), 200],
    ['first fill: 2,000 draws', await medianMs(5, () => fillSpread(fill, { draws: 2000 })), 1000],
    ['find a place, 2 m × 1.5 m', await medianMs(5, () => searchPlaces(floorPlan, { stepMm: 10 })), 2000],
    ['validate a build document', await medianMs(50, () => readBuild(build)), 30],
    ['verify 2,000 ledger rows', await medianMs(5, () => firstBreak(rows)), 500],
    [
      'certificate',
      await medianMs(3, () =>
        writeCertificate(build, {
          workshop: 'Bench',
          demo: true,
          rows: [],
          verification: { rows: 0, lastHash: '', broken: null },
          origins: {},
          madeAt: '2026-11-20T09:00:00.000Z',
        }),
      ),
      2000,
    ],
  ];
  for (const [name, ms, limit] of lines)
    console.log(
      `${name.padEnd(34)} ${(ms / limit).toFixed(2).padStart(6)} of its limit of ${limit} ms${ms > limit ? '  OVER' : ''}`,
    );
}

void main();
