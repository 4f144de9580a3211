'use client';
import { Box, Button, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { stages } from '../../../core/build/stages';
import { format } from 'date-fns';
import { useEffect, useMemo, useState } from 'react';
import { primingOutcomes, type PrimingRun } from '../../../core/build/Build';
import { figurePaths, valueAt } from '../../../core/build/sheets';
import { explain } from '../../../core/figures/explain';
import { stageFigures } from '../../../core/figures/stageFigures';
import { primedStrokes } from '../../../core/model/priming/primedStrokes';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { fillPicture } from '../../../core/drawing/line/fillPicture';
import { DoseTest } from '../fuel/DoseTest';
import { FillSpreadView } from '../fuel/FirstFillView';
import { Fold } from '../../components/lists/Fold';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { StrokeBand } from './StrokeBand';
import { usePrimingClock } from './usePrimingClock';

const outcomeKeys: readonly PrimingRun['outcome'][] = ['reached', 'stopped', 'none', 'overrun'];

export function PrimingView() {
  const { settled, send, mayWork, setPrimedStrokes } = useWorkspace('settled', 'send', 'mayWork', 'setPrimedStrokes');
  const clock = usePrimingClock(settled.id);
  const [problems, setProblems] = useState<string[]>([]);
  const earlier = primedStrokes(settled);
  const hz = valueAt(settled.sheets, 'priming.primingHz');
  const [low, expected, high] = (['priming.lowStrokes', 'priming.expectedStrokes', 'priming.highStrokes'] as const).map(
    (key) => explain(settled, key).value,
  );
  const known =
    low !== null && expected !== null && high !== null && low !== undefined && expected !== undefined && high !== undefined;
  const before = clock.count && !clock.count.fromEmpty ? earlier.strokes : 0;
  const total = before + clock.strokes;
  const fill = useMemo(() => fillPicture(settled), [settled]);
  const active = clock.count !== null;
  /** What every other page needs to know of the count. */
  const toKnow = (fromEmpty: boolean) => ({
    before: fromEmpty ? 0 : earlier.strokes,
    high: high ?? null,
    name: settled.identity.name,
  });
  const wanted = clock.count ? toKnow(clock.count.fromEmpty) : null;
  const told = clock.count;
  useEffect(() => {
    if (told && wanted && (told.high !== wanted.high || told.before !== wanted.before || told.name !== wanted.name))
      clock.know(wanted);
  });
  useEffect(() => {
    setPrimedStrokes(active ? total : null);
  }, [active, total, setPrimedStrokes]);
  useEffect(() => () => setPrimedStrokes(null), [setPrimedStrokes]);

  const begin = (by: 'clock' | 'taps', fromEmpty: boolean) => {
    if (hz === null) {
      setProblems(['Pump frequency while priming is not known; enter it below first.']);
      return;
    }
    setProblems([]);
    clock.begin({ by, frequencyHz: hz, fromEmpty, ...toKnow(fromEmpty) });
  };
  const keep = (outcome: PrimingRun['outcome']) => {
    if (!clock.count) return;
    clock.pause();
    const errors = send({
      kind: 'priming',
      run: {
        id: crypto.randomUUID(),
        strokes: clock.strokes,
        frequencyHz: clock.count.frequencyHz,
        fromEmpty: clock.count.fromEmpty,
        outcome,
      },
    });
    setProblems(errors);
    if (errors.length === 0) clock.clear();
  };
  return (
    <>
      <h2 className="sheet-title">{stages.priming}</h2>
      <p className="soft">Stop at the heater. Watch the line: bubbles that keep coming are air drawn in before the pump.</p>
      {known && <StrokeBand strokes={active ? total : earlier.strokes} low={low} expected={expected} high={high} />}
      {!known && (
        <p className="banner">
          How many strokes it should take isn’t known yet; lengths, bores, dose and filter volume are needed. Count all the same,
          and stop the pump as soon as fuel is seen at the heater.
        </p>
      )}
      {mayWork && !active && (
        <Box className="stack" sx={{ mt: 1 }}>
          <Button variant="contained" className="prime-go" onClick={() => begin('clock', earlier.last === null)}>
            {earlier.last ? 'Pump runs: go on counting' : 'Pump runs: start counting'}
          </Button>
          <div className="inline">
            {earlier.last && <Button onClick={() => begin('clock', true)}>Line was emptied: count from 0</Button>}
            <Button onClick={() => begin('taps', earlier.last === null)}>Count clicks by hand</Button>
          </div>
        </Box>
      )}
      {clock.count && (
        <Box className="stack" sx={{ mt: 0.5 }}>
          <p>
            <span className="prime-count" data-strokes={total}>
              {formatFixed(total)}
            </span>{' '}
            <span className="soft">
              strokes{before > 0 && `, ${formatFixed(before)} of them earlier`}
              {known && `; about ${formatFixed(Math.max(0, expected - total))} to go`}
            </span>
          </p>
          {known && total >= low && total < high && (
            <p className="banner">
              <strong>Eyes on the line: fuel can be at the heater any moment.</strong>
            </p>
          )}
          {clock.count.by === 'taps' && (
            <Button variant="contained" className="prime-go" onClick={clock.tap}>
              Click
            </Button>
          )}
          {clock.count.by === 'clock' &&
            (clock.running ? (
              <Button variant="contained" className="prime-go" onClick={clock.pause}>
                Pump stopped
              </Button>
            ) : (
              <Button variant="contained" className="prime-go" onClick={clock.goOn}>
                Pump runs again: go on
              </Button>
            ))}
          <div className="buttons">
            {outcomeKeys.map((id) => (
              <Button key={id} onClick={() => keep(id)}>
                {primingOutcomes[id]}
              </Button>
            ))}
            <Button variant="text" onClick={clock.clear}>
              Throw this count away
            </Button>
          </div>
        </Box>
      )}
      {problems.length > 0 && (
        <p className="error-line" role="alert">
          {problems.join(' ')}
        </p>
      )}
      <FigureTable paths={figurePaths.filter((path) => path.startsWith('priming.'))} caption="Priming sheet" />
      {'missing' in fill ? null : <FillSpreadView facts={fill} />}
      <DerivedFigures keys={stageFigures.priming ?? []} />
      <Fold title="Dose test" note="counted strokes into a glass">
        <DoseTest />
      </Fold>
      {settled.primingRuns.length > 0 && (
        <Box sx={{ mt: 2.25 }}>
          <h3 className="hold-point" id="runs-kept">
            Runs kept
          </h3>
          <Table aria-labelledby="runs-kept">
            <TableHead>
              <TableRow>
                <TableCell>When</TableCell>
                <TableCell>Strokes</TableCell>
                <TableCell>At</TableCell>
                <TableCell>How it ended</TableCell>
                <TableCell>By</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {[...settled.primingRuns].reverse().map((run) => (
                <TableRow key={run.id}>
                  <TableCell>{format(new Date(run.at), 'd MMM HH:mm')}</TableCell>
                  <TableCell className="mono">
                    <strong>{formatFixed(run.strokes)}</strong>
                    {run.fromEmpty ? '' : ' more'}
                  </TableCell>
                  <TableCell className="mono">{formatShort(run.frequencyHz)} Hz</TableCell>
                  <TableCell>{primingOutcomes[run.outcome]}</TableCell>
                  <TableCell>{run.by}</TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Box>
      )}
      <Box component="p" className="cautions" sx={{ mt: 2.5 }}>
        <strong>Caution.</strong> Fuel pumped into the burner burns there all at once. If it ran past the heater, don’t light it:
        drain and air the burner as the maker’s manual says. Catch what spills; no flame near it.
      </Box>
    </>
  );
}
