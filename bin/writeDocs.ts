import { render } from '../core/wording/render';
import { figureIds } from '../core/figures/figures';
import { checks } from '../core/checks/allChecks';
import { holdPoints, stages } from '../core/build/stages';
/** Writes the documents that are made from code: the build's JSON Schema, and the tables of figures and findings. */
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { columnsOf, listIds, lists } from '../core/build/lists';
import { fieldAt, figurePaths } from '../core/build/sheets';
import { limits } from '../core/practices/limits';
import { buildJsonSchema, packJsonSchema } from '../formats/jsonSchema';

const docs = path.join(__dirname, '../docs');
const row = (cells: readonly string[]) => `| ${cells.map((cell) => cell.replace(/\|/g, '\\|')).join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]) =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

writeFileSync(path.join(docs, 'build.schema.json'), `${JSON.stringify(buildJsonSchema(), null, 1)}\n`);
writeFileSync(path.join(docs, 'rule-pack.schema.json'), `${JSON.stringify(packJsonSchema(), null, 1)}\n`);
const figures = table(
  ['figure', 'means', 'unit or choices', 'allowed'],
  figurePaths.map((name) => {
    const field = fieldAt(name);
    return [
      `\`${name}\`${field.given ? ' (given)' : ''}`,
      field.label,
      field.kind === 'number' ? field.unit : Object.keys(field.options).join(', '),
      field.kind === 'number' ? `${field.min} to ${field.max}` : '',
    ];
  }),
);
const rows = listIds.map((id) => {
  const { label, max } = lists[id];
  const columns = Object.entries(columnsOf(id)).map(([name, column]) => [
    `\`${name}\``,
    column.label,
    column.kind === 'number' ? column.unit : column.kind === 'choice' ? Object.keys(column.options).join(', ') : column.kind,
    column.kind === 'number' ? `${column.min} to ${column.max}` : 'max' in column ? `up to ${column.max}` : '',
  ]);
  return `### \`${id}\`: ${label}, at most ${max}\n\n${table(['column', 'means', 'unit, choices or kind', 'allowed'], columns)}`;
});
const findings = table(
  ['check', 'stage', 'hold point', 'why', 'source'],
  checks.map((check) => [
    `\`${check.id}\``,
    stages[check.stage],
    holdPoints[check.holdPoint],
    render(check.why, {}),
    render(check.source, {}),
  ]),
);
const rules = table(
  ['limit', 'means', 'default', 'source'],
  Object.entries(limits).map(([key, limit]) => [
    `\`${key}\`${'maker' in limit ? ' (maker may give it)' : ''}`,
    limit.label,
    `${limit.value} ${limit.unit}`,
    limit.source,
  ]),
);
writeFileSync(
  path.join(docs, '../core/reading/figureIds.ts'),
  `/** Ids of all computed figures. Made by \`npm run docs\` from \`core/figures/figures.ts\`; not edited by hand. */\nexport type FigureId =\n${figureIds.map((id) => `  | '${id}'`).join('\n')};\n`,
);
writeFileSync(
  path.join(docs, 'figures-and-checks.md'),
  `# Figures, checks and limits\n\nMade by \`npm run docs\` from the code; don't edit it by hand.\n\n## Figures\n\n${figures}\n\n## Lists\n\nRows, each with an id; a column of which nothing is known is left out.\n\n${rows.join('\n\n')}\n\n## Checks\n\n${findings}\n\n## Limits\n\nA practice of the workshop goes before the default, a maker's figure before both.\n\n${rules}\n`,
);
