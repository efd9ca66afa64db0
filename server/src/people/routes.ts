/** Signing in and out, and turning accounts on. */
import { type Request, type Response, Router } from 'express';
import {
  accountSchema,
  beSchema,
  joinSchema,
  type Me,
  newPersonSchema,
  passphraseSchema,
  type Person,
  signInSchema,
  signOutSchema,
} from '#contract';
import { actor, must, SESSION_COOKIE, sessionIn } from '../access/access';
import { addMember, classOfCode } from '../classes/store';
import { type Db, transaction } from '../db/pool';
import { check, HttpProblem } from '../http/problem';
import { hashed, isPassphrase } from './passphrase';
import * as store from './store';

const COOKIE_DAYS = 14;
const DAY_MS = 24 * 3600 * 1000;
/** Failures within a quarter of an hour after which one has to wait: of one login or code, and from one address. */
const MOST_FAILURES = 8;
const MOST_FROM_ADDRESS = 60;

const fromAddress = (req: Request) => `from ${req.socket.remoteAddress ?? ''}`;

async function notGuessing(db: Db, req: Request, whom: string): Promise<void> {
  if ((await store.failures(db, whom)) >= MOST_FAILURES || (await store.failures(db, fromAddress(req))) >= MOST_FROM_ADDRESS)
    throw new HttpProblem(
      'too-many',
      'Too many attempts; wait a quarter of an hour, or ask your instructor for a new passphrase.',
    );
}

/** Every sign-in begins a session of its own: one that was there before, whosever it was, is ended. */
async function signedIn(db: Db, req: Request, res: Response, person: Person): Promise<void> {
  const before = sessionIn(req);
  if (before) await store.closeSession(db, before);
  const token = await store.openSession(db, person.id);
  res.cookie(SESSION_COOKIE, token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: req.secure,
    path: '/',
    maxAge: COOKIE_DAYS * DAY_MS,
  });
}

const NO_CODE = 'code: no class has this code; ask your instructor for the one in force';
const UNIQUE_VIOLATION = '23505';

async function orTaken<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if ((error as { code?: string }).code === UNIQUE_VIOLATION)
      throw new HttpProblem('bad-input', 'login: somebody has this login already; choose another');
    throw error;
  }
}

/** What may be asked without being signed in. */
export function doorRoutes(db: Db): Router {
  const router = Router();
  router.post('/sign-in', async (req, res) => {
    const { login, passphrase } = check(signInSchema, req.body);
    const name = login.trim().toLowerCase();
    const whom = `login ${name}`;
    await notGuessing(db, req, whom);
    const found = await store.findLogin(db, name);
    if (!(await isPassphrase(passphrase, found?.passphrase ?? null))) {
      await store.failed(db, whom, fromAddress(req));
      throw new HttpProblem('forbidden', 'Login and passphrase do not belong together.');
    }
    const { id, name: called, role } = found!;
    await signedIn(db, req, res, found!);
    res.json({ id, name: called, role });
  });
  router.post('/join', async (req, res) => {
    const { code, name, login, passphrase } = check(joinSchema, req.body);
    await notGuessing(db, req, 'code');
    const joined = await classOfCode(db, code);
    if (joined === null) {
      await store.failed(db, 'code', fromAddress(req));
      throw new HttpProblem('bad-input', NO_CODE);
    }
    const kept = await hashed(passphrase);
    const person = await orTaken(() =>
      transaction(db, async (tx) => {
        const made = await store.insertPerson(tx, { name, role: 'student', login, passphrase: kept });
        await addMember(tx, joined, made.id);
        return made;
      }),
    );
    await signedIn(db, req, res, person);
    res.status(201).json(person);
  });
  return router;
}

export function peopleRoutes(db: Db): Router {
  const router = Router();
  router.get('/me', async (req, res) => {
    const person = actor(req);
    const accounts = await store.accountsOn(db);
    const me: Me = { ...person, accounts, madeUp: accounts ? [] : await store.madeUpPeople(db) };
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
    await signedIn(db, req, res, found);
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
    const kept = await hashed(passphrase);
    await orTaken(() => store.setAccount(db, person.id, login, kept));
    await store.turnOn(db);
    await signedIn(db, req, res, person);
    res.json({ accounts: true });
  });
  router.put('/me/passphrase', async (req, res) => {
    const { passphrase } = check(passphraseSchema, req.body);
    const { id } = actor(req);
    await store.setPassphrase(db, id, await hashed(passphrase));
    await store.closeAllSessions(db, id);
    await signedIn(db, req, res, actor(req));
    res.json({ changed: true });
  });
  router.post('/people', async (req, res) => {
    must(actor(req), { do: 'keep' });
    const { name, login, passphrase, role } = check(newPersonSchema, req.body);
    const kept = await hashed(passphrase);
    res.status(201).json(await orTaken(() => store.insertPerson(db, { name, role, login, passphrase: kept })));
  });
  return router;
}
