/** Versions of what is computed: the hash of all code and data that a result can hang on, comments and spacing aside. */
import { createHash } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const bundles = new Map<string, Promise<string>>();

/** A module and all of this project that it reaches, as one text without comments, spacing and local names. */
function bundled(module: URL): Promise<string> {
  let known = bundles.get(module.href);
  if (!known) {
    const options = { bundle: true, minify: true, write: false, format: 'esm', platform: 'node', packages: 'external' } as const;
    known = build({ entryPoints: [fileURLToPath(module)], ...options }).then((made) => made.outputFiles[0]!.text);
    bundles.set(module.href, known);
  }
  return known;
}

const here = (name: string) => new URL(name, import.meta.url);

/** A short hash of a module with all that it reaches. */
export async function versionOf(module: URL): Promise<string> {
  return createHash('sha256')
    .update(await bundled(module))
    .digest('hex')
    .slice(0, 16);
}

/** The simulator: what a bench operation brings about, and how it looks. */
export const chemistryVersion = (): Promise<string> => versionOf(here('../../core/src/record/working.ts'));
