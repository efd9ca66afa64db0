import { useQuery } from '@tanstack/react-query';
import { Fragment, useDeferredValue } from 'react';
import { Link, useSearchParams } from 'react-router';
import { find, otherNamesOf } from '#core/finding/find';
import { ANIONS, CATIONS } from '#core/matter/data/components';
import { GROUPS, TESTED_ELEMENTS } from '#core/organic/data/features';
import { LIMITS } from '#core/scheme/data/limits';
import type { Scheme, StandardTest } from '#core/scheme/model';
import { reagentsOf } from '#core/scheme/needs';
import { DEFAULT_RULES, type HouseRules, schoolOf } from '#core/scheme/rules';
import { SCHOOL_NAMES, stationOf, STATIONS, testById, testsOf } from '#core/scheme/tests';
import { TextField } from '../../parts/fields';
import { addressOf, kindName } from '../../parts/found';
import { Formula } from '../../parts/Formula';
import { Blank, Heading } from '../../parts/ui';
import { api } from '../../state/api';
import { Page } from './Page';

const SUSPECTS: readonly (readonly [string, readonly string[]])[] = [
  ['Cations', CATIONS],
  ['Anions', ANIONS],
  ['Elements', TESTED_ELEMENTS],
  ['Groups', Object.keys(GROUPS)],
];

const MOST = 40;

/** Tests in which a bottle is opened. */
const testsWith = (reagent: string, schemes: readonly Scheme[], rules: HouseRules): StandardTest[] =>
  schemes.flatMap((scheme) => testsOf(scheme).filter((t) => reagentsOf(t, rules).includes(reagent)));

function TestLinks({ tests }: { tests: readonly StandardTest[] }) {
  return (
    <>
      {tests.map((t, i) => (
        <Fragment key={t.id}>
          {i > 0 && ', '}
          <Link className="text-rust underline" to={`/handbook/tests/${t.id}`}>
            {t.title}
          </Link>
        </Fragment>
      ))}
    </>
  );
}

/** What is found by any name, best first. */
function Results({ wanted, schemes, rules }: { wanted: string; schemes: readonly Scheme[]; rules: HouseRules }) {
  const found = find(wanted, MOST).filter(
    (f) => f.kind !== 'test' || schemes.some((s) => stationOf(testById.get(f.id)!, s) !== undefined),
  );
  if (!found.length) return <Blank title="No results">Try fewer words, a formula such as “AgNO3”, or another name.</Blank>;
  return (
    <ul aria-label="Results" className="mt-5 max-w-3xl divide-y divide-rule">
      {found.map((f) => (
        <li key={`${f.kind} ${f.id}`} className="py-2">
          <div className="flex flex-wrap items-baseline gap-x-3">
            {f.kind === 'reagent' ? (
              <strong>{f.title}</strong>
            ) : (
              <Link className="inline-flex min-h-9 items-center font-bold hover:text-rust hover:underline" to={addressOf(f)}>
                {f.title}
              </Link>
            )}
            {f.kind === 'ion' && <Formula of={f.id} />}
            <span className="text-xs text-muted">{kindName(f)}</span>
          </div>
          {f.kind === 'test' && <p className="text-sm text-muted">{otherNamesOf(f.id).join('; ')}</p>}
          {f.kind === 'reagent' && (
            <p className="text-sm text-muted">
              Used in: <TestLinks tests={testsWith(f.id, schemes, rules)} />
            </p>
          )}
        </li>
      ))}
    </ul>
  );
}

function Tests({ scheme }: { scheme: Scheme }) {
  const byStation = new Map<string, StandardTest[]>();
  for (const t of testsOf(scheme)) {
    const station = STATIONS[scheme][stationOf(t, scheme)!]!;
    byStation.set(station, [...(byStation.get(station) ?? []), t]);
  }
  return (
    <section aria-label={SCHOOL_NAMES[scheme]} className="mt-8">
      <h2 className="text-2xl">{scheme === 'organic' ? 'Organic compounds' : `Salts: ${SCHOOL_NAMES[scheme].toLowerCase()}`}</h2>
      <div className="mt-2 gap-8 sm:columns-2 lg:columns-3">
        {[...byStation].map(([station, tests]) => (
          <section key={station} className="mb-5 break-inside-avoid-column">
            <h3 className="label font-sans">{station}</h3>
            <ul>
              {tests.map((t) => (
                <li key={t.id}>
                  <Link className="inline-flex min-h-9 items-center text-sm hover:underline" to={`/handbook/tests/${t.id}`}>
                    {t.title}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </section>
  );
}

function Limits() {
  return (
    <section aria-labelledby="limits" className="mt-8">
      <h2 id="limits" className="text-2xl">
        Where this bench and a real one differ
      </h2>
      <dl className="mt-2 gap-8 text-sm sm:columns-2">
        {LIMITS.map(({ title, text }) => (
          <div key={title} className="mb-4 break-inside-avoid-column">
            <dt className="font-bold">{title}</dt>
            <dd className="mt-0.5 text-muted">{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** Looked up rather than read: every test, ion, element and group. */
export function Handbook() {
  const [search, setSearch] = useSearchParams();
  const typed = search.get('find') ?? '';
  const { data: rules = DEFAULT_RULES } = useQuery({ queryKey: ['house-rules'], queryFn: api.rules });
  const wanted = useDeferredValue(typed.trim());
  const schemes: readonly Scheme[] = [schoolOf(rules), 'organic'];
  return (
    <Page>
      <Heading note="Every test of your scheme, and what each ion, element and group gives in it: computed for every single salt and every compound of the library.">
        Handbook
      </Heading>
      <TextField
        label="Find a test, ion, group, reagent or compound by any name"
        className="max-w-md"
        labelClass="text-muted"
        type="search"
        value={typed}
        onChange={(e) => setSearch(e.target.value ? { find: e.target.value } : {}, { replace: true })}
      />
      {wanted && <Results wanted={wanted} schemes={schemes} rules={rules} />}
      {!wanted && (
        <>
          {SUSPECTS.map(([kind, ids]) => (
            <section key={kind} aria-label={kind} className="mt-6">
              <h2 className="label font-sans">{kind}</h2>
              <ul className="mt-1 flex flex-wrap gap-1.5">
                {ids.map((id) => (
                  <li key={id}>
                    <Link
                      to={`/handbook/suspects/${encodeURIComponent(id)}`}
                      className="inline-flex min-h-9 items-center rounded-lg bg-wash px-2.5 text-sm font-bold hover:text-rust"
                    >
                      <Formula of={id} />
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ))}
          {schemes.map((scheme) => (
            <Tests key={scheme} scheme={scheme} />
          ))}
          <Limits />
        </>
      )}
    </Page>
  );
}
