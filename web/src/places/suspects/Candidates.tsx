import { testTitle } from '#core/scheme/tests';
import { clsx } from 'clsx';
import { Link } from 'react-router';
import type { CaseView, CompoundView } from '#contract';
import { Formula } from '../../parts/Formula';
import { Structure } from '../../parts/Structure';
import { useCaseId } from '../../state/case';
import type { Reasoned } from './reasoned';

const percent = (p: number) => (p > 0.995 ? '> 99 %' : p < 0.005 ? '< 1 %' : `${Math.round(100 * p)} %`);
/** Readings of the same compound scatter by so much, °C. */
const TOLERANCE = 3;

/** From here on it is worth saying that it may be none of those listed. */
const WORTH_SAYING = 0.05;

interface Reading {
  readonly event: 'melts' | 'boils';
  readonly celsius: number;
}

/** The last melting or boiling point that stands in the ledger. */
function readingIn(view: CaseView): Reading | null {
  const seen = view.entries
    .filter((e) => !e.struck)
    .flatMap((e) => e.observed)
    .findLast((o) => o.channel === 'temperature' && o.celsius !== undefined);
  return seen ? { event: seen.event === 'boils' ? 'boils' : 'melts', celsius: seen.to ?? seen.celsius! } : null;
}

function Point({ compound, reading }: { compound: CompoundView; reading: Reading | null }) {
  const known = reading?.event === 'boils' ? compound.boils : compound.melts;
  const text = [
    compound.melts !== undefined && `melts ${compound.melts} °C`,
    compound.boils !== undefined && `boils ${compound.boils} °C`,
  ]
    .filter(Boolean)
    .join(', ');
  if (!reading || known === undefined) return <span className="text-muted">{text}</span>;
  const off = reading.celsius - known;
  const fits = Math.abs(off) <= TOLERANCE;
  return (
    <span>
      <span className="text-muted">{text}; </span>
      <strong className={fits ? 'text-sage' : 'text-rust-deep'}>
        you read {reading.celsius} °C
        {fits ? `, within ${TOLERANCE}` : `, ${Math.abs(off).toFixed(0)} ${off > 0 ? 'too high' : 'too low'}`}
      </strong>
    </span>
  );
}

/** The compounds that fit best, drawn, with what speaks for and against each. */
export function Candidates({ reasoned, view }: { reasoned: Reasoned; view: CaseView }) {
  const id = useCaseId();
  const reading = readingIn(view);
  const unlisted = reasoned.candidates.find((c) => !c.compound)?.probability ?? 0;
  const standing = view.entries.filter((e) => !e.struck).length;
  return (
    <section aria-label="Candidates" className="mb-8">
      <h2 className="label font-sans">Candidates</h2>
      {reasoned.beyond && (
        <p role="status" className="mt-1 rounded-lg border border-rust bg-paper p-3 text-sm">
          No compound of the library explains this record. The elements and groups below are judged each for itself; what the
          compound is, its melting point and a derivative must tell.
        </p>
      )}
      <ol className="mt-2 grid gap-3 md:grid-cols-2 xl:grid-cols-3">
        {reasoned.candidates.slice(0, 6).map(({ compound, probability, against, ions }, i) =>
          compound ? (
            <li
              key={compound.name}
              className={clsx('flex gap-3 rounded-xl border bg-paper p-3', i ? 'border-rule' : 'border-rust')}
            >
              <Structure smiles={compound.smiles} name={compound.name} className="h-24 w-32 shrink-0" />
              <div className="min-w-0 text-sm">
                <p className="flex flex-wrap items-baseline gap-x-2">
                  <strong className="font-display text-lg leading-tight">{compound.name}</strong>
                  <span className="tabular-nums text-muted">{reasoned.beyond ? 'does not fit' : percent(probability)}</span>
                </p>
                <p>
                  <Formula of={compound.formula} />
                  {ions.length > 0 && <span className="text-muted"> · </span>}
                  {ions.map((h, k) => (
                    <span key={h}>
                      {k > 0 && ', '}
                      <Formula of={h} />
                    </span>
                  ))}
                </p>
                <p>
                  <Point compound={compound} reading={reading} />
                </p>
                <p className={against.length ? 'text-rust-deep' : 'text-muted'}>
                  {against.length
                    ? `${against.length === 1 ? 'Entry' : 'Entries'} ${against.join(', ')} against it; ${standing - against.length} for it.`
                    : `All ${standing} entries agree with it.`}
                </p>
              </div>
            </li>
          ) : null,
        )}
      </ol>
      {!reasoned.beyond && unlisted >= WORTH_SAYING && (
        <p className="mt-3 text-sm text-muted">
          A compound that is not listed: {percent(unlisted)}. Its elements and groups are judged below all the same.
        </p>
      )}
      {reasoned.parting && (
        <p className="mt-3 text-sm">
          Best test to distinguish the likeliest:{' '}
          <Link className="font-bold text-rust underline" to={`/cases/${id}/bench?test=${reasoned.parting.test}`}>
            {testTitle(reasoned.parting.test)}
          </Link>
          ,{' '}
          {reasoned.parting.splits
            .slice(0, 4)
            .map((s) => s.outcome)
            .join(' / ')}
          .
        </p>
      )}
    </section>
  );
}
