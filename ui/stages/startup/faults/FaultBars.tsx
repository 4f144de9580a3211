'use client';
import { FormControlLabel, Switch } from '@mui/material';
import { scaleLinear } from 'd3';
import type { FaultView } from '../../../../core/drawing/faults/lookFor';
import type { CauseCounts } from '../../../../core/model/faults/learned';
import { causeText } from '../../../../core/wording/faultText';
import { formatFixed } from '../../../../core/units/formatNumber';
import { FaultRun } from '../../../charts/run/FaultRun';
import { faults as t } from '../../../texts/en/faults';

/** px of the drawing; it is scaled to where it stands */
const [width, height] = [320, 14];
const x = scaleLinear([0, 1], [0, width]);
const percent = (chance: number) => formatFixed(chance * 100);

interface Props {
  view: FaultView;
  counts: CauseCounts;
  own: boolean;
  onOwn: (own: boolean) => void;
  failed: boolean;
}

/** What it may be, as bars that move with each answer, and where on the run that is. */
export function FaultBars({ view, counts, own, onOwn, failed }: Props) {
  const counted = Object.values(counts).reduce((sum, n) => sum + n, 0);
  return (
    <section className="fault-likely" aria-labelledby="fault-likely">
      <h3 id="fault-likely">{t.likely}</h3>
      <ol className="plain" aria-live="polite">
        {view.bars.map(({ cause, label, chance }) => (
          <li key={cause} data-cause={cause}>
            <span className="fault-bar-label">
              <span>{label}</span> <span className="mono">{percent(chance)} %</span>
            </span>
            <svg viewBox={`0 0 ${width} ${height}`} preserveAspectRatio="none" aria-hidden>
              <rect className="fault-bar-ground" width={width} height={height} />
              <rect className="fault-bar" width={x(chance)} height={height} />
            </svg>
          </li>
        ))}
      </ol>
      <p className="soft">{t.nothingWrong({ percent: percent(view.nothing) })}</p>
      <FaultRun parts={view.parts} />
      <p className="soft">{failed ? t.noLore : own && counted > 0 ? t.ownCounts({ n: formatFixed(counted) }) : t.usualCounts}</p>
      {own && counted > 0 && (
        <p className="soft">
          {t.counted({
            list: Object.entries(counts)
              .sort(([, a], [, b]) => b - a)
              .map(([cause, n]) => `${causeText(cause)} ${n}`)
              .join(', '),
          })}
        </p>
      )}
      {counted > 0 && (
        <FormControlLabel control={<Switch checked={own} onChange={(_event, on) => onOwn(on)} />} label={t.countOwn} />
      )}
    </section>
  );
}
