import type { Need } from '../../reading/Reader';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { rowsOf, type ListValues, type RowOf } from '../../build/lists';
import type { Route, Segment } from '../../physics/fuel/Route';

const sides = { suction: 0, pressure: 1 } as const;

/** The rows of the line in the order of flow: all before the pump, then all after it, each by its place. */
export function inOrder(rows: readonly RowOf<'segments'>[]): RowOf<'segments'>[] {
  return rows
    .map((row, i) => ({ row, i }))
    .sort(
      (a, b) =>
        sides[a.row.side ?? 'pressure'] - sides[b.row.side ?? 'pressure'] ||
        (a.row.order ?? Infinity) - (b.row.order ?? Infinity) ||
        a.i - b.i,
    )
    .map(({ row }) => row);
}
export const segmentRows = (values: ListValues | undefined) => inOrder(rowsOf(values, 'segments'));
export const segmentName = (row: RowOf<'segments'>, i: number): string => row.name ?? `segment ${i + 1}`;

/**
 * The line of a build: segment by segment where it is known so, else the two rough lengths before and after the pump.
 * @throws through the reader where a length, a bore or a rise is missing
 */
export const routeOf = (read: Reader): Route => read.shared('route', readRoute);

function readRoute(read: Reader): Route {
  const rows = inOrder(read.rows('segments'));
  if (rows.length > 0) {
    const lacking: Need[] = [];
    const segments = rows.map((row, i): Segment => {
      const name = segmentName(row, i);
      const unmeasured = [
        ...(row.lengthM === undefined ? ['length'] : []),
        ...(row.riseMm === undefined ? ['rise'] : []),
        ...(row.boreMm === undefined ? ['bore'] : []),
      ];
      if (unmeasured.length > 0) lacking.push({ act: 'measure', what: `${unmeasured.join(', ')} of “${name}”` });
      if (row.side === undefined) lacking.push(...toDo(`say on which side of the pump “${name}” lies`));
      return {
        id: row.id,
        name,
        side: row.side ?? 'pressure',
        lengthM: row.lengthM ?? 0,
        riseMm: row.riseMm ?? 0,
        boreMm: row.boreMm ?? 0,
        end: row.end ?? 'on',
        gapMm: row.gapMm ?? 0,
      };
    });
    for (const side of ['suction', 'pressure'] as const)
      if (!segments.some((segment) => segment.side === side))
        lacking.push(...toDo(side === 'suction' ? 'enter the line before the pump' : 'enter the line after the pump'));
    return lacking.length > 0 ? read.missing(...lacking) : { segments, own: true };
  }
  const f = read.all({
    sl: 'fuel.suctionLengthM',
    sb: 'fuel.suctionBoreMm',
    pl: 'fuel.pressureLengthM',
    pb: 'fuel.pressureBoreMm',
    pump: 'fuel.pumpAboveTankFloorMm',
    heater: 'fuel.heaterAboveTankFloorMm',
  });
  const after = read.maybe('fuel.filterPlace') === 'afterPump';
  const rough = { id: null, gapMm: 0 };
  return {
    own: false,
    segments: [
      {
        ...rough,
        name: 'tank to pump',
        side: 'suction',
        lengthM: f.sl,
        boreMm: f.sb,
        riseMm: f.pump - pickupTopMm(read),
        end: after ? 'on' : 'filter',
      },
      {
        ...rough,
        name: 'pump to heater',
        side: 'pressure',
        lengthM: f.pl,
        boreMm: f.pb,
        riseMm: f.heater - f.pump,
        end: after ? 'filter' : 'on',
      },
    ],
  };
}

/** How far a standpipe's outlet stands above the tank's top, mm: usual flange, common practice, no source. */
export const flangeAboveMm = 40;

/** Where the pickup takes its fuel, mm above the tank's floor: an outlet at the bottom lies at the floor. */
export function pickupEndMm(read: Reader): number {
  const { kind } = read.all({ kind: 'fuel.pickupKind' });
  return kind === 'bottomOutlet' ? 0 : read.all({ clear: 'fuel.pickupClearanceMm' }).clear;
}

/** The highest point of the fuel's way out of the tank, mm above its floor: a standpipe goes over the top, an outlet does not. */
export function pickupTopMm(read: Reader): number {
  const { kind } = read.all({ kind: 'fuel.pickupKind' });
  return kind === 'standpipe' ? read.all({ height: 'fuel.tankHeightMm' }).height + flangeAboveMm : pickupEndMm(read);
}
