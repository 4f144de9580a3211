'use client';
import { Button, IconButton } from '@mui/material';
import { EllipsisVertical } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { type SheetId } from '../../core/build/sections';
import { placeHref } from '../../core/build/places';
import { holdPointSteps } from '../../core/build/stages';
import { holdPointState, isReleasable } from '../../core/checks/holdPointState';
import { nextHoldPoint, signState } from '../../core/checks/progress';
import { ReleaseDialog } from '../components/dialogs';
import { later } from '../components/later';
import { StageLink } from '../components/StageLink';
import { useSmall } from '../components/useSmall';
import { useWorkspace } from '../sync/useWorkspace';
import { ShortcutHelp } from './ShortcutHelp';
import { StageMenu } from './StageMenu';
import { ThemeSwitch } from './ThemeSwitch';
import { workspace as t } from '../texts/en/workspace';

const HeadMenu = later(() => import('./HeadMenu').then((m) => m.HeadMenu));

/** The next step that can't be undone: what it is, and what it waits for. */
function useNext() {
  const { settled, findings } = useWorkspace('settled', 'findings');
  const [open, setOpen] = useState(false);
  const holdPoint = nextHoldPoint(settled);
  const signed = signState(settled);
  const releasable = signed === 'unsigned' && holdPoint !== null && isReleasable(holdPoint) ? holdPoint : null;
  const held = releasable ? holdPointState(settled, findings, releasable).stops.length : 0;
  const words =
    signed === 'signed'
      ? t.signedAndLocked
      : signed === 'corrected'
        ? t.correctedSinceItWasSigned
        : holdPoint
          ? holdPointSteps[holdPoint]
          : t.readyForTheSignature;
  return { words, held, waits: signed === 'unsigned' && holdPoint !== null, releasable, open, setOpen };
}

/** The head of a build: its name, the next hold point, who works; on a phone one row with the stage as a menu. */
export function WorkspaceHead({ sheet }: { sheet: SheetId }) {
  const { build, who, waiting } = useWorkspace('build', 'who', 'waiting');
  const next = useNext();
  const small = useSmall();
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const unsent = waiting.length > 0 && (
    <strong className="unsent" role="status">
      {t.notSentYet({ n: waiting.length })}
    </strong>
  );
  const dialog = next.open && next.releasable && (
    <ReleaseDialog holdPoint={next.releasable} onClose={() => next.setOpen(false)} />
  );
  if (small)
    return (
      <header className="workspace-head">
        <Link className="dip-home" prefetch={false} href="/" aria-label={t.bay}>
          <span className="dip-ring" aria-hidden />
        </Link>
        <h1>{build.identity.name}</h1>
        {unsent}
        <StageMenu sheet={sheet} />
        <IconButton aria-label={t.more2} aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
          <EllipsisVertical size={22} />
        </IconButton>
        {menu && (
          <HeadMenu
            anchor={menu}
            next={next.words}
            waits={next.waits}
            onNext={next.releasable && (() => next.setOpen(true))}
            onClose={() => setMenu(null)}
          />
        )}
        {dialog}
      </header>
    );
  return (
    <header className="workspace-head">
      <h1>{build.identity.name}</h1>
      <span className="what soft">{build.identity.what}</span>
      {build.identity.invented && <span className="invented">{t.invented}</span>}
      <Button href={`/builds/${build.id}/measure`} variant="text" component={StageLink} className="to-heater">
        {t.toMeasure}
      </Button>
      <Button href={`/builds/${build.id}/heater`} variant="text" component={StageLink} className="to-heater">
        {t.heaterConditions}
      </Button>
      <Button
        href={placeHref(build.id, { sheet: 'signoff', section: 'papers' })}
        variant="text"
        component={StageLink}
        className="to-heater"
      >
        {t.papers}
      </Button>
      <p className="next">
        {next.waits && t.nextHoldPoint2}
        {next.releasable ? (
          <Button variant="text" onClick={() => next.setOpen(true)}>
            <strong>{next.words}</strong>
            {next.held > 0 && <span className="level level-stop">{t.heldBy({ held: next.held })}</span>}
          </Button>
        ) : (
          <strong>{next.words}</strong>
        )}
      </p>
      {unsent || <span className="soft who">{who.name}</span>}
      <ThemeSwitch />
      <ShortcutHelp />
      {dialog}
    </header>
  );
}
