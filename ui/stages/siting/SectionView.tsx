'use client';
import { useMemo } from 'react';
import { sectionOf } from '../../../core/drawing/floor/sectionOf';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useWidth } from '../../charts/useWidth';
import { ChartFrame } from '../../charts/ChartFrame';

const fills: Record<string, string> = {
  plate: 'var(--soft)',
  gasket: 'var(--ink)',
  covering: 'var(--fuel-fill)',
  timber: 'var(--fuel-deep)',
  insulation: 'var(--grid)',
  metal: 'var(--soft)',
  rib: 'var(--hair)',
};

/** The floor cut through: what the studs and spigots have to pass, and what is left of them below. */
export function SectionView() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(560);
  const section = useMemo(() => sectionOf(build), [build]);
  if (!section)
    return (
      <div ref={holder} className="soft">
        The section is drawn once a layer is measured.
      </div>
    );
  const scale = Math.min(5, 260 / section.deepMm);
  const y = (mm: number) => 34 + mm * scale;
  const [left, right] = [Math.min(150, width * 0.34), width - 10];
  const at = (share: number) => left + (right - left) * share;
  const { stud, spigotMm, clampMm, screwMm } = section;
  const bottom = y(section.totalMm);
  return (
    <div ref={holder}>
      <ChartFrame
        height={y(section.deepMm) + 12}
        words={say(
          `Section: ${section.layers.map((l) => `${l.name} ${formatFixed(l.thicknessMm, 1)} mm${l.cutBack ? ', cut back' : ''}`).join(', ')}; ${formatFixed(section.totalMm, 1)} mm in all.`,
        )}
      >
        <rect x={at(0.1)} y={6} width={at(0.9) - at(0.1)} height={28} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.5} />
        <text x={at(0.5)} y={25} textAnchor="middle">
          heater’s foot
        </text>
        {section.layers.map((layer) => (
          <g key={layer.id}>
            {layer.cutBack ? (
              [0, 0.93].map((share) => (
                <rect
                  key={share}
                  x={at(share)}
                  y={y(layer.topMm)}
                  width={at(0.07) - at(0)}
                  height={Math.max(2, layer.thicknessMm * scale)}
                  fill={fills[layer.kind]}
                  stroke="var(--ink)"
                />
              ))
            ) : (
              <rect
                x={at(0)}
                y={y(layer.topMm)}
                width={at(1) - at(0)}
                height={Math.max(2, layer.thicknessMm * scale)}
                fill={fills[layer.kind]}
                stroke="var(--ink)"
                strokeDasharray={layer.kind === 'rib' ? '6 5' : undefined}
              />
            )}
          </g>
        ))}
        {section.layers.map((layer, i) => {
          // Thin layers lie closer than words do: each word keeps its own line.
          const lineY = Math.max(46 + i * 18, y(layer.topMm + layer.thicknessMm / 2) + 5);
          return (
            <g key={layer.id}>
              <text x={left - 12} y={lineY} textAnchor="end">
                {layer.name} <tspan className="mono">{say(`${formatFixed(layer.thicknessMm, 1)} mm`)}</tspan>
                {layer.cutBack ? ' (cut)' : ''}
              </text>
            </g>
          );
        })}
        {stud && (
          <g>
            <rect
              x={at(0.24) - (stud.majorMm * scale) / 2}
              y={30}
              width={stud.majorMm * scale}
              height={stud.lengthMm * scale + 4}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={1.75}
            />
            <rect
              x={at(0.24) - stud.majorMm * scale}
              y={bottom}
              width={stud.majorMm * 2 * scale}
              height={stud.washerMm * scale}
              fill="var(--ink)"
            />
            <rect
              x={at(0.24) - stud.majorMm * 0.85 * scale}
              y={bottom + stud.washerMm * scale}
              width={stud.majorMm * 1.7 * scale}
              height={stud.nutMm * scale}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={2}
            />
            <text className="halo" x={at(0.24) + stud.majorMm * scale + 6} y={bottom + 16}>
              {say(`stud ${formatFixed(stud.lengthMm - section.totalMm, 1)} mm left`)}
            </text>
          </g>
        )}
        {spigotMm !== null && (
          <g>
            <rect
              x={at(0.62) - 12}
              y={32}
              width={24}
              height={spigotMm * scale + 2}
              fill="var(--sheet)"
              stroke="var(--heat)"
              strokeWidth={2.25}
            />
            {clampMm !== null && (
              <rect
                x={at(0.62) - 16}
                y={bottom + 1}
                width={32}
                height={clampMm * scale}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={2}
                strokeDasharray="4 3"
              />
            )}
            <text className="halo" x={at(0.62) + 22} y={bottom + 34}>
              {say(`spigot ${formatFixed(spigotMm - section.totalMm, 1)} mm left`)}
            </text>
          </g>
        )}
        {screwMm !== null && (
          <path d={`M${at(0.08)},${y(0)}V${y(screwMm)}`} stroke="var(--ink)" strokeWidth={3} strokeDasharray="3 2" />
        )}
      </ChartFrame>
    </div>
  );
}
