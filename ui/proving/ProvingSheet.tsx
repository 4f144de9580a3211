'use client';
import { format } from 'date-fns';
import { useState } from 'react';
import { coPlaces } from '../../core/build/Build';
import { figurePaths } from '../../core/build/sheets';
import { stages } from '../../core/calls/Call';
import { parseQuantity } from '../../core/units/parseQuantity';
import { trim } from '../../core/units/show';
import { useBench } from '../build/BuildContext';
import { LeakWatch } from '../fuel/LeakWatch';
import { FigureTable } from '../sheet/FigureTable';

/** Alarm and carbon monoxide readings. */
export function ProvingSheet() {
  const { settled, send, mayWork } = useBench();
  const [ppm, setPpm] = useState('');
  const [problem, setProblem] = useState('');
  const read = (place: keyof typeof coPlaces) => {
    const parsed = parseQuantity(ppm, 'ppm');
    if (!parsed.ok) {
      setProblem(`Carbon monoxide: “${ppm}” ${parsed.reason}; allowed is 0 to 2000 ppm.`);
      return;
    }
    const errors = send({ kind: 'co', reading: { id: crypto.randomUUID(), ppm: parsed.value, place } });
    setProblem(errors.join(' '));
    if (errors.length === 0) setPpm('');
  };
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
      {mayWork && (
        <div className="stack" style={{ marginTop: 6 }}>
          <label>
            <span className="field-label">Meter shows, ppm</span>
            <input
              className="cell-input"
              style={{ maxWidth: 200 }}
              value={ppm}
              inputMode="decimal"
              maxLength={20}
              onChange={(event) => {
                setPpm(event.target.value);
                setProblem('');
              }}
            />
          </label>
          <div className="keys">
            {(Object.entries(coPlaces) as [keyof typeof coPlaces, string][]).map(([id, label]) => (
              <button key={id} type="button" className="key" onClick={() => read(id)}>
                {id === 'outside' ? 'outside' : `at the ${label}`}
              </button>
            ))}
          </div>
          {problem && (
            <p className="error-line" role="alert">
              {problem}
            </p>
          )}
        </div>
      )}
      {settled.coReadings.length > 0 && (
        <table className="runs-table" style={{ marginTop: 12 }}>
          <thead>
            <tr>
              <th>When</th>
              <th>Where</th>
              <th>Read</th>
              <th>By</th>
            </tr>
          </thead>
          <tbody>
            {[...settled.coReadings].reverse().map((r) => (
              <tr key={r.id}>
                <td>{format(new Date(r.at), 'd MMM HH:mm')}</td>
                <td>{coPlaces[r.place]}</td>
                <td className="mono">
                  <strong>{trim(r.ppm)}</strong> ppm
                </td>
                <td>{r.by}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <h3 style={{ marginTop: 24 }}>Joints of the fuel line</h3>
      <LeakWatch />
    </>
  );
}
