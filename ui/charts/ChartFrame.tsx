import type { ReactNode, Ref } from 'react';

interface Props {
  /** whose width the chart has */ holder: Ref<HTMLDivElement>;
  height: number;
  /** the chart, for those who don't see it */ words: string;
  children: ReactNode;
}

/** What every chart stands in: as wide as there is room, with its words. */
export function ChartFrame({ holder, height, words, children }: Props) {
  return (
    <div ref={holder}>
      <svg className="chart" width="100%" height={height} role="img" aria-label={words}>
        {children}
      </svg>
    </div>
  );
}
