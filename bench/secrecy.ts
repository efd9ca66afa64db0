/**
 * Sealed work over HTTP and the event stream: does anything that a student is sent tell what is in the tube?
 * `./foxing bench secrecy [--salts N]` works N salts twice, the same steps on each and a few at random.
 */
import { randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import { throwawayDemo } from '#launcher/throwaway';
import type { Op } from '#core/bench/ops';
import { parseSalt } from '#core/matter/salts';
import { type Form, SINGLES } from '#core/reasoning/hypotheses';
import { seeded } from '#core/reasoning/student';
import { type CaseChanges, caseChangesSchema } from '#contract';
import { Supervisor } from '../launcher/src/supervisor';
import { openSchool, type Visitor } from './visitor';

const PORT = 4698;
const TIMES = 2;
const random = seeded(20261126);
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

const drop = (tube: string, reagent: string): Op[] => [
  { op: 'take', to: tube, from: 'S', mL: 1 },
  { op: 'add', to: tube, reagent, mL: 0.5 },
];
/** What is done with every sample, so that they can be compared. */
const STEPS: readonly Op[] = [
  { op: 'flame', from: 'sample' },
  { op: 'dry-heat', to: 'H', grams: 0.1, strong: true },
  { op: 'dissolve', to: 'S', grams: 0.3, in: 'water', mL: 10 },
  ...drop('A', 'silver-nitrate-0.1M'),
  ...drop('B', 'sodium-hydroxide-2M'),
  ...drop('C', 'barium-nitrate-0.1M'),
  ...drop('D', 'hydrochloric-acid-2M'),
  { op: 'heat', vessel: 'B', to: 'boil', minutes: 2 },
];
const BOTTLES = ['ammonia-2M', 'potassium-iodide-0.1M', 'sulfuric-acid-2M', 'sodium-carbonate-1M', 'potassium-chromate-0.1M'];
/** Places from which a student is sent something of a case. */
const PLACES = ['', '/report', '/export/json', '/export/csv', '/export/md', '/events', '/debrief', '/marks', '/reasoning'];

interface Worked {
  readonly form: Form;
  /** By step: the words, all that was sent but what differs between any two cases, and how long it took, ms. */
  readonly words: readonly string[];
  readonly sent: readonly string[];
  readonly ms: readonly number[];
  readonly bytes: string;
}

/** An answer without what belongs to the case and the moment. */
const plain = (text: string): string =>
  text
    .replace(/"(id|at|updatedAt|createdAt|name|set|case|sealed|hash|previous)":"[^"]*"/g, '')
    .replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, '');

/** The label says how it looks; that is known from the first. */
const wordsOf = ({ vessels, words, warnings, summary }: CaseChanges): string =>
  JSON.stringify([summary.look, words, warnings, vessels.map((v) => [v.id, v.drawing.text])]);

async function worked(student: Visitor, id: string, form: Form): Promise<Worked> {
  const out = { words: [] as string[], sent: [] as string[], ms: [] as number[], bytes: [] as string[] };
  let { seq: after } = await student.get<{ seq: number }>('GET', `/cases/${id}`);
  const extra = Array.from({ length: 3 }, (_, i) => drop(`E${i}`, pick(BOTTLES))).flat();
  for (const [step, op] of [...STEPS, ...extra].entries()) {
    const since = performance.now();
    const event = { kind: 'operation', payload: { op } };
    const answer = await student.ask('POST', `/cases/${id}/events`, { id: randomUUID(), after, event });
    const ms = performance.now() - since;
    out.bytes.push(answer.text, JSON.stringify([...answer.headers]));
    if (answer.status === 200) after++;
    if (step >= STEPS.length) continue;
    out.ms.push(ms);
    out.sent.push(plain(answer.text));
    out.words.push(answer.status === 200 ? wordsOf(caseChangesSchema.parse(JSON.parse(answer.text))) : answer.text);
  }
  for (const path of PLACES) {
    const { text, headers } = await student.ask('GET', `/cases/${id}${path}`);
    out.bytes.push(text, JSON.stringify([...headers]));
  }
  return { form, ...out, bytes: out.bytes.join('\n') };
}

