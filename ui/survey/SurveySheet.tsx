'use client';
import { valueAt } from '../../core/build/sheets';
import { explain } from '../../core/figures/explain';
import type { DerivedKey } from '../../core/figures/derived';
import { recommendSize, type SizeFacts } from '../../core/heat/recommendSize';
import { useBench, useSay } from '../build/BuildContext';
import { StageSheet } from '../sheet/StageSheet';
import { WorkingBandChart } from './WorkingBandChart';

/** The survey: its figures, and the picture from which both schools of sizing can be argued. */
export function SurveySheet() {
  const { build, who } = useBench();
  const say = useSay();
  const figure = (key: DerivedKey) => explain(build, key).value;
  const [insideC, coldestC, usualNightC] = (['survey.insideC', 'survey.coldestC', 'survey.usualNightC'] as const).map((path) =>
    valueAt(build.sheets, path),
  );
  const [leastKw, mostKw, lossWK, airWK, shortBelowC, sootAboveC] = (
    [
      'heater.outputMinKw',
      'heater.outputMaxKw',
      'survey.lossWK',
      'survey.airLossWK',
      'survey.shortBelowC',
      'survey.sootAboveC',
    ] as const
  ).map(figure);
  const all = {
    insideC,
    coldestC,
    usualNightC,
    leastKw,
    mostKw,
    lossWK,
    shortBelowC,
    sootAboveC,
    airShare: (airWK ?? 0) / (lossWK ?? 1),
  };
  const known = Object.values(all).every((value) => typeof value === 'number');
  const facts = all as SizeFacts & { lossWK: number };
  return (
    <>
      {known && (
        <section aria-label="Does it suit?" style={{ marginBottom: 16 }}>
          <p style={{ fontSize: '1.1rem' }}>
            <strong>{say(recommendSize(facts))}</strong>
          </p>
          <WorkingBandChart facts={facts} taste={who.taste} />
        </section>
      )}
      <StageSheet stage="survey" />
    </>
  );
}
