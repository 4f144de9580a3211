'use client';
import { Button } from '@mui/material';
import { needsText } from '../../core/wording/needsText';
import { area, line, scaleLinear } from 'd3';
import { useMemo } from 'react';
import { tankPicture } from '../../core/drawing/tank/tankPicture';
import { inUnit } from '../../core/units/inUnits';
import { formatFixed } from '../../core/units/formatNumber';
import { useWorkspace, useSay } from '../sync/useWorkspace';
import { useWidth } from './useWidth';
import { ChartAxes, Hatch, type Plot } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { charts as t } from '../texts/en/charts';

const height = 250;
const [left, right, top, bottom] = [50, 96, 16, 38];

/** What the tank holds at each level: its stick at the right, what is out of reach hatched, what stands in it now filled. */
export function TankChart() {
  const { build, who, waiting, settled } = useWorkspace('build', 'who', 'waiting', 'settled');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const tank = useMemo(() => tankPicture(build), [build]);
  if ('missing' in tank)
    return (
      <div ref={holder} className="soft">
        {t.beforeTheDipChartCanBe({ missing: needsText(tank.missing) })}
      </div>
    );
  const litre = (n: number) => formatFixed(inUnit(n, 'L', who.unitPreferences).value, 1);
  const litreUnit = inUnit(1, 'L', who.unitPreferences).unit;
  const mm = (n: number) =>
    formatFixed(inUnit(n, 'mm', who.unitPreferences).value, who.unitPreferences.system === 'imperial' ? 1 : 0);
  const mmUnit = inUnit(1, 'mm', who.unitPreferences).unit;
  const x = scaleLinear([0, tank.capacityL], [left, Math.max(left + 100, width - right)]);
  const y = scaleLinear([0, tank.heightMm], [height - bottom, top]);
  type Point = (typeof tank.curve)[number];
  const up = line<Point>()
    .x((p) => x(p.litres))
    .y((p) => y(p.levelMm));
  const under = area<Point>()
    .x0(left)
    .x1((p) => x(p.litres))
    .y((p) => y(p.levelMm));
  const level = tank.levelMm === null ? null : Math.min(tank.levelMm, tank.heightMm);
  const wet = level === null ? [] : [...tank.curve.filter((p) => p.levelMm < level), { levelMm: level, litres: tank.nowL ?? 0 }];
  const out = [
    ...tank.curve.filter((p) => p.levelMm < tank.pickupMm),
    { levelMm: Math.min(tank.pickupMm, tank.heightMm), litres: tank.unusableL },
  ];
  const stick = x(tank.capacityL) + 22;
  const plot: Plot = { left, right: x(tank.capacityL), top, bottom: height - bottom };
  return (
    <div ref={holder}>
      <ChartFrame
        height={height}
        over={
          <ChartCursor
            label={t.whatTheTankHoldsLevelBy}
            plot={plot}
            xs={tank.curve.map((point) => x(point.litres))}
            tell={(at) => {
              const point = tank.curve[at];
              return point ? [`${mm(point.levelMm)} ${mmUnit}`, `${litre(point.litres)} ${litreUnit}`] : [];
            }}
          />
        }
        words={say(
          t.dipChartTheTankHoldsL({
            capacityL: formatFixed(tank.capacityL, 1),
            heightMm: formatFixed(tank.heightMm),
            limitMm: formatFixed(tank.limitMm),
            unusableL: formatFixed(tank.unusableL, 1),
            more: tank.nowL === null ? '' : t.andNow({ nowL: formatFixed(tank.nowL, 1) }),
          }),
        )}
      >
        <defs>
          <Hatch id="out-of-reach" ink="ink" />
        </defs>
        {wet.length > 1 && <path d={under(wet) ?? ''} fill="var(--fuel-fill)" />}
        {out.length > 1 && <path d={under(out) ?? ''} fill="url(#out-of-reach)" />}
        <path d={up(tank.curve) ?? ''} fill="none" stroke="var(--fuel-deep)" strokeWidth={3} />
        <ChartAxes
          plot={plot}
          x={{ scale: x, ticks: 4, figure: litre, title: litreUnit }}
          y={{ scale: y, ticks: 5, figure: mm }}
        />
        <path d={`M${left},${y(tank.limitMm)}H${stick + 14}`} stroke="var(--ink)" strokeDasharray="7 4" />
        <text className="halo" x={left + 8} y={y(tank.limitMm) + 16}>
          {t.noHigher({ limitMm: mm(tank.limitMm), mmUnit, limitL: litre(tank.limitL), litreUnit })}
        </text>
        <path d={`M${left},${y(tank.pickupMm)}H${stick + 14}`} stroke="var(--ink)" strokeWidth={2} />
        <text className="halo" x={x(tank.capacityL)} y={y(tank.pickupMm) - 6} textAnchor="end">
          {t.pickupOutOfReach({ unusableL: litre(tank.unusableL), litreUnit })}
        </text>
        {level !== null && (
          <>
            <path d={`M${left},${y(level)}H${x(tank.nowL ?? 0)}`} stroke="var(--fuel-deep)" strokeWidth={3} />
            <text className="halo" x={left + 8} y={y(level) - 6}>
              {t.now({ level: mm(level), mmUnit })} {litre(tank.nowL ?? 0)} {litreUnit}
            </text>
          </>
        )}
        <rect x={stick} y={top} width={14} height={y(0) - top} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2} />
        {level !== null && <rect x={stick + 2} y={y(level)} width={10} height={y(0) - y(level)} fill="var(--fuel-deep)" />}
        {tank.marks
          .filter(({ major }) => major)
          .map(({ litres, levelMm }, i, all) => (
            <g key={litres}>
              <path d={`M${stick},${y(levelMm)}h14`} stroke="var(--ink)" strokeWidth={1.5} />
              {(all.length - 1 - i) % Math.ceil(all.length / 8) === 0 && (
                <text x={stick + 20} y={y(levelMm) + 4} className="mono">
                  {litre(litres)}
                </text>
              )}
            </g>
          ))}
      </ChartFrame>
      <div className="inline">
        {(['A4', 'Letter'] as const).map((paper) => (
          <Button key={paper} href={`/api/builds/${settled.id}/dip-strip?paper=${paper}`} download>
            {t.dipStripAtTrueScale({ paper })}
          </Button>
        ))}
        {waiting.length > 0 && <span className="soft">{t.whatIsNotSentYetIs}</span>}
      </div>
    </div>
  );
}
