import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Blank } from '../../parts/ui';
import { api } from '../../state/api';

/** Shorter than this nothing is looked for in what was written. */
const SHORTEST = 3;

/** What was looked for stands between ⟦ and ⟧. */
const Excerpt = ({ of }: { of: string }) =>
  of.split(/[⟦⟧]/).map((run, i) => (i % 2 ? <mark key={i}>{run}</mark> : <span key={i}>{run}</span>));

/**
 * Entries and reports that say what was looked for.
 * @param alone nothing else was found.
 */
export function FoundWords({ text, alone }: { text: string; alone: boolean }) {
  const wanted = text.trim();
  const { data } = useQuery({
    queryKey: ['search', wanted],
    queryFn: ({ signal }) => api.search(wanted, signal),
    enabled: wanted.length >= SHORTEST,
    placeholderData: (before) => before,
  });
  const looking = wanted.length >= SHORTEST && !data;
  if (wanted.length < SHORTEST || !data?.length)
    return wanted && alone && !looking ? (
      <Blank title="No results">Try fewer words: a name, a look, an ion, a colour that you wrote down.</Blank>
    ) : null;
  return (
    <section aria-label="Found in what was written" className="mt-8">
      <h2 className="label font-sans">In what was written</h2>
      <ul className="mt-1 divide-y divide-rule border-y border-rule">
        {data.map((f) => (
          <li key={`${f.case} ${f.number}`}>
            <Link
              to={f.number === null ? `/cases/${f.case}/report` : `/cases/${f.case}/ledger#entry-${f.number}`}
              className="flex min-h-11 flex-wrap items-baseline gap-x-3 py-2 text-sm hover:bg-wash"
            >
              <strong className="shrink-0">
                {f.name}, {f.number === null ? 'report' : `entry ${f.number}`}
              </strong>
              <span className="text-muted">
                <Excerpt of={f.excerpt} />
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
