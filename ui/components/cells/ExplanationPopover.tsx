'use client';
import { Popover } from '@mui/material';
import { figures } from '../../../core/figures/figures';
import type { FigureId } from '../../../core/reading/figureIds';
import { Explanation } from './Explanation';
import { parts as t } from '../../texts/en/parts';

/** How a computed figure came to be, beside the figure. */
export function ExplanationPopover({ of, anchor, onClose }: { of: FigureId; anchor: HTMLElement; onClose: () => void }) {
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{ paper: { 'aria-label': t.howThisIsComputed, role: 'dialog' } }}
    >
      <Explanation start={of} label={figures[of].label} />
    </Popover>
  );
}
