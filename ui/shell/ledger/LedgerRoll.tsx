'use client';
import { Box, Button } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import type { LedgerRow } from '../../../core/ledger/chain';
import { describeRow, turnsOf } from '../../../core/ledger/describeRow';
import { saidTimes } from '../../../core/ledger/saidTimes';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { commandBody } from './commandBody';
import { ledger as t } from '../../texts/en/ledger';
import { dateAndTime, dayAndTime, timeOfDay, wholeDay } from '../../texts/when';

/** What is kept of time beside the server's own, where the two differ. */
function TimesOf({ row }: { row: LedgerRow }) {
  const { madeAt, deviceAt, afterOwnAt, clockBackMs } = saidTimes(row);
  return (
    <>
      {madeAt && <span className="soft"> · {t.enteredAt({ when: dayAndTime(madeAt) })}</span>}
      {deviceAt && <strong> · {t.deviceSaid({ when: dateAndTime(deviceAt) })}</strong>}
      {afterOwnAt && <strong> · {t.afterOwn({ when: dayAndTime(afterOwnAt) })}</strong>}
      {clockBackMs !== undefined && <strong> · {t.clockBack({ s: Math.ceil(clockBackMs / 1000) })}</strong>}
    </>
  );
}

/** What happened, newest at the bottom. */
export function LedgerRoll() {
  const { rows, waiting, loadEarlier, settled } = useWorkspace('rows', 'waiting', 'loadEarlier', 'settled');
  const say = useSay();
  const [away, setAway] = useState(false);
  const roll = useRef<HTMLDivElement>(null);
  const newest = rows[rows.length - 1]?.seq ?? 0;
  useEffect(() => {
    if (roll.current) roll.current.scrollTop = roll.current.scrollHeight;
  }, [newest, waiting.length]);
  return (
    <div className="roll" ref={roll} tabIndex={0} role="log" aria-label={t.ledgerEntries}>
      {(rows[0]?.seq ?? 1) > 1 && (
        <Button variant="text" onClick={() => void loadEarlier().then((ok) => setAway(!ok))}>
          {away ? t.noWayThroughToEarlierEntries : t.earlierEntries}
        </Button>
      )}
      <ol>
        {rows.map((row, i) => {
          const day = wholeDay(row.at);
          const before = rows[i - 1];
          const turns = turnsOf(row).filter((turn) => turn.made);
          const cleared = turnsOf(row).filter((turn) => turn.to === 'sound').length;
          return (
            <li key={row.seq} data-seq={row.seq}>
              {(!before || wholeDay(before.at) !== day) && (
                <Box component="span" className="day" sx={{ gridColumn: '1 / -1' }}>
                  {day}
                </Box>
              )}
              <time dateTime={row.at}>{timeOfDay(row.at)}</time>
              <span>
                {say(describeRow(row))} <span className="soft">· {row.by.split(' ')[0]}</span>
                <TimesOf row={row} />
                {turns.length > 0 &&
                  turns.length <= 3 &&
                  turns.map((turn) => (
                    <span key={turn.id} className={`turn level-${turn.to}`}>
                      <LevelGlyph level={turn.to} size={11} /> {turn.id}
                    </span>
                  ))}
                {turns.length > 3 && (
                  <span className="turn level-fix">
                    <LevelGlyph level="fix" size={11} /> {t.findingsMade({ n: turns.length })}
                  </span>
                )}
                {cleared > 0 && (
                  <span className="turn level-sound">
                    <LevelGlyph level="sound" size={11} /> {cleared} {cleared === 1 ? t.finding : t.findings} {t.cleared}
                  </span>
                )}
              </span>
            </li>
          );
        })}
        {waiting.map(({ commandId, command }) => (
          <li key={commandId} className="waiting">
            <span>…</span>
            <span>{t.onItsWay({ value: say(describeRow({ kind: command.kind, body: commandBody(command, settled) })) })}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
