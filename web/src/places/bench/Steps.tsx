import { clsx } from 'clsx';
import { Check, TimerIcon, TriangleAlert } from 'lucide-react';
import { type ReactNode, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { type Op, workedOn } from '#core/bench/ops';
import { layOut } from '#core/scheme/layout';
import type { CaseView } from '#contract';
import type { OpenCase } from '../../state/case';
import type { StandardTest } from '#core/scheme/model';
import { cautionsOf, restriction, wasteOf } from '#core/scheme/needs';
import { sayOp, waitOf } from '#core/scheme/say';
import { onVessels, stepsOf } from '#core/scheme/tests';
import { Aloud } from '../../parts/Aloud';
import { CONTROLS, LookFor } from '../../parts/LookFor';
import { Button } from '../../parts/ui';
import { useGiven, useSuspects } from '../../state/expected';
import { useKey } from '../../state/keys';
import { Fusion, FusionTaught } from './Fusion';
import { Corrected, type Melting, meltingFields, MeltingOptions, USUAL_MELTING } from './MeltingOptions';

function Folded({ when, name, children }: { when: boolean; name: string; children: ReactNode }) {
  if (!when) return children;
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer items-center text-sm font-bold text-rust">{name}</summary>
      {children}
    </details>
  );
}

/** The words of the button that does several steps, or ticks them. */
function sayTogether(real: boolean, first: number, last: number, of: number): string {
  const which = first === 1 && last === of ? `all ${of} steps` : `steps ${first} to ${last}`;
  return real ? `${which[0]!.toUpperCase()}${which.slice(1)} are done` : `Do ${which}`;
}

/** The steps of a standard test. In a simulated case they are done here; in a real one they are ticked. */
export interface StepsProps {
  test: StandardTest;
  view: CaseView;
  append: OpenCase['append'];
  hold: (tube: string) => void;
  choose: (test: string) => void;
  /** One step at a time, and the rest of the test a press away. */
  simple: boolean;
}

