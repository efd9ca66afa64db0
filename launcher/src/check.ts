/** `serve --check`: whether this machine is fit, in words. */
import { X509Certificate } from 'node:crypto';
import { existsSync, readFileSync, statfsSync } from 'node:fs';
import { createServer } from 'node:net';
import { freemem, totalmem } from 'node:os';
import { dirname } from 'node:path';
import { dataFolder } from './cluster';
import { certificateNames } from './names';
import { ensurePostgres } from './packages';

const LEAST_DISK = 2e9;
const LEAST_MEMORY = 2e9;
const LEAST_DAYS = 14;
const DAY_MS = 24 * 3600 * 1000;
/** No clock is right that shows less: this version was written then. */
const WRITTEN = Date.parse('2026-12-01');

interface Checked {
  readonly what: string;
  readonly isFit: boolean;
  readonly says: string;
}

const gigabytes = (bytes: number) => `${(bytes / 1e9).toFixed(1)} GB`;

function portFree(address: string, port: number): Promise<Checked> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', ({ code }: NodeJS.ErrnoException) =>
      resolve({
        what: 'port',
        isFit: false,
        says:
          code === 'EADDRINUSE'
            ? `${port} is taken: stop what listens there, or give --port`
            : `${port} cannot be opened: ${code}`,
      }),
    );
    probe.listen(port, address, () =>
      probe.close(() => resolve({ what: 'port', isFit: true, says: `${port} at ${address} is free` })),
    );
  });
}

function disk(): Checked {
  let folder = dirname(dataFolder());
  while (!existsSync(folder)) folder = dirname(folder);
  const { bavail, bsize } = statfsSync(folder);
  const free = bavail * bsize;
  return {
    what: 'disk',
    isFit: free >= LEAST_DISK,
    says: `${gigabytes(free)} free in ${folder}; ${gigabytes(LEAST_DISK)} are wanted`,
  };
}

function memory(): Checked {
  const says = `${gigabytes(totalmem())}, ${gigabytes(freemem())} of it free; ${gigabytes(LEAST_MEMORY)} are wanted`;
  return { what: 'memory', isFit: totalmem() >= LEAST_MEMORY, says };
}

function clock(): Checked {
  const now = new Date();
  return { what: 'clock', isFit: now.getTime() > WRITTEN, says: `it shows ${now.toISOString()}` };
}

async function postgres(): Promise<Checked> {
  if (process.env['DATABASE_URL'] !== undefined)
    return { what: 'PostgreSQL', isFit: true, says: 'the one at DATABASE_URL is used' };
  try {
    const { byVersion } = await ensurePostgres();
    return { what: 'PostgreSQL', isFit: byVersion.size > 0, says: `version ${[...byVersion.keys()].join(', ')}` };
  } catch (error) {
    return { what: 'PostgreSQL', isFit: false, says: (error as Error).message };
  }
}

function certificate(file: string, names: readonly string[]): Checked {
  try {
    const { validTo, subjectAltName = '' } = new X509Certificate(readFileSync(file));
    const days = Math.floor((Date.parse(validTo) - Date.now()) / DAY_MS);
    const held = subjectAltName.split(', ').map((n) => n.replace(/^(DNS|IP Address):/, ''));
    const isFor = names.filter((n) => held.includes(n));
    const says = `it ends in ${days} days, and is for ${isFor.join(', ') || 'none of this machine’s names'}`;
    return { what: 'certificate', isFit: days >= LEAST_DAYS && isFor.length > 0, says };
  } catch (error) {
    return { what: 'certificate', isFit: false, says: `${file} cannot be read: ${(error as Error).message}` };
  }
}

/** Prints what was looked at. @returns 0 when the machine is fit, else 1. */
export async function checkMachine({
  address,
  port,
  tls,
  names,
}: {
  readonly address: string;
  readonly port: number;
  readonly tls: { readonly certificate: string } | null;
  readonly names: readonly string[];
}): Promise<number> {
  const checked: Checked[] = [
    await portFree(address, port),
    await postgres(),
    disk(),
    memory(),
    clock(),
    ...(tls ? [certificate(tls.certificate, [...names, ...certificateNames([], address)])] : []),
    { what: 'names', isFit: true, says: names.join(', ') },
  ];
  for (const { what, isFit, says } of checked) process.stdout.write(`${isFit ? 'fit' : 'NOT FIT'}  ${what}: ${says}\n`);
  return checked.every((c) => c.isFit) ? 0 : 1;
}
