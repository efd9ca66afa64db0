import { CalendarPlus, Printer, RotateCcw } from 'lucide-react';
import { useMemo } from 'react';
import { toast } from 'sonner';
import { budgetOf } from '#core/planning/budget';
import { download } from '../../parts/download';
import { TextField } from '../../parts/fields';
import { Blank, Button, Heading } from '../../parts/ui';
import { useOpenCase, useReasoning } from '../../state/case';
import { useDecided } from '../../state/plan';
import { type Plan as Planned, testsInOrder, usePlan } from '../../state/use-plan';
import { useRoute } from '../bench/Route';
import { BudgetPanel } from './BudgetPanel';
import { clock, MINUTE_MS } from './clock';
import { TestOrder } from './TestOrder';
import { TimeLine } from './TimeLine';

const whole = (minutes: number) => Math.round(minutes);

/** A time of day as the next such time. */
function nextAt(text: string): string | null {
  const [hours, minutes] = text.split(':').map(Number);
  if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return null;
  const at = new Date();
  at.setHours(hours, minutes, 0, 0);
  if (at.getTime() < Date.now()) at.setDate(at.getDate() + 1);
  return at.toISOString();
}

async function toCalendar(plan: Planned, name: string): Promise<void> {
  const { createEvents } = await import('ics');
  const start = new Date(plan.from).getTime();
  const events = testsInOrder(plan).map((t) => ({
    title: `${name}: ${t.title}`,
    start: start + t.start * MINUTE_MS,
    end: start + t.end * MINUTE_MS,
    description: t.tasks.map((s) => s.says).join('\n'),
  }));
  const { value, error } = createEvents(events);
  if (!value) throw error ?? new Error('The calendar could not be written.');
  download(new Blob([value], { type: 'text/calendar' }), `${name}.ics`);
}

function Summary({ plan, ends }: { plan: Planned; ends: string | null }) {
  const { minutes, oneByOne, bound } = plan.schedule;
  const saved = whole(oneByOne - minutes);
  const late = ends === null ? 0 : whole(minutes - (new Date(ends).getTime() - new Date(plan.from).getTime()) / MINUTE_MS);
  return (
    <p role="status" className="mb-4 text-sm">
      Done at <strong>{clock(plan.from, minutes)}</strong>, {whole(minutes)} min from now, with all{' '}
      {plan.tests.length === 1 ? 'that is left' : `${plan.tests.length} tests that are to come`}
      {plan.leftOut > 0 && `; ${plan.leftOut} optional ${plan.leftOut === 1 ? 'one is' : 'ones are'} not on the plan`}.{' '}
      {saved > 0 && `${saved} min less than one thing after another. `}
      <span className="text-muted">
        {minutes - bound < 0.5 ? 'No plan can be shorter.' : `No plan can be shorter than ${whole(bound)} min.`}
      </span>{' '}
      {late > 0 && (
        <strong className="text-rust-deep">
          That is {late} min after the end of the session: what begins after it is marked.
        </strong>
      )}
    </p>
  );
}

/** What is left to do, on a time line from now on. */
export function Plan() {
  const { view } = useOpenCase();
  const route = useRoute(view);
  const plan = usePlan(view, route);
  const { decided, decide } = useDecided(view.summary.id);
  const { data } = useReasoning(view);
  const inOrder = useMemo(() => (plan ? testsInOrder(plan) : []), [plan]);
  const proving = useMemo(() => new Set(data?.waiting === null ? data.suspects.flatMap((s) => s.proof ?? []) : []), [data]);
  const budget = useMemo(() => {
    const tests = inOrder.flatMap((t) => plan?.tests.find((p) => p.test.id === t.id)?.test ?? []);
    const { of, left } = view.summary;
    return budgetOf({ of, left, tests, rules: view.rules, proving });
  }, [inOrder, plan, view, proving]);
  return (
    <div className="mx-auto w-full max-w-6xl px-5 py-8">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <Heading note="What is left of the route, laid so that one thing is done while another stands. It follows what you do and what runs over; what you fix stays.">
          Plan
        </Heading>
        <div className="no-print mb-5 flex flex-wrap items-end gap-2">
          <TextField
            label="Session ends at"
            labelClass="text-muted"
            type="time"
            defaultValue={decided.ends ? new Date(decided.ends).toTimeString().slice(0, 5) : ''}
            onChange={(e) => decide({ ends: nextAt(e.target.value) })}
          />
          {(decided.order.length > 0 || Object.keys(decided.fixed).length > 0) && (
            <Button onClick={() => decide({ order: [], fixed: {} })}>
              <RotateCcw size={16} aria-hidden /> Order automatically
            </Button>
          )}
          <Button
            disabled={!plan}
            onClick={() => plan && void toCalendar(plan, view.summary.name).catch((e: Error) => toast.error(e.message))}
          >
            <CalendarPlus size={16} aria-hidden /> Calendar
          </Button>
          <Button onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </div>
      </div>
      {!plan ? (
        <Blank title="Nothing is left to plan">Every test of the route is done, skipped or not allowed here.</Blank>
      ) : (
        <>
          <Summary plan={plan} ends={decided.ends} />
          {plan.schedule.tooEarly.length > 0 && (
            <p role="alert" className="mb-3 text-sm text-rust-deep">
              What you fixed cannot begin then: something that it needs is not done yet. Release it, or fix a later time.
            </p>
          )}
          <TimeLine plan={plan} ends={decided.ends} />
          <div className="mt-6 grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
            <TestOrder plan={plan} inOrder={inOrder} decided={decided} decide={decide} />
            <BudgetPanel budget={budget} unit={view.summary.unit} />
          </div>
        </>
      )}
    </div>
  );
}
