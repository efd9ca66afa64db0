/** The made-up conservation school: an instructor, a keeper, a class of twelve in the middle of a session. */
import { randomUUID } from 'node:crypto';
import type { CaseEvent } from '#core/record/events';
import type { Op } from '#core/bench/ops';
import type { Paper, Person, Role, Unknown } from '#contract';
import type { Cases } from '../cases/cases';
import type { Debriefs } from '../cases/debriefs';
import { addMember, casesIn, closeAt, insertClass } from '../classes/store';
import { ClassWork } from '../classes/work';
import type { Queryable } from '../db/pool';
import { type Inferred, Scribe } from './scribe';

const STUDENTS = [
  'Anselm Ruhr',
  'Beate Okonjo',
  'Cosima Vahl',
  'Dario Petrescu',
  'Elin Marsk',
  'Fenno Adeyar',
  'Greta Solano',
  'Hanno Iwata',
  'Imke Dravec',
  'Jost Lindqvar',
  'Kalea Brandis',
  'Ludo Tamaro',
] as const;

const salt = (formula: string, grams = 3): Unknown => ({ salts: [{ formula, grams }] });

/** Of the set that is marked: what it was, what proves it, and what some took it for. */
const PIGMENTS: readonly {
  readonly unknown: Unknown;
  readonly tests: readonly Inferred[];
  readonly ions: readonly [string, string];
  readonly taken: readonly [string, string];
}[] = [
  {
    unknown: salt('CuSO4·5H2O'),
    tests: [
      { test: 'look', inference: 'Blue: copper.' },
      { test: 'solution-water', inference: 'It dissolves.' },
      { test: 'carbonate-extract', inference: 'The metal stays behind.' },
      { test: 'barium-acid', inference: 'Sulfate.' },
      { test: 'ammonia', inference: 'Deep blue in excess: copper.' },
    ],
    ions: ['Cu2+', 'SO4^2-'],
    taken: ['Ni2+', 'SO4^2-'],
  },
  {
    unknown: salt('NiSO4·6H2O'),
    tests: [
      { test: 'look', inference: 'Green: nickel, iron or chromium.' },
      { test: 'solution-water', inference: 'It dissolves, green.' },
      { test: 'carbonate-extract', inference: 'The metal stays behind.' },
      { test: 'barium-acid', inference: 'Sulfate.' },
      { test: 'ammonia', inference: 'It dissolves blue-violet: nickel.' },
    ],
    ions: ['Ni2+', 'SO4^2-'],
    taken: ['Cu2+', 'SO4^2-'],
  },
  {
    unknown: salt('BaCl2'),
    tests: [
      { test: 'look', inference: 'White.' },
      { test: 'flame', inference: 'Apple-green: barium.' },
      { test: 'solution-water', inference: 'It dissolves, colourless.' },
      { test: 'carbonate-extract', inference: 'The metal stays behind.' },
      { test: 'silver-acid', inference: 'White and curdy: chloride.' },
    ],
    ions: ['Ba2+', 'Cl-'],
    taken: ['Sr2+', 'Cl-'],
  },
];

/** Of the session that goes on: in turn, and how far each has come. */
const TODAY: readonly Unknown[] = [salt('KI'), salt('ZnSO4·6H2O'), salt('Na2CO3·10H2O'), salt('Pb(NO3)2')];
const MORNING: readonly Inferred[] = [
  { test: 'look', inference: 'White; no coloured ion.' },
  { test: 'flame', inference: 'I am not sure what I see.', unsure: true },
  { test: 'solution-water', inference: 'Water takes it.' },
  { test: 'carbonate-extract', inference: 'Something falls; I filter it off.' },
];

