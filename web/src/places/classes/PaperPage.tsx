import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Blank, Heading } from '../../parts/ui';
import { TopBar } from '../../shell/TopBar';
import { api } from '../../state/api';

/** An examination paper as its candidates see it; worked on the bench, or printed and worked with real tubes. */
export function PaperPage() {
  const id = useParams()['setId']!;
  const { data, error } = useQuery({ queryKey: ['paper', id], queryFn: () => api.paper(id) });
  const cases = useQuery({ queryKey: ['cases'], queryFn: api.cases });
  const mine = cases.data?.find((c) => c.set === id);
  return (
    <div className="flex min-h-dvh flex-col">
      <TopBar />
      <main id="main" className="mx-auto w-full max-w-3xl grow px-5 py-8">
        {error && <Blank title="The paper could not be loaded">{error.message}</Blank>}
        {data && (
          <>
            <Heading
              note={`You have ${data.mL} mL of solution Q. Each part is done in a fresh tube that is named by its letter; write an entry on every tube.`}
            >
              {data.title}
            </Heading>
            <p className="flex flex-wrap gap-x-6 text-sm font-bold text-rust">
              {mine && (
                <Link className="underline" to={`/cases/${mine.id}/${mine.kind === 'real' ? 'answers' : 'bench'}`}>
                  {mine.kind === 'real' ? 'To my answer book' : 'To my bench'}
                </Link>
              )}
              <a className="underline" href={`/api/sets/${id}/paper.pdf`} target="_blank" rel="noreferrer">
                Print a blank answer book
              </a>
            </p>
            <ol className="mt-5 space-y-4" aria-label="Parts">
              {data.parts.map((p) => (
                <li key={p.letter} className="grid grid-cols-[2.5rem_1fr] border-t border-rule pt-3">
                  <strong>({p.letter})</strong>
                  <ul className="space-y-1">
                    {p.does.map((d, i) => (
                      <li key={i}>{d}</li>
                    ))}
                  </ul>
                </li>
              ))}
            </ol>
            <p className="mt-6 border-t border-rule pt-3 text-sm text-muted">
              Gases are tested for as they come off. With real tubes, wear eye protection and follow your laboratory’s own rules
              and your supervisor.
            </p>
          </>
        )}
      </main>
    </div>
  );
}
