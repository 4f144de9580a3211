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
import { survey as t } from '../../texts/en/survey';

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
          <h3>{t.whereTheHeatGoes}</h3>
          <HeatWays ways={picture.ways} />
          <h3>{t.fromColdToWarmAndHow}</h3>
          <SpreadView facts={picture.spread} />
        </>
      ) : (
        <p className="soft">{t.beforeItCanBeToldWhere({ missing: needsText(picture.missing) })}</p>
      )}
      <Fold title={t.howWellEachThingIsKnown} note={t.theUsualSpreadWhereNothingIs} holds={paths}>
        <FigureTable paths={paths} caption={t.howWellEachThingIsKnown} />
      </Fold>
    </>
  );
}
