import { clsx } from 'clsx';
import { NavLink, Outlet } from 'react-router';
import type { CaseView } from '#contract';
import { Blank, Button } from '../parts/ui';
import { type OpenCase, useAppend, useCase, useCaseId } from '../state/case';
import { Standing } from './Standing';
import { Timers } from './Timers';
import { TopBar } from './TopBar';
import { Waits } from './Waits';

/** There is a debrief once it is known what it was; real tubes that were set are those of a paper. */
const PLACES: readonly { readonly to: string; readonly name: string; readonly when?: (view: CaseView) => boolean }[] = [
  { to: 'answers', name: 'Answers', when: ({ summary }) => summary.kind === 'real' && summary.set !== null },
  { to: 'bench', name: 'Bench' },
  { to: 'plan', name: 'Plan' },
  { to: 'suspects', name: 'Suspects' },
  { to: 'ledger', name: 'Ledger' },
  { to: 'report', name: 'Report' },
  { to: 'debrief', name: 'Debrief', when: ({ identity }) => identity !== null },
];

function SampleLeft({ view }: { view: CaseView }) {
  const { left, of, unit } = view.summary;
  return (
    <div className="hidden items-center gap-2 lg:flex" title="Sample left">
      <div className="h-1.5 w-24 overflow-hidden rounded-full bg-rule">
        <div className="h-full bg-rust" style={{ width: `${(100 * left) / of}%` }} />
      </div>
      <span className="text-sm whitespace-nowrap text-muted tabular-nums">
        {left.toFixed(2)} {unit} left
      </span>
    </div>
  );
}

export function CaseShell() {
  const id = useCaseId();
  const { readOn, dismiss, sendAgain, throwAway, ...file } = useCase(id);
  const { view, error, acknowledged } = file;
  const append = useAppend(id);
  return (
    <div className="flex min-h-dvh flex-col has-[[data-fills-page]]:h-dvh">
      <TopBar atWork>
        {view && (
          <p className="min-w-0 truncate font-display text-lg">
            {view.summary.name}
            <span className="hidden text-muted italic 2xl:inline"> · {view.summary.look}</span>
          </p>
        )}
        <nav aria-label="Places" className="flex min-w-0 gap-1 overflow-x-auto max-md:gap-0 xl:shrink-0">
          {PLACES.filter(({ when }) => !when || (view && when(view))).map((p) => (
            <NavLink
              key={p.to}
              to={`/cases/${id}/${p.to}`}
              className={({ isActive }) =>
                clsx(
                  'flex min-h-11 items-center rounded-lg px-3.5 text-sm font-bold max-md:px-2',
                  isActive ? 'bg-wash text-rust-deep' : 'text-muted hover:bg-wash',
                )
              }
            >
              {p.name}
            </NavLink>
          ))}
        </nav>
        {view && view.summary.left > 0 && <SampleLeft view={view} />}
      </TopBar>
      {view && <Timers timers={view.timers} append={append} />}
      {view && <Waits view={view} file={file} dismiss={dismiss} sendAgain={sendAgain} throwAway={throwAway} />}
      {view && <Standing view={view} append={append} />}
      <main id="main" className="flex min-h-0 grow flex-col">
        {view ? (
          <Outlet context={{ view, acknowledged, append } satisfies OpenCase} />
        ) : !error ? (
          <Blank title="Loading the case …" />
        ) : (
          <Blank title="The case could not be loaded">
            <p>{error.message}</p>
            <Button className="mt-4" onClick={readOn}>
              Try again
            </Button>
          </Blank>
        )}
      </main>
    </div>
  );
}
