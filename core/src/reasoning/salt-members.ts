/** What an unknown salt may be: one form, two salts, or a form with a trace; and how often each is met. */
import { type Trace, TRACES } from './data/priors';
import { parseSalt } from '../matter/salts';
import { type Form, FORMS, isCation, SINGLES } from './hypotheses';
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

/** One form, two salts, or a form with a trace of a salt, by their places in `FORMS`. */
export interface SaltMember extends Member {
  readonly salts: readonly number[];
  /** Of what does not belong to the sample and is not among what it holds: water from the tap, a tube not rinsed. */
  readonly trace?: Trace;
}

function alone(salt: number, limits: Limits): SaltMember[] {
  const { ions } = FORMS[salt]!;
  const cations = ions.filter(isCation).length;
  const isWithin = cations <= limits.cations && ions.length - cations <= limits.anions;
  return isWithin ? [{ salts: [salt], holds: ions, composed: false }] : [];
}

const ionsOf = (form: number) => FORMS[form]!.ions.join(' ');
const PLAIN = new Set(SINGLES.map((_, i) => ionsOf(i)));
/** Is it a salt of which acid is a part, as disodium hydrogen phosphate? */
const isAcidSalt = ({ sample, ions }: Form): boolean =>
  'salts' in sample &&
  sample.salts.every(({ formula }) => {
    const salt = parseSalt(formula);
    return (salt.of['H+'] ?? 0) > 0 && Object.keys(salt.ions).some((id) => !ions.includes(id));
  });

/**
 * Places in `FORMS` of what mixtures are made of: the plain salts, acid salts, and what is met for a plain salt that there is not,
 * as of copper carbonate.
 */
export const MIXED: readonly number[] = [...FORMS.keys()].filter((i) => {
  const { ions } = FORMS[i]!;
  if (i < SINGLES.length) return true;
  return ions.length === 2 && !isCation(ions[1]!) && (!PLAIN.has(ionsOf(i)) || isAcidSalt(FORMS[i]!));
});

const distinct = (one: string, other: string) => (one === other ? [one] : [one, other]);

/** @param first of two salts, each of a cation and an anion. */
function together(first: number, second: number, limits: Limits): SaltMember[] {
  const [[up, down], [otherUp, otherDown]] = [FORMS[first]!.ions, FORMS[second]!.ions];
  const [cations, anions] = [distinct(up!, otherUp!), distinct(down!, otherDown!)];
  const isWithin = cations.length <= limits.cations && anions.length <= limits.anions;
  return isWithin ? [{ salts: [first, second], holds: [...cations, ...anions], composed: true }] : [];
}

/** What stands in one bottle, with a trace of what could be taken for a part of it. */
function withTraces(bottles: readonly SaltMember[]): SaltMember[] {
  return TRACES.flatMap((trace) => {
    const salt = FORMS.findIndex(({ name }) => name === trace.salt);
    const anion = FORMS[salt]!.ions.at(-1)!;
    return bottles.flatMap((member, m) =>
      member.holds.includes(anion)
        ? []
        : [{ salts: [...member.salts, salt], holds: member.holds, trace, composed: true, apartFrom: m }],
    );
  });
}

function membersWithin(limits: Limits): SaltMember[] {
  const bottles = FORMS.flatMap((_, i) => alone(i, limits));
  if (limits.cations < 2 && limits.anions < 2) return bottles;
  const mixtures = MIXED.flatMap((one, i) => MIXED.slice(i + 1).flatMap((other) => together(one, other, limits)));
  return [...bottles, ...mixtures, ...withTraces(bottles)];
}

function priorOf(list: readonly SaltMember[]): Float64Array {
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

/** All that an unknown may be, and ln of how often each is met. */
export interface Unknowns {
  /** Those that stand in one bottle first. */
  readonly members: readonly SaltMember[];
  readonly lnPrior: Float64Array;
}

const known = new Map<string, Unknowns>();

/** The same for every school. */
export function unknownsWithin(limits: Limits): Unknowns {
  const key = `${limits.cations} ${limits.anions}`;
  let unknowns = known.get(key);
  if (!unknowns) {
    const members = membersWithin(limits);
    known.set(key, (unknowns = { members, lnPrior: priorOf(members) }));
  }
  return unknowns;
}
