'use client';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';

/** Starts that failed in a row, after how many the unit locks, and the way out that its card tells. */
export function WayOut({ failed }: { failed: number }) {
  const { settled } = useWorkspace('settled');
  const after = settled.unitCard?.figures['unit.lockAfter']?.value;
  const { wayOut } = settled.unitCard ?? {};
  return (
    <section aria-label={t.lockOut} className="banner" data-failed={failed}>
      <strong>{t.failedSoFar({ failed })}</strong> {after === undefined ? t.locksUnknown : t.locksAfter({ after })}{' '}
      {t.firstTheCause}
      {wayOut === undefined ? (
        <p className="soft">{t.noWayOut}</p>
      ) : (
        <p>
          {t.wayOutOfIt} <q>{wayOut}</q>
        </p>
      )}
    </section>
  );
}
