/**
 * Procedures that have no name: what was done to a portion of the sample, taken as a test. Its steps are the operations themselves;
 * what it shows is run, and what it is a sign of is computed from that, since nobody has written it down.
 */
import { reagentName } from '../bench/contents';
import { lower } from '../bench/operations/sentences';
import { definitionOf, type Op, placesIn, reagentsIn, vesselsIn } from '../bench/ops';
import type { Channel } from '../vocabulary/observation';
import { EXTRACT_PLACE, ORIGINAL_SOLUTION } from './data/stations';
import type { DoStep, Scheme, Sign, StandardTest } from './model';
import type { HouseRules } from './rules';
import { PLACE_NAMES, startsOf, stepsOf, testById, testsOf, testTitle } from './tests';

/** Operations by which an entry came about. */
export interface Procedure {
  /** What was done before, to what it is done on. */
  readonly before: readonly Op[];
  /** What the entry speaks of. */
  readonly own: readonly Op[];
}

const ID = /^did:/;
const WATER = 'water';
/** Where the scheme keeps the soda extract. */
const CARBONATE_EXTRACT = 'X';
/** Amounts and times within this factor of each other are one. */
const ALIKE = 1.33;
/** Procedures known to a process, the newest last. */
const MOST_KNOWN = 4000;

/** Is this the id of a procedure that has no name? */
export const isUnnamed = (test: string): boolean => ID.test(test);

/** Of an amount, its bin: benches do not tell amounts apart that differ by less than a third. */
const binned = (amount: number): number => Math.round(Math.log(amount) / Math.log(ALIKE));
const MEASURES = new Set(['mL', 'grams', 'drops', 'minutes', 'to_mL', 'max_mL', 'times']);

/** Vessels by the order in which they come up, so that their names make no difference. */
function plain(ops: readonly Op[]): unknown[] {
  const names = new Map<string, string>();
  const called = (id: string) => {
    if (id === 'sample' || Object.hasOwn(PLACE_NAMES, id)) return id;
    if (!names.has(id)) names.set(id, String(names.size));
    return names.get(id)!;
  };
  return ops.map((op) => {
    const places = new Set([...definitionOf(op).places, 'unrinsed']);
    return Object.entries(op)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([field, value]) => [
        field,
        typeof value === 'number' && MEASURES.has(field) && value > 0
          ? binned(value)
          : typeof value === 'string' && places.has(field)
            ? called(value)
            : value,
      ]);
  });
}

/** FNV-1a over 53 bits, as text: the same operations have the same id in every process. */
function digest(text: string): string {
  let [a, b] = [0x811c9dc5, 0x1000193];
  for (let i = 0; i < text.length; i++) {
    a = Math.imul(a ^ text.charCodeAt(i), 0x01000193) >>> 0;
    b = Math.imul(b ^ text.charCodeAt(i), 0x85ebca6b) >>> 0;
  }
  return a.toString(36).padStart(7, '0') + b.toString(36).padStart(7, '0');
}

/** What may show in a tube whatever is done to it. */
const IN_TUBE: readonly Channel[] = ['solution', 'precipitate', 'gas'];
const SHOWN_BY: Readonly<Partial<Record<Op['op'], readonly Channel[]>>> = {
  'take-solid': ['solid'],
  'dry-heat': ['solid', 'sublimate', 'droplets', 'gas', 'smell'],
  ignite: ['gas', 'precipitate'],
  smell: ['smell'],
  paper: ['paper'],
  splint: ['splint'],
  limewater: ['limewater'],
  rod: ['fumes'],
  flame: ['flame'],
  bead: ['bead'],
  charcoal: ['solid'],
};
const isWet = ({ op }: Op): boolean => SHOWN_BY[op] === undefined;

function watchOf(own: readonly Op[]): Channel[] {
  const wet = own.some(isWet) ? IN_TUBE : [];
  const layered = own.some((op) => op.op === 'add' && op.layered) ? (['ring'] as const) : [];
  return [...new Set([...wet, ...layered, ...own.flatMap((op) => SHOWN_BY[op.op] ?? [])])];
}

/** What a procedure is called that is no standard test: by its bottles. */
export const titleOfProcedure = ({ own }: Procedure): string => titleOf(own);

/** The bottles of a procedure as a title: "Hydrochloric acid, 2 M, then barium chloride, 0.25 M". */
function titleOf(own: readonly Op[]): string {
  const bottles = [...new Set(own.flatMap(reagentsIn))].filter((id) => id !== WATER).map(reagentName);
  const [first, ...more] = bottles;
  if (first === undefined) return 'Free work';
  return [first, ...more.map(lower)].join(', then ');
}

interface Known {
  readonly test: StandardTest;
  signs: readonly Sign[];
}

const known = new Map<string, Known>();

/** Takes a procedure up as a test. @returns it, with an id that its operations decide. */
export function testOfProcedure({ before, own }: Procedure): StandardTest {
  const id = `did:${digest(JSON.stringify([plain(before), plain([...before, ...own])]))}`;
  let of = known.get(id);
  if (!of) {
    const steps: DoStep[] = [...before.map((op): DoStep => ({ op, prepares: true })), ...own.map((op): DoStep => ({ op }))];
    const test: StandardTest = { id, title: titleOf(own), purpose: '', station: 'free', steps, watch: watchOf(own) };
    of = { test, signs: [] };
  }
  known.delete(id);
  known.set(id, of);
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
  return of.test;
}

