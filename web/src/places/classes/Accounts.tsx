import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { toast } from 'sonner';
import type { Me } from '#contract';
import { GivePassphrase } from './GivePassphrase';
import { TextField, Wrong } from '../../parts/fields';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { freshPassphrase } from './fresh-passphrase';

const NEW = 'At least ten characters; a few words will do.';

/** Said to whoever signs in with a passphrase that somebody else gave them. */
export function ResetNote({ reset }: Pick<Me, 'reset'>) {
  if (!reset) return null;
  return (
    <p role="status" className="mb-4 rounded-lg border border-rust bg-paper px-4 py-2 text-sm">
      {reset.by} gave you a new passphrase on {new Date(reset.at).toLocaleDateString()}. Choose one of your own below; if you did
      not ask for it, tell the administrator.
    </p>
  );
}

/** One's own passphrase, changed by who knows the one in force. */
export function OwnPassphrase() {
  const [open, setOpen] = useState(false);
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (form: FormData) =>
      api.changePassphrase({ current: String(form.get('current')), passphrase: String(form.get('passphrase')) }),
    onSuccess: () => {
      toast.success('Your new passphrase is set. You are signed out everywhere else.');
      setOpen(false);
      void queries.invalidateQueries({ queryKey: ['me'] });
    },
  });
  if (!open)
    return (
      <Button look="quiet" onClick={() => setOpen(true)}>
        Change your passphrase …
      </Button>
    );
  return (
    <form
      aria-label="Change your passphrase"
      className="w-full max-w-md space-y-3"
      onSubmit={(e: FormEvent<HTMLFormElement>) => {
        e.preventDefault();
        change.mutate(new FormData(e.currentTarget));
      }}
    >
      <TextField label="Current passphrase" name="current" type="password" autoComplete="current-password" required />
      <TextField label="New passphrase" name="passphrase" type="password" autoComplete="new-password" required note={NEW} />
      {change.error && <Wrong>{change.error.message}</Wrong>}
      <div className="flex gap-2">
        <Button type="submit" look="solid" disabled={change.isPending}>
          Change
        </Button>
        <Button look="quiet" onClick={() => setOpen(false)}>
          Cancel
        </Button>
      </div>
    </form>
  );
}

/** Everybody who signs in, for the keeper: new instructors, and new passphrases for all but a keeper. */
export function PeopleHere() {
  const queries = useQueryClient();
  const { data } = useQuery({ queryKey: ['people'], queryFn: api.people });
  const give = useMutation({
    mutationFn: ({ id, passphrase }: { id: string; name: string; passphrase: string }) => api.givePassphrase(id, passphrase),
    onSuccess: (_, { name, passphrase }) => void toast(`${name} signs in with: ${passphrase}`, { duration: 60000 }),
    onError: (error) => void toast.error(error.message),
  });
  const add = useMutation({
    mutationFn: (form: FormData) =>
      api.addPerson({
        name: String(form.get('name')),
        login: String(form.get('login')),
        passphrase: String(form.get('passphrase')),
        role: 'instructor',
      }),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['people'] }),
  });
  return (
    <section aria-label="People on this machine" className="mt-8">
      <h2 className="label font-sans">People on this machine</h2>
      <ul className="mt-2 grid gap-x-6 text-sm sm:grid-cols-2">
        {data?.map((p) => (
          <li key={p.id} className="flex min-h-11 items-center justify-between border-t border-rule py-1">
            <span>
              {p.name} <span className="text-muted">{`${p.login} · ${p.role}`}</span>
            </span>
            {p.role !== 'keeper' && (
              <GivePassphrase name={p.name} give={() => give.mutate({ id: p.id, name: p.name, passphrase: freshPassphrase() })}>
                They are signed out everywhere, and are told who gave it to them.
              </GivePassphrase>
            )}
          </li>
        ))}
      </ul>
      <form
        aria-label="A new instructor"
        className="mt-4 flex flex-wrap items-end gap-2"
        onSubmit={(e: FormEvent<HTMLFormElement>) => {
          e.preventDefault();
          const form = e.currentTarget;
          add.mutate(new FormData(form), { onSuccess: () => form.reset() });
        }}
      >
        <TextField label="Name of a new instructor" name="name" required />
        <TextField label="Login" name="login" autoComplete="off" required />
        <TextField label="First passphrase" name="passphrase" autoComplete="off" required />
        <Button type="submit">Add</Button>
        {add.error && <Wrong>{add.error.message}</Wrong>}
      </form>
    </section>
  );
}
