import { Outlet } from 'react-router';

export function Shell() {
  return (
    <>
      <a
        href="#main"
        className="sr-only z-50 rounded-lg bg-slate px-4 py-3 text-on-slate focus:not-sr-only focus:fixed focus:top-2 focus:left-2"
      >
        Skip to the content
      </a>
      <Outlet />
    </>
  );
}
