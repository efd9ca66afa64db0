import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { formatDistanceToNow } from 'date-fns';
import { Dialog } from 'radix-ui';
import { useNavigate, Link } from 'react-router';
import type { CaseSummary } from '#contract';
import { Formula } from '../../parts/Formula';
import { Mark } from '../../parts/Mark';
import { Blank, Button, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';

function Sheet({ of: c }: { of: CaseSummary }) {
  return (
    <li>
      <Link
        to={`/cases/${c.id}/${c.concluded ? 'ledger' : 'bench'}`}
        className="flex h-full flex-col rounded-xl border border-rule bg-paper p-5 shadow-[0_1px_0_var(--rule)] hover:border-rust"
      >
        <div className="flex items-baseline justify-between gap-3">
          <h2 className="text-2xl">{c.name}</h2>
          <span className="text-sm text-muted">{c.concluded ? 'concluded' : c.entries ? 'in progress' : 'not begun'}</span>
        </div>
        <p className="font-display text-lg text-muted italic">{c.look}</p>
        <p className="mt-3 text-sm text-muted">
          Simulated unknown salt · {c.entries} {c.entries === 1 ? 'entry' : 'entries'} · {c.left.toFixed(2)} {c.unit} left
        </p>
        <p className="mt-3 flex min-h-7 flex-wrap items-center gap-x-4 gap-y-1 text-rust">
          {c.hinted.slice(0, 6).map((ion) => (
            <span key={ion} className="inline-flex items-center gap-1.5 font-bold">
              <Mark state={c.concluded ? 'confirmed' : 'hinted'} /> <Formula of={ion} />
            </span>
          ))}
          {c.hinted.length > 6 && <span className="text-sm text-muted">and {c.hinted.length - 6} more</span>}
          {!c.hinted.length && <span className="text-sm text-muted">Nothing suspected yet</span>}
        </p>
        <p className="mt-auto pt-4 text-xs text-faint">
          last worked {formatDistanceToNow(new Date(c.updatedAt), { addSuffix: true })}
        </p>
      </Link>
    </li>
  );
}

function NewCase() {
  const { data: jars } = useQuery({ queryKey: ['jars'], queryFn: api.jars });
  const navigate = useNavigate();
  const queries = useQueryClient();
  const create = useMutation({
    mutationFn: api.create,
    onSuccess: (view) => {
      void queries.invalidateQueries({ queryKey: ['cases'] });
      void navigate(`/cases/${view.summary.id}/bench`);
    },
  });
  return (
    <Dialog.Root>
      <Dialog.Trigger asChild>
        <Button look="solid">New case</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[86dvh] w-[min(94vw,44rem)] -translate-1/2 overflow-y-auto rounded-2xl bg-paper p-6 shadow-2xl">
          <Dialog.Title className="text-2xl">Choose a jar</Dialog.Title>
          <Dialog.Description className="mt-1 text-sm text-muted">
            From the cabinet of the closed bindery. Each case gets a fresh three grams; what is inside is for you to find.
          </Dialog.Description>
          <ul className="mt-4 grid gap-2 sm:grid-cols-2">
            {jars?.map((jar) => (
              <li key={jar.id}>
                <button
                  type="button"
                  disabled={create.isPending}
                  onClick={() => create.mutate(jar.id)}
                  className="h-full min-h-11 w-full rounded-lg border border-rule bg-card p-3 text-left hover:border-rust"
                >
                  <span className="font-display text-lg">{jar.name}</span>
                  <span className="text-muted italic"> · {jar.look}</span>
                  <span className="block text-sm text-muted">{jar.story}</span>
                </button>
              </li>
            ))}
          </ul>
          {create.error && <p className="mt-3 text-rust-deep">{create.error.message}</p>}
          <Dialog.Close asChild>
            <Button className="mt-4">Not now</Button>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

export function Cases() {
  const { data: cases, error, isPending, refetch } = useQuery({ queryKey: ['cases'], queryFn: api.cases });
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl px-5 py-8">
        <div className="flex flex-wrap items-start justify-between gap-4">
          <Heading note="A bookbinder’s workshop has closed, and its cabinet of unlabelled jars has come to the materials laboratory. Find out what is in them.">
            Cases
          </Heading>
          <NewCase />
        </div>
        {isPending && <Blank title="Fetching the cases …" />}
        {error && (
          <Blank title="The cases did not open">
            <p>{error.message}</p>
            <Button className="mt-4" onClick={() => void refetch()}>
              Try again
            </Button>
          </Blank>
        )}
        {cases?.length === 0 && <Blank title="No cases yet">Press “New case” and choose a jar from the cabinet.</Blank>}
        <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3">
          {cases?.map((c) => (
            <Sheet key={c.id} of={c} />
          ))}
        </ul>
        <p className="mt-10 max-w-2xl border-t border-rule pt-4 text-sm text-muted">
          Foxing does not replace a risk assessment, a supervisor or your laboratory’s own rules. With real substances, follow
          them first.
        </p>
      </main>
    </div>
  );
}
