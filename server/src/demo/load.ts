/** Loads the demo: the local person, the jars, and three cases worked to different points. */
import { randomUUID } from 'node:crypto';
import { runTest } from '#core/reasoning/expectations';
import type { CaseEvent } from '#core/record/events';
import { freeTubes, onVessels, testById } from '#core/scheme/tests';
import type { Observation } from '#core/senses/vocabulary';
import type { Person } from '#contract';
import { append, createCase, readCase } from '../cases/service';
import { openPool, type Db } from '../db/pool';
import { JARS } from './jars';

const PERSON: Person = { id: '5f0c7c1e-6a2d-4b8e-9d35-2f1f8f0a7c11', name: 'Ilse Varnholt' };

interface Inferred {
  readonly test: string;
  readonly inference: string;
}

const IN_PROGRESS: readonly Inferred[] = [
  { test: 'look', inference: 'A coloured metal: nickel, copper, iron or chromium.' },
  { test: 'flame', inference: 'No alkali metal, no copper, no barium.' },
  { test: 'barium-acid', inference: 'Sulfate.' },
  { test: 'ammonium', inference: 'No ammonium; a pale-green hydroxide.' },
  { test: 'hydroxide', inference: 'Not aluminium, zinc or lead: stays in excess.' },
  { test: 'ammonia', inference: 'An ammine: nickel or copper, and copper is deeper.' },
];

const CONCLUDED: readonly Inferred[] = [
  { test: 'look', inference: 'No coloured ion.' },
  { test: 'flame', inference: 'Livid blue: perhaps lead.' },
  { test: 'hydrochloric', inference: 'Silver, lead or mercury(I).' },
  { test: 'iodide', inference: 'Golden: lead.' },
  { test: 'chromate', inference: 'Lead or barium; with the iodide, lead.' },
  { test: 'brown-ring', inference: 'Nitrate.' },
];

class Scribe {
  private seq = 0;
  constructor(
    private readonly db: Db,
    private readonly id: string,
  ) {}

  async write(event: CaseEvent): Promise<void> {
    this.seq = (await append(this.db, PERSON, this.id, { id: randomUUID(), after: this.seq, event })).seq;
  }

  /** Works a standard test step by step and writes down what it showed. */
  async work({ test: id, inference }: Inferred, seen: readonly Observation[]): Promise<void> {
    const test = testById.get(id)!;
    const view = await readCase(this.db, PERSON, this.id);
    const [a, b] = freeTubes(
      view.vessels.map((v) => v.id),
      2,
    ) as [string, string];
    for (const step of test.steps)
      await this.write({ kind: 'operation', payload: { op: onVessels(step.op, { '1': a, '2': b }), test: id } });
    const used = test.steps.some((s) => 'to' in s.op && s.op.to === '1') ? { vessel: a } : {};
    await this.write({ kind: 'entry', payload: { test: id, ...used, observed: telling(seen), inference } });
  }
}

/** What a person would write of all that a test showed: what happened, or that nothing did. */
function telling(seen: readonly Observation[]): Observation[] {
  const positive = seen.filter((o) => o.event !== 'none' && o.event !== 'unchanged');
  return (positive.length ? positive : [...seen]).slice(0, 4);
}

/** @returns false when the demo is there already. */
export async function loadDemo(databaseUrl: string): Promise<boolean> {
  const db = openPool(databaseUrl);
  try {
    if ((await db.query('select 1 from "case" limit 1')).rowCount) return false;
    await db.query('insert into person (id, name, local) values ($1, $2, true) on conflict do nothing', [PERSON.id, PERSON.name]);
    for (const jar of JARS)
      await db.query('insert into jar (id, name, look, story, sample) values ($1, $2, $3, $4, $5) on conflict do nothing', [
        jar.id,
        jar.name,
        jar.look,
        jar.story,
        JSON.stringify(jar.sample),
      ]);
    await createCase(db, PERSON, 'jar-02');
    await worked(db, 'jar-05', CONCLUDED, {
      found: [
        { ion: 'Pb2+', claim: 'confirmed', evidence: [3, 4, 5] },
        { ion: 'NO3-', claim: 'confirmed', evidence: [6] },
      ],
      formula: 'Pb(NO3)2',
      remarks: 'A pigment maker’s lead salt. Back to the poison cupboard.',
      signed: PERSON.name,
    });
    await worked(db, 'jar-07', IN_PROGRESS);
    return true;
  } finally {
    await db.end();
  }
}

async function worked(
  db: Db,
  jarId: string,
  tests: readonly Inferred[],
  conclusion?: Extract<CaseEvent, { kind: 'conclusion' }>['payload'],
): Promise<void> {
  const jar = JARS.find((j) => j.id === jarId)!;
  const view = await createCase(db, PERSON, jarId);
  const scribe = new Scribe(db, view.summary.id);
  for (const t of tests) await scribe.work(t, runTest(testById.get(t.test)!, jar.sample));
  if (conclusion) await scribe.write({ kind: 'conclusion', payload: conclusion });
}
