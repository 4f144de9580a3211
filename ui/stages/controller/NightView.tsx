'use client';
import type { NightEvent, NightPicture } from '../../../core/drawing/controller/nightPicture';
import { wallMin } from '../../../core/physics/time/burnSpells';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { timeText } from '../../../core/units/timeOfDay';
import { CurveChart, type CurvePlace } from '../../charts/CurveChart';
import { useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';

const heightPx = 300;
/** a night is told every so many minutes */
const tellMin = 5;
const eventText = ({ kind, time }: NightEvent, c: string): string =>
  ({ lit: t.lit, ends: t.ends, off: t.off, coldest: t.lowest, up: t.up })[kind]({ time, c });

/** When the heater burns, behind the curves: as high as it gives, and a bar for what was asked. */
function Burns({ picture, place }: { picture: NightPicture; place: CurvePlace }) {
  const { night, maxKw } = picture;
  const { plot, x } = place;
  const foot = plot.bottom;
  const tall = (plot.bottom - plot.top) * 0.28;
  const [from, to] = [night.points[0]?.min ?? 0, night.points[night.points.length - 1]?.min ?? 0];
  const clamp = (min: number) => Math.min(Math.max(min, from), to);
  const heat = night.points
    .filter((_, i) => i % tellMin === 0)
    .map(({ min, kw }) => `L${x(min / 60).toFixed(1)},${(foot - (kw / Math.max(maxKw, 0.1)) * tall).toFixed(1)}`)
    .join('');
  return (
    <g className="burns">
      {night.spells.map(({ fromMin, toMin }) => (
        <rect
          key={fromMin}
          className="asked"
          x={x(clamp(fromMin) / 60)}
          width={Math.max(0, x(clamp(toMin) / 60) - x(clamp(fromMin) / 60))}
          y={plot.top}
          height={foot - plot.top}
        />
      ))}
      <path className="gives" d={`M${x(from / 60)},${foot}${heat}L${x(to / 60)},${foot}Z`} />
    </g>
  );
}

/** The night as a picture: inside, outside, what is set, and when it burns; its events in words beneath. */
export function NightView({ picture }: { picture: NightPicture }) {
  const { unitPreferences } = useWorkspace('who').who;
  const { night, events, targetC, assumed, change } = picture;
  const shown = (c: number) => inUnit(c, '°C', unitPreferences);
  const celsius = (c: number) => `${formatFixed(shown(c).value)} ${shown(c).unit}`;
  const power = (kw: number) => {
    const to = inUnit(kw, 'kW', unitPreferences);
    return `${formatFixed(to.value, to.decimals ?? 1)} ${to.unit}`;
  };
  const points = night.points.filter((_, i) => i % tellMin === 0);
  const temperatures = points.flatMap(({ airC, outsideC }) => [airC, outsideC]).concat(targetC ?? []);
  const words = events.map((event) => eventText(event, celsius(event.airC)));
  const lowest = events.find(({ kind }) => kind === 'coldest') ?? events.find(({ kind }) => kind === 'up');
  return (
    <>
      <CurveChart
        height={heightPx}
        xs={points.map(({ min }) => min / 60)}
        curves={[
          ...(targetC === null ? [] : [{ ys: points.map(() => shown(targetC).value), ink: 'heat' as const, broken: true }]),
          { ys: points.map(({ outsideC }) => shown(outsideC).value), ink: 'air' as const },
          { ys: points.map(({ airC }) => shown(airC).value), ink: 'ink' as const, broken: assumed },
        ]}
        yDomain={[shown(Math.min(...temperatures) - 2).value, shown(Math.max(...temperatures) + 2).value]}
        x={{ figure: (at) => timeText(wallMin(at * 60, change)), title: t.byTheClock }}
        y={{ figure: (at) => formatFixed(at) }}
        label={t.minuteByMinute}
        tell={(at) => {
          const one = points[at];
          if (!one) return [];
          const burns = { off: t.isOut, lighting: t.lighting, burning: t.givesKw({ kw: power(one.kw) }) }[one.state];
          return [
            timeText(wallMin(one.min, change)),
            t.insideIs({ c: celsius(one.airC) }),
            t.outsideIs({ c: celsius(one.outsideC) }),
            burns,
          ];
        }}
        words={t.nightInWords({ words: words.join(' ') })}
        behind={(place) => <Burns picture={picture} place={place} />}
      >
        {({ x, y }) =>
          lowest && (
            <g className="night-lowest">
              <circle cx={x(lowest.min / 60)} cy={y(shown(lowest.airC).value)} r={6} />
              <text className="halo" x={x(lowest.min / 60) - 8} y={y(shown(lowest.airC).value) - 12} textAnchor="end">
                {lowest.time} {celsius(lowest.airC)}
              </text>
            </g>
          )
        }
      </CurveChart>
      <p className="chart-key">
        <span className="key ink">{t.keyInside}</span>
        <span className="key air">{t.keyOutside}</span>
        {targetC !== null && <span className="key set">{t.keyTarget}</span>}
        <span className="key burns">{t.keyBurns}</span>
      </p>
      {assumed && <p className="soft">{t.assumedNight}</p>}
      <ol className="night-events">
        {words.map((text, i) => (
          <li key={i}>{text}</li>
        ))}
      </ol>
    </>
  );
}
