/** The open case in the interface. */
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { useOutletContext, useParams } from 'react-router';
import { toast } from 'sonner';
import type { CaseEvent } from '#core/record/events';
import type { CaseView } from '#contract';
import { api } from './api';
import { CaseStore } from './case-store';
import { onNotice } from './live';

export interface OpenCase {
  readonly view: CaseView;
  /** Resolves to null when the event was refused, having said why. */
  readonly append: (event: CaseEvent) => Promise<CaseView | null>;
}

export const useOpenCase = () => useOutletContext<OpenCase>();

export function useCaseId(): string {
  return useParams()['caseId'] ?? '';
}

const stores = new Map<string, CaseStore>();

function storeOf(id: string): CaseStore {
  let store = stores.get(id);
  if (!store) stores.set(id, (store = new CaseStore(id, api)));
  return store;
}

/** A case, read on whenever any window or person goes on with it. */
export function useCase(id: string) {
  const store = storeOf(id);
  const file = useSyncExternalStore(store.subscribe, store.now);
  const readOn = useCallback(() => void store.readOn().catch(() => undefined), [store]);
  useEffect(() => {
    readOn();
    return onNotice((notice) => {
      if ('again' in notice) readOn();
      else if (notice.case === id) void store.heard(notice.seq);
    });
  }, [id, store, readOn]);
  return { ...file, readOn };
}

/** Sends an event after all those before it. */
export function useAppend(id: string): OpenCase['append'] {
  return useCallback(
    (event) =>
      storeOf(id)
        .append(event)
        .catch((error: unknown) => {
          toast.error(error instanceof Error ? error.message : 'That did not work.');
          return null;
        }),
    [id],
  );
}

/**
 * What the record proves, once it is worked out; the last word stays until the next is there. When nothing that was looked at
 * explains the record, a thorough look follows and takes the place of the prompt one. A look at a record that has moved on is
 * broken off.
 */
export function useReasoning(view: CaseView) {
  const queries = useQueryClient();
  const { id } = view.summary;
  const about = ['reasoning', id, view.entries, view.rules];
  const prompt = useQuery({
    queryKey: about,
    queryFn: ({ signal }) => api.reasoning(id, 'prompt', signal),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const { data, isPlaceholderData } = prompt;
  const thorough = useQuery({
    queryKey: [...about, 'thorough'],
    queryFn: async ({ signal }) => {
      const found = await api.reasoning(id, 'thorough', signal);
      queries.setQueryData(about, found);
      return found;
    },
    enabled: !isPlaceholderData && data?.waiting === null && data.further,
    retry: false,
  });
  return { ...prompt, isLookingFurther: thorough.isFetching };
}
