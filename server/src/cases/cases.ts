/** What people do with cases: begin, read and go on with them. */
import { randomUUID } from 'node:crypto';
import type { SampleSpec } from '#core/bench/sample';
import { applyEvent, type CaseState } from '#core/record/case';
import { type Op, vesselsIn } from '#core/bench/ops';
import type { CaseEvent, ExaminerEvent, RecordedEvent } from '#core/record/events';
import { workingOf } from '#core/record/judge';
import { nameSample } from '#core/record/recording';
import { digestOf } from '#core/record/view';
import { lastWords } from '#core/record/words';
import { onlyWith, type SnapshotChange } from '#core/record/working';
import type { Tubes } from '#core/practice/paper-form';
import type { Append, CaseChanges, ListedCase, NewCase, Person, ReckonRequest, ReckoningView, Review } from '#contract';
import { must } from '../access/access';
import { onlyTests, withinTerms } from '../classes/terms';
import type { Queryable } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { houseRulesOf } from '../rules/rules';
import type { Crew } from '../workers/crew';
import { hasPhoto } from '../photos/store';
import type { BenchTasks } from '../workers/bench';
import { link, type LinkedEvent } from './chain';
import { changesFor, sealedElsewhere } from './changes';
import { type Composed, Composer, writeComposed } from './composing';
import { type BenchChange, type CaseDocument, CaseDocuments } from './documents';
import { judgedOrProblem } from './judged';
import type { News } from './live';
import { paced } from './pace';
import * as store from './store';
import { inRealTubes, type Labelled, portionOf, sealedUnder, subjectOf } from './subjects';
import { summaryOf } from './summary';

/** Seconds that a bench operation may take. */
const OPERATION_SECONDS = 20;
const RECKONING_SECONDS = 5;
const TOO_MUCH = 'This takes too long to work out; nothing was changed. Take less of it at a time.';

const NO_CASE = 'There is no such case; go back to your cases.';
const MOVED_ON = 'This case has moved on in another window; look at it again and repeat.';

/** Sealed work for one student. */
interface SetCase {
  readonly name: string;
  readonly sample: SampleSpec;
  /** Its instructor is not told what it is before it is reported. */
  readonly fromJar: boolean;
  readonly set: string;
  readonly instructor: Person;
  /** Real tubes hold what their instructor has put into them: the sample is known to nobody else. */
  readonly tubes: Tubes;
  /** Tests that may be done; null for all. */
  readonly tests: readonly string[] | null;
}

/** An event as it will stand in the record, and what it changes on the bench. */
interface Made {
  readonly event: RecordedEvent;
  readonly bench?: BenchChange;
}

export class Cases {
  private readonly documents: CaseDocuments;
  private readonly composer: Composer;

  /**
   * @param chemistry version of the simulator, kept with all that it works out.
   * @param tell that a case has moved on.
   * @param onEvent told the kind of every event that was appended.
   */
  constructor(
    private readonly db: Queryable,
    private readonly bench: Crew<BenchTasks>,
    private readonly chemistry: string,
    private readonly tell: (news: News) => void = () => undefined,
    private readonly onEvent: (kind: string) => void = () => undefined,
  ) {
    this.documents = new CaseDocuments(db);
    this.composer = new Composer(bench, chemistry);
  }

  async list(person: Person): Promise<ListedCase[]> {
    must(person, { do: 'list-cases' });
    const rows = await store.casesOf(this.db, person.id);
    return rows.map(({ id, created_at, taken_in, work_set, digest, archived }) => ({
      ...summaryOf({ id, createdAt: created_at, takenIn: taken_in, set: work_set }, digest),
      archived,
    }));
  }

  /** Puts a case out of the way, or back; its record is as it was. */
  async archive(person: Person, id: string, archived: boolean): Promise<void> {
    must(person, { do: 'archive-case', of: await this.read(person, id) });
    await store.archive(this.db, id, archived);
  }

  /** Takes a case that was put out of the way away for good, with its photos. */
  async drop(person: Person, id: string): Promise<void> {
    must(person, { do: 'drop-case', of: await this.read(person, id) });
    if (!(await store.isArchived(this.db, id)))
      throw new HttpProblem('bad-input', 'Archive the case first: only what is out of the way can be deleted.');
    await store.dropCase(this.db, id);
    this.documents.forget(id);
  }

