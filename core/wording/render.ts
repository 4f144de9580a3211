import type { BuildKind } from '../build/Build';
import { lowerFirst, upperFirst, formatFixed, formatShort } from '../units/formatNumber';
import { timeText } from '../units/timeOfDay';
import { inUnit, metric, type UnitPreferences } from '../units/inUnits';
import { kindWords } from './kindWords';
import { termText } from './terms';
import type { Quantity, Value, Values } from './Value';

/** For whom a sentence is written, and of what. */
export interface Telling {
  units?: UnitPreferences;
  kind?: BuildKind;
  /** clauses of the catalogue that the sentence is from */ clauses?: Readonly<Record<string, string>>;
}

/** Names of the slots of a sentence; `{n|one|many}` is a word by the number n, `{2.5 mm}` a quantity that never changes. */
export type Slots<T extends string> = T extends `${string}{${infer Slot}}${infer Rest}`
  ? (Slot extends `${number} ${string}` ? never : Slot extends `${infer Key}|${string}` ? Key : Slot) | Slots<Rest>
  : never;
/** Slots that every sentence has: words by what the heater is fitted into. */
export type KindSlot = 'vehicle' | 'outline' | 'gathers' | 'breaksLoose' | 'holdsIn';

/** A number with its unit, in the units that a person likes. @example quantityText({ n: [25.4], unit: 'mm', decimals: 0 }, metric) // "25 mm" */
export function quantityText({ n, unit, decimals, short, join = 'to' }: Quantity, units: UnitPreferences = metric): string {
  if (unit === 'clock') return n.map(timeText).join(` ${join} `);
  const shown = n.map((value) => inUnit(value, unit, units));
  const to = shown[0]?.unit ?? unit;
  const turned = to !== unit && shown.every((one) => one.unit === to);
  // Small figures keep three digits that tell, or a bore would lose its meaning.
  const texts = turned
    ? shown.map((one) => formatShort(one.value, Math.abs(one.value) < 1 ? 3 : (one.decimals ?? 2)))
    : n.map((value) => (short ? formatShort(value, decimals) : formatFixed(value, decimals)));
  const said = turned ? to : unit;
  return `${texts.join(` ${join} `)}${said === '' ? '' : said === '°' ? '°' : ` ${said}`}`;
}

function valueText(value: Value, telling: Telling, first: boolean): string {
  if (value === null) return '';
  if ('n' in value) return quantityText(value, telling.units);
  if ('name' in value) return value.person ? value.name : `“${value.name}”`;
  if ('term' in value) return (first ? upperFirst : lowerFirst)(render(termText(value.term), {}, telling));
  if ('code' in value) return render(telling.clauses?.[value.code] ?? '', value.values, telling, first);
  const most = value.most ?? value.several.length;
  const told = value.several.slice(0, most).map((one, i) => valueText(one, telling, first && i === 0));
  return `${told.join(', ')}${value.several.length > most ? ` and ${value.several.length - most} more` : ''}`;
}

/**
 * A sentence with its slots filled.
 * @example render('Fuel stands at {level}.', { level: mm(36) }) // "Fuel stands at 36 mm."
 */
export function render(sentence: string, values: Values, telling: Telling = {}, atStart = true): string {
  const settled = sentence.replace(
    /\{(\d[\d.]*)(?: to (\d[\d.]*))? ([^}|]+)\}/g,
    (_, from: string, to: string | undefined, unit: string) =>
      quantityText(
        { n: to === undefined ? [Number(from)] : [Number(from), Number(to)], unit, decimals: 2, short: true },
        telling.units,
      ),
  );
  return settled.replace(/\{([a-zA-Z]+)(?:\|([^|}]*)\|([^}]*))?\}/g, (_, key: string, one?: string, many?: string, at = 0) => {
    const value = values[key];
    if (one !== undefined) {
      const n = value && 'n' in value ? value.n[0] : 0;
      return n === 1 ? one : (many ?? '');
    }
    const before = settled.slice(0, Number(at));
    if (value === undefined) {
      const word = (kindWords[telling.kind ?? 'road'] as unknown as Record<string, string>)[key];
      return word ?? '';
    }
    return valueText(value, telling, before === '' ? atStart : before.endsWith('. '));
  });
}
