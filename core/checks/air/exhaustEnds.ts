import { aimOf, feared, nearest, openings, outsideOf, pastRect } from '../../model/air/outsidePlan';
import type { Reader } from '../../reading/Reader';
import { mm, name } from '../../wording/Value';
import { defineCheck } from '../Check';
import { r122, trade } from '../sources';
import { worstOf } from '../worstOf';

/** The exhaust’s end past the outline: as it was measured, or as it stands on the plan; where both are known, the less of the two. */
function pastOutlineMm(read: Reader): { past: number; drawn: number | null; said: number | null } {
  const plan = outsideOf(read);
  const drawn = plan?.ends.exhaust ? pastRect(plan.ends.exhaust, plan.body) : null;
  const said = drawn === null ? read.all({ past: 'air.exhaustPastOutlineMm' }).past : read.maybe('air.exhaustPastOutlineMm');
  return { past: Math.min(drawn ?? Infinity, said ?? Infinity), drawn, said };
}
/** The opening that is nearest to the exhaust’s end: as somebody has measured, or as it stands on the plan. */
function nearestOpening(read: Reader): { name: string | null; mm: number } {
  const plan = outsideOf(read);
  const drawn = plan && nearest(plan, 'exhaust', openings);
  const said = drawn ? read.maybe('ends.exhaustOpeningMm') : read.all({ mm: 'ends.exhaustOpeningMm' }).mm;
  if (drawn && (said === null || drawn.mm <= said)) return { name: drawn.thing.name, mm: drawn.mm };
  return { name: null, mm: said ?? Infinity };
}
/** So near in the way of its gas a thing is blown at, mm, and so far to its side. Lorbet’s own choice, no source. */
const blownAt = { ahead: 400, aside: 150 } as const;
/** What the exhaust’s end blows at, by the plan; null where nothing is. */
function blownThing(read: Reader): string | null {
  const plan = outsideOf(read);
  const end = plan?.ends.exhaust;
  const aim = plan && end ? aimOf(plan, end) : null;
  if (!plan || !end || !aim) return null;
  const ahead = plan.things.filter(({ kind, x, y, length, width }) => {
    if (!feared.includes(kind)) return false;
    const [dx, dy] = [Math.min(Math.max(end.x, x), x + length) - end.x, Math.min(Math.max(end.y, y), y + width) - end.y];
    const along = dx * aim.x + dy * aim.y;
    return along >= 0 && along <= blownAt.ahead && Math.abs(dx * aim.y - dy * aim.x) <= blownAt.aside;
  });
  return ahead[0]?.name ?? null;
}

