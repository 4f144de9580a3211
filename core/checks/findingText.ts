import type { BuildKind, Waiver } from '../build/Build';
import { lists } from '../build/lists';
import { fieldAt, type FigurePath } from '../build/sheets';
import { stages } from '../build/stages';
import { lowerFirst } from '../units/formatNumber';
import { render, quantityText, type Telling } from '../wording/render';
import { shortQuantity } from '../wording/Value';
import type { UnitPreferences } from '../units/inUnits';
import { needsText } from '../wording/needsText';
import { checkAt } from './allChecks';
import type { AssumedInput, Told, Verdict } from './Finding';

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

/** The fault that is known for certain, as a finding of its own. */
const knownOf = ({ id, kind }: Told, verdict: Verdict): Told => ({ ...verdict, id, kind, needs: [] });
/** So many assumptions are named in a sentence; the rest are counted. */
const assumedNamed = 2;
const assumedName = (input: AssumedInput): string => ('list' in input ? lists[input.list].label : fieldAt(input.path).label);

/**
 * On which assumptions a finding rests.
 * @example assumedText([{ path: 'fuel.pressureBoreMm', value: 2 }], undefined) // "That is so if “Bore, pump to heater” is 2 mm, as assumed."
 */
export function assumedText(inputs: readonly AssumedInput[], units: UnitPreferences | undefined): string {
  const named = inputs
    .slice(0, assumedNamed)
    .map((input) =>
      'list' in input
        ? `“${assumedName(input)}” are as usual`
        : `“${assumedName(input)}” is ${supposedText(input.path, input.value, units)}`,
    );
  const more = inputs.length - named.length;
  const others = more > 0 ? [`${more} more ${more === 1 ? 'figure is' : 'figures are'} as usual`] : [];
  const all = [...named, ...others];
  const list = all.length < 2 ? all[0] : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`;
  return `That is so if ${list}, as assumed.`;
}
/** What has to be measured before a finding on assumed figures counts. */
const measureText = (inputs: readonly AssumedInput[]): string => {
  const names = inputs.map((input) => `“${assumedName(input)}”`);
  return `Measure what it rests on: ${names.length < 2 ? names[0] : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`}.`;
};

/**
 * What a finding says, in the units that a person likes.
 * @example messageOf({ id: 'kit.exhaust.old', level: 'fix', code: 'blocked', values: {}, kind: 'road', needs: [] }) // "The old exhaust is blocked."
 */
export function messageOf(told: Told, units?: UnitPreferences): string {
  if (told.level === 'open') return needsText(told.needs);
  const sentence = render(checkAt(told.id)?.messages[told.code] ?? told.code, told.values, telling(told, units));
  const said = [
    sentence,
    ...(told.assumed ? [assumedText(told.assumed, units)] : []),
    ...(told.knownAlready ? [`Known already: ${messageOf(knownOf(told, told.knownAlready), units)}`] : []),
  ].join(' ');
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
  if (told.level === 'sound') return told.assumed ? measureText(told.assumed) : '';
  const check = checkAt(told.id);
  if (told.level === 'open') {
    const stage = check ? stages[check.stage] : '';
    const sheets = [...new Set(told.needs.map(({ path }) => (path ? sheetTitle(path) : stage)))].map((title) => `“${title}”`);
    return `On the ${sheets.length > 1 ? 'sheets' : 'sheet'} ${sheets.join(' and ')}.`;
  }
  const remedy = render(check?.remedies[told.code] ?? check?.remedy ?? '', told.values, telling(told, units));
  return [
    ...(told.knownAlready ? [remedyOf(knownOf(told, told.knownAlready), units)] : []),
    remedy,
    ...(told.assumed ? [measureText(told.assumed)] : []),
  ]
    .filter((said, i, all) => all.indexOf(said) === i)
    .join(' ');
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
