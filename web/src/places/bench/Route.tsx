import { clsx } from 'clsx';
import { Ban, Check, ChevronDown, Circle, CornerDownRight, Square } from 'lucide-react';
import { Accordion } from 'radix-ui';
import { useMemo, useState } from 'react';
import type { Scheme } from '#core/scheme/model';
import { extractNeeded, nextOn, routeOf, type Standing, type Station, stillNeeds } from '#core/scheme/route';
import { EXTRACT_PLACE } from '#core/scheme/data/stations';
import { schoolOf } from '#core/scheme/rules';
import { SCHOOL_NAMES } from '#core/scheme/tests';
import { Link } from 'react-router';
import type { CaseView } from '#contract';
import { ChoiceField } from '../../parts/fields';

/** A salt goes by the school of the house; a compound has a path of its own. */
export const schemeOfCase = (view: CaseView): Scheme => (view.summary.matter === 'compound' ? 'organic' : schoolOf(view.rules));

export function useRoute(view: CaseView): Station[] {
  return useMemo(() => routeOf(view.entries, view.rules, view.summary.kind === 'simulated', schemeOfCase(view)), [view]);
}

/** The same path where there is no room for it: a list to choose from. */
function asideOf(standing: Standing): string {
  if (standing.is === 'to-come') return '';
  return standing.is === 'done' ? ` (entry ${standing.entry})` : ` (${standing.is})`;
}

export function RouteChoice({
  route,
  active,
  choose,
}: {
  route: readonly Station[];
  active: string | null;
  choose: (id: string | null) => void;
}) {
  return (
    <div className="px-4 pt-3 text-sm text-muted">
      <ChoiceField
        label="Test"
        options={[
          { value: '', name: 'free work' },
          ...route.flatMap((station) =>
            station.stops.map(({ test, standing }) => ({
              value: test.id,
              name: test.title + asideOf(standing),
              group: station.name,
            })),
          ),
        ]}
        value={active ?? ''}
        onChange={(e) => choose(e.target.value || null)}
      />
    </div>
  );
}

function Sign({ standing, now }: { standing: Standing; now: boolean }) {
  if (standing.is === 'done') return <Check size={15} className="text-sage" />;
  if (now) return <Square size={13} className="fill-rust text-rust" />;
  if (standing.is === 'skipped') return <CornerDownRight size={14} className="text-faint" />;
  if (standing.is === 'restricted') return <Ban size={14} className="text-faint" />;
  return <Circle size={13} className="text-faint" />;
}

function progress(station: Station): string {
  const count = (is: Standing['is']) => station.stops.filter((s) => s.standing.is === is).length;
  const skipped = count('skipped') + count('restricted');
  return `${count('done')} of ${station.stops.length - skipped}${skipped ? ` · ${skipped} skipped` : ''}`;
}

/** mL that are kept for a test that has to be done again. */
const RESERVE = 0.5;

/** One extract serves every element test: what is left of it, and what the rest will take. */
function ExtractBudget({ view, route }: { view: CaseView; route: readonly Station[] }) {
  const extract = view.vessels.find((v) => v.id === EXTRACT_PLACE);
  if (!extract) return null;
  const left = extract.drawing.mL;
  const need = extractNeeded(route, view.rules);
  return (
    <span className={clsx('block text-xs', need + RESERVE > left ? 'text-rust-deep' : 'text-faint')}>
      extract: {left.toFixed(1)} mL left; the tests to come take {need.toFixed(1)} mL, keep {RESERVE} mL in reserve
    </span>
  );
}

/** The school's scheme as a path: done, skipped and why, to come. */
export function Route({
  view,
  route,
  active,
  choose,
}: {
  view: CaseView;
  route: readonly Station[];
  active: string | null;
  choose: (id: string | null) => void;
}) {
  const next = nextOn(route);
  const home = route.find((s) => s.stops.some((t) => t.test.id === (active ?? next?.id)))?.id;
  const [opened, setOpened] = useState<string[]>(home ? [home] : []);
  const open = home && !opened.includes(home) && active ? [...opened, home] : opened;
  const solution = view.vessels.filter((v) => v.holds === 'original solution').reduce((sum, v) => sum + v.drawing.mL, 0);
  const need = stillNeeds(route, view.rules, solution);
  return (
    <nav aria-label="Route" className="overflow-y-auto border-r border-rule bg-paper px-2.5 py-4">
      <p className="px-2 pb-2 text-sm text-muted">
        <Link to="/house-rules" className="font-bold text-rust underline">
          {SCHOOL_NAMES[schemeOfCase(view)]}
        </Link>
        {view.summary.unit === 'g' && (
          <span className={clsx('block text-xs', need > view.summary.left ? 'text-rust-deep' : 'text-faint')}>
            the rest takes about {need.toFixed(2)} g, if nothing more is skipped
          </span>
        )}
        <ExtractBudget view={view} route={route} />
      </p>
      <Accordion.Root type="multiple" value={open} onValueChange={setOpened}>
        {route.map((station) => (
          <Accordion.Item key={station.id} value={station.id} className="mb-1">
            <Accordion.Header>
              <Accordion.Trigger className="group flex min-h-11 w-full items-center justify-between gap-2 rounded-lg px-2 text-left hover:bg-wash">
                <span className="label font-sans">{station.name}</span>
                <span className="flex shrink-0 items-center gap-1 text-xs text-faint tabular-nums">
                  {progress(station)}
                  <ChevronDown size={14} className="transition-transform group-data-[state=open]:rotate-180" aria-hidden />
                </span>
              </Accordion.Trigger>
            </Accordion.Header>
            <Accordion.Content>
              <ol className="pb-3">
                {station.stops.map(({ test: t, standing }) => {
                  const now = t.id === active;
                  const begun = standing.is === 'to-come' && view.tests.some((w) => w.id === t.id);
                  const dim = standing.is === 'skipped' || standing.is === 'restricted';
                  return (
                    <li key={t.id}>
                      <button
                        type="button"
                        aria-current={now ? 'step' : undefined}
                        onClick={() => choose(now ? null : t.id)}
                        className={clsx(
                          'flex min-h-9 w-full items-start gap-2.5 rounded-lg px-2 py-1.5 text-left text-sm leading-snug',
                          now ? 'bg-wash font-bold' : 'hover:bg-wash',
                          dim && !now && 'text-faint',
                        )}
                      >
                        <span className="mt-0.5 shrink-0" aria-hidden>
                          <Sign standing={standing} now={now} />
                        </span>
                        <span>
                          {t.title}
                          {t.id === next?.id && !now && <span className="ml-1.5 text-xs font-bold text-rust">next</span>}
                          <span className="block text-xs font-normal text-faint">
                            {standing.is === 'done' && `entry ${standing.entry}`}
                            {standing.is === 'skipped' && `skipped: ${standing.reason}`}
                            {standing.is === 'restricted' && standing.reason}
                          </span>
                          {begun && <span className="block text-xs font-normal text-rust-deep">begun, not written down</span>}
                        </span>
                      </button>
                    </li>
                  );
                })}
              </ol>
            </Accordion.Content>
          </Accordion.Item>
        ))}
      </Accordion.Root>
    </nav>
  );
}
