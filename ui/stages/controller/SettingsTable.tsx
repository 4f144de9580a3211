'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useCallback, useId, useState } from 'react';
import { fieldAt, figureAt } from '../../../core/build/sheets';
import type { SettingKey } from '../../../core/build/sheetTables/controller';
import { originAt, originKey } from '../../../core/record/Origin';
import { cellUnit } from '../../../core/units/parseTyped';
import { FigureCell } from '../../components/cells/FigureCell';
import { TextCell } from '../../components/cells/TextCell';
import { useRows } from '../../components/lists/useRows';
import { useSmall } from '../../components/useSmall';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';
import { dateAndTime } from '../../texts/when';

/** Why a setting was left otherwise than it was found, and who did it. */
function Why({ setting }: { setting: SettingKey }) {
  const { settled, origins } = useWorkspace('settled', 'origins');
  const { rows, add, set } = useRows('settings');
  const row = rows.find((one) => one.setting === setting);
  const { label } = fieldAt(`controller.${setting}`);
  const origin = originAt(origins, originKey.figure(`controller.${setting}`, 'fitted'));
  return (
    <>
      <TextCell
        name={t.whyOf({ label })}
        kept={row?.why ?? ''}
        max={200}
        draftKey={`${settled.id}:why/${setting}`}
        commit={(text) => (row ? set(row, 'why', text === '' ? null : text) : text === '' ? [] : add({ setting, why: text }))}
      />
      {origin && <span className="hint">{t.changedBy({ by: origin.by, at: dateAndTime(origin.at) })}</span>}
    </>
  );
}

function SettingRow({ setting, code }: { setting: SettingKey; code: string }) {
  const { settled, who } = useWorkspace('settled', 'who');
  const say = useSay();
  const small = useSmall();
  const id = useId();
  const [problems, setProblems] = useState<Partial<Record<'found' | 'controller', string>>>({});
  const field = fieldAt(`controller.${setting}`);
  const [found, left] = (['found', 'controller'] as const).map((sheet) => figureAt(settled.sheets, `${sheet}.${setting}`).fitted);
  const shown = left ?? found ?? null;
  const unit = field.kind === 'number' ? cellUnit(typeof shown === 'number' ? shown : null, field.unit, who.unitPreferences) : '';
  const changed = left != null && found != null && left !== found;
  const told = useCallback(
    (sheet: 'found' | 'controller', problem: string) =>
      setProblems((old) => (old[sheet] === problem ? old : { ...old, [sheet]: problem })),
    [],
  );
  const cell = (sheet: 'found' | 'controller') => (
    <FigureCell
      path={`${sheet}.${setting}`}
      slot="fitted"
      besideUnit={unit}
      describedBy={id}
      onProblem={(_slot, problem) => told(sheet, problem)}
    />
  );
  const problem = problems.found || problems.controller;
  return (
    <>
      <TableRow data-figure={`controller.${setting}`} className={changed ? 'changed' : undefined}>
        <TableCell component="th" scope="row" colSpan={small ? 3 : 1}>
          {field.label}
          {unit !== '' && unit !== 'pieces' && <span className="soft"> {unit}</span>}
          {code !== '' && <span className="hint mono">{code}</span>}
          {field.hint && <span className="hint">{field.hint}</span>}
        </TableCell>
        {!small && <TableCell className="cell">{cell('found')}</TableCell>}
        {!small && <TableCell className="cell">{cell('controller')}</TableCell>}
      </TableRow>
      {small && (
        <TableRow className="figures-stacked">
          <TableCell colSpan={3}>
            <div className="two-cells">
              {(['found', 'controller'] as const).map((sheet) => (
                <div key={sheet}>
                  <span className="soft">{sheet === 'found' ? t.found : t.left}</span>
                  {cell(sheet)}
                </div>
              ))}
            </div>
          </TableCell>
        </TableRow>
      )}
      {changed && (
        <TableRow className="figures-stacked">
          <TableCell colSpan={3}>
            <span className="soft">{t.why}</span>
            <Why setting={setting} />
          </TableCell>
        </TableRow>
      )}
      {problem && (
        <TableRow className="figures-stacked">
          <TableCell colSpan={3} className="cell-problem" id={id} role="alert">
            {say(problem)}
          </TableCell>
        </TableRow>
      )}
    </>
  );
}

/** Settings side by side: as found, as left; of a changed one why. */
export function SettingsTable({ keys }: { keys: readonly SettingKey[] }) {
  const { settled } = useWorkspace('settled');
  const small = useSmall();
  const { rows } = useRows('settings');
  const codeOf = (key: SettingKey) =>
    rows.find(({ setting }) => setting === key)?.code ??
    settled.unitCard?.settings?.find(({ setting }) => setting === key)?.code ??
    '';
  return (
    <Table className="figures settings-table">
      {!small && (
        <TableHead>
          <TableRow>
            {[t.setting, t.found, t.left].map((label) => (
              <TableCell key={label}>{label}</TableCell>
            ))}
          </TableRow>
        </TableHead>
      )}
      <TableBody>
        {keys.map((key) => (
          <SettingRow key={key} setting={key} code={codeOf(key)} />
        ))}
      </TableBody>
    </Table>
  );
}