const GRAMS = 3;
/** As much of every salt: how much there is, is on the label too. */
function saltsOf({ sample }: Form) {
  const salts = 'salts' in sample ? sample.salts : [];
  const all = salts.reduce((sum, s) => sum + s.grams, 0);
  return salts.map((s) => ({ ...s, grams: (GRAMS * s.grams) / all }));
}

/** What of its formulas and ions stands anywhere in what was sent. */
const leaksIn = ({ form, bytes }: Worked): string[] =>
  [...saltsOf(form).map((s) => s.formula), ...saltsOf(form).flatMap((s) => Object.keys(parseSalt(s.formula).ions))]
    .map((secret) => JSON.stringify(secret))
    .filter((secret) => bytes.includes(secret));

const groups = (keys: readonly string[]): number => new Set(keys).size;

/** Share of the cases whose nearest neighbour, by the times of their steps, is of the same salt. */
function foundByTime(all: readonly Worked[], classOf: (ms: number) => number): number {
  const hits = all.filter((a) => {
    const off = (b: Worked) => a.ms.reduce((sum, ms, i) => sum + (classOf(ms) - classOf(b.ms[i]!)) ** 2, 0);
    const others = all.filter((b) => b !== a).map((b) => ({ b, off: off(b) }));
    const least = Math.min(...others.map((o) => o.off));
    const nearest = others.filter((o) => o.off === least);
    // Among equals it is a guess.
    return random() < nearest.filter((o) => o.b.form === a.form).length / nearest.length;
  });
  return hits.length / all.length;
}

/** Everything of one way of being given the sample. */
function said(all: readonly Worked[]) {
  const steps = STEPS.map((op, i) => ({
    op: op.op,
    byWords: groups(all.map((w) => w.words[i]!)),
    byAll: groups(all.map((w) => `${w.words[i]} ${w.sent[i]}`)),
  }));
  return {
    cases: all.length,
    leaks: all.flatMap((w) => leaksIn(w).map((leak) => `${w.form.name}: ${leak}`)),
    steps,
    foundByTime: foundByTime(all, (ms) => ms),
    foundByStepOfTime: foundByTime(all, (ms) => Math.floor(ms / 50)),
    guessed: (TIMES - 1) / (all.length - 1),
  };
}

export async function benchSecrecy(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({ args: [...args], options: { salts: { type: 'string', default: '100' } } });
  const { cluster, remove } = await throwawayDemo();
  const settings = { databaseUrl: cluster.url, port: PORT, logLevel: 'error', requestsPerMinute: 1e6 };
  const supervisor = await Supervisor.start(settings, null);
  try {
    const [room] = await openSchool(supervisor.url, 1, 1);
    const { id, instructor, students } = room!;
    const student = students[0]!;
    for (const who of [instructor, student]) await who.get('PUT', '/house-rules', { help: 'words' });
    const forms = [...SINGLES].sort(() => random() - 0.5).slice(0, Number(values.salts));
    const order = Array.from({ length: TIMES }, () => [...forms].sort(() => random() - 0.5)).flat();
    let stream = '';
    const stop = new AbortController();
    const listening = student.listen((notice) => (stream += notice), stop.signal);
    const sealed: Worked[] = [];
    const own: Worked[] = [];
    for (const form of order) {
      const salts = saltsOf(form);
      await instructor.get('POST', `/classes/${id}/sets`, { title: 'Sealed', unknowns: [{ salts }], terms: {} });
      const [{ id: set }] = await student.get<[{ id: string }]>('GET', '/cases');
      sealed.push(await worked(student, set, form));
      const mine = await student.get<CaseChanges>('POST', '/cases', { salts: { name: 'Own', salts } });
      own.push(await worked(student, mine.summary.id, form));
    }
    stop.abort();
    await listening;
    const inStream = forms.filter((f) => stream.includes(f.name)).map((f) => f.name);
    process.stdout.write(
      `${JSON.stringify({ sealed: said(sealed), inStream, unpaced: foundByTime(own, (ms) => ms) }, null, 1)}\n`,
    );
    return 0;
  } finally {
    await supervisor.stop();
    await remove();
  }
}
