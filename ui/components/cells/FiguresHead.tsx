import { TableCell, TableHead, TableRow } from '@mui/material';
import { parts as t } from '../../texts/en/parts';
/** The head of a table of figures: what it is, its columns, its unit. */
export function FiguresHead({ columns }: { columns: readonly string[] }) {
  return (
    <TableHead>
      <TableRow>
        <TableCell>
          <span className="visually-hidden">{t.figure}</span>
        </TableCell>
        {columns.map((column) => (
          <TableCell key={column} colSpan={3 - columns.length}>
            {column}
          </TableCell>
        ))}
        <TableCell>
          <span className="visually-hidden">{t.unit}</span>
        </TableCell>
      </TableRow>
    </TableHead>
  );
}
