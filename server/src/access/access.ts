/** The one place that knows who asks and what they may do. */
import type { Request, RequestHandler } from 'express';
import { LRUCache } from 'lru-cache';
import type { Person } from '#contract';
import type { Db } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { accountsOn, localPerson, personOf } from '../people/store';

/** Whose a case is: its owner's; and of sealed work the instructor's of the class. */
export interface Whose {
  readonly owner: string;
  readonly instructor: string | null;
}

/** What may be asked for. */
export type Action =
  | {
      readonly do:
        | 'list-jars'
        | 'list-cases'
        | 'create-case'
        | 'take-in-case'
        | 'prepare'
        | 'house-rules'
        | 'read-handbook'
        | 'read-library'
        | 'write-library'
        | 'see-classes';
    }
  /** Make classes; keep the machine. */
  | { readonly do: 'teach' | 'keep' }
  | { readonly do: 'read-case' | 'append-event' | 'archive-case' | 'drop-case' | 'examine-case'; readonly of: Whose }
  /** Of a class: what its instructor alone may, and what its members may as well. */
  | { readonly do: 'run-class'; readonly instructor: string }
  | { readonly do: 'read-class'; readonly instructor: string; readonly member: boolean };

declare module 'express-serve-static-core' {
  interface Request {
    person?: Person;
  }
}

export const SESSION_COOKIE = 'foxing';
const COOKIE = new RegExp(`(?:^|;\\s*)${SESSION_COOKIE}=([A-Za-z0-9_-]{43})(?:;|$)`);

/** The token of a session, as the browser holds it. */
export const sessionIn = (req: Request): string | null => COOKIE.exec(req.get('cookie') ?? '')?.[1] ?? null;

const KNOWN_MS = 3000;

/**
 * Every request comes from someone: from who signed in; or, where accounts are off, from the local person of this machine, unless
 * they have chosen to be one of the demo's people.
 */
export function identify(db: Db): RequestHandler {
  const sessions = new LRUCache<string, Person>({ max: 1000, ttl: KNOWN_MS });
  return async (req, _res, next) => {
    const token = sessionIn(req);
    // Who has signed out writes nothing more from that moment on; what they may still read is over within seconds.
    let person = (token && req.method === 'GET' && sessions.get(token)) || null;
    if (!person && token) {
      person = await personOf(db, token);
      if (person) sessions.set(token, person);
    }
    if (!person && !(await accountsOn(db))) {
      person = await localPerson(db);
      if (!person)
        throw new HttpProblem(
          'forbidden',
          'Nobody is set up yet: stop Foxing and run ./foxing start, which begins an empty database with its administrator.',
        );
    }
    if (!person) throw new HttpProblem('signed-out', 'Sign in first.');
    req.person = person;
    next();
  };
}

export function actor(req: Request): Person {
  if (!req.person) throw new HttpProblem('signed-out', 'Sign in first.');
  return req.person;
}

export function may(person: Person, action: Action): boolean {
  switch (action.do) {
    case 'list-jars':
    case 'list-cases':
    case 'create-case':
    case 'take-in-case':
    case 'prepare':
    case 'house-rules':
    case 'read-handbook':
    case 'read-library':
    case 'write-library':
    case 'see-classes':
      return true;
    case 'teach':
      return person.role !== 'student';
    case 'keep':
      return person.role === 'keeper';
    case 'read-case':
      return action.of.owner === person.id || action.of.instructor === person.id;
    case 'append-event':
    case 'archive-case':
      return action.of.owner === person.id;
    // What was set in a class stays, for who set it.
    case 'drop-case':
      return action.of.owner === person.id && action.of.instructor === null;
    case 'examine-case':
      return action.of.instructor === person.id;
    case 'run-class':
      return person.role !== 'student' && action.instructor === person.id;
    case 'read-class':
      return action.instructor === person.id || action.member;
  }
}

const NOT_THERE: Partial<Record<Action['do'], string>> = {
  'run-class': 'There is no such class; go back to your classes.',
  'read-class': 'There is no such class; go back to your classes.',
};
const NOT_YOURS: Partial<Record<Action['do'], string>> = {
  teach: 'Only an instructor can do this.',
  keep: 'Only the administrator can do this.',
};

/** @throws HttpProblem as if the thing did not exist, so that guessing ids tells nothing. */
export function must(person: Person, action: Action): void {
  if (may(person, action)) return;
  const refused = NOT_YOURS[action.do];
  if (refused) throw new HttpProblem('forbidden', refused);
  throw new HttpProblem('not-found', NOT_THERE[action.do] ?? 'There is no such case; go back to your cases.');
}
