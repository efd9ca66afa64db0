/** Work that is set in a class: sealed cases for everybody in it, seen live, marked, and what came of them. */
import { randomInt, randomUUID } from 'node:crypto';
import { nameSample } from '#core/record/recording';
import { alikeIn, confusionsIn, itemsIn, proposedMarks, type Reported, sumOf, timeIn } from '#core/practice/marking';
import { truthOf } from '#core/practice/debrief';
import { ionId } from '#core/matter/catalogue';
import { FormulaError } from '#core/matter/formula';
import { paperMarks, partInWords, solutionOf } from '#core/practice/paper';
import { reportOf } from '#core/record/case';
import { isCation } from '#core/reasoning/hypotheses';
import { isElement } from '#core/reasoning/kinds';
import { FREE_WORK, testTitle } from '#core/scheme/tests';
import { sayAll } from '#core/senses/sentences';
import type {
  BenchCard,
  Benches,
  NewSet,
  PaperView,
  PartScheme,
  Person,
  ProposedMarks,
  Results,
  SetChange,
  SetView,
} from '#contract';
import { must } from '../access/access';
import type { Cases } from '../cases/cases';
import { type Composed, writeComposed } from '../cases/composing';
import type { Debriefs } from '../cases/debriefs';
import { summaryOf } from '../cases/summary';
import { type Queryable, transaction } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { writeAudit } from '../laboratory/store';
import * as store from './store';
import { sampleOf } from './unknowns';

const MINUTE_MS = 60000;
const closing = (minutes: number | null): Date | null => (minutes === null ? null : new Date(Date.now() + minutes * MINUTE_MS));

/** Minutes without anything, from which somebody is stuck. */
const STUCK_MINUTES = 10;
/** Share of the sample below which it is about to run out. */
const RUNNING_OUT = 0.1;
/** Minutes for which a hazard is worth a look. */
const HAZARD_MINUTES = 3;

/** Characters of a title that a label has room for, before its number. */
const LABEL_LENGTH = 54;
const FIRST_LABEL = 100;
const LABELS = 900;

/** Different numbers for labels in no order, so that they do not tell who was dealt the same unknown. */
function labelNumbers(count: number): readonly number[] {
  const drawn = new Set<number>();
  const range = Math.max(LABELS, 2 * count);
  while (drawn.size < count) drawn.add(FIRST_LABEL + randomInt(range));
  return [...drawn];
}

const kindOf = (id: string) => (isElement(id) ? 'element' : /[+-]$/.test(id) ? (isCation(id) ? 'cation' : 'anion') : 'group');
const NO_SET = 'There is no such work; go back to your classes.';

/** A scheme with its ions in one spelling. @throws HttpProblem naming what is no ion. */
function named(scheme: readonly PartScheme[]): PartScheme[] {
  try {
    return scheme.map((part) => ({ ...part, infers: part.infers.map((i) => ({ ...i, ion: ionId(i.ion) })) }));
  } catch (error) {
    if (error instanceof FormulaError) throw new HttpProblem('bad-input', `ion: ${error.message}`);
    throw error;
  }
}

/** @throws HttpProblem when a part is left out, or one is there that the paper has not. */
function sameParts(before: readonly PartScheme[], now: readonly PartScheme[]): readonly PartScheme[] {
  if (before.map((p) => p.letter).join() !== now.map((p) => p.letter).join())
    throw new HttpProblem('bad-input', 'scheme: it has other parts than the paper; give those that do not count no marks');
  return now;
}

export const setView = (s: store.SetRow, cases: Readonly<Record<string, number>> = {}): SetView => ({
  id: s.id,
  title: s.title,
  terms: s.terms,
  closesAt: s.closes_at?.toISOString() ?? null,
  createdAt: s.created_at.toISOString(),
  gone: s.gone,
  cases,
});

/** What a sample is; of a jar of the cabinet nothing until it is reported. */
const identityOf = ({ sample, from_jar, digest }: store.SetCase): string | null =>
  from_jar && digest.status === 'open' ? null : nameSample(sample);

