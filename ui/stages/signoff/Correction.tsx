import { Button } from '@mui/material';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';
import { ReasonForm } from './ReasonForm';

/** Unlocks a signed build, for a reason. */
export function Correction() {
  const { correcting, setCorrecting, settled } = useWorkspace('correcting', 'setCorrecting', 'settled');
  if (correcting !== null)
    return (
      <div className="banner">
        <strong>{t.correcting({ correcting })}</strong>
        <p>{t.figuresCanBeChangedNowEach}</p>
        <Button onClick={() => setCorrecting(null)}>{t.lockItAgain}</Button>
      </div>
    );
  return (
    <ReasonForm
      keptAs={`${settled.id}:correction`}
      title={t.correctASignedBuild}
      label={t.reasonForTheCorrection}
      action={t.unlockForACorrection}
      onReason={(reason) => {
        setCorrecting(reason);
        return [];
      }}
    />
  );
}
