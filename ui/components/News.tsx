'use client';
import { Snackbar } from '@mui/material';

/** How long short news stands, ms. */
const standsMs = 6000;

/** Short news at the foot of the page, gone by itself. */
export function News({ children, onGone }: { children: string; onGone: () => void }) {
  return (
    <Snackbar
      open
      autoHideDuration={standsMs}
      onClose={(_event, reason) => reason === 'timeout' && onGone()}
      message={children}
      slotProps={{ content: { role: 'status' } }}
    />
  );
}
