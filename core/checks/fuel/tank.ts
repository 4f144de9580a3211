import { sources } from '../../build/fuelSources';
import { fuelOf } from '../../model/fuel/runFacts';
import { tankOf } from '../../model/fuel/tankOf';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { levelForMm } from '../../physics/fuel/tankVolume';
import { needOf } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { by, kg, mm, shortMm, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const ofVehicle = (read: Reader) => sources[read.all({ way: 'tank.way' }).way].vehicle;

/** What holds the fuel: where it stands, how it breathes, what holds it, and what it weighs. */
export const tankChecks = [
  defineCheck({
    id: 'fuel.tank.location',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'A leak beside the heater burns; vapour where people sleep makes them ill.',
    remedy: 'Put the tank outside the living space, away from the heater.',
    source: `${trade} UN Regulation 122, Annex 7, wants fuel kept from the heater’s heat (from memory).`,
    messages: {
      heaterBay: 'The tank stands in the heater’s own compartment: a leak there meets a flame.',
      living: 'The tank stands where people live.',
      own: 'The {vehicle}’s own tank: its place is as its maker made it.',
      unguarded: 'The tank stands outside, unguarded from sun and stones.',
      guarded: 'The tank stands outside, guarded.',
      locker: 'The tank stands in a locker that is vented to outside.',
    },
    remedies: { unguarded: 'Guard it with a plate or a box.' },
    assess(read, say) {
      const { place } = read.all({ place: 'tank.place' });
      if (place === 'heaterBay') return say.stop('heaterBay');
      if (place === 'living') return say.fix('living');
      if (place === 'vehicle') return say.sound('own');
      const { guard } = read.all({ guard: 'tank.guard' });
      if (place !== 'outside') return say.sound('locker');
      return guard === 'no' ? say.watch('unguarded') : say.sound('guarded');
    },
  }),
  defineCheck({
    id: 'fuel.tank.vent',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A tank that can’t breathe starves the pump; one that breathes or is filled inside gives its vapour to the sleepers.',
    remedy: 'Lead the vent outside and low, with a filter against insects; fill from outside.',
    source: `${trade} UN Regulation 122, Annex 7: filler not in the passenger compartment (from memory).`,
    messages: {
      inside: 'The tank’s vent ends inside: its vapour can burn, and makes people ill.',
      fillerInside: 'The tank is filled inside, where people live: a spill there can burn.',
      none: 'The tank has no vent: the pump draws it into a vacuum and stops.',
      bare: 'The vent ends outside without a filter: insects nest in it.',
      own: 'The {vehicle}’s own tank: its vent is as its maker made it.',
      takenOut: 'Vent ends outside and low, filtered; the tank is taken out to be filled.',
      filledOutside: 'Vent ends outside and low, filtered; filled from outside.',
    },
    remedies: { bare: 'Put a small filter on its end.' },
    assess(read, say) {
      const [vent, filler] = [read.maybe('tank.vent'), read.maybe('tank.filler')];
      if (vent === 'inside') return say.stop('inside');
      if (filler === 'inside') return say.stop('fillerInside');
      if (vent === 'none') return say.fix('none');
      if (vent === null || filler === null)
        return read.missing(...(vent === null ? [needOf('tank.vent')] : []), ...(filler === null ? [needOf('tank.filler')] : []));
      if (vent === 'bare') return say.watch('bare');
      if (vent === 'vehicle') return say.sound('own');
      return filler === 'taken' ? say.sound('takenOut') : say.sound('filledOutside');
    },
  }),
  defineCheck({
    id: 'fuel.tank.restraint',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A tank that breaks loose flies, bursts and burns.',
    remedy: 'Bolt straps or brackets to structure.',
    source: trade,
    messages: {
      holds: 'Held by straps or brackets that hold in {holdsIn}.',
      own: 'The {vehicle}’s own tank: its strap is as its maker made it.',
      nothing: 'The tank is held by nothing: {breaksLoose}.',
      screws: 'The tank is held by screws into trim: {breaksLoose}.',
      stretches: 'The tank is held by something that stretches: {breaksLoose}.',
      nothingAshore: 'The tank is held by nothing.',
      screwsAshore: 'The tank is held by screws into trim.',
      stretchesAshore: 'The tank is held by something that stretches.',
    },
    assess(read, say) {
      const { held } = read.all({ held: 'tank.restraint' });
      if (held === 'crash') return say.sound('holds');
      if (held === 'vehicle') return say.sound('own');
      const ashore = read.build.identity.kind === 'building';
      if (held === 'none') return ashore ? say.watch('nothingAshore') : say.fix('nothing');
      if (held === 'screws') return ashore ? say.watch('screwsAshore') : say.fix('screws');
      return ashore ? say.watch('stretchesAshore') : say.fix('stretches');
    },
  }),
  defineCheck({
    id: 'fuel.tank.certificate',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A seam that opens under the bed is found by its smell, or by a spark; and an inspector may want the paper.',
    remedy: 'Have it pressure-tested, with soapy water on every seam, and keep the paper with the build.',
    source: `${trade} Where an inspector asks, a pressure test at 0.3 bar is met; ask yours.`,
    messages: {
      welded:
        'The tank was welded after it had held fuel: such a tank can burst while it is worked on, and its seam is not proven.',
      untested: 'The tank is home-made and nobody has tested it.',
      own: 'The {vehicle}’s own tank: its approval is as its maker made it.',
      asked: 'The inspector wants approval marks, and the tank has no certificate.',
      none: 'The tank came without a certificate.',
      certified: 'The tank came with its certificate.',
      tested: 'Home-made, tested at 0.3 bar.',
    },
    remedies: {
      welded: 'Take it out of use. Never weld a tank that has held fuel.',
      asked: 'Ask whether he takes a pressure test at 0.3 bar, and do it.',
      none: 'Ask the inspector before it is bolted in.',
    },
    assess(read, say) {
      const { paper } = read.all({ paper: 'tank.paper' });
      if (paper === 'welded') return say.stop('welded');
      if (paper === 'untested') return say.fix('untested');
      if (paper === 'vehicle') return say.sound('own');
      const asked = read.maybe('people.markWanted') === 'yes';
      if (paper === 'bought') return asked ? say.fix('asked') : say.watch('none');
      return paper === 'certified' ? say.sound('certified') : say.sound('tested');
    },
  }),
  defineCheck({
    id: 'fuel.tank.fits',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'A tank that does not go in is found out when its holes are cut.',
    remedy: 'Take another place or another tank, before anything is cut.',
    source: `${trade} Room round it is Lorbet’s own choice.`,
    messages: {
      own: 'The {vehicle}’s own tank: its place is as its maker made it.',
      high: 'The tank is {outer} high outside; its place has {room}: it does not go in.',
      highFittings:
        'The tank is {outer} high outside, its fittings counted; its place has {room}: it does not go in under its fittings.',
      wide: 'The tank is {outer} outside, its place {room}: it does not go in.',
      tight: 'The tank is {outer} outside, its place {room}: {side} are left beside it, {clear} are wanted.',
      fits: 'The tank is {outer} outside, its place {room}: {side} beside it and {above} above are left.',
    },
    remedies: { tight: 'Line the place, so that nothing chafes.' },
    assess(read, say) {
      if (ofVehicle(read)) return say.sound('own');
      const wall = 2 * (read.maybe('tank.wallMm') ?? 4);
      const fittings = read.maybe('tank.fittingsAboveMm') ?? 0;
      const high = () => read.all({ h: 'fuel.tankHeightMm', room: 'tank.spaceHeightMm' });
      return worstOf(
        () => {
          const { h, room } = high();
          if (room - h - wall - fittings >= 0) return null;
          const values = { outer: mm(h + wall + fittings), room: mm(room) };
          return fittings > 0 ? say.fix('highFittings', values) : say.fix('high', values);
        },
        () => {
          const { shape, l } = read.all({ shape: 'tank.shape', l: 'fuel.tankLengthMm' });
          const w = shape === 'upright' ? l : shape === 'lying' ? high().h : read.all({ w: 'tank.widthMm' }).w;
          const room = read.all({ l: 'tank.spaceLengthMm', w: 'tank.spaceWidthMm' });
          const clear = read.limit('tankClearMinMm').value;
          const outer = { l: l + wall, w: w + wall };
          const left = (a: number, b: number) => Math.min(room.l - a, room.w - b) / 2;
          // It may be turned about its upright axis.
          const side = Math.max(left(outer.l, outer.w), left(outer.w, outer.l));
          const values = { outer: by(mm(outer.l), mm(outer.w)), room: by(mm(room.l), mm(room.w)) };
          if (side < 0) return say.fix('wide', values);
          if (side < clear) return say.watch('tight', { ...values, side: shortMm(side, 1), clear: mm(clear) });
          const above = high().room - high().h - wall - fittings;
          return say.sound('fits', { ...values, side: shortMm(side, 1), above: shortMm(above, 1) });
        },
      );
    },
  }),
  defineCheck({
    id: 'fuel.tank.lift',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A tank that slips crushes a hand or a chest, and spills over whoever lies below.',
    remedy: 'Drain it first, or take a jack and a second pair of hands.',
    source: `${trade} The weights are Lorbet’s own choice; NIOSH’s lifting equation begins at 23 kg (from memory).`,
    messages: {
      stays: 'The tank stays where it is.',
      emptyOne: 'Even empty the tank weighs {empty}: too much for {who} ({limit}).',
      empty: 'Even empty the tank weighs {empty}: too much for {who} ({limit}).',
      jack: 'At the level of the day the tank weighs {weight}; it goes on a jack or a trolley.',
      may: 'At the level of the day the tank weighs {weight}: {who} may lift it ({limit}).',
      secondOrDrain: 'At the level of the day the tank weighs {weight}: too much for {who} ({limit}).',
      drain: 'At the level of the day the tank weighs {weight}: too much for {who} ({limit}).',
      one: 'one person',
      two: 'two people',
    },
    remedies: {
      emptyOne: 'Take a second person, and drain it first.',
      empty: 'Take a jack or a trolley.',
      secondOrDrain: 'Take a second person, or drain it to {drained} first.',
      drain: 'Drain it to {drained} first.',
    },
    assess(read, say) {
      const { how } = read.all({ how: 'tank.lowered' });
      if (how === 'stays') return say.sound('stays');
      const empty = read.maybe('tank.emptyKg');
      const limitKg = how === 'jack' ? Infinity : read.limit(how === 'one' ? 'liftOneKg' : 'liftTwoKg').value;
      const lifting: { who: Value; limit: Value } = { who: say.clause(how === 'one' ? 'one' : 'two'), limit: kg(limitKg) };
      if (empty !== null && empty > limitKg) {
        const values = { ...lifting, empty: kg(empty, 1) };
        return how === 'one' && empty <= read.limit('liftTwoKg').value ? say.fix('emptyOne', values) : say.fix('empty', values);
      }
      const weightKg = read.derived('fuel.nowKg');
      const weight = kg(weightKg, 1);
      if (how === 'jack') return say.sound('jack', { weight });
      if (weightKg <= limitKg) return say.sound('may', { ...lifting, weight });
      const spare = limitKg - (empty ?? 0);
      const drain = spare > 0 ? levelForMm(tankOf(read), (spare * 1000) / densityKgM3(fuelOf(read).densityKgM3At15C, 15)) : 0;
      const values = { ...lifting, weight, drained: mm(Math.floor(drain)) };
      return how === 'one' && weightKg <= read.limit('liftTwoKg').value
        ? say.fix('secondOrDrain', values)
        : say.fix('drain', values);
    },
  }),
  defineCheck({
    id: 'fuel.tank.second',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'After the pump a second tank is pumped into, or drawn air from.',
    remedy: 'Tee it in before the pump, with a tap in each leg.',
    source: trade,
    messages: {
      after: 'The second tank is tee’d in after the pump.',
      none: 'There is no second tank.',
      before: 'The second tank is tee’d in before the pump.',
    },
    assess(read, say) {
      const { second } = read.all({ second: 'tank.secondTank' });
      if (second === 'afterPump') return say.fix('after');
      return second === 'none' ? say.sound('none') : say.sound('before');
    },
  }),
];
