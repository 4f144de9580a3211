'use client';
import { Box, Button, FormControlLabel, Radio, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { figures } from '../../../core/figures/figures';
import type { FigureId } from '../../../core/reading/figureIds';
import { useState } from 'react';
import { needsText } from '../../../core/wording/needsText';
import { rowsOf } from '../../../core/build/lists';
import { compared, takeCandidate, type Compared } from '../../../core/drawing/survey/compareHeaters';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useFindingText } from '../../sync/useWorkspace';
import { LevelMark } from '../../components/findings/LevelMark';
import { Opened } from '../../components/Opened';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { heaterFigures } from '../../texts/en/heaterFigures';
import { survey as t } from '../../texts/en/survey';

const short: Partial<Record<FigureId, string>> = heaterFigures;

/** Heaters side by side in the same space; one of them is looked at in the pictures, one may become the build's. */
export function HeaterChoice({
  heaters,
  looked,
  onLook,
}: {
  heaters: readonly Compared[];
  looked: string | null;
  onLook: (id: string | null) => void;
}) {
  const { settled, send, who, mayWork } = useWorkspace('settled', 'send', 'who', 'mayWork');
  const { message } = useFindingText();
  const { rows } = useRows('candidates');
  const [problem, setProblem] = useState('');
  const take = (id: string) => {
    const row = rows.find((r) => r.id === id);
    if (!row) return;
    const errors = send({ kind: 'figures', changes: takeCandidate(settled, row) });
    // A dose that was measured belongs to the pump that goes.
    const tests = rowsOf(settled.lists, 'doseTests').map(({ id: test }) => ({
      list: 'doseTests' as const,
      row: test,
      action: 'remove' as const,
    }));
    if (errors.length === 0 && tests.length > 0) send({ kind: 'rows', changes: tests });
    if (errors.length === 0 && row.altitudeMaxM !== undefined)
      errors.push(
        ...send({
          kind: 'maker',
          changes: [{ key: 'altitudeMaxM', from: settled.maker.altitudeMaxM ?? null, to: row.altitudeMaxM }],
        }),
      );
    setProblem(errors.join(' '));
    if (errors.length === 0) onLook(null);
  };
  return (
    <section aria-label={t.heatersToChooseFrom}>
      <Box component="h3" sx={{ mt: 2.75 }}>
        {t.heatersToChooseFrom}
      </Box>
      <div className="wide-table">
        <Table className="compare">
          <TableHead>
            <TableRow>
              <TableCell component="td" />
              {heaters.map(({ id, name, worst, missing }) => (
                <TableCell key={id ?? 'own'} data-heater={id ?? 'own'}>
                  <FormControlLabel
                    className="choice"
                    control={<Radio name="looked" checked={looked === id} onChange={() => onLook(id)} />}
                    label={name}
                  />
                  {worst ? (
                    <LevelMark level={worst.level} assumed={worst.assumed !== undefined} />
                  ) : (
                    missing.length === 0 && <LevelMark level="sound" />
                  )}
                  <span className="compare-finding">
                    {worst ? message(worst) : missing.length > 0 ? needsText(missing.slice(0, 3)) : ''}
                  </span>
                  {id !== null && mayWork && (
                    <Button variant="text" sx={{ paddingLeft: '0px' }} onClick={() => take(id)}>
                      {t.takeThisOne}
                    </Button>
                  )}
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {compared.map((key) => (
              <TableRow key={key}>
                <TableCell component="th" scope="row">
                  {short[key] ?? figures[key].label}
                  <span className="soft"> {inUnit(1, figures[key].unit, who.unitPreferences).unit}</span>
                </TableCell>
                {heaters.map(({ id, figures: values }) => {
                  const value = values[key];
                  const shown = value === null ? null : inUnit(value, figures[key].unit, who.unitPreferences);
                  return (
                    <TableCell key={id ?? 'own'} className="mono">
                      {shown === null
                        ? '—'
                        : Number.isFinite(shown.value)
                          ? formatFixed(shown.value, shown.decimals ?? figures[key].decimals)
                          : t.never}
                    </TableCell>
                  );
                })}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
      <Opened line={t.putHeatersInOrChangeThem}>
        <RowList
          list="candidates"
          main={['name', 'claimedOutputKw', 'strokeVolumeMl', 'pumpMinHz', 'pumpMaxHz', 'runCurrentA', 'altitudeMaxM']}
          fresh={() => ({ name: t.heater({ n: rows.length + 2 }) })}
        />
      </Opened>
    </section>
  );
}
