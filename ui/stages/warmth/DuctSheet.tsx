'use client';
import { Button } from '@mui/material';
import { useMemo, useRef, useState } from 'react';
import { takeAssumed } from '../../../core/build/takeAssumed';
import { layoutDucts, type DrawnDuct } from '../../../core/drawing/warmth/layoutDucts';
import { readerOf } from '../../../core/figures/readerOf';
import { ductSizes, ductTree, hottest, type Stand } from '../../../core/model/warmth/ductTree';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { needsText } from '../../../core/wording/needsText';
import { PlanHandle } from '../../charts/PlanHandle';
import { useWidth } from '../../charts/useWidth';
import { CellPick, Options } from '../../components/cells/CellInput';
import { Problems } from '../../components/cells/Problems';
import { useRows } from '../../components/lists/useRows';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { warmth as t } from '../../texts/en/warmth';
import { useDuctDrag, usePlaceDuct, type MovedDuct } from './useDuctDrag';

/** What might be, and how the tree then stands. */
function standsOf(outlets: readonly { id: string; name: string }[]): Record<string, { label: string; stand: Stand }> {
  return {
    shut: { label: t.allShut, stand: { shut: true } },
    half: { label: t.halfBack, stand: { returnShare: 0.5 } },
    ...Object.fromEntries(outlets.map(({ id, name }) => [`bag ${id}`, { label: t.bagOn({ name }), stand: { bagOn: id } }])),
    ...Object.fromEntries(ductSizes.map((mm) => [`bore ${mm}`, { label: t.allBore({ mm }), stand: { boreMm: mm } }])),
  };
}

/** A duct with its far end, by which it is dragged or moved by keys. */
function Duct({
  duct,
  lit,
  onMove,
  onPick,
}: {
  duct: DrawnDuct;
  lit: boolean;
  onMove: (dxMm: number, dyMm: number) => void;
  onPick: () => void;
}) {
  const say = useSay();
  const { end, label } = duct;
  return (
    <g
      className={`duct${duct.placed ? '' : ' unplaced'}${lit ? ' lit' : ''}${duct.poor ? ' poor' : ''}${duct.outlet ? ` outlet ${duct.outlet}` : ''}`}
    >
      {duct.outlet && (
        <>
          <circle className="mouth" cx={end.x} cy={end.y} r={11} />
          {duct.outlet === 'shut' && <path className="cross" d={`M${end.x - 7},${end.y - 7}l14,14m0,-14l-14,14`} />}
          {duct.outlet === 'closable' && <path className="blade" d={`M${end.x - 7},${end.y}h14`} />}
        </>
      )}
      <text x={label.x} y={label.y} textAnchor={label.anchor}>
        {label.lines.map((line, i) => (
          <tspan key={line} x={label.x} dy={i === 0 ? 0 : 18} className={i === 0 ? 'called' : 'flows'}>
            {i === 0 ? line : say(line)}
          </tspan>
        ))}
      </text>
      <PlanHandle
        x={end.x}
        y={end.y}
        name={t.ductEndKeys({ name: duct.name })}
        told={say(label.lines.join(': '))}
        atMm={duct.xMm}
        data={{ 'data-duct': duct.id }}
        onMove={onMove}
        onPick={onPick}
      />
    </g>
  );
}

