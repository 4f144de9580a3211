'use client';
import { leakDue, type LeakLook } from '../../../core/model/fuel/leakDue';
import { useNow } from '../../components/useNow';
import { useWorkspace } from '../../sync/useWorkspace';
import { fuel as t } from '../../texts/en/fuel';
import { dayAndTime } from '../../texts/when';

export const looks: Record<LeakLook, string> = {
  get wipe() {
    return t.wipeItDry;
  },
  get warm() {
    return t.lookWithTheHeaterWarm;
  },
  get night() {
    return t.lookAfterTheNight;
  },
};

/** What is due at the joints, on whatever sheet. */
export function LeakNotice() {
  const { settled } = useWorkspace('settled');
  const now = useNow();
  const due = leakDue(settled);
  if (!due || now === null || now < due.dueMs) return null;
  return (
    <div className="banner" role="note" aria-label={t.jointsToBeLookedAt}>
      <strong>{looks[due.look].replace(/^./, (c) => c.toUpperCase())}</strong> {t.atJoints({ joints: due.joints })}{' '}
      {due.joints === 1 ? t.joint : t.joints} {t.ofTheFuelLineDueSince({ dueMs: dayAndTime(due.dueMs) })}
    </div>
  );
}
