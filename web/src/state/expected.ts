/** What every suspect shows in a test, and how much each is to be reckoned with by what is recorded. */
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import type { Seen } from '#core/scheme/form';
import type { StandardTest } from '#core/scheme/model';
import type { HouseRules } from '#core/scheme/rules';
import { schemeOf } from '#core/scheme/tests';
import type { CaseView, GivenView, SuspectView } from '#contract';
import { api } from './api';
import { useReasoning } from './case';

const PATIENCE_MS = 700;
const NONE: readonly GivenView[] = [];

/** Null until it has come, or it is known that it will not. */
function useGivenOrNull(test: StandardTest | null, rules: HouseRules): readonly GivenView[] | null {
  const { data, isError } = useQuery({
    queryKey: ['handbook', 'test', test?.id, test && schemeOf(test, rules)],
    queryFn: () => api.givenInTest(test!.id),
    enabled: test !== null,
    staleTime: Infinity,
  });
  return data ?? (test === null || isError ? NONE : null);
}

export const useGiven = (test: StandardTest | null, rules: HouseRules): readonly GivenView[] =>
  useGivenOrNull(test, rules) ?? NONE;

/** Where the suspects of a case stand, by their ids; none before the reasoning has answered, or when it waits. */
export function useSuspects(view: CaseView): ReadonlyMap<string, SuspectView> {
  const { data } = useReasoning(view);
  return useMemo(() => new Map(data?.waiting === null ? data.suspects.map((s) => [s.id, s]) : []), [data]);
}

/** Nothing is wholly out of the question, and nothing so sure that the rest is not offered. */
const RULED_OUT = 0.02;
const OPEN = 0.2;

/**
 * What may be seen in a test, by what is still possible when it is first asked; it stays so until something is written, so that no
 * word moves under the finger. Null until it is known; what comes too late is not waited for, and the signs of the test do alone.
 */
export function useSeen(view: CaseView, test: StandardTest | null): readonly Seen[] | null {
  const now = useSeenNow(view, test);
  const key = `${test?.id} ${view.entries.length}`;
  const [kept, setKept] = useState<{ readonly key: string; readonly seen: readonly Seen[] } | null>(null);
  if (now !== null && kept?.key !== key) setKept({ key, seen: now });
  useEffect(() => {
    const late = setTimeout(() => setKept((k) => (k?.key === key ? k : { key, seen: [] })), PATIENCE_MS);
    return () => clearTimeout(late);
  }, [key]);
  return kept?.key === key ? kept.seen : now;
}

function useSeenNow(view: CaseView, test: StandardTest | null): readonly Seen[] | null {
  const given = useGivenOrNull(test, view.rules);
  const suspects = useSuspects(view);
  return useMemo(
    () =>
      given &&
      given.flatMap(({ suspect, samples, outcomes }) => {
        const standing = suspects.get(suspect);
        const possible = standing?.state === 'ruled-out' ? RULED_OUT : OPEN + (standing?.probability ?? 0);
        return outcomes.flatMap((o) => o.see.map((see) => ({ see, weight: (possible * o.samples) / samples })));
      }),
    [given, suspects],
  );
}
