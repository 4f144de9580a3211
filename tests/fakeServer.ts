import type { Build } from '../core/build/Build';
import { changedParts, everyPart, partsSince, pickParts, type PartSeqs } from '../core/build/parts';
import { definitionOf, type Command } from '../core/commands/allCommands';
import { applyCommand } from '../core/commands/applyCommand';
import { nextRow, type LedgerRow } from '../core/ledger/chain';
import type { Known } from '../core/ledger/News';
import { noteOrigins } from '../core/ledger/noteOrigins';
import { metric } from '../core/units/inUnits';
import type { Shelf } from '../ui/sync/shelf';

/** How the way to the server is. */
export type Weather = 'clear' | 'offline' | 'answer lost' | 401 | 413 | 429 | 500;
export const who = { name: 'Odile', login: 'odile', role: 'lead' as const, unitPreferences: metric, licences: [] };
const at = '2026-11-26T10:00:00.000Z';
const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });

/** A server of one build, for tests of what speaks to it: as `fetch` it takes commands and tells state as the real one does. */
export class FakeServer {
  weather: Weather = 'clear';
  /** whether the second step has to be given before what others rely on */ stepIsDue = false;
  /** whoever is signed in */ login = who.login;
  /** how often each command came */ readonly came = new Map<string, number>();
  readonly asked: string[] = [];
  #state: Known & { partSeqs: PartSeqs };
  #known = new Set<string>();

  constructor(build: Build) {
    const first = nextRow(null, {
      buildId: build.id,
      at,
      by: 'Odile',
      role: 'lead',
      kind: 'created',
      body: { identity: build.identity },
    });
    this.#state = {
      kept: { build, origins: noteOrigins({}, first), lastSeq: 1, lastHash: first.hash, changedAt: at },
      rows: [first],
      partSeqs: { [everyPart]: 1 },
    };
  }
  get known(): Known {
    return { kept: this.#state.kept, rows: this.#state.rows };
  }
  get tag(): string {
    return `${this.#state.kept.lastHash}-${this.login}`;
  }
  get kinds(): string[] {
    return this.#state.rows.map(({ kind }) => kind);
  }

  /** Somebody does something, whoever it is. */
  does(command: Command, by = 'Bram'): Response | null {
    const { kept, rows, partSeqs } = this.#state;
    const applied = applyCommand(kept.build, command, { name: by, role: 'lead', at });
    if (!applied.ok)
      return json(applied.why === 'clash' ? 409 : 400, {
        errors: applied.errors,
        clashes: 'clashes' in applied ? applied.clashes : undefined,
      });
    const row = nextRow(rows.at(-1) as LedgerRow, {
      buildId: kept.build.id,
      at,
      by,
      role: 'lead',
      kind: applied.kind,
      body: applied.body,
    });
    this.#state = {
      kept: {
        build: applied.build,
        origins: noteOrigins(kept.origins, row),
        lastSeq: row.seq,
        lastHash: row.hash,
        changedAt: at,
      },
      rows: [...rows, row],
      partSeqs: { ...partSeqs, ...Object.fromEntries(changedParts(kept.build, applied.build).map((part) => [part, row.seq])) },
    };
    return null;
  }

  fetch = async (url: string, init: RequestInit = {}): Promise<Response> => {
    await Promise.resolve();
    this.asked.push(`${init.method ?? 'GET'} ${url}`);
    if (this.weather === 'offline') throw new TypeError('Failed to fetch');
    if (typeof this.weather === 'number') return json(this.weather, { errors: [`answered with ${this.weather}`] });
    const after = /after=(\d+)/.exec(url)?.[1];
    if (init.method !== 'POST')
      return this.#news(after === undefined ? null : Number(after), new Headers(init.headers).get('if-none-match'));
    const { commandId, command, afterSeq, by } = JSON.parse(init.body as string) as {
      commandId: string;
      command: Command;
      afterSeq: number;
      by: string;
    };
    if (by !== this.login) return json(401, { errors: ['somebody else'] });
    this.came.set(commandId, (this.came.get(commandId) ?? 0) + 1);
    if (this.stepIsDue && definitionOf(command.kind).isRelied?.(command)) return json(428, { errors: ['once more'] });
    const refused = this.#known.has(commandId) ? null : this.does(command, 'Odile');
    if (refused) return refused;
    this.#known.add(commandId);
    if (this.weather === 'answer lost') throw new TypeError('Failed to fetch');
    return this.#news(afterSeq, null);
  };

  #news(after: number | null, tag: string | null): Response {
    const { kept, rows, partSeqs } = this.#state;
    if (tag === `"${this.tag}"`) return new Response(null, { status: 304 });
    const names = after === null || after > kept.lastSeq ? null : partsSince(partSeqs, after);
    const news = names
      ? { since: after, parts: pickParts(kept.build, names), changedAt: at, rows: rows.filter(({ seq }) => seq > (after ?? 0)) }
      : { kept, rows: rows.slice(-40) };
    return json(200, { tag: this.tag, who: { ...who, login: this.login }, ...news });
  }
}

/** A shelf in memory, to be shared by what stands for two tabs or two visits. */
export function memoryShelf({ full = false } = {}): Shelf & { all: Map<string, string> } {
  const all = new Map<string, string>();
  return {
    all,
    keys: (prefix) => [...all.keys()].filter((key) => key.startsWith(prefix)).sort(),
    get: (key) => all.get(key) ?? null,
    put: (key, text) => !full && all.set(key, text) === all,
    remove: (key) => void all.delete(key),
  };
}

/** A lock over all that share it, as the browser has one over all tabs. */
export function sharedLock(): (name: string, work: () => Promise<void>) => Promise<void> {
  let last: Promise<unknown> = Promise.resolve();
  return (_name, work) => {
    const mine = last.then(work);
    last = mine.catch(() => undefined);
    return mine;
  };
}
