/** A person's own compounds in the database. */
import type { Listed } from '#core/exchange/lists';
import type { Db } from '../db/pool';

interface Row {
  readonly name: string;
  readonly smiles: string;
  readonly melts: number | null;
  readonly boils: number | null;
}

export async function ownCompounds(db: Db, person: string): Promise<Listed[]> {
  const { rows } = await db.query<Row>('select name, smiles, melts, boils from own_compound where person = $1 order by name', [
    person,
  ]);
  return rows.map(({ name, smiles, melts, boils }) => ({
    name,
    smiles,
    ...(melts !== null && { melts }),
    ...(boils !== null && { boils }),
  }));
}

export async function keepCompounds(db: Db, person: string, list: readonly Listed[]): Promise<void> {
  const column = <K extends keyof Listed>(key: K) => list.map((c) => c[key] ?? null);
  await db.query(
    `insert into own_compound (person, smiles, name, melts, boils)
     select $1, smiles, max(name), max(melts), max(boils)
     from unnest($2::text[], $3::text[], $4::float8[], $5::float8[]) as t (smiles, name, melts, boils) group by smiles
     on conflict (person, smiles) do update set name = excluded.name, melts = excluded.melts, boils = excluded.boils`,
    [person, column('smiles'), column('name'), column('melts'), column('boils')],
  );
}

export async function dropCompounds(db: Db, person: string): Promise<void> {
  await db.query('delete from own_compound where person = $1', [person]);
}
