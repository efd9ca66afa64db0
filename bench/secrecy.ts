/**
 * Sealed work over HTTP and the event stream: does anything that a student is sent tell what is in the tube?
 * `./foxing bench secrecy [--salts N] [--compounds N]` works N of each twice, the same steps on all of a kind and a few at random.
 */
import { randomUUID } from 'node:crypto';
import { parseArgs } from 'node:util';
import { throwawayDemo } from '#launcher/throwaway';
import type { Op } from '#core/bench/ops';
import { parseSalt } from '#core/matter/salts';
import { LIBRARY } from '#core/organic/library';
import { type Form, SINGLES } from '#core/reasoning/hypotheses';
import { seeded } from '#core/reasoning/student';
import { type CaseChanges, caseChangesSchema } from '#contract';
import { Supervisor } from '../launcher/src/supervisor';
import { openSchool, type Visitor } from './visitor';

const PORT = 4698;
const TIMES = 2;
/** The notice of a step has come by then. */
const NOTICE_MS = 60;
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
/** What is done with every compound. */
const COMPOUND_STEPS: readonly Op[] = [
  ...['ignition', 'litmus', 'solubility-water', 'solubility-hcl-5pc', 'permanganate', 'dnp', 'melting-point'].map((test): Op => ({
    op: 'test',
    test,
  })),
  { op: 'fuse', sodium_mg: 150, sample_mg: 15, gentle_minutes: 3, red_hot: true, tubes: 2, water_mL: 20, boil_to_mL: 10 },
  { op: 'take', to: 'N', from: 'extract', mL: 1 },
  { op: 'add', to: 'N', reagent: 'nitric-acid-2M', mL: 1 },
  { op: 'add', to: 'N', reagent: 'silver-nitrate-0.1M', mL: 0.5 },
  { op: 'shake-out', with: 'nahco3-5pc', times: 2, portion: 'P' },
];
const BOTTLES = ['ammonia-2M', 'potassium-iodide-0.1M', 'sulfuric-acid-2M', 'sodium-carbonate-1M', 'potassium-chromate-0.1M'];
/** Places from which a student is sent something of a case. */
const PLACES = ['', '/report', '/export/json', '/export/csv', '/export/md', '/events', '/debrief', '/marks', '/reasoning'];

/** A sample as it is given, and what must not be sent of it. */
interface Unknown {
  readonly name: string;
  readonly sample:
    | { readonly salts: readonly { readonly formula: string; readonly grams: number }[] }
    | { readonly smiles: string; readonly grams: number };
  readonly secrets: readonly string[];
  readonly steps: readonly Op[];
}

