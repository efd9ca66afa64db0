/** What to look for in a test: of each ion, element or group its own sign, as samples that hold it show it. */
import type { Pattern, Sign, StandardTest } from '../scheme/model';
import { fits, showsSign } from '../scheme/tests';
import { sayAll } from '../senses/sentences';
import { type Observation, observationOf } from '../vocabulary/observation';
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
  observationOf(Object.fromEntries(Object.entries(pattern).map(([field, words]) => [field, [words].flat()[0]])));

/** Every way in which a suspect's samples show a sign, the commonest first. */
function waysOf(given: WhatSuspectGives | undefined, sign: Sign): { see: Observation[]; share: number }[] {
  const ways = new Map<string, { see: Observation[]; share: number }>();
  for (const { see, samples } of given?.outcomes ?? []) {
    if (!showsSign(see, sign)) continue;
    const seen = signOf(see, sign);
    const text = sayAll(seen);
    ways.set(text, { see: seen, share: (ways.get(text)?.share ?? 0) + samples / given!.samples });
  }
  return [...ways.values()].sort((a, b) => b.share - a.share).filter((w, i) => i === 0 || w.share >= ALSO_TOLD);
}

/** The signs of a test, those that look the same on one line, in the order of the test's signs. */
export function ownSigns(test: StandardTest, given: readonly WhatSuspectGives[]): OwnSign[] {
  const signs = test.signs ?? [];
  const byId = new Map(given.map((g) => [g.suspect, g]));
  const shown = signs.flatMap((sign) =>
    sign.of.flatMap((suspect) => waysOf(byId.get(suspect), sign).map(({ see }) => ({ suspect, sign, see }))),
  );
  const told = new Set(shown.map((s) => s.suspect));
  // What no sample of ours shows is told in the sign's own first words.
  const untold = signs.flatMap((sign) =>
    sign.of.filter((id) => !told.has(id)).map((suspect) => ({ suspect, sign, see: sign.see.map(firstWords) })),
  );
  const lines = new Map<string, { of: Set<string>; see: readonly Observation[]; text: string; proves: boolean }>();
  for (const { suspect, sign, see } of [...shown, ...untold]) {
    const text = sayAll(see);
    const proves = sign.proves ?? false;
    const key = `${text}${proves}`;
    const line = lines.get(key) ?? { of: new Set(), see, text, proves };
    line.of.add(suspect);
    lines.set(key, line);
  }
  return [...lines.values()].map((line) => ({ ...line, of: [...line.of] }));
}
