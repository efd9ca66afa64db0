/**
 * Limits on guessing. An attempt is counted before anything is compared, under a lock of its keys, so that sixty at once are as many as
 * sixty one after another; what succeeded, or could not be judged, is taken out again.
 */
import { createHash, randomBytes } from 'node:crypto';
import { type Db, type Queryable, transaction } from '../db/pool';
import { HttpProblem } from '../http/problem';

const MINUTES = 15;
/** Attempts within a quarter of an hour after which one has to wait. */
const MOST = { guesses: 8, address: 60 } as const;
const TOO_MANY = 'Too many attempts; wait a quarter of an hour, or ask your instructor for a new passphrase.';

export interface Attempt {
  readonly ids: readonly string[];
}

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');

/** @throws HttpProblem `too-many` when one of the keys has had its attempts; then nothing is counted. */
async function counted(db: Db, keys: Readonly<Record<string, number>>): Promise<Attempt> {
  return transaction(db, async (tx) => {
    const whom = Object.keys(keys).sort();
    for (const key of whom) await tx.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [key]);
    const { rows } = await tx.query<{ whom: string; count: number }>(
      `select whom, count(*)::int as count from attempt
       where whom = any($1) and at > now() - make_interval(mins => $2) group by whom`,
      [whom, MINUTES],
    );
    if (rows.some((r) => r.count >= keys[r.whom]!)) throw new HttpProblem('too-many', TOO_MANY);
    const made = await tx.query<{ id: string }>('insert into attempt (whom) select unnest($1::text[]) returning id', [whom]);
    await tx.query('delete from attempt where at < now() - make_interval(mins => $1)', [MINUTES]);
    return { ids: made.rows.map((r) => r.id) };
  });
}

/** It succeeded, or could not be judged. */
export async function forget(db: Queryable, { ids }: Attempt): Promise<void> {
  await db.query('delete from attempt where id = any($1::bigint[])', [ids]);
}

/**
 * Somebody wants to sign in. Of a browser from which this login was used before only its own guesses count; of any other those for this
 * login, wherever they come from, and those from its address.
 * @param device what the browser holds, if it holds anything.
 */
export async function toSignIn(db: Db, asked: { login: string; address: string; device: string | null }): Promise<Attempt> {
  const { login, address, device } = asked;
  const known =
    device !== null &&
    (
      await db.query('select 1 from known_device d join person p on p.id = d.person where d.token = $1 and p.login = $2', [
        sha256(device),
        login,
      ])
    ).rowCount === 1;
  return counted(
    db,
    known
      ? { [`device ${sha256(device)} ${login}`]: MOST.guesses }
      : { [`login ${login}`]: MOST.guesses, [`from ${address}`]: MOST.address },
  );
}

/** Somebody without a session types the code of a class for a login of their own. */
export const toJoin = (db: Db, { login, address }: { login: string; address: string }): Promise<Attempt> =>
  counted(db, { [`code ${login} ${address}`]: MOST.guesses, [`codes from ${address}`]: MOST.address });

/** Somebody tries the one-time address of a laboratory. */
export const toOpen = (db: Db, address: string): Promise<Attempt> => counted(db, { [`opening from ${address}`]: MOST.guesses });

/** Who is signed in types the code of a class, or the passphrase in force. */
export const byPerson = (db: Db, person: string, what: 'code' | 'passphrase'): Promise<Attempt> =>
  counted(db, { [`${what} ${person}`]: MOST.guesses });

/** A browser from which somebody signed in. @returns what it is to hold from now on. */
export async function rememberDevice(db: Queryable, person: string, device: string | null): Promise<string> {
  const token = device ?? randomBytes(32).toString('base64url');
  await db.query(
    'insert into known_device (token, person) values ($1, $2) on conflict (token, person) do update set used_at = now()',
    [sha256(token), person],
  );
  return token;
}
