/**
 * What this device keeps of a person's cases, in IndexedDB, so that they can be gone on with where the server cannot be reached. Copies
 * of what the server has are apart from what it does not have yet: the first go when the person does, the second never without a word.
 */
import { clear, createStore, del, entries, get, set, type UseStore } from 'idb-keyval';
import type { Foreseen } from '#core/exchange/away';
import type { Pending } from '#core/exchange/pending';
import type { FiledEvent } from '#core/exchange/case-file';
import type { CaseView } from '#contract';
import { keepHere } from './photos';

/** What waits to be sent; of a photo, its picture. */
export interface Waiting extends Pending {
  readonly picture?: Blob;
}

/** What was refused: kept until its owner has sent it again or thrown it away. */
export interface SetAside extends Waiting {
  readonly why: string;
}

/** What the server does not have. */
export interface Outbox {
  readonly waiting: readonly Waiting[];
  readonly setAside: readonly SetAside[];
}

/** A case as the server told it last, with its events. */
export interface KeptCase {
  readonly view: CaseView;
  readonly events: readonly FiledEvent[];
}

export interface Device {
  load(id: string): Promise<Outbox & { readonly kept: KeptCase | null }>;
  keep(id: string, kept: KeptCase): Promise<void>;
  keepOutbox(id: string, outbox: Outbox): Promise<void>;
  foresee(id: string, events: readonly FiledEvent[], pending: readonly Pending[]): Promise<Foreseen>;
}

const EMPTY: Outbox = { waiting: [], setAside: [] };
const bare = ({ id, event, at }: Waiting): Pending => ({ id, event, at });

/** A worker that answers in turn. */
class Seer {
  private worker: Worker | null = null;
  private turn = 0;
  private readonly asked = new Map<number, { resolve: (f: Foreseen) => void; reject: (e: Error) => void }>();

  ask(id: string, events: readonly FiledEvent[], pending: readonly Pending[]): Promise<Foreseen> {
    this.worker ??= this.hire();
    const turn = ++this.turn;
    this.worker.postMessage({ turn, id, events, pending });
    return new Promise((resolve, reject) => this.asked.set(turn, { resolve, reject }));
  }

  private hire(): Worker {
    const worker = new Worker(new URL('./away.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ turn: number; foreseen?: Foreseen; failed?: string }>) => {
      const waits = this.asked.get(data.turn);
      this.asked.delete(data.turn);
      if (data.foreseen) waits?.resolve(data.foreseen);
      else waits?.reject(new Error(data.failed));
    };
    return worker;
  }
}

const seer = new Seer();
const stores = new Map<string, UseStore>();

/** A store of one person's on this device. */
export function storeOf(what: 'cases' | 'outbox' | 'answers', person: string): UseStore {
  const name = `foxing-${what}-${person}`;
  let store = stores.get(name);
  if (!store) stores.set(name, (store = createStore(name, what)));
  return store;
}

/** The browser's own store, and a worker for what cannot be asked of the server. */
export function browserDevice(person: () => string): Device {
  const cases = () => storeOf('cases', person());
  const outbox = () => storeOf('outbox', person());
  return {
    load: async (id) => {
      const { waiting, setAside } = (await get<Outbox>(id, outbox())) ?? EMPTY;
      for (const { event, picture } of [...waiting, ...setAside])
        if (picture && event.kind === 'photo') keepHere(event.payload.photo, picture);
      return { kept: (await get<KeptCase>(id, cases())) ?? null, waiting, setAside };
    },
    keep: (id, kept) => set(id, kept, cases()),
    keepOutbox: (id, box) => (box.waiting.length || box.setAside.length ? set(id, box, outbox()) : del(id, outbox())),
    foresee: (id, events, pending) => seer.ask(id, events, (pending as readonly Waiting[]).map(bare)),
  };
}

const OLD = 'foxing-cases';

/** What waited from before things were kept by person belongs to whoever is here then. */
export async function adoptOldOutbox(person: string): Promise<void> {
  const there = await indexedDB.databases?.();
  if (!there?.some((d) => d.name === OLD)) return;
  const old = createStore(OLD, 'cases');
  for (const [key, value] of await entries<string, unknown>(old)) {
    const id = /^waiting\/(.*)$/.exec(key)?.[1];
    if (id) await set(id, { waiting: value as Waiting[], setAside: [] } satisfies Outbox, storeOf('outbox', person));
  }
  await clear(old);
}

/** How much of a person's work the server does not have: things done, over all cases. */
export async function unsentOf(person: string): Promise<number> {
  const all = await entries<string, Outbox>(storeOf('outbox', person));
  return all.reduce((sum, [, { waiting, setAside }]) => sum + waiting.length + setAside.length, 0);
}

/** Where the browser keeps photos that were looked at. */
const PHOTO_CACHE = 'photos';

/**
 * Takes away what this device holds of a person.
 * @param what `copies` leaves what the server does not have; `everything` throws that away too.
 */
export async function forgetPerson(person: string, what: 'copies' | 'everything'): Promise<void> {
  await clear(storeOf('cases', person));
  await clear(storeOf('answers', person));
  if (what === 'everything') await clear(storeOf('outbox', person));
  if ('caches' in globalThis) await caches.delete(PHOTO_CACHE);
}