/** The duct tree on the floor, with what flows; dragged, shut and opened there, and looked at as it would be if. */
export function DuctSheet({ selected, onSelect }: { selected: string | null; onSelect: (id: string | null) => void }) {
  const { build, settled } = useWorkspace('build', 'settled');
  const say = useSay();
  const { rows, set } = useRows('ducts');
  const { place, mayWork } = usePlaceDuct();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const [moved, setMoved] = useState<MovedDuct | null>(null);
  const [asked, ask] = useState('');
  const [problems, setProblems] = useState<string[]>([]);
  const tree = useMemo(() => computeOrMissing(() => ductTree(readerOf(takeAssumed(settled)))), [settled]);
  const stands = useMemo(() => standsOf('missing' in tree ? [] : tree.value.outlets), [tree]);
  const stand = stands[asked]?.stand;
  const most = width < 520 ? 380 : 400;
  const still = useMemo(() => layoutDucts(build, width, most, { stand }), [build, width, most, stand]);
  const drawing = useMemo(
    () => (moved ? layoutDucts(build, width, most, { moved, labelsOf: still, stand }) : still),
    [build, width, most, moved, still, stand],
  );
  const svg = useRef<SVGSVGElement>(null);
  useDuctDrag(svg, drawing, { setMoved, onProblems: setProblems });
  if (!drawing)
    return (
      <div ref={holder} className="floor-none soft">
        {t.planOnceTheFloor}
      </div>
    );
  const move = (duct: DrawnDuct) => (dxMm: number, dyMm: number) => {
    if (mayWork && !drawing.assumed) setProblems(place({ id: duct.id, x: duct.xMm + dxMm, y: duct.yMm + dyMm }));
  };
  const row = rows.find(({ id }) => id === selected);
  const flow = 'missing' in tree ? null : tree.value.flow(stand);
  const hot = 'missing' in tree || !flow ? null : hottest(tree.value, flow);
  const { heater } = drawing;
  return (
    <div ref={holder} className="floor-sheet duct-sheet">
      <svg
        ref={svg}
        className="floor ducts"
        width={drawing.width}
        height={drawing.height}
        role="group"
        aria-label={say(t.planInWords({ words: drawing.words }))}
      >
        <path className="body" d={drawing.floor} />
        {/* First every wall, then every bore: where ducts meet they are one. */}
        {(['wall', 'bore'] as const).map((layer) => (
          <g key={layer} className={layer}>
            {drawing.ducts.map((duct) => (
              <path
                key={duct.id}
                className={`${duct.placed && !drawing.assumed ? '' : 'unplaced'}${duct.insulated ? ' insulated' : ''}`}
                d={duct.d}
                strokeWidth={layer === 'wall' ? duct.thick + 3.5 : duct.thick}
              />
            ))}
          </g>
        ))}
        <g className="heater-spot" transform={`rotate(${-heater.turnDeg} ${heater.x} ${heater.y})`}>
          <rect x={heater.x - heater.size / 2} y={heater.y - heater.size / 4} width={heater.size} height={heater.size / 2} />
        </g>
        {drawing.ducts.map((duct) => (
          <Duct key={duct.id} duct={duct} lit={selected === duct.id} onMove={move(duct)} onPick={() => onSelect(duct.id)} />
        ))}
      </svg>
      <div className="inline">
        {row?.end === 'closable' &&
          mayWork &&
          (
            [
              [t.shutIt, 100],
              [t.halfIt, 50],
              [t.openIt, 0],
            ] as const
          )
            .filter(([, percent]) => percent !== (row.closedPercent ?? 0))
            .map(([label, percent]) => (
              <Button key={percent} onClick={() => setProblems(set(row, 'closedPercent', percent))}>
                {label({ name: row.name ?? '' })}
              </Button>
            ))}
        {!('missing' in tree) && (
          <CellPick name={t.ifWhat} value={asked} disabled={false} onChoose={ask}>
            <Options of={Object.fromEntries(Object.entries(stands).map(([id, { label }]) => [id, label]))} empty={t.asItStands} />
          </CellPick>
        )}
        <span role="status">
          {drawing.missing
            ? say(t.beforeItFlows({ missing: needsText(drawing.missing.needs) }))
            : hot && flow
              ? say(t.hottestIs({ c: formatFixed(hot.c), m3h: formatFixed(flow.blowerM3S * 3600) }))
              : t.noAir}
        </span>
      </div>
      <Problems all={problems} />
    </div>
  );
}