/** A bench as it is now, from what the list of cases keeps: a class looks at thirty of them three times a second. */
function cardOf(of: store.SetCase, isPaper: boolean): BenchCard {
  const { id, student, seq, digest, created_at, work_set } = of;
  const { last, status, left, of: whole, updatedAt } = digest;
  const idle = Math.max(0, (Date.now() - new Date(updatedAt).getTime()) / MINUTE_MS);
  const working = status === 'open' || status === 'returned';
  const recent = last && Date.now() - new Date(last.at).getTime() < HAZARD_MINUTES * MINUTE_MS;
  return {
    case: id,
    student,
    summary: summaryOf({ id, createdAt: created_at, takenIn: null, set: work_set }, digest),
    identity: identityOf(of),
    doing: last ? testTitle(last.test ?? FREE_WORK) : null,
    idle: Math.round(idle),
    trouble: [
      ...(working && seq > 1 && idle >= STUCK_MINUTES ? (['stuck'] as const) : []),
      // Of a paper all of it is in the solution from the first.
      ...(working && !isPaper && left < RUNNING_OUT * whole ? (['out-of-sample'] as const) : []),
      ...(recent && last.hazard ? (['hazard'] as const) : []),
    ],
  };
}

export class ClassWork {
  constructor(
    private readonly db: Queryable,
    private readonly cases: Cases,
    private readonly debriefs: Debriefs,
  ) {}

  /** @throws HttpProblem when there is none that this instructor runs. */
  async mine(person: Person, id: string): Promise<store.ClassRow> {
    const found = await store.findClass(this.db, id);
    must(person, { do: 'run-class', instructor: found?.instructor ?? '' });
    return found!;
  }

  async mySet(person: Person, id: string): Promise<store.SetRow> {
    const found = await store.findSet(this.db, id);
    if (found?.instructor !== person.id) throw new HttpProblem('not-found', NO_SET);
    return found;
  }

  /** Sets work: every member gets a case of their own, the unknowns dealt out in turn. */
  async set(person: Person, classId: string, asked: NewSet): Promise<SetView> {
    await this.mine(person, classId);
    const members = (await store.membersOf(this.db, classId)).filter((m) => m.id !== person.id);
    if (!members.length)
      throw new HttpProblem(
        'bad-input',
        'Nobody is in this class yet: give the students the class code, and create the assignment when they have joined.',
      );
    const { title, minutes, paper, tubes } = asked;
    // What cannot be done on the sample is told before anything is set.
    const run = paper && (await this.debriefs.schemeOf(paper));
    const scheme = run && asked.scheme ? sameParts(run, named(asked.scheme)) : run;
    if (tubes === 'real' && !paper)
      throw new HttpProblem('bad-input', 'tubes: only a paper is worked with real tubes here; write one, or leave this out');
    const unknowns = paper
      ? [{ sample: { salts: paper.salts }, fromJar: false }]
      : await Promise.all(asked.unknowns.map(async (u) => ({ sample: await sampleOf(this.db, u), fromJar: 'jar' in u })));
    if (!unknowns.length) throw new HttpProblem('bad-input', 'unknowns: put at least one unknown into it, or a paper');
    for (const { sample } of unknowns) await this.cases.mustBe(sample);
    const parts = paper && { title: paper.title, mL: paper.mL, parts: paper.parts };
    const terms = { ...asked.terms, paper: parts };
    const set = randomUUID();
    const numbers = labelNumbers(members.length);
    const composed: Composed[] = [];
    for (const [i, member] of members.entries()) {
      const unknown = unknowns[(asked.given[member.id] ?? i) % unknowns.length]!;
      const name = `${title.slice(0, LABEL_LENGTH)}, ${numbers[i]!}`;
      const dealt = { name, ...unknown, set, instructor: person, tubes, tests: terms.tests };
      composed.push(await this.cases.composeFor(member, dealt, paper ? solutionOf(paper) : []));
    }
    await transaction(this.db, async (tx) => {
      await store.insertSet(tx, { id: set, classId, title, terms, closesAt: closing(minutes), scheme });
      for (const c of composed) await writeComposed(tx, c);
      await writeAudit(tx, person, 'work-set', title);
    });
    this.cases.announce(composed);
    return setView((await store.findSet(this.db, set))!, { open: members.length });
  }

