/** Backups on a timer: written, kept so many of, and once a week restored on trial. */
import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Db } from '../../server/src/db/pool';
import { dump, tryRestore } from './backup';
import { UserError } from './errors';
import { say } from './run';

const HOUR_MS = 3600 * 1000;
const EVERY: Readonly<Record<string, number>> = { hour: HOUR_MS, day: 24 * HOUR_MS, week: 168 * HOUR_MS };
const TRIED_EVERY_MS = 168 * HOUR_MS;
const NAMED = /^foxing-[\dT-]+\.backup$/;

/** Milliseconds between backups. @throws UserError for what is none of hour, day and week. */
export function readEvery(text: string): number {
  const ms = Object.hasOwn(EVERY, text) ? EVERY[text] : undefined;
  if (ms === undefined) throw new UserError(`--backup-every is "${text}"; give hour, day or week`);
  return ms;
}

export interface BackupOptions {
  /** Of the role that owns the tables. */
  readonly ownerUrl: string;
  readonly databaseUrl: string;
  readonly folder: string;
  readonly everyMs: number;
  /** How many are kept. */
  readonly keep: number;
}

const stamp = () => new Date().toISOString().slice(0, 19).replaceAll(':', '');

export class Backups {
  private timer: NodeJS.Timeout | undefined;
  private running: Promise<void> = Promise.resolve();
  private triedAt = 0;

  private constructor(private readonly options: BackupOptions) {}

  /** The first one at once. */
  static begin(options: BackupOptions): Backups {
    const backups = new Backups(options);
    const next = () => {
      backups.running = backups.make();
    };
    next();
    backups.timer = setInterval(next, options.everyMs);
    return backups;
  }

  private async make(): Promise<void> {
    const { ownerUrl, databaseUrl, folder } = this.options;
    const file = join(folder, `foxing-${stamp()}.backup`);
    let bytes: number | null = null;
    let problem: string | null = null;
    const tried = Date.now() - this.triedAt > TRIED_EVERY_MS;
    try {
      bytes = await dump(ownerUrl, file);
      if (tried) {
        await tryRestore(ownerUrl, file);
        this.triedAt = Date.now();
      }
      this.prune();
    } catch (error) {
      problem = error instanceof Error ? error.message : String(error);
      say(`the backup failed: ${problem}`);
    }
    const [{ openPool }, { noteBackup }] = await Promise.all([
      import('../../server/src/db/pool'),
      import('../../server/src/laboratory/store'),
    ]);
    const db: Db = openPool(databaseUrl);
    await noteBackup(db, { file, bytes, tried: tried && problem === null, problem }).catch(() => undefined);
    await db.end();
  }

  private prune(): void {
    const { folder, keep } = this.options;
    const all = readdirSync(folder)
      .filter((name) => NAMED.test(name))
      .sort();
    for (const name of all.slice(0, -keep)) rmSync(join(folder, name), { force: true });
  }

  async stop(): Promise<void> {
    clearInterval(this.timer);
    await this.running;
  }
}
