import { useQueryClient } from '@tanstack/react-query';
import { Command } from 'cmdk';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import type { CaseSummary } from '#contract';
import { find, type Found } from '#core/finding/find';
import { Formula } from '../parts/Formula';
import { addressOf, kindName, suits } from '../parts/found';
import { useBench } from '../state/bench';

const MOST = 12;

/** What is found by the words that are typed, best first; choosing one goes to it. */
export default function FindList({ caseId, done }: { caseId: string | undefined; done: () => void }) {
  const navigate = useNavigate();
  const chooseReagent = useBench((s) => s.chooseReagent);
  const [typed, setTyped] = useState('');
  const words = useDeferredValue(typed);
  const matter = useQueryClient()
    .getQueryData<readonly CaseSummary[]>(['cases'])
    ?.find((c) => c.id === caseId)?.matter;
  const found = find(words, 2 * MOST)
    .filter((f) => matter === undefined || suits(f, matter))
    .slice(0, MOST);
  const goTo = (f: Found) => {
    done();
    if (f.kind === 'reagent' && caseId !== undefined) chooseReagent(f.id);
    void navigate(addressOf(f, caseId));
  };
  return (
    <Command label="Find" shouldFilter={false} loop>
      <Command.Input
        autoFocus
        value={typed}
        onValueChange={setTyped}
        placeholder="A test, ion, reagent, compound or place, by any name"
        className="min-h-12 w-full rounded-lg border border-rule bg-card px-3"
      />
      <Command.List className="mt-2 max-h-[60vh] overflow-y-auto">
        {words.trim() !== '' && (
          <Command.Empty className="p-3 text-sm text-muted">
            No results. Try fewer words, a formula or another name.
          </Command.Empty>
        )}
        {found.map((f) => (
          <Command.Item
            key={`${f.kind} ${f.id}`}
            value={`${f.kind} ${f.id}`}
            onSelect={() => goTo(f)}
            className="flex min-h-11 cursor-pointer items-center justify-between gap-3 rounded-lg px-3 text-sm data-[selected=true]:bg-wash"
          >
            <span>
              {f.title} {f.kind === 'ion' && <Formula of={f.id} />}
            </span>
            <span className="shrink-0 text-xs text-muted">{kindName(f)}</span>
          </Command.Item>
        ))}
      </Command.List>
    </Command>
  );
}
