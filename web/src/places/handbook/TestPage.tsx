import { useQuery } from '@tanstack/react-query';
import { TriangleAlert } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { otherNamesOf } from '#core/finding/find';
import type { StandardTest } from '#core/scheme/model';
import { cautionsOf, restriction, wasteOf } from '#core/scheme/needs';
import { DEFAULT_RULES, type HouseRules } from '#core/scheme/rules';
import { sayOp } from '#core/scheme/say';
import { SCHOOL_NAMES, schemeOf, stationOf, STATIONS, stepsOf, testById } from '#core/scheme/tests';
import type { GivenView } from '#contract';
import { Formula } from '../../parts/Formula';
import { CONTROLS, LookFor } from '../../parts/LookFor';
import { Blank, Heading } from '../../parts/ui';
import { sayAll } from '#core/senses/sentences';
import { api } from '../../state/api';
import { Equations } from './Equations';
import { BackToHandbook, Fetched, Outcomes, Page } from './Page';

function Procedure({ test, rules, given }: { test: StandardTest; rules: HouseRules; given: readonly GivenView[] }) {
  const barred = restriction(test, rules, false);
  return (
    <section aria-label="Procedure">
      <div className="flex gap-2 text-sm text-rust-deep">
        <TriangleAlert size={17} className="mt-0.5 shrink-0" aria-hidden />
        <ul className="space-y-0.5" aria-label="Cautions">
          {cautionsOf(test, rules).map((c) => (
            <li key={c}>{c}</li>
          ))}
          <li>Tubes afterwards: {wasteOf(test, rules)}.</li>
          {barred && (
            <li>
              Not with a real sample here: {barred.reason}.{barred.substitute && ` Instead: ${barred.substitute}.`}
            </li>
          )}
        </ul>
      </div>
      {test.when && <p className="mt-3 text-sm text-muted">Left out where it cannot tell anything: {test.when.otherwise}.</p>}
      {test.materials && (
        <p className="mt-3 text-sm text-muted">
          <strong className="text-ink">Fetch:</strong> {test.materials.join('; ')}.
        </p>
      )}
      {test.control && <p className="mt-3 text-sm text-muted">{CONTROLS[test.control]}</p>}
      <ol className="mt-3 list-decimal space-y-1 pl-6 text-sm" aria-label="Steps">
        {stepsOf(test, rules).map((s, i) => (
          <li key={i}>
            {s.say ?? sayOp(s.op, (id) => (id === '@' ? 'the tube' : `tube ${id}`))}
            {s.why && <span className="block text-muted">{s.why}</span>}
          </li>
        ))}
      </ol>
      <LookFor test={test} given={given} />
    </section>
  );
}

const key = (g: GivenView) => (g.outcomes.length === 1 ? sayAll(g.outcomes[0]!.see) : g.suspect);

/** Expected results; those that all give the same one thing share a row. */
function Table({ given }: { given: readonly GivenView[] }) {
  const rows = new Map<string, GivenView[]>();
  for (const g of given) rows.set(key(g), [...(rows.get(key(g)) ?? []), g]);
  return (
    <table className="mt-2 w-full border-collapse text-sm">
      <thead className="sr-only">
        <tr>
          <th scope="col">What the sample holds</th>
          <th scope="col">What is seen</th>
        </tr>
      </thead>
      <tbody>
        {[...rows].map(([of, alike]) => (
          <tr key={of} className="border-t border-rule align-top">
            <th scope="row" className="w-40 py-2 pr-4 text-left font-bold sm:w-56">
              {alike.map((g, i) => (
                <span key={g.suspect}>
                  {i > 0 && ', '}
                  <Link className="hover:underline" to={`/handbook/suspects/${encodeURIComponent(g.suspect)}`}>
                    <Formula of={g.suspect} />
                  </Link>
                </span>
              ))}
            </th>
            <td className="py-2">
              <Outcomes given={alike[0]!} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Those of which the test has a sign, and folded away all others. */
function Tables({ given, test }: { given: readonly GivenView[]; test: StandardTest }) {
  const meant = (g: GivenView) => test.signs?.some((s) => s.of.includes(g.suspect)) ?? false;
  const others = given.filter((g) => !meant(g));
  if (!given.length) return <p className="mt-3 text-sm">Nothing to be seen: it only prepares what others test.</p>;
  return (
    <>
      <Table given={given.filter(meant)} />
      {others.length > 0 && (
        <details className="mt-3 border-t border-rule pt-1" open={others.length === given.length}>
          <summary className="flex min-h-11 cursor-pointer items-center text-sm font-bold text-rust">
            What it shows of all others ({others.length})
          </summary>
          <Table given={others} />
        </details>
      )}
    </>
  );
}

/** One test: why, how, what to look for, and what each thing that it meets gives. */
export function TestPage() {
  const test = testById.get(useParams()['test'] ?? '');
  const { data: rules = DEFAULT_RULES } = useQuery({ queryKey: ['house-rules'], queryFn: api.rules });
  const { data, error, refetch } = useQuery({
    queryKey: ['handbook', 'test', test?.id, schemeOf(test ?? [...testById.values()][0]!, rules)],
    queryFn: () => api.givenInTest(test!.id),
    enabled: !!test,
  });
  if (!test)
    return (
      <Page>
        <Blank title="There is no such test">
          <BackToHandbook />
        </Blank>
      </Page>
    );
  const scheme = schemeOf(test, rules);
  const station = stationOf(test, scheme);
  const otherNames = otherNamesOf(test.id);
  return (
    <Page>
      <BackToHandbook />
      <Heading note={test.purpose}>{test.title}</Heading>
      {otherNames.length > 0 && <p className="text-sm text-muted">Also called: {otherNames.join('; ')}.</p>}
      <p className="mb-4 text-sm text-muted">
        {SCHOOL_NAMES[scheme]}: {station ? STATIONS[scheme][station] : 'not a test of this scheme'}
      </p>
      <div className="grid gap-8 lg:grid-cols-[24rem_minmax(0,1fr)]">
        <div>
          <Procedure test={test} rules={rules} given={data ?? []} />
          <Equations test={test.id} scheme={scheme} />
        </div>
        <section aria-label="Expected results">
          <h2 className="text-2xl">Expected results</h2>
          <p className="text-sm text-muted">
            Computed on every {scheme === 'organic' ? 'compound of the library' : 'form of salt'}; where they differ, how many
            show it.
          </p>
          <Fetched data={data} error={error} again={() => void refetch()}>
            {(given) => <Tables given={given} test={test} />}
          </Fetched>
        </section>
      </div>
    </Page>
  );
}
