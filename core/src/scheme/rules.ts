/** House rules: where laboratories differ, what is restricted, how much help is given. */
import type { Received } from '../vocabulary/received';
import * as z from 'zod';
import { QUESTIONS } from './data/questions';
import type { School } from './model';

export { QUESTIONS };

const answers = z.record(z.string().max(40), z.string().max(40)).superRefine((given, ctx) => {
  for (const [id, option] of Object.entries(given)) {
    const question = QUESTIONS.find((q) => q.id === id);
    if (!question) ctx.addIssue({ code: 'custom', path: [id], message: 'there is no such question in the house rules' });
    else if (!question.options.some((o) => o.id === option))
      ctx.addIssue({ code: 'custom', path: [id], message: `choose ${question.options.map((o) => o.id).join(', ')}` });
  }
});

export const houseRulesSchema = z.strictObject({
  answers: answers.default({}),
  /** Reagents and tests that this laboratory does not allow. */
  restrictedReagents: z.array(z.string().max(60)).max(200).default([]),
  restrictedTests: z.array(z.string().max(60)).max(300).default([]),
  /** mL in one drop of this laboratory's droppers. */
  dropML: z.number().min(0.02, 'a drop is at least 0.02 mL').max(0.1, 'a drop is at most 0.1 mL').default(0.05),
  /** Nothing; what to look for; or the words for what is there, in simulated cases. */
  help: z.enum(['none', 'signs', 'words']).default('signs'),
  /** The person's own inference before Foxing's. */
  ownFirst: z.boolean().default(false),
  notes: z.string().max(4000).default(''),
});

export type HouseRules = Received<z.infer<typeof houseRulesSchema>>;
export const DEFAULT_RULES: HouseRules = houseRulesSchema.parse({});

/** The option that holds for a question. */
export function answerTo(rules: HouseRules, question: string): string {
  return rules.answers[question] ?? QUESTIONS.find((q) => q.id === question)!.options[0]!.id;
}

export const schoolOf = (rules: HouseRules): School => answerTo(rules, 'cation-scheme') as School;

const sameItems = (a: readonly string[], b: readonly string[]) => [...a].sort().join() === [...b].sort().join();

/** Do two houses work alike? What a default says need not be written down. */
export const sameRules = (a: HouseRules, b: HouseRules): boolean =>
  QUESTIONS.every((q) => answerTo(a, q.id) === answerTo(b, q.id)) &&
  sameItems(a.restrictedReagents, b.restrictedReagents) &&
  sameItems(a.restrictedTests, b.restrictedTests) &&
  a.dropML === b.dropML &&
  a.help === b.help &&
  a.ownFirst === b.ownFirst;
