import { Button } from '@mui/material';
import { pages as t } from '../ui/texts/en/pages';

export default function NotFound() {
  return (
    <main className="page">
      <h1>{t.notHere}</h1>
      <p>{t.thereIsNoSuchPageIn}</p>
      <p>
        <Button sx={{ marginTop: '14px' }} href="/">
          {t.toTheBay}
        </Button>
      </p>
    </main>
  );
}
