/** The atlases as they lie on disk: built from the simulator, named by the hash of the code and data they were built from. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gunzipSync, gzipSync } from 'node:zlib';
import { LIBRARY } from '#core/organic/library';
import { type Atlas, bindAtlas, FORMS, type Leaf } from '#core/reasoning/atlas';
import { bindCompounds, type CompoundAtlas, type CompoundLeaf } from '#core/reasoning/compound-atlas';
import { bundleOf, versionOf } from './bundle';
import { shareOut } from './crew';

export { bundleOf, shareOut };

type Say = (line: string) => void;

interface Kind<A, L> {
  readonly what: string;
  readonly file: string;
  /** The module that works one of them: with all it reaches, it decides the outcomes. */
  readonly worker: URL;
  readonly count: number;
  readonly bind: (leaves: readonly L[], version: string) => A;
}

const here = (name: string) => new URL(name, import.meta.url);

const SALTS: Kind<Atlas, Leaf> = {
  what: 'salts',
  file: fileURLToPath(here('../atlas.json.gz')),
  worker: here('./salt-worker.ts'),
  count: FORMS.length,
  bind: bindAtlas,
};

const COMPOUNDS: Kind<CompoundAtlas, CompoundLeaf> = {
  what: 'compounds',
  file: fileURLToPath(here('../compounds.json.gz')),
  worker: here('./compound-worker.ts'),
  count: LIBRARY.length,
  bind: bindCompounds,
};

/** The simulator: what a bench operation brings about, and how it looks. */
export const chemistryVersion = (): Promise<string> => versionOf(here('../../core/src/record/working.ts'));

/** The reasoning, with the atlases that it rests on. */
export const reasoningVersion = (): Promise<string> => versionOf(here('../../server/src/reasoning/think.ts'));

/** Loads an atlas once; it is built anew on all cores when the data has changed since. */
function loader<A extends { readonly version: string }, L>(kind: Kind<A, L>): (say?: Say) => Promise<A> {
  let loaded: A | undefined;
  return async (say = () => undefined) => {
    if (loaded) return loaded;
    const version = await versionOf(kind.worker);
    if (existsSync(kind.file)) {
      const found = JSON.parse(gunzipSync(readFileSync(kind.file)).toString()) as A;
      if (found.version === version) return (loaded = found);
    }
    // Built inside a test it would look as if the test hung.
    if (process.env['NODE_ENV'] === 'test')
      throw new Error(`the data has changed: ./foxing atlas builds the atlas of ${kind.what} anew`);
    say(`the data has changed: building the atlas of ${kind.what} anew (some minutes) …`);
    const tasks = Array.from({ length: kind.count }, (_, i) => i);
    loaded = kind.bind(await shareOut<number, L>(kind.worker, tasks), version);
    writeFileSync(kind.file, gzipSync(JSON.stringify(loaded), { level: 9 }));
    return loaded;
  };
}

export const loadAtlas = loader(SALTS);
export const loadCompounds = loader(COMPOUNDS);
