import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { TextField, Wrong } from '../../parts/fields';
import { Button, Heading } from '../../parts/ui';
import { api } from '../../state/api';
import { stirAll } from '../../state/case';
import { seePerson } from '../../state/person';

const fieldsOf = (e: FormEvent<HTMLFormElement>) => {
  e.preventDefault();
  const form = new FormData(e.currentTarget);
  return (name: string) => String(form.get(name) ?? '');
};

/** The door: sign in, or join a class by its code. */
export function SignIn() {
  const [joining, setJoining] = useState(false);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const enter = useMutation({
    mutationFn: async (field: (name: string) => string) => {
      const [login, passphrase] = [field('login'), field('passphrase')];
      return joining
        ? api.join({ code: field('code'), name: field('name'), login, passphrase })
        : api.signIn({ login, passphrase });
    },
    onSuccess: ({ id }) => {
      seePerson(id);
      queries.clear();
      stirAll();
      void navigate('/cases');
    },
  });
  return (
    <main id="main" className="mx-auto w-full max-w-md px-5 py-16">
      <Heading
        note={joining ? 'Your instructor has given you the code of the class.' : 'With the login that you chose when you joined.'}
      >
        {joining ? 'Join a class' : 'Sign in'}
      </Heading>
      <form className="space-y-3" aria-label={joining ? 'Join a class' : 'Sign in'} onSubmit={(e) => enter.mutate(fieldsOf(e))}>
        {joining && <TextField label="Code of the class" name="code" autoComplete="off" required />}
        {joining && <TextField label="Your name" name="name" autoComplete="name" required />}
        <TextField label="Login" name="login" autoComplete="username" required />
        <TextField
          label="Passphrase"
          name="passphrase"
          type="password"
          autoComplete={joining ? 'new-password' : 'current-password'}
          required
          {...(joining && { note: 'At least ten characters; a few words will do.' })}
        />
        {enter.error && <Wrong>{enter.error.message}</Wrong>}
        <div className="flex gap-2">
          <Button type="submit" look="solid" disabled={enter.isPending}>
            {joining ? 'Join' : 'Sign in'}
          </Button>
          <Button look="quiet" onClick={() => setJoining(!joining)}>
            {joining ? 'I have a login' : 'I have a code'}
          </Button>
        </div>
      </form>
    </main>
  );
}
