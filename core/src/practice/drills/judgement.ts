/** What to do next, and whether what was done is enough. */
import { SINGLES } from '../../reasoning/hypotheses';
import { account } from '../../scheme/account';
import type { Sign, StandardTest } from '../../scheme/model';
import { DEFAULT_RULES, schoolOf } from '../../scheme/rules';
import { showsSign, testsOf } from '../../scheme/tests';
import { World } from '../../scheme/world';
import { nameOf } from '../../senses/names';
import { sayObservation } from '../../senses/sentences';
import { type Drill, type Maker, oneOf, type Random, shuffled } from '../drill';

const SCHOOL = schoolOf(DEFAULT_RULES);
const TESTS = testsOf(SCHOOL);
const isProof = ({ proves, of }: Sign) => proves === true && of.length === 1;
const proofsOf = (ion: string) => TESTS.filter((t) => t.signs?.some((s) => isProof(s) && s.of[0] === ion));
const PROVABLE = [...new Set(TESTS.flatMap((t) => t.signs?.filter(isProof).map((s) => s.of[0]!) ?? []))];

interface ShownSign {
  readonly test: StandardTest;
  readonly sign: Sign;
  readonly said: string;
}

/** A test on a salt that holds an ion, of which a sign for the ion is shown. */
function shownFor(ion: string, wants: (sign: Sign) => boolean, random: Random): ShownSign | null {
  const salts = SINGLES.filter((f) => f.ions.includes(ion));
  const tests = TESTS.filter((t) => t.signs?.some((s) => s.of.includes(ion) && wants(s)));
  if (!salts.length || !tests.length) return null;
  const world = new World(oneOf(random, salts).sample, SCHOOL, DEFAULT_RULES);
  for (const test of shuffled(random, tests)) {
    const see = account(world.result(test.id).see, test.watch);
    const sign = test.signs!.find((s) => s.of.includes(ion) && wants(s) && showsSign(see, s));
    if (sign) return { test, sign, said: see.map(sayObservation).join('; ') };
  }
  return null;
}

const DISTRACTORS = 3;
const CREDIT_FOR_REPEATING = 0.2;

export const nextTest: Maker = (random): Drill | null => {
  const ion = oneOf(random, PROVABLE);
  const found = shownFor(ion, (s) => !s.proves, random);
  const proofs = proofsOf(ion).filter((t) => t.id !== found?.test.id);
  if (!found || !proofs.length) return null;
  const right = oneOf(random, proofs);
  const others = TESTS.filter((t) => t.signs?.some(isProof) && !proofsOf(ion).includes(t) && t.id !== found.test.id);
  const wrong = shuffled(random, others).slice(0, DISTRACTORS - 1);
  return {
    skill: 'next-test',
    key: `${ion} ${found.test.id}`,
    ask: `“${found.test.title}” showed: ${found.said}. You think of ${nameOf(ion)}. What would you do next?`,
    exhibits: [],
    answering: {
      by: 'choice',
      choices: shuffled(random, [
        { id: right.id, label: right.title, credit: 1 },
        ...wrong.map((t) => ({ id: t.id, label: t.title, credit: 0 })),
        { id: 'again', label: `“${found.test.title}” once more`, credit: CREDIT_FOR_REPEATING },
      ]),
    },
    why: `“${right.title}” proves ${nameOf(ion)}: ${right.purpose}`,
  };
};

export const enough: Maker = (random): Drill | null => {
  const ion = oneOf(random, PROVABLE);
  const wanted = random() < 0.5;
  const found = shownFor(ion, (s) => isProof(s) === wanted, random);
  if (!found) return null;
  const { test, sign, said } = found;
  const others = sign.of.filter((o) => o !== ion).map(nameOf);
  const instead = proofsOf(ion)[0]?.title;
  return {
    skill: 'enough',
    key: `${ion} ${test.id}`,
    ask: `“${test.title}” showed: ${said}. Is that enough to report ${nameOf(ion)} as confirmed?`,
    exhibits: [],
    answering: {
      by: 'choice',
      choices: [
        { id: 'yes', label: 'Yes, in its place in the scheme it is proof', credit: wanted ? 1 : 0 },
        { id: 'no', label: 'No, it only hints at it', credit: wanted ? 0 : 1 },
      ],
    },
    why: wanted
      ? `Done in its place, “${test.title}” proves ${nameOf(ion)}.${test.mistaken ? ` Still: ${test.mistaken}` : ''}`
      : `${others.length ? `${others.join(', ')} may give the same. ` : ''}${instead ? `“${instead}” would prove it.` : ''}`,
  };
};
