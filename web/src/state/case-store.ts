/** One open case as this window knows it, and the events on their way: sent one after another, each once. */
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { CaseEvent } from '#core/record/events';
import { type CaseChanges, type CaseView, withChanges } from '#contract';
import { type Api, ApiError } from './api';

export interface CaseFile {
  readonly view: CaseView | null;
  readonly error: Error | null;
  /** Events not yet acknowledged. */
  readonly waiting: number;
  /** Why they wait, when it is not their turn that they wait for. */
  readonly held: 'offline' | 'busy' | null;
}

/** What is done about a refusal: the case is read on and the event sent again, or a while is waited. */
const AGAIN: Readonly<Partial<Record<ApiError['code'], CaseFile['held'] | 'read-on'>>> = {
  stale: 'read-on',
  offline: 'offline',
  away: 'busy',
  busy: 'busy',
  'too-many': 'busy',
};
const MOST_TRIES = 12;
const FIRST_PAUSE_MS = 400;
const LONGEST_PAUSE_MS = 8000;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

export class CaseStore {
  private readonly store: StoreApi<CaseFile> = createStore<CaseFile>(() => ({ view: null, error: null, waiting: 0, held: null }));
  private queue: Promise<unknown> = Promise.resolve();
  private reading: Promise<CaseView> | null = null;

  constructor(
    readonly id: string,
    private readonly api: Api,
  ) {}

  readonly subscribe = (listener: () => void) => this.store.subscribe(listener);
  readonly now = (): CaseFile => this.store.getState();

  /** Reads what happened since; at first, all of it. Asked twice at once, it reads once. */
  readOn(): Promise<CaseView> {
    this.reading ??= this.api
      .changes(this.id, this.now().view?.seq ?? 0)
      .then((changes) => this.take(changes))
      .catch((error: unknown) => {
        this.store.setState({ error: error as Error });
        throw error;
      })
      .finally(() => (this.reading = null));
    return this.reading;
  }

  /** That event `seq` is there: nothing is read for the echo of what this window sent itself. */
  async heard(seq: number): Promise<void> {
    await this.queue;
    const known = this.now().view;
    if (known && known.seq < seq) await this.readOn().catch(() => undefined);
  }

  private take(changes: CaseChanges): CaseView {
    const known = this.now().view;
    const view = known && changes.after > 0 ? withChanges(known, changes) : changes;
    this.store.setState({ view, error: null });
    return view;
  }

  /**
   * Sends an event after all those before it.
   * @throws ApiError when it is refused; those after it are sent all the same.
   */
  append(event: CaseEvent): Promise<CaseView> {
    this.store.setState(({ waiting }) => ({ waiting: waiting + 1 }));
    const turn = this.queue.then(() => this.send(event));
    this.queue = turn
      .catch(() => undefined)
      .then(() => this.store.setState(({ waiting }) => ({ waiting: waiting - 1, held: null })));
    return turn;
  }

  private async send(event: CaseEvent): Promise<CaseView> {
    // The server knows a repeat by its id, so that a lost answer can be asked for again.
    const id = crypto.randomUUID();
    for (let tries = 1; ; tries++) {
      try {
        const { seq } = this.now().view ?? (await this.readOn());
        const changes = await this.api.append(this.id, { id, after: seq, event });
        return changes.after > (this.now().view?.seq ?? 0) ? await this.readOn() : this.take(changes);
      } catch (error) {
        const again = error instanceof ApiError ? AGAIN[error.code] : undefined;
        if (!again || tries >= MOST_TRIES) throw error;
        if (again === 'read-on') await this.readOn();
        else await this.wait(again, tries, (error as ApiError).retryAfter);
      }
    }
  }

  private async wait(held: CaseFile['held'], tries: number, seconds = 0): Promise<void> {
    this.store.setState({ held });
    await pause(Math.min(LONGEST_PAUSE_MS, Math.max(seconds * 1000, FIRST_PAUSE_MS * 2 ** (tries - 1))));
  }
}
