'use client';
import { Box, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { coText } from '../../../core/wording/coText';
import { sections } from '../../../core/build/sections';
import { formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { RepairList } from '../../components/findings/RepairList';
import { RowList } from '../../components/lists/RowList';
import { FigureTable } from '../../components/cells/FigureTable';
import { CoEntry } from './CoEntry';
import { CoPlanView } from './CoPlanView';
import { CoNightChart } from './CoNightChart';
import { CoNightEntry } from './CoNightEntry';
import { proving as t } from '../../texts/en/proving';
import { dayAndTime } from '../../texts/when';

/** Alarm and carbon monoxide readings. */
export function CoSection() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  return (
    <>
      <p className="soft">{t.thatNobodyIsPoisonedTheAlarm}</p>
      <Box component="p" className="cautions" sx={{ mt: 1.25 }}>
        <strong>{t.carbonMonoxideKillsInSleepAnd}</strong> {t.headacheOrSicknessEverybodyOutDoors}
      </Box>
      <CoPlanView />
      <FigureTable paths={sections.proving.co.figures['Proving sheet']} caption={t.provingSheet} />
      <h3>{t.alarms}</h3>
      <p className="soft">{t.alarmsHint}</p>
      <RowList
        list="alarms"
        main={['name', 'made', 'endsAt']}
        more={['on', 'aboveFloorMm', 'fromHeaterMm', 'wantsFromMm', 'wantsToMm', 'wantsAwayMm', 'sounds', 'testedAt']}
      />
      <Box component="h3" sx={{ mt: 2.5 }}>
        {t.carbonMonoxideReadings}
      </Box>
      {mayWork && <CoEntry />}
      {settled.coReadings.length > 0 && (
        <Table sx={{ mt: 1.5 }}>
          <TableHead>
            <TableRow>
              <TableCell>{t.when}</TableCell>
              <TableCell>{t.whereAndHow}</TableCell>
              <TableCell>{t.read}</TableCell>
              <TableCell>{t.by}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {[...settled.coReadings].reverse().map((r) => (
              <TableRow key={r.id}>
                <TableCell>{dayAndTime(r.at)}</TableCell>
                <TableCell>{coText(r)}</TableCell>
                <TableCell className="mono">
                  <strong>{formatShort(r.ppm)}</strong> {t.ppm}
                </TableCell>
                <TableCell>{r.by}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
      <h3>{t.nights}</h3>
      <p className="soft">{t.nightsHint}</p>
      {mayWork && <CoNightEntry />}
      {[...(settled.coLogs ?? [])].reverse().map((log) => (
        <CoNightChart key={log.id} log={log} />
      ))}
      <RepairList />
    </>
  );
}
