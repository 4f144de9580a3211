'use client';
import { format } from 'date-fns';
import { leakDue, type LeakLook } from '../../../core/model/fuel/leakDue';
import { useNow } from '../../components/useNow';
import { useWorkspace } from '../../sync/useWorkspace';

export const looks: Record<LeakLook, string> = {
  wipe: 'wipe it dry',
  warm: 'look with the heater warm',
  night: 'look after the night',
};

/** What is due at the joints, on whatever sheet. */
export function LeakNotice() {
  const { settled } = useWorkspace('settled');
  const now = useNow();
  const due = leakDue(settled);
  if (!due || now === null || now < due.dueMs) return null;
  return (
    <div className="banner" role="note" aria-label="Joints to be looked at">
      <strong>{looks[due.look].replace(/^./, (c) => c.toUpperCase())}</strong> at {due.joints}{' '}
      {due.joints === 1 ? 'joint' : 'joints'} of the fuel line: due since {format(new Date(due.dueMs), 'd MMM HH:mm')}.
    </div>
  );
}
