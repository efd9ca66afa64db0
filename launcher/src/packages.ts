/** Programs from Debian's packages, installed when they are missing and we may. */
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { UserError } from './errors';
import { has, isRoot, run, say } from './run';

let updated = false;

async function install(packages: readonly string[], what: string): Promise<void> {
  const list = packages.join(' ');
  if (!has('apt-get')) throw new UserError(`${what} is missing: install it with your system's package manager (Debian: ${list})`);
  if (!isRoot()) throw new UserError(`${what} is missing: run "sudo apt-get install ${list}", then this again`);
  say(`installing ${what} from Debian's packages …`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  if (!updated) await run('apt-get', ['update', '-q'], { quiet: true });
  updated = true;
  const result = await run('apt-get', ['install', '-y', '-q', '--no-install-recommends', ...packages], { quiet: true, env });
  if (result.code !== 0)
    throw new UserError(`${what} could not be installed: ${result.output.trim().split('\n').at(-1) ?? 'apt-get failed'}`, 1);
}

/** Folders of PostgreSQL's programs. */
export interface Postgres {
  readonly newest: string;
  readonly byVersion: ReadonlyMap<string, string>;
}

function installedPostgres(): Postgres | null {
  const base = '/usr/lib/postgresql';
  const versions = existsSync(base) ? readdirSync(base).filter((v) => existsSync(join(base, v, 'bin', 'initdb'))) : [];
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0];
  const byVersion = new Map(versions.map((v) => [v, join(base, v, 'bin')]));
  return newest ? { newest: byVersion.get(newest)!, byVersion } : null;
}

export async function ensurePostgres(): Promise<Postgres> {
  if (!installedPostgres()) await install(['postgresql'], 'PostgreSQL');
  const found = installedPostgres();
  if (!found) throw new UserError('PostgreSQL was installed but its programs are not under /usr/lib/postgresql', 1);
  return found;
}

export async function ensureChromium(): Promise<string> {
  const path = '/usr/bin/chromium';
  if (!existsSync(path)) await install(['chromium'], 'Chromium');
  if (!existsSync(path)) throw new UserError(`Chromium is not at ${path} after its installation`, 1);
  return path;
}

/** A program of one of Debian's packages, for tests. */
async function ensure(program: string, debian: string, what: string): Promise<void> {
  if (!has(program)) await install([debian], what);
  if (!has(program)) throw new UserError(`${what} is not there after its installation`, 1);
}

export const ensureNginx = (): Promise<void> => ensure('nginx', 'nginx-light', 'nginx');
/** Puts certificates into the profile of a browser. */
export const ensureCertutil = (): Promise<void> => ensure('certutil', 'libnss3-tools', 'certutil');
