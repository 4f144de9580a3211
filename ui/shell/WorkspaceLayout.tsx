'use client';
import { LedgerFoot } from './ledger/LedgerFoot';
import { SheetFindings } from '../components/findings/SheetFindings';
import { LeakNotice } from '../stages/fuel/LeakNotice';
import { LineProvider } from '../components/line/LineContext';
import { usePlace } from '../components/usePlace';
import { useSmall } from '../components/useSmall';
import { useWorkspace } from '../sync/useWorkspace';
import { CureNotice } from '../stages/siting/CureNotice';
import { RunPane } from '../charts/run/RunPane';
import { AskStep } from './AskStep';
import { Banners } from './Banners';
import { ClaimsNotice } from './ClaimsNotice';
import { Dipstick } from './Dipstick';
import { SectionTabs } from './SectionTabs';
import { StageView } from './StageView';
import { StopLine } from './StopLine';
import { WorkspaceHead } from './WorkspaceHead';
import { workspace as t } from '../texts/en/workspace';

/** A build's page: dipstick at the edge, head, run and sections across the top, section and findings beneath, the ledger at the foot. */
export function WorkspaceLayout() {
  const place = usePlace();
  const { sheet, section } = place;
  const small = useSmall();
  const { settled } = useWorkspace('settled');
  return (
    <LineProvider>
      <div className="workspace">
        {!small && <Dipstick stage={sheet} />}
        <WorkspaceHead sheet={sheet} />
        <RunPane key={`${sheet}/${section}`} place={place} />
        <SectionTabs place={place} />
        <div className="workspace-work">
          <main className="workspace-sheet">
            <Banners />
            <AskStep />
            <StopLine sheet={sheet} />
            {/* Come later it would move the keys below it under a finger. */}
            {(settled.claims ?? []).length > 0 && <ClaimsNotice />}
            {sheet !== 'siting' && <CureNotice />}
            {sheet !== 'fuel' && <LeakNotice />}
            <StageView place={place} />
          </main>
          <aside className="workspace-findings" id="findings" tabIndex={-1} aria-label={t.findings}>
            <SheetFindings key={sheet} place={place} />
          </aside>
        </div>
        <LedgerFoot />
      </div>
    </LineProvider>
  );
}
