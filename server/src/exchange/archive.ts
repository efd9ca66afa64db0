/** An archive for electronic laboratory notebooks: a ZIP with one root folder and its RO-Crate metadata. */
import { buffer } from 'node:stream/consumers';
import yauzl from 'yauzl';
import { ZipFile } from 'yazl';
import { type Crate, crateMetadata, DATASET, METADATA_FILE } from '#core/exchange/crate';
import { canonical } from '../cases/chain';
import { HttpProblem } from '../http/problem';
import { hashOf } from '../photos/pixels';

export interface ArchivedFile {
  /** Within the folder of the case. */
  readonly path: string;
  readonly name: string;
  readonly encodingFormat: string;
  readonly bytes: Buffer;
}

/** Packs files under one root folder. */
export async function pack(root: string, crate: Omit<Crate, 'files'>, files: readonly ArchivedFile[]): Promise<Buffer> {
  const zip = new ZipFile();
  const mtime = new Date(crate.modified);
  const described = files.map(({ path, name, encodingFormat, bytes }) => ({
    path,
    name,
    encodingFormat,
    bytes: bytes.length,
    sha256: hashOf(bytes),
  }));
  const metadata = Buffer.from(`${JSON.stringify(crateMetadata({ ...crate, files: described }), null, 2)}\n`);
  zip.addBuffer(metadata, `${root}/${METADATA_FILE}`, { mtime });
  for (const { path, bytes } of files)
    zip.addBuffer(bytes, `${root}/${DATASET}/${path}`, { mtime, compress: !path.endsWith('.jpg') });
  zip.end();
  return buffer(zip.outputStream as unknown as NodeJS.ReadableStream);
}

const MOST_FILES = 400;
/** All files of one archive unpacked, bytes; and one of them. */
const MOST_UNPACKED = 120 * 1024 * 1024;
const MOST_ONE = 40 * 1024 * 1024;

const refused = (why: string) => new HttpProblem('bad-input', `The archive cannot be imported: ${why}.`);

const opened = (bytes: Buffer): Promise<yauzl.ZipFile> =>
  new Promise((resolve, reject) =>
    yauzl.fromBuffer(bytes, { lazyEntries: true, strictFileNames: true, validateEntrySizes: true }, (error, zip) =>
      error ? reject(error) : resolve(zip),
    ),
  );

const content = (zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    zip.openReadStream(entry, (error, stream) => (error ? reject(error) : buffer(stream).then(resolve, reject))),
  );

async function entriesOf(bytes: Buffer): Promise<Map<string, Buffer>> {
  const zip = await opened(bytes);
  const out = new Map<string, Buffer>();
  let unpacked = 0;
  await new Promise<void>((resolve, reject) => {
    const take = async (entry: yauzl.Entry) => {
      if (entry.fileName.endsWith('/')) return;
      if (out.has(entry.fileName)) throw refused(`"${entry.fileName}" is in it twice`);
      if (out.size >= MOST_FILES) throw refused(`it has more than ${MOST_FILES} files`);
      unpacked += entry.uncompressedSize;
      if (entry.uncompressedSize > MOST_ONE || unpacked > MOST_UNPACKED) throw refused('unpacked it would be too large');
      if (entry.isEncrypted()) throw refused('it is encrypted');
      out.set(entry.fileName, await content(zip, entry));
    };
    zip.on('entry', (entry: yauzl.Entry) => take(entry).then(() => zip.readEntry(), reject));
    zip.on('end', resolve);
    zip.on('error', reject);
    zip.readEntry();
  });
  return out;
}

/** What stands in `hasPart` of the root, by path within the root folder, with the hash that is said of it. */
function partsIn(metadata: Buffer): Map<string, string | undefined> {
  const { '@graph': graph } = JSON.parse(metadata.toString('utf8')) as { '@graph'?: unknown };
  if (!Array.isArray(graph)) throw refused('its metadata has no "@graph"');
  const files = (graph as { '@id'?: unknown; '@type'?: unknown; sha256?: unknown }[]).filter((e) => e?.['@type'] === 'File');
  return new Map(files.map((f) => [String(f['@id']).replace(/^\.\//, ''), typeof f.sha256 === 'string' ? f.sha256 : undefined]));
}

/**
 * The files of the case in an archive, by their paths within its folder, each as the metadata describes it.
 * @throws HttpProblem in words for anything else.
 */
export async function unpack(bytes: Buffer): Promise<Map<string, Buffer>> {
  let entries: Map<string, Buffer>;
  try {
    entries = await entriesOf(bytes);
  } catch (error) {
    if (error instanceof HttpProblem) throw error;
    throw refused(`it is no sound ZIP file (${(error as Error).message.slice(0, 120)})`);
  }
  const roots = new Set([...entries.keys()].map((path) => path.split('/')[0]!));
  const [root] = roots;
  const metadata = entries.get(`${root}/${METADATA_FILE}`);
  if (roots.size !== 1 || !metadata) throw refused(`it must hold one folder with ${METADATA_FILE} in it`);
  let parts: Map<string, string | undefined>;
  try {
    parts = partsIn(metadata);
  } catch (error) {
    if (error instanceof HttpProblem) throw error;
    throw refused(`${METADATA_FILE} is no JSON`);
  }
  const files = new Map<string, Buffer>();
  for (const [path, sha256] of parts) {
    const file = entries.get(`${root}/${path}`);
    if (!file) throw refused(`"${path.slice(0, 80)}" is described but not in it`);
    if (sha256 !== undefined && hashOf(file) !== sha256) throw refused(`"${path.slice(0, 80)}" is not what its hash says`);
    if (path.startsWith(`${DATASET}/`)) files.set(path.slice(DATASET.length + 1), file);
  }
  return files;
}

export const canonicalJson = (value: unknown): Buffer => Buffer.from(canonical(value), 'utf8');
