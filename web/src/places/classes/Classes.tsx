import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import type { Me } from '#contract';
import { TextField, Wrong } from '../../parts/fields';
import { Blank, Button, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';
import { seePerson } from '../../state/person';
import { OwnPassphrase, PeopleHere, ResetNote } from './Accounts';
import { SignOut } from './SignOut';

const fail = (error: Error) => void toast.error(error.message);

/** Made-up people of the demo, whom anybody at this machine may be. */
function MadeUp({ me }: { me: Me }) {
  const queries = useQueryClient();
  const be = useMutation({
    mutationFn: (id: string | null) => api.be(id),
    onSuccess: ({ id }) => {
      seePerson(id);
      void queries.resetQueries();
    },
    onError: fail,
  });
  if (!me.madeUp.length) return null;
  const isMadeUp = me.madeUp.some((p) => p.id === me.id);
  return (
    <section aria-label="Made-up people" className="mt-8 rounded-lg border border-dashed border-rule p-4">
      <h2 className="label font-sans">The made-up conservation school</h2>
      <p className="text-sm text-muted">
        This is the demo, on this machine alone: nobody here is real, and one press makes you any of them. With accounts on,
        everybody signs in with a passphrase.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        {me.madeUp.map((p) => (
          <Button key={p.id} disabled={p.id === me.id} onClick={() => be.mutate(p.id)}>
            {p.name} <span className="font-normal text-muted">{p.role}</span>
          </Button>
        ))}
        {isMadeUp && (
          <Button look="quiet" onClick={() => be.mutate(null)}>
            Return to your own account
          </Button>
        )}
      </div>
    </section>
  );
}

/** Turning accounts on is one choice, for who keeps the machine. */
function TurnOn() {
  const [open, setOpen] = useState(false);
  const queries = useQueryClient();
  const on = useMutation({
    mutationFn: (form: FormData) =>
      api.turnOnAccounts({ login: String(form.get('login')), passphrase: String(form.get('passphrase')) }),
    onSuccess: () => {
      toast.success('Accounts are on. You are signed in as the administrator.');
      void queries.resetQueries();
    },
  });
  if (!open)
    return (
      <Button look="quiet" onClick={() => setOpen(true)}>
        Turn accounts on …
      </Button>
    );
  return (
    <form
      aria-label="Turn accounts on"
      className="max-w-md space-y-3"
      onSubmit={(e: FormEvent<HTMLFormElement>) => {
        e.preventDefault();
        on.mutate(new FormData(e.currentTarget));
      }}
    >
      <p className="text-sm">From then on everybody who uses Foxing here signs in. Choose your own login first.</p>
      <TextField label="Login" name="login" autoComplete="username" required />
      <TextField
        label="Passphrase"
        name="passphrase"
        type="password"
        autoComplete="new-password"
        required
        note="At least ten characters."
      />
      {on.error && <Wrong>{on.error.message}</Wrong>}
      <Button type="submit" look="solid">
        Turn accounts on
      </Button>
    </form>
  );
}

function OneField({ label, act, done }: { label: string; act: string; done: (text: string) => Promise<unknown> }) {
  const queries = useQueryClient();
  const send = useMutation({ mutationFn: done, onSuccess: () => queries.invalidateQueries({ queryKey: ['classes'] }) });
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        const form = e.currentTarget;
        send.mutate(String(new FormData(form).get('text')), { onSuccess: () => form.reset() });
      }}
    >
      <TextField label={label} name="text" required />
      <Button type="submit">{act}</Button>
      {send.error && <Wrong>{send.error.message}</Wrong>}
    </form>
  );
}

export function Classes() {
  const me = useQuery({ queryKey: ['me'], queryFn: api.me });
  const { data: classes, error } = useQuery({ queryKey: ['classes'], queryFn: api.classes });
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: (id: string) => api.changeClass(id, { gone: false }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['classes'] }),
    onError: fail,
  });
  const teaches = me.data && me.data.role !== 'student';
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-5xl grow px-5 py-8">
        <Heading note={me.data && `You are ${me.data.name}, ${me.data.role}.`}>Classes</Heading>
        {me.data && <ResetNote reset={me.data.reset} />}
        {error && (
          <Blank title="The classes could not be loaded">
            <p>{error.message}</p>
          </Blank>
        )}
        {classes?.length === 0 && (
          <Blank title="No class yet">
            {teaches
              ? 'Create one: its students join with a code, and you assign them unknowns.'
              : 'Ask your instructor for the code of your class.'}
          </Blank>
        )}
        <ul className="grid gap-3 sm:grid-cols-2">
          {classes?.map((c) => (
            <li key={c.id} className="rounded-xl border border-rule bg-paper p-5">
              <h2 className="text-xl">
                <Link className="hover:underline" to={`/classes/${c.id}`}>
                  {c.name}
                </Link>
              </h2>
              <p className="text-sm text-muted">
                {c.mine ? `yours · ${c.members} ${c.members === 1 ? 'student' : 'students'}` : `of ${c.instructor}`}
              </p>
              {c.gone && (
                <Button className="mt-2" onClick={() => bring.mutate(c.id)}>
                  Archived. Restore
                </Button>
              )}
            </li>
          ))}
        </ul>
        <div className="mt-6 flex flex-wrap gap-x-8 gap-y-4">
          {teaches && <OneField label="Name of a new class" act="Create" done={api.makeClass} />}
          <OneField label="Code of a class to join" act="Join" done={api.joinClass} />
        </div>
        {teaches && (
          <p className="mt-6 text-sm">
            <Link className="text-rust underline" to="/addresses">
              Addresses{me.data?.role === 'keeper' && ', backups and log'}
            </Link>
          </p>
        )}
        {me.data && !me.data.accounts && <MadeUp me={me.data} />}
        {me.data?.accounts && me.data.role === 'keeper' && <PeopleHere />}
        <div className="mt-8 flex flex-wrap gap-2">
          {me.data?.hasPassphrase && (
            <>
              <SignOut />
              <OwnPassphrase />
            </>
          )}
          {me.data?.role === 'keeper' && !me.data.accounts && <TurnOn />}
        </div>
      </main>
    </div>
  );
}
