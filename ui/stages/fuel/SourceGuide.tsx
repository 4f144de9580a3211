'use client';
import { Box } from '@mui/material';
import { rowsOf } from '../../../core/build/lists';
import { valueAt } from '../../../core/build/sheets';
import { sources } from '../../../core/build/fuelSources';
import { useWorkspace } from '../../sync/useWorkspace';
import { Fold } from '../../components/lists/Fold';
import { fuel as t } from '../../texts/en/fuel';

/** The steps, parts and cautions of the source that was chosen. */
export function SourceGuide() {
  const { build } = useWorkspace('build');
  const way = valueAt(build.sheets, 'tank.way');
  if (!way) return null;
  const { label, steps, parts, cautions } = sources[way];
  const kit = rowsOf(build.lists, 'parts');
  const state = (kind: string) => {
    const rows = kit.filter((row) => row.kind === kind);
    if (rows.length === 0) return t.notOnTheKitsList;
    return rows.every((row) => row.state === 'present' || row.state === 'replaced') ? t.inTheKit : t.stillToBeHad;
  };
  return (
    <>
      <Box component="ul" className="cautions" aria-label={t.cautions({ label })} sx={{ mt: 1.5, listStyle: 'none' }}>
        {cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </Box>
      <Fold title={t.howIsDone({ label })} note={t.steps({ n: steps.length })}>
        <ol className="steps">
          {steps.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <ul>
          {parts.map(({ kind, what }) => (
            <li key={what}>
              {what}: <strong>{state(kind)}</strong>
            </li>
          ))}
        </ul>
      </Fold>
    </>
  );
}
