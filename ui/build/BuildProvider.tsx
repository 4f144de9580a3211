'use client';
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { Build } from '../../core/build/Build';
import { figureAt } from '../../core/build/sheets';
import { assess } from '../../core/calls/assess';
import { applyCommand, type Author, type Clash } from '../../core/commands/applyCommand';
import type { Change, Command } from '../../core/commands/Command';
import type { LedgerRow } from '../../core/ledger/chain';
import { roleMay } from '../../core/people/roles';
import { BuildContext, type BuildBench, type DraftFigure, type Link, type Who } from './BuildContext';
import { fetchSince, readWaiting, sendCommand, writeWaiting, type Kept, type Waiting } from './send';

const author = (who: Who): Author => ({ ...who, at: new Date().toISOString() });

/** What is on its way, laid over what is kept; a command that no longer applies is left out of the picture. */
function settle(build: Build, waiting: readonly Waiting[], who: Who): Build {
  return waiting.reduce((now, { command }) => {
    const applied = applyCommand(now, command, author(who));
    return applied.ok ? applied.build : now;
  }, build);
}

function withDrafts(build: Build, drafts: ReadonlyMap<string, readonly DraftFigure[]>): Build {
  const figures = [...drafts.values()].flat();
  if (figures.length === 0) return build;
  const sheets = structuredClone(build.sheets) as unknown as Record<string, Record<string, Record<string, unknown>>>;
  for (const { path, slot, value } of figures) {
    const [sheet = '', name = ''] = path.split('.');
    const row = sheets[sheet];
    if (row) row[name] = { ...row[name], [slot]: value };
  }
  return { ...build, sheets: sheets as unknown as Build['sheets'] };
}

export function BuildProvider({
  initial,
  initialRows,
  who,
  children,
}: {
  initial: Kept;
  initialRows: LedgerRow[];
  who: Who;
  children: ReactNode;
}) {
  const [kept, setKept] = useState(initial);
  const [rows, setRows] = useState(initialRows);
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  const [link, setLink] = useState<Link>('kept');
  const [drafts, setDrafts] = useState<ReadonlyMap<string, readonly DraftFigure[]>>(new Map());
  const [clash, setClash] = useState<{ clashes: Clash[]; command: Command } | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [correcting, setCorrecting] = useState<string | null>(null);
  const [primedStrokes, setPrimedStrokes] = useState<number | null>(null);
  const buildId = initial.build.id;
  const queue = useRef<Waiting[]>([]);
  const lastSeq = useRef(initial.lastSeq);
  const busy = useRef(false);

  const take = useCallback((state: { kept: Kept; rows: LedgerRow[] }) => {
    if (state.kept.lastSeq < lastSeq.current) return;
    lastSeq.current = state.kept.lastSeq;
    setKept(state.kept);
    setRows((old) => [...old, ...state.rows.filter((row) => row.seq > (old[old.length - 1]?.seq ?? 0))]);
  }, []);

  const show = useCallback(() => {
    writeWaiting(buildId, queue.current);
    setWaiting([...queue.current]);
  }, [buildId]);

  // One command at a time, in order; what can't be sent stays at the head and is tried again.
  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    for (let head = queue.current[0]; head; head = queue.current[0]) {
      setLink('sending');
      const answer = await sendCommand(buildId, head, lastSeq.current);
      if (answer.kind === 'unreachable' || answer.kind === 'signed-out') {
        setLink(answer.kind);
        busy.current = false;
        return;
      }
      queue.current = queue.current.slice(1);
      if (answer.kind === 'kept') take(answer);
      else if (answer.kind === 'clash') {
        setClash({ clashes: answer.clashes, command: head.command });
        const now = await fetchSince(buildId, lastSeq.current);
        if (now) take(now);
      } else setProblems(answer.errors);
      show();
    }
    setLink('kept');
    busy.current = false;
  }, [buildId, show, take]);

  useEffect(() => {
    queue.current = readWaiting(buildId);
    if (queue.current.length > 0) {
      // What this device kept from an earlier visit goes in first.
      queueMicrotask(() => {
        show();
        void flush();
      });
    }
    const look = async () => {
      if (document.hidden) return;
      if (queue.current.length > 0) await flush();
      else {
        const now = await fetchSince(buildId, lastSeq.current);
        if (now) take(now);
      }
    };
    const timer = setInterval(() => void look(), 6000);
    const wake = () => void look();
    window.addEventListener('focus', wake);
    window.addEventListener('online', wake);
    return () => {
      clearInterval(timer);
      window.removeEventListener('focus', wake);
      window.removeEventListener('online', wake);
    };
  }, [buildId, flush, show, take]);

  const settled = useMemo(() => settle(kept.build, waiting, who), [kept, waiting, who]);
  const build = useMemo(() => withDrafts(settled, drafts), [settled, drafts]);
  const calls = useMemo(() => assess(build), [build]);

  const send = useCallback(
    (command: Command): string[] => {
      const now = settle(kept.build, queue.current, who);
      const full: Command =
        correcting && now.signatures.length > 0 && !['note', 'sign', 'waive', 'unwaive'].includes(command.kind)
          ? { ...command, reason: correcting }
          : command;
      const applied = applyCommand(now, full, author(who));
      if (!applied.ok && applied.why !== 'clash') return applied.errors;
      queue.current = [...queue.current, { commandId: crypto.randomUUID(), command: full }];
      show();
      void flush();
      return [];
    },
    [kept, who, correcting, show, flush],
  );

  const setDraft = useCallback(
    (key: string, figures: readonly DraftFigure[]) =>
      setDrafts((old) => {
        if (figures.length === 0 && !old.has(key)) return old;
        const next = new Map(old);
        if (figures.length === 0) next.delete(key);
        else next.set(key, figures);
        return next;
      }),
    [],
  );

  const settleClash = useCallback(
    (choice: 'theirs' | 'yours') => {
      if (choice === 'yours' && clash?.command.kind === 'figures') {
        const again: Change[] = clash.command.changes.map((change) => ({
          ...change,
          from: figureAt(kept.build.sheets, change.path)[change.slot],
        }));
        setProblems(send({ ...clash.command, changes: again }));
      }
      setClash(null);
    },
    [clash, kept, send],
  );

  const bench = useMemo<BuildBench>(
    () => ({
      build,
      settled,
      calls,
      rows,
      waiting,
      who,
      link,
      send,
      setDraft,
      settleClash,
      problems,
      correcting,
      setCorrecting,
      primedStrokes,
      setPrimedStrokes,
      clashes: clash?.clashes ?? [],
      clearProblems: () => setProblems([]),
      mayWork: roleMay(who.role, 'work') && (settled.signatures.length === 0 || correcting !== null),
    }),
    [build, settled, calls, rows, waiting, who, link, send, setDraft, settleClash, problems, correcting, clash, primedStrokes],
  );

  return <BuildContext.Provider value={bench}>{children}</BuildContext.Provider>;
}
