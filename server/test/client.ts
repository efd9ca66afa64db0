/** What the tests ask of a server, and write to it; it knows nothing of how one is started. */
import { randomUUID } from 'node:crypto';
import {
  type CaseChanges,
  caseChangesSchema,
  type CaseView,
  type Effort,
  problemSchema,
  reasoningSchema,
  withChanges,
} from '#contract';
import type { CaseEvent } from '#core/record/events';
import { layOut } from '#core/scheme/layout';
import { schoolOf } from '#core/scheme/rules';
import { onVessels, stepsOf, testsOf } from '#core/scheme/tests';
import type { Observation } from '#core/vocabulary/observation';
import type { Running } from '../src/start';

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  readonly text: string;
}

const isBusy = ({ status, text }: Answer) => status === 503 && problemSchema.parse(JSON.parse(text)).code === 'busy';

/** What a server is asked, as a browser asks it. */
export class Client {
  constructor(readonly server: Pick<Running, 'url'>) {}

  /** Where the server has its hands full it is asked again, when it says so. */
  async ask(path: string, body?: unknown, headers: Record<string, string> = {}, method = 'POST'): Promise<Answer> {
    for (;;) {
      const answer = await this.askOnce(path, body, headers, method);
      if (!isBusy(answer)) return answer;
      await new Promise((resolve) => setTimeout(resolve, Number(answer.headers.get('retry-after')) * 1000));
    }
  }

  private async askOnce(path: string, body: unknown, headers: Record<string, string>, method: string): Promise<Answer> {
    const response = await fetch(`${this.server.url}${path}`, {
      ...(body !== undefined && { method, body: typeof body === 'string' ? body : JSON.stringify(body) }),
      headers: { 'content-type': 'application/json', ...headers },
    });
    return { status: response.status, headers: response.headers, text: await response.text() };
  }

  async begin(asked: object): Promise<CaseView> {
    return changes((await this.ask('/api/cases', asked)).text);
  }

  async read(id: string, after = 0): Promise<CaseChanges> {
    return changes((await this.ask(`/api/cases/${id}?after=${after}`)).text);
  }

  /** Sends one event after those that the view knows. */
  async append(view: CaseView, event: CaseEvent, more: { id?: string; after?: number } = {}) {
    const request = { id: more.id ?? randomUUID(), after: more.after ?? view.seq, event };
    const answer = await this.ask(`/api/cases/${view.summary.id}/events`, request);
    return { ...answer, view: answer.status === 200 ? withChanges(view, changes(answer.text)) : null };
  }

  /** Sends events one after another. @throws Error when one is refused. */
  async write(view: CaseView, ...events: readonly CaseEvent[]): Promise<CaseView> {
    for (const event of events) {
      const { view: now, text } = await this.append(view, event);
      if (!now) throw new Error(text);
      view = now;
    }
    return view;
  }

  /** Works a test by its title step by step, and writes down what was seen of it: what leapt to the eye, when nothing is said. */
  async work(view: CaseView, title: string, seen?: readonly Observation[]): Promise<CaseView> {
    const scheme = view.summary.matter === 'compound' ? 'organic' : schoolOf(view.rules);
    const test = testsOf(scheme).find((t) => t.title === title)!;
    const layout = layOut(
      test,
      view.rules,
      view.vessels.map((v) => v.id),
    );
    if ('missing' in layout) throw new Error(`${title} needs ${layout.missing}`);
    const run = { id: randomUUID(), tubes: { ...layout.tubes } };
    for (const [step, { op }] of stepsOf(test, view.rules).entries())
      view = await this.write(view, {
        kind: 'operation',
        payload: { op: onVessels(op, layout.tubes), test: test.id, run: { ...run, step } },
      });
    const told = view.words ?? [];
    const happened = told.filter((o) => o.event !== 'none' && o.event !== 'unchanged');
    const observed = seen ?? (happened.length ? happened : told).slice(0, 2);
    return this.write(view, wrote(test.id, ...observed));
  }

  async reasoning(view: CaseView, effort: Effort = 'prompt') {
    const { status, text } = await this.ask(`/api/cases/${view.summary.id}/reasoning?effort=${effort}`);
    if (status !== 200) throw new Error(text);
    return reasoningSchema.parse(JSON.parse(text));
  }

  /** @throws Error when the house wants the person's own inference first. */
  /** What was thought in full: where many wait there is a first answer before. */
  async reasoned(view: CaseView, effort: Effort = 'prompt') {
    for (;;) {
      const found = await this.reasoning(view, effort);
      if (found.waiting) throw new Error('the reasoning waits');
      if (!found.first) return found;
    }
  }
}

export const changes = (text: string): CaseChanges => caseChangesSchema.parse(JSON.parse(text));

export const operation = (op: Extract<CaseEvent, { kind: 'operation' }>['payload']['op'], test?: string): CaseEvent => ({
  kind: 'operation',
  payload: { op, ...(test && { test }) },
});
export const DISSOLVE = operation({ op: 'dissolve', to: 'S', grams: 0.4, in: 'water', mL: 12 });

export const wrote = (test: string, ...observed: Extract<CaseEvent, { kind: 'entry' }>['payload']['observed']): CaseEvent => ({
  kind: 'entry',
  payload: { test, observed, inference: 'So.' },
});
