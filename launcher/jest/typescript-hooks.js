/** Loads TypeScript as it is, and as the bundler finds it. Names of functions are not kept, which would make calls slow. */
import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { transform } from 'esbuild';

const ENDINGS = ['.ts', '.tsx', '/index.ts'];
const isOurs = (url) => url !== undefined && !url.includes('/node_modules/');

export async function resolve(specifier, context, next) {
  if (specifier.startsWith('.') && isOurs(context.parentURL))
    for (const ending of ENDINGS) {
      const url = new URL(specifier + ending, context.parentURL);
      if (existsSync(url)) return { url: url.href, format: 'module', shortCircuit: true };
    }
  return next(specifier, context);
}

export async function load(url, context, next) {
  const { pathname } = new URL(url);
  const loader = /\.(tsx?|json)$/.exec(pathname)?.[1];
  if (!loader || !isOurs(url)) return next(url, context);
  const { code } = await transform(await readFile(fileURLToPath(url), 'utf8'), {
    loader,
    format: 'esm',
    target: 'node20',
    jsx: 'automatic',
    sourcefile: pathname,
    sourcemap: 'inline',
  });
  return { format: 'module', source: code, shortCircuit: true };
}
