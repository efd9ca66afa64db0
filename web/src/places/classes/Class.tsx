import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { toast } from 'sonner';
import type { ClassView, SetView } from '#contract';
import { GivePassphrase } from './GivePassphrase';
import { QrCode } from '../../parts/QrCode';
import { Blank, Button, Heading } from '../../parts/ui';
import { useAddresses } from '../laboratory/addresses';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';
import { freshPassphrase } from './fresh-passphrase';
import { NewPaper } from './NewPaper';
import { NewWork } from './NewWork';

const say = (error: Error) => void toast.error(error.message);
const when = (iso: string) => new Date(iso).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });
const until = ({ closesAt }: SetView) =>
  closesAt === null ? 'no end' : new Date(closesAt) < new Date() ? `closed ${when(closesAt)}` : `until ${when(closesAt)}`;
const standing = ({ cases }: SetView) =>
  Object.entries(cases)
    .map(([status, count]) => `${count} ${status.replace('-', ' ')}`)
    .join(', ');

function Sets({ of, again }: { of: ClassView; again: () => void }) {
  const change = useMutation({
    mutationFn: ({ id, ...c }: { id: string; gone?: boolean; minutes?: number | null }) => api.changeSet(id, c),
    onSuccess: again,
    onError: say,
  });
  if (!of.sets.length) return <p className="text-sm text-muted">No assignments yet.</p>;
  return (
    <ul className="space-y-2" aria-label="Work">
      {of.sets.map((s) => (
        <li key={s.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-lg border border-rule bg-paper px-4 py-3">
          <div className="min-w-0 grow">
            <h3 className="font-sans font-bold">
              {of.mine ? (
                <Link className="text-rust underline" to={`/sets/${s.id}`}>
                  {s.title}
                </Link>
              ) : (
                s.title
              )}
            </h3>
            <p className="text-sm text-muted">
              {until(s)}
              {s.terms.tests && ` · ${s.terms.tests.length} tests allowed`} · {standing(s)}
              {s.gone && ' · withdrawn'}
              {s.terms.paper && (
                <>
                  {' · '}
                  <Link className="text-rust underline" to={`/sets/${s.id}/paper`}>
                    the paper
                  </Link>
                </>
              )}
            </p>
          </div>
          {of.mine && (
            <>
              {s.closesAt !== null && new Date(s.closesAt) < new Date() ? (
                <Button onClick={() => change.mutate({ id: s.id, minutes: 30 })}>Extend by 30 minutes</Button>
              ) : (
                <Button onClick={() => change.mutate({ id: s.id, minutes: 0 })}>Close now</Button>
              )}
              <Button look="quiet" onClick={() => change.mutate({ id: s.id, gone: !s.gone })}>
                {s.gone ? 'Assign again' : 'Withdraw'}
              </Button>
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

/** The address that a phone takes up to be in the class: its code goes along. */
function Invitation({ code }: { code: string }) {
  const [address] = useAddresses().addresses;
  if (address === undefined) return null;
  const link = `${address}/join/${code}`;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-4">
      <QrCode text={link} label={`QR code of ${link}`} />
      <p className="max-w-sm text-sm">
        With a phone’s camera, or at <strong className="font-mono [overflow-wrap:anywhere]">{link}</strong>.{' '}
        <Link className="text-rust underline" to="/addresses">
          Addresses and certificate
        </Link>
      </p>
    </div>
  );
}

function People({ of, again }: { of: ClassView; again: () => void }) {
  const code = useMutation({
    mutationFn: (c: 'new' | 'none') => api.changeClass(of.id, { code: c }),
    onSuccess: again,
    onError: say,
  });
  const reset = useMutation({
    mutationFn: ({ id, passphrase }: { id: string; passphrase: string }) => api.resetPassphrase(of.id, id, passphrase),
    onSuccess: () => void toast.success('The new passphrase is set; the old sessions have ended.'),
    onError: say,
  });
  return (
    <section aria-label="People" className="mt-8">
      <h2 className="label font-sans">People</h2>
      <p className="mt-1 flex flex-wrap items-center gap-3 text-sm">
        {of.code ? (
          <>
            They join with the code <strong className="rounded bg-wash px-2 py-1 font-mono tracking-widest">{of.code}</strong>
          </>
        ) : (
          'Nobody can join: there is no code.'
        )}
        <Button onClick={() => code.mutate('new')}>A new code</Button>
        {of.code && (
          <Button look="quiet" onClick={() => code.mutate('none')}>
            No code
          </Button>
        )}
      </p>
      {of.code && <Invitation code={of.code} />}
      <ul className="mt-3 grid gap-x-6 text-sm sm:grid-cols-2 lg:grid-cols-3">
        {of.people.map((p) => (
          <li key={p.id} className="flex items-center justify-between border-t border-rule py-1">
            {p.name}
            <GivePassphrase
              name={p.name}
              give={() => {
                const passphrase = freshPassphrase();
                reset.mutate(
                  { id: p.id, passphrase },
                  { onSuccess: () => void toast(`${p.name} signs in with: ${passphrase}`, { duration: 60000 }) },
                );
              }}
            >
              They are signed out everywhere, and sign in with the new one that is shown to you then.
            </GivePassphrase>
          </li>
        ))}
      </ul>
    </section>
  );
}

export function Class() {
  const id = useParams()['classId']!;
  const queries = useQueryClient();
  const { data, error } = useQuery({ queryKey: ['class', id], queryFn: () => api.classOf(id) });
  const [setting, setSetting] = useState<'unknowns' | 'paper' | null>(null);
  const again = () => void queries.invalidateQueries({ queryKey: ['class', id] });
  const settled = () => {
    setSetting(null);
    again();
  };
  const away = useMutation({
    mutationFn: (gone: boolean) => api.changeClass(id, { gone }),
    onSuccess: () => {
      again();
      void queries.invalidateQueries({ queryKey: ['classes'] });
    },
    onError: say,
  });
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-5xl grow px-5 py-8">
        {error && <Blank title="The class could not be loaded">{error.message}</Blank>}
        {!data && !error && <Blank title="Loading the class …" />}
        {data && (
          <>
            <div className="flex flex-wrap items-start justify-between gap-3">
              <Heading
                note={data.mine ? `${data.members} students` : `of ${data.instructor}; your assignments are among your cases.`}
              >
                {data.name}
              </Heading>
              {data.mine && (
                <div className="flex gap-2">
                  <Button look="solid" onClick={() => setSetting('unknowns')} disabled={setting !== null}>
                    New assignment
                  </Button>
                  <Button onClick={() => setSetting('paper')} disabled={setting !== null}>
                    New practical paper
                  </Button>
                  <Button look="quiet" onClick={() => away.mutate(!data.gone)}>
                    {data.gone ? 'Restore' : 'Archive the class'}
                  </Button>
                </div>
              )}
            </div>
            {setting === 'unknowns' && <NewWork classId={id} people={data.people} done={settled} />}
            {setting === 'paper' && <NewPaper classId={id} done={settled} />}
            <section aria-label="Assignments">
              <h2 className="label mb-2 font-sans">Work</h2>
              <Sets of={data} again={again} />
            </section>
            {data.mine && <People of={data} again={again} />}
          </>
        )}
      </main>
    </div>
  );
}
