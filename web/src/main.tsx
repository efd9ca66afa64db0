import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { Toaster } from 'sonner';
import { Tooltip } from 'radix-ui';
import { router } from './shell/router';
import './styles.css';

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true } } });

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