  /** The benches of a set, as they are now. @param after only those on which something was done since. */
  async benches(person: Person, set: string, after?: string): Promise<Benches> {
    const of = await this.mySet(person, set);
    const benches = (await store.casesIn(this.db, set, after)).map((c) => cardOf(c, of.terms.paper !== null));
    return { set: setView(of), benches };
  }

  /** What the parts of a paper are worth. @throws HttpProblem when the work is no paper. */
  async scheme(person: Person, set: string): Promise<readonly PartScheme[]> {
    const { scheme } = await this.mySet(person, set);
    if (!scheme) throw new HttpProblem('bad-input', 'This work is no paper, so there is no mark scheme of its parts.');
    return scheme;
  }

  async change(person: Person, id: string, { minutes, gone, scheme }: SetChange): Promise<SetView> {
    const set = await this.mySet(person, id);
    if (minutes !== undefined) await store.closeAt(this.db, set.id, closing(minutes));
    if (gone !== undefined) await store.putSetAway(this.db, set.id, gone);
    if (scheme) await store.changeScheme(this.db, set.id, sameParts(await this.scheme(person, id), named(scheme)));
    await writeAudit(this.db, person, 'work-changed', set.title);
    return setView((await store.findSet(this.db, set.id))!);
  }

  /** Marks for the report of a case, line by line; the instructor changes them. */
  async proposed(person: Person, id: string): Promise<ProposedMarks> {
    const known = await this.debriefs.examined(person, id);
    const scheme = known.set === null ? null : (await store.findSet(this.db, known.set))!.scheme;
    const lines = scheme ? paperMarks(scheme, known.state) : proposedMarks(await this.debriefs.of(known));
    return { identity: nameSample(known.sample), lines, ...sumOf(lines) };
  }

  /** The paper of a set, as its candidates and its instructor see it. */
  async paper(person: Person, set: string): Promise<PaperView> {
    const of = await store.findSet(this.db, set);
    const member = !!of && !of.gone && (await store.isMember(this.db, of.class_id, person.id));
    if (!of?.terms.paper || (of.instructor !== person.id && !member)) throw new HttpProblem('not-found', NO_SET);
    const { title, mL, parts } = of.terms.paper;
    return { title, mL, parts: parts.map((p) => ({ ...p, does: partInWords(p) })) };
  }

  async results(person: Person, set: string): Promise<Results> {
    await this.mySet(person, set);
    const rows = await store.casesIn(this.db, set);
    const read = await Promise.all(
      rows.map(async (row) => {
        const { state } = await this.cases.read(person, row.id);
        const identity = nameSample(row.sample);
        const whole = truthOf(row.sample);
        const compound = state.subject.matter === 'compound';
        const truth = compound ? whole.filter((t) => isElement(t)) : whole;
        const claimed = (reportOf(state)?.found ?? []).map((f) => f.ion).filter((f) => !compound || isElement(f));
        const words = state.entries
          .filter((e) => !e.struck)
          .map((e) => [e.note, e.inference].filter(Boolean).join(' ') || sayAll(e.observed));
        return { row, state, reported: { student: row.student, identity, truth, claimed, words } satisfies Reported };
      }),
    );
    const reports = read.filter(({ state }) => reportOf(state)).map((r) => r.reported);
    return {
      rows: read.map(({ row, state, reported: { truth, claimed } }) => ({
        case: row.id,
        student: row.student,
        identity: identityOf(row),
        status: state.status,
        right: claimed.filter((c) => truth.includes(c)),
        wrong: claimed.filter((c) => !truth.includes(c)),
        missed: reportOf(state) ? truth.filter((t) => !claimed.includes(t)) : [],
        entries: state.entries.length,
        minutes: Math.round(state.minutes),
        marks: state.marks?.marks ?? null,
        of: state.marks?.of ?? null,
      })),
      confusions: confusionsIn(reports, kindOf),
      items: itemsIn(reports),
      time: timeIn(read.map((r) => r.state)),
      alike: alikeIn(reports),
    };
  }
}
