'use client';
import { Box, Drawer, IconButton } from '@mui/material';
import { X } from 'lucide-react';
import { LedgerRoll } from './LedgerRoll';

/** The whole ledger, from the side. */
export function LedgerDrawer({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Drawer
      anchor="right"
      open={open}
      onClose={onClose}
      slotProps={{ paper: { className: 'ledger-drawer', 'aria-label': 'Ledger' } }}
    >
      <Box className="inline" sx={{ justifyContent: 'space-between', padding: 1.5 }}>
        <h2>Ledger</h2>
        <IconButton aria-label="Close the ledger" onClick={onClose}>
          <X size={22} />
        </IconButton>
      </Box>
      <LedgerRoll />
    </Drawer>
  );
}
