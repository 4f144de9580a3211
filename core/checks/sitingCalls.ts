import { sealPlaces, sealKinds, type RowOf } from '../build/lists';
import { hotSealPlaces, passesNoFloor, sealsLacking } from '../model/siting/sealsOwed';
import { foulsOf, keeps, sideClear, thingsInTheWay } from '../model/siting/checkPlace';
import { neverCut, readMeasured, wantWhole } from '../model/siting/SitingPlan';
import { layerToCut, readStack } from '../model/siting/stackUp';
import { longestSold, nextSold, threads } from '../model/siting/threads';
import { wadingMarginMm } from '../model/siting/wadingMarginMm';
import { fittedStarts } from '../model/startup/fittedStarts';
import { show, trim } from '../units/show';
import type { Judge, Reader, Verdict } from './Call';
import { weigh } from './weigh';

const trade = 'Common practice, no published source.';
const maker = 'The maker’s manual decides.';
const yes = (value: 'yes' | 'no', sound: string, fix: string): Verdict =>
  value === 'yes' ? { level: 'sound', says: sound } : { level: 'fix', says: fix };
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
        note: ` by the floor sheet (${show(measured)} mm were measured: before it was moved, or the sheet is not as it is)`,
      }
    : { free: measured, note: '' };
}
const drawnPlace = ['siting.heaterXMm', 'siting.heaterYMm'] as const;
/** On a shelf or a bracket nothing passes a floor. */
function noFloor(read: Reader): boolean {
  read.maybe('siting.mount');
  return passesNoFloor(read.build);
}
const onShelf: Verdict = { level: 'sound', says: 'It stands on a shelf or a bracket: nothing passes a floor below it.' };

function sealVerdict(read: Reader, row: RowOf<'seals'>, firesMs: readonly number[]): Verdict | null {
  const name = row.name ?? (row.kind ? sealKinds[row.kind] : 'a sealant');
  if (row.at !== undefined && hotSealPlaces.includes(row.at) && row.kind !== undefined && row.kind !== 'hotSealant')
    return {
      level: 'fix',
      says: `${name}, ${sealPlaces[row.at]}, is ${sealKinds[row.kind]}: the exhaust burns it away.`,
      todo: 'Renew it with high-temperature sealant.',
    };
  if (row.appliedAt === undefined || row.cureH === undefined)
    return read.missing(`when ${name} was put on and how long it needs`);
  const due = Date.parse(row.appliedAt) + row.cureH * 3600_000;
  const early = firesMs.find((at) => at < due && at > Date.parse(row.appliedAt ?? ''));
  if (early !== undefined)
    return {
      level: 'fix',
      says: `It was lit ${show((due - early) / 3600_000, 1)} h before ${name} had cured.`,
      todo: 'Look it over while warm and cold; renew it, let it cure, and enter when it was put on anew.',
    };
  if (row.hardAt === undefined) return read.missing(`${name} found hard after its ${trim(row.cureH, 1)} h`);
  const short = (due - Date.parse(row.hardAt)) / 3600_000;
  return short > 0
    ? {
        level: 'fix',
        says: `${name} was called hard ${show(short, 1)} h before its ${trim(row.cureH, 1)} h were over.`,
        todo: 'Wait until it is due, touch it, and enter that moment.',
      }
    : null;
}

/** Turns of thread that a tapped hole needs to hold. Common practice, no source. */
const turnsWanted = 2;

