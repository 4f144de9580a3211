'use client';
import { Button } from '@mui/material';
import type { Choice } from '../../core/commands/define';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import { describeRow } from '../../core/ledger/describeRow';
import { commandBody } from './ledger/commandBody';
import { useWorkspace, useSay } from '../sync/useWorkspace';
import type { Held, Shelved } from '../sync/Waiting';
import { workspace as t } from '../texts/en/workspace';
import { dayAndTime } from '../texts/when';

const shown = (value: number | string | null) => (value === null ? t.empty : String(value));

/** An entry that the server did not take: value by value theirs or one's own, or thrown away; never gone by itself. */
function HeldEntry({ held }: { held: Shelved<Held> }) {
  const { settleHeld, settled } = useWorkspace('settleHeld', 'settled');
  const say = useSay();
  const { clashes, errors, command, madeAt } = held.entry;
  const [choices, setChoices] = useState<Record<string, Choice>>({});
  const open = clashes.filter(({ key }) => !choices[key]).length;
  if (clashes.length === 0)
    return (
      <div className="banner bad" role="alert">
        <strong>{t.notTaken}</strong> {say(describeRow({ kind: command.kind, body: commandBody(command, settled) }))}{' '}
        <span className="soft">{t.entered({ madeAt: dayAndTime(madeAt) })}</span>
        <ul>
          {errors.map((error) => (
            <li key={error}>{say(error)}</li>
          ))}
        </ul>
        <Button onClick={() => settleHeld(held, {})}>{t.seenThrowThisEntryAway}</Button>
      </div>
    );
  return (
    <div className="banner bad" role="alertdialog" aria-label={t.changedBySomebodyElse}>
      <strong>{t.changedBySomebodyElseMeanwhileWhose}</strong>
      {clashes.map((clash) => (
        <fieldset key={clash.key} className="clash">
          <legend>{clash.label}</legend>
          {(['theirs', 'yours'] as const).map((choice) => (
            <Button
              key={choice}
              aria-pressed={choices[clash.key] === choice}
              onClick={() => setChoices((old) => ({ ...old, [clash.key]: choice }))}
            >
              <b className="mono">{shown(choice === 'theirs' ? clash.theirs : clash.yours)}</b>
              <span>
                {choice === 'theirs'
                  ? clash.from
                    ? `${clash.from.by}, ${dayAndTime(clash.from.at)}`
                    : t.theirs
                  : t.you({ madeAt: dayAndTime(madeAt) })}
              </span>
            </Button>
          ))}
        </fieldset>
      ))}
      <Button variant="contained" disabled={open > 0} onClick={() => settleHeld(held, choices)}>
        {open > 0 ? t.choose({ more: open === clashes.length && open === 1 ? t.one : t.more({ open }) }) : t.keepThese}
      </Button>
    </div>
  );
}

/** What stands between a person's work and its being kept: no way through, a clash, a refusal. */
export function Banners() {
  const { link, waiting, others, storeFull, held } = useWorkspace('link', 'waiting', 'others', 'storeFull', 'held');
  const path = usePathname();
  const one = waiting.length === 1;
  const wait =
    waiting.length === 0
      ? t.whatYouEnterIsKeptOn
      : t.nMoreIn({ n: waiting.length, more: one ? t.entryWaitsOnThisDeviceAnd : t.entriesWaitOnThisDeviceAnd });
  return (
    <div aria-live="polite">
      {link === 'signed-out' && (
        <div className="banner bad">
          <strong>{t.youAreSignedOut}</strong> {t.onceYouSignInAgain({ wait })}{' '}
          <a href={`/sign-in?to=${encodeURIComponent(path)}`}>{t.signIn}</a>
        </div>
      )}
      {link === 'unreachable' && (
        <div className="banner">
          <strong>{t.noWayThroughToTheServer}</strong> {t.asSoonAsThereIsOne({ wait })}
        </div>
      )}
      {storeFull && (
        <div className="banner bad">
          <strong>{t.thisDeviceCantKeepEntries}</strong> {t.leaveThisPageOpenUntilNothing}
        </div>
      )}
      {others.length > 0 && (
        <div className="banner">
          {t.entriesOf} <strong>{others.join(', ')}</strong> {t.waitOnThisDeviceAndGo}
        </div>
      )}
      {held.map((entry) => (
        <HeldEntry key={entry.key} held={entry} />
      ))}
    </div>
  );
}
