'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { boresTried, type LinePicture } from '../../../core/drawing/line/linePicture';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { fuel as t } from '../../texts/en/fuel';

/** What another bore would do to this line: fuel held, strokes to fill, pressure to draw, bubbles. */
export function BoreTable({ picture }: { picture: LinePicture }) {
  const { who } = useWorkspace('who');
  const say = useSay();
  const kPa = inUnit(1, 'kPa', who.unitPreferences).unit;
  const own = new Set(picture.facts.route.segments.map(({ boreMm }) => boreMm));
  return (
    <div className="wide-table">
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>{t.bore}</TableCell>
            <TableCell>{t.holdsMl}</TableCell>
            <TableCell>{t.strokesToFill}</TableCell>
            <TableCell>{t.fuelCreepsMmS}</TableCell>
            <TableCell>{t.toDrawThrough({ kPa })}</TableCell>
            <TableCell>{t.aBubble}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {boresTried(picture.facts, picture.asBuilt.temperatureC).map((tried) => (
            <TableRow key={tried.boreMm} className={own.has(tried.boreMm) ? 'own' : undefined}>
              <TableCell component="th" scope="row">
                {say(t.boremmMm({ boreMm: formatShort(tried.boreMm, 1) }))}
                {own.has(tried.boreMm) ? t.thisLine : ''}
              </TableCell>
              <TableCell className="mono">{formatFixed(tried.volumeMl, 1)}</TableCell>
              <TableCell className="mono">{formatFixed(tried.strokes)}</TableCell>
              <TableCell className="mono">{formatFixed(tried.speedMmS, 1)}</TableCell>
              <TableCell className="mono">{formatFixed(inUnit(tried.dropKPa, 'kPa', who.unitPreferences).value, 1)}</TableCell>
              <TableCell>{tried.carries ? t.isCarriedAlong : t.standsAndGathers}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  );
}
