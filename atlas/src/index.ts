/** The atlases as they lie on disk: built from the simulator, named by the hash of the data they were built from. */
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gunzipSync, gzipSync } from 'node:zlib';
import { hire, shareOut } from './crew';
import { type Atlas, bindAtlas, fingerprint, type Leaf, SINGLES } from '#core/reasoning/atlas';
import { bindCompounds, type CompoundAtlas, compoundFingerprint, type CompoundLeaf } from '#core/reasoning/compounds';
import { LIBRARY } from '#core/organic/library';

export { hire, shareOut };

type Say = (line: string) => void;

interface Kind<A, L> {
  readonly what: string;
  readonly file: string;
  readonly fingerprint: () => string;
  /** Files of code that decide outcomes as data do. */
  readonly code: readonly URL[];
  readonly worker: URL;
  readonly count: number;
  readonly bind: (leaves: readonly L[], version: string) => A;
}

const here = (name: string) => new URL(name, import.meta.url);

const SALTS: Kind<Atlas, Leaf> = {
  what: 'salts',
  file: fileURLToPath(here('../atlas.json.gz')),
  fingerprint,
  code: [],
  worker: here('./salt-worker.ts'),
  count: SINGLES.length,
  bind: bindAtlas,
};

const COMPOUNDS: Kind<CompoundAtlas, CompoundLeaf> = {
  what: 'compounds',
  file: fileURLToPath(here('../compounds.json.gz')),
  fingerprint: compoundFingerprint,
  code: ['data/reactivity.ts', 'fusion.ts'].map((file) => here(`../../core/src/organic/${file}`)),
  worker: here('./compound-worker.ts'),
  count: LIBRARY.length,
  bind: bindCompounds,
};

/** A hash of the text of the data, the same however the code was compiled. */
function versionOf({ fingerprint: data, code }: Pick<Kind<never, never>, 'fingerprint' | 'code'>): string {
  const hash = createHash('sha256').update(data());
  for (const file of code) hash.update(readFileSync(file));
  return hash.digest('hex').slice(0, 16);
}

/** Loads an atlas once; it is built anew on all cores when the data has changed since. */
function loader<A extends { readonly version: string }, L>(kind: Kind<A, L>): (say?: Say) => Promise<A> {
  let loaded: A | undefined;
  return async (say = () => undefined) => {
    if (loaded) return loaded;
    const version = versionOf(kind);
    if (existsSync(kind.file)) {
      const found = JSON.parse(gunzipSync(readFileSync(kind.file)).toString()) as A;
      if (found.version === version) return (loaded = found);
    }
    say(`the data has changed: building the atlas of ${kind.what} anew (some minutes) …`);
    const tasks = Array.from({ length: kind.count }, (_, i) => i);
    loaded = kind.bind(await shareOut<number, L>(kind.worker, tasks), version);
    writeFileSync(kind.file, gzipSync(JSON.stringify(loaded), { level: 9 }));
    return loaded;
  };
}

export const loadAtlas = loader(SALTS);
export const loadCompounds = loader(COMPOUNDS);
