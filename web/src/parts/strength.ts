/** How strongly an entry speaks, in words: decibans are for those who want the number. */

/** Decibans from which on evidence is called so: under about three times as likely, from there, from ten times, from a hundred times. */
const STRENGTHS: readonly (readonly [least: number, word: string])[] = [
  [20, 'decisive'],
  [10, 'strong'],
  [5, 'moderate'],
  [0, 'weak'],
];

/** Such as "strong evidence for it". */
export function strengthOf(decibans: number): string {
  const [, word] = STRENGTHS.find(([least]) => Math.abs(decibans) >= least)!;
  return `${word}, ${decibans > 0 ? 'for' : 'against'}`;
}

/** The number, with its sign and unit. */
export const decibansOf = (decibans: number): string => `${decibans > 0 ? '+' : '−'}${Math.abs(decibans).toFixed(1)} decibans`;