  /** The case as it is now. @throws HttpProblem when there is none that the person may read. */
  async read(person: Person, id: string): Promise<CaseDocument> {
    const document = await this.documents.current(id);
    if (!document) throw new HttpProblem('not-found', NO_CASE);
    must(person, { do: 'read-case', of: document });
    return document;
  }

  /** What the person may see of all that happened after an event. */
  async changes(person: Person, id: string, after: number): Promise<CaseChanges> {
    return this.changesFor(await this.read(person, id), after, person);
  }

  private changesFor(document: CaseDocument, after: number, reader: Person): CaseChanges {
    return changesFor(document, after, reader, this.chemistry);
  }

  async create(person: Person, asked: NewCase): Promise<CaseChanges> {
    must(person, { do: 'create-case' });
    const { name, look, subject } =
      'portion' in asked ? await this.portionOf(person, asked.portion) : await subjectOf(this.db, this.bench, asked);
    const rules = await houseRulesOf(this.db, person.id);
    const begun = await this.composer.begin({ owner: person, name, look, subject, rules, set: null, instructor: null });
    await writeComposed(this.db, begun);
    return this.changesFor(begun.document, 0, person);
  }

  /** What was washed out in a case of one's own. @throws HttpProblem when nothing was, or when the work was set. */
  private async portionOf(person: Person, { case: id, id: portion }: { case: string; id: string }): Promise<Labelled> {
    const document = await this.read(person, id);
    if (document.set !== null) throw new HttpProblem('forbidden', 'An assignment is worked in its own case only.');
    const snapshot = await this.documents.benchOf(document);
    if (!snapshot) throw new HttpProblem('stale', MOVED_ON);
    return portionOf(this.bench, document.state.subject.name, onlyWith(snapshot, []), portion);
  }

  /** @throws HttpProblem saying why there can be no such sample. */
  async mustBe(sample: SampleSpec): Promise<void> {
    await sealedUnder(this.bench, '', sample);
  }

  /** A sealed case for a student, with the rules of who sets it, and what is done in it before the student comes. */
  async composeFor(student: Person, { name, sample, fromJar, set, instructor, tubes, tests }: SetCase, ops: readonly Op[]) {
    const { look, subject } = tubes === 'real' ? inRealTubes(name, sample) : await sealedUnder(this.bench, name, sample);
    const rules = onlyTests(await houseRulesOf(this.db, instructor.id), tests);
    const order = { owner: student, name, look, subject, rules, set, instructor: instructor.id, sample, fromJar };
    let composed = await this.composer.begin(order);
    for (const op of ops) composed = await this.composer.operated(composed, instructor, op);
    return composed;
  }

  /** Tells of cases that have been written. */
  announce(composed: readonly Composed[]): void {
    for (const { document } of composed) this.tellAll(document, document.state.seq);
  }

  /** Who works on it, and who set it. */
  private tellAll({ id, owner, instructor }: Pick<CaseDocument, 'id' | 'owner' | 'instructor'>, seq: number): void {
    this.tell({ owner, case: id, seq });
    if (instructor !== null && instructor !== owner) this.tell({ owner: instructor, case: id, seq });
  }

  /**
   * Appends one event. A repeat of an event that is already there is answered as if it had just been done.
   * @throws HttpProblem `stale` when other events came in between, `bad-input` when it cannot be done.
   */
  async append(person: Person, id: string, request: Append): Promise<CaseChanges> {
    let document = this.documents.known(id) ?? (await this.read(person, id));
    must(person, { do: 'append-event', of: document });
    if (request.after !== document.state.seq) document = await this.read(person, id);
    if (request.after === document.state.seq) {
      const appended = await this.attempt(person, document, request);
      if (appended) return this.changesFor(appended, request.after, person);
      document = await this.read(person, id);
    }
    if (await store.hasEvent(this.db, id, request.id))
      return this.changesFor(document, Math.min(request.after, document.state.seq), person);
    throw new HttpProblem('stale', MOVED_ON, { seq: document.state.seq });
  }

