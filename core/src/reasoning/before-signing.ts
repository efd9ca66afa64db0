/** What a report leaves unexplained or claims too much of, told before it is signed. */
import { FormulaError } from '../matter/formula';
import { parseSalt } from '../matter/salts';
import { nameOf } from '../senses/names';
import type { State } from './states';

export interface Claim {
  readonly ion: string;
  readonly claim: 'confirmed' | 'may-be-present';
  readonly evidence: readonly number[];
}

export interface Standing {
  readonly id: string;
  readonly state: State;
  readonly because: readonly { readonly entry: number; readonly decibans: number }[];
}

export interface Record {
  readonly claims: readonly Claim[];
  readonly suspects: readonly Standing[];
  readonly conflicts: readonly { readonly text: string }[];
  /** Numbers of the entries that stand. */
  readonly entries: readonly number[];
}

/** An entry points to something from so many decibans on: odds of three to one. */
const POINTS = 5;

const list = (numbers: readonly number[]) => `${numbers.length > 1 ? 'entries' : 'entry'} ${numbers.join(', ')}`;

/** The entries that bear on a suspect, those that speak most for it first. */
export const bearingOn = ({ because }: Standing): readonly { readonly entry: number; readonly decibans: number }[] =>
  because.filter((b) => Math.abs(b.decibans) >= 1).sort((a, b) => b.decibans - a.decibans);

function claimsTooMuch({ ion, claim, evidence }: Claim, standing: Standing | undefined): string[] {
  if (!standing) return [];
  const name = nameOf(ion);
  if (standing.state === 'ruled-out') return [`${name} is claimed, and the record rules it out`];
  if (claim === 'may-be-present') return [];
  const weighs = evidence.some((n) => standing.because.some((b) => b.entry === n && b.decibans >= POINTS));
  if (!weighs) return [`nothing in ${list(evidence)} speaks much for ${name}`];
  return standing.state === 'confirmed'
    ? []
    : [`${name} is claimed as present; so far it is ${standing.state.replace('-', ' ')}`];
}

/** What a reader would ask about a report, in sentences; none when all of it hangs together. */
export function beforeSigning({ claims, suspects, conflicts, entries }: Record): string[] {
  const claimed = new Set(claims.map((c) => c.ion));
  const byId = new Map(suspects.map((s) => [s.id, s]));
  const unclaimed = suspects.filter((s) => !claimed.has(s.id) && (s.state === 'confirmed' || s.state === 'indicated'));
  const spokenFor = (n: number) => claims.some((c) => c.evidence.includes(n));
  const explained = (n: number) =>
    [...claimed].some((ion) => byId.get(ion)?.because.some((b) => b.entry === n && b.decibans >= 1));
  const left = entries.filter(
    (n) => !spokenFor(n) && !explained(n) && suspects.some((s) => s.because.some((b) => b.entry === n && b.decibans >= POINTS)),
  );
  return [
    ...conflicts.map((c) => `A conflict is open: ${c.text}`),
    ...claims.flatMap((c) => claimsTooMuch(c, byId.get(c.ion))),
    ...unclaimed.map((s) => `${nameOf(s.id)} is ${s.state} by the record, and not in the report`),
    ...(left.length ? [`${list(left)} ${left.length > 1 ? 'point' : 'points'} to something that the report does not claim`] : []),
  ];
}

/** Does the formula of a salt, or of several with commas or pluses between, hold the ions that are claimed? Sentences if not. */
export function formulaAgainst(formula: string, claims: readonly Claim[]): string[] {
  const parts = formula.split(/[,;+](?![^(]*\))/).map((p) => p.trim());
  const ions = new Set<string>();
  for (const part of parts.filter(Boolean)) {
    try {
      for (const ion of Object.keys(parseSalt(part).ions)) ions.add(ion);
    } catch (error) {
      if (error instanceof FormulaError) return [error.message];
      throw error;
    }
  }
  if (!ions.size) return [];
  const claimed = claims.map((c) => c.ion);
  const missing = [...ions].filter((ion) => !claimed.includes(ion));
  const without = claims.filter((c) => c.claim === 'confirmed' && !ions.has(c.ion));
  return [
    ...missing.map((ion) => `the formula holds ${nameOf(ion)}, which is not among what you found`),
    ...without.map((c) => `${nameOf(c.ion)} is claimed as present and is not in the formula`),
  ];
}
