/** What the application's own role may do: read and write rows, nothing else. */
import pg from 'pg';

/** Tables whose rows are appended and never changed. */
const APPEND_ONLY = ['case_event', 'audit'];

/** What may be done to those rows as a whole, by a function of the owner. */
const DOORS = ['drop_case(uuid)'];

/**
 * Grants the application's role what it needs, after the tables are there.
 * @param url of the role that owns the tables.
 */
export async function grantRows(url: string, role: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const name = client.escapeIdentifier(role);
    await client.query('revoke all on schema public from public');
    await client.query(`grant usage on schema public to ${name}`);
    await client.query(`revoke all on all tables in schema public from ${name}`);
    await client.query(`grant select, insert, update, delete on all tables in schema public to ${name}`);
    for (const table of [...APPEND_ONLY, 'migration'])
      await client.query(`revoke update, delete on ${client.escapeIdentifier(table)} from ${name}`);
    for (const door of DOORS) await client.query(`grant execute on function ${door} to ${name}`);
  } finally {
    await client.end();
  }
}
