'use client';
import { Box } from '@mui/material';
import { stages } from '../../core/build/stages';
import { figurePaths, type FigurePath } from '../../core/build/sheets';
import { stageFigures } from '../../core/figures/stageFigures';
import { DerivedFigures } from '../components/cells/DerivedFigures';
import { FigureTable } from '../components/cells/FigureTable';

const leads: Record<string, string> = {
  survey: 'The space, the nights, the vehicle: before anything is drilled.',
  air: 'Combustion air in, exhaust out; both apart from the air that people breathe.',
  wiring: 'Fuse out until everything is connected.',
};
const cautions: Record<string, string> = {
  survey:
    'A heater that doesn’t suit its space soots or leaves people cold. Petrol never goes through it. Who inspects, and by which code, is asked now, not at the end.',
  air: 'Exhaust gas kills without a smell. Every joint sealed, every hole closed; pipes stay hot long after it stops.',
  wiring:
    'A battery can burn hands and cable: rings off, fuse out, earth first to leave and last to return. Never stop a hot heater by its fuse or isolator.',
};

/** The worksheet of a stage whose work is figures. */
export function StageSheet({
  stage,
  except = [],
  more = [],
}: {
  stage: 'survey' | 'air' | 'wiring';
  /** figures that something finer stands for */ except?: readonly string[];
  more?: readonly FigurePath[];
}) {
  const keys = stageFigures[stage] ?? [];
  return (
    <>
      <h2 className="sheet-title">{stages[stage]}</h2>
      <p className="soft">{leads[stage]}</p>
      <FigureTable
        paths={[...figurePaths.filter((path) => path.startsWith(`${stage}.`) && !except.includes(path)), ...more]}
        caption={`${stages[stage]} sheet`}
      />
      {keys.length > 0 && <DerivedFigures keys={keys} />}
      <Box component="p" className="cautions" sx={{ mt: 2.75 }}>
        <strong>Caution.</strong> {cautions[stage]} The maker’s manual, the local code and licensed practice come before anything
        said here.
      </Box>
    </>
  );
}
