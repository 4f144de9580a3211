import { formatFixed } from '../units/formatNumber';
import { kindWords } from '../wording/kindWords';
import type { Check, Reader, Verdict } from './Finding';
import { worstOf } from './worstOf';

const r122 = 'UN Regulation 122, Annex 7, in substance (from memory); the local code decides.';
const trade = 'Common practice, no published source.';

/** Combustion air and exhaust. What goes wrong here can poison, so it is judged before the holes are bolted through. */
export const airChecks: readonly Check[] = [
  {
    id: 'air.intake.inside',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'Drawn from inside, combustion air pulls the space below the outside pressure and exhaust gas comes in through every leak. Carbon monoxide kills without a smell.',
    remedy: 'Take the intake pipe out through the skin, and seal round it.',
    source: r122,
    check(read) {
      const { from } = read.all({ from: 'air.intakeFrom' });
      if (from === 'outside') return { level: 'sound', message: 'Combustion air comes from outside.' };
      return {
        level: 'stop',
        message:
          from === 'cabin'
            ? 'Combustion air is drawn from where people are.'
            : 'Combustion air is drawn from a locker that is open to where people are.',
      };
    },
  },
  {
    id: 'air.separation',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'A heater that breathes its own exhaust burns rich, soots, and makes carbon monoxide.',
    remedy: 'Bring the two ends farther apart, or point them opposite ways.',
    source: `${trade} The distance is Lorbet’s own choice.`,
    check(read) {
      const min = read.limit('endsApartMinMm').value;
      const apart = read.maybe('air.endsApartMm');
      return worstOf(
        read,
        () =>
          read.all({ facing: 'air.endsFacing' }).facing === 'towards'
            ? {
                level: 'fix',
                message: `Intake and exhaust point towards each other${apart === null ? '' : `, ${formatFixed(apart)} mm apart`}.`,
              }
            : null,
        // Nearer than half the distance they are too near whichever way they point.
        () =>
          apart !== null && apart < min / 2
            ? {
                level: 'fix',
                message: `Intake and exhaust end ${formatFixed(apart)} mm apart; at least ${formatFixed(min / 2)} mm is wanted, whichever way they point.`,
              }
            : null,
        () => {
          const { facing } = read.all({ facing: 'air.endsFacing', far: 'air.endsApartMm' });
          const enough = facing === 'opposite' ? min / 2 : min;
          const how = facing === 'opposite' ? 'pointing opposite ways' : 'pointing the same way';
          const message = `Intake and exhaust end ${formatFixed(apart ?? 0)} mm apart, ${how}`;
          if ((apart ?? 0) < enough)
            return { level: 'fix', message: `${message}; at least ${formatFixed(enough)} mm is wanted.` };
          if (facing === 'sameWay' && read.build.practices.ends === 'opposite')
            return { level: 'watch', message: `${message}; this workshop points them opposite ways.` };
          return { level: 'sound', message: `${message} (at least ${formatFixed(enough)} mm).` };
        },
      );
    },
  },
  {
    id: 'air.intake.slope',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'An intake that rises to its end leads rain and spray into the burner’s fan, and holds what stands in it.',
    remedy: 'Let it fall to its open end, so that water runs out.',
    source: trade,
    check(read) {
      const { fall } = read.all({ fall: 'air.intakeFallMm' });
      if (fall < 0) return { level: 'fix', message: `Intake rises ${formatFixed(-fall)} mm to its end: water runs in.` };
      if (fall < 10)
        return {
          level: 'watch',
          message: `Intake falls ${formatFixed(fall)} mm to its end: hardly any; water stands in it on a slope.`,
        };
      return { level: 'sound', message: `Intake falls ${formatFixed(fall)} mm to its end.` };
    },
  },
  {
    id: 'exhaust.end.underneath',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Exhaust that ends underneath gathers beneath the floor and finds its way in. It can kill those asleep above it.',
    remedy:
      'Lengthen the pipe until its end stands clear of the outline, pointing away or rearward, not under a window, door or vent.',
    source: `${r122} The margin is Lorbet’s own choice.`,
    check(read) {
      const { past } = read.all({ past: 'air.exhaustPastOutlineMm' });
      const margin = read.limit('outlineMarginMm').value;
      const { outline, gathers } = kindWords[read.build.identity.kind];
      const message = `Exhaust ends ${past < 0 ? `${formatFixed(-past)} mm inside` : `${formatFixed(past)} mm past`} the ${outline}`;
      if (past < 0)
        return {
          level: 'stop',
          message: `${message}: its gas gathers ${gathers}.`,
          remedy: `Lengthen the pipe by at least ${formatFixed(margin - past)} mm, so that its end stands clear of the ${outline}.`,
        };
      if (past < margin) return { level: 'watch', message: `${message}; ${formatFixed(margin)} mm leaves no doubt.` };
      return { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'exhaust.drain',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Burning diesel makes water; what can’t run out stands, rusts, freezes and blocks the pipe. And a hole lets out gas as well as water: never where people can breathe it.',
    remedy: 'Let the pipe fall all the way, or drill its low point; turn the muffler so that its own hole is lowest.',
    source: trade,
    check: (read) =>
      worstOf(
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
                message: `Exhaust is said to fall all the way, yet its end lies ${fall === 0 ? 'as high as' : `${formatFixed(-fall)} mm higher than`} its start.`,
              }
            : { level: 'sound', message: `Exhaust falls ${formatFixed(fall)} mm to its end.` };
        },
        () => ({
          level: 'sound',
          message:
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
      message: 'Exhaust has a low point that nothing drains: water will stand in it.',
      ...(inside ? { remedy: trapped } : {}),
    };
  if (low === 'drilled' && inside === 'hull')
    return {
      level: 'stop',
      message: 'Exhaust has a hole at its low point: inside a hull that gives exhaust to the cabin.',
      remedy: trapped,
    };
  if (low === 'drilled' && inside === 'building')
    return {
      level: 'stop',
      message: 'Exhaust has a hole at its low point: within a building that gives exhaust to the room.',
      remedy: trapped,
    };
  return null;
}

function muffler(read: Reader): Verdict | null {
  const { hole } = read.all({ hole: 'air.mufflerHole' });
  const inside = holeInside(read);
  if (inside && (hole === 'lowest' || hole === 'notLowest'))
    return {
      level: 'stop',
      message: `Muffler has an open drain hole: ${inside === 'hull' ? 'in a hull' : 'in a building'} its gas comes to where people are.`,
      remedy:
        'Fit a gas-tight muffler that falls to the end outside; or set it in the open air, its hole lowest, and enter it so.',
    };
  return hole === 'notLowest'
    ? { level: 'fix', message: 'Muffler’s drain hole is not at its lowest point: the muffler fills.' }
    : null;
}
