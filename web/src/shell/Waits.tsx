import { Link } from 'react-router';
import { sayOp } from '#core/scheme/say';
import { testTitle } from '#core/scheme/tests';
import { sayAll } from '#core/senses/sentences';
import type { CaseEvent } from '#core/record/events';
import type { CaseView } from '#contract';
import { toast } from 'sonner';
import { Button } from '../parts/ui';
import type { CaseFile } from '../state/case-store';
import type { SetAside } from '../state/device';
import { draftKey, putDraft } from '../state/draft';

/** What an event was, for a person who is to do it again. */
function told({ event }: SetAside): string {
  switch (event.kind) {
    case 'operation':
      return sayOp(event.payload.op, (id) => (id === 'sample' ? 'the sample' : `tube ${id}`));
    case 'entry':
      return `${testTitle(event.payload.test)}: ${sayAll(event.payload.observed)} ${event.payload.note ?? ''}`;
    default:
      return KINDS[event.kind] ?? event.kind;
  }
}
const KINDS: Readonly<Partial<Record<CaseEvent['kind'], string>>> = {
  conclusion: 'The signed report',
  strike: 'An entry to be struck',
  photo: 'A photo',
  timer: 'A timer',
};

const copy = (text: string) =>
  void navigator.clipboard.writeText(text).then(
    () => toast('Copied.'),
    () => toast.error('This browser does not let Foxing copy; mark the words and copy them yourself.'),
  );

/** Puts what was written back on the form of its test. */
function edit(id: string, { event }: SetAside): void {
  if (event.kind !== 'entry') return;
  const { test, vessel, observed, blank, note = '', inference = '', infers = [], confidence } = event.payload;
  putDraft(draftKey(id, test, vessel), {
    observed,
    blank: blank ?? null,
    note,
    inference,
    infers,
    unsure: confidence === 'unsure',
  });
}

const plural = (n: number, one: string, more: string) => `${n} ${n === 1 ? one : more}`;
const numbers = (list: readonly number[]) => `${list.length === 1 ? 'Entry' : 'Entries'} ${list.join(', ')}`;

function Held({ held, waiting, kind }: { held: CaseFile['held']; waiting: number; kind: CaseView['summary']['kind'] }) {
  if (!held) return null;
  const away = held === 'offline';
  if (held === 'signed-out')
    return (
      <p role="status" className="no-print bg-wash px-6 py-2 text-sm">
        <strong>Your session has ended.</strong>{' '}
        {waiting > 0
          ? `${plural(waiting, 'step is', 'steps are')} kept on this device for you, and sent once you have signed in again. `
          : 'What you do is kept on this device for you. '}
        <Link className="font-bold text-rust underline" to="/sign-in">
          Sign in
        </Link>
      </p>
    );
  return (
    <p role="status" className="no-print bg-wash px-6 py-2 text-sm">
      <strong>{away ? 'Foxing cannot be reached' : 'Foxing is busy'}.</strong>{' '}
      {waiting > 0
        ? `${plural(waiting, 'step is kept on this device and goes', 'steps are kept on this device and go')} on by ${waiting === 1 ? 'itself' : 'themselves'}.`
        : 'Go on working: it is kept on this device and sent when Foxing is back.'}
      {away && kind === 'simulated' && ' The sample is sealed on the server: what a step does is shown when Foxing is back.'}
    </p>
  );
}

interface Props {
  readonly view: CaseView;
  readonly file: Pick<CaseFile, 'held' | 'waiting' | 'setAside' | 'elsewhere'>;
  readonly dismiss: () => void;
  readonly sendAgain: (id: string) => void;
  readonly throwAway: (id: string) => void;
}

/** What has not reached the server, could not be entered there, or was written elsewhere meanwhile. */
export function Waits({ view, file: { held, waiting, setAside, elsewhere }, dismiss, sendAgain, throwAway }: Props) {
  return (
    <>
      <Held held={held} waiting={waiting} kind={view.summary.kind} />
      {(setAside.length > 0 || elsewhere.length > 0) && (
        <div
          role="alert"
          className="no-print flex flex-wrap items-center justify-between gap-3 border-b border-rust bg-paper px-6 py-2 text-sm"
        >
          <div>
            {elsewhere.length > 0 && (
              <p>
                {numbers(elsewhere)} on the same tests {elsewhere.length === 1 ? 'was' : 'were'} written elsewhere while you were
                away. Both stand:{' '}
                <Link className="font-bold text-rust underline" to={`/cases/${view.summary.id}/ledger`}>
                  look at them side by side
                </Link>
                .
              </p>
            )}
            {setAside.length > 0 && (
              <>
                <p>
                  {plural(setAside.length, 'thing', 'things')} that you did could not be entered, and{' '}
                  {setAside.length === 1 ? 'is' : 'are'} kept on this device:
                </p>
                <ul aria-label="Not entered" className="mt-1 space-y-1">
                  {setAside.map((s) => (
                    <li key={s.id} className="flex flex-wrap items-center gap-x-2">
                      <span>
                        {told(s)} <span className="text-muted">({s.why})</span>
                      </span>
                      <Button look="quiet" onClick={() => copy(told(s))}>
                        Copy
                      </Button>
                      <Button look="quiet" onClick={() => sendAgain(s.id)}>
                        Send it again
                      </Button>
                      {s.event.kind === 'entry' && (
                        <Link
                          className="inline-flex min-h-11 items-center px-2 text-sm font-bold text-rust underline"
                          to={`/cases/${view.summary.id}/bench?test=${s.event.payload.test}`}
                          onClick={() => edit(view.summary.id, s)}
                        >
                          Edit it
                        </Link>
                      )}
                      <Button look="quiet" onClick={() => throwAway(s.id)}>
                        Delete
                      </Button>
                    </li>
                  ))}
                </ul>
              </>
            )}
          </div>
          {elsewhere.length > 0 && <Button onClick={dismiss}>Dismiss</Button>}
        </div>
      )}
    </>
  );
}
