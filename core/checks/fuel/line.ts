import { gasTraps } from '../../physics/fuel/gasTraps';
import { inOrder, routeOf } from '../../model/fuel/routeOf';
import { computeOrMissing } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { count, mm, name, rangeOf, shortMm, times, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** Narrowest and widest bore on the way, and where each is. */
function bores(read: Reader) {
  const { segments } = routeOf(read);
  const sorted = [...segments].sort((a, b) => a.boreMm - b.boreMm);
  const [narrow, wide] = [sorted[0], sorted[sorted.length - 1]];
  return narrow && wide ? { narrow, wide, segments } : read.missing({ act: 'measure', what: 'the bore of the line' });
}

/** Bores that are known, whether or not all of the line is. */
function knownBoresMm(read: Reader): number[] {
  const rows = inOrder(read.rows('segments'));
  if (rows.length > 0) return rows.flatMap(({ boreMm }) => (boreMm === undefined ? [] : [boreMm]));
  return (['fuel.suctionBoreMm', 'fuel.pressureBoreMm'] as const).flatMap((path) => read.maybe(path) ?? []);
}

/** Where bubbles gather, as far as the line is known. */
function standingTrap(read: Reader, limitMm: number) {
  const traps = computeOrMissing(() => gasTraps(routeOf(read), limitMm));
  return 'missing' in traps ? undefined : traps.value.find(({ stands }) => stands);
}

/** The line itself: its bore, and how its pieces meet. */
export const lineChecks = [
  defineCheck({
    id: 'fuel.line.bore',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'In a wider bore the fuel creeps, bubbles stand and gather, and the pump beats on air.',
    remedy: 'Fit stiff line of the heater’s own bore from end to end.',
    source: trade,
    messages: {
      narrow: 'Line of {bore} bore where {wanted} is wanted: it takes {more} times the pressure to draw through.',
      wide: 'Line of {bore} bore where {wanted} is wanted: each metre holds {more} times the fuel, which moves {more} times slower.',
      right: 'Line is {bore} inside; {wanted} is wanted.',
    },
    assess(read, say) {
      const wantedMm = read.limit('lineBoreMm').value;
      const worst = knownBoresMm(read).sort((a, b) => Math.abs(b - wantedMm) - Math.abs(a - wantedMm))[0];
      const wanted = shortMm(wantedMm);
      return worstOf(
        () => {
          if (worst === undefined || Math.abs(worst - wantedMm) <= 0.25) return null;
          const bore = shortMm(worst);
          if (worst < wantedMm) return say.fix('narrow', { bore, wanted, more: times((wantedMm / worst) ** 4, 1) });
          const values = { bore, wanted, more: times((worst / wantedMm) ** 2, 1) };
          return worst - wantedMm > 0.75 ? say.fix('wide', values) : say.watch('wide', values);
        },
        () => {
          const { narrow, wide } = bores(read);
          const [from, to] = [shortMm(narrow.boreMm), shortMm(wide.boreMm)];
          return say.sound('right', { bore: narrow.boreMm === wide.boreMm ? to : rangeOf(from, to), wanted });
        },
      );
    },
  }),
  defineCheck({
    id: 'fuel.line.change',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'line',
    why: 'A step in the bore is where bubbles stop and gather.',
    remedy: 'Run one bore all the way; step only at the pump or the filter if it must be.',
    source: trade,
    messages: {
      within: 'Bore changes from {before} to {after} where {first} meets {second}.',
      one: 'One bore, {bore}, from tank to heater.',
      atFilter: 'Bore changes from {before} before the filter to {after} after it.',
      atPump: 'Bore changes from {before} before the pump to {after} after it.',
    },
    remedies: {
      atFilter: 'It may step there if it must; one bore all the way is better.',
      atPump: 'It may step there if it must; one bore all the way is better.',
    },
    assess(read, say) {
      const { segments, wide } = bores(read);
      const steps = segments.flatMap((segment, i) => {
        const before = segments[i - 1];
        return before && Math.abs(segment.boreMm - before.boreMm) > 0.2 ? [{ before, after: segment }] : [];
      });
      const widths = ({ before, after }: (typeof steps)[number]) => ({
        before: shortMm(before.boreMm),
        after: shortMm(after.boreMm),
      });
      // At the pump and at the filter the line ends anyway: if a step must be, it may be there.
      const within = steps.find(({ before, after }) => before.side === after.side && before.end !== 'filter');
      if (within)
        return say.fix('within', { ...widths(within), first: name(within.before.name), second: name(within.after.name) });
      const [step] = steps;
      if (!step) return say.sound('one', { bore: shortMm(wide.boreMm) });
      return step.before.side === step.after.side ? say.watch('atFilter', widths(step)) : say.watch('atPump', widths(step));
    },
  }),
  defineCheck({
    id: 'fuel.bubbles',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'A bubble that the fuel does not carry along stays in the line, grows, and stops the flame one cold night.',
    remedy: 'Use a bore under the limit, so that the fuel carries its bubbles to the heater.',
    source: 'Bretherton 1961, J. Fluid Mech. 10:166 (from memory).',
    messages: {
      stand: 'A bore of {bore} lets bubbles stand: this fuel carries them only in bores under {limit}{trap}.',
      trap: '; they gather at {segment}, where the line falls {falls}',
      barely: 'A bore of {bore} carries bubbles only just: the limit for this fuel is {limit}.',
      carries: 'A bore of {bore} carries its bubbles (limit {limit}).',
    },
    assess(read, say) {
      const limitMm = read.derived('fuel.bubbleBoreMm');
      const limit = mm(limitMm, 2);
      return worstOf(
        () => {
          const widest = Math.max(0, ...knownBoresMm(read));
          if (widest < limitMm) return null;
          const trap = standingTrap(read, limitMm);
          return say.fix('stand', {
            bore: shortMm(widest),
            limit,
            trap: trap ? say.clause('trap', { segment: name(trap.name), falls: mm(trap.fallsMm) }) : null,
          });
        },
        () => {
          const widest = bores(read).wide.boreMm;
          const values = { bore: shortMm(widest), limit };
          return widest > limitMm * 0.9 ? say.watch('barely', values) : say.sound('carries', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'fuel.line.joint',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'A gap between the two ends inside the rubber is a pocket that keeps its air.',
    remedy: 'Push both ends in until they butt; warm the rubber if it is tight.',
    source: `${trade} The limit is Lorbet’s own choice.`,
    messages: {
      gap: 'A gap of {gap} in a joint{where} traps air; the ends must butt.',
      small: 'Widest gap in a joint{where} is {gap}; the ends should butt.',
      where: ' after {segment}',
      many: '{n} {n|joint|joints} in the line besides those at its parts; this workshop wants at most {allowed}.',
      some: '{n} {n|joint|joints} in the line besides those at its parts; this workshop wants none.',
      butt: 'Line ends butt in every joint.',
    },
    remedies: {
      many: 'Run it in one piece, or leave each joint where a hand reaches it.',
      some: 'Run it in one piece, or leave each joint where a hand reaches it.',
    },
    assess(read, say) {
      const rows = read.rows('segments');
      const scalar = rows.some(({ gapMm }) => gapMm !== undefined)
        ? (read.maybe('fuel.jointGapMm') ?? 0)
        : read.all({ gap: 'fuel.jointGapMm' }).gap;
      const worst = [...rows].sort((a, b) => (b.gapMm ?? 0) - (a.gapMm ?? 0))[0];
      const gapMm = Math.max(scalar, worst?.gapMm ?? 0);
      const where: Value =
        worst?.name && worst.gapMm === gapMm && gapMm > 0 ? say.clause('where', { segment: name(worst.name) }) : null;
      if (gapMm > read.limit('jointGapMaxMm').value) return say.fix('gap', { gap: shortMm(gapMm), where });
      if (gapMm > 0) return say.watch('small', { gap: shortMm(gapMm), where });
      const n = rows.filter(({ end }) => end === 'joint').length;
      const allowed = read.limit('lineJointsMax').value;
      if (n <= allowed) return say.sound('butt');
      return allowed === 0 ? say.watch('some', { n: count(n) }) : say.watch('many', { n: count(n), allowed: count(allowed) });
    },
  }),
];
