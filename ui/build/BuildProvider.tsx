'use client';
import { definitionOf, type Command } from '../../core/commands/allCommands';
import { settleClash } from '../../core/commands/applyCommand';
import type { Choice } from '../../core/commands/define';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { Build } from '../../core/build/Build';
import type { AnyRow } from '../../core/build/lists';
import { emptySheets } from '../../core/build/emptyBuild';
import { Assessor } from '../../core/checks/assess';
import { applyCommand } from '../../core/commands/applyCommand';
import type { LedgerRow } from '../../core/ledger/chain';
import { roleMay } from '../../core/people/roles';
import { BuildContext, type BuildWorkspace, type Draft, type Who } from './BuildContext';
import { fetchEarlier, type KeptState, type News } from './send';
import { keepForOffline } from './offline';
import type { Held, Kept, Waiting } from './outbox';
import { useOutbox } from './useOutbox';

/** What is on its way, laid over what is kept; a command that no longer applies is left out of the picture. */
function settle(build: Build, waiting: readonly Waiting[], who: Who): Build {
  return waiting.reduce((now, { command, madeAt }) => {
    const applied = applyCommand(now, command, { name: who.name, role: who.role, at: madeAt });
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

/** Rows by number: older ones before, newer ones behind, none twice. */
function joinRows(old: readonly LedgerRow[], more: readonly LedgerRow[]): LedgerRow[] {
  const known = new Map([...old, ...more].map((row) => [row.seq, row]));
  return [...known.values()].sort((a, b) => a.seq - b.seq);
}

export function BuildProvider({
  initial,
  initialRows,
  who,
  children,
}: {
  initial: KeptState;
  initialRows: LedgerRow[];
  who: Who;
  children: ReactNode;
}) {
  const [kept, setKept] = useState(initial);
  const [rows, setRows] = useState(initialRows);
  const [drafts, setDrafts] = useState<ReadonlyMap<string, readonly Draft[]>>(new Map());
  const [correcting, setCorrecting] = useState<string | null>(null);
  const [primedStrokes, setPrimedStrokes] = useState<number | null>(null);
  const buildId = initial.build.id;
  // As kept, at once: an entry made between an answer and its drawing must not be judged by what stood before.
  const latest = useRef(initial);
  const take = useCallback((news: News) => {
    latest.current = news.kept;
    setKept(news.kept);
    setRows((old) => joinRows(old, news.rows));
  }, []);
  const { waiting, held, others, storeFull, link, add, dismiss, pending } = useOutbox(buildId, who.login, initial.lastSeq, take);
  useEffect(() => keepForOffline(buildId), [buildId]);

  const settled = useMemo(() => settle(kept.build, waiting, who), [kept, waiting, who]);
  const build = useMemo(() => withDrafts(settled, drafts), [settled, drafts]);
  const [assessor] = useState(() => new Assessor());
  const findings = useMemo(() => assessor.assess(build), [assessor, build]);

  const send = useCallback(
    (command: Command): string[] => {
      const now = settle(latest.current.build, pending(), who);
      const full: Command =
        correcting && now.signatures.length > 0 && !definitionOf(command.kind).afterSigning
          ? { ...command, reason: correcting }
          : command;
      const applied = applyCommand(now, full, { name: who.name, role: who.role, at: new Date().toISOString() });
      if (!applied.ok && applied.why !== 'clash') return applied.errors;
      add(full);
      return [];
    },
    [who, correcting, add, pending],
  );
  const settleHeld = useCallback(
    (entry: Kept<Held>, choices: Readonly<Record<string, Choice>>) => {
      const { command, clashes } = entry.entry;
      const again = clashes.length > 0 ? settleClash(command, clashes, choices) : null;
      if (again) add(again);
      dismiss(entry);
    },
    [add, dismiss],
  );
  const setDraft = useCallback(
    (key: string, figures: readonly Draft[]) =>
      setDrafts((old) => {
        if (figures.length === 0 && !old.has(key)) return old;
        const next = new Map(old);
        if (figures.length === 0) next.delete(key);
        else next.set(key, figures);
        return next;
      }),
    [],
  );
  const firstSeq = rows[0]?.seq ?? 1;
  const loadEarlier = useCallback(async () => {
    const earlier = await fetchEarlier(buildId, firstSeq);
    if (earlier) setRows((old) => joinRows(earlier, old));
    return earlier !== null;
  }, [buildId, firstSeq]);

  const workspace = useMemo<BuildWorkspace>(
    () => ({
      build,
      settled,
      findings,
      rows,
      origins: kept.origins,
      waiting,
      others,
      storeFull,
      who,
      link,
      send,
      setDraft,
      held,
      settleHeld,
      correcting,
      setCorrecting,
      primedStrokes,
      setPrimedStrokes,
      loadEarlier,
      mayWork: roleMay(who.role, 'work') && (settled.signatures.length === 0 || correcting !== null),
    }),
    [
      build,
      settled,
      findings,
      rows,
      kept,
      waiting,
      others,
      storeFull,
      who,
      link,
      send,
      setDraft,
      held,
      settleHeld,
      correcting,
      primedStrokes,
      loadEarlier,
    ],
  );
  return <BuildContext.Provider value={workspace}>{children}</BuildContext.Provider>;
}
