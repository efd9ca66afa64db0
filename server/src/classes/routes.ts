/** Classes over HTTP: for who runs them, and for who is in them. */
import { type Request, Router } from 'express';
import { toCsv } from '#core/report/csv';
import {
  classChangeSchema,
  type ClassSummary,
  type ClassView,
  drawingOfSetSchema,
  newClassSchema,
  newSetSchema,
  paperSchema,
  passphraseSchema,
  type Person,
  reviewSchema,
  setChangeSchema,
  unknownSchema,
} from '#contract';
import * as z from 'zod';
import { actor, must } from '../access/access';
import type { Cases } from '../cases/cases';
import type { Debriefs } from '../cases/debriefs';
import type { Db } from '../db/pool';
import { caseId } from '../http/ids';
import { check, HttpProblem } from '../http/problem';
import { byPerson, forget } from '../people/attempts';
import type { Passphrases } from '../people/passphrase';
import { closeAllSessions, isOnlyTaughtBy, setPassphrase } from '../people/store';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import { writeAudit } from '../laboratory/store';
import * as store from './store';
import { assessed, sampleOf } from './unknowns';
import { ClassWork, setView } from './work';

type WithId = Request<{ id: string }>;
const DRAWING_SECONDS = 60;
/** A mixture that is not kept is worked in some seconds, and in minutes where other work goes before it. */
const ASSESSING_SECONDS = 240;
const assessing = z.strictObject({
  unknowns: z.array(unknownSchema).min(1).max(40),
  tests: z.array(z.string()).nullable().default(null),
});
const joining = z.strictObject({ code: z.string().trim().toUpperCase().max(20) });

const summary = (person: Person, c: store.ClassRow): ClassSummary => ({
  id: c.id,
  name: c.name,
  gone: c.gone,
  mine: c.instructor === person.id,
  instructor: c.instructor_name,
  members: c.members,
});

