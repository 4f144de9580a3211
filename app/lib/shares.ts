/** What one person may have under way at once, in each process: a page or two on every device, and no more of what is heavy than others are left room for. */
const most = { stream: 40, heavy: 3 } as const;
export type Share = keyof typeof most;
const shared = globalThis as typeof globalThis & { lorbetShares?: Map<string, number> };

/** Takes one of a person's shares. @returns how to give it back, once; null where all are taken */
export function takeShare(what: Share, personId: string): (() => void) | null {
  const shares = (shared.lorbetShares ??= new Map<string, number>());
  const key = `${what} ${personId}`;
  const taken = shares.get(key) ?? 0;
  if (taken >= most[what]) return null;
  shares.set(key, taken + 1);
  let held = true;
  return () => {
    if (!held) return;
    held = false;
    const left = (shares.get(key) ?? 1) - 1;
    if (left > 0) shares.set(key, left);
    else shares.delete(key);
  };
}
