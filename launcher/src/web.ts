/** The built interface. */
import { existsSync, statSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { UserError } from './errors';
import { ROOT, run, say } from './run';

export const WEB = join(ROOT, 'dist', 'web');

async function newest(folder: string): Promise<number> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  return entries.reduce((latest, e) => (e.isFile() ? Math.max(latest, statSync(join(e.parentPath, e.name)).mtimeMs) : latest), 0);
}

/** Builds the interface when its sources are newer than what was built. */
export async function buildWeb(): Promise<void> {
  const built = join(WEB, 'index.html');
  const sources = await Promise.all(['web', 'core/src', 'contract/src'].map((f) => newest(join(ROOT, f))));
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources, statSync(join(ROOT, 'package-lock.json')).mtimeMs))
    return;
  say('building the interface …');
  const result = await run('npx', ['--no-install', 'vite', 'build', '--config', 'web/vite.config.ts', '--logLevel', 'error'], {
    quiet: true,
  });
  if (result.code !== 0) throw new UserError(`the interface could not be built:\n${result.output}`, 1);
}
