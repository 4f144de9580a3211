'use client';
import { useMemo } from 'react';
import { readerOf } from '../../../core/figures/readerOf';
import { alongDucts } from '../../../core/model/warmth/alongDucts';
import { throttleFirst } from '../../../core/model/warmth/balanceOutlets';
import { ductTree } from '../../../core/model/warmth/ductTree';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { SumsTable } from '../../components/cells/SumsTable';
import { Fold } from '../../components/lists/Fold';
import { useWorkspace } from '../../sync/useWorkspace';
import { warmth as t } from '../../texts/en/warmth';

/** Which outlets to close first so that the others get their share; and flow, heat and pressure of each duct. */
export function AlongDucts({ picked }: { picked: string | null }) {
  const { build } = useWorkspace('build');
  const found = useMemo(
    () =>
      computeOrMissing(() => {
        const read = readerOf(build);
        return { along: alongDucts(ductTree(read)), first: throttleFirst(read) };
      }),
    [build],
  );
  if ('missing' in found || found.value.along.length === 0) return null;
  const { along, first } = found.value;
  return (
    <>
      {first === null && <p>{t.noThrottle}</p>}
      {first !== null && first.length > 0 && (
        <p>
          {t.throttle({
            which: first
              .map(({ outlet, closedPercent }) => t.throttleBy({ name: outlet.name, percent: formatFixed(closedPercent) }))
              .join(t.and),
          })}
          {first.some(({ outlet }) => !outlet.closable) && ` ${t.needsClosable}`}
        </p>
      )}
      <Fold title={t.along} note={t.alongNote}>
        <SumsTable
          picked={picked}
          columns={[
            { label: t.flow, unit: 'm³/h', decimals: 0 },
            { label: t.atItsEnd, unit: '°C', decimals: 0 },
            { label: t.whereItBegins, unit: 'Pa', decimals: 0 },
            { label: t.lostInIt, unit: 'Pa', decimals: 0 },
          ]}
          rows={along.map(({ id, name, flowM3H, c, beginPa, lostPa }) => ({ id, name, cells: [flowM3H, c, beginPa, lostPa] }))}
        />
      </Fold>
    </>
  );
}
