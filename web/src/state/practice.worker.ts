/** Works out drills and graded samples beside the page, with no server. */
import type { SkillId } from '#core/practice/data/skills';
import type { Drill } from '#core/practice/drill';
import { drillOf } from '#core/practice/drills/drills';
import type { SampleSpec } from '#core/bench/sample';
import { ladder } from '#core/practice/graded';
import type { Difficulties, Rung } from '#core/practice/rung';
import { account } from '#core/scheme/account';
import type { Scheme } from '#core/scheme/model';
import { DEFAULT_RULES } from '#core/scheme/rules';
import { testById } from '#core/scheme/tests';
import { World } from '#core/scheme/world';
import { sayObservation } from '#core/senses/sentences';

export type Asked =
  | { readonly ask: 'drill'; readonly skill: SkillId; readonly before?: string }
  | { readonly ask: 'ladder'; readonly table: Difficulties }
  | { readonly ask: 'test'; readonly sample: SampleSpec; readonly scheme: Scheme; readonly test: string };

/** What a test showed, in words. */
export interface TestShown {
  readonly test: string;
  readonly seen: readonly string[];
}
export type Answer<A extends Asked['ask']> = A extends 'drill' ? Drill : A extends 'ladder' ? Rung[] : TestShown;

let world: { readonly of: string; readonly it: World } | null = null;

function worldOf(sample: SampleSpec, scheme: Scheme): World {
  const of = JSON.stringify(sample);
  if (world?.of !== of) world = { of, it: new World(sample, scheme, DEFAULT_RULES) };
  return world.it;
}

function answerTo(asked: Asked): Drill | Rung[] | TestShown {
  switch (asked.ask) {
    case 'drill':
      return drillOf(asked.skill, Math.random, asked.before);
    case 'ladder':
      return ladder(asked.table);
    case 'test': {
      const test = testById.get(asked.test)!;
      const { see, stopped } = worldOf(asked.sample, asked.scheme).result(test.id);
      const seen = account(see, test.watch).map(sayObservation);
      return { test: test.id, seen: seen.length ? seen : [stopped ?? 'nothing to be seen'] };
    }
  }
}

self.onmessage = ({ data: { turn, asked } }: MessageEvent<{ turn: number; asked: Asked }>) => {
  try {
    self.postMessage({ turn, answer: answerTo(asked) });
  } catch (error) {
    self.postMessage({ turn, failed: (error as Error).message });
  }
};
