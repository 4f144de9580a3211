import { sealPlaces, sealKinds, type RowOf } from '../build/lists';
import { hotSealPlaces, passesNoFloor, sealsLacking } from '../model/siting/sealsOwed';
import { foulsOf, keeps, sideClear, thingsInTheWay } from '../model/siting/checkPlace';
import { neverCut, readMeasured, wantWhole } from '../model/siting/SitingPlan';
import { layerToCut, readStack } from '../model/siting/stackUp';
import { longestSold, nextSold, threads } from '../model/siting/threads';
import { wadingMarginMm } from '../model/siting/wadingMarginMm';
import { fittedStarts } from '../model/startup/fittedStarts';
import { formatFixed, formatShort } from '../units/formatNumber';
import type { Check, Reader, Verdict } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const maker = 'The maker’s manual decides.';
const yes = (value: 'yes' | 'no', sound: string, fix: string): Verdict =>
  value === 'yes' ? { level: 'sound', message: sound } : { level: 'fix', message: fix };
/**
 * What is free at an end: as measured with the heater in its place, but never more than the floor sheet leaves there now.
 * A measure that was taken before it was moved is told by that.
 */
function clear(
  read: Reader,
  measuredPath: 'siting.inletClearMm' | 'siting.hotClearMm',
  planned: 'siting.inletPlanMm' | 'siting.hotPlanMm',
): { free: number; note: string } {
  const measured = read.maybe(measuredPath);
  if (measured === null) return { free: read.derived(planned), note: '' };
  // Where nobody has drawn the heater on the floor sheet, what was measured stands alone.
  if (drawnPlace.every((path) => read.maybe(path) === null)) return { free: measured, note: '' };
  const sheet = read.derived(planned);
  return sheet < measured - 1
    ? {
        free: sheet,
        note: ` by the floor sheet (${formatFixed(measured)} mm were measured: before it was moved, or the sheet is not as it is)`,
      }
    : { free: measured, note: '' };
}
const drawnPlace = ['siting.heaterXMm', 'siting.heaterYMm'] as const;
/** On a shelf or a bracket nothing passes a floor. */
function noFloor(read: Reader): boolean {
  read.maybe('siting.mount');
  return passesNoFloor(read.build);
}
const onShelf: Verdict = { level: 'sound', message: 'It stands on a shelf or a bracket: nothing passes a floor below it.' };

function sealVerdict(read: Reader, row: RowOf<'seals'>, firesMs: readonly number[]): Verdict | null {
  const name = row.name ?? (row.kind ? sealKinds[row.kind] : 'a sealant');
  if (row.at !== undefined && hotSealPlaces.includes(row.at) && row.kind !== undefined && row.kind !== 'hotSealant')
    return {
      level: 'fix',
      message: `${name}, ${sealPlaces[row.at]}, is ${sealKinds[row.kind]}: the exhaust burns it away.`,
      remedy: 'Renew it with high-temperature sealant.',
    };
  if (row.appliedAt === undefined || row.cureH === undefined)
    return read.missing(`when ${name} was put on and how long it needs`);
  const due = Date.parse(row.appliedAt) + row.cureH * 3600_000;
  const early = firesMs.find((at) => at < due && at > Date.parse(row.appliedAt ?? ''));
  if (early !== undefined)
    return {
      level: 'fix',
      message: `It was lit ${formatFixed((due - early) / 3600_000, 1)} h before ${name} had cured.`,
      remedy: 'Look it over while warm and cold; renew it, let it cure, and enter when it was put on anew.',
    };
  if (row.hardAt === undefined) return read.missing(`${name} found hard after its ${formatShort(row.cureH, 1)} h`);
  const short = (due - Date.parse(row.hardAt)) / 3600_000;
  return short > 0
    ? {
        level: 'fix',
        message: `${name} was called hard ${formatFixed(short, 1)} h before its ${formatShort(row.cureH, 1)} h were over.`,
        remedy: 'Wait until it is due, touch it, and enter that moment.',
      }
    : null;
}

/** Turns of thread that a tapped hole needs to hold. Common practice, no source. */
const turnsWanted = 2;

