import { testTitle } from '#core/scheme/tests';
import type { Budget } from '#core/planning/budget';

/** What of the sample is used, what the plan takes, what is held back, and what is left over. */
export function BudgetPanel({ budget, unit }: { budget: Budget; unit: string }) {
  const { of, used, planned, reserve, rest, warning } = budget;
  const share = (v: number) => `${Math.min(100, Math.max(0, (100 * v) / of))}%`;
  const lines: [string, number][] = [
    ['used', used],
    ['planned', planned],
    ['held back for one more confirmation', reserve],
    ['left over after that', rest - reserve],
  ];
  return (
    <section aria-label="Sample" className="self-start rounded-xl border border-rule bg-paper p-4">
      <h2 className="label font-sans">
        The sample, {of} {unit}
      </h2>
      <div className="mt-2 flex h-3 overflow-hidden rounded-full bg-wash" aria-hidden>
        <span className="bg-slate" style={{ width: share(used) }} />
        <span className="bg-rust" style={{ width: share(planned) }} />
        <span className="bg-rust/40" style={{ width: share(reserve) }} />
      </div>
      <dl className="mt-2 text-sm">
        {lines.map(([name, v]) => (
          <div key={name} className="flex justify-between gap-3">
            <dt className="text-muted">{name}</dt>
            <dd className="tabular-nums">
              {v.toFixed(2)} {unit}
            </dd>
          </div>
        ))}
      </dl>
      {warning && (
        <p role="alert" className="mt-3 border-t border-rule pt-2 text-sm">
          <strong className="text-rust-deep">Before {testTitle(warning.before)}:</strong> it would leave too little for a
          confirmation.{' '}
          {warning.leaveOut.length > 0 && (
            <>Leave out {warning.leaveOut.map(testTitle).join(', ')}, which prove nothing that is undecided.</>
          )}
        </p>
      )}
    </section>
  );
}
