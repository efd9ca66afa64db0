import { useQuery, useQueryClient } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { Tabs } from 'radix-ui';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { nameOf } from '#core/senses/names';
import type { BenchCard, Benches } from '#contract';
import { Formula } from '../../parts/Formula';
import { Blank, Button, Heading, TAB_LOOK } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';
import { onNotice } from '../../state/live';
import { Marking } from './Marking';
import { SetScheme } from './MarkScheme';

const Confusions = lazy(() => import('./Confusions'));

const TROUBLE: Readonly<Record<BenchCard['trouble'][number], string>> = {
  stuck: 'stuck?',
  'out-of-sample': 'little sample left',
  hazard: 'a hazard just now',
};
const STATUS_WORDS: Readonly<Record<BenchCard['summary']['status'], string>> = {
  open: 'open',
  signed: 'signed',
  returned: 'returned',
  marked: 'marked',
  'opened-up': 'revealed',
};
const SIGNED: readonly string[] = ['signed', 'marked', 'opened-up'];

function Card({ of, mark }: { of: BenchCard; mark: () => void }) {
  const { summary } = of;
  return (
    <li className={clsx('rounded-lg border bg-paper p-3 text-sm', of.trouble.length ? 'border-rust' : 'border-rule')}>
      <p className="flex justify-between gap-2">
        <strong className="truncate">{of.student}</strong>
        <span className="shrink-0 text-muted">{STATUS_WORDS[summary.status]}</span>
      </p>
      <p className="truncate text-muted">{of.doing ?? 'not begun'}</p>
      <p className="tabular-nums">
        {summary.entries} {summary.entries === 1 ? 'entry' : 'entries'} · {summary.minutes.toFixed(0)} min ·{' '}
        {summary.left.toFixed(1)} {summary.unit} left
      </p>
      <div className="my-1 h-1.5 overflow-hidden rounded-full bg-rule">
        <div className="h-full bg-rust" style={{ width: `${(100 * summary.left) / summary.of}%` }} />
      </div>
      <p className="min-h-5 font-bold text-rust-deep">{of.trouble.map((t) => TROUBLE[t]).join(' · ')}</p>
      <div className="flex gap-1">
        <Link
          className="inline-flex min-h-11 items-center rounded-lg px-2 font-bold text-rust hover:bg-wash"
          to={`/cases/${of.case}/ledger`}
        >
          Open bench
        </Link>
        {SIGNED.includes(summary.status) && (
          <Button look="quiet" onClick={mark}>
            Mark
          </Button>
        )}
      </div>
    </li>
  );
}

/** Tests of which the time is shown. */
const MOST_TIMES = 10;

