'use client';
import { needsText } from '../../../core/wording/needsText';
import { Box, Slider } from '@mui/material';
import { useMemo, useState } from 'react';
import { fillSpread, fillInputs, type FillSpread, type FillSpreadFacts } from '../../../core/physics/fuel/fillSpread';
import { firstFill } from '../../../core/physics/fuel/firstFill';
import { fillPicture } from '../../../core/drawing/line/fillPicture';
import { mattersMost } from '../../../core/random/monteCarlo';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { useWorker } from '../../components/useWorker';
import { useWidth } from '../../charts/useWidth';
import { ChartFrame } from '../../charts/ChartFrame';
import { fuel as t } from '../../texts/en/fuel';

const make = () => new Worker(new URL('../../../workers/fillSpread.ts', import.meta.url), { type: 'module' });
interface Asked {
  facts: FillSpreadFacts;
  draws: number;
  seed: number;
}
const onPage = async ({ facts, ...options }: Asked) => fillSpread(facts, options);
const draws = 2000;

/** How surely the strokes of the first fill are known: drawn many times in a worker. */
export function FillSpreadView({ facts }: { facts: FillSpreadFacts }) {
  const [holder, width] = useWidth<HTMLDivElement>(420);
  const input = useMemo(() => ({ facts, draws, seed: 1 }), [facts]);
  const { answer, failed } = useWorker<Asked, FillSpread | null>(make, onPage, input);
  if (failed) return <p className="error-line">{t.theSpreadCouldNotBeDrawn}</p>;
  const max = Math.max(1, ...(answer?.bars.map(({ count }) => count) ?? []));
  const matters = answer && mattersMost(answer.strokes);
  return (
    <Box ref={holder} data-fill-spread={answer?.draws} sx={{ mt: 2 }}>
      {answer ? (
        <p>
          {t.nineTimesOfTenTheFirst}{' '}
          <strong className="mono">
            {t.p5ToP95({ p5: formatFixed(answer.strokes.p5), p95: formatFixed(answer.strokes.p95) })}
          </strong>{' '}
          {t.strokes}
          {matters ? t.itHangsMostOn({ matters: fillInputs[matters as keyof typeof fillInputs] }) : ''}.
        </p>
      ) : (
        <p className="soft" role="status">
          {t.fillingTheLineTimes({ draws: formatFixed(draws) })}
        </p>
      )}
      {answer && (
        <ChartFrame
          height={96}
          words={t.howOftenEachCountOfStrokes({
            from: formatFixed(answer.bars[0]?.from ?? 0),
            to: formatFixed(answer.bars[answer.bars.length - 1]?.to ?? 0),
          })}
        >
          {answer.bars.map(({ from, count }, i) => {
            const wide = (width - 20) / answer.bars.length;
            return (
              <rect
                key={from}
                x={10 + i * wide}
                y={72 - (count / max) * 64}
                width={Math.max(1, wide - 2)}
                height={(count / max) * 64}
                fill="var(--fuel-deep)"
              />
            );
          })}
          <path d={`M10,72H${width - 10}`} stroke="var(--ink)" strokeWidth={1.5} />
          <text x={10} y={90} className="mono">
            {formatFixed(answer.bars[0]?.from ?? 0)}
          </text>
          <text x={width - 10} y={90} textAnchor="end" className="mono">
            {formatFixed(answer.bars[answer.bars.length - 1]?.to ?? 0)}
          </text>
        </ChartFrame>
      )}
    </Box>
  );
}

/** The first fill stroke by stroke: what each segment holds, how far the front is, which air stays behind. */
export function FirstFillView() {
  const { build } = useWorkspace('build');
  const facts = useMemo(() => fillPicture(build), [build]);
  const [at, setAt] = useState(0.4);
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const fill = useMemo(() => ('missing' in facts ? null : firstFill(facts, 60000, 1)), [facts]);
  if ('missing' in facts || !fill)
    return (
      <p className="soft">
        {t.beforeTheFillCanBeTold} {needsText('missing' in facts ? facts.missing : [])}
      </p>
    );
  const all = facts.chambers.reduce((sum, { volumeMl }) => sum + volumeMl, 0);
  const frame = fill.frames[Math.min(fill.frames.length - 1, Math.round(at * (fill.frames.length - 1)))];
  const px = (ml: number) => (ml / Math.max(all, 1e-9)) * (width - 4);
  const bars = facts.chambers.reduce<{ x: number; w: number; filled: number; trap: number; name: string; side: string }[]>(
    (done, chamber, i) => {
      const last = done[done.length - 1];
      const x = last ? last.x + last.w : 2;
      const passed = frame ? (i < frame.at ? 1 : i === frame.at ? frame.share : 0) : 0;
      const trap = passed >= 1 ? px(chamber.trapMl) : 0;
      return [
        ...done,
        {
          x,
          w: px(chamber.volumeMl),
          filled: px(chamber.volumeMl - chamber.trapMl) * passed,
          trap,
          name: chamber.name,
          side: chamber.side,
        },
      ];
    },
    [],
  );
  const here = frame ? facts.chambers[frame.at] : undefined;
  const pumpAt = bars.find(({ side }) => side === 'pressure')?.x;
  const sentence = frame
    ? t.strokeOfMlDrawn({
        stroke: formatFixed(frame.stroke),
        strokes: formatFixed(fill.strokes),
        more: here ? t.theFrontIsIn({ name: here.name }) : t.fuelIsAtTheHeaterStop,
        liquidMl: formatFixed(frame.liquidMl, 1),
        more2: frame.trappedMl > 0.005 ? t.mlOfAirLeftBehind({ trappedMl: formatFixed(frame.trappedMl, 2) }) : '',
      })
    : t.nothingToFill;
  return (
    <div ref={holder}>
      <p role="status">
        <strong>{sentence}</strong>
      </p>
      <ChartFrame height={72} words={sentence}>
        {bars.map((bar, i) => (
          <g key={i}>
            <rect x={bar.x} y={14} width={bar.filled} height={30} fill="var(--fuel-fill)" />
            {bar.trap > 0 && (
              <rect x={bar.x + bar.w - bar.trap} y={14} width={Math.max(bar.trap, 3)} height={30} fill="var(--air)" />
            )}
            <rect
              x={bar.x}
              y={14}
              width={Math.max(bar.w, 0.5)}
              height={30}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={bar.w > 3 ? 1.25 : 0.5}
            />
          </g>
        ))}
        {pumpAt !== undefined && (
          <>
            <path d={`M${pumpAt},6V52`} stroke="var(--ink)" strokeWidth={3} />
            <text x={pumpAt} y={64} textAnchor="middle">
              {t.pump}
            </text>
          </>
        )}
        <text x={2} y={64}>
          {t.tank}
        </text>
        <text x={width - 2} y={64} textAnchor="end">
          {t.heater}
        </text>
      </ChartFrame>
      <Slider
        aria-label={t.strokesSoFar}
        value={at}
        min={0}
        max={1}
        step={0.002}
        getAriaValueText={() => t.stroke({ stroke: frame?.stroke ?? 0 })}
        onChange={(_event, to) => setAt(Number(to))}
      />
      {fill.trapped.length > 0 && (
        <p>
          {t.airStaysIn} {fill.trapped.map(({ name, ml }) => t.nameMlMl({ name, ml: formatFixed(ml, 2) })).join(', ')}
          {t.itComesOutLaterAsBubbles}
        </p>
      )}
      <FillSpreadView facts={facts} />
    </div>
  );
}
