/** A database that is reached, backed up if it has to change, and migrated. */
import { join } from 'node:path';
import { UserError } from './errors';
import { say } from './run';

/**
 * @param role the application's, where it is another than the owner's.
 * @param backupTo folder into which the database goes before it is changed; none where it is not given.
 * @throws UserError that says what is wrong with the database.
 */
export async function prepare(ownerUrl: string, role: string | undefined, backupTo?: string): Promise<void> {
  const [{ prepareDatabase, reach }, { isOfEarlierVersion }] = await Promise.all([
    import('../../server/src/db/prepare'),
    import('../../server/src/db/pool'),
  ]);
  try {
    await reach(ownerUrl);
    if (backupTo !== undefined && (await isOfEarlierVersion(ownerUrl))) {
      const { dump } = await import('./backup');
      const file = join(backupTo, `before-upgrade-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}.backup`);
      await dump(ownerUrl, file);
      say(`the database is of an earlier version; it was backed up to ${file} before it is changed.`);
    }
    const { replayed, unreplayable } = await prepareDatabase(ownerUrl, role);
    if (replayed) say(`${replayed} cases were brought to the new form.`);
    for (const line of unreplayable) say(`it opens for reading only: ${line}`);
  } catch (error) {
    const { code, message, name } = error as NodeJS.ErrnoException;
    if (error instanceof UserError) throw error;
    if (name === 'LaterDatabase') throw new UserError(message, 1);
    throw new UserError(
      `the database does not answer or cannot be migrated: ${message || code}; check DATABASE_URL if you set it`,
      1,
    );
  }
}
