/** People who work cases over HTTP, with human pauses, as the interface would for them. */
import { randomUUID } from 'node:crypto';
import { type CaseChanges, caseChangesSchema, type CaseView, type Effort, reasoningSchema, withChanges } from '#contract';
import type { CaseEvent } from '#core/record/events';
import { seeded } from '#core/reasoning/student';
import { layOut } from '#core/scheme/layout';
import type { StandardTest } from '#core/scheme/model';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { onVessels, stepsOf, testsOf } from '#core/scheme/tests';
import type { Visitor } from './visitor';

/** What was measured: milliseconds of every answer by kind, and how many were refused or failed. */
export class Measured {
  readonly times: Record<string, number[]> = {};
  readonly statuses: Record<string, number> = {};

  async time(kind: string, ask: () => Promise<Response>): Promise<Response> {
    const since = performance.now();
    const response = await ask();
    const text = await response.text();
    this.add(kind, performance.now() - since);
    const status = `${kind} ${response.status}`;
    this.statuses[status] = (this.statuses[status] ?? 0) + 1;
    return new Response(text || null, { status: response.status, headers: response.headers });
  }

  add(kind: string, ms: number): void {
    (this.times[kind] ??= []).push(ms);
  }

  summary(): Record<string, { n: number; p50: number; p95: number; p99: number; most: number }> {
    return Object.fromEntries(
      Object.entries(this.times).map(([kind, list]) => {
        const sorted = [...list].sort((a, b) => a - b);
        const at = (q: number) => Math.round(sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]! * 10) / 10;
        return [kind, { n: sorted.length, p50: at(0.5), p95: at(0.95), p99: at(0.99), most: at(1) }];
      }),
    );
  }
}

/** Looks at the reasoning about a case as the page of suspects does: a thorough look follows where the prompt one asks for it. */
export async function look(who: Visitor, caseId: string, measured: Measured, kind: string): Promise<void> {
  const { url, headers } = who;
  const ask = (of: string, effort: Effort) =>
    measured.time(of, () => fetch(`${url}/api/cases/${caseId}/reasoning?effort=${effort}`, { headers }));
  const answer = await ask(kind, 'prompt');
  const found = answer.ok ? reasoningSchema.parse(await answer.json()) : null;
  if (found?.waiting === null && found.first) measured.add(`${kind}, of these a first look`, 1);
  if (found?.waiting === null && found.further) void ask(`${kind}, thorough`, 'thorough').catch(() => undefined);
}

const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

export class Worker {
  private readonly random: () => number;
  private view!: CaseView;
  /** Events acknowledged by the server, after those with which the case began. */
  acknowledged = 0;
  begunAt = 0;

  /** When what was done was acknowledged, by the time that the record gives it; for who looks on. */
  readonly acknowledgedAt: { readonly stamp: string; readonly at: number }[] = [];

  constructor(
    private readonly who: Visitor,
    private readonly measured: Measured,
    seed: number,
    /** Mean pause between two steps, s. */
    private readonly pause: number,
  ) {
    this.random = seeded(seed);
  }

  /** Undefined until the work was begun. */
  get caseId(): string | undefined {
    return (this.view as CaseView | undefined)?.summary.id;
  }

  private pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)]!;
  }

  /** Pauses of people: mostly short, now and then long. */
  private rest(): Promise<unknown> {
    return sleep(-Math.log(1 - this.random()) * this.pause * 1000);
  }

  private post(kind: string, path: string, body: object): Promise<Response> {
    const { url, headers } = this.who;
    return this.measured.time(kind, () => fetch(`${url}/api${path}`, { method: 'POST', headers, body: JSON.stringify(body) }));
  }

  private async send(kind: string, event: CaseEvent): Promise<boolean> {
    const response = await this.post(kind, `/cases/${this.caseId}/events`, { id: randomUUID(), after: this.view.seq, event });
    if (response.status !== 200) return false;
    this.acknowledged++;
    this.view = withChanges(this.view, caseChangesSchema.parse(await response.json()) as CaseChanges);
    this.acknowledgedAt.push({ stamp: this.view.summary.updatedAt, at: Date.now() });
    return true;
  }

  /** Goes on with the work that was set. */
  async work(until: number): Promise<void> {
    await this.rest();
    const [{ id }] = await this.who.get<[{ id: string }]>('GET', '/cases');
    this.view = caseChangesSchema.parse(await this.who.get('GET', `/cases/${id}`));
    this.begunAt = this.view.seq;
    const tests = testsOf('no-sulfide').filter((t) => t.watch.length > 0);
    let next = 0;
    while (Date.now() < until) {
      // The path is gone along, with leaps as people make them.
      const test = this.random() < 0.8 ? tests[next++ % tests.length]! : this.pick(tests);
      await this.test(test, until);
    }
  }

  private async test(test: StandardTest, until: number): Promise<void> {
    const layout = layOut(
      test,
      DEFAULT_RULES,
      this.view.vessels.map((v) => v.id),
    );
    if ('missing' in layout) return;
    const run = { id: randomUUID(), tubes: { ...layout.tubes } };
    for (const [step, { op }] of stepsOf(test, DEFAULT_RULES).entries()) {
      if (Date.now() > until) return;
      await this.rest();
      const payload = { op: onVessels(op, layout.tubes), test: test.id, run: { ...run, step } };
      if (!(await this.send('operation', { kind: 'operation', payload }))) break;
    }
    await this.rest();
    const happened = (this.view.words ?? []).filter((o) => o.event !== 'none' && o.event !== 'unchanged');
    const observed = (happened.length ? happened : (this.view.words ?? [])).slice(0, 3);
    if (!observed.length || Date.now() > until) return;
    await this.send('entry', { kind: 'entry', payload: { test: test.id, observed } });
    await look(this.who, this.caseId!, this.measured, 'reasoning');
  }
}
