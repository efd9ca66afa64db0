/** A case to be taken elsewhere, in each of the open formats. */
import { type FiledEvent, fileOf } from '#core/exchange/case-file';
import { reportOn } from '#core/report/report';
import { csvOf, markdownOf } from '#core/report/text';
import type { CaseDocument } from '../cases/documents';
import { eventsAfter } from '../cases/store';
import type { Db } from '../db/pool';
import { photo } from '../photos/store';
import { type ArchivedFile, canonicalJson, pack } from './archive';
import { CASE_FILE, photoPath } from './take-in';

export const FORMATS = ['json', 'eln', 'csv', 'md'] as const;
export type Format = (typeof FORMATS)[number];

const TYPES: Readonly<Record<Format, string>> = {
  json: 'application/json',
  eln: 'application/vnd.eln+zip',
  csv: 'text/csv; charset=utf-8',
  md: 'text/markdown; charset=utf-8',
};

/** A name that any file system takes. */
export const fileName = (name: string): string =>
  name
    .normalize('NFKD')
    .replaceAll(/[^\w -]+/g, '')
    .trim()
    .replaceAll(/\s+/g, '-')
    .slice(0, 60) || 'case';

/** What happened after an event, as it stands in the file of the case. */
export const eventsSince = async (db: Db, { id, state }: CaseDocument, after: number): Promise<readonly FiledEvent[]> =>
  fileOf(id, state, await eventsAfter(db, id, after)).events;

/** The case in its canonical JSON. */
export async function jsonOf(db: Db, { id, state }: CaseDocument): Promise<Buffer> {
  return canonicalJson(fileOf(id, state, await eventsAfter(db, id, 0)));
}

async function archiveOf(db: Db, document: CaseDocument): Promise<Buffer> {
  const { id, state, createdAt } = document;
  const report = reportOn(state, createdAt.toISOString());
  const files: ArchivedFile[] = [
    {
      path: CASE_FILE,
      name: 'The case with its chain of events',
      encodingFormat: 'application/json',
      bytes: await jsonOf(db, document),
    },
    { path: 'entries.csv', name: 'Entries', encodingFormat: 'text/csv', bytes: Buffer.from(csvOf(report)) },
    { path: 'report.md', name: 'Report', encodingFormat: 'text/markdown', bytes: Buffer.from(markdownOf(report)) },
  ];
  for (const p of state.photos) {
    const bytes = await photo(db, id, p.photo, 'whole');
    const name = p.caption ?? (p.entry === null ? 'Photo' : `Photo of entry ${p.entry}`);
    if (bytes) files.push({ path: photoPath(p.photo), name, encodingFormat: 'image/jpeg', bytes });
  }
  const events = await eventsAfter(db, id, 0);
  const authors = new Map(events.map(({ body }) => [body.who.id, body.who]));
  const crate = {
    name: `Foxing: ${report.name}`,
    description: `Qualitative analysis of a ${report.what}: ${report.look}.`,
    authors: [...authors.values()],
    created: createdAt.toISOString(),
    modified: state.at,
  };
  return pack(`foxing-${fileName(report.name)}`, crate, files);
}

export async function give(
  db: Db,
  document: CaseDocument,
  format: Format,
): Promise<{ type: string; name: string; bytes: Buffer }> {
  const { state, createdAt } = document;
  const report = () => reportOn(state, createdAt.toISOString());
  const bytes = {
    json: () => jsonOf(db, document),
    eln: () => archiveOf(db, document),
    csv: () => Promise.resolve(Buffer.from(csvOf(report()))),
    md: () => Promise.resolve(Buffer.from(markdownOf(report()))),
  };
  return { type: TYPES[format], name: `${fileName(state.subject.name)}.${format}`, bytes: await bytes[format]() };
}