/** Where it stands, what lies below, and whether it all fits before anything is cut. */
export const sitingChecks: readonly Check[] = [
  {
    id: 'siting.orientation',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Upside down, fuel and soot run back into the burner and the flame finds the fan; on the wrong side the plug drowns.',
    remedy: 'Turn it so that fuel inlet and glow plug end up on top; flat is always right.',
    source: `${trade} ${maker}`,
    check(read) {
      const { lies } = read.all({ lies: 'siting.heaterLies' });
      if (lies === 'flat') return { level: 'sound', message: 'The heater lies flat.' };
      if (lies === 'upsideDown') return { level: 'stop', message: 'The heater hangs upside down.' };
      if (lies === 'onEnd') return { level: 'fix', message: 'The heater stands on end.' };
      if (lies === 'sideDown')
        return { level: 'fix', message: 'The heater lies on the side that puts its fuel inlet or glow plug below.' };
      const { may } = read.all({ may: 'siting.mayLie' });
      return may === 'side'
        ? { level: 'sound', message: 'The heater lies on its side, inlet and plug on top, as its maker lets it.' }
        : { level: 'fix', message: 'The heater lies on its side; its maker lets it lie flat only.' };
    },
  },
  {
    id: 'siting.inlet.clearance',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A starved inlet overheats the unit; things stored against it do the same later.',
    remedy: 'Move or turn the heater, or take away what stands before it.',
    source: `${trade} ${maker}`,
    check(read) {
      const { free, note } = clear(read, 'siting.inletClearMm', 'siting.inletPlanMm');
      const [min, good] = [read.limit('inletClearMinMm').value, read.limit('inletClearGoodMm').value];
      const message = `${formatFixed(free)} mm clear in front of the cold-air inlet${note}`;
      if (free < min) return { level: 'fix', message: `${message}; at least ${formatFixed(min)} mm are wanted.` };
      if (free < good) return { level: 'watch', message: `${message}; ${formatFixed(good)} mm are better.` };
      return { level: 'sound', message: `${message} (at least ${formatFixed(min)} mm).` };
    },
  },
  {
    id: 'siting.hot.clearance',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A duct needs its straight for the clamp and room for its bend; bends are bulkier than they look, and hot.',
    remedy: 'Move or turn the heater, or let the duct go straight through what is there, in a sleeve.',
    source: `${trade} The room for a bend is Lorbet’s own choice.`,
    check(read) {
      const { free, note } = clear(read, 'siting.hotClearMm', 'siting.hotPlanMm');
      const straight = read.limit('clampStraightMm').value;
      const message = `${formatFixed(free)} mm clear at the hot end${note}`;
      if (free < straight)
        return { level: 'fix', message: `${message}; the duct’s clamp alone needs ${formatFixed(straight)} mm.` };
      const wanted = read.derived('siting.hotNeededMm');
      if (free < wanted) return { level: 'watch', message: `${message}: a clamp fits, a bend needs ${formatFixed(wanted)} mm.` };
      return { level: 'sound', message: `${message} (clamp and bend need ${formatFixed(wanted)} mm).` };
    },
  },
  {
    id: 'siting.below',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A saw that meets a rail is a hole in the wrong place; one that meets a fuel or brake pipe is a fire or a crash.',
    remedy:
      'Move the heater on the floor sheet until it is clear, or let the search find a place; then a 2.5 mm pilot, and look underneath.',
    source: `${trade} The margins are Lorbet’s own choice.`,
    check(read) {
      const holes = read.rows('holes').length;
      if (holes === 0 && read.maybe('siting.mount') !== 'shelf') return read.missing('the holes to be cut');
      const { plan, place } = readMeasured(read);
      const things = read.rows('obstacles').length;
      // What is drawn in the way counts before anybody has looked: a danger is not hidden behind a missing answer.
      const looked = read.maybe('siting.lookedBelow');
      const fouls = foulsOf(plan, place);
      const [worst] = fouls;
      const cut = fouls.find(({ gapMm, thing }) => gapMm < plan.limits.cut && neverCut.includes(thing.kind));
      const tell = ({ hole, thing, gapMm, wantedMm }: (typeof fouls)[number]) =>
        gapMm <= 0
          ? `The hole “${hole.name}” cuts into ${thing.name}, by ${formatFixed(-gapMm)} mm`
          : `The hole “${hole.name}” comes within ${formatFixed(gapMm)} mm of ${thing.name}; ${formatFixed(wantedMm)} mm are wanted`;
      if (cut) return { level: 'stop', message: `${tell(cut)}.` };
      if (worst) return { level: 'fix', message: `${tell(worst)}${fouls.length > 1 ? `; and ${fouls.length - 1} more` : ''}.` };
      const standing = thingsInTheWay(plan, place);
      if (standing[0]) return { level: 'fix', message: `The heater would stand in ${standing[0].name}.` };
      if (!keeps(plan, place, 'floor')) return { level: 'fix', message: 'Heater or holes reach over the edge of the floor.' };
      if (!keeps(plan, place, 'walls'))
        return {
          level: 'fix',
          message: `The heater stands ${formatFixed(sideClear(plan, place))} mm from the wall beside it; at least ${formatFixed(plan.limits.side)} mm are wanted.`,
        };
      wantWhole(read);
      if (holes === 0) return onShelf;
      if (looked !== 'yes') return read.missing('a look below the place');
      return {
        level: 'sound',
        message:
          things === 0
            ? 'Nothing lies below the holes: looked, and drawn so.'
            : `All ${plan.holes.length} holes are clear of the ${things} things below.`,
      };
    },
  },
  {
    id: 'siting.stack.thread',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Gasket, plate, covering, floor and ribs eat the studs; a nut on two turns of thread works loose, and the exhaust joint with it.',
    remedy: 'Cut a layer back under the plate, or buy longer studs.',
    source: `Geometry; nut ISO 4032, washer ISO 7089 (from memory). ${trade}`,
    check(read) {
      if (noFloor(read)) return onShelf;
      const layers = readStack(read);
      const [left, needed] = [read.derived('siting.threadLeftMm'), read.derived('siting.threadNeededMm')];
      const { stud, thread } = read.all({ stud: 'siting.studLengthMm', thread: 'siting.studThread' });
      const message = `Studs of ${formatShort(stud, 1)} mm leave ${formatFixed(left, 1)} mm below the floor; washer, nut and a turn of ${thread} need ${formatFixed(needed, 1)} mm`;
      if (left < needed) {
        const lacking = needed - left;
        const cut = layerToCut(layers, lacking);
        const buy = nextSold(stud + lacking);
        const ways = [
          ...(cut ? [`cut ${cut.name} back under the plate (${formatShort(cut.thicknessMm, 1)} mm)`] : []),
          ...(buy ? [`buy studs of ${buy} mm`] : []),
        ];
        return {
          level: 'fix',
          message: `${message}: ${formatFixed(lacking, 1)} mm are lacking.`,
          remedy:
            ways.length > 0
              ? `${ways.join(', or ')}.`.replace(/^./, (c) => c.toUpperCase())
              : 'A thinner floor here, or another way to hold it.',
        };
      }
      return left < needed + 2
        ? { level: 'watch', message: `${message}: it only just reaches.` }
        : { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'siting.stack.spigot',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'exhaust',
    why: 'A hose or exhaust held by half a clamp comes off, and it comes off below the floor, where its gas is breathed in.',
    remedy: 'Cut layers back round the spigots, or set the heater lower in a pocket or turret.',
    source: `Geometry; 3 mm beyond the clamp: Lorbet’s own choice. ${trade}`,
    check(read) {
      if (noFloor(read)) return onShelf;
      const left = read.derived('siting.spigotLeftMm');
      const { clamp } = read.all({ clamp: 'siting.clampWidthMm' });
      const needed = clamp + 3;
      const message = `The shortest spigot shows ${formatFixed(left, 1)} mm below the skin; a clamp of ${formatShort(clamp, 1)} mm wants ${formatFixed(needed, 1)} mm`;
      if (left < needed) {
        const cut = layerToCut(readStack(read), needed - left);
        return {
          level: 'fix',
          message: `${message}.`,
          ...(cut
            ? {
                remedy: `Cut ${cut.name} back round the spigots (${formatShort(cut.thicknessMm, 1)} mm), or set the heater in a turret.`,
              }
            : {}),
        };
      }
      return { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'siting.covering',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'Lino, vinyl and carpet shrink, smoulder and give under a plate; the seal opens.',
    remedy: 'Cut the covering back so that the plate sits on timber or metal.',
    source: trade,
    check(read) {
      if (noFloor(read)) return onShelf;
      const under = readStack(read).filter((layer) => layer.kind === 'covering' && !layer.cutBack);
      return under[0]
        ? { level: 'fix', message: `${under.map((l) => l.name).join(' and ')} lies under the plate and is not cut back.` }
        : { level: 'sound', message: 'The plate sits on timber or metal.' };
    },
  },
  {
    id: 'siting.lead.threaded',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'pump',
    why: 'Once the plate is down the pump lead can’t be threaded; the heater comes up again.',
    remedy: 'Thread the pump lead through its slot in the plate now.',
    source: trade,
    check: (read) =>
      yes(
        read.all({ v: 'siting.pumpLeadThreaded' }).v,
        'The pump lead is through its slot.',
        'The pump lead is not through its slot in the plate.',
      ),
  },
  {
    id: 'siting.clamp.foul',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Clamps can’t be turned and hoses can’t be reached once the heater is down; a head that fouls the shroud lets exhaust by.',
    remedy: 'Hoses and exhaust on, clamp heads turned clear of the shroud; dry-fit it once with everything on.',
    source: trade,
    check(read) {
      const [hoses, heads] = [read.maybe('siting.hosesOn'), read.maybe('siting.clampHeads')];
      if (heads === 'foul') return { level: 'fix', message: 'A clamp’s head fouls the shroud.' };
      if (hoses === 'no') return { level: 'fix', message: 'Hoses and exhaust are not on their spigots yet.' };
      read.all({ hoses: 'siting.hosesOn', heads: 'siting.clampHeads' });
      return { level: 'sound', message: 'Hoses and exhaust are on, clamp heads clear of the shroud.' };
    },
  },
  {
    id: 'siting.screw.length',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'A screw that comes out below finds a pipe, a wire or a knuckle; one too short pulls out.',
    remedy: 'Measure against the offcut of the floor.',
    source: `${trade} The bite of 8 mm is Lorbet’s own choice.`,
    check(read) {
      if (noFloor(read)) return onShelf;
      const { screw } = read.all({ screw: 'siting.screwLengthMm' });
      if (screw === 0) return { level: 'sound', message: 'No screws go into the floor.' };
      const max = read.derived('siting.screwRoomMm');
      const above = readStack(read)
        .filter((l) => l.kind === 'plate' || l.kind === 'gasket')
        .reduce((sum, l) => sum + l.thicknessMm, 0);
      const buy = longestSold(max);
      if (screw > max)
        return {
          level: 'fix',
          message: `Screws of ${formatShort(screw, 1)} mm come out below; ${formatFixed(max, 1)} mm stay inside.`,
          remedy: buy ? `Take screws of ${buy} mm.` : 'Bolt it through instead.',
        };
      if (screw - above < 8)
        return {
          level: 'fix',
          message: `Screws of ${formatShort(screw, 1)} mm bite only ${formatFixed(Math.max(0, screw - above), 1)} mm into the floor.`,
        };
      return { level: 'sound', message: `Screws of ${formatShort(screw, 1)} mm stay inside (${formatFixed(max, 1)} mm).` };
    },
  },
  {
    id: 'siting.tapdrill',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'In thin steel every turn counts: too wide a drill strips, too narrow a one breaks the tap.',
    remedy: 'Take the drill of the tapping table; in sheet under two turns thick, rivet nuts or a backing plate.',
    source: `ISO 68-1, ISO 2306 (from memory); the limits are Lorbet’s own choice.`,
    check(read) {
      const { thread } = read.all({ thread: 'siting.tapThread' });
      if (thread === 'none') return { level: 'sound', message: 'No hole is tapped.' };
      return worstOf(
        read,
        () => {
          const share = read.derived('siting.tapPercent');
          const { drill } = read.all({ drill: 'siting.tapDrillMm' });
          const message = `A ${formatShort(drill, 1)} mm drill leaves ${formatFixed(share)} % of the thread of ${thread}`;
          if (share < 50)
            return { level: 'fix', message: `${message}: it strips.`, remedy: 'Take the drill of the tapping table.' };
          if (share > 100)
            return { level: 'fix', message: `${message}: the tap breaks.`, remedy: 'Take the drill of the tapping table.' };
          return share < 60 ? { level: 'watch', message: `${message}.` } : { level: 'sound', message: `${message}.` };
        },
        () => {
          const metalMm = readStack(read)
            .filter(({ kind, cutBack }) => kind === 'metal' && !cutBack)
            .reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
          const turns = metalMm / threads[thread].pitchMm;
          return turns < turnsWanted
            ? {
                level: 'fix',
                message: `${formatShort(metalMm, 1)} mm of metal hold ${formatFixed(turns, 1)} turns of ${thread}; at least ${turnsWanted} are wanted.`,
                remedy:
                  'Rivet nuts or bolts in place of tapped holes (then none is tapped), or a backing plate, entered as a metal layer.',
              }
            : null;
        },
      );
    },
  },
  {
    id: 'siting.edge.treatment',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'Cut edges of steel rust through in a few winters, hidden by the plate.',
    remedy: 'Deburr, prime and paint every cut edge, and let it dry, before the plate goes down.',
    source: trade,
    check(read) {
      const { edges } = read.all({ edges: 'siting.cutEdges' });
      if (edges === 'bare') return { level: 'fix', message: 'Cut edges are bare.' };
      if (edges === 'deburred') return { level: 'fix', message: 'Cut edges are deburred and not painted.' };
      return {
        level: 'sound',
        message: edges === 'painted' ? 'Cut edges are deburred, primed and painted.' : 'No steel was cut.',
      };
    },
  },
  {
    id: 'siting.seal.cure',
    stage: 'siting',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Sealant and paint that meet heat or water before they have cured blister and open; round the plate that lets exhaust and water in.',
    remedy: 'Wait until it is due, touch it, and mark it as found hard.',
    source: `${trade} The time is the one on its tin.`,
    check(read) {
      const rows = read.rows('seals');
      const firstFire = fittedStarts(read.build).map((run) => Date.parse(run.at));
      return worstOf(
        read,
        ...rows.map((row) => () => sealVerdict(read, row, firstFire)),
        () => {
          read.rows('holes');
          const lacking = sealsLacking(read.build);
          return lacking.length > 0 ? read.missing(...lacking.map((place) => `the seal ${sealPlaces[place]}`)) : null;
        },
        () => ({
          level: 'sound',
          message: `${rows.length === 1 ? 'The sealant has' : `All ${rows.length} sealants and paints have`} cured, at every hole and joint.`,
        }),
      );
    },
  },
  {
    id: 'siting.service.access',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'A heater that can’t be lifted out or opened is never serviced; in a tight box it overheats, and a bare loom chafes.',
    remedy: 'Leave a side that opens, and room to lift it out; grommets where loom and line pass metal.',
    source: `${trade} ${maker}`,
    check(read) {
      return worstOf(
        read,
        () =>
          read.all({ side: 'siting.openingSide' }).side === 'no'
            ? { level: 'fix', message: 'The heater can’t be reached for service.' }
            : null,
        () => {
          if (read.all({ boxed: 'siting.boxed' }).boxed === 'no') return null;
          const { round } = read.all({ round: 'siting.boxRoundMm' });
          const min = read.limit('boxRoundMinMm').value;
          return round < min
            ? {
                level: 'fix',
                message: `${formatFixed(round)} mm are free round it in its box; at least ${formatFixed(min)} mm are wanted.`,
              }
            : null;
        },
        () =>
          read.all({ grommet: 'siting.loomGrommet' }).grommet === 'no'
            ? { level: 'fix', message: 'Loom or line passes the metal without a grommet.' }
            : null,
        () => {
          if (read.all({ boxed: 'siting.boxed' }).boxed === 'yes') return null;
          const { lift, high } = read.all({ lift: 'siting.liftOutMm', high: 'siting.heaterHeightMm' });
          return lift < high
            ? {
                level: 'fix',
                message: `${formatFixed(lift)} mm are free above it; lifted out it needs its own height, ${formatFixed(high)} mm.`,
              }
            : null;
        },
        () => ({ level: 'sound', message: 'It can be reached, lifted out and serviced.' }),
      );
    },
  },
  {
    id: 'siting.wading',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'Water in the burner, the fan or the plugs ends it; salt and slush do it slowly.',
    remedy: 'Set it inside, or higher; a closed box keeps spray out, not a ford.',
    source: `${trade} 100 mm above the water: Lorbet’s own choice.`,
    check(read) {
      const { sits } = read.all({ sits: 'survey.heaterSits' });
      if (sits === 'inside') return { level: 'sound', message: 'The heater sits inside.' };
      return worstOf(
        read,
        () => {
          const { above, deep } = read.all({ above: 'siting.aboveGroundMm', deep: 'people.wadingDepthMm' });
          return deep > 0 && above < deep + wadingMarginMm
            ? {
                level: 'fix',
                message: `Its lowest point is ${above === 0 ? 'at' : `${formatFixed(above)} mm above`} the ground; the vehicle wades to ${formatFixed(deep)} mm, and ${formatFixed(deep + wadingMarginMm)} mm keeps it dry.`,
              }
            : null;
        },
        () => {
          const { above, boxed } = read.all({ above: 'siting.aboveGroundMm', boxed: 'siting.boxed' });
          const message =
            above === 0 ? 'Its lowest point is at the ground' : `Its lowest point is ${formatFixed(above)} mm above the ground`;
          return boxed === 'no'
            ? { level: 'watch', message: `${message}, open to spray and slush.` }
            : { level: 'sound', message: `${message}, in a closed box.` };
        },
      );
    },
  },
];
