import { Box } from '@mui/material';
/** Sentences of what went wrong, told at once to those who listen. */
export function Problems({ all }: { all: readonly string[] }) {
  if (all.length === 0) return null;
  return (
    <Box component="ul" className="error-line" role="alert" sx={{ mt: 1 }}>
      {all.map((problem) => (
        <li key={problem}>{problem}</li>
      ))}
    </Box>
  );
}
