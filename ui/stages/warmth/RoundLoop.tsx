'use client';
import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useMemo, useState } from 'react';
import { readerOf } from '../../../core/figures/readerOf';
import { moments, roundLoop, takers, type Moment, type Taker } from '../../../core/model/warmth/roundLoop';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { needsText } from '../../../core/wording/needsText';
import { SumsTable } from '../../components/cells/SumsTable';
import { Fold } from '../../components/lists/Fold';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { warmth as t } from '../../texts/en/warmth';

/** Temperature, pressure and heat behind each part of the loop, and where the heat goes. */
export function RoundLoop({ picked }: { picked: string | null }) {
  const { build } = useWorkspace('build');
  const say = useSay();
  const [moment, setMoment] = useState<Moment>('warm');
  const round = useMemo(() => computeOrMissing(() => roundLoop(readerOf(build), moment)), [build, moment]);
  return (
    <Fold title={t.round} note={t.roundNote}>
      <ToggleButtonGroup
        aria-label={t.when}
        exclusive
        value={moment}
        onChange={(_event, next: Moment | null) => next !== null && setMoment(next)}
      >
        {(Object.keys(moments) as Moment[]).map((one) => (
          <ToggleButton key={one} value={one}>
            {moments[one]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {'missing' in round ? (
        <p className="soft">{say(t.beforeItFlows({ missing: needsText(round.missing.needs) }))}</p>
      ) : (
        <>
          <Box component="p" role="status" sx={{ my: 1 }}>
            {say(
              (round.value.heldBack ? t.heaterHeld : t.heaterGives)({
                kW: formatFixed(round.value.heaterW / 1000, 1),
                to: (Object.keys(takers) as Taker[])
                  .filter((taker) => Math.abs(round.value.to[taker]) >= 50)
                  .map((taker) => {
                    const kW = formatFixed(Math.abs(round.value.to[taker]) / 1000, 1);
                    return round.value.to[taker] > 0 ? t.goesTo({ kW, taker: takers[taker] }) : t.comesBack({ kW });
                  })
                  .join(', '),
              }),
            )}
          </Box>
          <SumsTable
            picked={picked}
            columns={[
              { label: t.flow, unit: 'L/min', decimals: 1 },
              { label: t.behindIt, unit: '°C', decimals: 0 },
              { label: t.overTheTank, unit: 'kPa', decimals: 1 },
              { label: t.givesOff, unit: 'kW', decimals: 2 },
            ]}
            rows={round.value.parts.map(({ id, name, flowLMin, c, kPa, givesW }) => ({
              id,
              name,
              cells: [flowLMin, c, kPa, givesW / 1000],
            }))}
          />
          <p className="soft">{say(t.roundRests)}</p>
        </>
      )}
    </Fold>
  );
}
