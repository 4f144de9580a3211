'use client';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { isGate } from '../../core/checks/gates';
import { momentSteps, stageIds, type StageId } from '../../core/checks/Call';
import { nextMoment, signState } from '../../core/checks/progress';
import { CallList } from '../calls/CallList';
import { LedgerRoll } from '../ledger/LedgerRoll';
import { QuickEntry } from '../ledger/QuickEntry';
import { LeakNotice } from '../fuel/LeakWatch';
import { LineProvider } from '../fuel/LineContext';
import { CureNotice } from '../siting/CureNotice';
import { RunView } from '../run/RunView';
import { ShortcutHelp } from './ShortcutHelp';
import { ThemeSwitch } from '../theme/ThemeSwitch';
import { Banners } from './Banners';
import { ClaimsNotice } from './ClaimsNotice';
import { useBench } from './BuildContext';
import { GateDialog } from './GateDialog';
import { StageLink } from './StageLink';
import { StageView } from './StageView';
import { Dipstick } from './Dipstick';

/** A build's page: dipstick at the edge, the run across the top, sheet and calls beneath it, the ledger at the foot. */
export function BenchLayout() {
  const { build, settled, calls, who, waiting } = useBench();
  const stage = usePathname().split('/')[3] ?? 'fuel';
  const isStage = stageIds.includes(stage as StageId);
  const moment = nextMoment(settled);
  const [gate, setGate] = useState(false);
  const signed = signState(settled);
  return (
    <LineProvider>
      <div className="bench">
        <Dipstick stage={stage} />
        <header className="bench-head">
          <h1>{build.identity.name}</h1>
          <span className="what soft">{build.identity.what}</span>
          {build.identity.invented && <span className="invented">invented</span>}
          <StageLink
            href={`/builds/${build.id}/heater`}
            className="plain-button"
            style={{ display: 'inline-flex', alignItems: 'center', whiteSpace: 'nowrap' }}
          >
            heater &amp; conditions
          </StageLink>
          <p className="next">
            {signed === 'signed' ? (
              <strong>Signed and locked</strong>
            ) : signed === 'corrected' ? (
              <strong>Corrected since it was signed</strong>
            ) : moment ? (
              <>
                Next that can’t be undone:{' '}
                {isGate(moment) ? (
                  <button type="button" className="plain-button" onClick={() => setGate(true)}>
                    <strong>{momentSteps[moment]}</strong>
                  </button>
                ) : (
                  <strong>{momentSteps[moment]}</strong>
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
            <span className="soft who" style={{ whiteSpace: 'nowrap' }}>
              {who.name}
            </span>
          )}
          <ThemeSwitch />
          <ShortcutHelp />
        </header>
        {gate && moment && isGate(moment) && <GateDialog moment={moment} onClose={() => setGate(false)} />}
        <section className="bench-run" aria-label="The run">
          <RunView stage={stage} />
        </section>
        <div className="bench-work">
          <main className="bench-sheet">
            <Banners />
            <ClaimsNotice />
            {stage !== 'siting' && <CureNotice />}
            {stage !== 'fuel' && <LeakNotice />}
            <StageView stage={stage} />
          </main>
          <aside className="bench-side" aria-label="Calls and ledger">
            <div className="bench-calls" tabIndex={-1}>
              {isStage ? (
                <CallList calls={calls.filter((c) => c.stage === stage)} />
              ) : (
                <CallList
                  calls={calls.filter((c) => c.level === 'stop' || (c.level === 'fix' && !c.waived))}
                  empty="Nothing at stop, nothing to put right."
                />
              )}
            </div>
            <section className="bench-ledger" aria-label="Ledger">
              <LedgerRoll />
              <QuickEntry />
            </section>
          </aside>
        </div>
      </div>
    </LineProvider>
  );
}
