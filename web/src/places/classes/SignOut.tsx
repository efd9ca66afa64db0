import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { AlertDialog } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Wrong } from '../../parts/fields';
import { Button } from '../../parts/ui';
import { api } from '../../state/api';
import { unsentOf } from '../../state/device';
import { leave, personHere } from '../../state/person';

const things = (n: number) => (n === 1 ? 'One thing that you did has' : `${n} things that you did have`);

/** Signing out empties this device of the person; what has not reached the server is said first. */
export function SignOut() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [asking, setAsking] = useState<{ unsent: number; everywhere: boolean } | null>(null);
  const { data: unsent = 0 } = useQuery({
    queryKey: ['unsent', personHere()],
    queryFn: () => unsentOf(personHere()),
    staleTime: 0,
  });
  const out = useMutation({
    mutationFn: async ({ everywhere, what }: { everywhere: boolean; what: 'copies' | 'everything' }) => {
      await api.signOut(everywhere);
      await leave(what);
    },
    onSuccess: () => {
      queries.clear();
      void navigate('/sign-in');
    },
  });
  const begin = async (everywhere: boolean) => {
    const now = await unsentOf(personHere()).catch(() => unsent);
    if (now) setAsking({ unsent: now, everywhere });
    else out.mutate({ everywhere, what: 'everything' });
  };
  const end = (what: 'copies' | 'everything') => () => asking && out.mutate({ everywhere: asking.everywhere, what });
  return (
    <>
      <Button onClick={() => void begin(false)}>Sign out</Button>
      <Button look="quiet" onClick={() => void begin(true)}>
        Sign out everywhere
      </Button>
      {out.error && <Wrong>{out.error.message}</Wrong>}
      <AlertDialog.Root open={asking !== null} onOpenChange={(open) => !open && setAsking(null)}>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
          <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 w-[min(92vw,30rem)] -translate-1/2 rounded-2xl bg-paper p-6 shadow-2xl">
            <AlertDialog.Title className="text-2xl">Not everything has been sent</AlertDialog.Title>
            <AlertDialog.Description className="mt-1 text-sm text-muted">
              {things(asking?.unsent ?? 0)} not reached Foxing. It can wait on this device until you sign in here again; nobody
              else sees or sends it. Everything else of yours is taken off this device.
            </AlertDialog.Description>
            <div className="mt-4 flex flex-wrap gap-3">
              <AlertDialog.Action asChild>
                <Button look="solid" onClick={end('copies')}>
                  Keep it for me and sign out
                </Button>
              </AlertDialog.Action>
              <AlertDialog.Action asChild>
                <Button onClick={end('everything')}>Delete it and sign out</Button>
              </AlertDialog.Action>
              <AlertDialog.Cancel asChild>
                <Button look="quiet">Stay signed in</Button>
              </AlertDialog.Cancel>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
    </>
  );
}
