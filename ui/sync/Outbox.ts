import type { Command } from '../../core/commands/allCommands';
import type { LedgerRow } from '../../core/ledger/chain';
import { joinRows, takeNews, type Known } from '../../core/ledger/News';
import type { Who } from '../../core/people/Who';
import type { Shelf } from './shelf';
import type { Held, Link, Shelved, Waiting } from './Waiting';
import type { Answer, Way } from './way';
import { sync as t } from '../texts/en/sync';

export interface OutboxState {
  known: Known;
  who: Who;
  tag: string;
  waiting: readonly Waiting[];
  held: readonly Shelved<Held>[];
  /** Names of others whose entries wait on this device until they sign in here. */
  others: readonly string[];
  /** This device can't keep entries: they live as long as the page. */
  storeFull: boolean;
  link: Link;
}

interface Means {
  buildId: string;
  way: Way;
  shelf: Shelf;
  /** Runs one at a time over all tabs of this device. */
  exclusively: (name: string, work: () => Promise<void>) => Promise<void>;
  nowMs: () => number;
  newId: () => string;
}

// One key an entry, so that two tabs never write over each other's; keys sort in the order of entry.
const prefix = (kind: 'out' | 'held', buildId: string) => `lorbet-${kind}:${buildId}:`;

/**
 * Keeps what is entered on the device until the server has acknowledged it, and sends it in order and once, over all tabs;
 * holds what was refused until its person has decided; and knows the build as the server told it last.
 */
export class Outbox {
  #state: OutboxState;
  #queue: Shelved<Waiting>[] = [];
  #running: Promise<void> | null = null;
  /** Keys of entries that the device had no room for. */
  readonly #unshelved = new Set<string>();
  #lastKey = 0;
  readonly #listeners = new Set<() => void>();
  readonly #means: Means;

  constructor(opened: Pick<OutboxState, 'known' | 'who' | 'tag'> & { link?: Link }, means: Means) {
    this.#means = means;
    this.#state = { waiting: [], held: [], others: [], storeFull: false, link: 'kept', ...opened };
    // What this device kept from an earlier visit goes in first, each person's under that person's own session.
    const shelved = this.#read<Waiting>('out');
    const mine = ({ entry }: Shelved<Waiting>) => entry.by === opened.who.login;
    this.#queue = shelved.filter(mine);
    this.#state.others = [...new Set(shelved.filter((entry) => !mine(entry)).map(({ entry }) => entry.by))];
    this.#state.held = this.#read<Held>('held').filter(mine);
    this.#state.waiting = this.#queue.map(({ entry }) => entry);
  }

