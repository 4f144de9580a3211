'use client';
import { boresTried, type LinePicture } from '../../../core/drawing/line/linePicture';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';

/** What another bore would do to this line: fuel held, strokes to fill, pressure to draw, bubbles. */
export function BoreTable({ picture }: { picture: LinePicture }) {
  const { who } = useWorkspace('who');
  const say = useSay();
  const kPa = inUnit(1, 'kPa', who.unitPreferences).unit;
  const own = new Set(picture.facts.route.segments.map(({ boreMm }) => boreMm));
  return (
    <div className="wide-table">
      <table className="runs-table">
        <thead>
          <tr>
            <th scope="col">Bore</th>
            <th scope="col">Holds, mL</th>
            <th scope="col">Strokes to fill</th>
            <th scope="col">Fuel creeps, mm/s</th>
            <th scope="col">To draw through, {kPa}</th>
            <th scope="col">A bubble</th>
          </tr>
        </thead>
        <tbody>
          {boresTried(picture.facts, picture.asBuilt.temperatureC).map((tried) => (
            <tr key={tried.boreMm} style={own.has(tried.boreMm) ? { fontWeight: 700 } : undefined}>
              <th scope="row">
                {say(`${formatShort(tried.boreMm, 1)} mm`)}
                {own.has(tried.boreMm) ? ', this line' : ''}
              </th>
              <td className="mono">{formatFixed(tried.volumeMl, 1)}</td>
              <td className="mono">{formatFixed(tried.strokes)}</td>
              <td className="mono">{formatFixed(tried.speedMmS, 1)}</td>
              <td className="mono">{formatFixed(inUnit(tried.dropKPa, 'kPa', who.unitPreferences).value, 1)}</td>
              <td>{tried.carries ? 'is carried along' : 'stands and gathers'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
