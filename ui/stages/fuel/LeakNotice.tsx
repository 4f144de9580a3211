'use client';
import { upperFirst } from '../../../core/units/formatNumber';
import { leakDue, type LeakLook } from '../../../core/model/fuel/leakDue';
import { useNow } from '../../components/useNow';
import { useWorkspace } from '../../sync/useWorkspace';
import { fuel as t } from '../../texts/en/fuel';
import { dayAndTime } from '../../texts/when';

/** What is to be done at a joint next. */
const looks = { wipe: 'wipeItDry', warm: 'lookWithTheHeaterWarm', night: 'lookAfterTheNight' } as const;
export const lookText = (look: LeakLook): string => t[looks[look]];

/** What is due at the joints, on whatever sheet. */
export function LeakNotice() {
  const { settled } = useWorkspace('settled');
  const now = useNow();
  const due = leakDue(settled);
  if (!due || now === null || now < due.dueMs) return null;
  return (
    <div className="banner" role="note" aria-label={t.jointsToBeLookedAt}>
      <strong>{upperFirst(lookText(due.look))}</strong> {t.atJoints({ joints: due.joints })}{' '}
      {due.joints === 1 ? t.joint : t.joints} {t.ofTheFuelLineDueSince({ dueMs: dayAndTime(due.dueMs) })}
    </div>
  );
}
