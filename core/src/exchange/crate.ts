/**
 * The description of an archive for electronic laboratory notebooks (`.eln`): RO-Crate 1.1 metadata in JSON-LD.
 * Source: RO-Crate Metadata Specification 1.1, sections "Root Data Entity" and "Data Entities".
 */
export interface CrateFile {
  /** Within the folder of the case, with `/` between its parts. */
  readonly path: string;
  readonly name: string;
  readonly encodingFormat: string;
  readonly bytes: number;
  readonly sha256: string;
}

export interface Crate {
  readonly name: string;
  readonly description: string;
  readonly authors: readonly { readonly id: string; readonly name: string }[];
  /** ISO time. */
  readonly created: string;
  readonly modified: string;
  readonly files: readonly CrateFile[];
}

export const METADATA_FILE = 'ro-crate-metadata.json';
/** The folder of the case within the root folder. */
export const DATASET = 'case';
const LICENSE = 'All rights reserved by the authors';
const PROFILE = 'https://w3id.org/ro/crate/1.1';

const ref = (id: string) => ({ '@id': id });

/** The metadata file as a value of JSON. */
export function crateMetadata(crate: Crate): object {
  const people = crate.authors.map(({ id, name }) => ({ '@id': `#person-${id}`, '@type': 'Person', name }));
  const files = crate.files.map(({ path, name, encodingFormat, bytes, sha256 }) => ({
    '@id': `./${DATASET}/${path}`,
    '@type': 'File',
    name,
    encodingFormat,
    contentSize: String(bytes),
    sha256,
  }));
  const about = {
    name: crate.name,
    description: crate.description,
    datePublished: crate.modified,
    dateCreated: crate.created,
    dateModified: crate.modified,
    author: people.map((p) => ref(p['@id'])),
  };
  return {
    '@context': `${PROFILE}/context`,
    '@graph': [
      { '@id': METADATA_FILE, '@type': 'CreativeWork', conformsTo: ref(PROFILE), about: ref('./'), sdPublisher: ref('#foxing') },
      { '@id': './', '@type': 'Dataset', license: LICENSE, ...about, hasPart: [ref(`./${DATASET}/`)] },
      { '@id': `./${DATASET}/`, '@type': 'Dataset', genre: 'experiment', ...about, hasPart: files.map((f) => ref(f['@id'])) },
      { '@id': '#foxing', '@type': 'Organization', name: 'Foxing' },
      ...people,
      ...files,
    ],
  };
}
