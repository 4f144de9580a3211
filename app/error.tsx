'use client';
import { Button } from '@mui/material';

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <main className="page">
      <h1>This page could not be shown</h1>
      <p>What was kept is safe; what you typed waits on this device.</p>
      <p>
        <Button sx={{ marginTop: '14px' }} onClick={reset}>
          Try again
        </Button>
      </p>
    </main>
  );
}
