import {
  alwaysOpen,
  ductName,
  ductSizes,
  ductTree,
  hottest,
  returnMm2,
  type DuctRow,
  type DuctTree,
  type Outlet,
} from '../../model/warmth/ductTree';
import { sharesOf } from '../../model/warmth/balanceOutlets';
import { holeMm2, returnHoles } from '../../physics/duct/returnHoles';
import { airCp } from '../../physics/duct/ductAir';
import { computeOrMissing, toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { celsius, count, kW, mm, name, percent, shortM, cm2, type Value } from '../../wording/Value';
import type { Verdict } from '../Finding';
import { defineCheck } from '../Check';
import { makerDecides, r122, trade } from '../sources';
import { worstOf } from '../worstOf';

const flowSource =
  'Darcy–Weisbach, affinity laws; losses of fittings after Idelchik and ASHRAE (from memory). The blower is assumed where its maker tells nothing of it.';
const loop = 'It warms coolant: there are no ducts.';

/** Whether there are ducts to judge. @throws through the reader where nobody has said what the heater warms */
function hasDucts(read: Reader): boolean {
  return read.rows('ducts').length > 0 || read.all({ way: 'warmth.way' }).way === 'ducts';
}
/** Every outlet in the list, whatever is known of its duct. @throws where no duct is entered, or one’s far end is not told */
function ends(read: Reader): readonly DuctRow[] {
  const rows = read.rows('ducts');
  if (rows.length === 0) return read.missing(...toDo('enter the ducts'));
  const untold = rows.filter(({ end }) => end === undefined);
  return untold.length > 0
    ? read.missing(...untold.flatMap((row) => toDo(`say what is at the far end of “${ductName(row, rows.indexOf(row))}”`)))
    : rows;
}
/** The next size of duct that is sold above every one of the tree; null where there is none. */
const nextSize = ({ rows }: DuctTree): number | null =>
  ductSizes.find((size) => size > Math.max(...rows.map(({ boreMm = 0 }) => boreMm))) ?? null;
const shareOfFree = (tree: DuctTree, boreMm?: number): number =>
  (tree.flow(boreMm === undefined ? {} : { boreMm }).blowerM3S / tree.blower.freeM3S) * 100;

/** How warm air is led, what comes out of it, and whether it stays cool enough. */
export const ductChecks = [
  defineCheck({
    id: 'duct.open',
    stage: 'warmth',
    holdPoint: 'bolting',
    part: 'cabin',
    why: 'With every outlet shut the air stands still in the heater, and it overheats.',
    remedy: 'Make the outlet nearest to the heater one that can’t be closed.',
    source: `${trade} How far is near is Lorbet’s own choice. ${makerDecides}`,
    messages: {
      loop,
      allClosable: 'Every outlet can be closed, all {n} of them: with all shut no air moves through the heater.',
      far: '{outlet} can’t be closed, but it is {far} from the heater; within {near} is better.',
      open: '{outlet} can’t be closed.',
    },
    remedies: { far: 'Make an outlet nearer to the heater one that can’t be closed.' },
    assess: (read, say) =>
      !hasDucts(read)
        ? say.sound('loop')
        : worstOf(
            () => {
              const rows = ends(read).filter(({ end }) => end !== 'on');
              return rows.length > 0 && rows.every(({ end }) => end === 'closable')
                ? say.stop('allClosable', { n: count(rows.length) })
                : null;
            },
            () => {
              const near = read.limit('openOutletFarM').value;
              const open = alwaysOpen(ductTree(read)).sort((a, b) => a.fromHeaterM - b.fromHeaterM)[0];
              if (!open) return null;
              const far = shortM(open.fromHeaterM, 1);
              return open.fromHeaterM > near
                ? say.watch('far', { outlet: name(open.name), far, near: shortM(near, 1) })
                : say.sound('open', { outlet: name(open.name) });
            },
          ),
  }),
  defineCheck({
    id: 'duct.return',
    stage: 'warmth',
    holdPoint: 'bolting',
    part: 'cabin',
    why: 'Air that can’t come back starves the blower, and the heater overheats however wide its ducts are.',
    remedy: 'Free what stands before the ways back, or cut more of them until they are as open as the outlets together.',
    source: `${trade} Free shares of mesh, grille and louvre from memory.`,
    messages: {
      loop,
      short: 'Ways back are open by {free}, the outlets together by {wanted}: {missing} are missing.',
      shortHoles:
        'Ways back are open by {free}, the outlets together by {wanted}: {missing} are missing. Holes of {holes} would give {given}.',
      one: '{n} × {across}',
      two: '{n} × {across} and {m} × {small}',
      open: 'Ways back are open by {free}, the outlets together by {wanted}.',
    },
    assess: (read, say) => {
      if (!hasDucts(read)) return say.sound('loop');
      const rows = ends(read).filter(({ end }) => end !== 'on');
      const unsized = rows.filter(({ boreMm }) => boreMm === undefined);
      if (unsized.length > 0)
        return read.missing(
          ...unsized.map((row) => ({
            act: 'measure' as const,
            what: `bore of “${ductName(row, read.rows('ducts').indexOf(row))}”`,
          })),
        );
      const wanted = rows.reduce((sum, { boreMm = 0 }) => sum + holeMm2(boreMm), 0);
      const free = returnMm2(read);
      if (free >= wanted) return say.sound('open', { free: cm2(free), wanted: cm2(wanted) });
      const values = { free: cm2(free), wanted: cm2(wanted), missing: cm2(wanted - free) };
      const more = returnHoles(wanted - free);
      const [large, small] = more?.holes ?? [];
      if (!more || !large) return say.fix('short', values);
      const holes: Value = small
        ? say.clause('two', { n: count(large.pieces), across: mm(large.mm), m: count(small.pieces), small: mm(small.mm) })
        : say.clause('one', { n: count(large.pieces), across: mm(large.mm) });
      return say.fix('shortHoles', { ...values, holes, given: cm2(more.areaMm2) });
    },
  }),
  defineCheck({
    id: 'duct.outlet.temperature',
    stage: 'warmth',
    holdPoint: 'bolting',
    part: 'cabin',
    why: 'The less air, the hotter it leaves: it burns hands, melts what lies before it, and trips the heater’s own guard.',
    remedy: 'Open or widen outlets, free the ways back, or fit wider and shorter duct until it stays below.',
    source: `Heat balance: ΔT = P / (ṁ c_p). ${flowSource} 60 to 126 °C are met (common practice, no source). ${makerDecides}`,
    messages: {
      loop,
      nothing: 'As the outlets stand no air leaves: the heater overheats at once.',
      hot: 'At full the air leaves {outlet} at {c}; at most {most}.',
      allShut: 'With every outlet shut that can be, the air leaves {outlet} at {c}; at most {most}.',
      halfBack: 'With half of the ways back covered the air leaves {outlet} at {c}; at most {most}.',
      bag: 'With a bag lying on {outlet} the air leaves at {c}; at most {most}.',
      below: 'At full the air leaves {outlet} at {c}; at most {most}. It burns hands and melts plastic all the same.',
    },
    remedies: {
      nothing: 'Open an outlet, and make one that can’t be closed.',
      allShut: 'Give the outlets that stay open a wider duct, or let one more of them stay open.',
      halfBack: 'Keep things from standing before the ways back, or cut more of them.',
      bag: 'Give it a guard that holds things off, or a second outlet that can’t be closed.',
    },
    assess: (read, say) => {
      if (!hasDucts(read)) return say.sound('loop');
      const limit = read.limit('outletMaxC').value;
      const most = celsius(limit);
      const tree = () => ductTree(read);
      return worstOf(
        () => {
          const all = tree();
          const flow = all.flow();
          if (flow.massKgS === 0) return say.stop('nothing');
          const hot = hottest(all, flow);
          return hot && hot.c > limit ? say.stop('hot', { outlet: name(hot.outlet.name), c: celsius(hot.c), most }) : null;
        },
        () => {
          const all = tree();
          if (alwaysOpen(all).length === 0 || alwaysOpen(all).length === all.outlets.length) return null;
          const hot = hottest(all, all.flow({ shut: true }));
          return hot && hot.c > limit ? say.fix('allShut', { outlet: name(hot.outlet.name), c: celsius(hot.c), most }) : null;
        },
        () => {
          returnMm2(read);
          const all = tree();
          const half = hottest(all, all.flow({ returnShare: 0.5 }));
          return half && half.c > limit
            ? say.watch('halfBack', { outlet: name(half.outlet.name), c: celsius(half.c), most })
            : null;
        },
        () => {
          // On the one that gives most: what it gave has to go elsewhere.
          const all = tree();
          const flow = all.flow();
          const kgS = ({ id }: Outlet) => flow.byId.get(id)?.massKgS ?? 0;
          const under = all.outlets.reduce<Outlet | null>((most, one) => (most && kgS(most) >= kgS(one) ? most : one), null);
          const c = under && kgS(under) > 0 ? hottest(all, all.flow({ bagOn: under.id }))?.c : undefined;
          if (under && c !== undefined && c > limit) return say.watch('bag', { outlet: name(under.name), c: celsius(c), most });
          return null;
        },
        () => {
          const all = tree();
          const hot = hottest(all, all.flow());
          return hot && say.sound('below', { outlet: name(hot.outlet.name), c: celsius(hot.c), most });
        },
      );
    },
  }),
  defineCheck({
    id: 'duct.pressure',
    stage: 'warmth',
    holdPoint: 'bolting',
    part: 'cabin',
    why: 'Each outlet, bend, branch and metre of duct costs flow; a blower moves air, it doesn’t push it.',
    remedy: 'Shorten the ducts, take bends and branches out, or fit a wider size.',
    source: `${flowSource} The share is Lorbet’s own choice.`,
    messages: {
      loop,
      little: 'Ducts and ways back leave {share} of the air that the blower moves freely; at least {least}.',
      littleWider:
        'Ducts and ways back leave {share} of the air that the blower moves freely; at least {least}. With {bore} duct throughout it would be {wider}.',
      enough: 'Ducts and ways back leave {share} of the air that the blower moves freely.',
    },
    assess: (read, say) => {
      if (!hasDucts(read)) return say.sound('loop');
      const least = read.limit('ductFlowMinPercent').value;
      const tree = ductTree(read);
      const share = shareOfFree(tree);
      const verdict = (): Verdict => {
        const bore = nextSize(tree);
        const values = { share: percent(share), least: percent(least) };
        return bore === null
          ? say.fix('little', values)
          : say.fix('littleWider', { ...values, bore: mm(bore), wider: percent(shareOfFree(tree, bore)) });
      };
      if (share < least) return verdict();
      // Without ways back they count as open: what is bad then is bad all the same, what is good is not known.
      returnMm2(read);
      return say.sound('enough', { share: percent(share) });
    },
  }),
  defineCheck({
    id: 'duct.balance',
    stage: 'warmth',
    holdPoint: 'bolting',
    part: 'cabin',
    why: 'Air goes where it costs least; a long branch beside a short one stays cold.',
    remedy: 'Shorten or widen the duct of the one that gets little, or close the one that gets most a little.',
    source: `${flowSource} The share is Lorbet’s own choice.`,
    messages: {
      loop,
      starved: '{outlet} gets {share} of an even share of the air, {other} {most}; at least {least} is wanted.',
      one: 'There is one outlet.',
      even: 'Each outlet gets at least {share} of an even share; {outlet} gets least.',
    },
    assess: (read, say) => {
      if (!hasDucts(read)) return say.sound('loop');
      const tree = ductTree(read);
      const [least] = sharesOf(tree).sort((a, b) => a.percent - b.percent);
      if (!least) return say.sound('one');
      const limit = read.limit('outletShareMinPercent').value;
      const values = { outlet: name(least.outlet.name), share: percent(least.percent) };
      return least.percent < limit
        ? say.fix('starved', {
            ...values,
            other: name(least.most.name),
            most: percent(least.mostPercent),
            least: percent(limit),
          })
        : say.sound('even', values);
    },
  }),
  defineCheck({
    id: 'duct.insulation',
    stage: 'warmth',
    holdPoint: 'closing',
    part: 'cabin',
    why: 'A bare duct outside or under the floor warms the road; and a hot one must touch nobody.',
    remedy: 'Insulate every duct that runs outside or under the floor.',
    source: `${trade} Thermal resistances after EN ISO 6946 (from memory). ${r122}`,
    messages: {
      loop,
      bare: '{duct} runs outside or under the floor without insulation.',
      bareLoses:
        '{duct} runs outside or under the floor without insulation: it loses {lost} of {all} at full on the coldest night.',
      insulated: 'Every duct that runs outside or under the floor is insulated.',
      inside: 'Every duct runs inside.',
    },
    assess: (read, say) => {
      if (!hasDucts(read)) return say.sound('loop');
      const rows = read.rows('ducts');
      if (rows.length === 0) return read.missing(...toDo('enter the ducts'));
      return worstOf(
        ...rows.map((row, i) => (): Verdict | null => {
          const duct = name(ductName(row, i));
          if (row.runs === undefined) return read.missing(...toDo(`say where “${ductName(row, i)}” runs`));
          if (row.runs === 'inside') return null;
          if (row.insulated === undefined) return read.missing(...toDo(`say whether “${ductName(row, i)}” is insulated`));
          if (row.insulated === 'yes') return null;
          const tree = computeOrMissing(() => ductTree(read));
          const flow = 'missing' in tree ? undefined : tree.value.flow().byId.get(row.id);
          if ('missing' in tree || !flow) return say.fix('bare', { duct });
          const lostW = flow.massKgS * airCp * (flow.fromC - flow.toC);
          return say.fix('bareLoses', { duct, lost: kW(lostW / 1000, 2), all: kW(tree.value.heatW / 1000, 2) });
        }),
        () => (rows.some(({ runs }) => runs === 'outside') ? say.sound('insulated') : say.sound('inside')),
      );
    },
  }),
];
