/**
 * One open case as this window knows it, and what is on its way: kept on this device until it is acknowledged, sent one after
 * another, each once. Where the server cannot be reached the case goes on as it is foreseen to be.
 */
import { createStore, type StoreApi } from 'zustand/vanilla';
import { keptApart } from '#core/exchange/pending';
import type { CaseEvent } from '#core/record/events';
import { type CaseChanges, type CaseView, withChanges } from '#contract';
import { ahead } from './ahead';
import type { Api } from './api';
import { ApiError } from './api-error';
import { pauseAfter } from './patience';
import type { Device, KeptCase, SetAside, Waiting } from './device';

export interface CaseFile {
  /** With all that waits, where that can be foreseen. */
  readonly view: CaseView | null;
  readonly error: Error | null;
  /** Events not yet acknowledged. */
  readonly waiting: number;
  /** Why they wait, when it is not their turn that they wait for. */
  readonly held: 'offline' | 'busy' | 'signed-out' | null;
  /** Entries above this number wait. */
  readonly acknowledged: number;
  /** What was refused, kept until its owner has seen to it. */
  readonly setAside: readonly SetAside[];
  /** Entries that were written elsewhere meanwhile on the same tests or tubes. */
  readonly elsewhere: readonly number[];
}

/** What is done about a refusal: the case is read on and the event sent again, or a while is waited. */
const AGAIN: Readonly<Partial<Record<ApiError['code'], 'offline' | 'busy' | 'signed-out' | 'read-on'>>> = {
  stale: 'read-on',
  offline: 'offline',
  away: 'busy',
  busy: 'busy',
  'too-many': 'busy',
  internal: 'busy',
  // Whoever did it signs in again; nobody else sends it.
  'signed-out': 'signed-out',
};
/** Readings in a row after which a case that is always said to have moved on is not sent to again. */
const MOST_READ_ON = 8;
const KEEP_AFTER_MS = 300;
/** What arrives later than this after it was done says when that was. */
const AT_ONCE_MS = 60000;
/** What a form on the page still holds when it was refused while somebody looked on. */
const STILL_ON_THE_PAGE: ReadonlySet<CaseEvent['kind']> = new Set(['operation', 'entry', 'timer', 'timer-done', 'rules']);

/** Answers with which a case is shown as this device keeps it. */
const AWAY: ReadonlySet<ApiError['code']> = new Set(['offline', 'signed-out']);

interface OnItsWay extends Waiting {
  resolve?: (view: CaseView) => void;
  reject?: (error: Error) => void;
}

const NOTHING: CaseFile = {
  view: null,
  error: null,
  waiting: 0,
  held: null,
  acknowledged: 0,
  setAside: [],
  elsewhere: [],
};

export class CaseStore {
  private readonly store: StoreApi<CaseFile> = createStore<CaseFile>(() => NOTHING);
  private line: OnItsWay[] = [];
  private sending: Promise<void> | null = null;
  private reading: Promise<CaseView> | null = null;
  private loading: Promise<void> | null = null;
  /** As the server told it last. */
  private known: CaseView | null = null;
  private kept: KeptCase | null = null;
  private keeping: ReturnType<typeof setTimeout> | undefined;
  private wake: () => void = () => undefined;
  private closed = false;

  /** @param device absent where nothing is kept. */
  constructor(
    readonly id: string,
    private readonly api: Api,
    private readonly device: Device | null = null,
  ) {}

  readonly subscribe = (listener: () => void) => this.store.subscribe(listener);
  readonly now = (): CaseFile => this.store.getState();

  /** Reads what happened since; at first, all of it. Asked twice at once, it reads once. */
  readOn(): Promise<CaseView> {
    this.reading ??= this.load()
      .then(() => this.api.changes(this.id, this.known?.seq ?? 0))
      .then((changes) => this.take(changes))
      .catch((error: unknown) => this.fallBack(error as Error))
      .finally(() => (this.reading = null));
    return this.reading;
  }

  /** That event `seq` is there: nothing is read for the echo of what this window sent itself. */
  async heard(seq: number): Promise<void> {
    await this.load();
    await this.sending;
    // A reading that is under way may have begun before the event was there; the next has not.
    for (let reads = 0; reads < 2 && (this.known?.seq ?? 0) < seq; reads++) await this.readOn().catch(() => undefined);
  }

