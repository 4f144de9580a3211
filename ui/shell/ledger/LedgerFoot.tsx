'use client';
import { Button } from '@mui/material';
import { ScrollText } from 'lucide-react';
import { useState } from 'react';
import { describeRow } from '../../../core/ledger/describeRow';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { commandBody } from './commandBody';
import { later } from '../../components/later';
import { QuickEntry } from './QuickEntry';
import { ledger as t } from '../../texts/en/ledger';
import { timeOfDay } from '../../texts/when';

const LedgerDrawer = later(() => import('./LedgerDrawer').then((m) => m.LedgerDrawer));

/** The last thing that was entered: on its way still, or kept. */
function LastEntry() {
  const { rows, waiting, settled } = useWorkspace('rows', 'waiting', 'settled');
  const say = useSay();
  const sent = waiting[waiting.length - 1];
  const row = rows[rows.length - 1];
  if (sent)
    return (
      <span className="ledger-last" data-waiting={waiting.length}>
        … <i>{say(describeRow({ kind: sent.command.kind, body: commandBody(sent.command, settled) }))}</i>
      </span>
    );
  if (!row) return <span className="ledger-last">{t.nothingEnteredYet}</span>;
  return (
    <span className="ledger-last" data-seq={row.seq}>
      <span className="soft">{timeOfDay(row.at)}</span> {say(describeRow(row))}{' '}
      <span className="soft">· {row.by.split(' ')[0]}</span>
    </span>
  );
}

/** The ledger at the foot: its last line, which opens the roll, and the line for quick entry. */
export function LedgerFoot() {
  const [open, setOpen] = useState(false);
  // Once it was asked for it stays, so that it can slide away.
  const [wanted, setWanted] = useState(false);
  const show = () => {
    setWanted(true);
    setOpen(true);
  };
  return (
    <section className="workspace-ledger" aria-label={t.ledger}>
      <Button variant="text" className="ledger-open" aria-label={t.openTheLedger} onClick={show}>
        <ScrollText size={20} aria-hidden />
        <LastEntry />
      </Button>
      <QuickEntry />
      {wanted && <LedgerDrawer open={open} onClose={() => setOpen(false)} />}
    </section>
  );
}
