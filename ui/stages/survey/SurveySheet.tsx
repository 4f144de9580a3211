'use client';
import { Box } from '@mui/material';
import { needsText } from '../../../core/wording/needsText';
import { useMemo, useState } from 'react';
import { figurePaths } from '../../../core/build/sheets';
import { recommendSize } from '../../../core/model/heat/recommendSize';
import { roughAreas } from '../../../core/model/heat/spaceParts';
import { compareHeaters } from '../../../core/drawing/survey/compareHeaters';
import { surveyPicture } from '../../../core/drawing/survey/surveyPicture';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { FigureTable } from '../../components/cells/FigureTable';
import { StageSheet } from '../StageSheet';
import { HeatWays } from './HeatWays';
import { HeaterChoice } from './HeaterChoice';
import { ShapePicker } from './ShapePicker';
import { SpreadView } from './SpreadView';
import { WorkingBandChart } from '../../charts/WorkingBandChart';

const paths = (sheet: string) => figurePaths.filter((path) => path.startsWith(`${sheet}.`));

/** The survey: the space, the nights, the heaters; and the pictures from which both practices of sizing can be argued. */
export function SurveySheet() {
  const { build, who } = useWorkspace('build', 'who');
  const say = useSay();
  const { rows } = useRows('surfaces');
  const [chosen, setLooked] = useState<string | null>(null);
  const heaters = useMemo(() => compareHeaters(build), [build]);
  const looked = heaters.find(({ id }) => id === chosen) ?? heaters[0];
  const picture = useMemo(() => surveyPicture(looked?.build ?? build), [looked, build]);
  const own = rows.length > 0;
  return (
    <>
      <h2 className="visually-hidden">Does it suit?</h2>
      {'facts' in picture ? (
        <Box component="section" aria-label="Does it suit?" sx={{ mb: 2 }}>
          <Box component="p" sx={{ fontSize: '1.1rem' }}>
            <strong>{say(recommendSize(picture.facts))}</strong>
          </Box>
          <WorkingBandChart facts={picture.facts} unitPreferences={who.unitPreferences} />
        </Box>
      ) : (
        <Box component="p" className="soft" sx={{ mb: 1.5 }}>
          Before it can be told whether this heater suits: {needsText(picture.missing)}
        </Box>
      )}
      <HeaterChoice heaters={heaters} looked={looked?.id ?? null} onLook={setLooked} />
      {'facts' in picture && (
        <section aria-label="Where the heat goes, and how surely">
          <Box component="h3" sx={{ mt: 2.75 }}>
            Where the heat goes
          </Box>
          <HeatWays ways={picture.ways} />
          <Box component="h3" sx={{ mt: 2.75 }}>
            From cold to warm, and how surely
          </Box>
          <SpreadView facts={picture.spread} />
          <details className="row-more">
            <summary>How well each thing is known</summary>
            <FigureTable paths={paths('uncertainties')} caption="Ranges" />
          </details>
        </section>
      )}
      <ShapePicker />
      <Box component="details" className="row-more" open={own} sx={{ mb: 2.5 }}>
        <summary>{own ? `The space by its ${rows.length} surfaces` : 'The space surface by surface'}</summary>
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
      </Box>
      <StageSheet stage="survey" except={own ? roughAreas : []} more={paths('people')} />
    </>
  );
}
