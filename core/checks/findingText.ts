import type { BuildKind, Waiver } from '../build/Build';
import { fieldAt, type FigurePath } from '../build/sheets';
import { stages } from '../build/stages';
import { lowerFirst } from '../units/formatNumber';
import { render, quantityText, type Telling } from '../wording/render';
import { shortQuantity } from '../wording/Value';
import type { UnitPreferences } from '../units/inUnits';
import { needsText } from '../wording/needsText';
import { checkAt } from './allChecks';
import type { Told } from './Finding';

const telling = (told: Told, units: UnitPreferences | undefined): Telling => ({
  ...(units ? { units } : {}),
  kind: told.kind,
  clauses: checkAt(told.id)?.messages ?? {},
});

/** A supposed value of a figure, as it is told. */
function supposedText(path: FigurePath, value: number | string, units: UnitPreferences | undefined): string {
  const field = fieldAt(path);
  if (field.kind === 'choice') {
    const label = (field.options as Record<string, string>)[value] ?? String(value);
    // An option may be a temperature: it is told as one.
    return `“${render(label.replace(/(\d+(?: to \d+)? °C)/g, '{$1}'), {}, units ? { units } : {})}”`;
  }
  const unit = field.unit === 'deg' ? '°' : field.unit;
  return quantityText(shortQuantity(unit, Number(value), Math.max(field.decimals, 1)), units);
}

/**
 * What a finding says, in the units that a person likes.
 * @example messageOf({ id: 'kit.exhaust.old', level: 'fix', code: 'blocked', values: {}, kind: 'road', needs: [] }) // "The old exhaust is blocked."
 */
export function messageOf(told: Told, units?: UnitPreferences): string {
  if (told.level === 'open') return needsText(told.needs);
  const said = render(checkAt(told.id)?.messages[told.code] ?? told.code, told.values, telling(told, units));
  if (!told.supposed) return said;
  const { path, value } = told.supposed;
  return `“${fieldAt(path).label}” is not known; even were it ${supposedText(path, value, units)}: ${said}`;
}

/** The sheet on which a figure stands. */
function sheetTitle(path: FigurePath): string {
  const [sheet = ''] = path.split('.');
  if (Object.hasOwn(stages, sheet)) return stages[sheet as keyof typeof stages];
  return (
    { tank: stages.fuel, line: stages.fuel, people: stages.survey, uncertainties: stages.survey }[sheet] ??
    'Heater and conditions'
  );
}

/** What to do about a finding; empty where it is sound. */
export function remedyOf(told: Told, units?: UnitPreferences): string {
  if (told.level === 'sound') return '';
  const check = checkAt(told.id);
  if (told.level === 'open') {
    const stage = check ? stages[check.stage] : '';
    const sheets = [...new Set(told.needs.map(({ path }) => (path ? sheetTitle(path) : stage)))].map((title) => `“${title}”`);
    return `On the ${sheets.length > 1 ? 'sheets' : 'sheet'} ${sheets.join(' and ')}.`;
  }
  return render(check?.remedies[told.code] ?? check?.remedy ?? '', told.values, telling(told, units));
}

/** Why it matters. */
export const whyOf = (told: Told, units?: UnitPreferences): string =>
  render(checkAt(told.id)?.why ?? '', {}, telling(told, units));

/** Where the rule comes from. */
export const sourceOf = (told: Told): string => render(checkAt(told.id)?.source ?? '', {}, telling(told, undefined));

/** A finding for a refusal: its id and what it says. */
export const findingLine = (told: Told): string => `${told.id}: ${messageOf(told)}`;

/** A sentence without what was not always there: quotes round names, and a large first letter. */
const bare = (sentence: string): string => lowerFirst(sentence.replace(/[“”]/g, ''));

/** Whether this finding was ever told by that sentence, in metric: as it is worded now, or as it was. */
export function wasToldBy(told: Told, sentence: string): boolean {
  const check = checkAt(told.id);
  const wordings = check ? [check.messages[told.code] ?? '', ...(check.formerly[told.code] ?? [])] : [];
  return wordings.some((wording) => bare(render(wording, told.values, telling(told, undefined))) === bare(sentence));
}

/** What a waiver accepted. */
export function waiverText({ checkId, code, values }: Waiver, kind: BuildKind, units?: UnitPreferences): string {
  const { sentence } = values;
  if (sentence != null && 'name' in sentence) return sentence.name;
  return messageOf({ id: checkId, level: 'fix', code, values, kind, needs: [] }, units);
}
