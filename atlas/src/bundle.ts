/** Modules of this project bundled with all that they reach: to be run by a thread without a loader, or to be hashed. */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build, type BuildOptions, type Plugin } from 'esbuild';

/** Bare imports are found from here as from the sources. */
const CACHE = fileURLToPath(new URL('../../node_modules/.cache/foxing', import.meta.url));

/** In a bundle every module still finds the files beside it. */
const OWN_ADDRESS: Plugin = {
  name: 'own-address',
  setup: ({ onLoad }) =>
    onLoad({ filter: /\.ts$/ }, ({ path }) => ({
      contents: readFileSync(path, 'utf8').replaceAll('import.meta.url', JSON.stringify(pathToFileURL(path).href)),
      loader: 'ts',
    })),
};

async function text(module: URL, more: BuildOptions): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [fileURLToPath(module)],
    bundle: true,
    write: false,
    format: 'esm',
    platform: 'node',
    packages: 'external',
    ...more,
  });
  return outputFiles![0]!.text;
}

const hash = (content: string) => createHash('sha256').update(content).digest('hex').slice(0, 16);

function once(work: (module: URL) => Promise<string>): (module: URL) => Promise<string> {
  const known = new Map<string, Promise<string>>();
  return (module) => {
    let found = known.get(module.href);
    if (!found) known.set(module.href, (found = work(module)));
    return found;
  };
}

/** A short hash of a module with all that it reaches, the same for the same code on any machine. */
export const versionOf = once(async (module) => hash(await text(module, { minify: true })));

/** The file of a module's bundle, made when it is not there. */
export const bundleOf = once(async (module) => {
  const content = await text(module, { plugins: [OWN_ADDRESS] });
  const file = join(CACHE, `${hash(content)}.mjs`);
  if (!existsSync(file)) {
    mkdirSync(CACHE, { recursive: true });
    const half = `${file}.${process.pid}`;
    writeFileSync(half, content);
    renameSync(half, file);
  }
  return file;
});
