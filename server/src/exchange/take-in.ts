/** A case from a file: checked from the outside in, then written down as it was, chain and all. */
import { type CaseFile, CaseFileError, readCaseFile, stateOf } from '#core/exchange/case-file';
import type { CaseState } from '#core/record/case';
import type { Snapshot } from '#core/record/working';
import type { Person } from '#contract';
import { brokenAt, canonical, type EventBody, type LinkedEvent } from '../cases/chain';
import { findHead } from '../cases/store';
import { insertWhole } from '../cases/whole';
import { type Db, transaction } from '../db/pool';
import { keepable } from '../http/guards';
import { HttpProblem } from '../http/problem';
import { hashOf, keptElsewhere } from '../photos/pixels';
import { keepPhoto } from '../photos/store';
import type { BenchTasks } from '../workers/bench';
import type { Crew } from '../workers/crew';
import { unpack } from './archive';

export const CASE_FILE = 'case.json';
export const photoPath = (hash: string): string => `photos/${hash}.jpg`;

/** A case is replayed on a blank bench for its arithmetic. */
const REPLAY_SECONDS = 30;
const isZip = (bytes: Buffer) => bytes.subarray(0, 2).toString('latin1') === 'PK';

const refused = (why: string) => new HttpProblem('bad-input', `The case cannot be taken in: ${why}.`);

function parsed(bytes: Buffer): unknown {
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw refused('the file is neither a case in JSON nor an .eln archive');
  }
  if (!keepable(value)) throw refused('it holds characters or keys that cannot be kept, or is nested too deep');
  return value;
}

/** The chain as it was written. @throws HttpProblem where it is broken. */
function linksOf(raw: unknown, file: CaseFile): LinkedEvent[] {
  const events = (raw as { events: { body: EventBody; hash: string }[] }).events;
  let before = { seq: 0, hash: '' };
  return events.map(({ body, hash }, i) => {
    const text = canonical(body);
    if (canonical(file.events[i]!.body) !== text) throw refused(`event ${i + 1} holds fields that are not known here`);
    const row = { case_id: file.case, seq: body.seq, id: body.id, body: text, hash };
    const broken = brokenAt(row, before, file.sealed);
    if (broken) throw refused(broken);
    before = { seq: body.seq, hash };
    return { body, text, hash };
  });
}

function readFile(bytes: Buffer): { file: CaseFile; state: CaseState; links: LinkedEvent[] } {
  const raw = parsed(bytes);
  try {
    const file = readCaseFile(raw);
    const links = linksOf(raw, file);
    const state = stateOf(file);
    if (file.sealed !== (state.subject.kind === 'simulated' && state.status !== 'opened-up'))
      throw refused('it says "sealed" of a case that is not, or the other way round');
    return { file, state, links };
  } catch (error) {
    if (error instanceof CaseFileError) throw refused(error.message);
    throw error;
  }
}

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
export async function takeIn(db: Db, crew: Crew<BenchTasks>, person: Person, bytes: Buffer): Promise<string> {
  const files = isZip(bytes) ? await unpack(bytes) : new Map([[CASE_FILE, bytes]]);
  const json = files.get(CASE_FILE);
  if (!json) throw refused(`there is no ${CASE_FILE} in the archive`);
  const { file, state, links } = readFile(json);
  if (await findHead(db, file.case))
    throw new HttpProblem('bad-input', 'This case is here already; open it from the list, or look among the archived ones.');
  const photos = await photosIn(files, state);
  const bench = await benchFor(crew, state);
  const first = links[0]!.body;
  const takenIn = { at: new Date().toISOString(), author: first.who.name, sealed: file.sealed };
  await transaction(db, async (tx) => {
    const whole = { id: file.case, owner: person.id, sample: null, salt: null, links, state, bench, takenIn };
    await insertWhole(tx, { ...whole, createdAt: new Date(first.at) });
    for (const photo of photos) await keepPhoto(tx, file.case, photo);
  });
  return file.case;
}
