'use client';
import type { FigurePath } from '../../../core/build/sheets';
import { sections } from '../../../core/build/sections';
import type { WayId } from '../../../core/model/air/wayOf';
import { pipeParts } from '../../../core/model/kit/partsTaken';
import { isSuperseded } from '../../../core/model/superseded';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { LevelKey } from '../../components/level/LevelKey';
import { Fold } from '../../components/lists/Fold';
import { TakenParts } from '../../components/lists/TakenParts';
import { useSmall } from '../../components/useSmall';
import { useWorkspace } from '../../sync/useWorkspace';
import { air as t } from '../../texts/en/air';
import { stages as shared } from '../../texts/en/stages';
import { WayTable } from './WayTable';

const { figures } = sections.air.pipes;
const figuresOf = { exhaust: figures.Exhaust, intake: figures['Combustion air'] } as const satisfies Record<
  WayId,
  readonly FigurePath[]
>;

/** One of the two pipes: as a whole, or piece by piece. */
function Pipe({ way }: { way: WayId }) {
  const { settled } = useWorkspace('settled');
  const small = useSmall();
  return (
    <>
      {small && <LevelKey path={way === 'exhaust' ? 'air.exhaustFallMm' : 'air.intakeFallMm'} />}
      <WayTable way={way} />
      <FigureTable paths={figuresOf[way].filter((path) => !isSuperseded(settled, path))} caption={t[way]} />
    </>
  );
}

/** What is to be cut and bought for the pipes. */
function PartsOfIt() {
  const { settled } = useWorkspace('settled');
  return <TakenParts parts={pipeParts(settled)} title={t.partsOfIt} note={t.partsOfItNote} />;
}

/** The two pipes as they run. */
export function PipesSection() {
  return (
    <>
      <p className="soft">{shared.combustionAirInExhaustOutBoth}</p>
      <h3>{t.exhaust}</h3>
      <Pipe way="exhaust" />
      <DerivedFigures keys={['air.exhaustM', 'air.bendsDeg']} />
      <Fold title={t.intake} note={t.intakeNote} startOpen holds={figuresOf.intake}>
        <Pipe way="intake" />
      </Fold>
      <PartsOfIt />
      <Caution>{shared.exhaustGasKillsWithoutASmell({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
