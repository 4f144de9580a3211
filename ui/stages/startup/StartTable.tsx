import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { quantities, startEvents, type StartRun } from '../../../core/build/Build';
import { inUnit, type UnitPreferences } from '../../../core/units/inUnits';
import { Opened } from '../../components/Opened';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { startup as t } from '../../texts/en/startup';

const shownLines = 300;

/** The log of a start as a table: what the chart shows, in figures. */
export function StartTable({ run, unitPreferences }: { run: StartRun; unitPreferences: UnitPreferences }) {
  const lines = [
    ...run.events.map(({ atS, event }) => ({ atS, text: startEvents[event] })),
    ...run.readings.map(({ atS, quantity, value }) => {
      const { label, unit } = quantities[quantity];
      const shown = inUnit(value, unit, unitPreferences);
      return { atS, text: `${label} ${formatShort(shown.value, shown.decimals ?? 2)} ${shown.unit}` };
    }),
  ].sort((a, b) => a.atS - b.atS);
  return (
    <Opened line={t.theLogInFigures}>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>{t.after}</TableCell>
            <TableCell>{t.what}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.slice(0, shownLines).map(({ atS, text }, i) => (
            <TableRow key={i}>
              <TableCell className="mono">{formatFixed(atS)} s</TableCell>
              <TableCell>{text}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {lines.length > shownLines && (
        <p className="soft">{t.andMoreLinesTheCsvHolds({ n: formatFixed(lines.length - shownLines) })}</p>
      )}
    </Opened>
  );
}
