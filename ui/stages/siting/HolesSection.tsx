'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { sections } from '../../../core/build/sections';
import { startingHoles, type StartingHolesId } from '../../../core/model/siting/startingHoles';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useRowCount } from '../../components/useRowCount';
import { FloorViews } from './FloorViews';
import { siting as t } from '../../texts/en/siting';

const targets = sections.siting.holes.figures['Where duct, fuel and feed go'];

function HoleStart() {
  const { rows, add, mayWork } = useRows('holes');
  const [problem, setProblem] = useState('');
  if (!mayWork || rows.length > 0) return null;
  return (
    <div>
      <p className="soft">{t.beginWithAUsualSetThen}</p>
      <div className="inline">
        {(Object.keys(startingHoles) as StartingHolesId[]).map((id) => (
          <Button key={id} onClick={() => setProblem(add(...startingHoles[id].holes).join(' '))}>
            {startingHoles[id].label}
          </Button>
        ))}
      </div>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}

/** What is cut: every hole of the plate, and the datums that they are measured from. */
export function HolesSection() {
  const [selected, setSelected] = useState<string | null>(null);
  const count = useRowCount();
  return (
    <>
      <FloorViews selected={selected} onSelect={setSelected} />
      <HoleStart />
      <RowList
        list="holes"
        main={['name', 'kind', 'alongMm', 'acrossMm', 'diameterMm']}
        fresh={() => ({ kind: 'stud', diameterMm: 7 })}
      />
      <Fold title={t.datumsAndWhereDuctFuelAnd} note={count('datums', t.datum)} holds={targets}>
        <RowList list="datums" main={['name', 'axis', 'atMm']} fresh={() => ({ axis: 'front' })} />
        <FigureTable paths={targets} caption={t.whereDuctFuelAndFeedGo} />
      </Fold>
    </>
  );
}
