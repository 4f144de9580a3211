import { show } from '../units/show';
import { kindWords } from '../wording/kindWords';
import type { Judge, Reader, Verdict } from './Call';
import { weigh } from './weigh';

const r122 = 'UN Regulation 122, Annex 7, in substance (from memory); the local code decides.';
const trade = 'Common practice, no published source.';

/** Combustion air and exhaust. What goes wrong here can poison, so it is judged before the holes are bolted through. */
export const airCalls: readonly Judge[] = [
  {
    id: 'air.intake.inside',
    stage: 'air',
    moment: 'bolting',
    part: 'intake',
    why: 'Drawn from inside, combustion air pulls the space below the outside pressure and exhaust gas comes in through every leak. Carbon monoxide kills without a smell.',
    todo: 'Take the intake pipe out through the skin, and seal round it.',
    source: r122,
    judge(read) {
      const { from } = read.all({ from: 'air.intakeFrom' });
      if (from === 'outside') return { level: 'sound', says: 'Combustion air comes from outside.' };
      return {
        level: 'stop',
        says:
          from === 'cabin'
            ? 'Combustion air is drawn from where people are.'
            : 'Combustion air is drawn from a locker that is open to where people are.',
      };
    },
  },
  {
    id: 'air.separation',
    stage: 'air',
    moment: 'bolting',
    part: 'intake',
    why: 'A heater that breathes its own exhaust burns rich, soots, and makes carbon monoxide.',
    todo: 'Bring the two ends farther apart, or point them opposite ways.',
    source: `${trade} The distance is Lorbet’s own choice.`,
    judge(read) {
      const least = read.limit('endsApartMinMm').value;
      const apart = read.maybe('air.endsApartMm');
      return weigh(
        read,
        () =>
          read.all({ facing: 'air.endsFacing' }).facing === 'towards'
            ? {
                level: 'fix',
                says: `Intake and exhaust point towards each other${apart === null ? '' : `, ${show(apart)} mm apart`}.`,
              }
            : null,
        // Nearer than half the distance they are too near whichever way they point.
        () =>
          apart !== null && apart < least / 2
            ? {
                level: 'fix',
                says: `Intake and exhaust end ${show(apart)} mm apart; at least ${show(least / 2)} mm is wanted, whichever way they point.`,
              }
            : null,
        () => {
          const { facing } = read.all({ facing: 'air.endsFacing', far: 'air.endsApartMm' });
          const enough = facing === 'opposite' ? least / 2 : least;
          const how = facing === 'opposite' ? 'pointing opposite ways' : 'pointing the same way';
          const says = `Intake and exhaust end ${show(apart ?? 0)} mm apart, ${how}`;
          if ((apart ?? 0) < enough) return { level: 'fix', says: `${says}; at least ${show(enough)} mm is wanted.` };
          if (facing === 'sameWay' && read.build.schools.ends === 'opposite')
            return { level: 'watch', says: `${says}; this workshop points them opposite ways.` };
          return { level: 'sound', says: `${says} (at least ${show(enough)} mm).` };
        },
      );
    },
  },
  {
    id: 'air.intake.slope',
    stage: 'air',
    moment: 'bolting',
    part: 'intake',
    why: 'An intake that rises to its end leads rain and spray into the burner’s fan, and holds what stands in it.',
    todo: 'Let it fall to its open end, so that water runs out.',
    source: trade,
    judge(read) {
      const { fall } = read.all({ fall: 'air.intakeFallMm' });
      if (fall < 0) return { level: 'fix', says: `Intake rises ${show(-fall)} mm to its end: water runs in.` };
      if (fall < 10)
        return { level: 'watch', says: `Intake falls ${show(fall)} mm to its end: hardly any; water stands in it on a slope.` };
      return { level: 'sound', says: `Intake falls ${show(fall)} mm to its end.` };
    },
  },
  {
    id: 'exhaust.end.underneath',
    stage: 'air',
    moment: 'bolting',
    part: 'exhaust',
    why: 'Exhaust that ends underneath gathers beneath the floor and finds its way in. It can kill those asleep above it.',
    todo: 'Lengthen the pipe until its end stands clear of the outline, pointing away or rearward, not under a window, door or vent.',
    source: `${r122} The margin is Lorbet’s own choice.`,
    judge(read) {
      const { past } = read.all({ past: 'air.exhaustPastOutlineMm' });
      const margin = read.limit('outlineMarginMm').value;
      const { outline, gathers } = kindWords[read.build.identity.kind];
      const says = `Exhaust ends ${past < 0 ? `${show(-past)} mm inside` : `${show(past)} mm past`} the ${outline}`;
      if (past < 0)
        return {
          level: 'stop',
          says: `${says}: its gas gathers ${gathers}.`,
          todo: `Lengthen the pipe by at least ${show(margin - past)} mm, so that its end stands clear of the ${outline}.`,
        };
      if (past < margin) return { level: 'watch', says: `${says}; ${show(margin)} mm leaves no doubt.` };
      return { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'exhaust.drain',
    stage: 'air',
    moment: 'bolting',
    part: 'exhaust',
    why: 'Burning diesel makes water; what can’t run out stands, rusts, freezes and blocks the pipe. And a hole lets out gas as well as water: never where people can breathe it.',
    todo: 'Let the pipe fall all the way, or drill its low point; turn the muffler so that its own hole is lowest.',
    source: trade,
    judge: (read) =>
      weigh(
        read,
        () => lowPoint(read),
        () => muffler(read),
        () => {
          const { low } = read.all({ low: 'air.exhaustLowPoint' });
          if (low !== 'fallsAll') return null;
          const { fall } = read.all({ fall: 'air.exhaustFallMm' });
          return fall <= 0
            ? {
                level: 'fix',
                says: `Exhaust is said to fall all the way, yet its end lies ${fall === 0 ? 'as high as' : `${show(-fall)} mm higher than`} its start.`,
              }
            : { level: 'sound', says: `Exhaust falls ${show(fall)} mm to its end.` };
        },
        () => ({
          level: 'sound',
          says:
            read.all({ low: 'air.exhaustLowPoint' }).low === 'trap'
              ? 'Exhaust drains into a closed trap that is emptied outside.'
              : 'Exhaust drains at a drilled low point.',
        }),
      ),
  },
];

/** Inside a hull or a house a hole gives exhaust to whoever is there; water leaves by a closed trap. */
const trapped =
  'Let the pipe fall all the way to its end outside, or fit a closed trap with a valve, drained to outside. A hole that lies in the open air is entered as such.';
const holeInside = (read: Reader): 'hull' | 'building' | null =>
  read.build.identity.kind === 'boat' ? 'hull' : read.build.identity.kind === 'building' ? 'building' : null;

function lowPoint(read: Reader): Verdict | null {
  const { low } = read.all({ low: 'air.exhaustLowPoint' });
  const inside = holeInside(read);
  if (low === 'undrilled')
    return {
      level: 'fix',
      says: 'Exhaust has a low point that nothing drains: water will stand in it.',
      ...(inside ? { todo: trapped } : {}),
    };
  if (low === 'drilled' && inside === 'hull')
    return {
      level: 'stop',
      says: 'Exhaust has a hole at its low point: inside a hull that gives exhaust to the cabin.',
      todo: trapped,
    };
  if (low === 'drilled' && inside === 'building')
    return {
      level: 'stop',
      says: 'Exhaust has a hole at its low point: within a building that gives exhaust to the room.',
      todo: trapped,
    };
  return null;
}

function muffler(read: Reader): Verdict | null {
  const { hole } = read.all({ hole: 'air.mufflerHole' });
  const inside = holeInside(read);
  if (inside && (hole === 'lowest' || hole === 'notLowest'))
    return {
      level: 'stop',
      says: `Muffler has an open drain hole: ${inside === 'hull' ? 'in a hull' : 'in a building'} its gas comes to where people are.`,
      todo: 'Fit a gas-tight muffler that falls to the end outside; or set it in the open air, its hole lowest, and enter it so.',
    };
  return hole === 'notLowest'
    ? { level: 'fix', says: 'Muffler’s drain hole is not at its lowest point: the muffler fills.' }
    : null;
}
