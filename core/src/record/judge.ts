/** What may follow in a case: every event has its rule, and its message says what to do instead. */
import { reagentById } from '../bench/contents';
import { checkDose } from '../bench/dose';
import { BenchError } from '../bench/error';
import { type Op, reagentsIn } from '../bench/ops';
import { ionId } from '../matter/catalogue';
import { FormulaError } from '../matter/formula';
import { GROUPS, TESTED_ELEMENTS } from '../organic/data/features';

import { FREE_WORK, testById } from '../scheme/tests';
import type { CaseState, Status } from './case';
import { spokenOfAs } from './state';
import type { CaseEvent, EventOf, ExaminerEvent } from './events';
import type { EntryWorking } from './result';

type Judged = CaseEvent | ExaminerEvent;

/** Between which states an event may come. */
const MAY_COME: Readonly<Record<Judged['kind'], readonly Status[]>> = {
  operation: ['open', 'returned'],
  entry: ['open', 'returned'],
  photo: ['open', 'returned'],
  strike: ['open', 'returned'],
  timer: ['open', 'returned', 'signed'],
  'timer-done': ['open', 'returned', 'signed', 'marked', 'opened-up'],
  conclusion: ['open', 'returned'],
  rules: ['open', 'returned'],
  withdrawn: ['signed'],
  returned: ['signed', 'marked'],
  // Who has been shown what it was can still be given marks.
  marked: ['signed', 'marked', 'opened-up'],
  'opened-up': ['signed', 'marked'],
};

const INSTEAD: Readonly<Record<Status, string>> = {
  open: 'The report is not signed yet; sign it first',
  returned: 'The report was returned; work on it and sign it again first',
  signed: 'The report is signed and stands on the entries as they are; withdraw it first, saying why',
  marked: 'The report is marked; nothing can be changed in it',
  'opened-up': 'What it was has been shown, so nothing can be added; begin another case',
};

/**
 * Checks that an event may come now, and puts it into one spelling.
 * @throws BenchError saying what to do instead.
 */
export function judge<E extends Judged>(state: CaseState, event: E): E {
  if (state.readOnly !== null) throw new BenchError(`this case can only be read: ${state.readOnly}`);
  if (!MAY_COME[event.kind].includes(state.status)) throw new BenchError(INSTEAD[state.status]);
  switch (event.kind) {
    case 'operation':
      judgeOperation(event.payload.op);
      return event;
    case 'entry':
      judgeEntry(state, event.payload);
      return event;
    case 'photo':
      judgePhoto(state, event.payload);
      return event;
    case 'strike':
      judgeStrike(state, event.payload);
      return event;
    case 'conclusion':
      return { ...event, payload: concluded(state, event.payload) };
    case 'opened-up':
      if (state.subject.kind === 'real') throw new BenchError('a real sample has no identity here; nothing can be shown');
      return event;
    case 'marked':
      if (event.payload.marks > event.payload.of)
        throw new BenchError(`marks: ${event.payload.marks} are more than the ${event.payload.of} there are to have`);
      return event;
    default:
      return event;
  }
}

/** Over a real sample too, only bottles that are there are opened, and it is said how much: nothing else could be reported. */
function judgeOperation(op: Op): void {
  for (const id of reagentsIn(op)) reagentById(id);
  if (op.op === 'add') checkDose(op);
}

function judgeTest(test: string): void {
  if (test !== FREE_WORK && !testById.has(test))
    throw new BenchError(`test: there is no standard test "${test}"; choose one from the route, or "free"`);
}

/** Photos that one case may hold. */
const MOST_PHOTOS = 200;

function judgePhoto({ entries, photos }: CaseState, { photo, test, entry }: EventOf<'photo'>['payload']): void {
  judgeTest(test);
  if (photos.length >= MOST_PHOTOS) throw new BenchError(`photo: a case holds at most ${MOST_PHOTOS} photos`);
  if (photos.some((p) => p.photo === photo)) throw new BenchError('photo: this photo is in the record already');
  if (entry !== undefined && entry > entries.length)
    throw new BenchError(`entry: there is no entry ${entry}; the last is ${entries.length}`);
}

function judgeEntry({ operations }: CaseState, { observed, note, test, run }: EventOf<'entry'>['payload']): void {
  if (!observed.length && !note)
    throw new BenchError('observed: say what you saw, or write a note; "nothing happened" is an observation too');
  judgeTest(test);
  if (run !== undefined && !operations.some((o) => o.run?.id === run))
    throw new BenchError('run: no step of that working was done in this case');
}

function judgeStrike(state: CaseState, { entry: number }: EventOf<'strike'>['payload']): void {
  const entry = state.entries[number - 1];
  if (!entry) throw new BenchError(`entry: there is no entry ${number}; the last is ${state.entries.length}`);
  if (entry.struck) throw new BenchError(`entry: entry ${number} is struck already`);
}

const isHolding = (text: string) =>
  Object.hasOwn(GROUPS, text) || text === 'carbohydrate' || (TESTED_ELEMENTS as readonly string[]).includes(text);

/** An element, group or compound that is claimed. @throws FormulaError */
function holdingId(text: string): string {
  if (isHolding(text)) return text;
  throw new FormulaError(`"${text}" is neither an element (${TESTED_ELEMENTS.join(' ')}) nor a functional group`);
}

function concluded(state: CaseState, payload: EventOf<'conclusion'>['payload']): EventOf<'conclusion'>['payload'] {
  const idOf = state.subject.matter === 'compound' ? holdingId : ionId;
  const found = payload.found.map((f) => {
    for (const n of f.evidence) {
      const entry = state.entries[n - 1];
      if (!entry || entry.struck)
        throw new BenchError(`evidence: entry ${n} for ${f.ion} ${entry ? 'is struck' : 'does not exist'}; name another`);
    }
    try {
      return { ...f, ion: idOf(f.ion) };
    } catch (error) {
      if (error instanceof FormulaError) throw new BenchError(`ion: ${error.message}`);
      throw error;
    }
  });
  return { ...payload, found };
}

/** The working that a new entry speaks of: its run, or what was done for the test since the entry before. */
export function workingOf(state: CaseState, { test, run, vessel }: EventOf<'entry'>['payload']): EntryWorking {
  const since = state.spokenOf.get(spokenOfAs(test, vessel)) ?? 0;
  const fresh = state.operations.slice(state.operations.findLastIndex((o) => o.seq <= since) + 1);
  const wanted = run ?? state.tests.get(test)?.run?.id;
  const own =
    run !== undefined
      ? state.operations.filter((o) => o.run?.id === run)
      : fresh.filter((o) => o.test === test && (o.run === undefined || o.run.id === wanted));
  const free = fresh.filter((o) => o.test === undefined && o.result?.vessel === vessel);
  const operations = own.length || vessel === undefined ? own : free;
  const tubes = new Set(operations.flatMap((o) => Object.keys(o.result?.vessels ?? {})));
  return {
    ...(wanted !== undefined && own.length > 0 && { run: wanted }),
    tubes: [...tubes],
    operations: operations.map((o) => o.seq),
  };
}
