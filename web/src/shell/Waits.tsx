import { Link } from 'react-router';
import { sayOp } from '#core/scheme/say';
import { testTitle } from '#core/scheme/tests';
import { sayAll } from '#core/senses/sentences';
import type { CaseEvent } from '#core/record/events';
import type { CaseView } from '#contract';
import { Button } from '../parts/ui';
import type { CaseFile, SetAside } from '../state/case-store';

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

const plural = (n: number, one: string, more: string) => `${n} ${n === 1 ? one : more}`;
const numbers = (list: readonly number[]) => `${list.length === 1 ? 'Entry' : 'Entries'} ${list.join(', ')}`;

function Held({ held, waiting, kind }: { held: CaseFile['held']; waiting: number; kind: CaseView['summary']['kind'] }) {
  if (!held) return null;
  const away = held === 'offline';
  return (
    <p role="status" className="no-print bg-wash px-6 py-2 text-sm">
      <strong>{away ? 'Foxing cannot be reached' : 'Foxing has its hands full'}.</strong>{' '}
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
}

/** What has not reached the server, could not be entered there, or was written elsewhere meanwhile. */
export function Waits({ view, file: { held, waiting, setAside, elsewhere }, dismiss }: Props) {
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
                <p>{plural(setAside.length, 'thing', 'things')} that you did meanwhile could not be entered:</p>
                <ul className="list-disc pl-5">
                  {setAside.map((s, i) => (
                    <li key={i}>
                      {told(s)} <span className="text-muted">({s.why})</span>
                    </li>
                  ))}
                </ul>
              </>
            )}
          </div>
          <Button onClick={dismiss}>I have seen to it</Button>
        </div>
      )}
    </>
  );
}
