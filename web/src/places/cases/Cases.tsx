import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { ChoiceField, TextField } from '../../parts/fields';
import { Blank, Button, Chip, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';
import { FoundWords } from './FoundWords';
import { type Asked, listed, type Sort, SORTS } from './listing';
import { Sheet } from './Sheet';

const NewCase = lazy(async () => ({ default: (await import('./NewCase')).NewCase }));

const SORT_OPTIONS = Object.entries(SORTS).map(([value, { name }]) => ({ value, name }));

export function Cases() {
  const { data: cases, error, isPending, refetch } = useQuery({ queryKey: ['cases'], queryFn: api.cases });
  const [asked, setAsked] = useState<Asked>({ text: '', sort: 'worked', archived: false });
  const [beginning, setBeginning] = useState(false);
  const queries = useQueryClient();
  const archive = useMutation({
    mutationFn: ({ id, archived }: { id: string; archived: boolean }) => api.archive(id, archived),
    onSettled: () => queries.invalidateQueries({ queryKey: ['cases'] }),
  });
  const drop = useMutation({
    mutationFn: (id: string) => api.drop(id),
    onSettled: () => queries.invalidateQueries({ queryKey: ['cases'] }),
  });
  const archived = cases?.filter((c) => c.archived).length ?? 0;
  const shown = listed(cases ?? [], asked);
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl px-5 py-8">
        <div className="flex flex-wrap items-start justify-between gap-4">
          <Heading note="A bookbinder’s workshop has closed, and its cabinet of unlabelled jars has come to the materials laboratory. Find out what is in them.">
            Cases
          </Heading>
          <Button look="solid" onClick={() => setBeginning(true)}>
            New case
          </Button>
        </div>
        {beginning && (
          <Suspense fallback={<Blank title="Loading the samples …" />}>
            <NewCase open close={() => setBeginning(false)} />
          </Suspense>
        )}
        {isPending && <Blank title="Loading the cases …" />}
        {error && (
          <Blank title="The cases could not be loaded">
            <p>{error.message}</p>
            <Button className="mt-4" onClick={() => void refetch()}>
              Try again
            </Button>
          </Blank>
        )}
        {cases?.length === 0 && (
          <Blank title="No cases yet">
            <p>Draw an unknown at random, take a jar from the cabinet, or begin with a sample that stands on your bench.</p>
            <Button className="mt-4" look="solid" onClick={() => setBeginning(true)}>
              Create the first case
            </Button>
          </Blank>
        )}
        {cases && cases.length > 0 && (
          <search className="mb-4 flex flex-wrap items-end gap-3">
            <TextField
              label="Find a case, or words in it"
              labelClass="text-muted"
              className="grow sm:max-w-72"
              type="search"
              value={asked.text}
              onChange={(e) => setAsked({ ...asked, text: e.target.value })}
            />
            <ChoiceField
              label="Order"
              labelClass="text-muted"
              options={SORT_OPTIONS}
              value={asked.sort}
              onChange={(e) => setAsked({ ...asked, sort: e.target.value as Sort })}
            />
            {archived > 0 && (
              <Chip on={asked.archived} onClick={() => setAsked({ ...asked, archived: !asked.archived })}>
                Archived ({archived})
              </Chip>
            )}
          </search>
        )}
        {cases && cases.length > 0 && shown.length === 0 && !asked.text && (
          <Blank title="All of them are archived">Press “Archived” to see them.</Blank>
        )}
        <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {shown.map((c) => (
            <Sheet
              key={c.id}
              of={c}
              archive={(on) => archive.mutate({ id: c.id, archived: on })}
              drop={() => drop.mutate(c.id)}
            />
          ))}
        </ul>
        <FoundWords text={asked.text} alone={shown.length === 0} />
        <p className="mt-10 max-w-2xl border-t border-rule pt-4 text-sm text-muted">
          Foxing does not replace a risk assessment, a supervisor or your laboratory’s own rules. With real substances, follow
          them first.
        </p>
      </main>
    </div>
  );
}