  /** The server may be there again: what waits is tried at once. */
  stir(): void {
    this.wake();
  }

  private load(): Promise<void> {
    this.loading ??= (async () => {
      const found = await this.device?.load(this.id).catch(() => null);
      this.kept = found?.kept ?? null;
      this.line = [...(found?.waiting ?? []), ...this.line];
      this.store.setState(({ setAside }) => ({
        waiting: this.line.length,
        setAside: [...(found?.setAside ?? []), ...setAside],
      }));
      if (this.line.length) this.sendAll();
    })();
    return this.loading;
  }

  /** Where the server cannot be reached, the case as it was kept. */
  private fallBack(error: Error): CaseView {
    if (this.known === null && this.kept && error instanceof ApiError && AWAY.has(error.code)) {
      this.known = this.kept.view;
      this.show({ error: null, held: error.code === 'signed-out' ? 'signed-out' : 'offline' });
      void this.foresee();
      this.sendAll();
      return this.known;
    }
    if (this.known === null) this.store.setState({ error });
    throw error;
  }

  private show(more: Partial<CaseFile> = {}): void {
    this.store.setState({ view: this.known, acknowledged: this.known?.entries.length ?? 0, ...more });
  }

  private take(changes: CaseChanges): CaseView {
    this.known = this.known && changes.after > 0 ? withChanges(this.known, changes) : changes;
    if (this.now().held === null || !this.line.length) this.show({ error: null });
    clearTimeout(this.keeping);
    if (this.device) this.keeping = setTimeout(() => void this.keep().catch(() => undefined), KEEP_AFTER_MS);
    return this.known;
  }

  /** Keeps the case with its events on this device. */
  private async keep(): Promise<void> {
    if (this.closed) return;
    const view = this.known!;
    const had = this.kept?.events ?? [];
    const events = [...had, ...(await this.api.events(this.id, had.length))];
    if (events.length !== view.seq) return;
    this.kept = { view, events };
    await this.device!.keep(this.id, this.kept);
  }

  /**
   * Sends an event after all those before it. Where the server cannot be reached, it is taken for done once it is kept and
   * foreseen.
   * @param picture of a photo, which is sent before it.
   * @throws ApiError when it is refused; those after it are sent all the same.
   */
  append(event: CaseEvent, picture?: Blob): Promise<CaseView> {
    return new Promise((resolve, reject) => {
      const at = new Date().toISOString();
      // The server knows a repeat by its id, so that a lost answer can be asked for again.
      this.line.push({ id: crypto.randomUUID(), event, at, ...(picture && { picture }), resolve, reject });
      this.store.setState({ waiting: this.line.length });
      void this.load().then(() => {
        this.keepOutbox();
        if (this.now().held) void this.foresee();
        this.sendAll();
      });
    });
  }

  private keepOutbox(): void {
    if (this.closed) return;
    const waiting = this.line.map(({ resolve: _, reject: __, ...plain }): Waiting => plain);
    void this.device?.keepOutbox(this.id, { waiting, setAside: this.now().setAside }).catch(() => undefined);
  }

  /** Another person sits here: nothing more is sent; what waits stays on the device for its owner. */
  close(): void {
    this.closed = true;
    clearTimeout(this.keeping);
    this.wake();
  }

  private sendAll(): void {
    this.sending ??= this.sendLine().finally(() => {
      this.sending = null;
      // What came while the last was being put away.
      if (this.line.length && !this.closed) this.sendAll();
    });
  }

  private async sendLine(): Promise<void> {
    let readOn = 0;
    for (let tries = 0; !this.closed;) {
      const first = this.line[0];
      if (!first && this.now().held === null) return;
      try {
        // With nothing to send it is only asked whether the server is there again.
        if (first) this.done(first, await this.send(first));
        else await this.readOn();
        tries = 0;
        readOn = 0;
        if (this.now().held && !this.line.length) this.show({ held: null });
      } catch (error) {
        const again = error instanceof ApiError ? AGAIN[error.code] : undefined;
        if (this.closed) return;
        if (again === 'read-on' && readOn++ < MOST_READ_ON) await this.readPast().catch(() => undefined);
        else if (again && again !== 'read-on') await this.wait(again, pauseAfter(error, tries++));
        else if (first) this.refused(first, error as Error);
        else return;
      }
    }
  }

