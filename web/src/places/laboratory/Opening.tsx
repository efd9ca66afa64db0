import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { TextField, Wrong } from '../../parts/fields';
import { Button, Heading } from '../../parts/ui';
import { api } from '../../state/api';
import { seePerson } from '../../state/person';

/** The one-time address: whoever opens it becomes the administrator. Its token stays behind the #, where no server logs it. */
export function Opening() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const open = useMutation({
    mutationFn: (form: FormData) => {
      const field = (name: string) => String(form.get(name) ?? '');
      return api.open({
        token: window.location.hash.slice(1),
        name: field('name'),
        login: field('login'),
        passphrase: field('passphrase'),
        laboratory: field('laboratory'),
        class: field('class'),
      });
    },
    onSuccess: ({ person, class: id }) => {
      seePerson(person);
      queries.clear();
      void navigate(`/classes/${id}`, { replace: true });
    },
  });
  return (
    <main id="main" className="mx-auto w-full max-w-md px-5 py-16">
      <Heading note="This address works once. Whoever fills this in keeps the laboratory: its people, its backups and its rules.">
        Open your laboratory
      </Heading>
      <form
        aria-label="Open your laboratory"
        className="space-y-3"
        onSubmit={(e: FormEvent<HTMLFormElement>) => {
          e.preventDefault();
          open.mutate(new FormData(e.currentTarget));
        }}
      >
        <TextField label="Name of the laboratory" name="laboratory" required />
        <TextField label="Name of the first class" name="class" required note="You can add others later." />
        <TextField label="Your name" name="name" autoComplete="name" required />
        <TextField label="Login" name="login" autoComplete="username" required />
        <TextField
          label="Passphrase"
          name="passphrase"
          type="password"
          autoComplete="new-password"
          required
          note="At least ten characters; a few words will do."
        />
        {open.error && <Wrong>{open.error.message}</Wrong>}
        <Button type="submit" look="solid" disabled={open.isPending}>
          Open the laboratory
        </Button>
      </form>
    </main>
  );
}
