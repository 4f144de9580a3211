import { strokesCounted, type PumpingSpell } from '../../../core/physics/fuel/strokesCounted';

/** A run being counted: by the clock while the pump runs at a known rate, or click by click. Kept on this device until it is written down. */
export interface Count {
  by: 'clock' | 'taps';
  frequencyHz: number;
  fromEmpty: boolean;
  spells: PumpingSpell[];
  taps: number;
  /** strokes of earlier runs that it adds to */ before?: number;
  /** the count at which the line is full at the latest; null where that is not known */ high?: number | null;
  /** the count at which a halt was answered; one stroke more and it is back */ haltedAt?: number;
  /** strokes that the ear has heard beyond the clock; they count for the halt */ heardOver?: number;
  /** places on the line at which somebody has seen the fuel come, from the tank on */ seen?: number;
  /** what the build is called, for whoever sees the count from another page */ name?: string;
}
export interface CountOfBuild {
  buildId: string;
  count: Count;
}

const prefix = 'lorbet-priming-';
const listeners = new Set<() => void>();
const tell = () => listeners.forEach((listener) => listener());

function parsed(text: string | null): Count | null {
  try {
    return JSON.parse(text ?? 'null') as Count | null;
  } catch {
    return null;
  }
}

/** Where the device keeps nothing, a count lives as long as its page. */
const unkept = new Map<string, Count>();

/** Counts under way on this device, for every page and every tab of it. */
export const primingCounts = {
  of(buildId: string): Count | null {
    try {
      return unkept.get(buildId) ?? parsed(localStorage.getItem(prefix + buildId));
    } catch {
      return null;
    }
  },
  all(): CountOfBuild[] {
    const kept = (): string[] => {
      try {
        return Object.keys(localStorage).filter((key) => key.startsWith(prefix));
      } catch {
        return [];
      }
    };
    const ids = new Set([...unkept.keys(), ...kept().map((key) => key.slice(prefix.length))]);
    return [...ids].flatMap((buildId) => {
      const count = primingCounts.of(buildId);
      return count ? [{ buildId, count }] : [];
    });
  },
  keep(buildId: string, count: Count | null): void {
    unkept.delete(buildId);
    try {
      if (count) localStorage.setItem(prefix + buildId, JSON.stringify(count));
      else localStorage.removeItem(prefix + buildId);
    } catch {
      if (count) unkept.set(buildId, count);
    }
    tell();
  },
  /** Tells of every change, in this tab or another. @returns how to hear no more */
  listen(listener: () => void): () => void {
    listeners.add(listener);
    const other = (event: StorageEvent) => {
      if (event.key === null || event.key.startsWith(prefix)) listener();
    };
    window.addEventListener('storage', other);
    return () => {
      listeners.delete(listener);
      window.removeEventListener('storage', other);
    };
  },
};

export const isRunning = (count: Count): boolean => count.spells.some(({ stopMs }) => stopMs === null);
/** Strokes of this run alone. */
export const strokesOf = (count: Count, nowMs: number): number =>
  strokesCounted(count.spells, count.frequencyHz, Math.max(nowMs, 0)) + count.taps;
export const totalOf = (count: Count, nowMs: number): number => (count.before ?? 0) + strokesOf(count, nowMs);
export const stopped = (count: Count, nowMs: number): Count => ({
  ...count,
  spells: count.spells.map((spell) => (spell.stopMs === null ? { ...spell, stopMs: nowMs } : spell)),
});
/** Whether the pump has to be stopped now: the line is full at the latest, and nobody has answered at this count. */
export function isOver(count: Count, nowMs: number): boolean {
  const total = totalOf(count, nowMs) + (count.heardOver ?? 0);
  const counts = isRunning(count) || count.by === 'taps';
  return counts && typeof count.high === 'number' && total >= count.high && total > (count.haltedAt ?? 0);
}
