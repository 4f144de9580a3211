import { partKinds, weakKinds, type RowOf } from '../build/lists';
import { formatShort } from '../units/formatNumber';
import type { Check, Reader } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const names = (rows: readonly RowOf<'parts'>[], max = 4): string => {
  const shown = rows.slice(0, max).map((row) => row.name ?? (row.kind ? partKinds[row.kind] : 'a part'));
  return rows.length > max ? `${shown.join(', ')} and ${rows.length - max} more` : shown.join(', ');
};
type PartKind = keyof typeof partKinds;
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
  if (!rows.some((row) => row.kind === 'heater')) return read.missing('the list of parts, with the heater on it');
  return rows;
}

/** The kit on the bench: everything there, nothing weak, the unit what its plate says. */
export const kitChecks: readonly Check[] = [
  {
    id: 'kit.missing',
    stage: 'kit',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A part found missing with the floor open costs a week and a wet van.',
    remedy: 'Buy it before the first hole, or strike it from the list if this build needs none.',
    source: trade,
    check(read) {
      const rows = read.rows('parts');
      const missing = rows.filter((row) => row.state === 'missing');
      const unseen = rows.filter((row) => row.state === undefined);
      if (missing.length > 0)
        return {
          level: 'fix',
          message: `Missing from the kit: ${names(missing)}.`,
          // Nothing here may sound as if this one could be done without.
          ...(missing.some((row) => row.kind === 'alarm')
            ? {
                remedy:
                  'Buy it before the first hole. A carbon monoxide alarm is wanted always, whatever else is struck from the list.',
              }
            : {}),
        };
      parts(read);
      const lacking = essentials.filter((kinds) => !rows.some(({ kind }) => kind !== undefined && kinds.includes(kind)));
      if (lacking.length > 0)
        return read.missing(...lacking.map(([kind]) => `${kind ? partKinds[kind] : 'a part'} on the list of parts`));
      if (unseen.length > 0) return read.missing(`a look at ${names(unseen)}`);
      return { level: 'sound', message: `All ${rows.length} parts of the list are there.` };
    },
  },
  {
    id: 'kit.poor',
    stage: 'kit',
    holdPoint: 'bolting',
    part: 'filter',
    why: 'Thin filters snap at the spigot, soft line and spring clips let air in, a weak clamp at the burner leaks exhaust inches from people.',
    remedy: 'Throw it out and fit a good one; set it to “replaced”.',
    source: trade,
    check(read) {
      const rows = read.rows('parts');
      const poor = rows.filter((row) => row.state === 'poor');
      const weak = rows.filter((row) => row.weak !== undefined && row.weak !== 'none' && row.state === 'present');
      const [first] = weak;
      if (poor.length > 0) return { level: 'fix', message: `Poor and still in use: ${names(poor)}.` };
      if (first?.weak)
        return {
          level: 'fix',
          message: `Known as weak and still in use: ${names(weak)} (${weakKinds[first.weak]}${weak.length > 1 ? ' and others' : ''}).`,
        };
      parts(read);
      const replaced = rows.filter((row) => row.state === 'replaced');
      return {
        level: 'sound',
        message: replaced.length > 0 ? `Replaced at once: ${names(replaced)}.` : 'No poor part is in use.',
      };
    },
  },
  {
    id: 'kit.mark',
    stage: 'kit',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Some inspectors and insurers take only a unit with an approval mark; without it the work is undone at the end.',
    remedy: 'Ask the inspector, and show the plate. A unit without the wanted mark is another unit to buy.',
    source: `${trade} Which mark is wanted differs by country; the local code decides.`,
    check(read) {
      const { wanted } = read.all({ wanted: 'people.markWanted' });
      if (wanted === 'no') return { level: 'sound', message: 'No approval mark is asked for here.' };
      if (wanted === 'unknown') return read.missing('whether the inspector wants an approval mark');
      const unmarked = parts(read).filter((row) => row.kind === 'heater' && !row.mark);
      if (unmarked.length > 0)
        return { level: 'fix', message: `An approval mark is wanted, and none is noted for ${names(unmarked)}.` };
      const marks = parts(read).flatMap((row) => (row.kind === 'heater' && row.mark ? [row.mark] : []));
      return { level: 'sound', message: `The heater bears the mark ${marks.join(', ')}.` };
    },
  },
  {
    id: 'kit.plate',
    stage: 'kit',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'The box, the seller and the plate don’t always tell of the same unit; the plate is what an inspector reads.',
    remedy: 'Read the plate once more; correct the heater’s sheet, or send the unit back.',
    source: `${trade} The margin is Lorbet’s own choice.`,
    check(read) {
      const names12 = { v12: '12 V', v24: '24 V', unreadable: '' } as const;
      const output = read.maybe('kit.plateOutputKw');
      return worstOf(
        read,
        () =>
          read.all({ fuel: 'kit.plateFuel' }).fuel === 'petrol'
            ? { level: 'fix', message: 'The plate says petrol: its burner and pump are not made for diesel.' }
            : null,
        () => {
          const { volts, supply } = read.all({ volts: 'kit.plateV', supply: 'heater.supplyV' });
          return volts !== 'unreadable' && volts !== supply
            ? { level: 'fix', message: `The plate says ${names12[volts]}; the supply is ${names12[supply]}.` }
            : null;
        },
        () => {
          const [max, highest] = [read.maybe('kit.plateAltitudeM'), read.maybe('heater.altitudeM')];
          const own = read.limit('altitudeMaxM');
          // A maker's kit or setting for height stands among the maker's figures.
          const allowed = own.origin === 'maker' ? Math.max(own.value, max ?? 0) : max;
          return max !== null && allowed !== null && highest !== null && highest > allowed
            ? {
                level: 'fix',
                message: `The plate allows ${formatShort(max)} m; it is to run up to ${formatShort(highest)} m.`,
                remedy:
                  'A setting or kit that cuts the fuel, as the maker says: enter the height that it allows as the maker’s figure. Or another heater.',
              }
            : null;
        },
        () => {
          const claimed = read.maybe('heater.claimedOutputKw');
          return output !== null && claimed !== null && Math.abs(output / claimed - 1) > 0.15
            ? { level: 'watch', message: `The plate says ${formatShort(output)} kW, the label ${formatShort(claimed)} kW.` }
            : null;
        },
        () => {
          const { fuel, volts } = read.all({ fuel: 'kit.plateFuel', volts: 'kit.plateV' });
          return fuel === 'unreadable' || volts === 'unreadable'
            ? { level: 'watch', message: 'The plate can’t be read in part: nobody can show what this unit is.' }
            : {
                level: 'sound',
                message: `The plate says ${names12[volts]} and diesel${output === null ? '' : `, ${formatShort(output)} kW`}.`,
              };
        },
      );
    },
  },
  {
    id: 'kit.exhaust.old',
    stage: 'kit',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Nests, husks, wasps and soot block an old exhaust: the heater floods, smokes, and its gas looks for another way.',
    remedy: 'Look through it from end to end, knock it out and brush it, or fit a new one.',
    source: trade,
    check(read) {
      const [looked, wiring] = [read.maybe('kit.oldExhaustLooked'), read.maybe('kit.oldWiringLooked')];
      return worstOf(
        read,
        () => {
          if (read.all({ exhaust: 'kit.oldExhaust' }).exhaust === 'new') return null;
          if (looked === null) return read.missing('a look through the old exhaust');
          if (looked === 'blocked') return { level: 'fix', message: 'The old exhaust is blocked.' };
          return looked === 'no'
            ? { level: 'fix', message: 'An old exhaust is used again, and nobody has looked through it.' }
            : null;
        },
        () =>
          wiring === 'chafed' && read.maybe('kit.replaces') !== 'nothing'
            ? {
                level: 'fix',
                message: 'Old wiring that is kept is chafed.',
                remedy: 'Replace it, and look the rest over.',
              }
            : null,
        () => {
          const { exhaust } = read.all({ exhaust: 'kit.oldExhaust', replaces: 'kit.replaces' });
          return {
            level: 'sound',
            message: exhaust === 'new' ? 'The exhaust is new.' : 'The old exhaust was looked through and is clear.',
          };
        },
      );
    },
  },
];
