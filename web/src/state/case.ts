/** One open case: its view, kept live, and the queue through which events are sent in order. */
import { keepPreviousData, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { useParams } from 'react-router';
import { toast } from 'sonner';
import type { CaseEvent } from '#core/record/events';
import type { CaseView } from '#contract';
import { api, ApiError } from './api';

const key = (id: string) => ['case', id];

export function useCaseId(): string {
  return useParams()['caseId'] ?? '';
}

export function useCase(id: string) {
  const queries = useQueryClient();
  const query = useQuery({ queryKey: key(id), queryFn: () => api.open(id) });
  useEffect(() => {
    const live = new EventSource(`/api/cases/${id}/live`);
    live.onmessage = (message) => {
      const known = queries.getQueryData<CaseView>(key(id));
      if (known && Number(message.data) > known.seq) void queries.invalidateQueries({ queryKey: key(id) });
    };
    return () => live.close();
  }, [id, queries]);
  return query;
}

/**
 * What the record proves, once it is worked out; the last word stays until the next is there. When nothing that was looked at
 * explains the record, a thorough look follows and takes the place of the prompt one. A look
 * at a record that has moved on is broken off.
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

const queues = new Map<string, Promise<unknown>>();

async function send(queries: QueryClient, id: string, event: CaseEvent): Promise<CaseView> {
  const known = queries.getQueryData<CaseView>(key(id)) ?? (await api.open(id));
  const request = { id: crypto.randomUUID(), after: known.seq, event };
  let view: CaseView;
  try {
    view = await api.append(id, request);
  } catch (error) {
    // A lost answer is asked for again with the same id: the server knows a repeat for one.
    if (!(error instanceof ApiError && error.code === 'offline')) throw error;
    view = await api.append(id, request);
  }
  queries.setQueryData(key(id), view);
  return view;
}

/** Sends an event after all those before it; resolves to null when it was refused, having said why. */
export function useAppend(id: string): (event: CaseEvent) => Promise<CaseView | null> {
  const queries = useQueryClient();
  return useCallback(
    (event) => {
      const turn = (queues.get(id) ?? Promise.resolve()).then(() => send(queries, id, event));
      const told = turn.catch((error: unknown) => {
        toast.error(error instanceof Error ? error.message : 'That did not work.');
        if (error instanceof ApiError && error.code === 'stale') void queries.invalidateQueries({ queryKey: key(id) });
        return null;
      });
      queues.set(id, told);
      return told;
    },
    [id, queries],
  );
}