/** Where it stands, what lies below, and whether it all fits before anything is cut. */
export const sitingCalls: readonly Judge[] = [
  {
    id: 'siting.orientation',
    stage: 'siting',
    moment: 'cutting',
    part: 'heater',
    why: 'Upside down, fuel and soot run back into the burner and the flame finds the fan; on the wrong side the plug drowns.',
    todo: 'Turn it so that fuel inlet and glow plug end up on top; flat is always right.',
    source: `${trade} ${maker}`,
    judge(read) {
      const { lies } = read.all({ lies: 'siting.heaterLies' });
      if (lies === 'flat') return { level: 'sound', says: 'The heater lies flat.' };
      if (lies === 'upsideDown') return { level: 'stop', says: 'The heater hangs upside down.' };
      if (lies === 'onEnd') return { level: 'fix', says: 'The heater stands on end.' };
      if (lies === 'sideDown')
        return { level: 'fix', says: 'The heater lies on the side that puts its fuel inlet or glow plug below.' };
      const { may } = read.all({ may: 'siting.mayLie' });
      return may === 'side'
        ? { level: 'sound', says: 'The heater lies on its side, inlet and plug on top, as its maker lets it.' }
        : { level: 'fix', says: 'The heater lies on its side; its maker lets it lie flat only.' };
    },
  },
  {
    id: 'siting.inlet.clearance',
    stage: 'siting',
    moment: 'cutting',
    part: 'heater',
    why: 'A starved inlet overheats the unit; things stored against it do the same later.',
    todo: 'Move or turn the heater, or take away what stands before it.',
    source: `${trade} ${maker}`,
    judge(read) {
      const { free, note } = clear(read, 'siting.inletClearMm', 'siting.inletPlanMm');
      const [least, good] = [read.limit('inletClearMinMm').value, read.limit('inletClearGoodMm').value];
      const says = `${show(free)} mm clear in front of the cold-air inlet${note}`;
      if (free < least) return { level: 'fix', says: `${says}; at least ${show(least)} mm are wanted.` };
      if (free < good) return { level: 'watch', says: `${says}; ${show(good)} mm are better.` };
      return { level: 'sound', says: `${says} (at least ${show(least)} mm).` };
    },
  },
  {
    id: 'siting.hot.clearance',
    stage: 'siting',
    moment: 'cutting',
    part: 'heater',
    why: 'A duct needs its straight for the clamp and room for its bend; bends are bulkier than they look, and hot.',
    todo: 'Move or turn the heater, or let the duct go straight through what is there, in a sleeve.',
    source: `${trade} The room for a bend is Lorbet’s own choice.`,
    judge(read) {
      const { free, note } = clear(read, 'siting.hotClearMm', 'siting.hotPlanMm');
      const straight = read.limit('clampStraightMm').value;
      const says = `${show(free)} mm clear at the hot end${note}`;
      if (free < straight) return { level: 'fix', says: `${says}; the duct’s clamp alone needs ${show(straight)} mm.` };
      const wanted = read.derived('siting.hotNeededMm');
      if (free < wanted) return { level: 'watch', says: `${says}: a clamp fits, a bend needs ${show(wanted)} mm.` };
      return { level: 'sound', says: `${says} (clamp and bend need ${show(wanted)} mm).` };
    },
  },
  {
    id: 'siting.below',
    stage: 'siting',
    moment: 'cutting',
    part: 'heater',
    why: 'A saw that meets a rail is a hole in the wrong place; one that meets a fuel or brake pipe is a fire or a crash.',
    todo: 'Move the heater on the floor sheet until it is clear, or let the search find a place; then a 2.5 mm pilot, and look underneath.',
    source: `${trade} The margins are Lorbet’s own choice.`,
    judge(read) {
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
          ? `The hole “${hole.name}” cuts into ${thing.name}, by ${show(-gapMm)} mm`
          : `The hole “${hole.name}” comes within ${show(gapMm)} mm of ${thing.name}; ${show(wantedMm)} mm are wanted`;
      if (cut) return { level: 'stop', says: `${tell(cut)}.` };
      if (worst) return { level: 'fix', says: `${tell(worst)}${fouls.length > 1 ? `; and ${fouls.length - 1} more` : ''}.` };
      const standing = thingsInTheWay(plan, place);
      if (standing[0]) return { level: 'fix', says: `The heater would stand in ${standing[0].name}.` };
      if (!keeps(plan, place, 'floor')) return { level: 'fix', says: 'Heater or holes reach over the edge of the floor.' };
      if (!keeps(plan, place, 'walls'))
        return {
          level: 'fix',
          says: `The heater stands ${show(sideClear(plan, place))} mm from the wall beside it; at least ${show(plan.limits.side)} mm are wanted.`,
        };
      wantWhole(read);
      if (holes === 0) return onShelf;
      if (looked !== 'yes') return read.missing('a look below the place');
      return {
        level: 'sound',
        says:
          things === 0
            ? 'Nothing lies below the holes: looked, and drawn so.'
            : `All ${plan.holes.length} holes are clear of the ${things} things below.`,
      };
    },
  },
  {
    id: 'siting.stack.thread',
    stage: 'siting',
    moment: 'cutting',
    part: 'heater',
    why: 'Gasket, plate, covering, floor and ribs eat the studs; a nut on two turns of thread works loose, and the exhaust joint with it.',
    todo: 'Cut a layer back under the plate, or buy longer studs.',
    source: `Geometry; nut ISO 4032, washer ISO 7089 (from memory). ${trade}`,
    judge(read) {
      if (noFloor(read)) return onShelf;
      const layers = readStack(read);
      const [left, needed] = [read.derived('siting.threadLeftMm'), read.derived('siting.threadNeededMm')];
      const { stud, thread } = read.all({ stud: 'siting.studLengthMm', thread: 'siting.studThread' });
      const says = `Studs of ${trim(stud, 1)} mm leave ${show(left, 1)} mm below the floor; washer, nut and a turn of ${thread} need ${show(needed, 1)} mm`;
      if (left < needed) {
        const lacking = needed - left;
        const cut = layerToCut(layers, lacking);
        const buy = nextSold(stud + lacking);
        const ways = [
          ...(cut ? [`cut ${cut.name} back under the plate (${trim(cut.thicknessMm, 1)} mm)`] : []),
          ...(buy ? [`buy studs of ${buy} mm`] : []),
        ];
        return {
          level: 'fix',
          says: `${says}: ${show(lacking, 1)} mm are lacking.`,
          todo:
            ways.length > 0
              ? `${ways.join(', or ')}.`.replace(/^./, (c) => c.toUpperCase())
              : 'A thinner floor here, or another way to hold it.',
        };
      }
      return left < needed + 2
        ? { level: 'watch', says: `${says}: it only just reaches.` }
        : { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'siting.stack.spigot',
    stage: 'siting',
    moment: 'cutting',
    part: 'exhaust',
    why: 'A hose or exhaust held by half a clamp comes off, and it comes off below the floor, where its gas is breathed in.',
    todo: 'Cut layers back round the spigots, or set the heater lower in a pocket or turret.',
    source: `Geometry; 3 mm beyond the clamp: Lorbet’s own choice. ${trade}`,
    judge(read) {
      if (noFloor(read)) return onShelf;
      const left = read.derived('siting.spigotLeftMm');
      const { clamp } = read.all({ clamp: 'siting.clampWidthMm' });
      const needed = clamp + 3;
      const says = `The shortest spigot shows ${show(left, 1)} mm below the skin; a clamp of ${trim(clamp, 1)} mm wants ${show(needed, 1)} mm`;
      if (left < needed) {
        const cut = layerToCut(readStack(read), needed - left);
        return {
          level: 'fix',
          says: `${says}.`,
          ...(cut
            ? { todo: `Cut ${cut.name} back round the spigots (${trim(cut.thicknessMm, 1)} mm), or set the heater in a turret.` }
            : {}),
        };
      }
      return { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'siting.covering',
    stage: 'siting',
    moment: 'bolting',
    part: 'heater',
    why: 'Lino, vinyl and carpet shrink, smoulder and give under a plate; the seal opens.',
    todo: 'Cut the covering back so that the plate sits on timber or metal.',
    source: trade,
    judge(read) {
      if (noFloor(read)) return onShelf;
      const under = readStack(read).filter((layer) => layer.kind === 'covering' && !layer.cutBack);
      return under[0]
        ? { level: 'fix', says: `${under.map((l) => l.name).join(' and ')} lies under the plate and is not cut back.` }
        : { level: 'sound', says: 'The plate sits on timber or metal.' };
    },
  },
  {
    id: 'siting.lead.threaded',
    stage: 'siting',
    moment: 'bolting',
    part: 'pump',
    why: 'Once the plate is down the pump lead can’t be threaded; the heater comes up again.',
    todo: 'Thread the pump lead through its slot in the plate now.',
    source: trade,
    judge: (read) =>
      yes(
        read.all({ v: 'siting.pumpLeadThreaded' }).v,
        'The pump lead is through its slot.',
        'The pump lead is not through its slot in the plate.',
      ),
  },
  {
    id: 'siting.clamp.foul',
    stage: 'siting',
    moment: 'bolting',
    part: 'exhaust',
    why: 'Clamps can’t be turned and hoses can’t be reached once the heater is down; a head that fouls the shroud lets exhaust by.',
    todo: 'Hoses and exhaust on, clamp heads turned clear of the shroud; dry-fit it once with everything on.',
    source: trade,
    judge(read) {
      const [hoses, heads] = [read.maybe('siting.hosesOn'), read.maybe('siting.clampHeads')];
      if (heads === 'foul') return { level: 'fix', says: 'A clamp’s head fouls the shroud.' };
      if (hoses === 'no') return { level: 'fix', says: 'Hoses and exhaust are not on their spigots yet.' };
      read.all({ hoses: 'siting.hosesOn', heads: 'siting.clampHeads' });
      return { level: 'sound', says: 'Hoses and exhaust are on, clamp heads clear of the shroud.' };
    },
  },
  {
    id: 'siting.screw.length',
    stage: 'siting',
    moment: 'bolting',
    part: 'heater',
    why: 'A screw that comes out below finds a pipe, a wire or a knuckle; one too short pulls out.',
    todo: 'Measure against the offcut of the floor.',
    source: `${trade} The bite of 8 mm is Lorbet’s own choice.`,
    judge(read) {
      if (noFloor(read)) return onShelf;
      const { screw } = read.all({ screw: 'siting.screwLengthMm' });
      if (screw === 0) return { level: 'sound', says: 'No screws go into the floor.' };
      const most = read.derived('siting.screwRoomMm');
      const above = readStack(read)
        .filter((l) => l.kind === 'plate' || l.kind === 'gasket')
        .reduce((sum, l) => sum + l.thicknessMm, 0);
      const buy = longestSold(most);
      if (screw > most)
        return {
          level: 'fix',
          says: `Screws of ${trim(screw, 1)} mm come out below; ${show(most, 1)} mm stay inside.`,
          todo: buy ? `Take screws of ${buy} mm.` : 'Bolt it through instead.',
        };
      if (screw - above < 8)
        return {
          level: 'fix',
          says: `Screws of ${trim(screw, 1)} mm bite only ${show(Math.max(0, screw - above), 1)} mm into the floor.`,
        };
      return { level: 'sound', says: `Screws of ${trim(screw, 1)} mm stay inside (${show(most, 1)} mm).` };
    },
  },
  {
    id: 'siting.tapdrill',
    stage: 'siting',
    moment: 'cutting',
    part: 'heater',
    why: 'In thin steel every turn counts: too wide a drill strips, too narrow a one breaks the tap.',
    todo: 'Take the drill of the tapping table; in sheet under two turns thick, rivet nuts or a backing plate.',
    source: `ISO 68-1, ISO 2306 (from memory); the limits are Lorbet’s own choice.`,
    judge(read) {
      const { thread } = read.all({ thread: 'siting.tapThread' });
      if (thread === 'none') return { level: 'sound', says: 'No hole is tapped.' };
      return weigh(
        read,
        () => {
          const share = read.derived('siting.tapPercent');
          const { drill } = read.all({ drill: 'siting.tapDrillMm' });
          const says = `A ${trim(drill, 1)} mm drill leaves ${show(share)} % of the thread of ${thread}`;
          if (share < 50) return { level: 'fix', says: `${says}: it strips.`, todo: 'Take the drill of the tapping table.' };
          if (share > 100)
            return { level: 'fix', says: `${says}: the tap breaks.`, todo: 'Take the drill of the tapping table.' };
          return share < 60 ? { level: 'watch', says: `${says}.` } : { level: 'sound', says: `${says}.` };
        },
        () => {
          const metalMm = readStack(read)
            .filter(({ kind, cutBack }) => kind === 'metal' && !cutBack)
            .reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
          const turns = metalMm / threads[thread].pitchMm;
          return turns < turnsWanted
            ? {
                level: 'fix',
                says: `${trim(metalMm, 1)} mm of metal hold ${show(turns, 1)} turns of ${thread}; at least ${turnsWanted} are wanted.`,
                todo: 'Rivet nuts or bolts in place of tapped holes (then none is tapped), or a backing plate, entered as a metal layer.',
              }
            : null;
        },
      );
    },
  },
  {
    id: 'siting.edge.treatment',
    stage: 'siting',
    moment: 'bolting',
    part: 'heater',
    why: 'Cut edges of steel rust through in a few winters, hidden by the plate.',
    todo: 'Deburr, prime and paint every cut edge, and let it dry, before the plate goes down.',
    source: trade,
    judge(read) {
      const { edges } = read.all({ edges: 'siting.cutEdges' });
      if (edges === 'bare') return { level: 'fix', says: 'Cut edges are bare.' };
      if (edges === 'deburred') return { level: 'fix', says: 'Cut edges are deburred and not painted.' };
      return { level: 'sound', says: edges === 'painted' ? 'Cut edges are deburred, primed and painted.' : 'No steel was cut.' };
    },
  },
  {
    id: 'siting.seal.cure',
    stage: 'siting',
    moment: 'fire',
    part: 'heater',
    why: 'Sealant and paint that meet heat or water before they have cured blister and open; round the plate that lets exhaust and water in.',
    todo: 'Wait until it is due, touch it, and mark it as found hard.',
    source: `${trade} The time is the one on its tin.`,
    judge(read) {
      const rows = read.rows('seals');
      const firstFire = fittedStarts(read.build).map((run) => Date.parse(run.at));
      return weigh(
        read,
        ...rows.map((row) => () => sealVerdict(read, row, firstFire)),
        () => {
          read.rows('holes');
          const lacking = sealsLacking(read.build);
          return lacking.length > 0 ? read.missing(...lacking.map((place) => `the seal ${sealPlaces[place]}`)) : null;
        },
        () => ({
          level: 'sound',
          says: `${rows.length === 1 ? 'The sealant has' : `All ${rows.length} sealants and paints have`} cured, at every hole and joint.`,
        }),
      );
    },
  },
  {
    id: 'siting.service.access',
    stage: 'siting',
    moment: 'bolting',
    part: 'heater',
    why: 'A heater that can’t be lifted out or opened is never serviced; in a tight box it overheats, and a bare loom chafes.',
    todo: 'Leave a side that opens, and room to lift it out; grommets where loom and line pass metal.',
    source: `${trade} ${maker}`,
    judge(read) {
      return weigh(
        read,
        () =>
          read.all({ side: 'siting.openingSide' }).side === 'no'
            ? { level: 'fix', says: 'The heater can’t be reached for service.' }
            : null,
        () => {
          if (read.all({ boxed: 'siting.boxed' }).boxed === 'no') return null;
          const { round } = read.all({ round: 'siting.boxRoundMm' });
          const least = read.limit('boxRoundMinMm').value;
          return round < least
            ? { level: 'fix', says: `${show(round)} mm are free round it in its box; at least ${show(least)} mm are wanted.` }
            : null;
        },
        () =>
          read.all({ grommet: 'siting.loomGrommet' }).grommet === 'no'
            ? { level: 'fix', says: 'Loom or line passes the metal without a grommet.' }
            : null,
        () => {
          if (read.all({ boxed: 'siting.boxed' }).boxed === 'yes') return null;
          const { lift, high } = read.all({ lift: 'siting.liftOutMm', high: 'siting.heaterHeightMm' });
          return lift < high
            ? {
                level: 'fix',
                says: `${show(lift)} mm are free above it; lifted out it needs its own height, ${show(high)} mm.`,
              }
            : null;
        },
        () => ({ level: 'sound', says: 'It can be reached, lifted out and serviced.' }),
      );
    },
  },
  {
    id: 'siting.wading',
    stage: 'siting',
    moment: 'bolting',
    part: 'heater',
    why: 'Water in the burner, the fan or the plugs ends it; salt and slush do it slowly.',
    todo: 'Set it inside, or higher; a closed box keeps spray out, not a ford.',
    source: `${trade} 100 mm above the water: Lorbet’s own choice.`,
    judge(read) {
      const { sits } = read.all({ sits: 'survey.heaterSits' });
      if (sits === 'inside') return { level: 'sound', says: 'The heater sits inside.' };
      return weigh(
        read,
        () => {
          const { above, deep } = read.all({ above: 'siting.aboveGroundMm', deep: 'people.wadingDepthMm' });
          return deep > 0 && above < deep + wadingMarginMm
            ? {
                level: 'fix',
                says: `Its lowest point is ${above === 0 ? 'at' : `${show(above)} mm above`} the ground; the vehicle wades to ${show(deep)} mm, and ${show(deep + wadingMarginMm)} mm keeps it dry.`,
              }
            : null;
        },
        () => {
          const { above, boxed } = read.all({ above: 'siting.aboveGroundMm', boxed: 'siting.boxed' });
          const says =
            above === 0 ? 'Its lowest point is at the ground' : `Its lowest point is ${show(above)} mm above the ground`;
          return boxed === 'no'
            ? { level: 'watch', says: `${says}, open to spray and slush.` }
            : { level: 'sound', says: `${says}, in a closed box.` };
        },
      );
    },
  },
];
