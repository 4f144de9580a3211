import { scaleLinear } from 'd3';
import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { knownOrAssumed } from '../../figures/knownOrAssumed';
import { ventName, ventOf, wantedAt, type VentLevel } from '../../model/vent/ventsOf';
import { formatFixed } from '../../units/formatNumber';

export interface DrawnVent {
  id: string;
  name: string;
  /** px, of the whole of it */ x: number;
  w: number;
  /** px, of what is free */ freeW: number;
}
export interface VentBar {
  level: VentLevel;
  y: number;
  vents: DrawnVent[];
  /** px; null where the floor plan is not known */ wantedX: number | null;
  /** what is wanted rests on what is only assumed */ assumed: boolean;
  freeCm2: number;
  wantedCm2: number | null;
}
export interface VentDrawing {
  width: number;
  height: number;
  /** where the space begins and ends, px */ room: { x: number; y: number; w: number; h: number };
  bars: [VentBar, VentBar];
  barPx: number;
  /** rows whose size or level nobody has given: they are not drawn */ undrawn: string[];
  words: string;
}
const [height, edgePx, barPx, labelPx] = [190, 12, 26, 22];
const levelWords = { high: 'near the ceiling', low: 'near the floor' } as const;

/** The space cut through, with its openings at ceiling and floor laid end to end as long as they are free, before what is wanted. @param width px */
export function layoutVents(build: Build, width: number): VentDrawing {
  const rows = rowsOf(build.lists, 'vents');
  const all = rows.map(ventOf);
  const undrawn = rows.filter((_, i) => all[i] === null).map((row) => ventName(row, rows.indexOf(row)));
  const known = all.filter((vent) => vent !== null);
  const wanted = (level: VentLevel) => knownOrAssumed(build, (read) => wantedAt(read, level));
  const [high, low] = [wanted('high'), wanted('low')];
  const sum = (level: VentLevel) => known.reduce((total, vent) => total + (vent.level === level ? vent.areaMm2 : 0), 0);
  const most = Math.max(1, ...[high, low].map((one) => ('value' in one ? one.value : 0)), sum('high'), sum('low'));
  const x = scaleLinear([0, most * 1.08], [edgePx, width - edgePx]);
  const bar = (level: VentLevel, y: number, of: typeof high): VentBar => {
    let from = 0;
    const vents = known
      .filter((vent) => vent.level === level)
      .map(({ id, name, areaMm2, freeMm2 }) => {
        const drawn = { id, name, x: x(from), w: x(from + areaMm2) - x(from), freeW: x(from + freeMm2) - x(from) };
        from += areaMm2;
        return drawn;
      });
    const free = known.reduce((total, vent) => total + (vent.level === level ? vent.freeMm2 : 0), 0);
    const value = 'value' in of ? of.value : null;
    return {
      level,
      y,
      vents,
      wantedX: value === null ? null : x(value),
      assumed: 'assumed' in of && of.assumed,
      freeCm2: free / 100,
      wantedCm2: value === null ? null : value / 100,
    };
  };
  const bars: [VentBar, VentBar] = [bar('high', edgePx + labelPx, high), bar('low', height - edgePx - labelPx - barPx, low)];
  const words = bars
    .map(({ level, vents, freeCm2, wantedCm2 }) => {
      const of = wantedCm2 === null ? '' : ` of ${formatFixed(wantedCm2)} cm² wanted`;
      return `${levelWords[level]}: ${formatFixed(freeCm2)} cm² free${of}, by ${vents.map(({ name }) => name).join(', ') || 'nothing'}`;
    })
    .join('; ');
  return {
    width,
    height,
    room: { x: edgePx, y: edgePx, w: width - 2 * edgePx, h: height - 2 * edgePx },
    bars,
    barPx,
    undrawn,
    words,
  };
}
