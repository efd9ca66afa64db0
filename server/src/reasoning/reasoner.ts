/**
 * Questions to the thinking threads. Of a case only the newest question is worth an answer; cases take turns; what is prompt
 * never waits behind what is thorough; and what has been thought once, by any process, is not thought again.
 */
import { createHash } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import { DEFAULT_RULES } from '#core/scheme/rules';
import type { Effort } from '#contract';
import type { Db } from '../db/pool';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import type { Answer, Question } from './think';

const REMEMBERED = 100;
const KEPT_DAYS = 30;
/** Seconds of thought after which a look is answered with what there is; and those after them at which it is broken off. */
const ENOUGH_SECONDS: Readonly<Record<Effort, number>> = { prompt: 0.15, thorough: 5 };
/** What a thread may take beside thinking: it may have to read its atlas first. */
const GRACE_SECONDS = 30;

/** A question that was not thought about, because its case has a newer one. */
export class Superseded extends Error {}

interface Job {
  readonly about: string;
  readonly key: string;
  readonly question: Question;
  /** One, once nobody wants it any more: the thread sees it in the midst of its work. */
  readonly stop: Int32Array;
  /** Work that a newer question has made useless. */
  superseded: boolean;
  readonly settle: { resolve(answer: Answer): void; reject(error: Error): void };
}

const raised = () => new Int32Array(new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT));

export class Reasoner {
  private readonly known = new LRUCache<string, Promise<Answer>>({ max: REMEMBERED });
  private readonly waiting: Readonly<Record<Effort, Map<string, Job>>> = { prompt: new Map(), thorough: new Map() };
  private readonly running: Readonly<Record<Effort, Set<Job>>> = { prompt: new Set(), thorough: new Set() };

  /** @param version of the data and code that the answers rest on. */
  constructor(
    private readonly crew: Crew<ThoughtTasks>,
    private readonly db: Db,
    private readonly version: string,
  ) {}

  /**
   * @param about the case.
   * @throws Superseded
   */
  ask(about: string, question: Question): Promise<Answer> {
    const key = createHash('sha256')
      .update(JSON.stringify([this.version, question]))
      .digest('base64');
    const before = this.known.get(key);
    if (before) {
      this.supersede(about, question.effort, key);
      return before;
    }
    const answer = this.remembered(key).then((found) => found ?? this.enqueue(about, key, question));
    this.known.set(key, answer);
    answer.catch(() => this.known.delete(key));
    return answer;
  }

  private async remembered(key: string): Promise<Answer | undefined> {
    const { rows } = await this.db.query<{ answer: string }>({
      name: 'remembered-answer',
      text: 'select answer from reasoning_answer where key = $1',
      values: [key],
    });
    return rows[0] && (JSON.parse(rows[0].answer) as Answer);
  }

  private enqueue(about: string, key: string, question: Question): Promise<Answer> {
    this.supersede(about, question.effort, key);
    return new Promise((resolve, reject) => {
      const job = { about, key, question, stop: raised(), superseded: false, settle: { resolve, reject } };
      this.waiting[question.effort].set(about, job);
      this.start();
    });
  }

  /** Drops what is thought or to be thought about a case in favour of a newer question. */
  private supersede(about: string, effort: Effort, key: string): void {
    const queued = this.waiting[effort].get(about);
    if (queued && queued.key !== key) {
      this.waiting[effort].delete(about);
      queued.settle.reject(new Superseded());
    }
    for (const job of this.running[effort]) if (job.about === about && job.key !== key) this.stop(job);
  }

  private stop(job: Job): void {
    job.superseded = true;
    Atomics.store(job.stop, 0, 1);
  }

  /** Thorough looks leave a thread free for prompt ones, where there are two. */
  private start(): void {
    const most = { prompt: this.crew.threads, thorough: Math.max(1, this.crew.threads - 1) };
    for (const effort of ['prompt', 'thorough'] as const) {
      const { prompt, thorough } = this.running;
      const [first] = this.waiting[effort].values();
      if (!first || this.running[effort].size >= most[effort] || prompt.size + thorough.size >= this.crew.threads + 1) continue;
      this.waiting[effort].delete(first.about);
      this.running[effort].add(first);
      void this.think(first, effort).finally(() => {
        this.running[effort].delete(first);
        this.start();
      });
    }
  }

  private async think(job: Job, effort: Effort): Promise<void> {
    const { key, question, stop, settle } = job;
    let enough: ReturnType<typeof setTimeout> | undefined;
    const onBegin = () => {
      enough = setTimeout(() => Atomics.store(stop, 0, 1), ENOUGH_SECONDS[effort] * 1000);
    };
    try {
      const budget = { seconds: ENOUGH_SECONDS[effort] + GRACE_SECONDS, onBegin };
      const answer = await this.crew.run('think', { question, stop }, budget);
      if (job.superseded) throw new Superseded();
      settle.resolve(answer);
      await this.remember(key, answer);
    } catch (error) {
      settle.reject(error as Error);
    } finally {
      clearTimeout(enough);
    }
  }

  /** That it could not be kept is no loss. */
  private async remember(key: string, answer: Answer): Promise<void> {
    const sql = 'insert into reasoning_answer (key, answer) values ($1, $2) on conflict do nothing';
    await this.db.query(sql, [key, JSON.stringify(answer)]).catch(() => undefined);
  }

  /** Has every thread read its atlas before the first question comes, and forgets what was thought long ago. */
  async warm(): Promise<void> {
    const question: Question = {
      entries: [],
      rules: DEFAULT_RULES,
      simulated: true,
      matter: 'salt',
      own: [],
      effort: 'prompt',
    };
    await Promise.all(
      Array.from({ length: this.crew.threads }, () =>
        this.crew.run('think', { question, stop: raised() }, { seconds: GRACE_SECONDS }),
      ),
    );
    await this.db.query(`delete from reasoning_answer where at < now() - make_interval(days => $1)`, [KEPT_DAYS]);
  }
}
