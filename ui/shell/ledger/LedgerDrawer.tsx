'use client';
import { Box, Drawer, IconButton } from '@mui/material';
import { X } from 'lucide-react';
import { LedgerRoll } from './LedgerRoll';
import { ledger as t } from '../../texts/en/ledger';

/** The whole ledger, from the side. */
export function LedgerDrawer({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Drawer
      anchor="right"
      open={open}
      onClose={onClose}
      slotProps={{ paper: { className: 'ledger-drawer', 'aria-label': t.ledger } }}
    >
      <Box className="inline" sx={{ justifyContent: 'space-between', padding: 1.5 }}>
        <h2>{t.ledger}</h2>
        <IconButton aria-label={t.closeTheLedger} onClick={onClose}>
          <X size={22} />
        </IconButton>
      </Box>
      <LedgerRoll />
    </Drawer>
  );
}
