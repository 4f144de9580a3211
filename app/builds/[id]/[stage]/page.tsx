import { notFound } from 'next/navigation';
import { PrimingView } from '../../../../ui/priming/PrimingView';
import { ProvingSheet } from '../../../../ui/proving/ProvingSheet';
import { HeaterSheet } from '../../../../ui/sheet/HeaterSheet';
import { StageSheet } from '../../../../ui/sheet/StageSheet';
import { SignoffView } from '../../../../ui/signoff/SignoffView';
import { StartView } from '../../../../ui/startup/StartView';

export default async function Stage({ params }: { params: Promise<{ stage: string }> }) {
  const { stage } = await params;
  switch (stage) {
    case 'heater':
      return <HeaterSheet />;
    case 'fuel':
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
      return notFound();
  }
}
