/** The one place that knows who asks and what they may do. */
import type { Request, RequestHandler } from 'express';
import { LRUCache } from 'lru-cache';
import type { Person } from '#contract';
import type { Db } from '../db/pool';
import { HttpProblem } from '../http/problem';

/** What may be asked for. Classes and sealed samples will add to this list. */
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
        | 'write-library';
    }
  | { readonly do: 'read-case' | 'append-event' | 'archive-case' | 'drop-case'; readonly owner: string };

declare module 'express-serve-static-core' {
  interface Request {
    person?: Person;
  }
}

const KNOWN_MS = 10000;

/** Every request comes from someone: for now the one local person. */
export function identify(db: Db): RequestHandler {
  const known = new LRUCache<string, Person>({ max: 100, ttl: KNOWN_MS });
  return async (req, _res, next) => {
    let person = known.get('local');
    if (!person) {
      const { rows } = await db.query<Person>('select id, name from person where local limit 1');
      if (!rows[0]) throw new HttpProblem('forbidden', 'No local person is set up: run ./foxing demo once.');
      known.set('local', (person = rows[0]));
    }
    req.person = person;
    next();
  };
}

export function actor(req: Request): Person {
  if (!req.person) throw new HttpProblem('forbidden', 'Sign in first.');
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
      return true;
    case 'read-case':
    case 'append-event':
    case 'archive-case':
    case 'drop-case':
      return action.owner === person.id;
  }
}

/** @throws HttpProblem as if the thing did not exist, so that guessing ids tells nothing. */
export function must(person: Person, action: Action): void {
  if (!may(person, action)) throw new HttpProblem('not-found', 'There is no such case; go back to your cases.');
}
