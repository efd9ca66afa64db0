import { QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { Toaster } from 'sonner';
import { Tooltip } from 'radix-ui';
import { router } from './shell/router';
import { api } from './state/api';
import { ApiError } from './state/api-error';
import { isWorthAnother, pauseAfter } from './state/patience';
import { seePerson } from './state/person';
import './styles.css';

/** Places where nobody is signed in yet. */
const DOORS = /^\/(sign-in|join|opening)(\/|$)/;

/** Where people sign in, whoever is not signed in is taken to the door. */
const queryCache = new QueryCache({
  onError: (error) => {
    if (error instanceof ApiError && error.code === 'signed-out' && !DOORS.test(location.pathname))
      void router.navigate('/sign-in');
  },
});
const queries = new QueryClient({
  queryCache,
  defaultOptions: {
    queries: { retry: isWorthAnother, retryDelay: (tries, error) => pauseAfter(error, tries), refetchOnWindowFocus: true },
  },
});

// Who sits here is asked once; whoever it is finds nothing of anybody else.
void queries
  .fetchQuery({ queryKey: ['me'], queryFn: api.me })
  .then((me) => seePerson(me.id))
  .catch(() => undefined);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <Tooltip.Provider delayDuration={300}>
        <RouterProvider router={router} />
        <Toaster
          position="bottom-center"
          toastOptions={{
            style: { background: 'var(--slate)', color: 'var(--on-slate)', border: 'none', fontFamily: 'var(--font-sans)' },
          }}
        />
      </Tooltip.Provider>
    </QueryClientProvider>
  </StrictMode>,
);

// What is not needed for the first page comes after it.
window.addEventListener('load', () => {
  void import('./state/offline').then(({ goOffline }) => goOffline(queries));
});
