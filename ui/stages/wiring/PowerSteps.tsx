'use client';
import { powerStepsOf, type PowerStepId } from '../../../core/drawing/wiring/powerSteps';
import { Fold } from '../../components/lists/Fold';
import { useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';

/** What is done before the fuse goes in, one after the other, and how far it is done. */
export function PowerSteps() {
  const { settled, findings } = useWorkspace('settled', 'findings');
  const words: Record<PowerStepId, string> = {
    fuseOut: t.stepFuseOut,
    joined: t.stepJoined,
    labelled: t.stepLabelled,
    polarity: t.stepPolarity,
    guarded: t.stepGuarded,
    released: t.stepReleased,
    fuseIn: t.stepFuseIn,
  };
  return (
    <Fold title={t.inOrder} note={t.inOrderNote}>
      <ol className="power-steps">
        {powerStepsOf(settled, findings).map(({ id, done }) => (
          <li key={id} data-step={id} data-done={done}>
            {words[id]} {done !== null && <strong>{done ? t.stepDone : t.stepOpen}</strong>}
          </li>
        ))}
      </ol>
    </Fold>
  );
}
