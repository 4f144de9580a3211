import { Button } from '@mui/material';

export default function NotFound() {
  return (
    <main className="page">
      <h1>Not here</h1>
      <p>There is no such page in this workshop.</p>
      <p>
        <Button sx={{ marginTop: '14px' }} href="/">
          To the bay
        </Button>
      </p>
    </main>
  );
}
