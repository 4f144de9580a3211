'use client';
import { Button } from '@mui/material';
import { pages as t } from '../ui/texts/en/pages';

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <main className="page">
      <h1>{t.thisPageCouldNotBeShown}</h1>
      <p>{t.whatWasKeptIsSafeWhat}</p>
      <p>
        <Button sx={{ marginTop: '14px' }} onClick={reset}>
          {t.tryAgain}
        </Button>
      </p>
    </main>
  );
}
