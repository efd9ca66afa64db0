import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { formatDistanceToNow } from 'date-fns';
import { Dialog, Tabs } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { useNavigate, Link } from 'react-router';
import type { z } from 'zod';
import {
  type CaseSummary,
  type OwnStructure as Structure,
  ownStructureSchema,
  type RealSample as Real,
  realSampleSchema,
} from '#contract';
import { ChoiceField, TextField, Wrong } from '../../parts/fields';
import { Formula } from '../../parts/Formula';
import { Mark } from '../../parts/Mark';
import { Blank, Button, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';

const SHELVES = { salt: 'Salts', compound: 'Organic compounds', own: 'A sample of your own' } as const;

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
          {c.kind === 'real' ? 'Real' : 'Simulated unknown'} {c.matter} · {c.entries} {c.entries === 1 ? 'entry' : 'entries'} ·{' '}
          {c.left.toFixed(2)} {c.unit} left
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

/** A few fields that begin a case together; what is wrong with them is told before anything is sent. */
function BeginForm<T extends z.ZodType>({
  name,
  title,
  note,
  schema,
  read,
  begin,
  submit,
  busy,
  columns,
  className,
  children,
}: {
  name: string;
  title: string;
  note: string;
  schema: T;
  read: (form: FormData) => unknown;
  begin: (given: z.infer<T>) => void;
  submit: string;
  busy: boolean;
  columns: string;
  className?: string;
  children: ReactNode;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <form
      className={className}
      aria-label={name}
      onSubmit={(e) => {
        e.preventDefault();
        const parsed = schema.safeParse(read(new FormData(e.currentTarget)));
        setProblem(parsed.success ? null : parsed.error.issues[0]!.message);
        if (parsed.success) begin(parsed.data);
      }}
    >
      <h3 className="text-xl">{title}</h3>
      <p className="mt-1 text-sm text-muted">{note}</p>
      <div className={clsx('mt-2 grid gap-3 text-muted', columns)}>{children}</div>
      <Wrong>{problem}</Wrong>
      <Button className="mt-3" type="submit" disabled={busy}>
        {submit}
      </Button>
    </form>
  );
}

const KINDS = [
  { value: 'salt', name: 'salt or mixture' },
  { value: 'compound', name: 'organic compound' },
];

/** A sample that really stands on the bench: Foxing leads, counts and records; the eyes are yours. */
function RealSample({ create, busy }: { create: (real: Real) => void; busy: boolean }) {
  return (
    <BeginForm
      name="A real sample"
      title="A real sample on your bench"
      note="Foxing leads you through the tests, counts, times and reasons; what is seen, you say."
      schema={realSampleSchema}
      read={(form) => ({ ...Object.fromEntries(form), grams: Number(form.get('grams')) })}
      begin={create}
      submit="Begin with the real sample"
      busy={busy}
      columns="sm:grid-cols-[1fr_1.2fr_5rem_11.5rem]"
      className="mt-4"
    >
      <TextField label="Name or number" name="name" maxLength={60} />
      <TextField label="What it looks like" name="look" maxLength={80} />
      <TextField label="Grams" name="grams" inputMode="decimal" />
      <ChoiceField label="Kind" name="matter" options={KINDS} defaultValue="salt" />
    </BeginForm>
  );
}

/** Any structure as an unknown, for whoever sets it: the label should not tell. */
function OwnStructure({ create, busy }: { create: (structure: Structure) => void; busy: boolean }) {
  return (
    <BeginForm
      name="A structure of your own"
      title="Or any organic structure, simulated"
      note="Set an unknown for someone else by its SMILES; the case shows only the label."
      schema={ownStructureSchema}
      read={(form) => ({ ...Object.fromEntries(form), grams: 5 })}
      begin={create}
      submit="Begin with this structure"
      busy={busy}
      columns="sm:grid-cols-[1fr_2fr]"
      className="mt-5 border-t border-rule pt-4"
    >
      <TextField label="Label" name="name" maxLength={60} />
      <TextField label="SMILES" name="smiles" maxLength={500} autoComplete="off" spellCheck={false} />
    </BeginForm>
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
          <Dialog.Title className="text-2xl">New case</Dialog.Title>
          <Dialog.Description className="mt-1 text-sm text-muted">
            From the cabinet of the closed bindery. Each case gets a fresh few grams; what is inside is for you to find.
          </Dialog.Description>
          <Tabs.Root defaultValue="salt" className="mt-4">
            <Tabs.List aria-label="What to work" className="flex flex-wrap gap-1 border-b border-rule">
              {Object.entries(SHELVES).map(([id, name]) => (
                <Tabs.Trigger
                  key={id}
                  value={id}
                  className="min-h-11 rounded-t-lg px-3 text-sm text-muted data-[state=active]:bg-wash data-[state=active]:font-bold data-[state=active]:text-ink"
                >
                  {name}
                </Tabs.Trigger>
              ))}
            </Tabs.List>
            {(['salt', 'compound'] as const).map((matter) => (
              <Tabs.Content key={matter} value={matter}>
                <ul className="mt-3 grid gap-2 sm:grid-cols-2">
                  {jars
                    ?.filter((jar) => jar.matter === matter)
                    .map((jar) => (
                      <li key={jar.id}>
                        <button
                          type="button"
                          disabled={create.isPending}
                          onClick={() => create.mutate({ jar: jar.id })}
                          className="h-full min-h-11 w-full rounded-lg border border-rule bg-card p-3 text-left hover:border-rust"
                        >
                          <span className="font-display text-lg">{jar.name}</span>
                          <span className="text-muted italic"> · {jar.look}</span>
                          <span className="block text-sm text-muted">{jar.story}</span>
                        </button>
                      </li>
                    ))}
                </ul>
              </Tabs.Content>
            ))}
            <Tabs.Content value="own">
              <RealSample create={(real) => create.mutate({ real })} busy={create.isPending} />
              <OwnStructure create={(structure) => create.mutate({ structure })} busy={create.isPending} />
            </Tabs.Content>
          </Tabs.Root>
          {create.error && (
            <p role="alert" className="mt-3 text-rust-deep">
              {create.error.message}
            </p>
          )}
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