export function classRoutes(
  db: Db,
  cases: Cases,
  debriefs: Debriefs,
  thought: Crew<ThoughtTasks>,
  passphrases: Passphrases,
): Router {
  const router = Router();
  const work = new ClassWork(db, cases, debriefs);
  router.get('/classes', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'see-classes' });
    res.json((await store.classesOf(db, person.id)).map((c) => summary(person, c)));
  });
  router.post('/classes', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'teach' });
    const { name } = check(newClassSchema, req.body);
    const id = await store.insertClass(db, name, person.id);
    await writeAudit(db, person, 'class-made', name);
    res.status(201).json(summary(person, (await store.findClass(db, id))!));
  });
  router.post('/classes/join', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'see-classes' });
    const { code } = check(joining, req.body);
    const attempt = await byPerson(db, person.id, 'code');
    const id = await store.classOfCode(db, code);
    if (id === null || !(await store.addMember(db, id, person.id)))
      throw new HttpProblem('bad-input', 'code: no class has this code, or you are in it already');
    await forget(db, attempt);
    res.json({ joined: true });
  });
  router.get('/classes/:id', async (req: WithId, res) => {
    const person = actor(req);
    const found = await store.findClass(db, caseId(req.params.id));
    const member = !!found && !found.gone && (await store.isMember(db, found.id, person.id));
    must(person, { do: 'read-class', instructor: found?.instructor ?? '', member });
    const mine = found!.instructor === person.id;
    const sets = (await store.setsOf(db, found!.id)).filter((s) => mine || !s.gone);
    const standings = await store.standings(
      db,
      sets.map((s) => s.id),
      mine ? null : person.id,
    );
    const view: ClassView = {
      ...summary(person, found!),
      code: mine ? found!.code : null,
      people: mine ? await store.membersOf(db, found!.id) : [],
      sets: sets.map((s) => setView(s, standings.get(s.id))),
    };
    res.json(view);
  });
  router.put('/classes/:id', async (req: WithId, res) => {
    const { id, name } = await work.mine(actor(req), caseId(req.params.id));
    await store.changeClass(db, id, check(classChangeSchema, req.body));
    await writeAudit(db, actor(req), 'class-changed', name);
    res.json(summary(actor(req), (await store.findClass(db, id))!));
  });
  router.put('/classes/:id/people/:person/passphrase', async (req: Request<{ id: string; person: string }>, res) => {
    const instructor = actor(req);
    const { id } = await work.mine(instructor, caseId(req.params.id));
    const student = (await store.membersOf(db, id)).find((p) => p.id === req.params.person && p.role === 'student');
    if (!student) throw new HttpProblem('not-found', 'There is no such student in this class.');
    const { passphrase } = check(passphraseSchema, req.body);
    if (!(await isOnlyTaughtBy(db, student.id, instructor.id)))
      throw new HttpProblem(
        'forbidden',
        'This student is in another instructor’s class as well: ask the administrator for a new passphrase.',
      );
    await setPassphrase(db, student.id, await passphrases.hashed(passphrase), instructor.id);
    await writeAudit(db, instructor, 'passphrase-given', student.name);
    await closeAllSessions(db, student.id);
    res.json({ changed: true });
  });
  router.post('/draws', async (req, res) => {
    must(actor(req), { do: 'teach' });
    res.json(await thought.run('drawSet', check(drawingOfSetSchema, req.body), { seconds: DRAWING_SECONDS }));
  });
  router.post('/assessments', async (req, res) => {
    must(actor(req), { do: 'teach' });
    const { unknowns, tests } = check(assessing, req.body);
    const samples = await Promise.all(unknowns.map((u) => sampleOf(db, u)));
    res.json(await assessed(db, unknowns, await thought.run('assess', { samples, tests }, { seconds: ASSESSING_SECONDS })));
  });
  router.post('/classes/:id/sets', async (req: WithId, res) => {
    res.status(201).json(await work.set(actor(req), caseId(req.params.id), check(newSetSchema, req.body)));
  });
  router.put('/sets/:id', async (req: WithId, res) => {
    res.json(await work.change(actor(req), caseId(req.params.id), check(setChangeSchema, req.body)));
  });
  /** What a paper would be worth, before it is set. */
  router.post('/papers/scheme', async (req, res) => {
    must(actor(req), { do: 'teach' });
    res.json(await debriefs.schemeOf(check(paperSchema, req.body)));
  });
  router.get('/sets/:id/scheme', async (req: WithId, res) => {
    res.json(await work.scheme(actor(req), caseId(req.params.id)));
  });
  router.get('/sets/:id/paper', async (req: WithId, res) => {
    res.json(await work.paper(actor(req), caseId(req.params.id)));
  });
  /** Empty, as an answer book for real tubes. */
  router.get('/sets/:id/paper.pdf', async (req: WithId, res) => {
    const paper = await work.paper(actor(req), caseId(req.params.id));
    const pdf = await thought.run('answerBook', paper, { seconds: DRAWING_SECONDS });
    res.setHeader('content-type', 'application/pdf');
    res.setHeader('content-disposition', 'inline; filename="paper.pdf"');
    res.send(Buffer.from(pdf));
  });
  router.get('/sets/:id/benches', async (req: WithId, res) => {
    const after = check(z.iso.datetime().optional(), req.query['after']);
    res.json(await work.benches(actor(req), caseId(req.params.id), after));
  });
  router.get('/sets/:id/results', async (req: WithId, res) => {
    res.json(await work.results(actor(req), caseId(req.params.id)));
  });
  router.get('/sets/:id/results.csv', async (req: WithId, res) => {
    const { rows } = await work.results(actor(req), caseId(req.params.id));
    const flat = rows.map(({ case: _, ...r }) => ({
      ...r,
      right: r.right.join(' '),
      wrong: r.wrong.join(' '),
      missed: r.missed.join(' '),
    }));
    res.setHeader('content-type', 'text/csv; charset=utf-8');
    res.setHeader('content-disposition', 'attachment; filename="results.csv"');
    res.send(toCsv(flat));
  });
  router.get('/cases/:id/marks', async (req: WithId, res) => {
    res.json(await work.proposed(actor(req), caseId(req.params.id)));
  });
  router.post('/cases/:id/review', async (req: WithId, res) => {
    const reviewed = await cases.review(actor(req), caseId(req.params.id), check(reviewSchema, req.body));
    await writeAudit(db, actor(req), 'reviewed', reviewed.summary.name);
    res.json(reviewed);
  });
  return router;
}
