import { TableCell, TableHead, TableRow } from '@mui/material';
/** The head of a table of figures: what it is, its columns, its unit. */
export function FiguresHead({ columns }: { columns: readonly string[] }) {
  return (
    <TableHead>
      <TableRow>
        <TableCell>
          <span className="visually-hidden">Figure</span>
        </TableCell>
        {columns.map((column) => (
          <TableCell key={column} colSpan={3 - columns.length}>
            {column}
          </TableCell>
        ))}
        <TableCell>
          <span className="visually-hidden">Unit</span>
        </TableCell>
      </TableRow>
    </TableHead>
  );
}
