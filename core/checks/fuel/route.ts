import { gasTraps } from '../../physics/fuel/gasTraps';
import { inOrder, routeOf, segmentName } from '../../model/fuel/routeOf';
import { toDo } from '../../reading/NotMeasured';
import { count, mm, name, names } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

const cutLoose = 'Cut it loose now, look at the brake pipe, and give the line clips of its own.';
const sleeveIt = 'Move it away, or sleeve it against heat.';
const cutOut = 'Cut the kink out; a wider bend needs more line.';
const sheathe = 'A grommet or conduit there.';
const spoken = (all: readonly string[]) => all.map((one) => `“${one}”`).join(', ');

/** Where the line runs, and what holds it. */
export const routeChecks = [
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
      wide: 'Clips stand {apart} apart; at most {max} is wanted.',
      close: 'Clips stand {apart} apart, at most {max} is wanted.',
      hold: '{n} {n|clip holds|clips hold} the line, nowhere more than {max} apart.',
    },
    remedies: {
      none: 'Put {needed} on it, evenly.',
      few: 'Put {needed} on it, evenly.',
      wide: 'Put clips between, so that they stand at most {max} apart.',
    },
    assess(read, say) {
      const rows = inOrder(read.rows('segments'));
      const maxMm = read.limit('clipSpacingMaxMm').value;
      if (rows.length === 0) {
        const { apartMm } = read.all({ apartMm: 'line.clipsApartMm' });
        const values = { apart: mm(apartMm), max: mm(maxMm) };
        return apartMm > maxMm ? say.fix('wide', values) : say.sound('close', values);
      }
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
      lineBrake: 'The line is tied to a brake pipe: it wears the brake pipe through.',
      lineHot: 'The line passes the exhaust or another hot part without a heat sleeve.',
      lineKinked: 'The line goes through a kink.',
      lineSharp: 'The line lies bare over a sharp edge.',
      highLoop: 'The line has a high loop after {segment}: it falls {falls}, and in so wide a bore gas stays there.',
      falling: 'The line has a falling segment, {segment}: it falls {falls}, and in so wide a bore gas stays there.',
      highLoopCarried: 'The line has a high loop after {segment}: it falls {falls}; this bore carries its bubbles over.',
      fallingCarried: 'The line has a falling segment, {segment}: it falls {falls}; this bore carries its bubbles over.',
      clear: 'The line runs clear of heat, edges and brake pipes, and rises to the heater.',
    },
    remedies: {
      brake: cutLoose,
      hot: sleeveIt,
      kinked: cutOut,
      sharp: sheathe,
      lineBrake: cutLoose,
      lineHot: sleeveIt,
      lineKinked: cutOut,
      lineSharp: sheathe,
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
      if (rows.length === 0) {
        const { passes } = read.all({ passes: 'line.passes' });
        if (passes === 'brake') return say.stop('lineBrake');
        if (passes === 'hot') return say.fix('lineHot');
        if (passes === 'kinked') return say.fix('lineKinked');
        if (passes === 'sharp') return say.fix('lineSharp');
      }
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
