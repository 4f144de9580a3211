'use client';
import { FuelSheet } from '../stages/fuel/FuelSheet';
import { KitSheet } from '../stages/kit/KitSheet';
import { PrimingView } from '../stages/priming/PrimingView';
import { ProvingSheet } from '../stages/proving/ProvingSheet';
import { HeaterSheet } from '../stages/heater/HeaterSheet';
import { SitingSheet } from '../stages/siting/SitingSheet';
import { StageSheet } from '../stages/StageSheet';
import { SignoffView } from '../stages/signoff/SignoffView';
import { StartView } from '../stages/startup/StartView';
import { SurveySheet } from '../stages/survey/SurveySheet';

/** The sheet of a stage. */
export function StageView({ stage }: { stage: string }) {
  switch (stage) {
    case 'heater':
      return <HeaterSheet />;
    case 'survey':
      return <SurveySheet />;
    case 'kit':
      return <KitSheet />;
    case 'siting':
      return <SitingSheet />;
    case 'air':
    case 'wiring':
      return <StageSheet key={stage} stage={stage} />;
    case 'priming':
      return <PrimingView />;
    case 'startup':
      return <StartView />;
    case 'proving':
      return <ProvingSheet />;
    case 'signoff':
      return <SignoffView />;
    default:
      return <FuelSheet />;
  }
}
