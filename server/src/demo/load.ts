/** Loads the demo: the local person, the jars, cases worked to different points, and the made-up school. */
import type { CaseEvent } from '#core/record/events';
import type { Person } from '#contract';
import { chemistryVersion } from '#atlas';
import { Cases } from '../cases/cases';
import { Debriefs } from '../cases/debriefs';
import { openPool, type Queryable, transaction } from '../db/pool';
import { benchCrew } from '../workers/crews';
import { JARS } from './jars';
import { levelOf } from './levels';
import { writeSchool } from './school';
import { type Inferred, Scribe } from './scribe';

const PERSON: Person = { id: '5f0c7c1e-6a2d-4b8e-9d35-2f1f8f0a7c11', name: 'Ilse Varnholt', role: 'keeper' };

const IN_PROGRESS: readonly Inferred[] = [
  { test: 'look', inference: 'A coloured metal: nickel, copper, iron or chromium.' },
  { test: 'solution-water', inference: 'Water takes all of it.' },
  {
    test: 'flame',
    inference: 'Sodium?',
    mistaken: { for: [{ channel: 'flame', colour: 'yellow' }], struck: 'The wire was not clean: it gave the same alone.' },
  },
  { test: 'flame', inference: 'Nothing but the burner, with a clean wire.', note: 'Three dips in acid first.' },
  { test: 'ammonium', inference: 'No ammonium; a pale-green hydroxide.' },
  { test: 'carbonate-extract', inference: 'The metal stays behind.' },
  { test: 'barium-acid', inference: 'Sulfate.' },
  { test: 'hydroxide', inference: 'Not aluminium, zinc or lead: stays in excess.' },
  { test: 'ammonia', inference: 'An ammine: nickel or copper, and copper is deeper.', unsure: true },
];

const CONCLUDED: readonly Inferred[] = [
  { test: 'look', inference: 'No coloured ion.' },
  { test: 'solution-water', inference: 'Water takes all of it.' },
  { test: 'flame', inference: 'Livid blue: perhaps lead.', unsure: true },
  { test: 'carbonate-extract', inference: 'The metal stays behind.' },
  { test: 'brown-ring', inference: 'Nitrate.' },
  { test: 'group-1', inference: 'Silver, lead or mercury(I).' },
  { test: 'lead-hot-water', inference: 'Lead.' },
  { test: 'lead-iodide', inference: 'Golden: lead.', note: 'Spangles came back as it cooled.' },
  { test: 'lead-chromate', inference: 'With the iodide, lead.' },
];

const ORGANIC: readonly Inferred[] = [
  { test: 'compound-look', inference: 'A white solid.' },
  { test: 'copper-wire-halogen', inference: 'Lasting green: a halogen.' },
  { test: 'solubility-water', inference: 'Not small, or not polar.' },
  { test: 'solubility-naoh-5pc', inference: 'No acid, no phenol.' },
  { test: 'sodium-fusion', inference: 'Clear and colourless: good.' },
  { test: 'nitrogen-iron', inference: 'Blue in acid: nitrogen.' },
  { test: 'sulfur-lead', inference: 'No sulfur.' },
  { test: 'halogen-silver', inference: 'Cream: bromide?', unsure: true },
  { test: 'halogen-layer', inference: 'Bromine.' },
  { test: 'silver-nitrate-ethanol', inference: 'On the ring, not on a chain.' },
];

async function worked(
  cases: Cases,
  jarId: string,
  tests: readonly Inferred[],
  conclusion?: Extract<CaseEvent, { kind: 'conclusion' }>['payload'],
): Promise<void> {
  const begun = await cases.create(PERSON, { jar: jarId });
  const scribe = new Scribe(cases, PERSON, begun.summary.id);
  for (const t of tests) await scribe.work(t);
  if (conclusion) await scribe.write({ kind: 'conclusion', payload: conclusion });
}

async function write(db: Queryable, cases: Cases, debriefs: Debriefs): Promise<void> {
  // Where the machine has its own keeper, the demo's is one of the made-up people.
  await db.query(
    `insert into person (id, name, role, local, made_up)
     select $1, $2, $3, not there, there from (select exists (select 1 from person where local) as there) as found
     on conflict do nothing`,
    [PERSON.id, PERSON.name, PERSON.role],
  );
  for (const jar of JARS)
    await db.query(
      'insert into jar (id, name, look, story, sample, level) values ($1, $2, $3, $4, $5, $6) on conflict do nothing',
      [jar.id, jar.name, jar.look, jar.story, JSON.stringify(jar.sample), levelOf(jar.sample)],
    );
  await cases.create(PERSON, { jar: 'jar-02' });
  await worked(cases, 'jar-05', CONCLUDED, {
    found: [
      { ion: 'Pb2+', claim: 'confirmed', evidence: [6, 7, 8, 9] },
      { ion: 'NO3-', claim: 'confirmed', evidence: [5] },
    ],
    formula: 'Pb(NO3)2',
    remarks: 'A pigment maker’s lead salt. Back to the poison cupboard.',
    signed: PERSON.name,
  });
  await worked(cases, 'phial-42', ORGANIC);
  await worked(cases, 'jar-07', IN_PROGRESS);
  await writeSchool(db, cases, debriefs);
  await db.query('insert into demo default values');
}

/** All of it or nothing. @returns false when the demo is there already. */
export async function loadDemo(databaseUrl: string): Promise<boolean> {
  const db = openPool(databaseUrl);
  try {
    if ((await db.query('select 1 from demo limit 1')).rowCount) return false;
    const [bench, chemistry] = await Promise.all([benchCrew(1), chemistryVersion()]);
    try {
      await transaction(db, async (tx) => {
        await tx.query('set local idle_in_transaction_session_timeout = 0');
        const cases = new Cases(tx, bench, chemistry);
        await write(tx, cases, new Debriefs(tx, cases, bench));
      });
      return true;
    } finally {
      await bench.close();
    }
  } finally {
    await db.end();
  }
}
