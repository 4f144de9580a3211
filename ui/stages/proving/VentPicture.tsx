'use client';
import { layoutVents, type VentBar } from '../../../core/drawing/vent/layoutVents';
import { formatFixed } from '../../../core/units/formatNumber';
import { inUnit } from '../../../core/units/inUnits';
import { useWidth } from '../../charts/useWidth';
import { useWorkspace } from '../../sync/useWorkspace';
import { proving as t } from '../../texts/en/proving';

interface Props {
  selected: string | null;
  onSelect: (id: string | null) => void;
}

/** The space cut through: what is open at ceiling and floor, before what is wanted there. */
export function VentPicture({ selected, onSelect }: Props) {
  const { build, who } = useWorkspace('build', 'who');
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const { height, room, bars, barPx, undrawn, words } = layoutVents(build, width);
  const area = (cm2: number) => {
    const { value, unit } = inUnit(cm2, 'cm²', who.unitPreferences);
    return `${formatFixed(value)} ${unit}`;
  };
  const told = ({ level, freeCm2, wantedCm2 }: VentBar) =>
    wantedCm2 === null
      ? t.freeThere({ where: level === 'high' ? t.high : t.low, free: area(freeCm2) })
      : t.freeOfWanted({ where: level === 'high' ? t.high : t.low, free: area(freeCm2), wanted: area(wantedCm2) });
  return (
    <div ref={holder}>
      <svg className="vents" width={width} height={height} role="group" aria-label={t.ventsInWords({ words })}>
        <rect className="room" x={room.x} y={room.y} width={room.w} height={room.h} />
        {bars.map((bar) => (
          <g key={bar.level} data-level={bar.level}>
            <text x={room.x + 8} y={bar.level === 'high' ? bar.y + barPx + 20 : bar.y - 10}>
              {told(bar)}
            </text>
            {bar.vents.map(({ id, name, x, w, freeW }) => (
              <g key={id} className={selected === id ? 'vent lit' : 'vent'} data-vent={id} onClick={() => onSelect(id)}>
                <title>{name}</title>
                <rect className="lost" x={x} y={bar.y} width={w} height={barPx} />
                <rect className="free" x={x} y={bar.y} width={freeW} height={barPx} />
                <rect className="edge" x={x} y={bar.y} width={w} height={barPx} />
              </g>
            ))}
            {bar.wantedX !== null && (
              <path className={bar.assumed ? 'wanted assumed' : 'wanted'} d={`M${bar.wantedX},${bar.y - 7}v${barPx + 14}`} />
            )}
          </g>
        ))}
      </svg>
      <p className="soft vent-key">
        <span className="key free">{t.keyFree}</span> <span className="key lost">{t.keyLost}</span>{' '}
        <span className="key wanted">{t.keyWanted}</span>
      </p>
      {bars.some(({ assumed }) => assumed) && <p className="soft">{t.floorAssumed}</p>}
      {undrawn.length > 0 && <p className="soft">{t.undrawn({ names: undrawn.join(', ') })}</p>}
    </div>
  );
}
