import { fuelOf } from '../../model/fuel/runFacts';
import { repairsOf } from '../../model/proving/stale';
import { fuels, type Fuel } from '../../physics/fuel/fuels';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { celsius, count, hours, litres, mm, name, person, names, quantity, shortH, term, type Clause } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { blendWords, fuelName } from './fuelName';

/** What leaked before and was mended, as the end of a sentence. */
export const mendedWords = { mended: ' Mended before: {repair} ({person}).' } as const;
export function mended(read: Reader): Clause | null {
  const last = repairsOf(read.build, 'fuel.leak').at(-1);
  return last ? { code: 'mended', values: { repair: name(last.repair), person: person(last.by) } } : null;
}
/** A joint that was watched: by its name, or by its place in the list. */
export const jointName = ({ name: given }: { readonly name?: unknown }, i: number): string =>
  typeof given === 'string' ? given : `joint ${i + 1}`;

/** The grade that flows least far down of those that still pass a filter at this temperature; null where no standard has one. */
function gradeFor(coldC: number): string | null {
  const graded = Object.entries(fuels as Record<string, Fuel>).flatMap(([key, { cfppC }]) =>
    cfppC !== null && /^(road|arctic)/.test(key) && cfppC <= coldC ? [{ key, cfppC }] : [],
  );
  return graded.sort((a, b) => b.cfppC - a.cfppC)[0]?.key ?? null;
}

/** What the fuel does in the cold, how long it lasts, and whether it stays in the line. */
export const fuelChecks = [
  defineCheck({
    id: 'fuel.runtime',
    stage: 'fuel',
    holdPoint: 'handover',
    part: 'tank',
    why: 'A tank that does not last the night draws air into the line, and the morning begins with a prime.',
    remedy: 'Fill it, or tell the owner how long it lasts.',
    source: 'Definition: what is in reach, over what is burnt.',
    messages: {
      full: 'Fuel stands at {level}; filled higher than {limit} it has no room to grow when it warms.',
      none: 'No fuel is in reach of the pickup.',
      short: '{usable} in reach last {full} at full and {low} at the lowest: less than a night of {night} at full.',
      lasts: '{usable} in reach last {full} at full and {low} at the lowest; a night is {night}.',
    },
    remedies: { full: 'Draw some off, before the sun does.', none: 'Fill the tank.' },
    assess: (read, say) =>
      worstOf(
        () => {
          const { level } = read.all({ level: 'fuel.fuelLevelMm' });
          const limit = read.derived('fuel.limitMm');
          return level > limit + 1 ? say.watch('full', { level: mm(level), limit: mm(limit) }) : null;
        },
        () => {
          const [full, low] = [read.derived('fuel.rangeFullH'), read.derived('fuel.rangeLowH')];
          const { night } = read.all({ night: 'heater.nightHours' });
          const usable = read.derived('fuel.usableL');
          if (usable < 0.05) return say.watch('none');
          const values = { usable: litres(usable, 1), full: hours(full, 1), low: hours(low), night: shortH(night, 1) };
          return full < night ? say.watch('short', values) : say.sound('lasts', values);
        },
      ),
  }),
  defineCheck({
    id: 'fuel.cold',
    stage: 'fuel',
    holdPoint: 'handover',
    part: 'tank',
    why: 'Below its plugging point wax closes filter and pickup; below its cloud point it begins to.',
    remedy: 'Use a winter grade before the cold comes, and burn the tank empty of the other.',
    source: 'EN 590 grades (from memory); common practice where the fuel has none.',
    messages: {
      ...blendWords,
      unknown: '{fuel}: no standard says how cold it may get; ask its seller about {cold}.',
      plugs: 'The fuel will be at {cold}{outside}; {fuel} plugs a filter at {cfpp}.',
      plugsArctic: 'The fuel will be at {cold}{outside}; {fuel} plugs a filter at {cfpp}.',
      outside: ' (outside, as the coldest night; {given} was entered)',
      cloudy: 'At {cold} {fuel} is below its cloud point of {cloud}: wax is in it, and still passes.',
      near: '{fuel} plugs at {cfpp}, and the fuel will be at {cold}: nothing to spare.',
      passes: '{fuel} passes a filter down to {cfpp}; at {cold} it is {viscosity} thick.',
    },
    remedies: {
      unknown: 'Ask for its plugging point.',
      plugs: 'Use {better}, or what flows further down still, before the cold comes, and burn the tank empty of the other.',
      plugsArctic:
        'No grade that is sold stays clear at {cold}: keep tank, filter and line warm, or don’t count on it in such a night.',
      cloudy: 'Warm the filter, or use a fuel with a lower cloud point before the cold comes.',
    },
    assess(read, say) {
      const coldC = read.derived('fuel.coldestC');
      const { given } = read.all({ given: 'heater.coldestFuelC' });
      const { cfppC, cloudC } = fuelOf(read);
      const values = { cold: celsius(coldC), fuel: fuelName(read) };
      if (cfppC === null) return say.watch('unknown', values);
      const cfpp = celsius(cfppC);
      if (coldC < cfppC) {
        const outside = coldC < given ? say.clause('outside', { given: celsius(given) }) : null;
        const better = gradeFor(coldC);
        return better === null
          ? say.fix('plugsArctic', { ...values, cfpp, outside })
          : say.fix('plugs', { ...values, cfpp, outside, better: term('fuel', better) });
      }
      if (cloudC !== null && coldC < cloudC) return say.watch('cloudy', { ...values, cloud: celsius(cloudC) });
      if (coldC < cfppC + 3) return say.watch('near', { ...values, cfpp });
      return say.sound('passes', { ...values, cfpp, viscosity: quantity('mm²/s', read.derived('fuel.viscosity'), 1) });
    },
  }),
  defineCheck({
    id: 'fuel.leak',
    stage: 'fuel',
    holdPoint: 'fire',
    part: 'line',
    why: 'Diesel that leaks unseen rots a floor within a winter, and feeds a fire.',
    answered: true,
    remedy: 'Wipe every joint dry, so that the next look can tell.',
    source: trade,
    messages: {
      ...mendedWords,
      drips: 'Fuel drips: {joints}.',
      found: 'Fuel was found: {joints}.',
      dry: '{n} {n|joint|joints} wiped dry, and none found wet.{mended}',
    },
    remedies: {
      drips:
        'Heater off by its button, catch the fuel, mend the joint, and record its cause and repair; then wipe it and look anew.',
      found: 'Mend the joint and record its cause and repair; then wipe it and look anew.',
    },
    assess(read, say) {
      const rows = read.rows('leaks');
      const wet = (found: string) =>
        rows.flatMap((row, i) => (row.nightFound === found || row.warmFound === found ? [jointName(row, i)] : []));
      const [drips, damp] = [wet('drips'), wet('damp')];
      if (drips.length > 0) return say.stop('drips', { joints: names(drips) });
      if (damp.length > 0) return say.fix('found', { joints: names(damp) });
      if (rows.length === 0) return read.missing(...toDo('list the joints that are watched, and wipe them dry'));
      const lacking = rows.flatMap((row, i) => (row.wipedAt === undefined ? [`“${jointName(row, i)}”`] : []));
      if (lacking.length > 0) return read.missing(...toDo(`wipe dry: ${lacking.join(', ')}`));
      return say.sound('dry', { n: count(rows.length), mended: mended(read) });
    },
  }),
];
