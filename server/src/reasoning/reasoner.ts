/** Keeps the thinking threads, asks each one thing at a time, and remembers what was said of each case. */
import type { Worker } from 'node:worker_threads';
import { hire } from '#atlas';
import { DEFAULT_RULES } from '#core/scheme/rules';
import type { Effort } from '#contract';
import type { Answer, Question } from './think';

const REMEMBERED = 300;

/** A question that was not thought about, because its case has a newer one. */
export class Superseded extends Error {}

interface Running {
  readonly wanted: () => boolean;
  /** One, once nobody wants it any more: the thread sees it in the midst of its work. */
  readonly stop: Int32Array;
}

class Thread {
  private worker: Worker | null = null;
  private turn: Promise<unknown> = Promise.resolve();
  private running: Running | null = null;

  ask(question: Question, wanted: () => boolean): Promise<Answer> {
    if (this.running && !this.running.wanted()) Atomics.store(this.running.stop, 0, 1);
    const answer = this.turn.then(async () => {
      if (!wanted()) throw new Superseded();
      const stop = new Int32Array(new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT));
      this.running = { wanted, stop };
      const found = await this.put(question, stop);
      if (Atomics.load(stop, 0)) throw new Superseded();
      return found;
    });
    this.turn = answer.catch(() => undefined).then(() => (this.running = null));
    return answer;
  }

  private put(question: Question, stop: Int32Array): Promise<Answer> {
    this.worker ??= hire(new URL('./think.ts', import.meta.url));
    const worker = this.worker;
    worker.unref();
    return new Promise((resolve, reject) => {
      const settle = () => {
        worker.off('message', heard);
        worker.off('error', fell);
      };
      const heard = (message: { answer: Answer } | { error: string }) => {
        settle();
        if ('answer' in message) resolve(message.answer);
        else reject(new Error(message.error));
      };
      const fell = (error: Error) => {
        settle();
        this.worker = null;
        reject(error);
      };
      worker.on('message', heard);
      worker.on('error', fell);
      worker.postMessage({ question, stop });
    });
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
    this.worker = null;
  }
}

export class Reasoner {
  /** The long thoughts have a thread of their own, so that nobody waits for them who wants a prompt word. */
  private readonly threads: Readonly<Record<Effort, Thread>> = { prompt: new Thread(), thorough: new Thread() };
  private readonly known = new Map<string, Promise<Answer>>();
  private readonly newest = new Map<string, string>();

  /**
   * @param about the case: of its questions only the newest is worth a thorough thought.
   * @throws Superseded
   */
  ask(about: string, question: Question): Promise<Answer> {
    const key = JSON.stringify([about, question]);
    const before = this.known.get(key);
    if (before) return before;
    const kind = `${about} ${question.effort}`;
    this.newest.set(kind, key);
    const answer = this.threads[question.effort].ask(
      question,
      () => question.effort === 'prompt' || this.newest.get(kind) === key,
    );
    const forget = () => this.newest.get(kind) === key && this.newest.delete(kind);
    answer.then(forget, () => {
      forget();
      this.known.delete(key);
    });
    this.known.set(key, answer);
    if (this.known.size > REMEMBERED) this.known.delete(this.known.keys().next().value!);
    return answer;
  }

  /** Has the thread read its atlas before the first question comes. */
  warm(): Promise<unknown> {
    return this.ask('', { entries: [], rules: DEFAULT_RULES, simulated: true, matter: 'salt', own: [], effort: 'prompt' });
  }

  async close(): Promise<void> {
    await Promise.all(Object.values(this.threads).map((thread) => thread.close()));
  }
}
