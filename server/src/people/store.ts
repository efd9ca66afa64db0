/** People, their sessions, and attempts to guess. */
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Person, Role } from '#contract';
import type { Queryable } from '../db/pool';
import { HttpProblem } from '../http/problem';

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');

/** Days after which a session that was not used ends, and after which any does. */
const IDLE_DAYS = 14;
const MOST_DAYS = 90;

export async function accountsOn(db: Queryable): Promise<boolean> {
  return ((await db.query('select 1 from accounts')).rowCount ?? 0) > 0;
}

export async function turnOn(db: Queryable): Promise<void> {
  await db.query('insert into accounts default values on conflict do nothing');
}

export async function localPerson(db: Queryable): Promise<Person | null> {
  return (await db.query<Person>('select id, name, role from person where local limit 1')).rows[0] ?? null;
}

/**
 * Makes the person of this machine, its keeper, where there is nobody yet, so that an empty database can be begun with.
 * @returns false when somebody is there.
 */
export async function beginWithKeeper(db: Queryable, name: string): Promise<boolean> {
  const sql = `insert into person (id, name, role, local) select $1, $2, 'keeper', true where not exists (select 1 from person)`;
  return ((await db.query(sql, [randomUUID(), name])).rowCount ?? 0) > 0;
}

export async function madeUpPeople(db: Queryable): Promise<Person[]> {
  return (await db.query<Person>('select id, name, role from person where made_up order by role, name')).rows;
}

/** What the database knows a session by. */
export const sessionKey = (token: string): string => sha256(token);

/** A fresh session. @returns the token that the browser is to hold. */
export async function openSession(db: Queryable, person: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await db.query('insert into session (token, person) values ($1, $2)', [sha256(token), person]);
  return token;
}

export async function personOf(db: Queryable, token: string): Promise<Person | null> {
  const sql = `select p.id, p.name, p.role, s.used_at < now() - interval '1 hour' as rested from session s join person p on p.id = s.person
    where s.token = $1
      and s.used_at > now() - interval '${IDLE_DAYS} days' and s.created_at > now() - interval '${MOST_DAYS} days'`;
  const { rows } = await db.query<Person & { rested: boolean }>({ name: 'session', text: sql, values: [sha256(token)] });
  if (!rows[0]) return null;
  const { rested, ...person } = rows[0];
  if (rested) await db.query('update session set used_at = now() where token = $1', [sha256(token)]);
  return person;
}

export async function closeSession(db: Queryable, token: string): Promise<void> {
  await db.query('delete from session where token = $1', [sha256(token)]);
}

/** Ends what is open of everybody. */
export async function closeEverySession(db: Queryable): Promise<void> {
  await db.query('delete from session');
}

export async function closeAllSessions(db: Queryable, person: string): Promise<void> {
  await db.query('delete from session where person = $1', [person]);
}

export interface Login extends Person {
  readonly passphrase: string | null;
}

export async function findLogin(db: Queryable, login: string): Promise<Login | null> {
  return (await db.query<Login>('select id, name, role, passphrase from person where login = $1', [login])).rows[0] ?? null;
}

export interface NewPerson {
  readonly name: string;
  readonly role: Role;
  readonly login: string;
  /** Hashed. */
  readonly passphrase: string;
}

export async function insertPerson(db: Queryable, { name, role, login, passphrase }: NewPerson): Promise<Person> {
  const id = randomUUID();
  await db.query('insert into person (id, name, role, login, passphrase) values ($1, $2, $3, $4, $5)', [
    id,
    name,
    role,
    login,
    passphrase,
  ]);
  return { id, name, role };
}

/** Who keeps a machine that is opened: its local person where there is one, else somebody new. @param passphrase hashed. */
export async function insertKeeper(db: Queryable, { name, login, passphrase }: Omit<NewPerson, 'role'>): Promise<Person> {
  const local = await localPerson(db);
  if (!local) return insertPerson(db, { name, role: 'keeper', login, passphrase });
  await db.query("update person set name = $2, role = 'keeper' where id = $1", [local.id, name]);
  await setAccount(db, local.id, login, passphrase);
  return { id: local.id, name, role: 'keeper' };
}

const UNIQUE_VIOLATION = '23505';

/** @throws HttpProblem where somebody has the login already. */
export async function orTaken<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if ((error as { code?: string }).code === UNIQUE_VIOLATION)
      throw new HttpProblem('bad-input', 'login: somebody has this login already; choose another');
    throw error;
  }
}

export async function setAccount(db: Queryable, person: string, login: string, passphrase: string): Promise<void> {
  await db.query('update person set login = $2, passphrase = $3 where id = $1', [person, login, passphrase]);
}

/** @param by who gave it to them; null when they chose it themselves. */
export async function setPassphrase(db: Queryable, person: string, passphrase: string, by: string | null): Promise<void> {
  const sql = `update person set passphrase = $2, passphrase_by = $3, passphrase_at = case when $3::uuid is null then null else now() end
    where id = $1`;
  await db.query(sql, [person, passphrase, by]);
}

/** Who gave somebody the passphrase that is in force, and when; null where they chose it themselves. */
export async function resetOf(db: Queryable, person: string): Promise<{ by: string; at: string } | null> {
  const sql = `select b.name as by, p.passphrase_at as at from person p join person b on b.id = p.passphrase_by where p.id = $1`;
  const { rows } = await db.query<{ by: string; at: Date }>(sql, [person]);
  return rows[0] ? { by: rows[0].by, at: rows[0].at.toISOString() } : null;
}

export async function hasPassphrase(db: Queryable, person: string): Promise<boolean> {
  return !!(await findPerson(db, person))?.passphrase;
}

export async function findPerson(db: Queryable, id: string): Promise<Login | null> {
  return (await db.query<Login>('select id, name, role, passphrase from person where id = $1', [id])).rows[0] ?? null;
}

/** Is somebody in classes of this instructor and in no one else's? */
export async function isOnlyTaughtBy(db: Queryable, person: string, instructor: string): Promise<boolean> {
  const sql = `select bool_and(c.instructor = $2) as only from class_member m join class c on c.id = m.class_id where m.person = $1`;
  return (await db.query<{ only: boolean | null }>(sql, [person, instructor])).rows[0]?.only === true;
}

/** Everybody who signs in, for who keeps the machine. */
export async function peopleWithLogins(db: Queryable): Promise<(Person & { login: string })[]> {
  const sql = 'select id, name, role, login from person where login is not null order by role, name';
  return (await db.query<Person & { login: string }>(sql)).rows;
}
