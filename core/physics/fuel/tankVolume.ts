/** A tank by the shape of its inside, mm. A prism stands on the lowest point of its outline, which is seen from the side. */
export type TankShape =
  | { kind: 'box'; lengthMm: number; widthMm: number; heightMm: number }
  | { kind: 'upright'; diameterMm: number; heightMm: number }
  | { kind: 'lying'; diameterMm: number; lengthMm: number }
  | { kind: 'prism'; outline: readonly { alongMm: number; upMm: number }[]; widthMm: number }
  | { kind: 'dips'; dips: readonly { levelMm: number; litres: number }[] };

/** Area of a polygon by the shoelace formula, mm². Source: Gauss. */
const areaOf = (points: readonly { alongMm: number; upMm: number }[]): number =>
  Math.abs(
    points.reduce((sum, a, i) => {
      const b = points[(i + 1) % points.length] ?? a;
      return sum + a.alongMm * b.upMm - b.alongMm * a.upMm;
    }, 0),
  ) / 2;

/** What of a polygon lies at or below a height: cut by one line (Sutherland and Hodgman 1974, from memory). */
function below(points: readonly { alongMm: number; upMm: number }[], level: number) {
  return points.flatMap((a, i) => {
    const b = points[(i + 1) % points.length] ?? a;
    const kept = a.upMm <= level ? [a] : [];
    if (a.upMm <= level === b.upMm <= level) return kept;
    const t = (level - a.upMm) / (b.upMm - a.upMm);
    return [...kept, { alongMm: a.alongMm + t * (b.alongMm - a.alongMm), upMm: level }];
  });
}

/** Height of the inside, mm. */
export function tankHeightMm(tank: TankShape): number {
  switch (tank.kind) {
    case 'box':
    case 'upright':
      return tank.heightMm;
    case 'lying':
      return tank.diameterMm;
    case 'prism': {
      const ups = tank.outline.map(({ upMm }) => upMm);
      return Math.max(...ups) - Math.min(...ups);
    }
    case 'dips':
      return tank.dips[tank.dips.length - 1]?.levelMm ?? 0;
  }
}

/**
 * What a tank holds up to a level.
 * @param levelMm height of the fuel above the lowest point inside, mm; below 0 counts as 0, above the tank as full
 * @returns litres
 * @throws RangeError naming quantity, value and bounds
 * @example volumeL({ kind: 'lying', diameterMm: 300, lengthMm: 1000 }, 100) // 20.626
 * @source geometry: box, circle, segment r² acos((r−h)/r) − (r−h) √(2rh − h²), polygon; a dip table is read in straight lines
 */
export function volumeL(tank: TankShape, levelMm: number): number {
  if (Number.isNaN(levelMm)) throw new RangeError('The level is NaN mm; allowed is a number of mm.');
  const h = Math.min(Math.max(levelMm, 0), tankHeightMm(tank));
  switch (tank.kind) {
    case 'box':
      return (tank.lengthMm * tank.widthMm * h) / 1e6;
    case 'upright':
      return (Math.PI * (tank.diameterMm / 2) ** 2 * h) / 1e6;
    case 'lying': {
      const r = tank.diameterMm / 2;
      const segment =
        r ** 2 * Math.acos(Math.min(1, Math.max(-1, (r - h) / r))) - (r - h) * Math.sqrt(Math.max(0, 2 * r * h - h ** 2));
      return (segment * tank.lengthMm) / 1e6;
    }
    case 'prism': {
      const floor = Math.min(...tank.outline.map(({ upMm }) => upMm));
      return (areaOf(below(tank.outline, floor + h)) * tank.widthMm) / 1e6;
    }
    case 'dips': {
      const above = tank.dips.findIndex(({ levelMm: at }) => at >= h);
      const top = tank.dips[above];
      const low = tank.dips[above - 1] ?? { levelMm: 0, litres: 0 };
      if (!top) return 0;
      return top.levelMm === low.levelMm
        ? top.litres
        : low.litres + ((top.litres - low.litres) * (h - low.levelMm)) / (top.levelMm - low.levelMm);
    }
  }
}

/**
 * The level at which a tank holds so much; the inverse of `volumeL`.
 * @param litres below 0 counts as 0, more than it holds as full
 * @returns mm above the lowest point inside
 * @throws RangeError naming quantity, value and bounds
 * @example levelForMm({ kind: 'lying', diameterMm: 300, lengthMm: 1000 }, 20.626) // 100
 */
export function levelForMm(tank: TankShape, litres: number): number {
  if (Number.isNaN(litres)) throw new RangeError('The volume is NaN L; allowed is a number of L.');
  let [low, high] = [0, tankHeightMm(tank)];
  if (litres >= volumeL(tank, high)) return high;
  for (let i = 0; i < 50; i += 1) {
    const middle = (low + high) / 2;
    if (volumeL(tank, middle) < litres) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

export interface Dip {
  levelMm: number;
  litres: number;
}
/** Why a dip table can't be read: too few rows, or one that does not hold more than the one below it; null where it can. */
export function dipsFlaw(dips: readonly Dip[]): { rows: number } | { before: Dip; after: Dip } | null {
  if (dips.length < 2) return { rows: dips.length };
  for (const [i, after] of dips.entries()) {
    const before = dips[i - 1];
    if (before && !(after.litres > before.litres && after.levelMm > before.levelMm)) return { before, after };
  }
  return null;
}
