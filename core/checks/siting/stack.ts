import { stackKinds } from '../../build/listKinds';
import { layerToCut, measuredPart, readStack, stackMm, type StackLayer } from '../../model/siting/stackUp';
import { longestSold, nextSold, threads } from '../../model/siting/threads';
import { count, mm, name, percent, several, shortMm, term } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { noFloor, onShelf } from './place';

/** Turns of thread that a tapped hole needs to hold. Common practice, no source. */
const turnsWanted = 2;
/** How deep a screw is to bite into the floor: Lorbet's own choice. */
const biteMm = 8;

/** Whether plate, studs, spigots and screws fit through what the floor is made of. */
export const stackChecks = [
  defineCheck({
    id: 'siting.stack.thread',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Gasket, plate, covering, floor and ribs eat the studs; a nut on two turns of thread works loose, and the exhaust joint with it.',
    remedy: 'Cut a layer back under the plate, or buy longer studs.',
    source: `Geometry; nut ISO 4032, washer ISO 7089 (from memory). ${trade}`,
    messages: {
      onShelf,
      cutOrBuy:
        'Studs of {stud} leave {left} below the floor; washer, nut and a turn of {thread} need {needed}: {lacking} are lacking.',
      cut: 'Studs of {stud} leave {left} below the floor; washer, nut and a turn of {thread} need {needed}: {lacking} are lacking.',
      buy: 'Studs of {stud} leave {left} below the floor; washer, nut and a turn of {thread} need {needed}: {lacking} are lacking.',
      short:
        'Studs of {stud} leave {left} below the floor; washer, nut and a turn of {thread} need {needed}: {lacking} are lacking.',
      barely:
        'Studs of {stud} leave {left} below the floor; washer, nut and a turn of {thread} need {needed}: it only just reaches.',
      reaches: 'Studs of {stud} leave {left} below the floor; washer, nut and a turn of {thread} need {needed}.',
      already:
        'Through the layers that are measured studs of {stud} leave at most {left}; washer, nut and a turn of {thread} need {needed}: {lacking} or more are lacking.',
    },
    remedies: {
      already: 'Measure the other layers, then cut one back under the plate or buy longer studs.',
      cutOrBuy: 'Cut {layer} back under the plate ({thick}), or buy studs of {buy}.',
      cut: 'Cut {layer} back under the plate ({thick}).',
      buy: 'Buy studs of {buy}.',
      short: 'A thinner floor here, or another way to hold it.',
    },
    assess(read, say) {
      if (noFloor(read)) return say.sound('onShelf');
      const part = measuredPart(read);
      const { stud, thread } = read.all({ stud: 'siting.studLengthMm', thread: 'siting.studThread' });
      const needed = read.derived('siting.threadNeededMm');
      const told = { stud: shortMm(stud, 1), thread: term('thread', thread), needed: mm(needed, 1) };
      // What is not measured takes still more of the studs.
      const atMost = part && stud - stackMm(part);
      if (atMost !== null && atMost < needed)
        return say.fix('already', { ...told, left: mm(Math.max(0, atMost), 1), lacking: mm(needed - atMost, 1) });
      const layers = readStack(read);
      const left = read.derived('siting.threadLeftMm');
      const values = { ...told, left: mm(left, 1) };
      if (left < needed) {
        const lacking = needed - left;
        const short = { ...values, lacking: mm(lacking, 1) };
        const cut = layerToCut(layers, lacking);
        const buy = nextSold(stud + lacking);
        const layer = cut ? { layer: name(cut.name), thick: shortMm(cut.thicknessMm, 1) } : null;
        if (layer && buy) return say.fix('cutOrBuy', { ...short, ...layer, buy: mm(buy) });
        if (layer) return say.fix('cut', { ...short, ...layer });
        return buy ? say.fix('buy', { ...short, buy: mm(buy) }) : say.fix('short', short);
      }
      return left < needed + 2 ? say.watch('barely', values) : say.sound('reaches', values);
    },
  }),
  defineCheck({
    id: 'siting.stack.spigot',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'exhaust',
    why: 'A hose or exhaust held by half a clamp comes off, and it comes off below the floor, where its gas is breathed in.',
    remedy: 'Cut layers back round the spigots, or set the heater lower in a pocket or turret.',
    source: `Geometry; 3 mm beyond the clamp: Lorbet’s own choice. ${trade}`,
    messages: {
      onShelf,
      short: 'The shortest spigot shows {left} below the skin; a clamp of {clamp} wants {needed}.',
      cut: 'The shortest spigot shows {left} below the skin; a clamp of {clamp} wants {needed}.',
      shows: 'The shortest spigot shows {left} below the skin; a clamp of {clamp} wants {needed}.',
      already:
        'Through the layers that are measured the shortest spigot shows at most {left}; a clamp of {clamp} wants {needed}.',
    },
    remedies: {
      already: 'Measure the other layers, then cut them back round the spigots, or set the heater lower in a pocket or turret.',
      cut: 'Cut {layer} back round the spigots ({thick}), or set the heater in a turret.',
    },
    assess(read, say) {
      if (noFloor(read)) return say.sound('onShelf');
      const part = measuredPart(read);
      const { spigot, clamp } = read.all({ spigot: 'siting.spigotLengthMm', clamp: 'siting.clampWidthMm' });
      const needed = clamp + 3;
      const told = { clamp: shortMm(clamp, 1), needed: mm(needed, 1) };
      const atMost = part && spigot - stackMm(part);
      if (atMost !== null && atMost < needed) return say.fix('already', { ...told, left: mm(Math.max(0, atMost), 1) });
      const left = read.derived('siting.spigotLeftMm');
      const values = { ...told, left: mm(left, 1) };
      if (left >= needed) return say.sound('shows', values);
      const cut = layerToCut(readStack(read), needed - left);
      return cut
        ? say.fix('cut', { ...values, layer: name(cut.name), thick: shortMm(cut.thicknessMm, 1) })
        : say.fix('short', values);
    },
  }),
  defineCheck({
    id: 'siting.covering',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'Lino, vinyl and carpet shrink, smoulder and give under a plate; the seal opens.',
    remedy: 'Cut the covering back so that the plate sits on timber or metal.',
    source: trade,
    messages: {
      onShelf,
      under: '{layers} {n|lies|lie} under the plate and {n|is|are} not cut back.',
      bare: 'The plate sits on timber or metal.',
    },
    formerly: { under: ['{layers} lies under the plate and is not cut back.'] },
    assess(read, say) {
      if (noFloor(read)) return say.sound('onShelf');
      // Known to lie there it is wrong, however thick it or another layer may turn out to be.
      const under = read.rows('stack').filter((row) => row.kind === 'covering' && row.cutBack !== 'yes');
      if (under.length > 0)
        return say.fix('under', {
          layers: several(under.map((row) => name(row.name ?? stackKinds.covering))),
          n: count(under.length),
        });
      readStack(read);
      return say.sound('bare');
    },
  }),
  defineCheck({
    id: 'siting.screw.length',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'A screw that comes out below finds a pipe, a wire or a knuckle; one too short pulls out.',
    remedy: 'Measure against the offcut of the floor.',
    source: `${trade} The bite of 8 mm is Lorbet’s own choice.`,
    messages: {
      onShelf,
      none: 'No screws go into the floor.',
      long: 'Screws of {screw} come out below; {max} stay inside.',
      longThrough: 'Screws of {screw} come out below; {max} stay inside.',
      short: 'Screws of {screw} bite only {bite} into the floor.',
      shortAlready: 'Screws of {screw} bite at most {bite} into the floor.',
      inside: 'Screws of {screw} stay inside ({max}).',
    },
    remedies: {
      shortAlready: 'Measure the other layers, then take longer screws: they want {8 mm} in the floor.',
      long: 'Take screws of {buy}.',
      longThrough: 'Bolt it through instead.',
      short: 'Take longer screws: they want {8 mm} in the floor, and {max} stay inside.',
    },
    assess(read, say) {
      if (noFloor(read)) return say.sound('onShelf');
      const { screw } = read.all({ screw: 'siting.screwLengthMm' });
      if (screw === 0) return say.sound('none');
      const part = measuredPart(read);
      const aboveFloorMm = (layers: readonly StackLayer[]) =>
        layers.filter((l) => l.kind === 'plate' || l.kind === 'gasket').reduce((sum, l) => sum + l.thicknessMm, 0);
      const atMost = part && screw - aboveFloorMm(part);
      if (atMost !== null && atMost < biteMm)
        return say.fix('shortAlready', { screw: shortMm(screw, 1), bite: mm(Math.max(0, atMost), 1) });
      const max = read.derived('siting.screwRoomMm');
      const above = aboveFloorMm(readStack(read));
      const values = { screw: shortMm(screw, 1), max: mm(max, 1) };
      if (screw > max) {
        const buy = longestSold(max);
        return buy ? say.fix('long', { ...values, buy: mm(buy) }) : say.fix('longThrough', values);
      }
      if (screw - above < biteMm) return say.fix('short', { ...values, bite: mm(Math.max(0, screw - above), 1) });
      return say.sound('inside', values);
    },
  }),
  defineCheck({
    id: 'siting.tapdrill',
    stage: 'siting',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'In thin steel every turn counts: too wide a drill strips, too narrow a one breaks the tap.',
    remedy: 'Take the drill of the tapping table; in sheet under two turns thick, rivet nuts or a backing plate.',
    source: `ISO 68-1, ISO 2306 (from memory); the limits are Lorbet’s own choice.`,
    messages: {
      none: 'No hole is tapped.',
      strips: 'A {drill} drill leaves {share} of the thread of {thread}: it strips.',
      breaks: 'A {drill} drill leaves {share} of the thread of {thread}: the tap breaks.',
      leaves: 'A {drill} drill leaves {share} of the thread of {thread}.',
      thin: '{metal} of metal hold {turns} turns of {thread}; at least {wanted} are wanted.',
    },
    remedies: {
      strips: 'Take the drill of the tapping table.',
      breaks: 'Take the drill of the tapping table.',
      thin: 'Rivet nuts or bolts in place of tapped holes (then none is tapped), or a backing plate, entered as a metal layer.',
    },
    assess(read, say) {
      const { thread } = read.all({ thread: 'siting.tapThread' });
      if (thread === 'none') return say.sound('none');
      return worstOf(
        () => {
          const share = read.derived('siting.tapPercent');
          const { drill } = read.all({ drill: 'siting.tapDrillMm' });
          const values = { drill: shortMm(drill, 1), share: percent(share), thread: term('thread', thread) };
          if (share < 50) return say.fix('strips', values);
          if (share > 100) return say.fix('breaks', values);
          return share < 60 ? say.watch('leaves', values) : say.sound('leaves', values);
        },
        () => {
          const metalMm = readStack(read, ['metal'])
            .filter(({ cutBack }) => !cutBack)
            .reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
          const turns = metalMm / threads[thread].pitchMm;
          return turns < turnsWanted
            ? say.fix('thin', {
                metal: shortMm(metalMm, 1),
                turns: count(turns, 1),
                thread: term('thread', thread),
                wanted: count(turnsWanted),
              })
            : null;
        },
      );
    },
  }),
];
