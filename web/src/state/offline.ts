/** Readies the application to open where the server cannot be reached: its own files, and the last answers worth keeping. */
import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import type { QueryClient } from '@tanstack/react-query';
import { persistQueryClient } from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import { storeOf } from './device';
import { onPerson, personHere } from './person';

/** Answers by the first word of their keys: lists and tables that are of use by themselves. */
const KEPT: readonly unknown[] = ['cases', 'jars', 'house-rules', 'last-word', 'handbook', 'report'];
const A_MONTH_MS = 30 * 24 * 3600 * 1000;

/** Keeps them for the person who is here. @returns what ends it. */
function keepAnswers(queries: QueryClient): () => void {
  const store = () => storeOf('answers', person);
  const person = personHere();
  const storage = {
    getItem: async (key: string) => (await get<string>(key, store())) ?? null,
    // A write that was put off must not bring back what was taken away when the person left.
    setItem: async (key: string, value: string) => {
      if (personHere() === person) await set(key, value, store());
    },
    removeItem: (key: string) => del(key, store()),
  };
  const [end] = persistQueryClient({
    queryClient: queries as never,
    persister: createAsyncStoragePersister({ storage, key: 'answers', throttleTime: 2000 }),
    maxAge: A_MONTH_MS,
    dehydrateOptions: { shouldDehydrateQuery: ({ queryKey, state }) => KEPT.includes(queryKey[0]) && state.status === 'success' },
  });
  return end;
}

export function goOffline(queries: QueryClient): void {
  let end = keepAnswers(queries);
  onPerson((learnt) => {
    end();
    if (!learnt) {
      queries.removeQueries({ type: 'inactive' });
      void queries.resetQueries();
    }
    end = keepAnswers(queries);
  });
  // What waits here is not to be cleared away when the disk grows full.
  void navigator.storage?.persist?.().catch(() => undefined);
  // Only pages from this machine or over a secure line may keep a copy of the application.
  if ('serviceWorker' in navigator) navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
