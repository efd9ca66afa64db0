/** Classes and the work that is set in them, in the database. */
import { randomInt, randomUUID } from 'node:crypto';
import type { CaseDigest } from '#core/record/view';
import type { SampleSpec } from '#core/bench/sample';
import type { PartScheme, Person, Terms } from '#contract';
import type { Queryable } from '../db/pool';

export interface ClassRow {
  readonly id: string;
  readonly name: string;
  readonly instructor: string;
  readonly instructor_name: string;
  readonly code: string | null;
  readonly gone: boolean;
  readonly members: number;
}

const CLASS = `select c.id, c.name, c.instructor, p.name as instructor_name, c.code, c.gone,
    (select count(*)::int from class_member m where m.class_id = c.id) as members
  from class c join person p on p.id = c.instructor`;

/** Classes that a person runs, also those put away; and those they are in. */
export async function classesOf(db: Queryable, person: string): Promise<ClassRow[]> {
  const sql = `${CLASS} where c.instructor = $1
    or (not c.gone and exists (select from class_member m where m.class_id = c.id and m.person = $1)) order by c.created_at`;
  return (await db.query<ClassRow>(sql, [person])).rows;
}

export async function findClass(db: Queryable, id: string): Promise<ClassRow | null> {
  return (await db.query<ClassRow>(`${CLASS} where c.id = $1`, [id])).rows[0] ?? null;
}

export async function isMember(db: Queryable, id: string, person: string): Promise<boolean> {
  const sql = 'select 1 from class_member where class_id = $1 and person = $2';
  return ((await db.query(sql, [id, person])).rowCount ?? 0) > 0;
}

/** Letters and digits that are not taken for one another. */
const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const CODE_LENGTH = 8;
const newCode = () => Array.from({ length: CODE_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');

export async function insertClass(db: Queryable, name: string, instructor: string): Promise<string> {
  const id = randomUUID();
  await db.query('insert into class (id, name, instructor, code) values ($1, $2, $3, $4)', [id, name, instructor, newCode()]);
  return id;
}

export interface ClassChange {
  readonly name?: string | undefined;
  readonly gone?: boolean | undefined;
  readonly code?: 'new' | 'none' | undefined;
}

export async function changeClass(db: Queryable, id: string, { name, gone, code }: ClassChange): Promise<void> {
  await db.query('update class set name = coalesce($2, name), gone = coalesce($3, gone) where id = $1', [
    id,
    name ?? null,
    gone ?? null,
  ]);
  if (code) await db.query('update class set code = $2 where id = $1', [id, code === 'new' ? newCode() : null]);
}

/** The class that takes people in by this code. */
export async function classOfCode(db: Queryable, code: string): Promise<string | null> {
  const { rows } = await db.query<{ id: string }>('select id from class where code = $1 and not gone', [code]);
  return rows[0]?.id ?? null;
}

/** @returns false when the person is in it already. */
export async function addMember(db: Queryable, id: string, person: string): Promise<boolean> {
  const sql = 'insert into class_member (class_id, person) values ($1, $2) on conflict do nothing';
  return ((await db.query(sql, [id, person])).rowCount ?? 0) > 0;
}

export async function membersOf(db: Queryable, id: string): Promise<Person[]> {
  const sql = `select p.id, p.name, p.role from class_member m join person p on p.id = m.person
    where m.class_id = $1 order by m.joined_at, p.name`;
  return (await db.query<Person>(sql, [id])).rows;
}

export interface SetRow {
  readonly id: string;
  readonly class_id: string;
  readonly title: string;
  readonly terms: Terms;
  readonly closes_at: Date | null;
  readonly created_at: Date;
  readonly gone: boolean;
  /** What the parts of a paper are worth; for its instructor alone. */
  readonly scheme: readonly PartScheme[] | null;
  readonly instructor: string;
}

const SET = `select s.id, s.class_id, s.title, s.terms, s.closes_at, s.created_at, s.gone, s.scheme, c.instructor
  from work_set s join class c on c.id = s.class_id`;

export async function findSet(db: Queryable, id: string): Promise<SetRow | null> {
  return (await db.query<SetRow>({ name: 'work-set', text: `${SET} where s.id = $1`, values: [id] })).rows[0] ?? null;
}

export async function setsOf(db: Queryable, classId: string): Promise<SetRow[]> {
  return (await db.query<SetRow>(`${SET} where s.class_id = $1 order by s.created_at desc`, [classId])).rows;
}

/** Cases of sets by their status. @param owner of whom; of everybody by default. */
export async function standings(
  db: Queryable,
  sets: readonly string[],
  owner: string | null,
): Promise<Map<string, Record<string, number>>> {
  const sql = `select work_set as set, digest->>'status' as status, count(*)::int as count from "case"
    where work_set = any($1::uuid[]) and ($2::uuid is null or owner = $2) group by 1, 2`;
  const { rows } = await db.query<{ set: string; status: string; count: number }>(sql, [sets, owner]);
  const out = new Map<string, Record<string, number>>();
  for (const r of rows) out.set(r.set, { ...out.get(r.set), [r.status]: r.count });
  return out;
}

export interface NewSetRow {
  readonly id: string;
  readonly classId: string;
  readonly title: string;
  readonly terms: Terms;
  readonly closesAt: Date | null;
  readonly scheme: readonly PartScheme[] | null;
}

export async function insertSet(db: Queryable, { id, classId, title, terms, closesAt, scheme }: NewSetRow): Promise<void> {
  await db.query('insert into work_set (id, class_id, title, terms, closes_at, scheme) values ($1, $2, $3, $4, $5, $6)', [
    id,
    classId,
    title,
    JSON.stringify(terms),
    closesAt,
    scheme && JSON.stringify(scheme),
  ]);
}

export async function changeScheme(db: Queryable, id: string, scheme: readonly PartScheme[]): Promise<void> {
  await db.query('update work_set set scheme = $2 where id = $1', [id, JSON.stringify(scheme)]);
}

export async function closeAt(db: Queryable, id: string, closesAt: Date | null): Promise<void> {
  await db.query('update work_set set closes_at = $2 where id = $1', [id, closesAt]);
}

export async function putSetAway(db: Queryable, id: string, gone: boolean): Promise<void> {
  await db.query('update work_set set gone = $2 where id = $1', [id, gone]);
}

export interface SetCase {
  readonly id: string;
  readonly owner: string;
  readonly student: string;
  readonly sample: SampleSpec;
  readonly seq: number;
  readonly digest: CaseDigest;
  readonly created_at: Date;
  readonly work_set: string;
  readonly from_jar: boolean;
}

/** @param after a time (ISO): those of which nothing has changed since are left out. */
export async function casesIn(db: Queryable, set: string, after = ''): Promise<SetCase[]> {
  const text = `select c.id, c.owner, p.name as student, c.sample, c.seq, c.digest, c.created_at, c.work_set, c.from_jar
    from "case" c join person p on p.id = c.owner where c.work_set = $1 and c.digest->>'updatedAt' > $2
    order by c.created_at, p.name`;
  return (await db.query<SetCase>({ name: 'cases-in', text, values: [set, after] })).rows;
}
