import { levelWords, type Level } from '../../../core/checks/Finding';
import { frame as t } from '../../texts/en/frame';

interface Glyph {
  level: Level;
  /** it is told on assumed figures: the same shape, dotted and empty */ assumed?: boolean | undefined;
  size?: number;
  x?: number;
  y?: number;
}
/** Outlines of the shapes, for what holds only if something is as assumed. */
const outlines: Readonly<Record<Level, string>> = {
  stop: 'M1,1H13V13H1Z M4,7H10',
  fix: 'M2,2H12V12H2Z',
  watch: 'M2,2H12V12H2Z M3,11L11,3',
  open: 'M4,1V13M10,1V13',
  sound: 'M7,1V13',
};

/** A level's own shape: solid bar, solid block, hatched block, double rule, thin rule. Never colour alone. */
export function LevelGlyph({ level, assumed = false, size = 14, x, y }: Glyph) {
  const s = size;
  const paint = `var(--${level === 'open' ? 'ink' : level})`;
  if (assumed)
    return (
      <svg className="glyph" width={s} height={s} viewBox="0 0 14 14" x={x} y={y} aria-hidden>
        <path d={outlines[level]} fill="none" stroke={paint} strokeWidth="2" strokeDasharray="2 1.6" />
      </svg>
    );
  return (
    <svg className="glyph" width={s} height={s} viewBox="0 0 14 14" x={x} y={y} aria-hidden>
      {level === 'stop' && <path d="M0,0H14V14H0Z M3,6H11V8H3Z" fill={paint} fillRule="evenodd" />}
      {level === 'fix' && <path d="M2,2H12V12H2Z" fill={paint} />}
      {level === 'watch' && (
        <g fill="none" stroke={paint} strokeWidth="1.6">
          <path d="M2,2H12V12H2Z" />
          <path d="M2,8L8,2M4,12L12,4M9,12L12,9" />
        </g>
      )}
      {level === 'open' && <path d="M4,1V13M10,1V13" stroke={paint} strokeWidth="2.4" />}
      {level === 'sound' && <path d="M7,1V13" stroke={paint} strokeWidth="1.6" />}
    </svg>
  );
}

export function LevelMark({ level, waived = false, assumed = false }: { level: Level; waived?: boolean; assumed?: boolean }) {
  return (
    <span className={`level level-${waived ? 'watch' : level}`}>
      <LevelGlyph level={waived ? 'watch' : level} assumed={assumed} />
      {waived ? t.waived : assumed ? t.ifAsAssumed({ level: levelWords[level] }) : levelWords[level]}
    </span>
  );
}
