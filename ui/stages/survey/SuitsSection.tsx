'use client';
import { useMemo, useState } from 'react';
import { compareHeaters } from '../../../core/drawing/survey/compareHeaters';
import { stageFigures } from '../../../core/figures/stageFigures';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { useWorkspace } from '../../sync/useWorkspace';
import { HeaterChoice } from './HeaterChoice';
import { Suits } from './Suits';
import { survey as t } from '../../texts/en/survey';

/** Whether a heater suits its space and its nights, and how others would. */
export function SuitsSection() {
  const { build } = useWorkspace('build');
  const [chosen, setLooked] = useState<string | null>(null);
  const heaters = useMemo(() => compareHeaters(build), [build]);
  const looked = heaters.find(({ id }) => id === chosen) ?? heaters[0];
  return (
    <>
      <Suits build={looked?.build ?? build} />
      <HeaterChoice heaters={heaters} looked={looked?.id ?? null} onLook={setLooked} />
      <DerivedFigures keys={stageFigures.survey ?? []} />
      <Caution>{t.aHeaterThatDoesntSuitIts({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
