/** One account of all that the steps of a procedure showed. */
import { definitionOf, type Op, placesIn } from '../bench/ops';
import { type Channel, type Observation, reworded } from '../vocabulary/observation';
import type { DoStep, StandardTest } from './model';
import type { HouseRules } from './rules';
import { stepsOf } from './tests';

/** What is told once, in the words of the last time. */
function kindOf({ channel, event, colour }: Observation): string | undefined {
  switch (channel) {
    case 'precipitate':
      if (event === 'persists' || event === 'formed') return `formed ${colour}`;
      return event === 'dissolved' || event === 'partly-dissolved' ? `${event} ${colour}` : event;
    case 'solution':
      return '';
    case 'gas':
      return `${event}${colour}`;
    case 'flame':
      return colour;
    case 'solid':
      // Of two powders swept together both are seen.
      return event === 'unchanged' ? `${event} ${colour}` : event;
    default:
      return event;
  }
}

/** A step that was done, and what it showed. */
export interface Showed extends Pick<DoStep, 'prepares'> {
  readonly op: Op;
  readonly see: readonly Observation[];
}

const lies = (o: Observation) => o.channel === 'precipitate' && o.event !== 'none';

/** What the steps showed; of those that only got a tube ready for what comes, the solid that still lies in it. */
export function shownBySteps(steps: readonly Showed[]): Observation[] {
  const telling = steps.filter(({ op }) => !definitionOf(op).isHandling);
  const proper = telling.filter((s) => !s.prepares);
  const [first] = proper;
  if (!first) return telling.flatMap((s) => s.see);
  const tube = placesIn(first.op).at(-1);
  const before = telling
    .slice(0, telling.indexOf(proper.at(-1)!))
    .filter((s) => s.prepares && tube !== undefined && placesIn(s.op).includes(tube));
  const solid = before.flatMap((s) => s.see).filter(lies);
  const lying = solid.slice(solid.findLastIndex((o) => o.event === 'dissolved') + 1);
  return [...lying, ...proper.flatMap((s) => s.see)];
}

/** One account of all that a procedure showed: the last look of the liquid, and everything else that happened. */
export function account(seen: readonly Observation[], watch: readonly Channel[]): Observation[] {
  const out = new Map<string, Observation>();
  for (const o of seen) {
    if (!watch.includes(o.channel)) continue;
    const { channel, paper = '', splint = '', look = '', zone = '', through = '' } = o;
    const kind = kindOf(o);
    const key = [channel, kind, paper, splint, look, zone, through].join(' ');
    const before = out.get(key);
    // A solid that was seen to form and is still there has formed.
    const stays = channel === 'precipitate' && o.event === 'persists' && before?.event === 'formed';
    out.delete(key);
    out.set(key, stays ? reworded(o, { event: 'formed' }) : o);
  }
  const list = [...out.values()];
  const nothing = (o: Observation) => o.event === 'none' || o.event === 'unchanged' || o.event === 'clear';
  const same = (a: Observation, b: Observation) =>
    a.channel === b.channel && a.paper === b.paper && a.splint === b.splint && a.look === b.look;
  return list.filter((o) => o.channel === 'solution' || !nothing(o) || !list.some((p) => p !== o && !nothing(p) && same(o, p)));
}

interface DoneInWorking {
  readonly op: Op;
  readonly run?: { readonly step: number };
  readonly result: { readonly see: readonly Observation[] } | null;
}

/** One account of the operations that a test was worked by. */
export function accountOf(done: readonly DoneInWorking[], test: StandardTest, rules: HouseRules): Observation[] {
  const procedure = stepsOf(test, rules);
  const steps = done.map(({ op, run, result }) => ({ ...(run && procedure[run.step]), op, see: result?.see ?? [] }));
  return account(shownBySteps(steps), test.watch);
}
