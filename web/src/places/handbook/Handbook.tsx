import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { ANIONS, CATIONS } from '#core/matter/data/components';
import { GROUPS, TESTED_ELEMENTS } from '#core/organic/data/features';
import { LIMITS } from '#core/scheme/data/limits';
import type { Scheme, StandardTest } from '#core/scheme/model';
import { DEFAULT_RULES, schoolOf } from '#core/scheme/rules';
import { SCHOOL_NAMES, stationOf, STATIONS, testsOf } from '#core/scheme/tests';
import { TextField } from '../../parts/fields';
import { nameOf } from '#core/senses/names';
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

const says = (text: string, wanted: string) => text.toLowerCase().includes(wanted);

function Tests({ scheme, wanted }: { scheme: Scheme; wanted: string }) {
  const byStation = new Map<string, StandardTest[]>();
  for (const t of testsOf(scheme)) {
    const station = STATIONS[scheme][stationOf(t, scheme)!]!;
    if (says(`${t.title} ${t.purpose} ${station}`, wanted)) byStation.set(station, [...(byStation.get(station) ?? []), t]);
  }
  if (!byStation.size) return null;
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
  const [typed, setTyped] = useState('');
  const { data: rules = DEFAULT_RULES } = useQuery({ queryKey: ['house-rules'], queryFn: api.rules });
  const wanted = typed.trim().toLowerCase();
  const suspects = SUSPECTS.map(
    ([kind, ids]) => [kind, ids.filter((id) => says(`${id} ${nameOf(id)} ${kind}`, wanted))] as const,
  ).filter(([, ids]) => ids.length);
  const schemes: readonly Scheme[] = [schoolOf(rules), 'organic'];
  const any = suspects.length > 0 || schemes.some((s) => testsOf(s).some((t) => says(`${t.title} ${t.purpose}`, wanted)));
  return (
    <Page>
      <Heading note="Every test of your school, and what each ion, element and group gives in it: computed, on every single salt and every compound of the library.">
        Handbook
      </Heading>
      <TextField
        label="Find a test, an ion or a group"
        className="max-w-md"
        labelClass="text-muted"
        type="search"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      {!any && <Blank title="Nothing of that name">Try a shorter word, or a symbol such as “Pb”.</Blank>}
      {suspects.map(([kind, ids]) => (
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
        <Tests key={scheme} scheme={scheme} wanted={wanted} />
      ))}
      {!wanted && <Limits />}
    </Page>
  );
}
