import type { ChildProcess } from 'node:child_process';
import { createRequire } from 'node:module';
import path from 'node:path';
import { cwd, env, execPath as node } from 'node:process';
import type { ReadPhoto } from '../../formats/readPhoto';
import type { Verify } from '../../store/builds/ledger';
import type { Task } from '../../workers/server/tasks';

// Bundlers follow a worker's file when they see it made; these are built beside the app, by bin/lib/build.mjs.
const load = createRequire(path.join(cwd(), 'package.json'));
const built = (name: string) => path.join(cwd(), '.next', name);

/** Said where too much waits already, or where a task took more than it may. */
export class Overloaded extends Error {}

interface Waiting {
  id: number;
  message: unknown;
  ms: number;
  done: (value: unknown) => void;
  failed: (error: Error) => void;
}
interface Helper {
  send(message: unknown): void;
  end(): void;
}

/** A helper that has had nothing to do for so long is let go, with the memory that it took; ms. */
const idleMs = 30_000;

/** Does tasks one after the other in a helper of its own; one that takes too long, or dies, is ended, and the next gets a new one. */
class Queue {
  private readonly waiting: Waiting[] = [];
  private current: Waiting | null = null;
  private helper: Helper | null = null;
  private timer: NodeJS.Timeout | null = null;
  private idle: NodeJS.Timeout | null = null;
  private next = 1;

  constructor(
    private readonly max: number,
    private readonly begin: (
      heard: (answer: { id: number; value?: unknown; error?: string }) => void,
      gone: () => void,
    ) => Helper,
  ) {}

  run<T>(message: (id: number) => unknown, ms: number): Promise<T> {
    if (this.waiting.length >= this.max)
      return Promise.reject(new Overloaded('The server has too much of this to do; try again in a moment.'));
    return new Promise<T>((done, failed) => {
      const id = this.next++;
      this.waiting.push({ id, message: message(id), ms, done: done as (value: unknown) => void, failed });
      this.go();
    });
  }

  private go(): void {
    if (this.current) return;
    if (this.idle) clearTimeout(this.idle);
    const task = this.waiting.shift();
    if (!task) {
      this.idle = setTimeout(() => this.stop(), idleMs).unref();
      return;
    }
    this.current = task;
    this.helper ??= this.begin(
      (answer) => this.heard(answer),
      () => this.gone(new Overloaded('This took more memory than it may; nothing was kept.')),
    );
    this.timer = setTimeout(() => {
      this.helper?.end();
      this.gone(new Overloaded(`This took longer than the ${Math.round(task.ms / 1000)} s that it may; nothing was kept.`));
    }, task.ms);
    this.helper.send(task.message);
  }

  private heard({ id, value, error }: { id: number; value?: unknown; error?: string }): void {
    const task = this.current;
    if (!task || task.id !== id) return;
    this.settle();
    if (error === undefined) task.done(value);
    else task.failed(new Error(error));
    this.go();
  }

  private gone(error: Error): void {
    const task = this.current;
    this.helper = null;
    this.settle();
    task?.failed(error);
    this.go();
  }

  private stop(): void {
    this.helper?.end();
    this.helper = null;
  }

  private settle(): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
    this.current = null;
  }
}

interface Queues {
  tasks: Queue;
  pictures: Queue;
}
const shared = globalThis as typeof globalThis & { lorbetQueues?: Queues };

/** A process of its own that gives way to the app, with a limit of memory: whatever takes too much takes only this with it. */
function apart(file: string, memoryMb: number): ConstructorParameters<typeof Queue>[1] {
  return (heard, gone) => {
    const { fork } = load('node:child_process') as { fork: (file: string, args: string[], options: object) => ChildProcess };
    // Begun as less urgent, so that all its threads are; the one that reads and the ones that tidy up after it.
    const child = fork(built(file), [], {
      execPath: 'nice',
      execArgv: ['-n', '5', node, `--max-old-space-size=${memoryMb}`],
      env: { PATH: env.PATH ?? '', NODE_ENV: 'production', MALLOC_ARENA_MAX: '2' },
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      serialization: 'advanced',
    });
    let ended = false;
    child.on('message', heard);
    child.on('error', () => undefined);
    child.on('exit', () => {
      if (!ended) gone();
    });
    child.unref();
    child.channel?.unref();
    return {
      send: (message) => {
        child.channel?.ref();
        child.send(message as object, () => child.channel?.unref());
      },
      end: () => {
        ended = true;
        child.kill('SIGKILL');
      },
    };
  };
}

function queues(): Queues {
  shared.lorbetQueues ??= {
    tasks: new Queue(16, apart('lorbet-tasks.cjs', 768)),
    pictures: new Queue(6, apart('lorbet-picture.cjs', 192)),
  };
  return shared.lorbetQueues;
}

/** Does heavy work in a process of its own, so that the loop that answers everybody goes on. */
export const offLoop = <T>(task: Task, ms = 15_000): Promise<T> => queues().tasks.run<T>((id) => ({ id, task }), ms);

/** Unpacks a picture in a process of its own, with a limit of time and of memory; one at a time. */
export async function readPhotoApart(bytes: Buffer, ms = 12_000): Promise<ReadPhoto> {
  const answer = await queues().pictures.run<ReadPhoto>((id) => ({ id, bytes }), ms);
  if (!answer.ok) return answer;
  const { picture, small, ...rest } = answer.value;
  return { ok: true, value: { ...rest, picture: Buffer.from(picture), small: Buffer.from(small) } };
}

/** Goes through a ledger's rows in a process of its own. */
export const verifyApart: Verify = (rows, state) => offLoop({ kind: 'verifyRows', rows, state });
