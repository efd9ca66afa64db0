/**
 * A time line for steps that need hands, burner, bath, centrifuge and hood: list scheduling by priorities, improved by local search
 * with forward and backward passes. Method: R. Kolisch and S. Hartmann, Heuristic algorithms for the resource-constrained project
 * scheduling problem, in J. Weglarz (ed.), Project Scheduling, 1999.
 */
export const RESOURCES = ['hands', 'burner', 'bath', 'centrifuge', 'hood'] as const;
export type Resource = (typeof RESOURCES)[number];

/** How many things each can serve at once. */
export type Capacities = Readonly<Record<Resource, number>>;
/** One person at one bench; a bath and a centrifuge hold several tubes. */
export const ONE_BENCH: Capacities = { hands: 1, burner: 1, bath: 4, centrifuge: 2, hood: 1 };

export interface Task {
  readonly id: string;
  readonly minutes: number;
  readonly uses: readonly Resource[];
  /** Tasks that must have ended before. */
  readonly after: readonly string[];
  /** What is better not torn apart: the test that it belongs to. */
  readonly group?: string;
  /** It begins then and not otherwise, minutes from the start of the plan. */
  readonly fixedAt?: number;
}

export interface Schedule {
  /** Minutes from the start of the plan, by task. */
  readonly starts: ReadonlyMap<string, number>;
  readonly minutes: number;
  /** No schedule can be shorter: the longest chain, or the busiest resource. */
  readonly bound: number;
  /** What one thing after another would take. */
  readonly oneByOne: number;
  /** Fixed tasks that would have to begin before what they need is done. */
  readonly tooEarly: readonly string[];
}

/** When a resource is taken, and by how many. */
class Profile {
  /** By their beginnings. */
  private readonly taken: { from: number; to: number }[] = [];

  constructor(private readonly capacity: number) {}

  /** The earliest time from `at` on from which it is free for so long. */
  freeFrom(at: number, minutes: number): number {
    return this.capacity === 1 ? this.gapFrom(at, minutes) : this.roomFrom(at, minutes);
  }

  /** Of one pair of hands: the first gap that is long enough. */
  private gapFrom(at: number, minutes: number): number {
    let start = at;
    for (const { from, to } of this.taken) {
      if (from >= start + minutes) break;
      if (to > start) start = to;
    }
    return start;
  }

  private roomFrom(at: number, minutes: number): number {
    let start = at;
    for (let moved = true; moved;) {
      moved = false;
      const over = this.taken.filter((t) => t.from < start + minutes && t.to > start);
      if (over.length < this.capacity) break;
      for (const point of [start, ...over.map((o) => o.from).filter((f) => f > start)]) {
        const there = over.filter((o) => o.from <= point && o.to > point);
        if (there.length >= this.capacity) {
          start = Math.min(...there.map((t) => t.to));
          moved = true;
          break;
        }
      }
    }
    return start;
  }

  take(from: number, to: number): void {
    let i = this.taken.length;
    while (i > 0 && this.taken[i - 1]!.from > from) i--;
    this.taken.splice(i, 0, { from, to });
  }
}

interface Network {
  readonly tasks: readonly Task[];
  readonly byId: ReadonlyMap<string, Task>;
  readonly next: ReadonlyMap<string, readonly string[]>;
  /** The longest chain from the start of a task to the end. */
  readonly tail: ReadonlyMap<string, number>;
}

/** @throws RangeError when tasks wait for each other in a circle, or for one that is not there. */
function networkOf(tasks: readonly Task[]): Network {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const next = new Map<string, string[]>(tasks.map((t) => [t.id, []]));
  for (const t of tasks)
    for (const before of t.after) {
      const list = next.get(before);
      if (!list) throw new RangeError(`task "${t.id}" waits for "${before}", which is not in the plan`);
      list.push(t.id);
    }
  const tail = new Map<string, number>();
  const under = new Set<string>();
  const tailOf = (id: string): number => {
    const known = tail.get(id);
    if (known !== undefined) return known;
    if (under.has(id)) throw new RangeError(`task "${id}" waits for itself in a circle`);
    under.add(id);
    const longest = byId.get(id)!.minutes + Math.max(0, ...next.get(id)!.map(tailOf));
    tail.set(id, longest);
    return longest;
  };
  tasks.forEach((t) => tailOf(t.id));
  return { tasks, byId, next, tail };
}

