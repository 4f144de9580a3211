import { Box } from '@mui/material';
import type { ReactNode, Ref } from 'react';

interface Props {
  height: number;
  /** the chart, for those who don't see it */ words: string;
  className?: string;
  ref?: Ref<SVGSVGElement>;
  /** what lies over it and can be worked: a cursor */ over?: ReactNode;
  children?: ReactNode;
}

/** What every chart is drawn in: as wide as there is room, with its words, and what lies over it. */
export function ChartFrame({ height, words, className = '', ref, over, children }: Props) {
  return (
    // Before its width is known a cursor may be wider than the page.
    <Box sx={{ position: 'relative', overflow: 'hidden' }}>
      <svg ref={ref} className={`chart ${className}`} width="100%" height={height} role="img" aria-label={words}>
        {children}
      </svg>
      {over}
    </Box>
  );
}
