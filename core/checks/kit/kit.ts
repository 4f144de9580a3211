import { isWeakInUse } from '../../model/kit/partStanding';
import { type RowOf } from '../../build/lists';
import { type partKinds } from '../../build/listKinds';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { count, name, several, shortKw, shortM, term, type Several, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { termText } from '../../wording/terms';

type PartKind = keyof typeof partKinds;
const partName = (row: RowOf<'parts'>): Value => (row.name !== undefined ? name(row.name) : term('part', row.kind ?? 'unnamed'));
const partNames = (rows: readonly RowOf<'parts'>[]): Several => several(rows.map(partName), 4);
const spoken = (row: RowOf<'parts'>): string =>
  row.name === undefined ? (row.kind === undefined ? 'a part' : `the ${termText(`part/${row.kind}`)}`) : `“${row.name}”`;

/** Without these nothing runs, or nobody is safe: each line one of several that will do. Common practice, no source. */
const essentials: readonly (readonly PartKind[])[] = [
  ['pump'],
  ['filter'],
  ['line'],
  ['joiner'],
  ['clip', 'clamp'],
  ['tank', 'pickup'],
  ['airHose'],
  ['exhaust'],
  ['harness'],
  ['controller'],
  ['alarm'],
];

/** The part list, which must hold a heater at least, or nothing was checked. */
function parts(read: Reader): readonly RowOf<'parts'>[] {
  const rows = read.rows('parts');
  if (!rows.some((row) => row.kind === 'heater')) return read.missing(...toDo('put the heater on the list of parts'));
  return rows;
}

/** The kit before anything is cut: everything there, nothing weak, the unit what its plate says. */
export const kitChecks = [
  defineCheck({
    id: 'kit.missing',
    stage: 'kit',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A part found missing with the floor open costs a week and a wet van.',
    remedy: 'Buy it before the first hole, or strike it from the list if this build needs none.',
    source: trade,
    messages: {
      missing: 'Missing from the kit: {parts}.',
      alarm: 'Missing from the kit: {parts}.',
      all: 'All {n} parts of the list are there.',
    },
    remedies: {
      // Nothing here may sound as if this one could be done without.
      alarm: 'Buy it before the first hole. A carbon monoxide alarm is wanted always, whatever else is struck from the list.',
    },
    assess(read, say) {
      const rows = read.rows('parts');
      const missing = rows.filter((row) => row.state === 'missing');
      const unseen = rows.filter((row) => row.state === undefined);
      if (missing.length > 0) {
        const values = { parts: partNames(missing) };
        return missing.some((row) => row.kind === 'alarm') ? say.fix('alarm', values) : say.fix('missing', values);
      }
      parts(read);
      const lacking = essentials.filter((kinds) => !rows.some(({ kind }) => kind !== undefined && kinds.includes(kind)));
      if (lacking.length > 0)
        return read.missing(
          ...toDo(`put on the list of parts: ${lacking.map(([kind]) => termText(`part/${kind ?? 'other'}`)).join(', ')}`),
        );
      if (unseen.length > 0) {
        const more = unseen.length > 4 ? ` and ${unseen.length - 4} more` : '';
        return read.missing(...toDo(`look at ${unseen.slice(0, 4).map(spoken).join(', ')}${more}`));
      }
      return say.sound('all', { n: count(rows.length) });
    },
  }),
  defineCheck({
    id: 'kit.poor',
    stage: 'kit',
    holdPoint: 'bolting',
    part: 'filter',
    why: 'Thin filters snap at the spigot, soft line and spring clips let air in, a weak clamp at the burner leaks exhaust inches from people.',
    remedy: 'Throw it out and fit a good one; set it to “replaced”.',
    source: trade,
    messages: {
      poor: 'Poor and still in use: {parts}.',
      weak: 'Known as weak and still in use: {parts} ({weak}).',
      weakOnes: 'Known as weak and still in use: {parts} ({weak} and others).',
      replaced: 'Replaced at once: {parts}.',
      none: 'No poor part is in use.',
    },
    assess(read, say) {
      const rows = read.rows('parts');
      const poor = rows.filter((row) => row.state === 'poor');
      const weak = rows.filter(isWeakInUse);
      const [first] = weak;
      if (poor.length > 0) return say.fix('poor', { parts: partNames(poor) });
      if (first?.weak) {
        const values = { parts: partNames(weak), weak: term('weak', first.weak) };
        return weak.length > 1 ? say.fix('weakOnes', values) : say.fix('weak', values);
      }
      parts(read);
      const replaced = rows.filter((row) => row.state === 'replaced');
      return replaced.length > 0 ? say.sound('replaced', { parts: partNames(replaced) }) : say.sound('none');
    },
  }),
  defineCheck({
    id: 'kit.mark',
    stage: 'kit',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Some inspectors and insurers take only a unit with an approval mark; without it the work is undone at the end.',
    remedy: 'Ask the inspector, and show the plate. A unit without the wanted mark is another unit to buy.',
    source: `${trade} Which mark is wanted differs by country; the local code decides.`,
    messages: {
      notAsked: 'No approval mark is asked for here.',
      unmarked: 'An approval mark is wanted, and none is noted for {parts}.',
      marked: 'The heater bears the mark {marks}.',
    },
    assess(read, say) {
      const { wanted } = read.all({ wanted: 'people.markWanted' });
      if (wanted === 'no') return say.sound('notAsked');
      if (wanted === 'unknown') return read.missing(...toDo('ask the inspector whether an approval mark is wanted'));
      const heaters = parts(read).filter((row) => row.kind === 'heater');
      const unmarked = heaters.filter((row) => !row.mark);
      return unmarked.length > 0
        ? say.fix('unmarked', { parts: partNames(unmarked) })
        : say.sound('marked', { marks: several(heaters.map(({ mark }) => name(mark ?? ''))) });
    },
  }),
  defineCheck({
    id: 'kit.plate',
    stage: 'kit',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'The box, the seller and the plate don’t always tell of the same unit; the plate is what an inspector reads.',
    remedy: 'Read the plate once more; correct the heater’s sheet, or send the unit back.',
    source: `${trade} The margin is Lorbet’s own choice.`,
    messages: {
      petrol: 'The plate says petrol: its burner and pump are not made for diesel.',
      supply: 'The plate says {plate}; the supply is {supply}.',
      altitude: 'The plate allows {max}; it is to run up to {highest}.',
      output: 'The plate says {output}, the label {claimed}.',
      unread: 'The plate can’t be read in part: nobody can show what this unit is.',
      agrees: 'The plate says {plate} and diesel{output}.',
      output2: ', {output}',
    },
    remedies: {
      altitude:
        'A setting or kit that cuts the fuel, as the maker says: enter the height that it allows as the maker’s figure. Or another heater.',
    },
    assess(read, say) {
      const output = read.maybe('kit.plateOutputKw');
      return worstOf(
        () => (read.all({ fuel: 'kit.plateFuel' }).fuel === 'petrol' ? say.fix('petrol') : null),
        () => {
          const { plate, supply } = read.all({ plate: 'kit.plateV', supply: 'heater.supplyV' });
          return plate !== 'unreadable' && plate !== supply
            ? say.fix('supply', { plate: term('supply', plate), supply: term('supply', supply) })
            : null;
        },
        () => {
          const [max, highest] = [read.maybe('kit.plateAltitudeM'), read.maybe('heater.altitudeM')];
          const own = read.limit('altitudeMaxM');
          // A maker's kit or setting for height stands among the maker's figures.
          const allowed = own.origin === 'maker' ? Math.max(own.value, max ?? 0) : max;
          return max !== null && allowed !== null && highest !== null && highest > allowed
            ? say.fix('altitude', { max: shortM(max), highest: shortM(highest) })
            : null;
        },
        () => {
          const claimed = read.maybe('heater.claimedOutputKw');
          return output !== null && claimed !== null && Math.abs(output / claimed - 1) > 0.15
            ? say.watch('output', { output: shortKw(output), claimed: shortKw(claimed) })
            : null;
        },
        () => {
          const { fuel, plate } = read.all({ fuel: 'kit.plateFuel', plate: 'kit.plateV' });
          if (fuel === 'unreadable' || plate === 'unreadable') return say.watch('unread');
          return say.sound('agrees', {
            plate: term('supply', plate),
            output: output === null ? null : say.clause('output2', { output: shortKw(output) }),
          });
        },
      );
    },
  }),
  defineCheck({
    id: 'kit.exhaust.old',
    stage: 'kit',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Nests, husks, wasps and soot block an old exhaust: the heater floods, smokes, and its gas looks for another way.',
    remedy: 'Look through it from end to end, knock it out and brush it, or fit a new one.',
    source: trade,
    messages: {
      blocked: 'The old exhaust is blocked.',
      unseen: 'An old exhaust is used again, and nobody has looked through it.',
      chafed: 'Old wiring that is kept is chafed.',
      first: 'No older heater is replaced: there is no old exhaust.',
      new: 'The exhaust is new.',
      clear: 'The old exhaust was looked through and is clear.',
    },
    remedies: { chafed: 'Replace it, and look the rest over.' },
    assess(read, say) {
      const [looked, wiring] = [read.maybe('kit.oldExhaustLooked'), read.maybe('kit.oldWiringLooked')];
      // Where no older heater is replaced there is no old exhaust; one that is said to be used all the same is judged.
      const nothingOld = read.maybe('kit.oldExhaust') === null && read.maybe('kit.replaces') === 'nothing';
      return worstOf(
        () => {
          if (nothingOld || read.all({ exhaust: 'kit.oldExhaust' }).exhaust === 'new') return null;
          if (looked === null) return read.missing(...toDo('look through the old exhaust'));
          if (looked === 'blocked') return say.fix('blocked');
          return looked === 'no' ? say.fix('unseen') : null;
        },
        () => (wiring === 'chafed' && read.maybe('kit.replaces') !== 'nothing' ? say.fix('chafed') : null),
        () => {
          if (nothingOld) return say.sound('first');
          const { exhaust } = read.all({ exhaust: 'kit.oldExhaust', replaces: 'kit.replaces' });
          return exhaust === 'new' ? say.sound('new') : say.sound('clear');
        },
      );
    },
  }),
];