interface Placed {
  readonly starts: Map<string, number>;
  readonly end: number;
  readonly tooEarly: string[];
}

/** Puts one task after another at its earliest time, of those that may begin the one of the highest priority first. */
function place({ tasks, byId, next }: Network, capacities: Capacities, priority: ReadonlyMap<string, number>): Placed {
  const profiles = Object.fromEntries(RESOURCES.map((r) => [r, new Profile(capacities[r])])) as Record<Resource, Profile>;
  const starts = new Map<string, number>();
  const open = new Map(tasks.map((t) => [t.id, t.after.length]));
  const ready = tasks.filter((t) => !t.after.length).map((t) => t.id);
  const tooEarly: string[] = [];
  let end = 0;
  const put = (t: Task, start: number) => {
    starts.set(t.id, start);
    end = Math.max(end, start + t.minutes);
    for (const r of t.uses) profiles[r].take(start, start + t.minutes);
  };
  for (const t of tasks) if (t.fixedAt !== undefined) put(t, t.fixedAt);
  while (ready.length) {
    let best = 0;
    for (let i = 1; i < ready.length; i++) if (priority.get(ready[i]!)! > priority.get(ready[best]!)!) best = i;
    const t = byId.get(ready.splice(best, 1)[0]!)!;
    const earliest = Math.max(0, ...t.after.map((id) => starts.get(id)! + byId.get(id)!.minutes));
    if (t.fixedAt === undefined) {
      let start = earliest;
      for (let moved = true; moved;) {
        const free = Math.max(start, ...t.uses.map((r) => profiles[r].freeFrom(start, t.minutes)));
        moved = free > start;
        start = free;
      }
      put(t, start);
    } else if (t.fixedAt < earliest - 1e-9) tooEarly.push(t.id);
    for (const id of next.get(t.id)!) {
      const left = open.get(id)! - 1;
      open.set(id, left);
      if (!left) ready.push(id);
    }
  }
  return { starts, end, tooEarly };
}

/** The same network run backwards, in which the last comes first. */
const reversed = (tasks: readonly Task[], next: Network['next']): Task[] =>
  tasks.map((t) => ({ id: t.id, minutes: t.minutes, uses: t.uses, after: next.get(t.id)! }));

/** No schedule is shorter than this. */
function boundOf({ tasks, tail }: Network, capacities: Capacities): number {
  const load = (r: Resource) => tasks.filter((t) => t.uses.includes(r)).reduce((sum, t) => sum + t.minutes, 0) / capacities[r];
  const fixed = tasks.map((t) => (t.fixedAt ?? 0) + tail.get(t.id)!);
  return Math.max(0, ...fixed, ...RESOURCES.map(load));
}

/** Minutes of a plan that one gives to have a test done a minute more at a stretch. By judgement. */
const TORN = 0.05;

/** Minutes from the first to the last of every group, summed. */
function spread(tasks: readonly Task[], starts: ReadonlyMap<string, number>): number {
  const spans = new Map<string, { from: number; to: number }>();
  for (const { id, group, minutes } of tasks) {
    if (group === undefined) continue;
    const from = starts.get(id)!;
    const known = spans.get(group) ?? { from, to: from };
    spans.set(group, { from: Math.min(known.from, from), to: Math.max(known.to, from + minutes) });
  }
  return [...spans.values()].reduce((sum, { from, to }) => sum + to - from, 0);
}

