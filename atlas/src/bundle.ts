/** Modules of this project bundled with all that they reach: to be run by a thread without a loader, or to be hashed. */
import { createHash, randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { BuildOptions, Plugin } from 'esbuild';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
/** Bare imports are found from here as from the sources. */
const CACHE = join(ROOT, 'node_modules/.cache/foxing');

/** Not as text, which in a bundle of this module would be replaced itself. */
const ADDRESS = /\bimport\.meta\.url\b/g;
const addressFrom = (place: string): string => `new URL(${JSON.stringify(place)}, import.meta.${'url'}).href`;

/** In a bundle every module still finds the files beside it, also when the whole project was moved. */
const OWN_ADDRESS: Plugin = {
  name: 'own-address',
  setup: ({ onLoad }) =>
    onLoad({ filter: /\.ts$/ }, ({ path }) => ({
      contents: readFileSync(path, 'utf8').replaceAll(ADDRESS, addressFrom(relative(CACHE, path))),
      loader: 'ts',
    })),
};

/** Packages that are made of many files, and pure: bundled too, for finding these takes longer than all else at a start. */
const INLINED = /^(zod|culori|openchemlib)(\/|$)/;
const BARE = /^[a-z@]/;

const OTHER_PACKAGES: Plugin = {
  name: 'other-packages',
  setup: ({ onResolve }) =>
    onResolve({ filter: BARE }, ({ path, kind }) =>
      kind === 'entry-point' || INLINED.test(path) ? undefined : { path, external: true },
    ),
};

const hash = (content: string) => createHash('sha256').update(content).digest('hex').slice(0, 16);

function write(file: string, content: string): void {
  mkdirSync(CACHE, { recursive: true });
  const half = `${file}.${randomUUID()}`;
  writeFileSync(half, content);
  renameSync(half, file);
}

/** What was made of a module, and when the files that it came from were last written. */
interface Made {
  readonly of: Readonly<Record<string, number>>;
  readonly result: string;
}

function isCurrent({ of }: Made): boolean {
  return Object.entries(of).every(
    ([file, written]) => statSync(join(ROOT, file), { throwIfNoEntry: false })?.mtimeMs === written,
  );
}

/** What a bundle is made into, kept in this process, and on disk until one of its files is written anew. */
function kept(
  options: BuildOptions,
  made: (text: string) => string,
  isThere: (result: string) => boolean = () => true,
): (module: URL) => Promise<string> {
  const known = new Map<string, Promise<string>>();
  const look = async (module: URL): Promise<string> => {
    const file = fileURLToPath(module);
    const note = join(CACHE, `${hash(JSON.stringify([relative(ROOT, file), options.minifyWhitespace ?? false]))}.json`);
    if (existsSync(note)) {
      const before = JSON.parse(readFileSync(note, 'utf8')) as Made;
      if (isCurrent(before) && isThere(before.result)) return before.result;
    }
    const { build } = await import('esbuild');
    const { outputFiles, metafile } = await build({
      entryPoints: [file],
      absWorkingDir: ROOT,
      bundle: true,
      write: false,
      metafile: true,
      format: 'esm',
      platform: 'node',
      ...options,
    });
    // How it is bundled counts too, and with which packages.
    const inputs = [...Object.keys(metafile!.inputs), relative(ROOT, fileURLToPath(import.meta.url)), 'package-lock.json'];
    const of = Object.fromEntries(inputs.map((input) => [input, statSync(join(ROOT, input)).mtimeMs]));
    const result = made(outputFiles![0]!.text);
    write(note, JSON.stringify({ of, result } satisfies Made));
    return result;
  };
  return (module) => {
    let found = known.get(module.href);
    if (!found) known.set(module.href, (found = look(module)));
    return found;
  };
}

/**
 * A short hash of a module with all that it reaches, the same for the same code on any machine. Only white space is taken out: what else a
 * minifier does hangs on code too that nothing reaches, and such code changes no outcome.
 */
export const versionOf = kept({ minifyWhitespace: true, packages: 'external' }, hash);

const inCache = (name: string) => join(CACHE, name);

const bundleNameOf = kept(
  { plugins: [OTHER_PACKAGES, OWN_ADDRESS] },
  (content) => {
    const name = `${hash(content)}.mjs`;
    if (!existsSync(inCache(name))) write(inCache(name), content);
    return name;
  },
  (name) => existsSync(inCache(name)),
);

/** The file of a module's bundle, made when it is not there. */
export const bundleOf = async (module: URL): Promise<string> => inCache(await bundleNameOf(module));
