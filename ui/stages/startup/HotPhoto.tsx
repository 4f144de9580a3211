'use client';
import { Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useRef, useState, type PointerEvent } from 'react';
import type { HotLook } from '../../../core/build/Build';
import { lists, rowsOf } from '../../../core/build/lists';
import type { PhotoAbout } from '../../../core/build/pack/proofKinds';
import { overK } from '../../../core/model/proving/hotProof';
import { formatFixed } from '../../../core/units/formatNumber';
import { PhotoStrip } from '../../components/PhotoStrip';
import { PlanHandle } from '../../charts/PlanHandle';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';

export type HotMark = NonNullable<HotLook['on']>;
/** Pictures on which no surface is read: of papers, notices and what stays cold. */
const cold: readonly (PhotoAbout | undefined)[] = ['plate', 'tank', 'filler', 'electrics', 'openings', 'panel', 'alarm'];
const isOfHeat = (about: PhotoAbout | undefined): boolean => !cold.includes(about);

/** A photograph is drawn so many units wide. */
const wide = 1000;
const share = (value: number) => Math.min(1, Math.max(0, value));

/** Where surfaces were read, on a photograph of the build; a touch says where the next one is read. */
export function HotPhoto({ mark, onMark }: { mark: HotMark | null; onMark: ((mark: HotMark | null) => void) | null }) {
  const { settled } = useWorkspace('settled');
  const photos = rowsOf(settled.lists, 'photos').filter(({ sha256, about }) => sha256 !== undefined && isOfHeat(about));
  const [chosen, setChosen] = useState<string | null>(null);
  const looks = settled.hotLooks ?? [];
  const marked = looks.findLast(({ on }) => on)?.on?.photo;
  const photo = photos.find(({ sha256 }) => sha256 === (chosen ?? marked)) ?? photos[0];
  const drawing = useRef<SVGSVGElement>(null);
  if (!photo?.sha256)
    return onMark ? (
      <>
        <p className="soft">{t.photographToMark}</p>
        <PhotoStrip about="exhaust" beside={['place', 'hole', 'other']} />
      </>
    ) : null;
  const { sha256 } = photo;
  const high = (wide * (photo.heightPx ?? 3)) / (photo.widthPx ?? 4);
  const put = (x: number, y: number) => onMark?.({ photo: sha256, xShare: share(x / wide), yShare: share(y / high) });
  const touch = (event: PointerEvent) => {
    const box = drawing.current?.getBoundingClientRect();
    if (!box || !onMark) return;
    put(((event.clientX - box.left) / box.width) * wide, ((event.clientY - box.top) / box.height) * high);
  };
  const shown = looks.filter(({ on }) => on?.photo === sha256);
  return (
    <div className="hot-photo">
      <p className="soft">{onMark ? t.touchWhere : t.whereRead}</p>
      {photos.length > 1 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label={t.whichPhotograph}
          value={sha256}
          onChange={(_, to: string | null) => to && setChosen(to)}
        >
          {photos.map((one, i) => (
            <ToggleButton key={one.id} value={one.sha256 ?? ''}>
              {one.caption ?? `${one.about ? lists.photos.columns.about.options[one.about] : t.photograph} ${i + 1}`}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <svg ref={drawing} viewBox={`0 0 ${wide} ${high}`} role="group" aria-label={t.hotPhoto} onPointerDown={touch}>
        <image href={`/api/builds/${settled.id}/photos/${sha256}`} width={wide} height={high} />
        {shown.map((look) => (
          <g key={look.id} className={overK(look) >= 0 ? 'hot-mark over' : 'hot-mark'} data-hot-mark={look.surfaceC}>
            <circle cx={(look.on?.xShare ?? 0) * wide} cy={(look.on?.yShare ?? 0) * high} r={9} />
            <text
              x={(look.on?.xShare ?? 0) * wide + ((look.on?.xShare ?? 0) > 0.85 ? -16 : 16)}
              y={(look.on?.yShare ?? 0) * high + 10}
              textAnchor={(look.on?.xShare ?? 0) > 0.85 ? 'end' : 'start'}
            >
              {formatFixed(look.surfaceC)} °C
            </text>
          </g>
        ))}
        {mark?.photo === sha256 && (
          <>
            <circle className="hot-next" cx={mark.xShare * wide} cy={mark.yShare * high} r={18} />
            <PlanHandle
              x={mark.xShare * wide}
              y={mark.yShare * high}
              name={t.whereNext}
              told={t.whereNextAt({ x: formatFixed(mark.xShare * 100), y: formatFixed(mark.yShare * 100) })}
              atMm={Math.round(mark.xShare * wide)}
              data={{ 'data-hot-next': 'mark' }}
              onMove={(right, up) => put(mark.xShare * wide + right, mark.yShare * high - up)}
            />
          </>
        )}
      </svg>
      {onMark && (
        <div className="inline">
          {!mark && <Button onClick={() => put(wide / 2, high / 2)}>{t.markInTheMiddle}</Button>}
          {mark && <Button onClick={() => onMark(null)}>{t.noMark}</Button>}
        </div>
      )}
    </div>
  );
}
