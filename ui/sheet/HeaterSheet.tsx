'use client';
import { useState } from 'react';
import { buildKinds } from '../../core/build/Build';
import { figurePaths } from '../../core/build/sheets';
import { stageFigures } from '../../core/figures/stageFigures';
import { limits, makerKeys, type LimitKey } from '../../core/schools/limits';
import { ruleFor } from '../../core/schools/ruleFor';
import { schoolIds, schoolOption, schools } from '../../core/schools/schools';
import { parseQuantity } from '../../core/units/parseQuantity';
import { trim } from '../../core/units/show';
import { useBench } from '../build/BuildContext';
import { DerivedFigures } from './DerivedFigures';
import { FigureTable } from './FigureTable';

function MakerRow({ limit }: { limit: LimitKey }) {
  const { settled, send, mayWork } = useBench();
  const kept = settled.maker[limit] ?? null;
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const { label, unit } = limits[limit];
  const without = ruleFor(limit, settled.schools, {});
  const finish = () => {
    if (text === null) return;
    if (text.trim() !== '') {
      const parsed = parseQuantity(text, unit);
      if (!parsed.ok) {
        setProblem(`${label}: “${text.slice(0, 40)}” ${parsed.reason}.`);
        return;
      }
      const errors =
        parsed.value === kept ? [] : send({ kind: 'maker', changes: [{ key: limit, from: kept, to: parsed.value }] });
      setProblem(errors.join(' '));
      if (errors.length > 0) return;
    } else if (kept !== null) send({ kind: 'maker', changes: [{ key: limit, from: kept, to: null }] });
    setProblem('');
    setText(null);
  };
  return (
    <>
      <tr>
        <td>{label}</td>
        <td className="cell soft">{limit === 'fuseA' ? '—' : `${trim(without.value)} ${unit}`}</td>
        <td className="cell">
          <input
            className="cell-input"
            aria-label={`${label}, maker’s figure, ${unit}`}
            aria-invalid={problem !== ''}
            placeholder="—"
            readOnly={!mayWork}
            value={text ?? (kept === null ? '' : String(kept))}
            maxLength={60}
            onChange={(event) => setText(event.target.value)}
            onBlur={finish}
            onKeyDown={(event) => {
              if (event.key === 'Enter') finish();
              if (event.key === 'Escape') {
                setText(null);
                setProblem('');
              }
            }}
          />
        </td>
        <td className="unit">{unit === 'deg' ? '°' : unit}</td>
      </tr>
      {problem && (
        <tr className="figures-stacked">
          <td colSpan={4} className="cell-problem" role="alert">
            {problem}
          </td>
        </tr>
      )}
    </>
  );
}

function Particulars() {
  const { settled, send, mayWork } = useBench();
  const { identity } = settled;
  const [problems, setProblems] = useState<string[]>([]);
  const change = (name: 'name' | 'what' | 'place' | 'heaterSerial' | 'kind') => (value: string) => {
    if (value !== identity[name]) setProblems(send({ kind: 'identity', from: identity, to: { ...identity, [name]: value } }));
  };
  const row = (name: 'name' | 'what' | 'place' | 'heaterSerial', label: string) => (
    <label>
      <span className="field-label">{label}</span>
      <input
        key={identity[name]}
        className="text-field"
        defaultValue={identity[name]}
        readOnly={!mayWork}
        maxLength={120}
        onBlur={(event) => change(name)(event.target.value.trim())}
      />
    </label>
  );
  return (
    <div className="columns" style={{ marginTop: 10 }}>
      {row('name', 'Name')}
      {row('what', 'What it is')}
      {row('place', 'Place')}
      {row('heaterSerial', 'Heater’s serial number')}
      <label>
        <span className="field-label">Kind</span>
        <select
          className="text-field"
          value={identity.kind}
          disabled={!mayWork}
          onChange={(event) => change('kind')(event.target.value)}
        >
          {Object.entries(buildKinds).map(([id, label]) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </label>
      {problems.length > 0 && (
        <p className="error-line" role="alert">
          {problems.join(' ')}
        </p>
      )}
    </div>
  );
}

/** The unit in hand, the conditions that it must meet, its maker's figures, and the workshop's schools. */
export function HeaterSheet() {
  const { settled } = useBench();
  return (
    <>
      <h2 className="sheet-title">Heater and conditions</h2>
      <p className="soft">From the data plate, the manual and the owner.</p>
      <FigureTable paths={figurePaths.filter((path) => path.startsWith('heater.'))} caption="Heater and conditions" />
      <DerivedFigures keys={stageFigures.heater ?? []} />
      <h3 style={{ marginTop: 26 }}>Maker’s figures</h3>
      <p className="soft">Where the manual gives one, it goes before the workshop’s rule.</p>
      <table className="figures">
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">Figure</span>
            </th>
            <th scope="col">workshop’s</th>
            <th scope="col">maker’s</th>
            <th scope="col">
              <span className="visually-hidden">Unit</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {makerKeys.map((key) => (
            <MakerRow key={key} limit={key} />
          ))}
        </tbody>
      </table>
      <h3 style={{ marginTop: 26 }}>Schools followed here</h3>
      <ul>
        {schoolIds.map((id) => {
          const option = schoolOption(settled.schools, id);
          return (
            <li key={id} style={{ marginTop: 6 }}>
              <strong>
                {schools[id].label}: {option.label}.
              </strong>{' '}
              {option.reason} <span className="soft">(common practice, no source)</span>
            </li>
          );
        })}
      </ul>
      <h3 style={{ marginTop: 26 }}>Particulars</h3>
      <Particulars />
    </>
  );
}
