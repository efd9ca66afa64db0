/**
 * Questions to the thinking threads. Of a case only the newest question is worth an answer, and it takes the place of the one before it
 * in the queue. Quick looks come before long ones, though nothing waits for ever; what is long never takes the last thread; the more
 * wait, the less time each gets; and what has been thought once, by any process, is not thought again.
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
/** Seconds of thought after which a look is answered with what there is. */
interface Patience {
  /** Where nobody else waits. */
  readonly full: number;
  /** However many wait. */
  readonly least: number;
  /** Seconds within which all that wait shall have their answers. */
  readonly within: number;
}
const PATIENCE: Readonly<Record<Effort, Patience>> = {
  prompt: { full: 0.15, least: 0.02, within: 0.5 },
  thorough: { full: 5, least: 0.02, within: 10 },
};
/** Milliseconds after which whoever waited for a prompt look gets a first answer. */
const FIRST_MS = 250;
/** Milliseconds that an entry of a record that was not looked at before is expected to take. */
const ENTRY_MS = 6;
/** Milliseconds above which a prompt look counts as long. */
const LONG_MS = 150;
/** A look waits for quicker ones that come after it, but not for more than so many times as long as it takes. */
const YIELDING = 10;
/** Cases of which is known how long a look takes. */
const COSTS_KNOWN = 5000;
/** What a thread may take beside thinking: it may have to read its atlas first. */
const GRACE_SECONDS = 30;

/** A question that was not thought about, because its case has a newer one. */
export class Superseded extends Error {}

interface Job {
  readonly about: string;
  readonly key: string;
  readonly question: Question;
  /** When it was first asked about the case without an answer since, ms. */
  readonly since: number;
  /** Jobs that are due earlier come first, ms. */
  readonly due: number;
  readonly isLong: boolean;
  /** One, once what there is will do: the thread sees it in the midst of its work. */
  readonly stop: Int32Array;
  /** Work that a newer question has made useless. */
  superseded: boolean;
  readonly settle: { resolve(answer: Answer): void; reject(error: Error): void };
}

/** Has somebody waited so long that a first answer is better than none? */
const isForFirst = ({ question, since }: Job) => question.effort === 'prompt' && performance.now() - since > FIRST_MS;

const raised = () => new Int32Array(new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT));

export class Reasoner {
  private readonly known = new LRUCache<string, Promise<Answer>>({ max: REMEMBERED });
  private readonly waiting: Readonly<Record<Effort, Map<string, Job>>> = { prompt: new Map(), thorough: new Map() };
  private readonly running: Readonly<Record<Effort, Set<Job>>> = { prompt: new Set(), thorough: new Set() };
  /** Milliseconds that the last prompt look at a case took. */
  private readonly costs = new LRUCache<string, number>({ max: COSTS_KNOWN });

  /**
   * @param version of the data and code that the answers rest on.
   * @param onThought told how many seconds a look took a thread.
   */
  constructor(
    private readonly crew: Crew<ThoughtTasks>,
    private readonly db: Db,
    private readonly version: string,
    private readonly onThought: (effort: Effort, seconds: number) => void = () => undefined,
  ) {}

  /** Looks that wait for a thread. */
  get lineLength(): Readonly<Record<Effort, number>> {
    return { prompt: this.waiting.prompt.size, thorough: this.waiting.thorough.size };
  }

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
    const { effort, entries } = question;
    const now = performance.now();
    const since = this.supersede(about, effort, key) ?? now;
    const expected = this.costs.get(about) ?? ENTRY_MS * entries.length;
    const due = effort === 'prompt' ? since + YIELDING * expected : since;
    const isLong = effort === 'thorough' || expected > LONG_MS;
    return new Promise((resolve, reject) => {
      const settle = { resolve, reject };
      const job = { about, key, question, since, due, isLong, stop: raised(), superseded: false, settle };
      this.waiting[effort].set(about, job);
      this.start();
    });
  }

  /**
   * Drops what is thought or to be thought about a case in favour of a newer question.
   * @returns since when the dropped one waited.
   */
  private supersede(about: string, effort: Effort, key: string): number | undefined {
    for (const job of this.running[effort]) if (job.about === about && job.key !== key) this.stop(job);
    const queued = this.waiting[effort].get(about);
    if (!queued || queued.key === key) return undefined;
    this.waiting[effort].delete(about);
    queued.settle.reject(new Superseded());
    return queued.since;
  }

  private stop(job: Job): void {
    job.superseded = true;
    Atomics.store(job.stop, 0, 1);
  }

  private get longThreads(): number {
    return Math.max(1, this.crew.threads - 1);
  }

  /** The job that is due first among those for which there is a thread. */
  private next(): Job | undefined {
    const { prompt, thorough } = this.running;
    if (prompt.size + thorough.size >= this.crew.threads) return undefined;
    const long = [...prompt, ...thorough].filter((job) => job.isLong).length;
    const mayRun = (job: Job) => !job.isLong || long < this.longThreads || isForFirst(job);
    for (const effort of ['prompt', 'thorough'] as const) {
      let first: Job | undefined;
      for (const job of this.waiting[effort].values()) if (mayRun(job) && !(first && first.due <= job.due)) first = job;
      if (first) return first;
    }
    return undefined;
  }

  private start(): void {
    for (let job = this.next(); job; job = this.next()) {
      const running = this.running[job.question.effort];
      const begun = job;
      this.waiting[job.question.effort].delete(job.about);
      running.add(job);
      void this.think(job).finally(() => {
        running.delete(begun);
        this.start();
      });
    }
  }

  /** Seconds that a look may take while so many wait for one. */
  private patience(effort: Effort): number {
    const { full, least, within } = PATIENCE[effort];
    const threads = effort === 'thorough' ? this.longThreads : this.crew.threads;
    return Math.max(least, Math.min(full, (within * threads) / (this.waiting[effort].size + 1)));
  }

  private async think(job: Job): Promise<void> {
    const { about, key, question, stop, settle } = job;
    const { effort } = question;
    const { full } = PATIENCE[effort];
    const seconds = this.patience(effort);
    let enough: ReturnType<typeof setTimeout> | undefined;
    let begun = performance.now();
    const isFirst = isForFirst(job);
    let isCutShort = false;
    const onBegin = () => {
      begun = performance.now();
      enough = setTimeout(() => {
        isCutShort = seconds < full;
        Atomics.store(stop, 0, 1);
      }, seconds * 1000);
    };
    try {
      const answer = await this.crew.run('think', { question, isFirst, stop }, { seconds: full + GRACE_SECONDS, onBegin });
      this.onThought(effort, (performance.now() - begun) / 1000);
      if (job.superseded) throw new Superseded();
      if (effort === 'prompt' && !answer.first) this.costs.set(about, performance.now() - begun);
      settle.resolve(answer);
      if (isCutShort || answer.first) this.known.delete(key);
      else await this.remember(key, answer);
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
    const threads = Array.from({ length: this.crew.threads });
    for (const isFirst of [false, true])
      await Promise.all(
        threads.map(() => this.crew.run('think', { question, isFirst, stop: raised() }, { seconds: GRACE_SECONDS })),
      );
    await this.db.query(`delete from reasoning_answer where at < now() - make_interval(days => $1)`, [KEPT_DAYS]);
  }
}
