'use client';
import { stages } from '../../../core/build/stages';
import { format } from 'date-fns';
import { coText } from '../../../core/wording/coText';
import { figurePaths } from '../../../core/build/sheets';
import { formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { LeakWatch } from '../fuel/LeakWatch';
import { RepairList } from '../../components/findings/RepairList';
import { FigureTable } from '../../components/cells/FigureTable';
import { CoEntry } from './CoEntry';

/** Alarm and carbon monoxide readings. */
export function ProvingSheet() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  return (
    <>
      <h2 className="sheet-title">{stages.proving}</h2>
      <p className="soft">That nobody is poisoned: the alarm, and readings with the heater running and the doors closed.</p>
      <p className="cautions" style={{ marginTop: 10 }}>
        <strong>Carbon monoxide kills in sleep and has no smell.</strong> Headache or sickness: everybody out, doors open, heater
        off by its button, call for help. Don’t sleep beside a heater that isn’t signed off.
      </p>
      <FigureTable paths={figurePaths.filter((path) => path.startsWith('proving.'))} caption="Proving sheet" />
      <h3 style={{ marginTop: 20 }}>Carbon monoxide readings</h3>
      {mayWork && <CoEntry />}
      {settled.coReadings.length > 0 && (
        <table className="runs-table" style={{ marginTop: 12 }}>
          <thead>
            <tr>
              <th>When</th>
              <th>Where, and how</th>
              <th>Read</th>
              <th>By</th>
            </tr>
          </thead>
          <tbody>
            {[...settled.coReadings].reverse().map((r) => (
              <tr key={r.id}>
                <td>{format(new Date(r.at), 'd MMM HH:mm')}</td>
                <td>{coText(r)}</td>
                <td className="mono">
                  <strong>{formatShort(r.ppm)}</strong> ppm
                </td>
                <td>{r.by}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <RepairList />
      <h3 style={{ marginTop: 24 }}>Joints of the fuel line</h3>
      <LeakWatch />
    </>
  );
}