/** What is wrong with a schedule, the worst first; the smaller the better. */
const costOf = (tasks: readonly Task[], { starts, end, tooEarly }: Placed): number =>
  1e6 * tooEarly.length + end + TORN * spread(tasks, starts);

export interface Search {
  /** Numbers from 0 to 1: the same numbers give the same schedule. */
  readonly random: () => number;
  /** Schedules that are tried. */
  readonly rounds?: number;
}

/** Schedules that are tried of a small plan; of a large one so many fewer that it takes no longer. */
const MOST_ROUNDS = 150;
const ROUNDS_BY_TASKS = 6000;
/** Tasks whose priorities are moved in a round. */
const MOVED = 3;

/**
 * Steps on a time line.
 * @param priority of tasks that should come early where nothing speaks against it; all alike by default.
 * @throws RangeError for tasks that wait for each other in a circle.
 */
export function schedule(
  tasks: readonly Task[],
  capacities: Capacities,
  { random, rounds = Math.min(MOST_ROUNDS, Math.round(ROUNDS_BY_TASKS / Math.max(1, tasks.length))) }: Search,
  priority: ReadonlyMap<string, number> = new Map(),
): Schedule {
  const network = networkOf(tasks);
  const own = (id: string) => 1e4 * (priority.get(id) ?? 0);
  const deadline = urgency(network);
  const first = new Map(tasks.map((t) => [t.id, own(t.id) + deadline.get(t.id)! + network.tail.get(t.id)!]));
  const bound = boundOf(network, capacities);
  let keys = first;
  let best = place(network, capacities, keys);
  let cost = costOf(tasks, best);
  const torn = tasks.some((t) => t.group !== undefined);
  const backwards = tasks.some((t) => t.fixedAt !== undefined) ? null : networkOf(reversed(tasks, network.next));
  for (let round = 0; round < rounds && (torn || best.end > bound + 1e-9 || best.tooEarly.length); round++) {
    const tried = round % 2 && backwards ? turned(best, backwards, capacities, tasks, own) : shaken(keys, random);
    const placed = place(network, capacities, tried);
    const now = costOf(tasks, placed);
    if (now <= cost) {
      best = placed;
      keys = tried;
      cost = now;
    }
  }
  return {
    starts: best.starts,
    minutes: best.end,
    bound,
    oneByOne: tasks.reduce((s, t) => s + t.minutes, 0),
    tooEarly: best.tooEarly,
  };
}

/** What a fixed task waits for is put before everything else. */
function urgency({ tasks, byId }: Network): Map<string, number> {
  const out = new Map<string, number>(tasks.map((t) => [t.id, 0]));
  const raise = (id: string, by: number) => {
    for (const before of byId.get(id)!.after)
      if (out.get(before)! < by) {
        out.set(before, by);
        raise(before, by);
      }
  };
  for (const t of tasks) if (t.fixedAt !== undefined) raise(t.id, 1e6);
  return out;
}

/** Priorities by how late each could have begun: from the end backwards. */
function turned(
  best: Placed,
  backwards: Network,
  capacities: Capacities,
  tasks: readonly Task[],
  own: (id: string) => number,
): Map<string, number> {
  const ends = new Map(tasks.map((t) => [t.id, best.starts.get(t.id)! + t.minutes]));
  const back = place(backwards, capacities, ends);
  return new Map(tasks.map((t) => [t.id, own(t.id) + back.starts.get(t.id)! + t.minutes]));
}

function shaken(keys: ReadonlyMap<string, number>, random: () => number): Map<string, number> {
  const out = new Map(keys);
  const ids = [...keys.keys()];
  for (let i = 0; i < MOVED && ids.length > 1; i++) {
    const a = ids[Math.floor(random() * ids.length)]!;
    const b = ids[Math.floor(random() * ids.length)]!;
    const key = out.get(a)!;
    out.set(a, out.get(b)!);
    out.set(b, key);
  }
  return out;
}
