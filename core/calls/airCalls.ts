import { show } from '../units/show';
import type { Judge } from './Call';

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
      const { apart, facing } = read.all({ apart: 'air.endsApartMm', facing: 'air.endsFacing' });
      const least = read.limit('endsApartMinMm').value;
      if (facing === 'towards')
        return { level: 'fix', says: `Intake and exhaust point towards each other, ${show(apart)} mm apart.` };
      const enough = facing === 'opposite' ? least / 2 : least;
      const how = facing === 'opposite' ? 'pointing opposite ways' : 'pointing the same way';
      if (apart < enough)
        return {
          level: 'fix',
          says: `Intake and exhaust end ${show(apart)} mm apart, ${how}; at least ${show(enough)} mm is wanted.`,
        };
      if (facing === 'sameWay' && read.build.schools.ends === 'opposite')
        return {
          level: 'watch',
          says: `Intake and exhaust end ${show(apart)} mm apart, ${how}; this workshop points them opposite ways.`,
        };
      return { level: 'sound', says: `Intake and exhaust end ${show(apart)} mm apart, ${how} (at least ${show(enough)} mm).` };
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
      if (past < 0)
        return {
          level: 'stop',
          says: `Exhaust ends ${show(-past)} mm inside the outline: its gas gathers underneath.`,
          todo: `Lengthen the pipe by at least ${show(margin - past)} mm, so that its end stands clear of the outline.`,
        };
      if (past < margin)
        return { level: 'watch', says: `Exhaust ends ${show(past)} mm past the outline; ${show(margin)} mm leaves no doubt.` };
      return { level: 'sound', says: `Exhaust ends ${show(past)} mm past the outline.` };
    },
  },
  {
    id: 'exhaust.drain',
    stage: 'air',
    moment: 'bolting',
    part: 'exhaust',
    why: 'Burning diesel makes water; what can’t run out stands, rusts, freezes and blocks the pipe.',
    todo: 'Let the pipe fall all the way, or drill its low point; turn the muffler so that its own hole is lowest.',
    source: trade,
    judge(read) {
      const { low, hole, fall } = read.all({ low: 'air.exhaustLowPoint', hole: 'air.mufflerHole', fall: 'air.exhaustFallMm' });
      if (low === 'undrilled')
        return { level: 'fix', says: 'Exhaust has a low point without a drain hole: water will stand in it.' };
      if (low === 'fallsAll' && fall <= 0)
        return {
          level: 'fix',
          says: `Exhaust is said to fall all the way, yet its end lies ${show(-fall)} mm higher than its start.`,
        };
      if (hole === 'notLowest')
        return { level: 'fix', says: 'Muffler’s drain hole is not at its lowest point: the muffler fills.' };
      return {
        level: 'sound',
        says: low === 'fallsAll' ? `Exhaust falls ${show(fall)} mm to its end.` : 'Exhaust drains at a drilled low point.',
      };
    },
  },
];
