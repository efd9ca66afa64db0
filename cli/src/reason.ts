/** `deduce` and `advise`: what a record proves, and what to do next. */
import { loadAtlas, loadCompounds } from '#atlas';
import { advise as rank } from '#core/reasoning/advise';
import { rulesFor, rulesOfSchool } from '#core/reasoning/atlas';
import { CompoundSpace } from '#core/reasoning/compounds';
import { infer, type Inference, PROMPT, THOROUGH } from '#core/reasoning/infer';
import { type ParsedRecord, parseRecord, RecordError } from '#core/reasoning/record';
import { settlingTest } from '#core/reasoning/settle';
import { SaltSpace, type Space } from '#core/reasoning/space';
import { boundsOf } from '#core/reasoning/premises';
import { UserError } from '#launcher/errors';
import { say } from '#launcher/run';
import { print, readJson } from './input';

/**
 * Seconds after which mixtures are simulated no further: of the processor since the first look, so that other work beside it changes no
 * answer, and by the clock since the answer was asked for.
 */
const THINKING = { processor: 3.2, clock: 10 };
/** By `performance.now()`, which counts from there. */
const PROCESS_START = 0;

const round = (x: number) => Number(x.toFixed(4));

function read(files: readonly string[], command: string): ParsedRecord {
  const value = readJson(files[0], command);
  try {
    const record = parseRecord(value);
    return record;
  } catch (error) {
    if (error instanceof RecordError) throw new UserError(error.message);
    throw error;
  }
}

/**
 * A first look, and where that leaves doubt, as thorough a one as there is time for.
 * @param began when the answer was asked for, by `performance.now()`.
 */
export function settled(space: Space, entries: ParsedRecord['entries'], began: number): Inference {
  const late = () => performance.now() > began + THINKING.clock * 1000;
  const first = infer(space, entries, { ...PROMPT, stopped: late });
  if (!first.doubtful) return first;
  const from = process.cpuUsage();
  const stopped = () => late() || process.cpuUsage(from).user > THINKING.processor * 1e6;
  return infer(space, entries, { ...THOROUGH, stopped });
}

async function reasoned(record: ParsedRecord) {
  const space =
    record.kind === 'compound'
      ? new CompoundSpace(await loadCompounds(say))
      : new SaltSpace(await loadAtlas(say), rulesOfSchool(record.school), record.limits);
  const rules = rulesFor(space.scheme);
  const inference = settled(space, record.entries, PROCESS_START);
  const bounds = boundsOf(space, record.entries, inference, { rules, simulated: true, notAvailable: record.notAvailable });
  return { space, inference, bounds };
}

export async function deduce(files: readonly string[]): Promise<number> {
  const record = read(files, 'deduce');
  const { space, inference, bounds } = await reasoned(record);
  print({
    candidates: inference.suspects.map(({ unnamed: _, ...c }) => ({ ...c, probability: round(c.probability) })),
    identities: inference.candidates.map((i) => ({ ...i, probability: round(i.probability) })),
    conflicts: inference.conflicts.map((c) => ({ ...c, settle: settlingTest(space, inference, record.entries, c, bounds) })),
    unused: [...record.unread, ...inference.unused].sort((a, b) => a.entry - b.entry),
  });
  return 0;
}

export async function advise(files: readonly string[]): Promise<number> {
  const record = read(files, 'advise');
  const { space, inference, bounds } = await reasoned(record);
  print({ next: rank(space, inference, bounds, 10), unused: [...record.unread, ...inference.unused] });
  return 0;
}
