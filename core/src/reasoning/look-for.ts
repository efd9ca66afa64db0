/** What to look for in a test: of each ion, element or group its own sign, as samples that hold it show it. */
import type { Pattern, Sign, StandardTest } from '../scheme/model';
import { fits, showsSign } from '../scheme/tests';
import { sayAll } from '../senses/sentences';
import type { Observation } from '../vocabulary/observation';
import type { WhatSuspectGives } from './handbook';

export interface OwnSign {
  /** Those whose sign is told in the same words. */
  readonly of: readonly string[];
  readonly see: readonly Observation[];
  readonly text: string;
  /** It is proof there, not only a hint. */
  readonly proves: boolean;
}

/** A sign that at least so many of a suspect's samples show is told beside its commonest. */
const ALSO_TOLD = 0.25;

/** What is told of an observation that is a sign: amounts hang on the sample, and are left out. */
const bare = ({ amount: _, vigour: __, ...o }: Observation): Observation => o as Observation;

const signOf = (see: readonly Observation[], { see: patterns }: Sign): Observation[] =>
  see.filter((o) => patterns.some((p) => fits(o, p))).map(bare);

/** The first words that a pattern accepts. */
const firstWords = (pattern: Pattern): Observation =>
  Object.fromEntries(Object.entries(pattern).map(([field, words]) => [field, [words].flat()[0]])) as unknown as Observation;

/** Every way in which a suspect's samples show a sign, the commonest first; in the sign's first words where none does. */
function waysOf(given: WhatSuspectGives | undefined, sign: Sign): { see: Observation[]; share: number }[] {
  const ways = new Map<string, { see: Observation[]; share: number }>();
  for (const { see, samples } of given?.outcomes ?? []) {
    if (!showsSign(see, sign)) continue;
    const seen = signOf(see, sign);
    const text = sayAll(seen);
    ways.set(text, { see: seen, share: (ways.get(text)?.share ?? 0) + samples / given!.samples });
  }
  if (!ways.size) return [{ see: sign.see.map(firstWords), share: 0 }];
  return [...ways.values()].sort((a, b) => b.share - a.share).filter((w, i) => i === 0 || w.share >= ALSO_TOLD);
}

/** The signs of a test, those that look the same on one line, in the order of the test's signs. */
export function ownSigns(test: StandardTest, given: readonly WhatSuspectGives[]): OwnSign[] {
  const byId = new Map(given.map((g) => [g.suspect, g]));
  const lines = new Map<string, { of: string[]; see: readonly Observation[]; text: string; proves: boolean }>();
  for (const sign of test.signs ?? [])
    for (const suspect of sign.of)
      for (const { see } of waysOf(byId.get(suspect), sign)) {
        const text = sayAll(see);
        const key = `${text}${sign.proves ?? ''}`;
        const line = lines.get(key) ?? { of: [], see, text, proves: sign.proves ?? false };
        lines.set(key, { ...line, of: line.of.includes(suspect) ? line.of : [...line.of, suspect] });
      }
  return [...lines.values()];
}
