import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { memo } from 'react';
import { quantities } from '../../../core/build/Build';
import type { LoggerColumn, LoggerColumns as Columns, LoggerTable } from '../../../formats/loggerCsv';
import { CellPick, Options } from '../../components/cells/CellInput';
import { startup as t } from '../../texts/en/startup';

const firstCells = 3;
const choices = {
  time: t.time,
  ...Object.fromEntries(Object.entries(quantities).map(([id, { label, unit }]) => [id, `${label}, ${unit}`])),
};

/** What each column of a logger's file is. Drawn anew when that changes, and not with each time that is typed below it. */
export const LoggerColumns = memo(function LoggerColumns({
  table,
  columns,
  onChoose,
}: {
  table: LoggerTable;
  columns: Columns;
  onChoose: (change: (old: Columns) => Columns) => void;
}) {
  const choose = (name: string, to: string) =>
    onChoose((old) => ({
      // A quantity stands in one column only.
      ...Object.fromEntries(Object.entries(old).filter(([, column]) => column !== to)),
      [name]: to === '' ? undefined : (to as LoggerColumn),
    }));
  return (
    <Table>
      <TableHead>
        <TableRow>
          <TableCell>{t.column}</TableCell>
          <TableCell>{t.itIs}</TableCell>
          <TableCell className="begins">{t.firstCells}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {table.header.map((name, i) => (
          <TableRow key={name}>
            <TableCell>{name}</TableCell>
            <TableCell>
              <CellPick
                name={`${t.itIs}: ${name}`}
                value={columns[name] ?? ''}
                disabled={false}
                onChoose={(to) => choose(name, to)}
              >
                <option value="">{t.notUsed}</option>
                <Options of={choices} />
              </CellPick>
            </TableCell>
            <TableCell className="mono begins">
              {table.rows
                .slice(0, firstCells)
                .map((row) => row[i] ?? '')
                .join(' · ')}
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
});
