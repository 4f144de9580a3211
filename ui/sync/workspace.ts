import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Build } from '../../core/build/Build';
import { emptySheets } from '../../core/build/emptyBuild';
import type { AnyRow, CellValue, ListId } from '../../core/build/lists';
import type { FigurePath } from '../../core/build/sheets';
import { Assessor } from '../../core/checks/assess';
import type { Finding } from '../../core/checks/Finding';
import { definitionOf, type Command } from '../../core/commands/allCommands';
import { applyCommand, settleClash } from '../../core/commands/applyCommand';
import type { Choice } from '../../core/commands/define';
import type { Slot } from '../../core/commands/kinds/figures';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Who } from '../../core/people/Who';
import { roleMay } from '../../core/people/roles';
import type { Origins } from '../../core/record/Origin';
import type { Outbox } from './Outbox';
import type { PhotoQueue } from './PhotoQueue';
import type { PhotoWaiting } from './PhotoWaiting';
import type { Held, Link, Shelved, Waiting } from './Waiting';

export type Draft =
  | { path: FigurePath; slot: Slot; value: number | string | null }
  | { list: ListId; row: string; column: string; value: CellValue };

/** All that a build's page shows and does; each component names the fields that it draws, and is drawn anew for those alone. */
export interface Workspace {
  /** As kept, with what is still on its way and what is being typed or dragged. */
  build: Build;
  /** As kept, with what is still on its way. */
  settled: Build;
  findings: Finding[];
  rows: readonly LedgerRow[];
  /** Who put each value in, and when. */
  origins: Origins;
  waiting: readonly Waiting[];
  others: readonly string[];
  storeFull: boolean;
  who: Who;
  link: Link;
  /** Entries that the server did not take, each waiting for a decision. */
  held: readonly Shelved<Held>[];
  /** Photographs that wait to be sent. */
  photos: readonly PhotoWaiting[];
  /** Reason under which a signed build is being corrected; null while it is locked. */
  correcting: string | null;
  mayWork: boolean;
  /** Strokes pumped into the line while it is being primed; the drawing shows how far the fuel has come. */
  primedStrokes: number | null;
  /** Sends a command. @returns why not, or an empty list */
  send: (command: Command, made?: { commandId?: string; madeAt?: string }) => string[];
  /** Figures and cells being typed or dragged: findings follow, nothing is kept yet. */
  setDraft: (key: string, drafts: readonly Draft[]) => void;
  settleHeld: (held: Shelved<Held>, choices: Readonly<Record<string, Choice>>) => void;
  /** Tries again what waits for the second step. */
  resend: () => void;
  /** Puts the entry that waits for the second step aside. */
  setAside: () => void;
  setCorrecting: (reason: string | null) => void;
  setPrimedStrokes: (strokes: number | null) => void;
  takePhoto: PhotoQueue['take'];
  dropPhoto: PhotoQueue['drop'];
  /** Fetches older ledger rows. @returns whether there was a way through */
  loadEarlier: () => Promise<boolean>;
}

/** What is on its way, laid over what is kept; a command that no longer applies is left out of the picture. */
function settle(build: Build, waiting: readonly Waiting[], who: Who): Build {
  return waiting.reduce((now, { command, madeAt }) => {
    const applied = applyCommand(now, command, { ...who, at: madeAt });
    return applied.ok ? applied.build : now;
  }, build);
}

function withDrafts(build: Build, drafts: ReadonlyMap<string, readonly Draft[]>): Build {
  const figures = [...drafts.values()].flat();
  if (figures.length === 0) return build;
  const sheets: Record<string, Record<string, Record<string, unknown>>> = { ...build.sheets } as never;
  const tables: Record<string, readonly object[]> = { ...build.lists };
  for (const draft of figures) {
    if ('row' in draft) {
      const { list, row, column, value } = draft;
      tables[list] = ((tables[list] ?? []) as AnyRow[]).map((r) => (r.id === row ? { ...r, [column]: value } : r));
      continue;
    }
    const { path, slot, value } = draft;
    const [sheet = '', name = ''] = path.split('.');
    // A later sheet that this document does not hold yet begins blank.
    const table = sheets[sheet] ?? (emptySheets() as unknown as typeof sheets)[sheet];
    const row = table?.[name];
    if (row) sheets[sheet] = { ...table, [name]: { ...row, [slot]: value } };
  }
  return { ...build, sheets: sheets as unknown as Build['sheets'], ...(build.lists ? { lists: tables } : {}) };
}

