/** Signing in and out, and turning accounts on. */
import { type Request, Router } from 'express';
import {
  accountSchema,
  beSchema,
  joinSchema,
  type Me,
  newPersonSchema,
  ownPassphraseSchema,
  passphraseSchema,
  signInSchema,
  signOutSchema,
} from '#contract';
import { actor, must, SESSION_COOKIE, sessionIn } from '../access/access';
import { addMember, classOfCode } from '../classes/store';
import { type Db, transaction } from '../db/pool';
import { caseId } from '../http/ids';
import { check, HttpProblem } from '../http/problem';
import * as attempts from './attempts';
import type { Passphrases } from './passphrase';
import { beginSession, deviceIn, replaceSession } from './session';
import { writeAudit } from '../laboratory/store';
import * as store from './store';

/**
 * Does what an attempt is for.
 * @param work says whether it was right; an error that is no verdict is not counted against anybody.
 */
async function judged<T>(db: Db, attempt: attempts.Attempt, work: () => Promise<T | null>): Promise<T | null> {
  let verdict: T | null;
  try {
    verdict = await work();
  } catch (error) {
    await attempts.forget(db, attempt);
    throw error;
  }
  if (verdict !== null) await attempts.forget(db, attempt);
  return verdict;
}

const NO_CODE = 'code: no class has this code; ask your instructor for the one in force';
/** What may be asked without being signed in. */
export function doorRoutes(db: Db, passphrases: Passphrases): Router {
  const router = Router();
  router.post('/sign-in', async (req, res) => {
    const { login, passphrase } = check(signInSchema, req.body);
    const name = login.trim().toLowerCase();
    const attempt = await attempts.toSignIn(db, { login: name, address: req.ip ?? '', device: deviceIn(req) });
    const found = await judged(db, attempt, async () => {
      const person = await store.findLogin(db, name);
      return (await passphrases.is(passphrase, person?.passphrase ?? null)) ? person : null;
    });
    if (!found) throw new HttpProblem('forbidden', 'Login and passphrase do not belong together.');
    const { id, name: called, role } = found;
    await beginSession(db, req, res, found);
    res.json({ id, name: called, role });
  });
  router.post('/join', async (req, res) => {
    const { code, name, login, passphrase } = check(joinSchema, req.body);
    const attempt = await attempts.toJoin(db, { login, address: req.ip ?? '' });
    const joined = await judged(db, attempt, () => classOfCode(db, code));
    if (joined === null) throw new HttpProblem('bad-input', NO_CODE);
    const kept = await passphrases.hashed(passphrase);
    const person = await store.orTaken(() =>
      transaction(db, async (tx) => {
        const made = await store.insertPerson(tx, { name, role: 'student', login, passphrase: kept });
        await addMember(tx, joined, made.id);
        return made;
      }),
    );
    await beginSession(db, req, res, person);
    res.status(201).json(person);
  });
  return router;
}

export function peopleRoutes(db: Db, passphrases: Passphrases): Router {
  const router = Router();
  router.get('/me', async (req, res) => {
    const person = actor(req);
    const accounts = await store.accountsOn(db);
    const me: Me = {
      ...person,
      accounts,
      madeUp: accounts ? [] : await store.madeUpPeople(db),
      hasPassphrase: await store.hasPassphrase(db, person.id),
      reset: await store.resetOf(db, person.id),
    };
    res.json(me);
  });
  /** On a single machine without accounts: be one of the demo's made-up people, or the local person again. */
  router.put('/me', async (req, res) => {
    const { person } = check(beSchema, req.body);
    if (await store.accountsOn(db)) throw new HttpProblem('forbidden', 'Accounts are on: sign in with a passphrase.');
    if (person === null) {
      const token = sessionIn(req);
      if (token) await store.closeSession(db, token);
      res.clearCookie(SESSION_COOKIE, { path: '/' });
      res.json(await store.localPerson(db));
      return;
    }
    const found = (await store.madeUpPeople(db)).find((p) => p.id === person);
    if (!found)
      throw new HttpProblem(
        'not-found',
        'There is no such person in the demo; choose one of those that are listed under Classes.',
      );
    await replaceSession(db, req, res, found);
    res.json(found);
  });
  router.post('/sign-out', async (req, res) => {
    const { everywhere } = check(signOutSchema, req.body ?? {});
    const token = sessionIn(req);
    if (everywhere) await store.closeAllSessions(db, actor(req).id);
    else if (token) await store.closeSession(db, token);
    res.clearCookie(SESSION_COOKIE, { path: '/' });
    res.json({ signedOut: true });
  });
  /** Turns accounts on: from then on everybody signs in, the keeper with this login. */
  router.post('/accounts', async (req, res) => {
    const person = actor(req);
    must(person, { do: 'keep' });
    const { login, passphrase } = check(accountSchema, req.body);
    if (await store.accountsOn(db)) throw new HttpProblem('bad-input', 'Accounts are on already.');
    const kept = await passphrases.hashed(passphrase);
    await store.orTaken(() => store.setAccount(db, person.id, login, kept));
    await store.turnOn(db);
    await writeAudit(db, person, 'accounts-on', login);
    // Whoever was somebody without a passphrase signs in like everybody else.
    await store.closeEverySession(db);
    await beginSession(db, req, res, person);
    res.json({ accounts: true });
  });
  router.put('/me/passphrase', async (req, res) => {
    const { current, passphrase } = check(ownPassphraseSchema, req.body);
    const { id } = actor(req);
    const attempt = await attempts.byPerson(db, id, 'passphrase');
    const person = await judged(db, attempt, async () => {
      const found = await store.findPerson(db, id);
      return (await passphrases.is(current, found?.passphrase ?? null)) ? found : null;
    });
    if (!person) throw new HttpProblem('forbidden', 'current: this is not the passphrase that is in force');
    await store.setPassphrase(db, id, await passphrases.hashed(passphrase), null);
    await store.closeAllSessions(db, id);
    await replaceSession(db, req, res, actor(req));
    res.json({ changed: true });
  });
  /** Everybody who signs in here. */
  router.get('/people', async (req, res) => {
    must(actor(req), { do: 'keep' });
    res.json(await store.peopleWithLogins(db));
  });
  /** The keeper gives anybody else a new passphrase; a keeper's own is reset on the machine. */
  router.put('/people/:id/passphrase', async (req: Request<{ id: string }>, res) => {
    const keeper = actor(req);
    must(keeper, { do: 'keep' });
    const { passphrase } = check(passphraseSchema, req.body);
    const found = await store.findPerson(db, caseId(req.params.id));
    if (!found || found.role === 'keeper' || found.passphrase === null)
      throw new HttpProblem('not-found', 'There is nobody with this login whose passphrase could be set here.');
    await store.setPassphrase(db, found.id, await passphrases.hashed(passphrase), keeper.id);
    await writeAudit(db, keeper, 'passphrase-given', found.name);
    await store.closeAllSessions(db, found.id);
    res.json({ changed: true });
  });
  router.post('/people', async (req, res) => {
    must(actor(req), { do: 'keep' });
    const { name, login, passphrase, role } = check(newPersonSchema, req.body);
    const kept = await passphrases.hashed(passphrase);
    const made = await store.orTaken(() => store.insertPerson(db, { name, role, login, passphrase: kept }));
    await writeAudit(db, actor(req), 'person-added', `${name}, ${role}`);
    res.status(201).json(made);
  });
  return router;
}
