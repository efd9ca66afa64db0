/** The laboratory's name, its one-time address, what was done with privileges, and its backups. */
import { createHash, randomBytes } from 'node:crypto';
import type { Person } from '#contract';
import type { Queryable } from '../db/pool';

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');

export async function laboratoryName(db: Queryable): Promise<string | null> {
  return (await db.query<{ name: string }>('select name from laboratory')).rows[0]?.name ?? null;
}

export async function nameLaboratory(db: Queryable, name: string): Promise<void> {
  await db.query('insert into laboratory (name) values ($1) on conflict (one) do update set name = excluded.name', [name]);
}

/** Is there somebody who signs in and keeps the machine? */
export async function hasKeeper(db: Queryable): Promise<boolean> {
  const sql = "select 1 from person where role = 'keeper' and passphrase is not null";
  return ((await db.query(sql)).rowCount ?? 0) > 0;
}

/** A fresh one-time address takes the place of any other. @returns its token. */
export async function makeOpening(db: Queryable): Promise<string> {
  const token = randomBytes(24).toString('base64url');
  await db.query('delete from opening');
  await db.query('insert into opening (token) values ($1)', [sha256(token)]);
  return token;
}

/** @returns false for a token that opens nothing, or has opened before. */
export async function takeOpening(db: Queryable, token: string): Promise<boolean> {
  return ((await db.query('delete from opening where token = $1', [sha256(token)])).rowCount ?? 0) > 0;
}

/** Acts that are written down for whoever keeps the machine. */
export const ACTS = {
  opened: 'opened the laboratory',
  'accounts-on': 'turned accounts on',
  'person-added': 'added a person',
  'passphrase-given': 'gave a new passphrase to',
  'class-made': 'made a class',
  'class-changed': 'changed a class',
  'work-set': 'assigned work',
  'work-changed': 'changed an assignment',
  reviewed: 'reviewed a report',
} as const;
export type Act = keyof typeof ACTS;

/** @param about whom or what, in words: never what is in a sample. */
export async function writeAudit(db: Queryable, { id, name }: Person, act: Act, about: string): Promise<void> {
  await db.query('insert into audit (who, name, act, about) values ($1, $2, $3, $4)', [id, name, act, about]);
}

const MOST_LINES = 200;

export interface AuditLine {
  readonly at: Date;
  readonly name: string;
  readonly act: Act;
  readonly about: string;
}

/** The last first. */
export async function auditLines(db: Queryable): Promise<AuditLine[]> {
  return (await db.query<AuditLine>('select at, name, act, about from audit order by id desc limit $1', [MOST_LINES])).rows;
}

export interface BackupRow {
  readonly id: string;
  readonly at: Date;
  readonly file: string;
  readonly bytes: string | null;
  readonly tried_at: Date | null;
  readonly problem: string | null;
}

const MOST_BACKUPS = 20;

/** The last first. */
export async function backupsTried(db: Queryable): Promise<BackupRow[]> {
  const sql = 'select id, at, file, bytes, tried_at, problem from backup order by id desc limit $1';
  return (await db.query<BackupRow>(sql, [MOST_BACKUPS])).rows;
}

export async function noteBackup(
  db: Queryable,
  { file, bytes, tried, problem }: { file: string; bytes: number | null; tried: boolean; problem: string | null },
): Promise<void> {
  const sql = 'insert into backup (file, bytes, tried_at, problem) values ($1, $2, case when $3 then now() end, $4)';
  await db.query(sql, [file, bytes, tried, problem]);
}

/** When the last backup succeeded, s since 1970; null where there was none. */
export async function lastBackup(db: Queryable): Promise<number | null> {
  const sql = 'select extract(epoch from max(at))::float8 as at from backup where problem is null';
  return (await db.query<{ at: number | null }>(sql)).rows[0]!.at;
}

export async function failedBackups(db: Queryable): Promise<number> {
  return (await db.query<{ n: number }>('select count(*)::int as n from backup where problem is not null')).rows[0]!.n;
}
