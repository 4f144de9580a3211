'use client';
import { Box, Button } from '@mui/material';
import { holdPointSteps, stageIds, type StageId } from '../../core/build/stages';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { isReleasable } from '../../core/checks/holdPointState';
import { nextHoldPoint, signState } from '../../core/checks/progress';
import { FindingList } from '../components/findings/FindingList';
import { LedgerRoll } from './ledger/LedgerRoll';
import { QuickEntry } from './ledger/QuickEntry';
import { LeakNotice } from '../stages/fuel/LeakWatch';
import { LineProvider } from '../components/line/LineContext';
import { CureNotice } from '../stages/siting/CureNotice';
import { RunView } from '../charts/run/RunView';
import { ShortcutHelp } from './ShortcutHelp';
import { ThemeSwitch } from './ThemeSwitch';
import { Banners } from './Banners';
import { ClaimsNotice } from './ClaimsNotice';
import { useWorkspace } from '../sync/useWorkspace';
import { ReleaseDialog } from '../components/ReleaseDialog';
import { StageLink } from '../components/StageLink';
import { StageView } from './StageView';
import { Dipstick } from './Dipstick';

/** A build's page: dipstick at the edge, the run across the top, sheet and findings beneath it, the ledger at the foot. */
export function WorkspaceLayout() {
  const { build, settled, findings, who, waiting } = useWorkspace('build', 'settled', 'findings', 'who', 'waiting');
  const stage = usePathname().split('/')[3] ?? 'fuel';
  const isStage = stageIds.includes(stage as StageId);
  const holdPoint = nextHoldPoint(settled);
  const [release, setReleasing] = useState(false);
  const signed = signState(settled);
  return (
    <LineProvider>
      <div className="workspace">
        <Dipstick stage={stage} />
        <header className="workspace-head">
          <h1>{build.identity.name}</h1>
          <span className="what soft">{build.identity.what}</span>
          {build.identity.invented && <span className="invented">invented</span>}
          <Button
            href={`/builds/${build.id}/heater`}
            variant="text"
            component={StageLink}
            sx={{ display: 'inline-flex', alignItems: 'center', whiteSpace: 'nowrap' }}
          >
            heater &amp; conditions
          </Button>
          <p className="next">
            {signed === 'signed' ? (
              <strong>Signed and locked</strong>
            ) : signed === 'corrected' ? (
              <strong>Corrected since it was signed</strong>
            ) : holdPoint ? (
              <>
                Next hold point:{' '}
                {isReleasable(holdPoint) ? (
                  <Button variant="text" onClick={() => setReleasing(true)}>
                    <strong>{holdPointSteps[holdPoint]}</strong>
                  </Button>
                ) : (
                  <strong>{holdPointSteps[holdPoint]}</strong>
                )}
              </>
            ) : (
              <strong>Ready for the signature</strong>
            )}
          </p>
          {waiting.length > 0 ? (
            <strong className="unsent" role="status">
              {waiting.length} not sent yet
            </strong>
          ) : (
            <Box component="span" className="soft who" sx={{ whiteSpace: 'nowrap' }}>
              {who.name}
            </Box>
          )}
          <ThemeSwitch />
          <ShortcutHelp />
        </header>
        {release && holdPoint && isReleasable(holdPoint) && (
          <ReleaseDialog holdPoint={holdPoint} onClose={() => setReleasing(false)} />
        )}
        <section className="workspace-run" aria-label="The run">
          <RunView stage={stage} />
        </section>
        <div className="workspace-work">
          <main className="workspace-sheet">
            <Banners />
            <ClaimsNotice />
            {stage !== 'siting' && <CureNotice />}
            {stage !== 'fuel' && <LeakNotice />}
            <StageView stage={stage} />
          </main>
          <aside className="workspace-side" aria-label="Findings and ledger">
            <div className="workspace-findings" tabIndex={-1}>
              {isStage ? (
                <FindingList findings={findings.filter((c) => c.stage === stage)} />
              ) : (
                <FindingList
                  findings={findings.filter((c) => c.level === 'stop' || (c.level === 'fix' && !c.waived))}
                  empty="Nothing at stop, nothing to fix."
                />
              )}
            </div>
            <section className="workspace-ledger" aria-label="Ledger">
              <LedgerRoll />
              <QuickEntry />
            </section>
          </aside>
        </div>
      </div>
    </LineProvider>
  );
}
