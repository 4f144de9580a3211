import type { ReactNode, Ref } from 'react';

interface Props {
  height: number;
  /** the chart, for those who don't see it */ words: string;
  className?: string;
  ref?: Ref<SVGSVGElement>;
  children?: ReactNode;
}

/** What every chart is drawn in: as wide as there is room, with its words. */
export function ChartFrame({ height, words, className = '', ref, children }: Props) {
  return (
    <svg ref={ref} className={`chart ${className}`} width="100%" height={height} role="img" aria-label={words}>
      {children}
    </svg>
  );
}
