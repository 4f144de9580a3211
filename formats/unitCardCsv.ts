import { parseJson } from '../core/record/parseJson';
import Papa from 'papaparse';
import { cardBounds, cardKeys } from '../core/build/unit/cardKeys';
import { cardSchema } from '../core/build/unit/cardSchema';
import { cardFormat, cardVersion, type CardKey, type UnitCard } from '../core/build/unit/UnitCard';
import { validate, type ReadResult } from '../core/build/readBuild';

export const cardFileMaxBytes = 60_000;
const columns = ['what', 'key', 'label', 'value', 'unit', 'source', 'where', 'low', 'high', 'among'] as const;
type Line = Partial<Record<(typeof columns)[number], string | number>>;

/** A card as CSV: first what it is, then a line a figure, then its holes, faults, wires, settings and the course of a start. */
export function writeCardCsv(card: UnitCard): string {
  const lines: Line[] = [
    { what: 'card', key: 'id', value: card.id },
    { what: 'card', key: 'name', value: card.name },
    { what: 'card', key: 'family', value: card.family },
    { what: 'card', key: 'edition', value: card.edition },
    { what: 'card', key: 'note', value: card.note },
    ...(card.wayOut ? [{ what: 'card', key: 'wayOut', value: card.wayOut }] : []),
    ...cardKeys.flatMap((key): Line[] => {
      const figure = card.figures[key];
      if (!figure) return [];
      const bounds = cardBounds(key);
      const { value, source, where, low, high, among } = figure;
      const unit = bounds.kind === 'number' ? bounds.unit : '';
      return [{ what: 'figure', key, label: bounds.label, value, unit, source, where, low, high, among: among?.join(' ') }];
    }),
    ...card.holes.map(({ name, kind, alongMm, acrossMm, diameterMm }): Line => ({
      what: 'hole',
      key: kind,
      label: name,
      value: diameterMm,
      unit: 'mm',
      low: alongMm,
      high: acrossMm,
    })),
    ...card.faults.map(({ code, meaning, tells, controller }): Line => ({
      what: 'fault',
      key: code,
      label: meaning,
      value: tells,
      where: controller,
    })),
    ...(card.harness ?? []).map(({ name, colour, wire, to, areaMm2, lengthM }): Line => ({
      what: 'wire',
      key: to,
      label: name,
      value: colour,
      source: wire,
      low: areaMm2,
      high: lengthM,
    })),
    ...(card.settings ?? []).map(({ setting, code }): Line => ({ what: 'setting', key: setting, value: code })),
    ...card.course.map(({ event, fromS, toS }): Line => ({ what: 'start', key: event, unit: 's', low: fromS, high: toS })),
  ];
  return `${Papa.unparse({ fields: [...columns], data: lines.map((line) => columns.map((name) => line[name] ?? '')) }, { newline: '\n', escapeFormulae: true })}\n`;
}

const numberOf = (text: string | undefined): number | undefined => (text === undefined || text === '' ? undefined : Number(text));
const given = <T extends object>(values: T): T =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined && value !== '')) as T;

/** Reads a card from CSV as `writeCardCsv` writes it; anything that is wrong refuses the whole, in a sentence each. */
export function readCardCsv(text: string): ReadResult<UnitCard> {
  if (text.length > cardFileMaxBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${cardFileMaxBytes} are allowed.`] };
  const table = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), { header: true, skipEmptyLines: 'greedy' });
  const fields = table.meta.fields ?? [];
  if (!columns.every((name) => fields.includes(name)))
    return {
      ok: false,
      errors: [`The first line names ${fields.join(', ').slice(0, 80) || 'nothing'}; it must name ${columns.join(', ')}.`],
    };
  const about: Record<string, string> = {};
  const figures: Record<string, unknown> = {};
  const [holes, faults, course, settings, harness]: object[][] = [[], [], [], [], []];
  const errors: string[] = [];
  for (const [i, row] of table.data.entries()) {
    // A spreadsheet's guard against formulas is no part of the value.
    const line = Object.fromEntries(Object.entries(row).map(([name, cell]) => [name, cell.replace(/^'(?=[=+\-@])/, '').trim()]));
    const { what = '', key = '', label = '', value = '', low, high } = line;
    if (what === 'card') about[key] = value;
    else if (what === 'figure')
      figures[key] = given({
        value: figureValue(key, value),
        source: line.source,
        where: line.where,
        low: numberOf(low),
        high: numberOf(high),
        among: line.among ? line.among.split(' ') : undefined,
      });
    else if (what === 'hole')
      holes?.push(
        given({ name: label, kind: key, alongMm: numberOf(low), acrossMm: numberOf(high), diameterMm: numberOf(value) }),
      );
    else if (what === 'fault') faults?.push({ code: key, meaning: label, ...given({ tells: value, controller: line.where }) });
    else if (what === 'wire')
      harness?.push({
        name: label,
        colour: value,
        wire: line.source,
        to: key,
        ...given({ areaMm2: numberOf(low), lengthM: numberOf(high) }),
      });
    else if (what === 'setting') settings?.push({ setting: key, code: value });
    else if (what === 'start') course?.push({ event: key, fromS: numberOf(low), toS: numberOf(high) });
    else
      errors.push(`Line ${i + 2}: what is “${what.slice(0, 40)}”; allowed is card, figure, hole, fault, wire, setting or start.`);
  }
  if (errors.length > 0) return { ok: false, errors: errors.slice(0, 30) };
  const { id, name, family, edition, note = '', wayOut } = about;
  return validate<UnitCard>(cardSchema(), {
    format: cardFormat,
    version: cardVersion,
    id,
    name,
    family,
    edition: numberOf(edition),
    note,
    figures,
    holes,
    faults,
    course,
    ...(wayOut ? { wayOut } : {}),
    ...(harness && harness.length > 0 ? { harness } : {}),
    ...(settings && settings.length > 0 ? { settings } : {}),
  });
}

/** A number where the figure is one; what can't be one stays text, and is refused with its value in the sentence. */
function figureValue(key: string, text: string): number | string {
  const known = (cardKeys as readonly string[]).includes(key);
  return known && cardBounds(key as CardKey).kind === 'number' && text !== '' && Number.isFinite(Number(text))
    ? Number(text)
    : text;
}

/** A card from a JSON file. */
export function readCardJson(text: string): ReadResult<UnitCard> {
  if (text.length > cardFileMaxBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${cardFileMaxBytes} are allowed.`] };
  try {
    return validate<UnitCard>(cardSchema(), parseJson(text));
  } catch (error) {
    return { ok: false, errors: [(error as SyntaxError).message.replace('The text', 'The file')] };
  }
}
