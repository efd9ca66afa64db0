import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
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

/** Joins as who is signed in here already. */
function JoinAs({ code, name }: { code: string; name: string }) {
  const navigate = useNavigate();
  const join = useMutation({ mutationFn: () => api.joinClass(code), onSuccess: () => void navigate('/cases') });
  return (
    <section aria-label="Join as yourself" className="mb-6 rounded-lg border border-rule bg-paper p-4">
      <p className="text-sm">You are signed in here as {name}.</p>
      <Button look="solid" onClick={() => join.mutate()} disabled={join.isPending}>
        Join as {name}
      </Button>
      {join.error && <Wrong>{join.error.message}</Wrong>}
    </section>
  );
}

/** The door: sign in, or join a class by its code, which an address may bring along. */
export function SignIn() {
  const { code: given } = useParams();
  const [joining, setJoining] = useState(given !== undefined);
  const here = useQuery({ queryKey: ['me'], queryFn: api.me, retry: false, enabled: given !== undefined });
  const laboratory = useQuery({ queryKey: ['laboratory'], queryFn: api.laboratory });
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
      {laboratory.data?.name && <p className="label font-sans">{laboratory.data.name}</p>}
      {given !== undefined && here.data?.hasPassphrase && <JoinAs code={given} name={here.data.name} />}
      <Heading
        note={joining ? 'Your instructor has given you the code of the class.' : 'With the login that you chose when you joined.'}
      >
        {joining ? 'Join a class' : 'Sign in'}
      </Heading>
      <form className="space-y-3" aria-label={joining ? 'Join a class' : 'Sign in'} onSubmit={(e) => enter.mutate(fieldsOf(e))}>
        {joining && <TextField label="Code of the class" name="code" autoComplete="off" defaultValue={given} required />}
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
