'use client';
import { Box, Button, Collapse } from '@mui/material';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { useId, useState, type ReactNode } from 'react';

/** One line that opens on touch; what is in it is drawn when it is open. */
export function Opened({ line, children, startOpen = false }: { line: ReactNode; children: ReactNode; startOpen?: boolean }) {
  const [open, setOpen] = useState(startOpen);
  const id = useId();
  return (
    <div className="opened">
      <Button
        variant="text"
        fullWidth
        className="opened-line"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        endIcon={open ? <ChevronUp size={18} /> : <ChevronDown size={18} />}
      >
        <Box component="span" className="inline" sx={{ gap: 1, flex: 1, textAlign: 'left' }}>
          {line}
        </Box>
      </Button>
      <Collapse in={open} unmountOnExit id={id}>
        {children}
      </Collapse>
    </div>
  );
}