/** The paper of the school. */
const part = (letter: string, ...ops: readonly Op[]) => ({
  letter,
  ops: [{ op: 'take' as const, to: letter, from: 'Q', mL: 2 }, ...ops],
});
const pour = (to: string, reagent: string, mL: number): Op => ({ op: 'add', to, reagent, mL });
const EXAMINATION: Paper = {
  title: 'Paper: a blue solution',
  mL: 50,
  salts: [
    { formula: 'CuSO4·5H2O', grams: 1.5 },
    { formula: 'NH4Cl', grams: 1 },
  ],
  parts: [
    part('a', pour('a', 'sodium-hydroxide-2M', 2), { op: 'heat', vessel: 'a', to: 'warm', minutes: 2 }),
    part('b', pour('b', 'ammonia-6M', 2)),
    part('c', pour('c', 'nitric-acid-2M', 1), pour('c', 'barium-nitrate-0.1M', 1)),
    part('d', pour('d', 'nitric-acid-2M', 1), pour('d', 'silver-nitrate-0.1M', 1)),
  ],
};

const MINUTES_A_SESSION = 90;
/** Every fourth takes it for something else. */
const WRONG_EVERY = 4;

async function person(db: Queryable, name: string, role: Role): Promise<Person> {
  const id = randomUUID();
  await db.query('insert into person (id, name, role, made_up) values ($1, $2, $3, true)', [id, name, role]);
  return { id, name, role };
}

const concluded = (ions: readonly string[], evidence: readonly number[], signed: string): CaseEvent => ({
  kind: 'conclusion',
  payload: { found: ions.map((ion) => ({ ion, claim: 'confirmed' as const, evidence: [...evidence] })), signed },
});

/** Last week's set: worked, signed, marked as it was proposed, and opened up. */
async function marked(
  db: Queryable,
  cases: Cases,
  work: ClassWork,
  instructor: Person,
  students: readonly Person[],
  set: string,
) {
  for (const [i, c] of (await casesIn(db, set)).entries()) {
    const student = students.find((s) => s.id === c.owner)!;
    const { tests, ions, taken } = PIGMENTS[i % PIGMENTS.length]!;
    const scribe = new Scribe(cases, student, c.id);
    for (const t of tests) await scribe.work(t);
    await scribe.write(concluded(i % WRONG_EVERY === 1 ? taken : ions, [3, 4], student.name));
    const { marks, of } = await work.proposed(instructor, c.id);
    await cases.review(instructor, c.id, { kind: 'marked', marks, of, remarks: 'As proposed.' });
    await cases.review(instructor, c.id, { kind: 'opened-up' });
  }
  await closeAt(db, set, new Date());
}

export async function writeSchool(db: Queryable, cases: Cases, debriefs: Debriefs): Promise<void> {
  const instructor = await person(db, 'Maud Teskelin', 'instructor');
  await person(db, 'Rasmus Oldecamp', 'keeper');
  const students: Person[] = [];
  for (const name of STUDENTS) students.push(await person(db, name, 'student'));
  const id = await insertClass(db, 'Paper and pigments, first year', instructor.id);
  for (const s of students) await addMember(db, id, s.id);
  const work = new ClassWork(db, cases, debriefs);
  const plain = { terms: { tests: null, reasoning: false }, given: {}, paper: null, scheme: null, tubes: 'simulated' as const };

  const last = { ...plain, title: 'Three pigments', unknowns: PIGMENTS.map((p) => p.unknown), minutes: null };
  await marked(db, cases, work, instructor, students, (await work.set(instructor, id, last)).id);

  await work.set(instructor, id, { ...plain, title: EXAMINATION.title, unknowns: [], paper: EXAMINATION, minutes: null });
  const now = { ...plain, title: 'White powders from the cabinet', unknowns: [...TODAY], minutes: MINUTES_A_SESSION };
  const open = await work.set(instructor, id, now);
  for (const [i, c] of (await casesIn(db, open.id)).entries()) {
    const scribe = new Scribe(
      cases,
      students.find((s) => s.id === c.owner)!,
      c.id,
    );
    for (const t of MORNING.slice(0, i % (MORNING.length + 1))) await scribe.work(t);
  }
}
