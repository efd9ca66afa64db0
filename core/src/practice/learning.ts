/** What a person can do by now, skill by skill, and what to practise next: spaced repetition over skills. */
import { type Card, createEmptyCard, fsrs, generatorParameters, Rating, State } from 'ts-fsrs';
import { SKILL_IDS, type SkillId } from './data/skills';

/** How a skill stands; times are ISO. */
export interface Skill {
  readonly card: Card;
  /** Credits of the last answers, the newest last. */
  readonly last: readonly number[];
  /** Key of the last drill. */
  readonly key: string;
}
export type Skills = Readonly<Partial<Record<SkillId, Skill>>>;

const scheduler = fsrs(generatorParameters({ enable_fuzz: false, enable_short_term: true }));

/** Credits from which an answer was good, and from which it was a near miss. */
const GOOD = 0.9;
const NEAR = 0.4;
const KEPT = 8;

const rated = (credit: number) => (credit >= GOOD ? Rating.Good : credit >= NEAR ? Rating.Hard : Rating.Again);

/** Dates come back from storage as text. */
const dated = (card: Card): Card => ({
  ...card,
  due: new Date(card.due),
  ...(card.last_review && { last_review: new Date(card.last_review) }),
});

/** The skills after an answer. */
export function answered(skills: Skills, skill: SkillId, key: string, credit: number, now: Date): Skills {
  const before = skills[skill];
  const { card } = scheduler.next(before ? dated(before.card) : createEmptyCard(now), now, rated(credit));
  return { ...skills, [skill]: { card, key, last: [...(before?.last ?? []), credit].slice(-KEPT) } };
}

export const STANDINGS = ['untried', 'shaky', 'coming', 'steady'] as const;
export type SkillStanding = (typeof STANDINGS)[number];

/** Mean credit below which a skill is shaky; days that a steady one lasts. */
const SHAKY_BELOW = 0.65;
const STEADY_DAYS = 3;

const meanOf = ({ last }: Skill): number => last.reduce((a, b) => a + b, 0) / last.length;

export function standingOf(skill: Skill | undefined): SkillStanding {
  if (!skill) return 'untried';
  if (meanOf(skill) < SHAKY_BELOW) return 'shaky';
  return skill.card.stability >= STEADY_DAYS && skill.card.state === State.Review ? 'steady' : 'coming';
}

/** How likely it is that a skill would be shown well now, 0…1; 0 for one that was never tried. */
export const heldNow = (skill: Skill | undefined, now: Date): number =>
  skill ? scheduler.get_retrievability(dated(skill.card), now, false) : 0;

/** How well a skill stands now: remembered, and shown well when it was asked for. */
const sureness = (skill: Skill, now: Date): number => heldNow(skill, now) * meanOf(skill);

/** What to practise next: what is due, the least sure first; then something new; then the least sure of all. Not the same again. */
export function nextSkill(skills: Skills, now: Date, before?: SkillId): SkillId {
  const others = SKILL_IDS.filter((id) => id !== before);
  const tried = others.filter((id) => skills[id]).sort((a, b) => sureness(skills[a]!, now) - sureness(skills[b]!, now));
  const due = tried.filter((id) => new Date(skills[id]!.card.due) <= now);
  return due[0] ?? others.find((id) => !skills[id]) ?? tried[0]!;
}
