import { Caution } from '../../components/Caution';
import { ReleaseButton } from '../../components/ReleaseButton';
import { DrillingList } from './DrillingList';
import { TemplateLinks } from './TemplateLinks';
import { siting as t } from '../../texts/en/siting';

/** Pilots first, a look underneath, then the saw; and the template at true scale. */
export function DrillingSection() {
  return (
    <>
      <Caution title={t.beforeTheSaw}>{t.batteryEarthOffSomebodyWhoLooks}</Caution>
      <ReleaseButton holdPoint="cutting" label={t.readyToCut} />
      <h3>{t.drillingPlan}</h3>
      <DrillingList />
      <h3>{t.templateAtTrueScale}</h3>
      <TemplateLinks />
    </>
  );
}
