'use client';
import { Box, Button } from '@mui/material';
import { useId, useState } from 'react';
import { columnAt, type AnyRow, type CellValue, type ListId } from '../../../core/build/lists';
import { rowName } from '../../../core/commands/changeRows';
import type { Layer } from '../../../core/physics/heat/uValue';
import { readTimeOfDay } from '../../../core/units/timeOfDay';
import { cellUnit } from '../../../core/units/parseTyped';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { CellPick, Options } from '../cells/CellInput';
import { InstantField } from '../cells/InstantField';
import { TextCell } from '../cells/TextCell';
import { LayersCell } from './LayersCell';
import { RowNumber } from './RowNumber';
import { parts as t } from '../../texts/en/parts';

/** A time of day may be typed longer than it is kept: 6.30 pm. */
const typedTimeMax = 8;

interface Props {
  list: ListId;
  row: AnyRow;
  column: string;
  set: (value: CellValue | null) => string[];
}

function InstantCell({ name, kept, set }: { name: string; kept: string | null; set: Props['set'] }) {
  const { mayWork } = useWorkspace('mayWork');
  return (
    <Box component="span" className="inline" sx={{ flexWrap: 'nowrap', gap: 0.75 }}>
      <InstantField label={name} hiddenLabel value={kept} readOnly={!mayWork} onChange={(at) => at !== kept && void set(at)} />
      {mayWork && !kept && (
        <Button sx={{ minHeight: 44 }} onClick={() => set(new Date().toISOString())}>
          {t.now}
        </Button>
      )}
    </Box>
  );
}

/** One cell of a row of a list, whatever it holds. */
export function RowCell({ list, row, column: name, set }: Props) {
  const { settled, who, mayWork } = useWorkspace('settled', 'who', 'mayWork');
  const say = useSay();
  const id = useId();
  const [problem, setProblem] = useState('');
  const column = columnAt(list, name);
  if (!column) return null;
  const kept = row[name];
  const label = `${column.label}, ${rowName(list, row)}`;
  const draftKey = `${settled.id}:list/${list}/${row.id}/${name}`;
  const tell = (value: CellValue | null) => {
    const errors = set(value);
    setProblem(errors.join(' '));
    return errors;
  };
  const unit = column.kind === 'number' ? cellUnit(typeof kept === 'number' ? kept : null, column.unit, who.unitPreferences) : '';
  return (
    <div className="row-cell" data-column={name}>
      <span className="row-label">
        {column.label}
        {unit && unit !== 'pieces' && <span className="soft"> {unit === 'deg' ? '°' : unit}</span>}
      </span>
      {column.kind === 'number' && (
        <RowNumber list={list} row={row} column={name} besideUnit={unit} describedBy={id} set={set} onProblem={setProblem} />
      )}
      {column.kind === 'choice' && (
        <CellPick
          name={label}
          value={typeof kept === 'string' ? kept : ''}
          disabled={!mayWork}
          onChoose={(value) => tell(value === '' ? null : value)}
        >
          <Options of={column.options} empty="—" />
        </CellPick>
      )}
      {column.kind === 'text' && (
        <TextCell
          name={label}
          kept={typeof kept === 'string' ? kept : ''}
          draftKey={draftKey}
          max={column.time ? typedTimeMax : column.max}
          commit={(text) => set(text === '' ? null : column.time ? (readTimeOfDay(text) ?? text) : text)}
        />
      )}
      {column.kind === 'instant' && <InstantCell name={label} kept={typeof kept === 'string' ? kept : null} set={tell} />}
      {column.kind === 'layers' && (
        <LayersCell name={label} layers={(Array.isArray(kept) ? kept : []) as readonly Layer[]} max={column.max} set={tell} />
      )}
      {problem && (
        <span className="cell-problem" role="alert" id={id}>
          {say(problem)}
        </span>
      )}
    </div>
  );
}