/** Where the exhaust ends. What goes wrong here can poison, so it is checked before the holes are bolted through. */
export const exhaustEndChecks = [
  defineCheck({
    id: 'exhaust.end.underneath',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Exhaust that ends underneath gathers beneath the floor and finds its way in. It can kill those asleep above it.',
    remedy:
      'Lengthen the pipe until its end stands clear of the outline, pointing away or rearward, not under a window, door or vent.',
    source: `${r122} The margin is Lorbet’s own choice.`,
    messages: {
      inside: 'Exhaust ends {inside} inside the {outline}{differs}: its gas gathers {gathers}.',
      onPlan: ', as it stands on the plan, though it was entered as {other} past it',
      entered: ', as it was entered, though on the plan it stands {other} past it',
      barely: 'Exhaust ends {past} past the {outline}; {margin} leaves no doubt.',
      clear: 'Exhaust ends {past} past the {outline}.',
    },
    remedies: {
      inside:
        'Lengthen the pipe by at least {by}, so that its end stands clear of the {outline}; then enter where it ends, as measured and on the plan.',
    },
    assess(read, say) {
      const { past, drawn, said } = pastOutlineMm(read);
      const margin = read.limit('outlineMarginMm').value;
      if (past < 0) {
        const differs =
          drawn !== null && drawn >= 0
            ? say.clause('entered', { other: mm(drawn) })
            : drawn !== null && said !== null && said >= 0
              ? say.clause('onPlan', { other: mm(said) })
              : null;
        return say.stop('inside', { inside: mm(-past), by: mm(margin - past), differs });
      }
      return past < margin ? say.watch('barely', { past: mm(past), margin: mm(margin) }) : say.sound('clear', { past: mm(past) });
    },
  }),
  defineCheck({
    id: 'exhaust.end.opening',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Exhaust that ends near an opening comes in by it. Carbon monoxide kills without a smell.',
    remedy: 'Bring its end away from every window, door, vent and air inlet, or point it so that its gas leaves the body behind.',
    source: `${r122} The distances are Lorbet’s own choice.`,
    messages: {
      near: 'Exhaust ends {far} from an opening; at least {least} is wanted.',
      nearNamed: 'Exhaust ends {far} from {opening}; at least {least} is wanted.',
      close: 'Exhaust ends {far} from the nearest opening; {good} and more is better.',
      closeNamed: 'Exhaust ends {far} from {opening}; {good} and more is better.',
      clear: 'Exhaust ends {far} from the nearest opening.',
    },
    remedies: {
      near: 'Bring its end at least {by} farther away.',
      nearNamed: 'Bring its end at least {by} farther away from it.',
    },
    assess(read, say) {
      const found = nearestOpening(read);
      const [least, good] = [read.limit('openingMinMm').value, read.limit('openingGoodMm').value];
      const far = mm(found.mm);
      if (found.mm < least) {
        const values = { far, least: mm(least), by: mm(least - found.mm) };
        return found.name === null ? say.stop('near', values) : say.stop('nearNamed', { ...values, opening: name(found.name) });
      }
      if (found.mm >= good) return say.sound('clear', { far });
      return found.name === null
        ? say.watch('close', { far, good: mm(good) })
        : say.watch('closeNamed', { far, good: mm(good), opening: name(found.name) });
    },
  }),
  defineCheck({
    id: 'exhaust.end.facing',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Wind of the road blows into an end that looks forward, and the flame with it; at a tank, a hose or a tyre the gas is hot enough to melt or light it.',
    remedy: 'Point it sideways away from the body, or rearward.',
    source: `${r122} ${trade}`,
    messages: {
      atFuel: 'Exhaust blows at a tank, a hose, a tyre or an oil pan.',
      atThing: 'Exhaust blows at {thing}.',
      forward: 'Exhaust’s end points forward.',
      body: 'Exhaust’s end points at the body: its gas runs along it to every opening.',
      turned: 'Exhaust’s end points away.',
    },
    assess: (read, say) =>
      worstOf(
        () => {
          const thing = blownThing(read);
          return thing === null ? null : say.stop('atThing', { thing: name(thing) });
        },
        () => {
          const { points } = read.all({ points: 'ends.exhaustPoints' });
          if (points === 'atFuel') return say.stop('atFuel');
          if (points === 'forward') return say.fix('forward');
          return points === 'body' ? say.fix('body') : say.sound('turned');
        },
      ),
  }),
  defineCheck({
    id: 'exhaust.end.blocked',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'An exhaust that snow, water or the ground closes puts the flame out, or turns it rich.',
    remedy: 'Bring its end up, or run it out where it stays free.',
    source: `${r122} The height is Lorbet’s own choice.`,
    messages: {
      low: 'Exhaust’s end has {high} free below it, to the ground or to snow or water where that stands higher; at least {least} is wanted.',
      free: 'Exhaust’s end has {high} free below it.',
    },
    remedies: { low: 'Bring its end up by at least {by}.' },
    assess(read, say) {
      const { high } = read.all({ high: 'ends.exhaustHighMm' });
      const least = read.limit('endFreeBelowMm').value;
      return high < least
        ? say.fix('low', { high: mm(high), least: mm(least), by: mm(least - high) })
        : say.sound('free', { high: mm(high) });
    },
  }),
];
