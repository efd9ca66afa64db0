import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { BenchCard, MarkLine, ProposedMarks, Review } from '#contract';
import { Confirm } from '../../parts/Confirm';
import { Formula } from '../../parts/Formula';
import { TextArea, TextField, Wrong } from '../../parts/fields';
import { Blank, Button } from '../../parts/ui';
import { api } from '../../state/api';

const MARKABLE: ReadonlySet<string> = new Set(['signed', 'marked', 'opened-up']);
const RETURNABLE: ReadonlySet<string> = new Set(['signed', 'marked']);

const key = (l: MarkLine) => `${l.for} ${l.of} ${l.verdict}`;

function Sheet({ card, proposed, done }: { card: BenchCard; proposed: ProposedMarks; done: () => void }) {
  const queries = useQueryClient();
  const [changed, setChanged] = useState<Readonly<Record<string, string>>>({});
  const [remarks, setRemarks] = useState('');
  const marksOf = (l: MarkLine) => (changed[key(l)] === undefined ? l.marks : Number(changed[key(l)]));
  const marks = Math.max(
    0,
    proposed.lines.reduce((sum, l) => sum + marksOf(l), 0),
  );
  const review = useMutation({
    mutationFn: (r: Review) => api.review(card.case, r),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['set'] });
      done();
    },
  });
  const { status } = card.summary;
  const words = remarks.trim();
  return (
    <section aria-label={`Marking ${card.student}`}>
      <h2 className="text-2xl">{card.student}</h2>
      <p className="text-sm text-muted">
        It is <Formula of={proposed.identity} />.{' '}
        <Link className="text-rust underline" to={`/cases/${card.case}/report`}>
          The report
        </Link>
      </p>
      <table className="mt-3 w-full text-sm">
        <tbody>
          {proposed.lines.map((l) => (
            <tr key={key(l)} className="border-t border-rule">
              <th scope="row" className="py-1 pr-3 text-left">
                {l.of}
              </th>
              <td className="pr-3 text-muted">{l.verdict}</td>
              <td className="w-36 py-1">
                <TextField
                  label={`Marks for ${l.of}`}
                  labelClass="sr-only"
                  type="number"
                  step="0.5"
                  value={changed[key(l)] ?? String(l.marks)}
                  onChange={(e) => setChanged({ ...changed, [key(l)]: e.target.value })}
                />
              </td>
              <td className="w-16 text-muted">{l.outOf > 0 && `of ${l.outOf}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 text-lg font-bold" aria-live="polite">
        {marks} of {proposed.of}
      </p>
      <TextArea
        label="Comment to the student"
        note="Say why, where you have changed what was proposed; it is needed to return a report."
        value={remarks}
        onChange={(e) => setRemarks(e.target.value)}
      />
      {review.error && <Wrong>{review.error.message}</Wrong>}
      <div className="mt-3 flex flex-wrap gap-2">
        {MARKABLE.has(status) && (
          <Button
            look="solid"
            onClick={() =>
              review.mutate({ kind: 'marked', marks, of: Math.max(1, proposed.of), ...(words && { remarks: words }) })
            }
          >
            Save marks
          </Button>
        )}
        {RETURNABLE.has(status) && (
          <Button onClick={() => review.mutate({ kind: 'returned', reason: words })} disabled={!words}>
            Return the report
          </Button>
        )}
        {RETURNABLE.has(status) && card.summary.kind === 'simulated' && (
          <Confirm
            trigger={<Button>Reveal the answer</Button>}
            title={status === 'marked' ? 'Reveal the answer' : 'Reveal the answer before marking'}
            act="Reveal"
            done={() => review.mutate({ kind: 'opened-up' })}
          >
            {card.student} is shown what the sample was, and the report can no longer be returned. You can still give marks, and
            change them.
          </Confirm>
        )}
        <Button look="quiet" onClick={done}>
          Back to the live benches
        </Button>
      </div>
    </section>
  );
}

/** A report beside what Foxing proposes for it. */
export function Marking({ card, done }: { card: BenchCard; done: () => void }) {
  const { data, error } = useQuery({
    queryKey: ['marks', card.case, card.summary.updatedAt],
    queryFn: () => api.marks(card.case),
  });
  if (error) return <Blank title="The marks could not be proposed">{error.message}</Blank>;
  if (!data) return <Blank title="Loading the report …" />;
  return <Sheet card={card} proposed={data} done={done} />;
}
