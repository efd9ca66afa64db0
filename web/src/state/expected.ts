/** What every suspect shows in a test, and how much each is to be reckoned with by what is recorded. */
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Seen } from '#core/scheme/form';
import type { StandardTest } from '#core/scheme/model';
import type { CaseView, GivenView, SuspectView } from '#contract';
import { api } from './api';
import { useReasoning } from './case';

export function useGiven(test: StandardTest | null): readonly GivenView[] {
  const { data } = useQuery({
    queryKey: ['handbook', 'test', test?.id],
    queryFn: () => api.givenInTest(test!.id),
    enabled: test !== null,
    staleTime: Infinity,
  });
  return data ?? [];
}

/** Where the suspects of a case stand, by their ids; none before the reasoning has answered, or when it waits. */
export function useSuspects(view: CaseView): ReadonlyMap<string, SuspectView> {
  const { data } = useReasoning(view);
  return useMemo(() => new Map(data?.waiting === null ? data.suspects.map((s) => [s.id, s]) : []), [data]);
}

/** Nothing is wholly out of the question, and nothing so sure that the rest is not offered. */
const RULED_OUT = 0.02;
const OPEN = 0.2;

export function useSeen(view: CaseView, test: StandardTest | null): readonly Seen[] {
  const given = useGiven(test);
  const suspects = useSuspects(view);
  return useMemo(
    () =>
      given.flatMap(({ suspect, samples, outcomes }) => {
        const standing = suspects.get(suspect);
        const possible = standing?.state === 'ruled-out' ? RULED_OUT : OPEN + (standing?.probability ?? 0);
        return outcomes.flatMap((o) => o.see.map((see) => ({ see, weight: (possible * o.samples) / samples })));
      }),
    [given, suspects],
  );
}
