import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { inUnit } from '../../../core/units/inUnits';
import type { UnitId } from '../../../core/units/units';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';

interface Column {
  label: string;
  unit: UnitId;
  decimals: number;
}
/** Figures worked out for each of some things, in the units of whoever looks; one that is none is left empty. */
export function SumsTable({
  columns,
  rows,
  picked = null,
}: {
  columns: readonly Column[];
  rows: readonly { id: string; name: string; cells: readonly number[] }[];
  picked?: string | null;
}) {
  const { unitPreferences } = useWorkspace('who').who;
  return (
    <div className="wide-table">
      <Table>
        <TableHead>
          <TableRow>
            <TableCell component="td" />
            {columns.map(({ label, unit }) => (
              <TableCell key={label}>
                {label}, {inUnit(0, unit, unitPreferences).unit}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(({ id, name, cells }) => (
            <TableRow key={id} className={picked === id ? 'own' : undefined}>
              <TableCell component="th" scope="row">
                {name}
              </TableCell>
              {columns.map(({ label, unit, decimals }, i) => {
                const value = cells[i] ?? NaN;
                return (
                  <TableCell key={label} className="mono">
                    {Number.isFinite(value) ? formatFixed(inUnit(value, unit, unitPreferences).value, decimals) : ''}
                  </TableCell>
                );
              })}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}