  /** @returns null when the case has moved on meanwhile. */
  private async attempt(
    person: Person,
    document: CaseDocument,
    { id, event: asked, done }: Append,
  ): Promise<CaseDocument | null> {
    const sealed = sealedElsewhere(document);
    if (sealed) throw new HttpProblem('bad-input', `This case can only be read: ${sealed}.`);
    if (document.set !== null) await withinTerms(this.db, document.set, document.state, asked);
    return this.take(person, document, id, judgedOrProblem(document.state, asked), done);
  }

  /** @param event that may come now. @returns null when the case has moved on meanwhile. */
  private async take(
    person: Person,
    document: CaseDocument,
    id: string,
    judged: CaseEvent | ExaminerEvent,
    done?: string,
  ): Promise<CaseDocument | null> {
    const made = await this.make(document, judged);
    if (!made) return null;
    const { event, bench } = made;
    const seq = document.state.seq + 1;
    const at = new Date().toISOString();
    const who = { id: person.id, name: person.name };
    // Nothing is done later than it arrives, nor before its case was begun.
    const waited = done !== undefined && done < at && done >= document.createdAt.toISOString() ? { done } : {};
    const linked = link({ case: document.id, seq, id, at, ...waited, who, previous: document.hash, event });
    const state = applyEvent(document.state, event, { seq, at, ...waited, who: person.name });
    const kept = await this.put(linked, state, bench?.change);
    if (!kept) return null;
    this.onEvent(event.kind);
    this.tellAll(document, seq);
    return this.documents.advance(document, state, linked, bench);
  }

  /** @returns false when another event took its place, or this one is there already. */
  private async put(event: LinkedEvent, state: CaseState, bench?: SnapshotChange): Promise<boolean> {
    try {
      const words = lastWords(state, event.body.event.kind);
      return await store.appendEvent(this.db, { event, digest: digestOf(state), words, ...(bench && { bench }) });
    } catch (error) {
      if ((error as { code?: string }).code === UNIQUE_VIOLATION) return false;
      throw error;
    }
  }

  /** @returns null when the bench has moved on meanwhile. */
  private async make(document: CaseDocument, event: CaseEvent | ExaminerEvent): Promise<Made | null> {
    const { state } = document;
    switch (event.kind) {
      case 'operation': {
        const before = await this.documents.benchOf(document);
        if (!before) return null;
        const { op } = event.payload;
        const work = { snapshot: onlyWith(before, vesselsIn(op)), op };
        const carryOut = () => this.bench.run('carryOut', work, { seconds: OPERATION_SECONDS, tooLong: TOO_MUCH });
        const change = await (document.set === null ? carryOut() : paced(carryOut));
        const chemistry = state.subject.kind === 'simulated' ? { chemistry: this.chemistry } : {};
        return { event: { ...event, result: { ...change.result, ...chemistry } }, bench: { before, change } };
      }
      case 'entry':
        return { event: { ...event, result: workingOf(state, event.payload) } };
      case 'photo':
        if (!(await hasPhoto(this.db, document.id, event.payload.photo)))
          throw new HttpProblem('bad-input', 'photo: this photo was not sent for this case; send it first');
        return { event };
      case 'opened-up': {
        const head = (await store.findHead(this.db, document.id))!;
        return { event: { ...event, result: { identity: nameSample(head.sample!) } } };
      }
      default:
        return { event };
    }
  }

  /** What an examiner does with a report. */
  async review(person: Person, id: string, { kind, ...payload }: Review): Promise<CaseChanges> {
    const document = await this.read(person, id);
    must(person, { do: 'examine-case', of: document });
    const event = { kind, payload } as CaseEvent | ExaminerEvent;
    const taken = await this.take(person, document, randomUUID(), judgedOrProblem(document.state, event));
    if (!taken) throw new HttpProblem('stale', MOVED_ON, { seq: document.state.seq });
    return this.changesFor(taken, document.state.seq, person);
  }

  /** The arithmetic for one tube, from what was added to it. */
  async reckoning(person: Person, id: string, { tube, reagent }: ReckonRequest): Promise<ReckoningView> {
    const snapshot = await this.documents.benchOf(await this.read(person, id));
    if (!snapshot) throw new HttpProblem('stale', MOVED_ON);
    return this.bench.run(
      'reckon',
      { snapshot: onlyWith(snapshot, [tube]), tube, reagent },
      { seconds: RECKONING_SECONDS, tooLong: TOO_MUCH },
    );
  }
}

const UNIQUE_VIOLATION = '23505';
