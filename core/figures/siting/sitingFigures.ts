import { toDo } from '../../reading/NotMeasured';
import type { Reader, Derived } from '../../reading/Reader';
import { hotClear, inletClear } from '../../model/siting/checkPlace';
import { toFloor } from '../../model/siting/frame';
import { hotRoomMm, readSiting } from '../../model/siting/SitingPlan';
import { readStack, screwRoomMm, stackMm } from '../../model/siting/stackUp';
import { tapEngagementPercent, threadNeededMm } from '../../model/siting/threads';

const geometry = 'geometry of the floor sheet';
const runM = (read: Reader, target: 'duct' | 'fuel' | 'battery', name: string): number => {
  const { plan, place } = readSiting(read);
  const to = plan.targets[target];
  if (!to) return read.missing(...toDo(`enter where ${name}`));
  const from = target === 'duct' ? toFloor(place, { along: plan.heater.length / 2, across: 0 }) : place;
  return (Math.abs(from.x - to.x) + Math.abs(from.y - to.y)) / 1000;
};

const clearOnPlan = (read: Reader, clear: typeof hotClear): number => {
  const { plan, place } = readSiting(read);
  read.rows('above');
  return clear(plan, place);
};

export const sitingFigures = {
  'siting.stackMm': {
    label: 'From the foot to the lowest rib',
    unit: 'mm',
    decimals: 1,
    formula: 'Σ layers that are not cut back',
    source: 'geometry',
    compute: (read: Reader): number => stackMm(readStack(read)),
  },
  'siting.threadLeftMm': {
    label: 'Of the studs, left below',
    unit: 'mm',
    decimals: 1,
    formula: 'stud − stack',
    source: 'geometry',
    compute: (read: Reader): number => read.all({ stud: 'siting.studLengthMm' }).stud - read.derived('siting.stackMm'),
  },
  'siting.threadNeededMm': {
    label: 'Of the studs, needed below',
    unit: 'mm',
    decimals: 1,
    formula: 'washer + nut + one turn',
    source: 'ISO 4032, ISO 7089, ISO 261 (from memory)',
    compute: (read: Reader): number => threadNeededMm(read.all({ thread: 'siting.studThread' }).thread),
  },
  'siting.spigotLeftMm': {
    label: 'Of the shortest spigot, left below',
    unit: 'mm',
    decimals: 1,
    formula: 'spigot − stack',
    source: 'geometry',
    compute: (read: Reader): number => read.all({ spigot: 'siting.spigotLengthMm' }).spigot - read.derived('siting.stackMm'),
  },
  'siting.screwRoomMm': {
    label: 'Longest screw that stays inside',
    unit: 'mm',
    decimals: 1,
    formula: 'Σ layers but ribs − 2 mm',
    source: 'geometry; 2 mm: Lorbet’s own choice',
    compute: (read: Reader): number => screwRoomMm(readStack(read)) - 2,
  },
  'siting.inletPlanMm': {
    label: 'Clear before the inlet, by the floor sheet',
    unit: 'mm',
    decimals: 0,
    formula: 'straight ahead over the heater’s width to the nearest thing',
    source: geometry,
    compute: (read: Reader): number => clearOnPlan(read, inletClear),
  },
  'siting.hotPlanMm': {
    label: 'Clear at the hot end, by the floor sheet',
    unit: 'mm',
    decimals: 0,
    formula: 'straight ahead over the heater’s width to the nearest thing',
    source: geometry,
    compute: (read: Reader): number => clearOnPlan(read, hotClear),
  },
  'siting.hotNeededMm': {
    label: 'Wanted at the hot end',
    unit: 'mm',
    decimals: 0,
    formula: 'straight for the clamp + a bend as long as the duct is wide',
    source: 'clamp: common practice, no source; bend: Lorbet’s own choice',
    compute: (read: Reader): number => hotRoomMm(read.limit('clampStraightMm').value, read.all({ duct: 'siting.ductMm' }).duct),
  },
  'siting.tapPercent': {
    label: 'Thread left in a tapped hole',
    unit: '%',
    decimals: 0,
    formula: '(D − drill) / (1.0825 pitch)',
    source: 'ISO 68-1 geometry (from memory)',
    compute: (read: Reader): number => {
      const { thread, drill } = read.all({ thread: 'siting.tapThread', drill: 'siting.tapDrillMm' });
      return thread === 'none' ? read.missing(...toDo('choose the thread that is tapped')) : tapEngagementPercent(thread, drill);
    },
  },
  'siting.ductRunM': {
    label: 'Duct from here, along the sides',
    unit: 'm',
    decimals: 1,
    formula: '|Δx| + |Δy| from the hot end',
    source: geometry,
    compute: (read: Reader): number => runM(read, 'duct', 'the duct goes'),
  },
  'siting.fuelRunM': {
    label: 'Fuel line to here, along the sides',
    unit: 'm',
    decimals: 1,
    formula: '|Δx| + |Δy|',
    source: geometry,
    compute: (read: Reader): number => runM(read, 'fuel', 'the fuel comes from'),
  },
  'siting.cableRunM': {
    label: 'Feed to here, along the sides',
    unit: 'm',
    decimals: 1,
    formula: '|Δx| + |Δy|',
    source: geometry,
    compute: (read: Reader): number => runM(read, 'battery', 'the battery stands'),
  },
} satisfies Record<string, Derived>;