/** What a procedure is a sign of, once it has been worked out. */
export function learnSigns(id: string, signs: readonly Sign[]): void {
  const of = known.get(id);
  if (of) of.signs = signs;
}

/** A standard test, or a procedure that was taken up. */
export function testOf(id: string): StandardTest | undefined {
  return testById.get(id) ?? known.get(id)?.test;
}

/** What a test is called: a standard test by its title, a procedure by its bottles. */
export const titleOfTest = (id: string): string => known.get(id)?.test.title ?? testTitle(id);

export const isTest = (id: string): boolean => testOf(id) !== undefined;

/** What a test is a sign of: as it is taught, or as it was worked out. */
export const signsOfTest = (id: string): readonly Sign[] => testById.get(id)?.signs ?? known.get(id)?.signs ?? [];

/** What a tube holds, by where it came from: a shared place of the scheme, the dry sample, or something else. */
function comesFrom(tube: string, before: readonly Op[]): string | null {
  if (tube === 'sample') return tube;
  const maker = before.findLast((op) => definitionOf(op).origin?.(op, tube) !== undefined);
  if (!maker) return Object.hasOwn(PLACE_NAMES, tube) ? tube : null;
  if (maker.op === 'dissolve') return maker.in === WATER ? ORIGINAL_SOLUTION : null;
  if (maker.op === 'carbonate-extract') return CARBONATE_EXTRACT;
  const earlier = before.slice(0, before.indexOf(maker));
  if (earlier.some((op) => op.op !== 'take' && placesIn(op).includes(tube))) return null;
  if (maker.op === 'take') return maker.from === EXTRACT_PLACE ? EXTRACT_PLACE : comesFrom(maker.from, earlier);
  return null;
}

/** Does it only bring a portion to hand? */
const isBringing = (op: Op): boolean =>
  op.op === 'take' || op.op === 'carbonate-extract' || (op.op === 'dissolve' && op.in === WATER);
/** Is this a look, which shows nothing that was not seen? */
const isLook = ({ op }: Op) => op === 'look';

const close = (a: unknown, b: unknown): boolean =>
  typeof a === 'number' && typeof b === 'number' ? a === b || Math.max(a, b) <= 2 * Math.min(a, b) : a === b;

/** The same thing done, as far as benches tell: in the same amounts, or in drops for millilitres. */
function sameStep(a: Op, b: Op): boolean {
  if (a.op !== b.op) return false;
  const places = new Set([...definitionOf(a).places, 'unrinsed']);
  const amounts = (op: Op) => (op.op === 'add' ? { ...op, mL: op.mL ?? (op.drops ?? 0) * 0.05, drops: undefined } : op);
  const [x, y]: Record<string, unknown>[] = [{ ...amounts(a) }, { ...amounts(b) }];
  return [...new Set([...Object.keys(x!), ...Object.keys(y!)])].every((f) => places.has(f) || close(x![f], y![f]));
}

/** The operations of a test from where its portion is at hand, and what it is a portion of. */
function essence(ops: readonly Op[], startOf: (tube: string) => string | null): { start: string | null; ops: Op[] } | null {
  const all = ops.filter((op) => !isLook(op));
  const bringing = all.findIndex((op) => !isBringing(op));
  // Who only brings something to hand looks at that.
  const first = bringing < 0 ? all.length - 1 : bringing;
  const rest = all.slice(first);
  if (!rest.length) return null;
  const [tube] = placesIn(rest[0]!);
  if (tube === undefined || definitionOf(rest[0]!).origin?.(rest[0]!, tube) === 'sample') return { start: 'sample', ops: rest };
  const brought = all.slice(0, first);
  const taken = brought.findLast((op) => definitionOf(op).origin?.(op, tube) !== undefined);
  if (taken && taken.op !== 'take') return { start: comesFrom(tube, brought), ops: rest };
  return { start: startOf(taken?.op === 'take' ? taken.from : tube), ops: rest };
}

/** The standard test that a procedure is, where it is one in all but name. */
export function standardTestOf({ before, own }: Procedure, scheme: Scheme, rules: HouseRules): StandardTest | undefined {
  const all = [...before, ...own];
  const mine = essence(own.some(isBringing) ? own : all, (tube) => comesFrom(tube, all));
  if (!mine) return undefined;
  return testsOf(scheme).find((test) => {
    const places = startsOf(test, scheme);
    const theirs = essence(
      stepsOf(test, rules).map((s) => s.op),
      (tube) => (tube === '@' ? (places[0] ?? null) : tube),
    );
    if (!theirs || theirs.ops.length !== mine.ops.length) return false;
    const starts = theirs.start !== null && [theirs.start, ...(places.includes(theirs.start) ? places : [])];
    if (!starts || mine.start === null || !starts.includes(mine.start)) return false;
    return theirs.ops.every((op, i) => sameStep(op, mine.ops[i]!));
  });
}

/** The id under which what was done is weighed: of the standard test that it is in all but name, or of its own. */
export const namedOrNot = (procedure: Procedure, scheme: Scheme, rules: HouseRules): string =>
  (standardTestOf(procedure, scheme, rules) ?? testOfProcedure(procedure)).id;

/** Of what was done on a bench, that which made what stands in the vessels of these operations. */
export function madeBefore(done: readonly Op[], own: readonly Op[]): Op[] {
  const wanted = new Set(own.flatMap(vesselsIn));
  const out: Op[] = [];
  for (const op of [...done].reverse())
    if (vesselsIn(op).some((v) => wanted.has(v))) {
      out.unshift(op);
      for (const v of vesselsIn(op)) wanted.add(v);
    }
  return out;
}
