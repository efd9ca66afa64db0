/** A crew of worker threads for one kind of work. A task has a budget of time, which begins when a thread begins with it. */
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import PQueue from 'p-queue';
import Piscina from 'piscina';
import { bundleOf } from '#atlas';
import { HttpProblem } from '../http/problem';

/** What a task answers: its result, or in words why what was asked cannot be. */
export type Done<T> = { readonly value: T } | { readonly refused: string };

/** Tasks by name, as a worker's module exports them. */
export type Tasks = Readonly<Record<string, (input: never) => Done<unknown> | Promise<Done<unknown>>>>;

type Input<T extends Tasks, K extends keyof T> = Parameters<T[K]>[0];
type Value<T extends Tasks, K extends keyof T> = Awaited<ReturnType<T[K]>> extends Done<infer V> ? V : never;

export interface CrewOptions {
  readonly threads?: number;
  /** Niceness of the threads; 0 by default. */
  readonly nice?: number;
  /** Tasks that may wait before more are sent away for a moment; 400 by default. */
  readonly mostWaiting?: number;
}

const MOST_WAITING = 400;
/** Seconds that a task may wait for a thread. */
const WAITING_SECONDS = 30;

export interface Budget {
  /** Seconds that the work may take by itself; what it waits for first does not count. */
  readonly seconds: number;
  /** What to do about what was asked, where it can ask for too much; without it, work that takes longer is to be asked for again. */
  readonly tooLong?: string;
  /** Called when a thread begins. */
  readonly onBegin?: () => void;
}

const BUSY = 'Foxing is busy. Nothing was lost; try again in a moment.';

export class Crew<T extends Tasks> {
  /** Who came first is served first: the pool's own queue keeps no order among tasks that can be broken off. */
  private readonly line: PQueue;
  private readonly begun = new Map<number, () => void>();
  private tickets = 0;
  private closing = false;

  private constructor(
    private readonly pool: Piscina,
    readonly threads: number,
    private readonly mostWaiting: number,
  ) {
    this.line = new PQueue({ concurrency: threads });
    pool.on('error', () => undefined);
    pool.on('message', ({ begun }: { begun: number }) => this.begun.get(begun)?.());
  }

  /** @param module the TypeScript module that exports `tasks`. */
  static async hire<T extends Tasks>(
    module: URL,
    { threads = availableParallelism(), nice = 0, mostWaiting = MOST_WAITING }: CrewOptions = {},
  ): Promise<Crew<T>> {
    const pool = new Piscina({
      filename: fileURLToPath(new URL('./boot.mjs', import.meta.url)),
      workerData: { file: await bundleOf(module), nice },
      minThreads: threads,
      maxThreads: threads,
      // A bundle needs no loader.
      execArgv: [],
      // A thread that is idle keeps what it has read.
      idleTimeout: Infinity,
    });
    return new Crew<T>(pool, threads, mostWaiting);
  }

  /**
   * Gives a task to a free thread.
   * @throws HttpProblem `bad-input` when it is refused, or takes too long where it can ask for too much; `busy` when no thread was free
   * for it, so that it is worth asking again.
   */
  async run<K extends keyof T & string>(
    task: K,
    input: Input<T, K>,
    { seconds, tooLong, onBegin }: Budget,
  ): Promise<Value<T, K>> {
    if (this.closing || this.line.size >= this.mostWaiting) throw new HttpProblem('busy', BUSY);
    const ticket = this.tickets++;
    const stop = new AbortController();
    let hasBegun = false;
    let late = setTimeout(() => stop.abort(), WAITING_SECONDS * 1000);
    this.begun.set(ticket, () => {
      hasBegun = true;
      clearTimeout(late);
      late = setTimeout(() => stop.abort(), seconds * 1000);
      onBegin?.();
    });
    try {
      const { signal } = stop;
      const done = (await this.line.add(() => this.pool.run({ ticket, task, input }, { signal }), { signal })) as Done<
        Value<T, K>
      >;
      if ('refused' in done) throw new HttpProblem('bad-input', done.refused);
      return done.value;
    } catch (error) {
      if (stop.signal.aborted && hasBegun && tooLong !== undefined) throw new HttpProblem('bad-input', tooLong);
      if (stop.signal.aborted || (this.closing && !(error instanceof HttpProblem))) throw new HttpProblem('busy', BUSY);
      throw error;
    } finally {
      clearTimeout(late);
      this.begun.delete(ticket);
    }
  }

  /** Tasks that wait for a thread, and that have one. */
  get load(): { readonly waiting: number; readonly running: number } {
    return { waiting: this.line.size, running: this.line.pending };
  }

  /** What is still under way is to be asked for again, of whoever serves next. */
  async close(): Promise<void> {
    this.closing = true;
    await this.pool.destroy();
  }
}
