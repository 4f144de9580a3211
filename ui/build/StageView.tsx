'use client';
import { FuelSheet } from '../fuel/FuelSheet';
import { KitSheet } from '../kit/KitSheet';
import { PrimingView } from '../priming/PrimingView';
import { ProvingSheet } from '../proving/ProvingSheet';
import { HeaterSheet } from '../sheet/HeaterSheet';
import { SitingSheet } from '../siting/SitingSheet';
import { StageSheet } from '../sheet/StageSheet';
import { SignoffView } from '../signoff/SignoffView';
import { StartView } from '../startup/StartView';
import { SurveySheet } from '../survey/SurveySheet';

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
