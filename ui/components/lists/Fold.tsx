'use client';
import { Accordion, AccordionDetails, AccordionSummary } from '@mui/material';
import { ChevronDown } from 'lucide-react';
import { useEffect, useState, type ReactNode } from 'react';
import type { FigurePath } from '../../../core/build/sheets';
import { figureAsked } from '../StageLink';

const asked = (holds: readonly FigurePath[] | undefined) =>
  holds?.includes(decodeURIComponent(window.location.hash.slice(1)) as FigurePath) ?? false;

/** A part of a section that can be folded away; its heading says how much is in it. It opens by itself for a figure that is asked for. */
export function Fold({
  title,
  note,
  startOpen = false,
  holds,
  children,
}: {
  title: string;
  note?: string;
  startOpen?: boolean;
  /** the figures in it */ holds?: readonly FigurePath[];
  children: ReactNode;
}) {
  // Held here, or the first row put in would fold it shut under the hand.
  const [open, setOpen] = useState(() => startOpen || asked(holds));
  useEffect(() => {
    const look = () => asked(holds) && setOpen(true);
    window.addEventListener(figureAsked, look);
    return () => window.removeEventListener(figureAsked, look);
  }, [holds]);
  return (
    <Accordion
      className="fold"
      expanded={open}
      onChange={(_event, next) => setOpen(next)}
      slotProps={{ transition: { unmountOnExit: true, timeout: 0 }, heading: { component: 'h3' } }}
    >
      <AccordionSummary expandIcon={<ChevronDown size={20} />}>
        <span className="inline">
          {title}
          {note && <span className="soft">{note}</span>}
        </span>
      </AccordionSummary>
      <AccordionDetails>{children}</AccordionDetails>
    </Accordion>
  );
}
