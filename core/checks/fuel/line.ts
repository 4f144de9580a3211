import { gasTraps } from '../../physics/fuel/gasTraps';
import { inOrder, routeOf, segmentName } from '../../model/fuel/routeOf';
import { computeOrMissing, toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { count, mm, name, names, rangeOf, shortMm, times, type Value } from '../../wording/Value';
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

const drawLine = 'enter the line segment by segment';
const spoken = (all: readonly string[]) => all.map((one) => `“${one}”`).join(', ');

/** The line itself: its bore, what holds it, where it runs and how its pieces meet. */
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
  defineCheck({
    id: 'fuel.line.clips',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'line',
    why: 'A line that hangs free chafes through, sags into loops and shakes its joints loose.',
    remedy: 'Clip it every {300 to 500 mm}, rubber-lined, to structure.',
    source: `${trade} 300 to 500 mm is met.`,
    messages: {
      none: '{segment} has no clip on {length}; they stand at most {max} apart.',
      few: '{segment} has {n} {n|clip|clips} on {length}: {apart} apart, at most {max}.',
      hold: '{n} {n|clip holds|clips hold} the line, nowhere more than {max} apart.',
    },
    remedies: { none: 'Put {needed} on it, evenly.', few: 'Put {needed} on it, evenly.' },
    assess(read, say) {
      const rows = inOrder(read.rows('segments'));
      if (rows.length === 0) return read.missing(...toDo(drawLine));
      const maxMm = read.limit('clipSpacingMaxMm').value;
      const apart = rows.flatMap((row, i) =>
        row.lengthM === undefined || row.clips === undefined
          ? []
          : [
              {
                name: segmentName(row, i),
                apartMm: (row.lengthM * 1000) / Math.max(row.clips, 1),
                lengthMm: row.lengthM * 1000,
                needed: Math.ceil((row.lengthM * 1000) / maxMm),
                clips: row.clips,
              },
            ],
      );
      // A piece shorter than the spacing may hang between its neighbours' clips.
      const worst = apart
        .filter(({ apartMm, clips }) => apartMm > maxMm || (clips === 0 && apartMm > maxMm / 2))
        .sort((a, b) => b.apartMm - a.apartMm)[0];
      if (worst) {
        const values = {
          segment: name(worst.name),
          length: mm(worst.lengthMm),
          max: mm(maxMm),
          needed: count(worst.needed),
        };
        return worst.clips === 0
          ? say.fix('none', values)
          : say.fix('few', { ...values, n: count(worst.clips), apart: mm(worst.apartMm) });
      }
      const lacking = rows.flatMap((row, i) =>
        row.clips === undefined || row.lengthM === undefined ? [segmentName(row, i)] : [],
      );
      if (lacking.length > 0) return read.missing(...toDo(`count the clips on ${spoken(lacking)}`));
      return say.sound('hold', { n: count(rows.reduce((sum, { clips }) => sum + (clips ?? 0), 0)), max: mm(maxMm) });
    },
  }),
  defineCheck({
    id: 'fuel.line.route',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'line',
    why: 'Heat boils fuel, an edge cuts the line, a kink throttles it, a high loop keeps air; and a pipe tied to a brake pipe wears it through.',
    remedy: 'Run it clear of heat, edges and brake pipes, rising steadily to the heater.',
    source: trade,
    messages: {
      brake: '{segments} {n|is|are} tied to a brake pipe: {n|it wears|they wear} the brake pipe through.',
      hot: '{segments} {n|passes|pass} the exhaust or another hot part without a heat sleeve.',
      kinked: '{segments} {n|goes|go} through a kink.',
      sharp: '{segments} {n|lies|lie} bare over a sharp edge.',
      highLoop: 'The line has a high loop after {segment}: it falls {falls}, and in so wide a bore gas stays there.',
      falling: 'The line has a falling segment, {segment}: it falls {falls}, and in so wide a bore gas stays there.',
      highLoopCarried: 'The line has a high loop after {segment}: it falls {falls}; this bore carries its bubbles over.',
      fallingCarried: 'The line has a falling segment, {segment}: it falls {falls}; this bore carries its bubbles over.',
      clear: 'The line runs clear of heat, edges and brake pipes, and rises to the heater.',
    },
    remedies: {
      brake: 'Cut it loose now, look at the brake pipe, and give the line clips of its own.',
      hot: 'Move it away, or sleeve it against heat.',
      kinked: 'Cut the kink out; a wider bend needs more line.',
      sharp: 'A grommet or conduit there.',
      highLoop: 'Lower the top, or run the line rising to the heater.',
      falling: 'Lower the top, or run the line rising to the heater.',
      highLoopCarried: 'Let it rise steadily if there is a way.',
      fallingCarried: 'Let it rise steadily if there is a way.',
    },
    formerly: {
      hot: ['{segments} passes the exhaust or another hot part without a heat sleeve.'],
      kinked: ['{segments} goes through a kink.'],
      sharp: ['{segments} lies bare over a sharp edge.'],
      falling: ['The line has a falling stretch, {segment}: it falls {falls}, and in so wide a bore gas stays there.'],
    },
    assess(read, say) {
      const rows = inOrder(read.rows('segments'));
      const named = rows.map((row, i) => ({ ...row, name: segmentName(row, i) }));
      const told = (found: typeof named) => ({ segments: names(found.map((row) => row.name)), n: count(found.length) });
      const at = (near: string) => named.filter((row) => row.near === near);
      const [brake, kinked] = [at('brake'), at('kinked')];
      const hot = at('hot').filter(({ sheath }) => sheath !== 'heat');
      const cut = at('sharp').filter(({ sheath }) => sheath !== 'conduit' && sheath !== 'heat');
      if (brake[0]) return say.stop('brake', told(brake));
      if (hot[0]) return say.fix('hot', told(hot));
      if (kinked[0]) return say.fix('kinked', told(kinked));
      if (cut[0]) return say.fix('sharp', told(cut));
      if (rows.length === 0) return read.missing(...toDo(drawLine));
      const lacking = named.filter(({ near }) => near === undefined);
      if (lacking.length > 0) return read.missing(...toDo(`enter what ${spoken(lacking.map((row) => row.name))} passes`));
      const loop = gasTraps(routeOf(read), read.derived('fuel.bubbleBoreMm')).sort((a, b) => b.fallsMm - a.fallsMm)[0];
      if (!loop) return say.sound('clear');
      const values = { segment: name(loop.name), falls: mm(loop.fallsMm) };
      const high = loop.kind === 'high loop';
      if (loop.stands) return high ? say.fix('highLoop', values) : say.fix('falling', values);
      return high ? say.watch('highLoopCarried', values) : say.watch('fallingCarried', values);
    },
  }),
];
