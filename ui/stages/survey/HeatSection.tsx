'use client';
import { useMemo } from 'react';
import { sections } from '../../../core/build/sections';
import { surveyPicture } from '../../../core/drawing/survey/surveyPicture';
import { needsText } from '../../../core/wording/needsText';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { useWorkspace } from '../../sync/useWorkspace';
import { HeatWays } from './HeatWays';
import { SpreadView } from './SpreadView';

const group = 'How well each thing is known';
const paths = sections.survey.heat.figures[group];

/** Where the heat goes, how fast the space warms, and how surely that is known. */
export function HeatSection() {
  const { build } = useWorkspace('build');
  const picture = useMemo(() => surveyPicture(build), [build]);
  return (
    <>
      {'facts' in picture ? (
        <>
          <h3>Where the heat goes</h3>
          <HeatWays ways={picture.ways} />
          <h3>From cold to warm, and how surely</h3>
          <SpreadView facts={picture.spread} />
        </>
      ) : (
        <p className="soft">Before it can be told where the heat goes: {needsText(picture.missing)}</p>
      )}
      <Fold title={group} note="the usual spread where nothing is given" holds={paths}>
        <FigureTable paths={paths} caption={group} />
      </Fold>
    </>
  );
}