function Results({ id }: { id: string }) {
  const { data, error } = useQuery({ queryKey: ['set', id, 'results'], queryFn: () => api.results(id) });
  if (error) return <Blank title="The results could not be loaded">{error.message}</Blank>;
  if (!data) return <Blank title="Loading the reports …" />;
  const list = (ids: readonly string[]) => ids.map(nameOf).join(', ') || '–';
  return (
    <div>
      <a className="font-bold text-rust underline" href={`/api/sets/${id}/results.csv`} download>
        Export CSV
      </a>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full min-w-[44rem] text-sm" aria-label="Results">
          <thead>
            <tr className="text-left text-muted">
              {['Student', 'It was', 'Right', 'Wrong', 'Missed', 'Entries', 'Minutes', 'Marks'].map((h) => (
                <th key={h} scope="col" className="py-1 pr-3 font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.rows.map((r) => (
              <tr key={r.case} className="border-t border-rule">
                <th scope="row" className="py-1.5 pr-3 text-left">
                  {r.student}
                </th>
                <td className="pr-3">{r.identity === null ? 'a closed jar' : <Formula of={r.identity} />}</td>
                <td className="pr-3">{list(r.right)}</td>
                <td className="pr-3 text-rust-deep">{list(r.wrong)}</td>
                <td className="pr-3">{list(r.missed)}</td>
                <td className="pr-3 tabular-nums">{r.entries}</td>
                <td className="pr-3 tabular-nums">{r.minutes}</td>
                <td className="tabular-nums">{r.marks === null ? STATUS_WORDS[r.status] : `${r.marks} of ${r.of}`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <h2 className="label mt-6 font-sans">Confusions</h2>
      {data.confusions.length ? (
        <Suspense fallback={null}>
          <Confusions of={data.confusions} />
        </Suspense>
      ) : (
        <p className="text-sm text-muted">Nothing so far.</p>
      )}
      <h2 className="label mt-6 font-sans">The unknowns</h2>
      <ul className="text-sm">
        {data.items.map((i) => (
          <li key={i.identity}>
            <Formula of={i.identity} />: {Math.round(100 * i.right)} % of {i.reports} {i.reports === 1 ? 'report' : 'reports'}{' '}
            completely right
            {i.discrimination !== null &&
              `; the better half of the class more often, by ${Math.round(100 * i.discrimination)} of 100`}
          </li>
        ))}
      </ul>
      <h2 className="label mt-6 font-sans">Where time goes</h2>
      <ol className="max-w-2xl text-sm" aria-label="Minutes of a bench by test">
        {data.time.slice(0, MOST_TIMES).map((t) => (
          <li key={t.test} className="grid grid-cols-[14rem_1fr_4rem] items-center gap-3 py-0.5">
            <span className="truncate">{t.test}</span>
            <span className="h-2 rounded-full bg-rust" style={{ width: `${(100 * t.minutes) / data.time[0]!.minutes}%` }} />
            <span className="tabular-nums">{t.minutes} min</span>
          </li>
        ))}
      </ol>
      {data.alike.length > 0 && (
        <>
          <h2 className="label mt-6 font-sans">The same words about different unknowns</h2>
          <ul className="text-sm">
            {data.alike.map((a) => (
              <li key={`${a.a} ${a.b}`}>
                {a.a} and {a.b}: {Math.round(100 * a.share)} % alike, such as “{a.example} …”
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}

/** How often the benches are looked at while notices come in, and how often all of them, for who does nothing, ms. */
const SOON_MS = 300;
const ALL_MS = 60000;
/** What was written at the same time may have come a moment later, ms. */
const OVERLAP_MS = 1000;

/** The later of the cards of each case. */
const withNewer = (before: Benches, newer: Benches): Benches => {
  const cards = new Map(newer.benches.map((b) => [b.case, b]));
  return { set: newer.set, benches: before.benches.map((b) => cards.get(b.case) ?? b) };
};

/** The benches of a set, kept as they are now: of those on which something was done, the cards are fetched anew. */
function useBenches(id: string) {
  const queries = useQueryClient();
  const key = useMemo(() => ['set', id, 'benches'], [id]);
  useEffect(() => {
    let soon: ReturnType<typeof setTimeout> | undefined;
    const look = async () => {
      soon = undefined;
      const before = queries.getQueryData<Benches>(key);
      if (!before) return;
      const newest = Math.max(...before.benches.map((b) => Date.parse(b.summary.updatedAt)));
      const newer = await api.benches(id, new Date(newest - OVERLAP_MS).toISOString());
      queries.setQueryData<Benches>(key, (now) => now && withNewer(now, newer));
      void queries.invalidateQueries({ queryKey: ['set', id, 'results'] });
    };
    const stop = onNotice(() => {
      soon ??= setTimeout(() => void look().catch(() => undefined), SOON_MS);
    });
    return () => {
      stop();
      clearTimeout(soon);
    };
  }, [id, key, queries]);
  return useQuery({ queryKey: key, queryFn: () => api.benches(id), refetchInterval: ALL_MS });
}

/** Work that was set, from the desk: the benches live, marking, and what came of it. */
export function WorkSet() {
  const id = useParams()['setId']!;
  const { data, error } = useBenches(id);
  const [marking, setMarking] = useState<string | null>(null);
  const marked = data?.benches.find((c) => c.case === marking);
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-6xl grow px-5 py-8">
        <Heading note="Every student’s bench as it is now.">{data?.set.title ?? 'Benches'}</Heading>
        {error && <Blank title="The live view could not be loaded">{error.message}</Blank>}
        {marked ? (
          <Marking card={marked} done={() => setMarking(null)} />
        ) : (
          <Tabs.Root defaultValue="live">
            <Tabs.List aria-label="Views of the work" className="mb-4 flex gap-1 border-b border-rule">
              <Tabs.Trigger value="live" className={TAB_LOOK}>
                Live
              </Tabs.Trigger>
              <Tabs.Trigger value="results" className={TAB_LOOK}>
                Results
              </Tabs.Trigger>
              {data?.set.terms.paper && (
                <Tabs.Trigger value="scheme" className={TAB_LOOK}>
                  Mark scheme
                </Tabs.Trigger>
              )}
            </Tabs.List>
            <Tabs.Content value="live">
              <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-3" aria-label="Benches">
                {data?.benches.map((c) => (
                  <Card key={c.case} of={c} mark={() => setMarking(c.case)} />
                ))}
              </ul>
            </Tabs.Content>
            <Tabs.Content value="results">
              <Results id={id} />
            </Tabs.Content>
            <Tabs.Content value="scheme">
              <SetScheme id={id} />
            </Tabs.Content>
          </Tabs.Root>
        )}
      </main>
    </div>
  );
}
