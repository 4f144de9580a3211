'use client';
import { Box, Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { eventsOf } from '../../../core/drawing/start/eventsOf';
import { liveStart } from '../../../core/drawing/start/liveStart';
import { thinned } from '../../../core/drawing/start/thinned';
import { formatFixed } from '../../../core/units/formatNumber';
import { readLogger, type LoggerTable } from '../../../formats/loggerCsv';
import { Problems } from '../../components/cells/Problems';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';
import { columnsFor, keepColumns } from './keptColumns';
import { CourseTrace } from './CourseTrace';
import { EventTimes, pressedS, timesOf, type TypedTimes } from './EventTimes';
import { LoggerColumns } from './LoggerColumns';
import { useRehearsed } from './useRehearsed';

/** The file of any logger: what its columns are, what its readings show, and kept as a start by one touch. */
export function LoggerFile({
  table,
  dryRun,
  beganAt,
  onDone,
}: {
  table: LoggerTable;
  dryRun: boolean;
  beganAt: string | null;
  onDone: () => void;
}) {
  const { send } = useWorkspace('send');
  const { answer } = useRehearsed();
  const [typed, setTyped] = useState<TypedTimes>({});
  const [columns, setColumns] = useState(() => columnsFor(table.header));
  const [problems, setProblems] = useState<string[]>([]);
  const read = useMemo(() => readLogger(table, columns), [table, columns]);
  const course = answer && 'course' in answer && !dryRun ? answer.course : null;
  const heard = read.ok ? read.value.heard : null;
  const start = useMemo(() => heard && liveStart(heard, null), [heard]);
  // What this build should show begins with the button: until somebody has said when that was, nothing is compared.
  const onS = pressedS(typed);
  const shown = useMemo(
    () => (heard && onS !== null ? liveStart({ ...heard, events: [{ s: onS, event: 'on' }] }, course) : start),
    [heard, start, onS, course],
  );
  const kept = useMemo(() => (heard && start ? thinned(heard.series, start.beganS) : []), [heard, start]);
  const found = heard && start ? eventsOf(heard, start) : [];
  const keep = () => {
    if (!heard || !start) return;
    const { events, errors: wrong } = timesOf(found, typed);
    if (wrong.length > 0) {
      setProblems(wrong);
      return;
    }
    const errors = send({
      kind: 'start',
      id: crypto.randomUUID(),
      events,
      readings: kept,
      source: 'csv',
      ...(dryRun ? { dryRun: true as const } : {}),
      ...(beganAt ? { beganAt } : {}),
    });
    setProblems(errors);
    if (errors.length > 0) return;
    keepColumns(table.header, columns);
    onDone();
  };
  return (
    <section className="logger-file" aria-label={t.fromALogger}>
      <h3>{t.fromALogger}</h3>
      <p className="soft">{t.whichColumn}</p>
      <LoggerColumns table={table} columns={columns} onChoose={setColumns} />
      {!read.ok && <Problems all={read.errors} />}
      {read.ok && heard && start && (
        <>
          {read.value.leftOut > 0 && <p className="soft">{t.cellsLeftOut({ n: formatFixed(read.value.leftOut) })}</p>}
          {onS === null && <p className="soft">{t.buttonFirst}</p>}
          <CourseTrace
            heard={heard}
            start={shown ?? start}
            course={onS === null ? null : course}
            fromS={onS === null ? 0 : -onS}
            told={t.keptReadings({ n: formatFixed(table.rows.length), kept: formatFixed(kept.length) })}
            over
          />
          <p className="soft">{t.shows}</p>
          <EventTimes found={found} typed={typed} onType={setTyped} />
        </>
      )}
      <Box className="inline">
        <Button variant="contained" onClick={keep} disabled={!heard}>
          {t.keepAsStart}
        </Button>
        <Button variant="text" onClick={onDone}>
          {t.throwAway}
        </Button>
      </Box>
      <Problems all={problems} />
    </section>
  );
}
