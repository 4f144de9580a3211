import Papa from 'papaparse';
import type { Build } from '../core/build/Build';
import { rowsOf } from '../core/build/lists';
import { fieldAt, figureAt, type FigurePath } from '../core/build/sheets';
import { settingKeys, settings, type SettingKey } from '../core/build/sheetTables/controller';
import { cellProblem } from '../core/commands/changeRows';
import { valueProblem, type Change } from '../core/commands/kinds/figures';
import { originAt, originKey, type Origins } from '../core/record/Origin';
import { parseQuantity } from '../core/units/parseQuantity';

export const settingsCsvMaxBytes = 100_000;
const columns = ['unit', 'setting', 'code', 'in', 'found', 'left', 'why', 'by', 'at'] as const;
const needed = ['unit', 'setting'] as const;

/** By what a unit is told from another: its card’s name with the heater’s serial number; either alone where there is no other. */
export const unitNameOf = ({ unitCard, identity }: Pick<Build, 'unitCard' | 'identity'>): string =>
  [unitCard?.name, identity.heaterSerial].filter((part) => part !== undefined && part !== '').join(', ');

const wordOf = (path: FigurePath, value: number | string | null): number | string => {
  const field = fieldAt(path);
  if (value === null) return '';
  return field.kind === 'choice' ? ((field.options as Record<string, string>)[String(value)] ?? value) : value;
};

/** Settings as CSV: a row each, as found and as left, why, by whom and when; then those that only this controller has. */
export function writeSettingsCsv(build: Build, origins: Origins = {}): string {
  const unit = unitNameOf(build);
  const notes = rowsOf(build.lists, 'settings');
  const card = new Map(build.unitCard?.settings?.map(({ setting, code }) => [setting, code]));
  const own = settingKeys.flatMap((key) => {
    const [found, left] = (['found', 'controller'] as const).map((sheet) => figureAt(build.sheets, `${sheet}.${key}`).fitted);
    const note = notes.find(({ setting }) => setting === key);
    const code = note?.code ?? card.get(key) ?? '';
    if (found == null && left == null && !note && code === '') return [];
    const field = settings[key];
    const last = originAt(origins, originKey.figure(`${left == null ? 'found' : 'controller'}.${key}`, 'fitted'));
    return [
      [
        unit,
        key,
        code,
        field.kind === 'number' ? field.unit : '',
        wordOf(`found.${key}`, found ?? null),
        wordOf(`controller.${key}`, left ?? null),
        note?.why ?? '',
        last?.by ?? '',
        last?.at ?? '',
      ],
    ];
  });
  const others = notes
    .filter(({ setting }) => setting === undefined || setting === 'other')
    .map(({ name, code, found, left, why }) => [
      unit,
      name ?? 'other',
      code ?? '',
      '',
      found ?? '',
      left ?? '',
      why ?? '',
      '',
      '',
    ]);
  return `${Papa.unparse({ fields: [...columns], data: [...own, ...others] }, { newline: '\n', escapeFormulae: true })}\n`;
}

/** A row to be added; whoever adds it gives it an id. */
export interface NewRow {
  list: 'settings';
  action: 'add';
  values: Record<string, string>;
}
export type SettingsCsv = { ok: true; changes: Change[]; rows: NewRow[] } | { ok: false; errors: string[] };

/**
 * Reads settings from CSV, as changes of a build: what is entered already is no change. Who and when are not taken from a file: the ledger knows who brought it in.
 * A file of another unit is refused whole, as is one with any nonsense in it, each error with its line.
 */
export function readSettingsCsv(build: Build, text: string): SettingsCsv {
  if (text.length > settingsCsvMaxBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${settingsCsvMaxBytes} are allowed.`] };
  const table = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const fields = table.meta.fields ?? [];
  const strange = fields.filter((name) => !(columns as readonly string[]).includes(name));
  if (strange.length > 0 || needed.some((name) => !fields.includes(name)))
    return {
      ok: false,
      errors: [
        `The first line names ${fields.join(', ').slice(0, 80) || 'nothing'}; it must name ${needed.join(' and ')}, and may name ${columns.filter((one) => one !== 'unit' && one !== 'setting').join(', ')}.`,
      ],
    };
  const here = unitNameOf(build);
  const foreign = table.data.find(({ unit = '' }) => unit.trim() !== here);
  if (foreign)
    return {
      ok: false,
      errors: [
        `The file is of the unit “${(foreign.unit ?? '').trim().slice(0, 80)}”; this build has “${here}”. Settings of another unit are not taken.`,
      ],
    };
  const changes: Change[] = [];
  const rows: NewRow[] = [];
  const errors: string[] = [];
  const notes = rowsOf(build.lists, 'settings');
  for (const [i, cells] of table.data.entries()) {
    const of = (name: (typeof columns)[number]) => (cells[name] ?? '').trim().replace(/^'(?=[=+\-@\t\r])/, '');
    const key = of('setting');
    if (!Object.hasOwn(settings, key)) {
      const values = Object.fromEntries(
        (['code', 'found', 'left', 'why'] as const).map((name) => [name, of(name)] as const).filter(([, value]) => value !== ''),
      );
      const named = { setting: 'other', name: key, ...values };
      const problem = Object.entries(named)
        .map(([name, value]) => cellProblem('settings', name, value))
        .find((one) => one !== null);
      if (problem) errors.push(`Line ${i + 2}: ${problem}`);
      else if (!notes.some(({ name }) => name === key)) rows.push({ list: 'settings', action: 'add', values: named });
      continue;
    }
    for (const [column, sheet] of [
      ['found', 'found'],
      ['left', 'controller'],
    ] as const) {
      const typed = of(column);
      if (typed === '') continue;
      const path = `${sheet}.${key as SettingKey}` as const;
      const read = valueOf(path, typed);
      const problem = 'problem' in read ? read.problem : valueProblem(path, read.value);
      if (problem !== null) {
        errors.push(`Line ${i + 2}: ${problem}`);
        continue;
      }
      const from = figureAt(build.sheets, path).fitted;
      if ('value' in read && from !== read.value) changes.push({ path, slot: 'fitted', from, to: read.value });
    }
    const why = of('why');
    const note = notes.find(({ setting }) => setting === key);
    if (why !== '' && !note) {
      const problem = cellProblem('settings', 'why', why);
      if (problem) errors.push(`Line ${i + 2}: ${problem}`);
      else rows.push({ list: 'settings', action: 'add', values: { setting: key, why } });
    }
  }
  return errors.length > 0 ? { ok: false, errors } : { ok: true, changes, rows };
}

function valueOf(path: FigurePath, typed: string): { value: number | string } | { problem: string } {
  const field = fieldAt(path);
  if (field.kind === 'choice') {
    const options = Object.entries(field.options as Record<string, string>);
    const found = options.find(([id, label]) => id === typed || label.toLowerCase() === typed.toLowerCase());
    return { value: found?.[0] ?? typed };
  }
  const parsed = parseQuantity(typed, field.unit);
  return parsed.ok
    ? { value: parsed.value }
    : {
        problem: `${field.label}: “${typed.slice(0, 30)}” ${parsed.reason}; allowed is ${field.min} to ${field.max} ${field.unit}.`,
      };
}