  get state(): OutboxState {
    return this.#state;
  }
  /** @returns how to stop listening */
  subscribe(listener: () => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** Takes an entry; it is on the device when this returns, where the device can keep anything. */
  add(command: Command, { commandId = this.#means.newId(), madeAt = new Date(this.#means.nowMs()).toISOString() } = {}): void {
    const entry = { commandId, command, madeAt, by: this.#state.who.login };
    const key = this.#newKey('out', commandId);
    const stored = this.#means.shelf.put(key, JSON.stringify(entry));
    if (!stored) this.#unshelved.add(key);
    this.#queue = [...this.#queue, { key, entry }];
    this.#set({ waiting: this.#queue.map((one) => one.entry), ...(stored ? {} : { storeFull: true }) });
    void this.flush();
  }

  /** Throws away an entry that its person has decided about. */
  dismiss({ key }: Shelved<Held>): void {
    this.#means.shelf.remove(key);
    this.#set({ held: this.#state.held.filter((one) => one.key !== key) });
  }

  /** Sends what waits, or asks what others have done. */
  async look(): Promise<void> {
    if (this.#queue.length > 0) return this.flush();
    await this.#ask();
  }

  /** Sends what waits, one at a time, in order; what can't be sent stays at the head and is tried again at the next call. */
  flush(): Promise<void> {
    this.#running ??= this.#run();
    return this.#running;
  }
  async #run(): Promise<void> {
    try {
      // Once more, where something was entered between the last answer and the giving back of the lock.
      for (let free = true; free; free = free && this.#queue.length > 0)
        await this.#means.exclusively(`lorbet-send-${this.#means.buildId}`, async () => {
          for (let head = this.#queue[0]; head && free; head = this.#queue[0]) free = await this.#sendOne(head);
          if (this.#state.link === 'sending' || (free && this.#state.link === 'unproven')) this.#set({ link: 'kept' });
        });
    } finally {
      this.#running = null;
    }
  }

  async #sendOne(head: Shelved<Waiting>): Promise<boolean> {
    const { way, shelf } = this.#means;
    // Another tab that held it too has sent it, or has been refused: it is no longer this one's.
    if (!this.#unshelved.has(head.key) && shelf.get(head.key) === null) {
      this.#leave({});
      await this.#ask();
      this.#set({ held: this.#read<Held>('held').filter(({ entry }) => entry.by === this.#state.who.login) });
      return true;
    }
    // Asked for once more at each try, the question is not taken away for a blink.
    if (this.#state.link !== 'unproven') this.#set({ link: 'sending' });
    const answer = await way.send(head.entry, this.#state.known.kept.lastSeq);
    if (answer.kind === 'unreachable' || answer.kind === 'signed-out' || answer.kind === 'unproven') {
      this.#set({ link: answer.kind });
      return false;
    }
    if (answer.kind === 'refused' || answer.kind === 'missing') {
      this.#hold(head, answer.kind === 'refused' ? answer : { clashes: [], errors: [t.thereIsNoSuchBuildIn] });
      await this.#ask();
      return true;
    }
    shelf.remove(head.key);
    // What was on its way and what is kept change places in one step, or a figure would flicker.
    this.#queue = this.#queue.slice(1);
    await this.#take(answer, { waiting: this.#queue.map(({ entry }) => entry) });
    return true;
  }

  /** Puts what is at the head aside, for its person to decide: others of it can't be sent before. */
  #hold(head: Shelved<Waiting>, { clashes, errors }: Pick<Held, 'clashes' | 'errors'>, link: Partial<OutboxState> = {}): void {
    const { shelf } = this.#means;
    const key = this.#newKey('held', head.entry.commandId);
    const entry: Held = { ...head.entry, clashes, errors };
    // First onto the one shelf, then off the other: cut off between, it stands twice and is not lost.
    shelf.put(key, JSON.stringify(entry));
    shelf.remove(head.key);
    this.#leave({ held: [...this.#state.held, { key, entry }], ...link });
  }

  /** Puts the entry for which the second step is asked aside, where its person can't give it now: what waits behind it goes on. */
  setAside(): void {
    const [head] = this.#queue;
    if (this.#state.link !== 'unproven' || !head) return;
    this.#hold(head, { clashes: [], errors: [t.setAside] }, { link: 'kept' });
    void this.flush();
  }

  async #ask(): Promise<void> {
    const { known, tag } = this.#state;
    const answer = await this.#means.way.look({ lastSeq: known.kept.lastSeq, tag });
    const away = answer.kind === 'unreachable' || answer.kind === 'signed-out';
    await this.#take(answer, { link: away ? answer.kind : 'kept' });
  }

  /** Lays news over what is known; where they don't follow on it, all of the build is asked for. */
  async #take(answer: Answer, with_: Partial<OutboxState>): Promise<void> {
    if (answer.kind !== 'news') return this.#set(with_);
    const { tag, who, news } = answer;
    // Somebody else has signed in on this device: what this page shows and sends is no longer theirs to see or to sign for.
    if (who.login !== this.#state.who.login) return this.#set({ ...with_, link: 'signed-out' });
    const overtaken = !('kept' in news) && (news.rows.at(-1)?.seq ?? news.since) <= this.#state.known.kept.lastSeq;
    if (overtaken) return this.#set(with_);
    const known = takeNews(this.#state.known, news);
    if (known) return this.#set({ known, tag, who, ...with_ });
    const whole = await this.#means.way.look(null);
    const anew = whole.kind === 'news' ? takeNews(this.#state.known, whole.news) : null;
    this.#set({ ...(whole.kind === 'news' && anew ? { known: anew, tag: whole.tag, who: whole.who } : {}), ...with_ });
  }

  /** Older ledger rows, put before those that are here. */
  addEarlier(rows: readonly LedgerRow[]): void {
    const { kept, rows: known } = this.#state.known;
    this.#set({ known: { kept, rows: joinRows(rows, known) } });
  }

  /** Takes the head out of the queue. */
  #leave(change: Partial<OutboxState>): void {
    this.#queue = this.#queue.slice(1);
    this.#set({ waiting: this.#queue.map(({ entry }) => entry), ...change });
  }
  #set(change: Partial<OutboxState>): void {
    if (Object.entries(change).every(([key, value]) => this.#state[key as keyof OutboxState] === value)) return;
    this.#state = { ...this.#state, ...change };
    this.#listeners.forEach((listener) => listener());
  }
  #newKey(kind: 'out' | 'held', commandId: string): string {
    this.#lastKey = Math.max(this.#means.nowMs(), this.#lastKey + 1);
    return `${prefix(kind, this.#means.buildId)}${String(this.#lastKey).padStart(15, '0')}-${commandId}`;
  }
  #read<T>(kind: 'out' | 'held'): Shelved<T>[] {
    const { shelf, buildId } = this.#means;
    return shelf.keys(prefix(kind, buildId)).flatMap((key): Shelved<T>[] => {
      try {
        return [{ key, entry: JSON.parse(shelf.get(key) ?? '') as T }];
      } catch {
        return [];
      }
    });
  }
}
