'use client';
import { sections } from '../../../core/build/sections';
import { valueAt } from '../../../core/build/sheets';
import { roughAreas } from '../../../core/model/heat/spaceParts';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { drawBody, drawnSurfacesMax } from '../../../core/drawing/form/drawBody';
import { Drawn } from '../../charts/form/DrawnFigures';
import { ShapePicker } from './ShapePicker';
import { Suits } from './Suits';
import { survey as t } from '../../texts/en/survey';

const figures = sections.survey.space.figures['Survey sheet'];

/** The space: four rough areas, or surface by surface. */
export function SpaceSection() {
  const { rows } = useRows('surfaces');
  const { build } = useWorkspace('build');
  const own = rows.length > 0;
  const except: readonly string[] = own ? roughAreas : [];
  return (
    <>
      <Suits build={build} inBrief />
      <Fold
        title={t.aBodyToBeginWith}
        note={t.aRoughAnswerInAMinute}
        startOpen={!own && valueAt(build.sheets, 'survey.wallAreaM2') === null}
      >
        <ShapePicker />
      </Fold>
      <Drawn
        draw={rows.length > drawnSurfacesMax ? null : drawBody}
        title={t.theBodyUnfolded}
        more=": layers, glass, where each leads"
      >
        {(drawn) => (
          <>
            <FigureTable
              paths={figures.filter((path) => !except.includes(path) && !drawn.has(path))}
              caption={own || drawn.size > 0 ? t.coldWarmthAndAir : t.surveySheet}
            />
            <Fold
              key={`${own} ${drawn.size > 0}`}
              title={own ? t.theSpaceByItsSurfaces({ n: rows.length }) : t.theSpaceSurfaceBySurface}
              startOpen={own && drawn.size === 0}
            >
              {own && <p className="soft">{t.theseCountInPlaceOfThe}</p>}
              <RowList
                list="surfaces"
                main={['name', 'kind', 'lengthM', 'heightM', 'pieces']}
                more={['layers', 'glazing', 'within', 'toward']}
                fresh={() => ({ name: t.surface({ n: rows.length + 1 }), pieces: 1, toward: 'outside' })}
                hide={(row, column) =>
                  (column === 'glazing' && row.kind !== 'window') ||
                  (column === 'within' && row.kind !== 'window' && row.kind !== 'door')
                }
              />
            </Fold>
          </>
        )}
      </Drawn>
      <DerivedFigures keys={['survey.lossWK', 'survey.fabricLossWK', 'survey.airLossWK']} />
    </>
  );
}
