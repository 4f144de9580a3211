'use client';
import { sections } from '../../../core/build/sections';
import { FigureTable } from '../../components/cells/FigureTable';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';
import { roleMay } from '../../../core/people/roles';
import { OwnerLinks } from './OwnerLinks';
import { OwnerPapers } from './OwnerPapers';

/** What the owner was told, what stands where it is needed, and what the owner leaves with. */
export function HandoverSection() {
  const { link, waiting, who } = useWorkspace('link', 'waiting', 'who');
  return (
    <>
      <p className="soft">{t.handoverIntro}</p>
      <FigureTable paths={sections.signoff.handover.figures['Hand-over']} caption={t.handover} />
      {waiting.length === 0 && link === 'kept' && (
        <>
          <OwnerPapers />
          {roleMay(who.role, 'work') && <OwnerLinks />}
        </>
      )}
    </>
  );
}
