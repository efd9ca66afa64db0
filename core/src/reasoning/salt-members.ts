/** What an unknown salt may be: one form, two plain salts, or a form with a trace; and how often each is met. */
import { type Trace, TRACES } from './data/priors';
import { FORMS, isCation, SINGLES } from './hypotheses';
import { weightOf, weightTogether } from './priors';
import type { Member } from './member';

/**
 * Share of the prior that goes to what stands in one bottle, where mixtures of two are allowed: of eighteen records of
 * salts and mixtures that others wrote fourteen are of such.
 */
const SINGLE_SHARE = 0.8;

export interface Limits {
  readonly cations: number;
  readonly anions: number;
}

/** One form, two plain salts, or a form with a trace of a salt, by their places in `FORMS`. */
export interface SaltMember extends Member {
  readonly salts: readonly number[];
  /** Of what does not belong to the sample and is not among what it holds: water from the tap, a tube not rinsed. */
  readonly trace?: Trace;
}

const keep = (salts: readonly number[], { cations, anions }: Limits): SaltMember[] => {
  const ions = [...new Set(salts.flatMap((i) => FORMS[i]!.ions))];
  const up = ions.filter(isCation).length;
  return up <= cations && ions.length - up <= anions
    ? [{ salts, holds: [...ions].sort((a, b) => Number(isCation(b)) - Number(isCation(a))), composed: salts.length > 1 }]
    : [];
};

/** What stands in one bottle, with a trace of what could be taken for a part of it. */
function withTraces(alone: readonly SaltMember[]): SaltMember[] {
  return TRACES.flatMap((trace) => {
    const salt = FORMS.findIndex(({ name }) => name === trace.salt);
    const anion = FORMS[salt]!.ions.at(-1)!;
    return alone.flatMap((member, m) =>
      member.holds.includes(anion)
        ? []
        : [{ salts: [...member.salts, salt], holds: member.holds, trace, composed: true, apartFrom: m }],
    );
  });
}

/** All that it may be, those that stand in one bottle first. */
export function membersWithin(limits: Limits): SaltMember[] {
  const out = FORMS.flatMap((_, i) => keep([i], limits));
  if (limits.cations < 2 && limits.anions < 2) return out;
  const traced = withTraces(out);
  for (let i = 0; i < SINGLES.length; i++) for (let j = i + 1; j < SINGLES.length; j++) out.push(...keep([i, j], limits));
  return [...out, ...traced];
}

/** ln of how often each is met. */
export function priorOf(list: readonly SaltMember[]): Float64Array {
  const isMixture = ({ composed, trace }: SaltMember) => composed && !trace;
  const weights = list.map(({ salts, trace }) => {
    const [one, other] = salts.map((i) => FORMS[i]!);
    if (trace) return trace.rate * weightOf(one!);
    return other ? weightTogether(one!, other) : weightOf(one!);
  });
  const sum = (mixture: boolean) => weights.reduce((s, w, m) => (isMixture(list[m]!) === mixture ? s + w : s), 0);
  const [single, mixed] = [sum(false), sum(true)];
  const share = mixed ? SINGLE_SHARE : 1;
  return Float64Array.from(weights, (w, m) => Math.log(isMixture(list[m]!) ? ((1 - share) * w) / mixed : (share * w) / single));
}