export function Steps({ test, view, append, hold, choose, simple }: StepsProps) {
  const given = useGiven(test, view.rules);
  const suspects = useSuspects(view);
  const [busy, setBusy] = useState(false);
  const [again, setAgain] = useState(false);
  const [melting, setMelting] = useState<Melting>(USUAL_MELTING);
  const opens = (op: Op): Op =>
    op.op === 'test' && test.reads === 'melts' && !op.control ? { ...op, ...meltingFields(melting) } : op;
  const real = view.summary.kind === 'real';
  const steps = useMemo(() => stepsOf(test, view.rules), [test, view.rules]);
  const layout = useMemo(
    () =>
      layOut(
        test,
        view.rules,
        view.vessels.map((v) => v.id),
      ),
    [test, view.rules, view.vessels],
  );
  const run = again ? undefined : view.tests.find((w) => w.id === test.id)?.run;
  const done = Math.min(run?.done ?? 0, steps.length);
  const tubes = run?.tubes ?? ('tubes' in layout ? layout.tubes : {});
  const called = (id: string) => (tubes[id] ?? id) && `tube ${tubes[id] ?? id}`;
  const finished = done >= steps.length;
  const fusing = steps.some((s) => s.op.op === 'fuse');
  const barred = restriction(test, view.rules, !real);
  const ready = !barred && (!!run || 'tubes' in layout);
  const cautions = useMemo(() => cautionsOf(test, view.rules), [test, view.rules]);

  const perform = async (ops: readonly Op[]) => {
    setBusy(true);
    const id = run?.id ?? crypto.randomUUID();
    const all = ops.map((op) => onVessels(opens(op), tubes));
    // In hand before it is done, so that what is seen is asked of the same tube from the first.
    const worked = workedOn(all.at(-1)!);
    if (worked !== null) hold(worked);
    for (const [i, op] of all.entries()) {
      const after = await append({ kind: 'operation', payload: { op, test: test.id, run: { id, step: done + i, tubes } } });
      // What follows a refused step would be done on something else.
      if (!after) break;
      setAgain(false);
      if (after.active) hold(after.active);
    }
    setBusy(false);
  };
  // What comes after a look is done in another press, so that there is time to look.
  const nextLook = steps.findIndex((s, i) => i > done && s.op.op === 'look');
  const together = steps.slice(done, real || nextLook < 0 ? undefined : nextLook + 1).map((s) => s.op);
  useKey('do-step', () => {
    if (ready && !finished && !fusing && !busy) void perform([steps[done]!.op]);
  });
  const time = (op: Op, step: number) => {
    const tube = 'vessel' in op ? (tubes[op.vessel] ?? op.vessel) : undefined;
    void append({
      kind: 'timer',
      payload: {
        id: crypto.randomUUID(),
        label: `${test.title}, step ${step + 1}`,
        minutes: waitOf(op),
        test: test.id,
        ...(tube && { tube }),
      },
    });
  };

  const before = (
    <>
      {!(simple && done > 0) && <p className="text-sm">{test.purpose}</p>}
      {cautions.length > 0 && (
        <div className="mt-2 flex gap-2 text-sm text-rust-deep">
          <TriangleAlert size={17} className="mt-0.5 shrink-0" aria-hidden />
          {done === 0 ? (
            <ul className="space-y-0.5" aria-label="Cautions">
              {cautions.map((c) => (
                <li key={c}>{c}</li>
              ))}
              <li>Tubes afterwards: {wasteOf(test, view.rules)}.</li>
            </ul>
          ) : (
            <details>
              <summary className="cursor-pointer">Cautions and waste</summary>
              {cautions.join(' ')} Tubes afterwards: {wasteOf(test, view.rules)}.
            </details>
          )}
        </div>
      )}
      {view.rules.notes && done === 0 && <p className="mt-2 border-l-2 border-rust pl-3 text-sm">{view.rules.notes}</p>}
      {test.materials && done === 0 && (
        <p className="mt-2 text-sm text-muted">
          <strong className="text-ink">Fetch:</strong> {test.materials.join('; ')}.
        </p>
      )}
      {test.control && <p className="mt-2 text-sm text-muted">{CONTROLS[test.control]}</p>}
    </>
  );
  return (
    <div>
      {simple && done === 0 ? (
        <details>
          <summary className="flex min-h-11 cursor-pointer items-center gap-2 text-sm text-rust-deep">
            <TriangleAlert size={17} className="shrink-0" aria-hidden /> Before you begin: cautions, what to fetch
          </summary>
          {before}
        </details>
      ) : (
        before
      )}
      {test.reads === 'boils' && real && <Corrected of="boiling" />}
      {test.reads === 'melts' && !finished && <MeltingOptions options={melting} change={setMelting} real={real} />}
      {fusing && ready && !finished && <Fusion view={view} busy={busy} fuse={(op) => void perform([op])} />}
      <ol className={clsx('mt-3 space-y-1 text-sm', fusing && 'hidden')} aria-label="Steps">
        {steps.map((s, i) => (
          <li
            key={i}
            className={clsx(
              'flex gap-2 rounded-md px-2 py-1',
              simple && i !== done && 'hidden',
              i === done ? 'bg-wash' : i > done && 'text-muted',
            )}
          >
            <span className="w-5 shrink-0 text-right tabular-nums" aria-hidden>
              {i < done ? <Check size={15} className="mt-0.5 ml-auto text-sage" /> : i + 1}
            </span>
            <span className="grow">
              {s.say ?? sayOp(s.op, called)}
              {s.why && i === done && <span className="block text-muted">{s.why}</span>}
              {i === done && ready && (
                <span className="mt-1.5 mb-1 flex flex-wrap gap-2">
                  <Button look="solid" disabled={busy} onClick={() => void perform([s.op])}>
                    {real ? `Step ${done + 1} is done` : `Do step ${done + 1}`}
                  </Button>
                  {together.length > 1 && !simple && (
                    <Button disabled={busy} onClick={() => void perform(together)}>
                      {sayTogether(real, done + 1, done + together.length, steps.length)}
                    </Button>
                  )}
                </span>
              )}
              {simple && i === done && (
                <span className="ml-3 text-xs text-muted">
                  of {steps.length}
                  {ready && together.length > 1 && (
                    <button
                      type="button"
                      className="relative ml-3 font-bold text-rust underline after:absolute after:-inset-3"
                      disabled={busy}
                      onClick={() => void perform(together)}
                    >
                      {sayTogether(real, done + 1, done + together.length, steps.length)}
                    </button>
                  )}
                </span>
              )}
            </span>
            {i === done && ready && <Aloud text={s.say ?? sayOp(s.op, called)} what="the step" />}
            {waitOf(s.op) >= 1 && i >= done && (
              <button
                type="button"
                className="-my-1 grid size-9 shrink-0 place-items-center rounded-lg hover:bg-wash"
                aria-label={`Timer for step ${i + 1}, ${waitOf(s.op)} minutes`}
                onClick={() => time(s.op, i)}
              >
                <TimerIcon size={16} />
              </button>
            )}
          </li>
        ))}
      </ol>
      {barred ? (
        <p className="mt-3 text-sm text-rust-deep">
          Not allowed here: {barred.reason}.{barred.substitute && ` Instead: ${barred.substitute}.`}
        </p>
      ) : !run && 'missing' in layout ? (
        <div className="mt-3 text-sm text-rust-deep">
          This test starts from tube {layout.missing}, which is not there yet. First:
          <div className="mt-1 flex flex-wrap gap-1.5">
            {layout.makers.slice(0, 3).map((m) => (
              <Button key={m.id} onClick={() => choose(m.id)}>
                {m.title}
              </Button>
            ))}
          </div>
        </div>
      ) : finished ? (
        <p className="mt-3 flex flex-wrap items-center gap-3 text-sm font-bold text-sage">
          {simple ? 'Done. Record your observation.' : 'Done. Record your observation on the right.'}
          <Button onClick={() => setAgain(true)}>Do the test again</Button>
        </p>
      ) : null}
      {fusing && finished && view.fusion && <FusionTaught fusion={view.fusion} />}
      {view.rules.help !== 'none' && (
        <Folded when={simple} name="What to look for">
          <LookFor test={test} given={given} standing={suspects} />
          <Link
            to={`/handbook/tests/${test.id}`}
            className="mt-2 inline-flex min-h-11 items-center text-sm font-bold text-rust underline"
          >
            Expected results in the handbook
          </Link>
        </Folded>
      )}
    </div>
  );
}
