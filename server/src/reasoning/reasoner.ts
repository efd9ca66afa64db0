/** Keeps the thinking thread, asks it one thing at a time, and remembers what it said of each case. */
import type { Worker } from 'node:worker_threads';
import { hire } from '#atlas';
import { DEFAULT_RULES } from '#core/scheme/rules';
import type { Answer, Question } from './think';

const REMEMBERED = 300;

export class Reasoner {
  private worker: Worker | null = null;
  private turn: Promise<unknown> = Promise.resolve();
  private readonly known = new Map<string, Promise<Answer>>();

  /** @param key of the case, its length and its rules: the same key has the same answer. */
  ask(key: string, question: Question): Promise<Answer> {
    const before = this.known.get(key);
    if (before) return before;
    const answer = this.turn.then(() => this.put(question));
    this.turn = answer.catch(() => undefined);
    this.known.set(key, answer);
    answer.catch(() => this.known.delete(key));
    if (this.known.size > REMEMBERED) this.known.delete(this.known.keys().next().value!);
    return answer;
  }

  /** Has the thread read its atlas before the first question comes. */
  warm(): Promise<unknown> {
    return this.ask('', { entries: [], rules: DEFAULT_RULES, simulated: true, matter: 'salt', own: [] });
  }

  private put(question: Question): Promise<Answer> {
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
      worker.postMessage(question);
    });
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
    this.worker = null;
  }
}
