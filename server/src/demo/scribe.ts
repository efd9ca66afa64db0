/** Work as a person does it: test by test, with what they saw and made of it. */
import { randomUUID } from 'node:crypto';
import type { CaseEvent } from '#core/record/events';
import { lastSeen } from '#core/record/view';
import { layOut } from '#core/scheme/layout';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { onVessels, stepsOf, testById } from '#core/scheme/tests';
import type { Observation } from '#core/vocabulary/observation';
import type { Person } from '#contract';
import type { Cases } from '../cases/cases';

export interface Inferred {
  readonly test: string;
  readonly inference: string;
  /** In the person's own words, beside those of the form. */
  readonly note?: string;
  readonly unsure?: true;
  /** What the person took it for, where that is not what it showed; struck afterwards, with this reason. */
  readonly mistaken?: { readonly for: readonly Observation[]; readonly struck: string };
}

/** Writes down one person's work on one case. */
export class Scribe {
  private seq = 1;
  private entries = 0;
  private readonly vessels = new Set<string>();

  constructor(
    private readonly cases: Cases,
    private readonly person: Person,
    private readonly id: string,
  ) {}

  async write(event: CaseEvent): Promise<void> {
    const changes = await this.cases.append(this.person, this.id, { id: randomUUID(), after: this.seq, event });
    this.seq = changes.seq;
    for (const v of changes.vessels) this.vessels.add(v.id);
    for (const id of changes.gone) this.vessels.delete(id);
  }

  /** Works a standard test step by step and writes down what it showed. */
  async work({ test: id, inference, note, unsure, mistaken }: Inferred): Promise<void> {
    const test = testById.get(id)!;
    const layout = layOut(test, DEFAULT_RULES, [...this.vessels]);
    if ('missing' in layout) throw new Error(`${id} needs ${layout.missing}`);
    const { tubes } = layout;
    const run = randomUUID();
    for (const [step, { op }] of stepsOf(test, DEFAULT_RULES).entries())
      await this.write({
        kind: 'operation',
        payload: { op: onVessels(op, tubes), test: id, run: { id: run, step, tubes } },
      });
    const used = tubes['1'] ?? tubes['@'];
    const observed = mistaken ? [...mistaken.for] : telling(lastSeen((await this.cases.read(this.person, this.id)).state));
    const payload = { test: id, ...(used && { vessel: used }), observed, inference };
    await this.write({
      kind: 'entry',
      payload: { ...payload, ...(note && { note }), ...(unsure && { confidence: 'unsure' as const }) },
    });
    this.entries++;
    if (mistaken) await this.write({ kind: 'strike', payload: { entry: this.entries, reason: mistaken.struck } });
  }
}

/** Amounts, vigour and how long are left out by most people. */
const plain = ({ amount: _, vigour: __, duration: ___, clarity: ____, ...o }: Observation): Observation => o as Observation;

/** What a person would write of all that a test showed: what happened, or that nothing did. */
function telling(seen: readonly Observation[]): Observation[] {
  const positive = seen.filter((o) => o.event !== 'none' && o.event !== 'unchanged');
  return (positive.length ? positive : [...seen]).slice(0, 3).map(plain);
}
