import type { Command } from '../core/commands/allCommands';
import type { Build } from '../core/build/Build';
import { rowsOf } from '../core/build/lists';
import { startFacts } from '../core/build/startFacts';

/** The commands by which what a build holds of runs, starts, looks and readings was done, oldest first: a file brings them along only as claims. */
export function actionCommands(build: Build): { command: Command; at: string }[] {
  const after = (at: string, seconds: number) => new Date(Date.parse(at) + seconds * 1000).toISOString();
  const looks = rowsOf(build.lists, 'leaks').flatMap((row) =>
    (
      [
        ['wipedAt', row.wipedAt, ['wipedAt']],
        ['warmAt', row.warmAt, ['warmFound', 'warmAt']],
        ['nightAt', row.nightAt, ['nightFound', 'nightAt']],
      ] as const
    ).flatMap(([, at, columns]) =>
      at === undefined
        ? []
        : [
            {
              at,
              command: {
                kind: 'rows' as const,
                changes: columns.map((column) => ({
                  list: 'leaks' as const,
                  row: row.id,
                  action: 'set' as const,
                  column,
                  from: null,
                  to: row[column] ?? null,
                })),
              },
            },
          ],
    ),
  );
  return [
    ...looks,
    ...build.primingRuns.map(({ at, by: _by, ...run }) => ({ at, command: { kind: 'priming' as const, run } })),
    ...build.starts.map((run) => ({
      at: after(run.at, startFacts(run).lastS),
      command: {
        kind: 'start' as const,
        id: run.id,
        events: run.events,
        readings: run.readings,
        source: 'csv' as const,
        beganAt: run.at,
      },
    })),
    ...build.coReadings.map(({ at, by: _by, ...reading }) => ({ at, command: { kind: 'co' as const, reading } })),
    ...(build.hotLooks ?? []).map(({ at, by: _by, ...look }) => ({ at, command: { kind: 'hot' as const, look, readAt: at } })),
    ...(build.sights ?? []).map(({ at, by: _by, ...look }) => ({ at, command: { kind: 'sight' as const, look, readAt: at } })),
    ...(build.coLogs ?? []).map(({ at, by: _by, ...log }) => ({
      at: after(at, (log.readings.at(-1)?.min ?? 0) * 60),
      command: { kind: 'coLog' as const, log, readAt: at },
    })),
    ...(build.noises ?? []).map(({ at, by: _by, ...look }) => ({ at, command: { kind: 'noise' as const, look, readAt: at } })),
  ].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** The same build, everything in it done so much later that the last of it was done just now. */
export function untilNow(build: Build, nowMs = Date.now()): Build {
  const text = JSON.stringify(build);
  const instants = text.match(/\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d{1,3})?Z/g) ?? [];
  const shift = nowMs - 60_000 - Math.max(...instants.map((at) => Date.parse(at)));
  return JSON.parse(
    text.replace(/\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d{1,3})?Z/g, (at) => new Date(Date.parse(at) + shift).toISOString()),
  ) as Build;
}
