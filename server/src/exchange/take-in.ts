/** A case from a file: checked from the outside in, then written down as it was, chain and all. */
import type { CaseState } from '#core/record/case';
import type { Snapshot } from '#core/record/working';
import type { Person } from '#contract';
import { findHead } from '../cases/store';
import { insertWhole } from '../cases/whole';
import { type Db, transaction } from '../db/pool';
import { HttpProblem } from '../http/problem';
import { hashOf, keptElsewhere } from '../photos/pixels';
import { keepPhoto } from '../photos/store';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import type { ThoughtTasks } from '../workers/thought';
import { unpack } from './archive';

export const CASE_FILE = 'case.json';
export const photoPath = (hash: string): string => `photos/${hash}.jpg`;

/** A case is replayed on a blank bench for its arithmetic. */
const REPLAY_SECONDS = 30;
const READING_SECONDS = 30;
const TOO_LONG = 'This case takes too long to read; nothing was kept of it.';
const isZip = (bytes: Buffer) => bytes.subarray(0, 2).toString('latin1') === 'PK';

const refused = (why: string) => new HttpProblem('bad-input', `The case cannot be imported: ${why}.`);

async function benchFor(crew: Crew<BenchTasks>, { subject, operations }: CaseState): Promise<Snapshot> {
  if (subject.kind === 'simulated') return { rest: '{}', vessels: {} };
  const ops = operations.filter((o) => o.result).map((o) => o.op);
  return crew.run('replayReal', { grams: subject.amount, matter: subject.matter, ops }, { seconds: REPLAY_SECONDS });
}

/** Photos of an archive that the record speaks of; each is checked to be what its hash says. */
async function photosIn(files: ReadonlyMap<string, Buffer>, state: CaseState) {
  const kept = [];
  for (const { photo, width, height } of state.photos) {
    const pixels = files.get(photoPath(photo));
    if (!pixels) continue;
    if (hashOf(pixels) !== photo) throw refused(`photo ${photo.slice(0, 12)} is not what its hash says`);
    const found = await keptElsewhere(pixels);
    if (!found) throw refused(`photo ${photo.slice(0, 12)} cannot be read, or holds more than pixels`);
    kept.push({ hash: photo, width, height, ...found });
  }
  return kept;
}

/**
 * @param bytes a case in JSON, or an archive with one in it.
 * @returns the id of the case.
 * @throws HttpProblem saying what is wrong with the file; nothing is kept of it then.
 */
export async function takeIn(
  db: Db,
  { bench: crew, thought }: { readonly bench: Crew<BenchTasks>; readonly thought: Crew<ThoughtTasks> },
  person: Person,
  bytes: Buffer,
): Promise<string> {
  const files = isZip(bytes) ? await unpack(bytes) : new Map([[CASE_FILE, bytes]]);
  const json = files.get(CASE_FILE);
  if (!json) throw refused(`there is no ${CASE_FILE} in the archive`);
  const { id, sealed, state, links, words } = await thought.run('readCase', json, {
    seconds: READING_SECONDS,
    tooLong: TOO_LONG,
  });
  if (await findHead(db, id))
    throw new HttpProblem('bad-input', 'This case is here already; open it from the list, or look among the archived ones.');
  const photos = await photosIn(files, state);
  const bench = await benchFor(crew, state);
  const first = links[0]!.body;
  const takenIn = { at: new Date().toISOString(), author: first.who.name, sealed };
  await transaction(db, async (tx) => {
    const whole = { id, owner: person.id, sample: null, salt: null, links, words, state, bench, takenIn };
    await insertWhole(tx, { ...whole, createdAt: new Date(first.at) });
    for (const photo of photos) await keepPhoto(tx, id, photo);
  });
  return id;
}