  private async send({ id, event, picture, at }: Waiting): Promise<CaseView> {
    const known = this.known ?? (await this.readOn());
    const sent =
      picture && event.kind === 'photo'
        ? { ...event, payload: { ...event.payload, ...(await this.api.sendPhoto(this.id, picture)) } }
        : event;
    const late = Date.now() - Date.parse(at) > AT_ONCE_MS;
    const done = late && { done: new Date(Date.parse(at) + this.api.clockOffset()).toISOString() };
    const changes = await this.api.append(this.id, { id, after: known.seq, event: sent, ...done });
    return changes.after > this.known!.seq ? this.readOn() : this.take(changes);
  }

  private done(first: OnItsWay, view: CaseView): void {
    this.leave(first);
    first.resolve?.(view);
    if (this.now().held === null) this.show();
  }

  private refused(first: OnItsWay, error: Error): void {
    const { resolve: _, reject, ...plain } = first;
    if (!reject || !STILL_ON_THE_PAGE.has(first.event.kind))
      this.store.setState(({ setAside }) => ({ setAside: [...setAside, { ...plain, why: error.message }] }));
    this.leave(first);
    reject?.(error);
    if (this.now().held === null) this.show();
  }

  private leave(first: OnItsWay): void {
    this.line = this.line.filter((e) => e !== first);
    this.keepOutbox();
    this.store.setState({ waiting: this.line.length });
  }

  /** Others wrote meanwhile: their tubes are kept apart from ours, and what they wrote on the same is pointed at. */
  private async readPast(): Promise<void> {
    const before = this.known!;
    const held = this.now().held;
    const now = await this.readOn();
    const ids = (view: CaseView) => view.vessels.map((v) => v.id);
    const apart = keptApart(this.line, ids(before), ids(now));
    this.line = this.line.map((w, i) => ({ ...w, event: apart[i]!.event }));
    this.keepOutbox();
    if (!held) return;
    const touched = new Set(
      this.line.flatMap(({ event: { payload } }) => ('test' in payload && payload.test ? [payload.test] : [])),
    );
    const theirs = now.entries.slice(before.entries.length).filter((e) => touched.has(e.test));
    this.store.setState(({ elsewhere }) => ({ elsewhere: [...new Set([...elsewhere, ...theirs.map((e) => e.number)])] }));
  }

  private async wait(held: 'offline' | 'busy' | 'signed-out', ms: number): Promise<void> {
    this.store.setState({ held });
    void this.foresee();
    await new Promise<void>((resolve) => {
      const timer = setTimeout(resolve, ms);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  /** Shows the case with what waits; what is foreseen is done as far as the person is concerned. */
  private async foresee(): Promise<void> {
    const { known, kept, line } = this;
    if (!this.device || !known || kept?.view.seq !== known.seq || !line.length) return;
    const found = await this.device.foresee(this.id, kept.events, line).catch(() => null);
    if (!found || this.now().held === null || this.known !== known) return;
    const view = ahead(known, found);
    this.store.setState({ view, acknowledged: known.entries.length });
    for (const waits of line) {
      const refusal = found.refused.find((r) => r.id === waits.id);
      if (refusal && this.line.includes(waits) && waits.reject && known.summary.kind === 'real')
        this.refused(waits, new Error(refusal.why));
      else if (!refusal) {
        waits.resolve?.(view);
        delete waits.resolve;
        delete waits.reject;
      }
    }
  }

  /** What was written elsewhere has been looked at. */
  dismiss(): void {
    this.store.setState({ elsewhere: [] });
  }

  private takeBack(id: string): SetAside | undefined {
    const found = this.now().setAside.find((s) => s.id === id);
    this.store.setState(({ setAside }) => ({ setAside: setAside.filter((s) => s.id !== id) }));
    return found;
  }

  /** What was set aside is sent once more, after all that waits. */
  sendAgain(id: string): void {
    const found = this.takeBack(id);
    if (!found) return;
    const { why: _, ...waiting } = found;
    this.line.push({ ...waiting, id: crypto.randomUUID() });
    this.store.setState({ waiting: this.line.length });
    this.keepOutbox();
    this.sendAll();
  }

  /** Its owner does not want it any more. */
  throwAway(id: string): void {
    this.takeBack(id);
    this.keepOutbox();
  }
}
