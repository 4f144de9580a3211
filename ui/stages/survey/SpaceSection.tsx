'use client';
import { sections } from '../../../core/build/sections';
import { roughAreas } from '../../../core/model/heat/spaceParts';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { ShapePicker } from './ShapePicker';
import { Suits } from './Suits';

/** The space: four rough areas, or surface by surface. */
export function SpaceSection() {
  const { rows } = useRows('surfaces');
  const { build } = useWorkspace('build');
  const own = rows.length > 0;
  const except: readonly string[] = own ? roughAreas : [];
  return (
    <>
      <Suits build={build} />
      <ShapePicker />
      <FigureTable
        paths={sections.survey.space.figures['Survey sheet'].filter((path) => !except.includes(path))}
        caption="Survey sheet"
      />
      <Fold
        key={String(own)}
        title={own ? `The space by its ${rows.length} surfaces` : 'The space surface by surface'}
        startOpen={own}
      >
        {own && <p className="soft">These count in place of the four rough areas.</p>}
        <RowList
          list="surfaces"
          main={['name', 'kind', 'lengthM', 'heightM', 'pieces']}
          more={['layers', 'glazing', 'within', 'toward']}
          fresh={() => ({ name: `surface ${rows.length + 1}`, pieces: 1, toward: 'outside' })}
          hide={(row, column) =>
            (column === 'glazing' && row.kind !== 'window') ||
            (column === 'within' && row.kind !== 'window' && row.kind !== 'door')
          }
        />
      </Fold>
      <DerivedFigures keys={['survey.lossWK', 'survey.fabricLossWK', 'survey.airLossWK']} />
    </>
  );
}
