import { testTitle } from '#core/scheme/tests';
import { useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { Link } from 'react-router';
import { FAULTS } from '#core/practice/data/faults';
import type { Debrief as Debriefed, ClaimVerdict, Verdict } from '#core/practice/debrief';
import { Formula } from '../../parts/Formula';
import { Blank, Button, Heading } from '../../parts/ui';
import { api } from '../../state/api';
import { useCaseId } from '../../state/case';
import { Ways } from './Ways';
import { WhatIf } from './WhatIf';

const CLAIMS: Readonly<Record<ClaimVerdict, string>> = {
  right: 'is there, as it was claimed',
  wrong: 'is not there',
  'too-early': 'is there, but the entries that were named do not prove it',
  possible: 'is there; it was said that it may be',
  unsupported: 'is there, but none of the entries that were named shows a sign of it',
  missed: 'is there and was not found',
  'missed-though-proved': 'is there; it was proved at the bench and not claimed',
};

const VERDICTS: Readonly<Record<Verdict, string>> = {
  agreed: 'as it was shown',
  misread: 'misread',
  overlooked: 'overlooked',
  invented: 'not to be seen',
};

function Faults({ faults }: Pick<Debriefed, 'faults'>) {
  const id = useCaseId();
  if (!faults.length)
    return (
      <p className="text-sm">Nothing in the technique stood out: wires, papers, washing and amounts were as they should be.</p>
    );
  return (
    <ul className="space-y-3">
      {faults.map((f, i) => (
        <li key={i} className="rounded-lg border border-rule bg-paper px-4 py-3">
          <h3 className="font-sans font-bold">
            {FAULTS[f.kind].name}
            {f.of && <span className="font-normal text-muted"> · {f.of}</span>}
          </h3>
          <p className="text-sm">{FAULTS[f.kind].consequence}</p>
          {f.entries.length > 0 && (
            <p className="text-sm text-muted">
              Entry{' '}
              {f.entries.map((n) => (
                <Link key={n} className="mr-1 text-rust underline" to={`/cases/${id}/ledger#entry-${n}`}>
                  {n}
                </Link>
              ))}
            </p>
          )}
        </li>
      ))}
    </ul>
  );
}

/** What a case has to teach, once it is known what it was. */
export function Debrief() {
  const id = useCaseId();
  const { data, error, refetch } = useQuery({ queryKey: ['debrief', id], queryFn: () => api.debrief(id), staleTime: Infinity });
  if (error)
    return (
      <Blank title="There is no debrief">
        <p>{error.message}</p>
        <Button className="mt-4" onClick={() => void refetch()}>
          Try again
        </Button>
      </Blank>
    );
  if (!data) return <Blank title="Loading the debrief …" />;
  return (
    <div className="mx-auto w-full max-w-5xl px-5 py-8">
      <Heading note="What was shown against what was written, what was claimed against what is there, and what in the technique would have misled.">
        Debrief
      </Heading>
      <section aria-label="Claims">
        <h2 className="label font-sans">What was claimed</h2>
        <ul className="mt-1 space-y-1 text-sm">
          {data.claims.map((c) => (
            <li key={c.of} className={clsx(c.verdict !== 'right' && 'text-rust-deep')}>
              <strong>
                <Formula of={c.of} />
              </strong>{' '}
              {CLAIMS[c.verdict]}
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Technique" className="mt-6">
        <h2 className="label mb-1 font-sans">What went otherwise than it should</h2>
        <Faults faults={data.faults} />
      </section>
      {data.operations.length > 0 && <WhatIf id={id} points={data.operations} faults={data.faults} />}
      <Ways id={id} />
      <section aria-label="Reading" className="mt-6 overflow-x-auto">
        <h2 className="label font-sans">What was read</h2>
        <table className="mt-1 w-full min-w-[34rem] text-sm">
          <tbody>
            {data.entries.map((e) => (
              <tr key={e.number} className="border-t border-rule align-top">
                <th scope="row" className="w-10 py-2 text-left font-display text-xl leading-none font-normal text-rust">
                  {e.number}
                </th>
                <td className="py-2 pr-4 font-bold">{testTitle(e.test)}</td>
                <td className={clsx('py-2 pr-4', e.verdict !== 'agreed' && 'font-bold text-rust-deep')}>{VERDICTS[e.verdict]}</td>
                <td className="py-2 text-muted">
                  {e.shown.length > 0 && `shown: ${e.shown.join('; ')}. `}
                  {e.wrote.length > 0 && `written: ${e.wrote.join('; ')}.`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </div>
  );
}