interface Means {
  outbox: Outbox;
  photos: PhotoQueue;
  fetchEarlier: (beforeSeq: number) => Promise<LedgerRow[] | null>;
  nowMs: () => number;
}

/** Puts together what the server told, what waits and what is being typed; `follow` keeps it so until it is ended. */
export function createWorkspace({
  outbox,
  photos,
  fetchEarlier,
  nowMs,
}: Means): StoreApi<Workspace> & { follow: () => () => void } {
  const assessor = new Assessor();
  let drafts: ReadonlyMap<string, readonly Draft[]> = new Map();
  const fromOutbox = () => {
    const { known, waiting, others, storeFull, who, link, held } = outbox.state;
    return { rows: known.rows, origins: known.kept.origins, waiting, others, storeFull, who, link, held };
  };
  const settledNow = () => settle(outbox.state.known.kept.build, outbox.state.waiting, outbox.state.who);
  const drawn = (settled: Build) => {
    const build = withDrafts(settled, drafts);
    return { settled, build, findings: assessor.assess(build) };
  };
  const mayWork = (settled: Build, correcting: string | null) =>
    roleMay(outbox.state.who.role, 'work') && (settled.signatures.length === 0 || correcting !== null);
  const first = drawn(settledNow());
  const store = createStore<Workspace>((set, get) => ({
    ...first,
    ...fromOutbox(),
    photos: photos.waiting,
    correcting: null,
    mayWork: mayWork(first.settled, null),
    primedStrokes: null,
    send: (command, made) => {
      const { who, correcting } = get();
      // By what is known now: an entry made between an answer and its drawing must not be checked by what stood before.
      const now = settledNow();
      const full: Command =
        correcting && now.signatures.length > 0 && !definitionOf(command.kind).afterSigning
          ? { ...command, reason: correcting }
          : command;
      const applied = applyCommand(now, full, { ...who, at: new Date(nowMs()).toISOString() });
      if (!applied.ok && applied.why !== 'clash') return applied.errors;
      outbox.add(full, made);
      return [];
    },
    setDraft: (key, figures) => {
      if (figures.length === 0 && !drafts.has(key)) return;
      const next = new Map(drafts);
      if (figures.length === 0) next.delete(key);
      else next.set(key, figures);
      drafts = next;
      set(drawn(get().settled));
    },
    settleHeld: (entry, choices) => {
      const { command, clashes } = entry.entry;
      const again = clashes.length > 0 ? settleClash(command, clashes, choices) : null;
      if (again) outbox.add(again);
      outbox.dismiss(entry);
    },
    resend: () => void outbox.flush(),
    setAside: () => outbox.setAside(),
    setCorrecting: (correcting) => set({ correcting, mayWork: mayWork(get().settled, correcting) }),
    setPrimedStrokes: (primedStrokes) => set({ primedStrokes }),
    takePhoto: (photo) => photos.take(photo),
    dropPhoto: (id) => photos.drop(id),
    loadEarlier: async () => {
      const earlier = await fetchEarlier(get().rows[0]?.seq ?? 1);
      if (earlier) outbox.addEarlier(earlier);
      return earlier !== null;
    },
  }));
  let [base, waiting, who] = [outbox.state.known.kept.build, outbox.state.waiting, outbox.state.who];
  const takeOutboxState = () => {
    const { state } = outbox;
    const same = state.known.kept.build === base && state.waiting === waiting && state.who === who;
    [base, waiting, who] = [state.known.kept.build, state.waiting, state.who];
    const next = same ? null : drawn(settledNow());
    const settled = next?.settled ?? store.getState().settled;
    store.setState({ ...fromOutbox(), ...next, mayWork: mayWork(settled, store.getState().correcting) });
  };
  return {
    ...store,
    follow: () => {
      takeOutboxState();
      const ends = [outbox.subscribe(takeOutboxState), photos.subscribe(() => store.setState({ photos: photos.waiting }))];
      return () => ends.forEach((end) => end());
    },
  };
}
