import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { sameRules } from '#core/scheme/rules';
import type { CaseView } from '#contract';
import { Formula } from '../parts/Formula';
import { ReasonDialog } from '../parts/ReasonDialog';
import { Structure } from '../parts/Structure';
import { Button } from '../parts/ui';
import { api } from '../state/api';
import type { OpenCase } from '../state/case';

/** Can the case be worked on? */
export const isAtWork = ({ readOnly, summary }: CaseView): boolean =>
  readOnly === null && (summary.status === 'open' || summary.status === 'returned');

function Strip({ children, actions }: { children: ReactNode; actions?: ReactNode }) {
  return (
    <div className="no-print flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-rule bg-wash px-6 py-1.5 text-sm">
      <p className="min-w-0">{children}</p>
      {actions && <div className="flex flex-wrap gap-2">{actions}</div>}
    </div>
  );
}

function Withdraw({ append }: { append: OpenCase['append'] }) {
  return (
    <ReasonDialog
      trigger={<Button>Withdraw the report</Button>}
      title="Withdraw the report"
      act="Withdraw it"
      leave="Keep it signed"
      done={(reason) => append({ kind: 'withdrawn', payload: { reason } })}
    >
      The work goes on, and entries can be written and struck again. That it was signed and withdrawn stays in the record.
    </ReasonDialog>
  );
}

function Identity({ view }: { view: CaseView }) {
  const { identity, summary } = view;
  if (identity === null) return null;
  if (summary.matter === 'compound')
    return <Structure smiles={identity} name={summary.name} className="inline-block h-16 align-middle" />;
  return (
    <strong>
      {identity.split(', ').map((salt, i) => (
        <span key={salt}>
          {i > 0 && ', '}
          <Formula of={salt} />
        </span>
      ))}
    </strong>
  );
}

const sayMarks = ({ marks, of, remarks }: NonNullable<CaseView['marks']>): string =>
  `Marked: ${marks} of ${of}. ${remarks ?? ''}`;

/** Where a case stands when it is not simply being worked on, and what can be done about it. */
export function Standing({ view, append }: { view: CaseView; append: OpenCase['append'] }) {
  const { summary, readOnly, returned, marks, olderChemistry } = view;
  const rules = useQuery({ queryKey: ['house-rules'], queryFn: api.rules });
  // Work that was set is done by the rules with which it was set, and shown by who set it.
  const own = summary.set === null;
  const otherRules = own && rules.data && !sameRules(rules.data, view.rules);
  if (readOnly !== null) return <Strip>This case can be read, not worked on: {readOnly}.</Strip>;
  if (summary.status === 'opened-up')
    return (
      <Strip>
        Revealed: it was <Identity view={view} />. Nothing more is written in this case. {marks && sayMarks(marks)}
      </Strip>
    );
  if (summary.status === 'marked') return <Strip>{marks && sayMarks(marks)}</Strip>;
  if (summary.status === 'signed')
    return (
      <Strip
        actions={
          <>
            <Withdraw append={append} />
            {own && summary.kind === 'simulated' && (
              <Button onClick={() => void append({ kind: 'opened-up', payload: {} })}>Reveal the answer</Button>
            )}
          </>
        }
      >
        The report is signed. To go on working, withdraw it
        {own && summary.kind === 'simulated' ? '; once the answer is revealed, the case is closed' : ''}.
      </Strip>
    );
  return (
    <>
      {summary.status === 'returned' && returned && <Strip>Returned to be worked on: {returned.reason}</Strip>}
      {olderChemistry && (
        <Strip>Foxing’s chemistry has been corrected since this case was last worked on: what you saw stays as you saw it.</Strip>
      )}
      {otherRules && (
        <Strip
          actions={
            <Button onClick={() => rules.data && void append({ kind: 'rules', payload: { rules: rules.data } })}>
              Use the current house rules
            </Button>
          }
        >
          This case is worked by the house rules of when it was begun.
        </Strip>
      )}
    </>
  );
}
