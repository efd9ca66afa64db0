/** The open case in the interface. */
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { useOutletContext, useParams } from 'react-router';
import { toast } from 'sonner';
import type { CaseEvent } from '#core/record/events';
import type { CaseView, ReasoningView } from '#contract';
import { api } from './api';
import { CaseStore } from './case-store';
import { browserDevice } from './device';
import { onNotice } from './live';
import { NOBODY, onPerson, personHere } from './person';

export interface OpenCase {
  readonly view: CaseView;
  /** Entries above this number are not at the server yet. */
  readonly acknowledged: number;
  /** Resolves to null when the event was refused, having said why. */
  readonly append: (event: CaseEvent, picture?: Blob) => Promise<CaseView | null>;
}

export const useOpenCase = () => useOutletContext<OpenCase>();

export function useCaseId(): string {
  return useParams()['caseId'] ?? '';
}

const stores = new Map<string, CaseStore>();
window.addEventListener('online', () => stores.forEach((store) => store.stir()));
// Whoever comes next has stores of their own; who comes back has what waited for them.
onPerson((learnt) => {
  if (learnt) return;
  for (const store of stores.values()) store.close();
  stores.clear();
});

/** The server may answer again: what waits for a sign-in goes on. */
export const stirAll = (): void => stores.forEach((store) => store.stir());

/** Whose a store is: of whoever was here when it was made, also where that became known later. */
function ownerHere(): () => string {
  const owner = personHere();
  return () => (owner === NOBODY ? personHere() : owner);
}

function storeOf(id: string): CaseStore {
  let store = stores.get(id);
  if (!store) stores.set(id, (store = new CaseStore(id, api, browserDevice(ownerHere()))));
  return store;
}

/** A case, read on whenever any window or person goes on with it. */
export function useCase(id: string) {
  // With another person there is another store.
  const person = useSyncExternalStore(onPerson, personHere);
  const store = storeOf(id);
  const queries = useQueryClient();
  const file = useSyncExternalStore(store.subscribe, store.now);
  const readOn = useCallback(() => void store.readOn().catch(() => undefined), [store]);
  useEffect(() => {
    readOn();
    return onNotice((notice) => {
      if ('again' in notice) {
        store.stir();
        readOn();
        // What failed while the server was away is asked for anew.
        void queries.refetchQueries({ type: 'active', predicate: ({ state }) => state.status === 'error' });
      } else if (notice.case === id) void store.heard(notice.seq);
    });
  }, [id, person, store, readOn, queries]);
  return {
    ...file,
    readOn,
    dismiss: () => store.dismiss(),
    sendAgain: (event: string) => store.sendAgain(event),
    throwAway: (event: string) => store.throwAway(event),
  };
}

/** Sends an event after all those before it. */
export function useAppend(id: string): OpenCase['append'] {
  return useCallback(
    (event, picture) =>
      storeOf(id)
        .append(event, picture)
        .catch((error: unknown) => {
          toast.error(error instanceof Error ? error.message : 'That did not work.');
          return null;
        }),
    [id],
  );
}

/** The last word on a case, with how many entries it knew. */
interface LastWord {
  readonly data: ReasoningView;
  readonly entries: number;
}

/**
 * What the record proves, once it is worked out; the last word stays until the next is there, and says how many entries it is
 * behind where none can be had. When nothing that was looked at explains the record, a thorough look follows and takes the place
 * of the prompt one. A look at a record that has moved on is broken off.
 */
export function useReasoning(view: CaseView) {
  const queries = useQueryClient();
  const { id } = view.summary;
  const about = ['reasoning', id, view.entries, view.rules];
  const lastKey = ['last-word', id];
  const prompt = useQuery({
    queryKey: about,
    queryFn: async ({ signal }) => {
      const data = await api.reasoning(id, 'prompt', signal);
      queries.setQueryData<LastWord>(lastKey, { data, entries: view.entries.length });
      return data;
    },
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const { isPlaceholderData } = prompt;
  const thorough = useQuery({
    queryKey: [...about, 'thorough'],
    queryFn: async ({ signal }) => {
      const found = await api.reasoning(id, 'thorough', signal);
      queries.setQueryData(about, found);
      return found;
    },
    enabled: !isPlaceholderData && prompt.data?.waiting === null && prompt.data.further,
    retry: false,
  });
  const last = prompt.data ? undefined : queries.getQueryData<LastWord>(lastKey);
  return {
    ...prompt,
    data: prompt.data ?? last?.data,
    error: last ? null : prompt.error,
    /** Entries that it does not know of. */
    behind: last ? Math.max(0, view.entries.length - last.entries) : 0,
    isOld: last !== undefined,
    isLookingFurther: thorough.isFetching,
  };
}
