import { gasTraps } from '../physics/fuel/gasTraps';
import { isWet, leakProof, nextLook } from '../model/fuel/leakDue';
import { repairsOf } from '../model/proving/stale';
import { routeOf, segmentName, inOrder } from '../model/fuel/routeOf';
import { fuelOf } from '../model/fuel/runFacts';
import { lowerFirst, formatFixed } from '../units/formatNumber';
import type { Check, Reader } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const list = (names: readonly string[]) =>
  names.length > 3 ? `${names.slice(0, 3).join(', ')} and ${names.length - 3} more` : names.join(', ');

/** What leaked before and was mended, as the end of a sentence. */
function mended(read: Reader): string {
  const last = repairsOf(read.build, 'fuel.leak').at(-1);
  return last ? ` Mended before: ${last.repair} (${last.by}).` : '';
}

/** How the line runs, what holds it, what the cold does to it, and whether it leaks. */
export const lineChecks: readonly Check[] = [
  {
    id: 'fuel.line.clips',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'line',
    why: 'A line that hangs free chafes through, sags into loops and shakes its joints loose.',
    remedy: 'Clip it every 300 to 500 mm, rubber-lined, to structure.',
    source: `${trade} 300 to 500 mm is met.`,
    check(read) {
      const rows = inOrder(read.rows('segments'));
      if (rows.length === 0) return read.missing('the line stretch by stretch');
      const max = read.limit('clipSpacingMaxMm').value;
      const apart = rows.flatMap((row, i) =>
        row.lengthM === undefined || row.clips === undefined
          ? []
          : [
              {
                name: segmentName(row, i),
                mm: (row.lengthM * 1000) / Math.max(row.clips, 1),
                needed: Math.ceil((row.lengthM * 1000) / max),
                clips: row.clips,
              },
            ],
      );
      // A piece shorter than the spacing may hang between its neighbours' clips.
      const worst = apart.filter(({ mm, clips }) => mm > max || (clips === 0 && mm > max / 2)).sort((a, b) => b.mm - a.mm)[0];
      if (worst)
        return {
          level: 'fix',
          message:
            worst.clips === 0
              ? `${worst.name} has no clip on ${formatFixed(worst.mm)} mm; they stand at most ${formatFixed(max)} mm apart.`
              : `${worst.name} has ${formatFixed(worst.clips)} ${worst.clips === 1 ? 'clip' : 'clips'} on ${formatFixed(worst.mm * worst.clips)} mm: ${formatFixed(worst.mm)} mm apart, at most ${formatFixed(max)} mm.`,
          remedy: `Put ${formatFixed(worst.needed)} on it, evenly.`,
        };
      const lacking = rows.flatMap((row, i) =>
        row.clips === undefined || row.lengthM === undefined ? [segmentName(row, i)] : [],
      );
      if (lacking.length > 0) return read.missing(`clips of ${list(lacking)}`);
      const all = rows.reduce((sum, { clips }) => sum + (clips ?? 0), 0);
      return {
        level: 'sound',
        message: `${formatFixed(all)} clips hold the line, nowhere more than ${formatFixed(max)} mm apart.`,
      };
    },
  },
  {
    id: 'fuel.line.route',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'line',
    why: 'Heat boils fuel, an edge cuts the line, a kink throttles it, a high loop keeps air; and a pipe tied to a brake pipe wears it through.',
    remedy: 'Run it clear of heat, edges and brake pipes, rising steadily to the heater.',
    source: trade,
    check(read) {
      const rows = inOrder(read.rows('segments'));
      const named = rows.map((row, i) => ({ ...row, name: segmentName(row, i) }));
      const at = (near: string) => named.filter((row) => row.near === near);
      const [brake, sharp, kinked] = [at('brake'), at('sharp'), at('kinked')];
      const hot = at('hot').filter(({ sheath }) => sheath !== 'heat');
      if (brake[0])
        return {
          level: 'stop',
          message: `${list(brake.map(({ name }) => name))} is tied to a brake pipe: it wears the brake pipe through.`,
          remedy: 'Cut it loose now, look at the brake pipe, and give the line clips of its own.',
        };
      if (hot[0])
        return {
          level: 'fix',
          message: `${list(hot.map(({ name }) => name))} passes the exhaust or another hot part without a heat sleeve.`,
          remedy: 'Move it away, or sleeve it against heat.',
        };
      if (kinked[0])
        return {
          level: 'fix',
          message: `${list(kinked.map(({ name }) => name))} goes through a kink.`,
          remedy: 'Cut the kink out; a wider bend needs more line.',
        };
      const cut = sharp.filter(({ sheath }) => sheath !== 'conduit' && sheath !== 'heat');
      if (cut[0])
        return {
          level: 'fix',
          message: `${list(cut.map(({ name }) => name))} lies bare over a sharp edge.`,
          remedy: 'A grommet or conduit there.',
        };
      if (rows.length === 0) return read.missing('the line stretch by stretch');
      const lacking = named.filter(({ near }) => near === undefined);
      if (lacking.length > 0) return read.missing(`what ${list(lacking.map(({ name }) => name))} passes`);
      const route = routeOf(read);
      const loop = gasTraps(route, read.derived('fuel.bubbleBoreMm')).sort((a, b) => b.fallsMm - a.fallsMm)[0];
      if (loop) {
        const where = loop.kind === 'high loop' ? `a high loop after ${loop.name}` : `a falling stretch, ${loop.name}`;
        return loop.stands
          ? {
              level: 'fix',
              message: `The line has ${where}: it falls ${formatFixed(loop.fallsMm)} mm, and in so wide a bore gas stays there.`,
              remedy: 'Lower the top, or run the line rising to the heater.',
            }
          : {
              level: 'watch',
              message: `The line has ${where}: it falls ${formatFixed(loop.fallsMm)} mm; this bore carries its bubbles over.`,
              remedy: 'Let it rise steadily if there is a way.',
            };
      }
      return { level: 'sound', message: 'The line runs clear of heat, edges and brake pipes, and rises to the heater.' };
    },
  },
  {
    id: 'fuel.pump.mount',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'A tie lets the angle wander, and a pump bolted hard is heard all night.',
    remedy: 'Hang it in its rubber from a bracket that holds the angle.',
    source: trade,
    check(read) {
      const { mount } = read.all({ mount: 'line.pumpMount' });
      if (mount === 'rubber') return { level: 'sound', message: 'Pump hangs in its rubber, on a bracket.' };
      if (mount === 'hard') return { level: 'watch', message: 'Pump is bolted hard: every stroke is heard inside.' };
      return { level: 'fix', message: mount === 'tie' ? 'Pump hangs by a cable tie: its angle wanders.' : 'Pump hangs loose.' };
    },
  },
  {
    id: 'fuel.cold',
    stage: 'fuel',
    holdPoint: 'handover',
    part: 'tank',
    why: 'Below its plugging point wax closes filter and pickup; below its cloud point it begins to.',
    remedy: 'Use a winter grade before the cold comes, and burn the tank empty of the other.',
    source: 'EN 590 grades (from memory); common practice where the fuel has none.',
    check(read) {
      const cold = read.derived('fuel.coldestC');
      const { given } = read.all({ given: 'heater.coldestFuelC' });
      const outside = cold < given ? ` (outside, as the coldest night; ${formatFixed(given)} °C was entered)` : '';
      const fuel = fuelOf(read);
      if (fuel.cfppC === null)
        return {
          level: 'watch',
          message: `${fuel.label}: no standard says how cold it may get; ask its seller about ${formatFixed(cold)} °C.`,
          remedy: 'Ask for its plugging point.',
        };
      if (cold < fuel.cfppC)
        return {
          level: 'fix',
          message: `The fuel will be at ${formatFixed(cold)} °C${outside}; ${lowerFirst(fuel.label)} plugs a filter at ${formatFixed(fuel.cfppC)} °C.`,
        };
      if (fuel.cloudC !== null && cold < fuel.cloudC)
        return {
          level: 'watch',
          message: `At ${formatFixed(cold)} °C ${lowerFirst(fuel.label)} is below its cloud point of ${formatFixed(fuel.cloudC)} °C: wax is in it, and still passes.`,
        };
      if (cold < fuel.cfppC + 3)
        return {
          level: 'watch',
          message: `${fuel.label} plugs at ${formatFixed(fuel.cfppC)} °C, and the fuel will be at ${formatFixed(cold)} °C: nothing to spare.`,
        };
      return {
        level: 'sound',
        message: `${fuel.label} passes a filter down to ${formatFixed(fuel.cfppC)} °C; at ${formatFixed(cold)} °C it is ${formatFixed(read.derived('fuel.viscosity'), 1)} mm²/s thick.`,
      };
    },
  },
  {
    id: 'fuel.leak',
    stage: 'fuel',
    holdPoint: 'fire',
    part: 'line',
    why: 'Diesel that leaks unseen rots a floor within a winter, and feeds a fire.',
    answered: true,
    remedy: 'Wipe every joint dry, so that the next look can tell.',
    source: trade,
    check(read) {
      const rows = read.rows('leaks');
      const wet = (found: string) =>
        rows.flatMap((row, i) => (row.nightFound === found || row.warmFound === found ? [row.name ?? `joint ${i + 1}`] : []));
      const [drips, damp] = [wet('drips'), wet('damp')];
      if (drips.length > 0)
        return {
          level: 'stop',
          message: `Fuel drips: ${list(drips)}.`,
          remedy:
            'Heater off by its button, catch the fuel, mend the joint, and record its cause and repair; then wipe it and look anew.',
        };
      if (damp.length > 0)
        return {
          level: 'fix',
          message: `Fuel was found: ${list(damp)}.`,
          remedy: 'Mend the joint and record its cause and repair; then wipe it and look anew.',
        };
      if (rows.length === 0) return read.missing('joints that were wiped and watched');
      const lacking = rows.flatMap((row, i) => (row.wipedAt === undefined ? [row.name ?? `joint ${i + 1}`] : []));
      if (lacking.length > 0) return read.missing(`wiping dry (${list(lacking)})`);
      return {
        level: 'sound',
        message: `${formatFixed(rows.length)} ${rows.length === 1 ? 'joint' : 'joints'} wiped dry, and none found wet.${mended(read)}`,
      };
    },
  },
  {
    id: 'leak.fuel',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'line',
    why: 'A joint weeps when it is warm, or over a night; neither is seen on the day it is made.',
    remedy: 'Look at every joint with the heater warm, and again after a night.',
    source: `${trade} The hours are Lorbet’s own choice.`,
    check(read) {
      const rows = read.rows('leaks');
      if (rows.length === 0) return read.missing('joints that were wiped and watched');
      const proof = leakProof(read.build);
      return worstOf(
        read,
        () =>
          rows.some(isWet)
            ? {
                level: 'fix',
                message: 'Every joint was looked at, and not every one was dry.',
                remedy: 'Mend it and record its cause and repair; then wipe it and look twice again.',
              }
            : null,
        () => {
          const words = { wipe: 'wiping dry', warm: 'the look when warm', night: 'the look after a night' };
          const waits = rows.flatMap((row, i) => {
            const next = nextLook(row, proof);
            return next ? [`${words[next.look]} (${row.name ?? `joint ${i + 1}`})`] : [];
          });
          const { start } = proof;
          if (start === null) return read.missing('a start in its place that reached full output, for a look at warm joints');
          if (waits.length > 0) return read.missing(list(waits));
          return {
            level: 'sound',
            message: `${formatFixed(rows.length)} ${rows.length === 1 ? 'joint' : 'joints'} looked at warm and after a night: dry. The looks rest on start ${start.number}.${mended(read)}`,
          };
        },
      );
    },
  },
];