interface Worked {
  readonly of: Unknown;
  /** By step: the words, and all that was sent but what differs between any two cases. */
  readonly words: readonly string[];
  readonly sent: readonly string[];
  /** By step, ms from the request: the answer, the stamp of the record, the notice on the stream. */
  readonly ms: readonly number[];
  readonly stamped: readonly number[];
  readonly told: readonly number[];
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

/** When the stream last told of something, ms. */
interface Notices {
  last: number;
}

async function worked(student: Visitor, id: string, of: Unknown, notices: Notices): Promise<Worked> {
  const out = {
    words: [] as string[],
    sent: [] as string[],
    ms: [] as number[],
    stamped: [] as number[],
    told: [] as number[],
    bytes: [] as string[],
  };
  let { seq: after } = await student.get<{ seq: number }>('GET', `/cases/${id}`);
  const extra = Array.from({ length: 3 }, (_, i) => drop(`E${i}`, pick(BOTTLES))).flat();
  for (const [step, op] of [...of.steps, ...extra].entries()) {
    const since = performance.now();
    const begun = Date.now();
    const event = { kind: 'operation', payload: { op } };
    const answer = await student.ask('POST', `/cases/${id}/events`, { id: randomUUID(), after, event });
    const ms = performance.now() - since;
    out.bytes.push(answer.text, JSON.stringify([...answer.headers]));
    if (answer.status === 200) after++;
    if (step >= of.steps.length) continue;
    const changes = answer.status === 200 ? caseChangesSchema.parse(JSON.parse(answer.text)) : null;
    await new Promise((resolve) => setTimeout(resolve, NOTICE_MS));
    out.ms.push(ms);
    out.stamped.push(changes ? Date.parse(changes.summary.updatedAt) - begun : 0);
    out.told.push(changes ? notices.last - since : 0);
    out.sent.push(plain(answer.text));
    out.words.push(changes ? wordsOf(changes) : answer.text);
  }
  for (const path of PLACES) {
    const { text, headers } = await student.ask('GET', `/cases/${id}${path}`);
    out.bytes.push(text, JSON.stringify([...headers]));
  }
  return { of, ...out, bytes: out.bytes.join('\n') };
}

/** As much of every sample: how much there is, is on the label too. */
const GRAMS = 3;

function saltUnknown({ name, sample }: Form): Unknown {
  const salts = 'salts' in sample ? sample.salts : [];
  const all = salts.reduce((sum, s) => sum + s.grams, 0);
  const formulas = salts.map((s) => s.formula);
  return {
    name,
    sample: { salts: salts.map((s) => ({ ...s, grams: (GRAMS * s.grams) / all })) },
    secrets: [...formulas, ...formulas.flatMap((f) => Object.keys(parseSalt(f).ions))],
    steps: STEPS,
  };
}

const compoundUnknown = ({ name, smiles }: { name: string; smiles: string }): Unknown => ({
  name,
  sample: { smiles, grams: GRAMS },
  secrets: [name, smiles],
  steps: COMPOUND_STEPS,
});

/** What of its names, formulas and ions stands anywhere in what was sent. */
const leaksIn = ({ of, bytes }: Worked): string[] =>
  of.secrets.map((secret) => JSON.stringify(secret)).filter((secret) => bytes.includes(secret));

const groups = (keys: readonly string[]): number => new Set(keys).size;

/** Share of the cases whose nearest neighbour, by numbers that belong to their steps, is of the same sample. */
function foundBy(all: readonly Worked[], numbers: (w: Worked) => readonly number[]): number {
  const hits = all.filter((a) => {
    const off = (b: Worked) => numbers(a).reduce((sum, x, i) => sum + (x - (numbers(b)[i] ?? 0)) ** 2, 0);
    const others = all.filter((b) => b !== a).map((b) => ({ b, off: off(b) }));
    const least = Math.min(...others.map((o) => o.off));
    const nearest = others.filter((o) => o.off === least);
    // Among equals it is a guess.
    return random() < nearest.filter((o) => o.b.of === a.of).length / nearest.length;
  });
  return hits.length / all.length;
}

/** Numbers in what was sent at one step. */
const numbersIn = (text: string): number[] => (text.match(/-?\d+(\.\d+)?(e-?\d+)?/g) ?? []).map(Number);

/** Share of the cases that can be told by the numbers in what was sent from others with the same words. */
function foundByNumbers(all: readonly Worked[]): number {
  const told = all.filter((a) => {
    const same = all.filter((b) => b.of !== a.of && b.words.join() === a.words.join());
    const numbers = (w: Worked) => w.sent.map((s) => numbersIn(s).join(' ')).join();
    return same.length > 0 && same.every((b) => numbers(b) !== numbers(a));
  });
  return told.length / all.length;
}

/** Everything of one way of being given the sample. */
function said(all: readonly Worked[]) {
  const steps = all[0]!.of.steps.map(({ op }, i) => ({
    op,
    byWords: groups(all.map((w) => w.words[i]!)),
    byAll: groups(all.map((w) => `${w.words[i]} ${w.sent[i]}`)),
  }));
  return {
    cases: all.length,
    leaks: all.flatMap((w) => leaksIn(w).map((leak) => `${w.of.name}: ${leak}`)),
    steps,
    sameWordsOtherNumbers: foundByNumbers(all),
    foundByTime: foundBy(all, (w) => w.ms),
    foundByStepOfTime: foundBy(all, (w) => w.ms.map((ms) => Math.floor(ms / 50))),
    foundByStamp: foundBy(all, (w) => w.stamped),
    foundByNotice: foundBy(all, (w) => w.told),
    guessed: (TIMES - 1) / (all.length - 1),
  };
}

export async function benchSecrecy(args: readonly string[]): Promise<number> {
  const { values } = parseArgs({
    args: [...args],
    options: { salts: { type: 'string', default: '60' }, compounds: { type: 'string', default: '40' } },
  });
  const { cluster, remove } = await throwawayDemo();
  const settings = { databaseUrl: cluster.url, port: PORT, logLevel: 'error', requestsPerMinute: 1e6 };
  const supervisor = await Supervisor.start(settings, null);
  try {
    const [room] = await openSchool(supervisor.url, 1, 1);
    const { id, instructor, students } = room!;
    const student = students[0]!;
    for (const who of [instructor, student]) await who.get('PUT', '/house-rules', { help: 'words' });
    const shuffled = <T>(list: readonly T[]) => [...list].sort(() => random() - 0.5);
    const kinds = {
      salts: shuffled(SINGLES).slice(0, Number(values.salts)).map(saltUnknown),
      compounds: shuffled(LIBRARY).slice(0, Number(values.compounds)).map(compoundUnknown),
    };
    let stream = '';
    const notices: Notices = { last: 0 };
    const stop = new AbortController();
    const listening = student.listen((notice) => {
      stream += notice;
      notices.last = performance.now();
    }, stop.signal);
    const report: Record<string, unknown> = {};
    for (const [kind, unknowns] of Object.entries(kinds)) {
      const sealed: Worked[] = [];
      const own: Worked[] = [];
      for (const unknown of Array.from({ length: TIMES }, () => shuffled(unknowns)).flat()) {
        await instructor.get('POST', `/classes/${id}/sets`, { title: 'Sealed', unknowns: [unknown.sample], terms: {} });
        const [{ id: set }] = await student.get<[{ id: string }]>('GET', '/cases');
        sealed.push(await worked(student, set, unknown, notices));
        const given =
          'salts' in unknown.sample
            ? { salts: { name: 'Own', ...unknown.sample } }
            : { structure: { name: 'Own', ...unknown.sample } };
        const mine = await student.get<CaseChanges>('POST', '/cases', given);
        own.push(await worked(student, mine.summary.id, unknown, notices));
      }
      const inStream = unknowns.filter(({ secrets }) => secrets.some((secret) => stream.includes(JSON.stringify(secret))));
      report[kind] = { sealed: said(sealed), inStream: inStream.map((u) => u.name), unpaced: foundBy(own, (w) => w.ms) };
    }
    stop.abort();
    await listening;
    process.stdout.write(`${JSON.stringify(report, null, 1)}\n`);
    return 0;
  } finally {
    await supervisor.stop();
    await remove();
  }
}
