/** Photos in the database, by case and hash. */
import type { Queryable } from '../db/pool';

export interface Pixels {
  /** SHA-256 of the picture. */
  readonly hash: string;
  readonly width: number;
  readonly height: number;
  /** JPEG. */
  readonly pixels: Buffer;
  readonly thumbnail: Buffer;
}

export async function hasPhoto(db: Queryable, caseId: string, hash: string): Promise<boolean> {
  return (await db.query('select 1 from photo where case_id = $1 and hash = $2', [caseId, hash])).rowCount === 1;
}

/** The same photo twice is kept once. */
export async function keepPhoto(db: Queryable, caseId: string, photo: Pixels): Promise<void> {
  await db.query(
    `insert into photo (case_id, hash, width, height, pixels, thumbnail) values ($1, $2, $3, $4, $5, $6)
     on conflict do nothing`,
    [caseId, photo.hash, photo.width, photo.height, photo.pixels, photo.thumbnail],
  );
}

export async function countPhotos(db: Queryable, caseId: string): Promise<number> {
  const { rows } = await db.query<{ n: number }>('select count(*)::int as n from photo where case_id = $1', [caseId]);
  return rows[0]!.n;
}

export async function photo(db: Queryable, caseId: string, hash: string, size: 'whole' | 'thumbnail'): Promise<Buffer | null> {
  const column = size === 'whole' ? 'pixels' : 'thumbnail';
  const { rows } = await db.query<{ bytes: Buffer }>(`select ${column} as bytes from photo where case_id = $1 and hash = $2`, [
    caseId,
    hash,
  ]);
  return rows[0]?.bytes ?? null;
}
