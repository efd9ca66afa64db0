/** A crew of worker threads for one kind of work, each task with a time budget. */
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
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
}

/** Tasks that may wait before more are refused. */
const MOST_WAITING = 400;

export class Crew<T extends Tasks> {
  private constructor(
    private readonly pool: Piscina,
    readonly threads: number,
  ) {}

  /** @param module the TypeScript module that exports `tasks`. */
  static async hire<T extends Tasks>(
    module: URL,
    { threads = availableParallelism(), nice = 0 }: CrewOptions = {},
  ): Promise<Crew<T>> {
    const pool = new Piscina({
      filename: fileURLToPath(new URL('./boot.mjs', import.meta.url)),
      workerData: { file: await bundleOf(module), nice },
      minThreads: threads,
      maxThreads: threads,
      maxQueue: MOST_WAITING,
      // A bundle needs no loader.
      execArgv: [],
      // A thread that is idle keeps what it has read.
      idleTimeout: Infinity,
    });
    pool.on('error', () => undefined);
    return new Crew<T>(pool, threads);
  }

  /**
   * Gives a task to a free thread.
   * @param seconds after which the work is broken off.
   * @throws HttpProblem when it is refused, takes too long, or too much is waiting.
   */
  async run<K extends keyof T & string>(task: K, input: Input<T, K>, seconds: number): Promise<Value<T, K>> {
    let done: Done<Value<T, K>>;
    try {
      done = (await this.pool.run({ task, input }, { signal: AbortSignal.timeout(seconds * 1000) })) as Done<Value<T, K>>;
    } catch (error) {
      const { name, message } = error as Error;
      if (name === 'AbortError')
        throw new HttpProblem('bad-input', 'This takes too long to work out; nothing was changed. Take less of it at a time.');
      if (/queue is at limit/i.test(message)) throw new HttpProblem('busy', 'Foxing has its hands full; try again in a moment.');
      throw error;
    }
    if ('refused' in done) throw new HttpProblem('bad-input', done.refused);
    return done.value;
  }

  async close(): Promise<void> {
    await this.pool.destroy();
  }
}
