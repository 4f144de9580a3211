import { outsideOf, apartMm, facingOf } from '../../model/air/outsidePlan';
import { fallMm, isOwn, wayOf } from '../../model/air/wayOf';
import type { Reader } from '../../reading/Reader';
import { mm, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { r122, trade } from '../sources';
import { worstOf } from '../worstOf';

/** Between the ends: as it was measured, or as they stand on the plan; where both are known, the nearer of the two. */
function endsApartMm(read: Reader): number | null {
  const plan = outsideOf(read);
  const both = [read.maybe('air.endsApartMm'), plan && apartMm(plan)].filter((one): one is number => one !== null);
  return both.length > 0 ? Math.min(...both) : null;
}
/** How the ends point: as somebody has said, or as they stand on the plan. */
function endsFacing(read: Reader) {
  const said = read.maybe('air.endsFacing');
  const plan = outsideOf(read);
  const drawn = plan && facingOf(plan);
  return drawn === 'towards' ? drawn : (said ?? drawn);
}

/** Combustion air: where it comes from, and how it is led in. */
export const airChecks = [
  defineCheck({
    id: 'air.intake.inside',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'Drawn from inside, combustion air pulls the space below the outside pressure and exhaust gas comes in through every leak. Carbon monoxide kills without a smell.',
    remedy: 'Take the intake pipe out through the skin, and seal round it.',
    source: r122,
    messages: {
      outside: 'Combustion air comes from outside.',
      cabin: 'Combustion air is drawn from where people are.',
      locker: 'Combustion air is drawn from a locker that is open to where people are.',
    },
    assess(read, say) {
      const { from } = read.all({ from: 'air.intakeFrom' });
      if (from === 'outside') return say.sound('outside');
      return from === 'cabin' ? say.stop('cabin') : say.stop('locker');
    },
  }),
  defineCheck({
    id: 'air.intake.facing',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'An intake that looks forward is fed with dust and spray, and the wind of the road blows the flame about.',
    remedy: 'Turn its end down, rearward or sideways.',
    source: trade,
    messages: { forward: 'Intake’s end points forward.', turned: 'Intake’s end does not point forward.' },
    assess(read, say) {
      const { points } = read.all({ points: 'ends.intakePoints' });
      return points === 'forward' ? say.fix('forward') : say.sound('turned');
    },
  }),
  defineCheck({
    id: 'air.intake.blockage',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'An intake that is half blocked makes the flame rich: soot, smoke and carbon monoxide.',
    remedy: 'Bring its end to where neither snow, slush, leaves nor spray reach it.',
    source: `${r122} ${trade}`,
    messages: {
      snow: 'Snow or slush can reach the intake’s end.',
      leaves: 'Leaves, mud or nests can reach the intake’s end.',
      spray: 'Spray from a wheel can reach the intake’s end.',
      clogged: 'Intake’s silencer or filter is blocked.',
      noSilencer: 'Intake has no silencer or filter: it is loud, and takes dust.',
      clear: 'Nothing reaches the intake’s end.',
    },
    remedies: {
      clogged: 'Clean it or change it.',
      noSilencer: 'Fit the silencer of the kit.',
    },
    assess: (read, say) =>
      worstOf(
        () => {
          const { blocked } = read.all({ blocked: 'ends.intakeBlocked' });
          if (blocked === 'snow') return say.fix('snow');
          if (blocked === 'leaves') return say.fix('leaves');
          return blocked === 'spray' ? say.fix('spray') : say.sound('clear');
        },
        () => {
          const { silencer } = read.all({ silencer: 'pipes.silencer' });
          if (silencer === 'blocked') return say.fix('clogged');
          return silencer === 'none' ? say.watch('noSilencer') : null;
        },
      ),
  }),
  defineCheck({
    id: 'air.separation',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'A heater that breathes its own exhaust burns rich, soots, and makes carbon monoxide.',
    remedy: 'Bring the two ends farther apart, or point them opposite ways.',
    source: `${trade} The distance is Lorbet’s own choice.`,
    messages: {
      towards: 'Intake and exhaust point towards each other{apart}.',
      apart: ', {apart} apart',
      near: 'Intake and exhaust end {apart} apart; at least {enough} is wanted, whichever way they point.',
      oppositeNear: 'Intake and exhaust end {apart} apart, pointing opposite ways; at least {enough} is wanted.',
      sameNear: 'Intake and exhaust end {apart} apart, pointing the same way; at least {enough} is wanted.',
      sameHere: 'Intake and exhaust end {apart} apart, pointing the same way; this workshop points them opposite ways.',
      opposite: 'Intake and exhaust end {apart} apart, pointing opposite ways (at least {enough}).',
      same: 'Intake and exhaust end {apart} apart, pointing the same way (at least {enough}).',
    },
    assess(read, say) {
      const min = read.limit('endsApartMinMm').value;
      const known = endsApartMm(read);
      const apart: Value = known === null ? null : mm(known);
      return worstOf(
        () => {
          const facing = endsFacing(read) ?? read.all({ facing: 'air.endsFacing' }).facing;
          return facing === 'towards'
            ? say.fix('towards', { apart: known === null ? null : say.clause('apart', { apart }) })
            : null;
        },
        // Nearer than half the distance they are too near whichever way they point.
        () => (known !== null && known < min / 2 ? say.fix('near', { apart, enough: mm(min / 2) }) : null),
        () => {
          const facing = endsFacing(read) ?? read.all({ facing: 'air.endsFacing' }).facing;
          const far = known ?? read.all({ far: 'air.endsApartMm' }).far;
          const opposite = facing === 'opposite';
          const enoughMm = opposite ? min / 2 : min;
          const values = { apart, enough: mm(enoughMm) };
          if (far < enoughMm) return opposite ? say.fix('oppositeNear', values) : say.fix('sameNear', values);
          if (facing === 'sameWay' && read.build.practices.ends === 'opposite') return say.watch('sameHere', { apart });
          return opposite ? say.sound('opposite', values) : say.sound('same', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'air.intake.slope',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'intake',
    why: 'An intake that rises to its end leads rain and spray into the burner’s fan, and holds what stands in it.',
    remedy: 'Let it fall to its open end, so that water runs out.',
    source: trade,
    messages: {
      rises: 'Intake rises {by} to its end: water runs in.',
      hardly: 'Intake falls {by} to its end: hardly any; water stands in it on a slope.',
      falls: 'Intake falls {by} to its end.',
    },
    assess(read, say) {
      const fall = isOwn(read, 'intake') ? fallMm(wayOf(read, 'intake')) : read.all({ fall: 'air.intakeFallMm' }).fall;
      if (fall < 0) return say.fix('rises', { by: mm(-fall) });
      return fall < 10 ? say.watch('hardly', { by: mm(fall) }) : say.sound('falls', { by: mm(fall) });
    },
  }),
];
