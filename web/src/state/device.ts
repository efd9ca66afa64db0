/** What this device keeps of a case, in IndexedDB, so that it can be gone on with where the server cannot be reached. */
import { createStore, del, get, set, type UseStore } from 'idb-keyval';
import type { Foreseen } from '#core/exchange/away';
import type { Pending } from '#core/exchange/pending';
import type { FiledEvent } from '#core/exchange/case-file';
import type { CaseView } from '#contract';
import { keepHere } from './photos';

/** What waits to be sent; of a photo, its picture. */
export interface Waiting extends Pending {
  readonly picture?: Blob;
}

/** A case as the server told it last, with its events. */
export interface KeptCase {
  readonly view: CaseView;
  readonly events: readonly FiledEvent[];
}

export interface Device {
  load(id: string): Promise<{ readonly kept: KeptCase | null; readonly waiting: readonly Waiting[] }>;
  keep(id: string, kept: KeptCase): Promise<void>;
  keepWaiting(id: string, waiting: readonly Waiting[]): Promise<void>;
  foresee(id: string, events: readonly FiledEvent[], pending: readonly Pending[]): Promise<Foreseen>;
}

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

/** The browser's own store, and a worker for what cannot be asked of the server. */
export function browserDevice(): Device {
  let store: UseStore | undefined;
  const db = () => (store ??= createStore('foxing-cases', 'cases'));
  const seer = new Seer();
  return {
    load: async (id) => {
      const waiting = (await get<Waiting[]>(`waiting/${id}`, db())) ?? [];
      for (const { event, picture } of waiting) if (picture && event.kind === 'photo') keepHere(event.payload.photo, picture);
      return { kept: (await get<KeptCase>(`case/${id}`, db())) ?? null, waiting };
    },
    keep: (id, kept) => set(`case/${id}`, kept, db()),
    keepWaiting: (id, waiting) => (waiting.length ? set(`waiting/${id}`, waiting, db()) : del(`waiting/${id}`, db())),
    foresee: (id, events, pending) => seer.ask(id, events, (pending as readonly Waiting[]).map(bare)),
  };
}
