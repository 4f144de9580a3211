'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { sections } from '../../../core/build/sections';
import type { WayId } from '../../../core/model/air/wayOf';
import { isSuperseded } from '../../../core/model/superseded';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { LevelKey } from '../../components/level/LevelKey';
import { useSmall } from '../../components/useSmall';
import { useWorkspace } from '../../sync/useWorkspace';
import { air as t } from '../../texts/en/air';
import { stages as shared } from '../../texts/en/stages';
import { WayTable } from './WayTable';

const { figures } = sections.air.pipes;
const ways: readonly WayId[] = ['exhaust', 'intake'];

/** The two pipes as they run: as a whole, or piece by piece. */
export function PipesSection() {
  const [way, setWay] = useState<WayId>('exhaust');
  const { settled } = useWorkspace('settled');
  const small = useSmall();
  const paths = (way === 'exhaust' ? figures.Exhaust : figures['Combustion air']).filter((path) => !isSuperseded(settled, path));
  return (
    <>
      <div className="inline" role="group" aria-label={t.whichPipe}>
        {ways.map((id) => (
          <Button key={id} aria-pressed={way === id} onClick={() => setWay(id)}>
            {t[id]}
          </Button>
        ))}
      </div>
      <p className="soft">{shared.combustionAirInExhaustOutBoth}</p>
      {small && <LevelKey path={way === 'exhaust' ? 'air.exhaustFallMm' : 'air.intakeFallMm'} />}
      <WayTable key={way} way={way} />
      <FigureTable paths={paths} caption={t[way]} />
      {way === 'exhaust' && <DerivedFigures keys={['air.exhaustM', 'air.bendsDeg']} />}
      <Caution>{shared.exhaustGasKillsWithoutASmell({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
