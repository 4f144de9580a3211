'use client';
import { Box, Button, Drawer, IconButton } from '@mui/material';
import { ScrollText, X } from 'lucide-react';
import { format } from 'date-fns';
import { useState } from 'react';
import { describeRow } from '../../../core/ledger/describeRow';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { commandBody } from './commandBody';
import { LedgerRoll } from './LedgerRoll';
import { QuickEntry } from './QuickEntry';

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
  if (!row) return <span className="ledger-last">Nothing entered yet</span>;
  return (
    <span className="ledger-last" data-seq={row.seq}>
      <span className="soft">{format(new Date(row.at), 'HH:mm')}</span> {say(describeRow(row))}{' '}
      <span className="soft">· {row.by.split(' ')[0]}</span>
    </span>
  );
}

/** The ledger at the foot: its last line, which opens the roll, and the line for quick entry. */
export function LedgerFoot() {
  const [open, setOpen] = useState(false);
  return (
    <section className="workspace-ledger" aria-label="Ledger">
      <Button variant="text" className="ledger-open" aria-label="Open the ledger" onClick={() => setOpen(true)}>
        <ScrollText size={20} aria-hidden />
        <LastEntry />
      </Button>
      <QuickEntry />
      <Drawer
        anchor="right"
        open={open}
        onClose={() => setOpen(false)}
        slotProps={{ paper: { className: 'ledger-drawer', 'aria-label': 'Ledger' } }}
      >
        <Box className="inline" sx={{ justifyContent: 'space-between', padding: 1.5 }}>
          <h2>Ledger</h2>
          <IconButton aria-label="Close the ledger" onClick={() => setOpen(false)}>
            <X size={22} />
          </IconButton>
        </Box>
        <LedgerRoll />
      </Drawer>
    </section>
  );
}
