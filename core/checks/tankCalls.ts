import { fieldAt } from '../build/sheets';
import { densityKgM3 } from '../physics/fuel/densityKgM3';
import { dipsProblem, levelForMm, tankHeightMm, volumeL } from '../physics/fuel/tankVolume';
import { fuelOf } from '../model/fuel/runFacts';
import { dipRows, tankOf } from '../model/fuel/tankOf';
import { sources } from '../build/fuelSources';
import { drillFor, holeFit, snugMm, usualDrillsMm } from '../physics/fuel/standpipe';
import { isImpossible } from '../physics/fuel/Route';
import { inOrder, pickupEndMm, pickupTopMm, segmentName } from '../model/fuel/routeOf';
import { riseOf, sideOf } from '../physics/fuel/Route';
import { routeOf } from '../model/fuel/routeOf';
import { fullPractices, practiceOption } from '../practices/practices';
import { lowerFirst, formatFixed, formatShort } from '../units/formatNumber';
import { kindWords } from '../wording/kindWords';
import type { Check, Reader } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const ofVehicle = (read: Reader) => sources[read.all({ way: 'tank.way' }).way].vehicle;
const own = (what: string) => ({ level: 'sound' as const, message: `The vehicle’s own tank: ${what} is as its maker made it.` });

/** Source and tank: where fuel may be taken from, what holds it, and what it weighs. */
export const tankChecks: readonly Check[] = [
  {
    id: 'fuel.source.pressure',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'Fuel under pressure is pushed past the heater’s pump into the burner: a flood, and a fire.',
    remedy: 'Take the fuel from a tank of the heater’s own, or by a standpipe.',
    source: `${trade} The vehicle’s manual decides.`,
    check(read) {
      const { way } = read.all({ way: 'tank.way' });
      const { label, vehicle } = sources[way];
      if (sources[way].open) {
        const system = read.maybe('survey.fuelSystem');
        if (system === 'high')
          return {
            level: 'stop',
            message: `${way === 'feedTee' ? 'A tee in a feed' : 'A branch in the return of a system'} that stands under pressure: fuel is pushed into the heater.`,
          };
        if (system === null || system === 'unknown') return read.missing('pressure in the vehicle’s feed');
        if (system === 'none')
          return {
            level: 'fix',
            message: `${way === 'feedTee' ? 'A tee in the vehicle’s feed' : 'A branch in the vehicle’s return'} is chosen, and the survey says that there is no feed.`,
          };
      }
      const practice = fullPractices(read.build.practices).source;
      if ((practice === 'own' && vehicle) || (practice === 'vehicle' && !vehicle))
        return {
          level: 'watch',
          message: `Fuel comes from ${label}; this workshop prefers ${practiceOption(read.build.practices, 'source').label}.`,
          remedy: 'Say in a note why this vehicle is done otherwise.',
        };
      return {
        level: 'sound',
        message: `Fuel comes from ${label}, ${sources[way].open ? 'at low pressure' : 'at no pressure'}.`,
      };
    },
  },
  {
    id: 'fuel.source.legal',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'The wrong fuel burns people, or breaks the law of the place.',
    remedy: 'Fit a tank of the heater’s own for diesel, and ask by the local code what may be burnt.',
    source: `${trade} Local codes and the maker’s manual decide; Lorbet knows no country’s law.`,
    check(read) {
      const allowed = read.maybe('tank.fuelAllowed');
      return worstOf(
        read,
        () =>
          allowed === 'no'
            ? { level: 'stop', message: 'This fuel may not be burnt here, by what was asked of the local code.' }
            : null,
        () => {
          const { vehicle, label } = sources[read.all({ way: 'tank.way' }).way];
          if (!vehicle) return null;
          const { engine } = read.all({ engine: 'survey.engineFuel' });
          if (engine === 'petrol')
            return {
              level: 'stop',
              message: `Fuel comes from ${label}, and the engine burns petrol: petrol never goes through a diesel heater.`,
            };
          return engine === 'none'
            ? {
                level: 'fix',
                message: `Fuel comes from ${label}, and the survey says that no engine burns any.`,
                remedy: 'Say what the engine burns, or fit a tank of the heater’s own.',
              }
            : null;
        },
        () => {
          const fuel = fuelOf(read);
          const { label } = sources[read.all({ way: 'tank.way' }).way];
          if (fuel.askFirst && allowed !== 'yes') return read.missing(`whether ${lowerFirst(fuel.label)} may be burnt here`);
          return {
            level: 'sound',
            message: `${fuel.label}${allowed === 'yes' ? ', asked by the local code' : ''}, from ${label}.`,
          };
        },
      );
    },
  },
  {
    id: 'fuel.clean',
    stage: 'fuel',
    holdPoint: 'fire',
    part: 'tank',
    why: 'Petrol in diesel flashes in a hot burner; water and dirt stop pump and flame.',
    remedy: 'Drain it into a can marked as waste, rinse with fresh diesel, fill with fresh diesel.',
    source: trade,
    check(read) {
      const { state } = read.all({ state: 'tank.fuelState' });
      if (state === 'petrol') return { level: 'stop', message: 'Petrol has got into the fuel: it can flash in the burner.' };
      if (state === 'water') return { level: 'fix', message: 'Water or dirt stands in the tank.' };
      if (state === 'old')
        return {
          level: 'watch',
          message: 'Nobody knows what is in the tank, or for how long.',
          remedy: 'Take a glass of it from the bottom, let it stand, look.',
        };
      return { level: 'sound', message: 'Fresh fuel from a pump.' };
    },
  },
  {
    id: 'fuel.pickup.reserve',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pickup',
    why: 'A heater that runs all night can leave the engine without fuel in the morning, far from anywhere.',
    remedy: 'Cut the standpipe shorter, so that it runs dry before the engine does.',
    source: trade,
    check(read) {
      const { way } = read.all({ way: 'tank.way' });
      if (!sources[way].vehicle) return { level: 'sound', message: 'The engine’s fuel is not touched.' };
      if (way !== 'standpipe')
        return {
          level: 'watch',
          message: 'Drawn from the engine’s own lines the heater can run its tank dry: nothing keeps a reserve back.',
          remedy: 'Tell the owner, in the hand-over, how long a night’s heat lasts.',
        };
      const wanted = read.maybe('tank.reserveL');
      if (wanted === null) return read.missing('fuel to be left for the engine');
      const left = read.derived('fuel.unusableL');
      if (left < wanted) {
        const tank = tankOf(read);
        const level = levelForMm(tank, wanted);
        return {
          level: 'fix',
          message: `The pickup leaves the engine ${formatFixed(left, 1)} L; ${formatFixed(wanted, 1)} L are wanted.`,
          remedy:
            volumeL(tank, tankHeightMm(tank)) < wanted
              ? 'The tank holds less than is to be left in it: correct one of the two, or give the heater a tank of its own.'
              : `End the standpipe ${formatFixed(Math.ceil(level - 1e-6))} mm above the tank’s floor.`,
        };
      }
      return {
        level: 'sound',
        message: `The pickup leaves the engine ${formatFixed(left, 1)} L (wanted ${formatFixed(wanted, 1)} L).`,
      };
    },
  },
  {
    id: 'fuel.pickup.hole',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'pickup',
    why: 'A loose fitting weeps; one that is forced in cuts its o-ring and cracks the tank.',
    remedy: 'Measure the fitting, then drill; try the drill in an offcut first.',
    source: `${trade} Holes of 7, 7.8, 8 and 16 mm are met; the fit is Lorbet’s own choice.`,
    check(read) {
      const { hole, fitting } = read.all({ hole: 'tank.holeMm', fitting: 'tank.fittingMm' });
      const mine = read.rows('drills').flatMap(({ sizeMm }) => (sizeMm === undefined ? [] : [sizeMm]));
      const best = drillFor(fitting, mine.length > 0 ? mine : usualDrillsMm);
      const take =
        best?.fit === 'snug'
          ? ` Of the drills to hand ${formatShort(best.drillMm, 1)} mm fits.`
          : ` No drill to hand fits${best ? `: the next, ${formatShort(best.drillMm, 1)} mm, is too loose` : ': none is large enough'}; one of ${formatShort(fitting, 1)} to ${formatShort(fitting + snugMm.max, 1)} mm is wanted.`;
      const fit = holeFit(hole, fitting);
      if (fit === 'snug')
        return {
          level: 'sound',
          message: `A hole of ${formatShort(hole, 1)} mm takes the fitting of ${formatShort(fitting, 1)} mm snugly.`,
        };
      return fit === 'tight'
        ? {
            level: 'fix',
            message: `The fitting is ${formatShort(fitting, 1)} mm across, the hole ${formatShort(hole, 1)} mm: it does not go through.`,
            remedy: `Drill it to fit.${take}`,
          }
        : {
            level: 'fix',
            message: `A hole of ${formatShort(hole, 1)} mm round a fitting of ${formatShort(fitting, 1)} mm leaves ${formatShort(hole - fitting, 1)} mm: the seal can’t hold.`,
            remedy: `Take a fitting of the next size, or another tank.${take}`,
          };
    },
  },
  {
    id: 'fuel.tank.location',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'A leak beside the heater burns; vapour where people sleep makes them ill.',
    remedy: 'Put the tank outside the living space, away from the heater.',
    source: `${trade} UN Regulation 122, Annex 7, wants fuel kept from the heater’s heat (from memory).`,
    check(read) {
      const { place } = read.all({ place: 'tank.place' });
      if (place === 'heaterBay')
        return { level: 'stop', message: 'The tank stands in the heater’s own compartment: a leak there meets a flame.' };
      if (place === 'living') return { level: 'fix', message: 'The tank stands where people live.' };
      if (place === 'vehicle') return own('its place');
      const { guard } = read.all({ guard: 'tank.guard' });
      if (place === 'outside' && guard === 'no')
        return {
          level: 'watch',
          message: 'The tank stands outside, unguarded from sun and stones.',
          remedy: 'Guard it with a plate or a box.',
        };
      return {
        level: 'sound',
        message:
          place === 'outside' ? 'The tank stands outside, guarded.' : 'The tank stands in a locker that is vented to outside.',
      };
    },
  },
  {
    id: 'fuel.tank.vent',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A tank that can’t breathe starves the pump; one that breathes or is filled inside gives its vapour to the sleepers.',
    remedy: 'Lead the vent outside and low, with a filter against insects; fill from outside.',
    source: `${trade} UN Regulation 122, Annex 7: filler not in the passenger compartment (from memory).`,
    check(read) {
      const { vent, filler } = { vent: read.maybe('tank.vent'), filler: read.maybe('tank.filler') };
      if (vent === 'inside')
        return { level: 'stop', message: 'The tank’s vent ends inside: its vapour can burn, and makes people ill.' };
      if (filler === 'inside')
        return { level: 'stop', message: 'The tank is filled inside, where people live: a spill there can burn.' };
      if (vent === 'none') return { level: 'fix', message: 'The tank has no vent: the pump draws it into a vacuum and stops.' };
      if (vent === null || filler === null)
        return read.missing(
          ...(vent === null ? ['where the tank’s vent ends'] : []),
          ...(filler === null ? ['where the tank is filled'] : []),
        );
      if (vent === 'bare')
        return {
          level: 'watch',
          message: 'The vent ends outside without a filter: insects nest in it.',
          remedy: 'Put a small filter on its end.',
        };
      if (vent === 'vehicle') return own('its vent');
      return {
        level: 'sound',
        message: `Vent ends outside and low, filtered; ${filler === 'taken' ? 'the tank is taken out to be filled' : 'filled from outside'}.`,
      };
    },
  },
  {
    id: 'fuel.tank.restraint',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A tank that breaks loose flies, bursts and burns.',
    remedy: 'Bolt straps or brackets to structure.',
    source: trade,
    check(read) {
      const { by } = read.all({ by: 'tank.restraint' });
      const { breaksLoose, holdsIn } = kindWords[read.build.identity.kind];
      if (by === 'crash') return { level: 'sound', message: `Held by straps or brackets that hold in ${holdsIn}.` };
      if (by === 'vehicle') return own('its strap');
      const moves = read.build.identity.kind !== 'building';
      const how = by === 'none' ? 'by nothing' : by === 'screws' ? 'by screws into trim' : 'by something that stretches';
      return { level: moves ? 'fix' : 'watch', message: `The tank is held ${how}${moves ? `: ${breaksLoose}` : ''}.` };
    },
  },
  {
    id: 'fuel.tank.certificate',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A seam that opens under the bed is found by its smell, or by a spark; and an inspector may want the paper.',
    remedy: 'Have it pressure-tested, with soapy water on every seam, and keep the paper with the build.',
    source: `${trade} Where an inspector asks, a pressure test at 0.3 bar is met; ask yours.`,
    check(read) {
      const { paper } = read.all({ paper: 'tank.paper' });
      if (paper === 'welded')
        return {
          level: 'stop',
          message:
            'The tank was welded after it had held fuel: such a tank can burst while it is worked on, and its seam is not proven.',
          remedy: 'Take it out of use. Never weld a tank that has held fuel.',
        };
      if (paper === 'untested') return { level: 'fix', message: 'The tank is home-made and nobody has tested it.' };
      if (paper === 'vehicle') return own('its approval');
      const asked = read.maybe('people.markWanted') === 'yes';
      if (paper === 'bought')
        return asked
          ? {
              level: 'fix',
              message: 'The inspector wants approval marks, and the tank has no certificate.',
              remedy: 'Ask whether he takes a pressure test at 0.3 bar, and do it.',
            }
          : {
              level: 'watch',
              message: 'The tank came without a certificate.',
              remedy: 'Ask the inspector before it is bolted in.',
            };
      return {
        level: 'sound',
        message: paper === 'certified' ? 'The tank came with its certificate.' : 'Home-made, tested at 0.3 bar.',
      };
    },
  },
  {
    id: 'fuel.tank.fits',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'A tank that does not go in is found out when its holes are cut.',
    remedy: 'Take another place or another tank, before anything is cut.',
    source: `${trade} Room round it is Lorbet’s own choice.`,
    check(read) {
      if (ofVehicle(read)) return own('its place');
      const wall = 2 * (read.maybe('tank.wallMm') ?? 4);
      const fittings = read.maybe('tank.fittingsAboveMm') ?? 0;
      const high = () => read.all({ h: 'fuel.tankHeightMm', room: 'tank.spaceHeightMm' });
      return worstOf(
        read,
        () => {
          const { h, room } = high();
          return room - h - wall - fittings < 0
            ? {
                level: 'fix',
                message: `The tank is ${formatFixed(h + wall + fittings)} mm high outside${fittings > 0 ? ', its fittings counted' : ''}; its place has ${formatFixed(room)} mm: it does not go in${fittings > 0 ? ' under its fittings' : ''}.`,
              }
            : null;
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
          const message = `The tank is ${formatFixed(outer.l)} by ${formatFixed(outer.w)} mm outside, its place ${formatFixed(room.l)} by ${formatFixed(room.w)} mm`;
          if (side < 0) return { level: 'fix', message: `${message}: it does not go in.` };
          if (side < clear)
            return {
              level: 'watch',
              message: `${message}: ${formatShort(side, 1)} mm are left beside it, ${formatFixed(clear)} mm are wanted.`,
              remedy: 'Line the place, so that nothing chafes.',
            };
          const above = high().room - high().h - wall - fittings;
          return {
            level: 'sound',
            message: `${message}: ${formatShort(side, 1)} mm beside it and ${formatShort(above, 1)} mm above are left.`,
          };
        },
      );
    },
  },
  {
    id: 'fuel.tank.lift',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'A tank that slips crushes a hand or a chest, and spills over whoever lies below.',
    remedy: 'Drain it first, or take a jack and a second pair of hands.',
    source: `${trade} The weights are Lorbet’s own choice; NIOSH’s lifting equation begins at 23 kg (from memory).`,
    check(read) {
      const { how } = read.all({ how: 'tank.lowered' });
      if (how === 'stays') return { level: 'sound', message: 'The tank stays where it is.' };
      const empty = read.maybe('tank.emptyKg');
      const limitKg = how === 'jack' ? Infinity : read.limit(how === 'one' ? 'liftOneKg' : 'liftTwoKg').value;
      if (empty !== null && empty > limitKg)
        return {
          level: 'fix',
          message: `Even empty the tank weighs ${formatFixed(empty, 1)} kg: too much for ${how === 'one' ? 'one person' : 'two people'} (${formatFixed(limitKg)} kg).`,
          remedy:
            how === 'one' && empty <= read.limit('liftTwoKg').value
              ? 'Take a second person, and drain it first.'
              : 'Take a jack or a trolley.',
        };
      const kg = read.derived('fuel.nowKg');
      const message = `At the level of the day the tank weighs ${formatFixed(kg, 1)} kg`;
      if (how === 'jack') return { level: 'sound', message: `${message}; it goes on a jack or a trolley.` };
      const limit = limitKg;
      if (kg <= limit)
        return {
          level: 'sound',
          message: `${message}: ${how === 'one' ? 'one person' : 'two people'} may lift it (${formatFixed(limit)} kg).`,
        };
      const spare = limit - (empty ?? 0);
      const two = how === 'one' && kg <= read.limit('liftTwoKg').value;
      const drain = spare > 0 ? levelForMm(tankOf(read), (spare * 1000) / densityKgM3(fuelOf(read).densityKgM3At15C, 15)) : 0;
      return {
        level: 'fix',
        message: `${message}: too much for ${how === 'one' ? 'one person' : 'two people'} (${formatFixed(limit)} kg).`,
        remedy: `${two ? 'Take a second person, or drain' : 'Drain'} it to ${formatFixed(Math.floor(drain))} mm first.`,
      };
    },
  },
  {
    id: 'fuel.tank.second',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'After the pump a second tank is pumped into, or drawn air from.',
    remedy: 'Tee it in before the pump, with a tap in each leg.',
    source: trade,
    check(read) {
      const { second } = read.all({ second: 'tank.secondTank' });
      return second === 'afterPump'
        ? { level: 'fix', message: 'The second tank is tee’d in after the pump.' }
        : {
            level: 'sound',
            message: second === 'none' ? 'There is no second tank.' : 'The second tank is tee’d in before the pump.',
          };
    },
  },
  {
    id: 'fuel.runtime',
    stage: 'fuel',
    holdPoint: 'handover',
    part: 'tank',
    why: 'A tank that does not last the night draws air into the line, and the morning begins with a prime.',
    remedy: 'Fill it, or tell the owner how long it lasts.',
    source: 'Definition: what is in reach, over what is burnt.',
    check(read) {
      return worstOf(
        read,
        () => {
          const { level } = read.all({ level: 'fuel.fuelLevelMm' });
          const limit = read.derived('fuel.limitMm');
          return level > limit + 1
            ? {
                level: 'watch',
                message: `Fuel stands at ${formatFixed(level)} mm; filled higher than ${formatFixed(limit)} mm it has no room to grow when it warms.`,
                remedy: 'Draw some off, before the sun does.',
              }
            : null;
        },
        () => {
          const [hours, low] = [read.derived('fuel.rangeFullH'), read.derived('fuel.rangeLowH')];
          const { night } = read.all({ night: 'heater.nightHours' });
          const usable = read.derived('fuel.usableL');
          if (usable < 0.05) return { level: 'watch', message: 'No fuel is in reach of the pickup.', remedy: 'Fill the tank.' };
          const message = `${formatFixed(usable, 1)} L in reach last ${formatFixed(hours, 1)} h at full and ${formatFixed(low)} h at the lowest`;
          return hours < night
            ? { level: 'watch', message: `${message}: less than a night of ${formatShort(night, 1)} h at full.` }
            : { level: 'sound', message: `${message}; a night is ${formatShort(night, 1)} h.` };
        },
      );
    },
  },
  {
    id: 'fuel.figures',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'Two figures that can’t both be true make every sum that rests on them false.',
    remedy: 'Measure both again, and enter what is true.',
    source: 'Geometry: lengths, levels and rises can’t contradict each other.',
    check(read) {
      const rows = inOrder(read.rows('segments'));
      return worstOf(
        read,
        () => {
          const { height, level } = read.all({ height: 'fuel.tankHeightMm', level: 'fuel.fuelLevelMm' });
          return level > height
            ? {
                level: 'fix',
                message: `Fuel standing in it is ${formatFixed(level)} mm in a tank that is ${formatFixed(height)} mm high; allowed is 0 to ${formatFixed(height)} mm.`,
              }
            : null;
        },
        () => {
          const problem = read.all({ shape: 'tank.shape' }).shape === 'dips' ? dipsProblem(dipRows(read)) : null;
          return problem ? { level: 'fix', message: problem } : null;
        },
        () => {
          const at = rows.findIndex(
            ({ lengthM, riseMm }) => lengthM !== undefined && riseMm !== undefined && isImpossible({ lengthM, riseMm }),
          );
          const row = rows[at];
          if (!row || row.lengthM === undefined || row.riseMm === undefined) return null;
          return {
            level: 'fix',
            message: `${segmentName(row, at)} is ${formatShort(row.lengthM)} m long and ${row.riseMm < 0 ? 'falls' : 'rises'} ${formatFixed(Math.abs(row.riseMm))} mm; allowed is up to its length, ${formatFixed(row.lengthM * 1000)} mm.`,
          };
        },
        () => {
          const { kind } = read.all({ kind: 'fuel.pickupKind' });
          const clearance = read.maybe('fuel.pickupClearanceMm');
          return kind === 'bottomOutlet' && clearance !== null && clearance > 0
            ? {
                level: 'fix',
                message: `The pickup is an outlet at the bottom, and ${formatFixed(clearance)} mm above the floor is entered for it; allowed is 0 mm.`,
                remedy: 'Enter 0 mm, or choose the kind of pickup that it is.',
              }
            : null;
        },
        () => {
          const place = read.maybe('fuel.filterPlace');
          const at = rows.find(({ end }) => end === 'filter');
          if (!at || place === null) return null;
          const drawn = at.side === 'pressure' ? 'afterPump' : 'beforePump';
          if (place === drawn) return null;
          const words = { beforePump: 'before the pump', afterPump: 'after the pump', none: 'nowhere' } as const;
          return {
            level: 'fix',
            message: `The filter is drawn ${words[drawn]}, at the end of ${segmentName(at, rows.indexOf(at))}; the sheet has it ${words[place]}.`,
            remedy: 'Look which is true, and enter it in both.',
          };
        },
        () => {
          const { way } = read.all({ way: 'tank.way' });
          const from = read.maybe('survey.fuelFrom');
          return from !== null && (from === 'vehicle') !== sources[way].vehicle
            ? {
                level: 'fix',
                message: `The survey has the heater draw from ${from === 'own' ? 'a tank of its own' : 'the vehicle’s fuel'}; here it is ${sources[way].label}.`,
              }
            : null;
        },
        () => {
          const tank = tankOf(read);
          if (tank.kind !== 'prism' && tank.kind !== 'dips') return null;
          const { tall } = read.all({ tall: 'fuel.tankHeightMm' });
          const top = levelForMm(tank, Infinity);
          return Math.abs(top - tall) > 5
            ? {
                level: 'fix',
                message: `The tank’s inside height is ${formatFixed(tall)} mm; its ${tank.kind === 'dips' ? 'dip table' : 'outline'} goes up to ${formatFixed(top)} mm.`,
              }
            : null;
        },
        () => {
          const clear = pickupEndMm(read);
          // One that nobody has measured may be all that it can be; what the others say stands all the same.
          const [depth, stack, cut] = (['tank.depthAtSpotMm', 'tank.flangeStackMm', 'tank.cutMm'] as const).map((path) => {
            const field = fieldAt(path);
            const value = read.maybe(path);
            return value === null && field.kind === 'number' ? [field.min, field.max] : [Number(value), Number(value)];
          }) as [[number, number], [number, number], [number, number]];
          const [min, max] = [depth[0] + stack[0] - cut[1], depth[1] + stack[1] - cut[0]];
          const off = 3 + (read.maybe('tank.cutOffMm') ?? 2);
          if (clear >= min - off && clear <= max + off) return null;
          const where = (mm: number): string =>
            Math.round(mm) === 0 ? 'on the floor' : `${formatFixed(Math.abs(mm))} mm ${mm < 0 ? 'below' : 'above'} the floor`;
          const ends = min === max ? where(min) : clear < min ? `at the lowest ${where(min)}` : `at the highest ${where(max)}`;
          return {
            level: 'fix',
            message: `A standpipe${cut[0] === cut[1] ? ` cut to ${formatFixed(cut[0])} mm` : ''} ends ${ends}; its clearance is entered as ${formatFixed(clear)} mm.`,
          };
        },
        () => {
          const f = read.all({ pump: 'fuel.pumpAboveTankFloorMm', heater: 'fuel.heaterAboveTankFloorMm' });
          if (rows.length === 0) return null;
          const route = routeOf(read);
          const sums = [
            { what: 'from pickup to pump', has: riseOf(sideOf(route, 'suction')), wants: f.pump - pickupTopMm(read) },
            { what: 'from pump to heater', has: riseOf(sideOf(route, 'pressure')), wants: f.heater - f.pump },
          ];
          // Half a hand: a pump leans, a line sags.
          const off = sums.find(({ has, wants }) => Math.abs(has - wants) > 80);
          return off
            ? {
                level: 'fix',
                message: `The stretches rise ${formatFixed(off.has)} mm in all ${off.what}; the heights entered make it ${formatFixed(off.wants)} mm.`,
              }
            : null;
        },
        () => ({
          level: 'sound',
          message: `Levels, tank and line agree; the tank holds ${formatFixed(volumeL(tankOf(read), Infinity), 1)} L.`,
        }),
      );
    },
  },
];
