import { Box, Button, Dialog } from '@mui/material';
import { useId, type ReactNode } from 'react';

/** A form in a dialog: its title, what is asked, and two keys below. */
export function DialogForm({
  title,
  action,
  leave,
  onSend,
  onClose,
  children,
}: {
  title: string;
  /** on the key that sends it */ action: string;
  /** on the key that leaves all as it is */ leave: string;
  onSend: () => void;
  onClose: () => void;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby={id}>
      <Box
        component="form"
        className="stack"
        sx={{ padding: 2.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          onSend();
        }}
      >
        <h2 id={id}>{title}</h2>
        {children}
        <div className="inline">
          <Button type="submit" variant="contained">
            {action}
          </Button>
          <Button variant="text" onClick={onClose}>
            {leave}
          </Button>
        </div>
      </Box>
    </Dialog>
  );
}
