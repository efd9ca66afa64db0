/** Begins with the tests that take longest, so that none of them runs alone at the end: in a fresh clone Jest knows no times. */
import Sequencer from '@jest/test-sequencer';

const LONGEST = ['records', 'reasoning', 'launcher', 'people', 'cli', 'mixtures', 'practice', 'paths', 'faults', 'exchange'];
const rank = ({ path }) => {
  const at = LONGEST.findIndex((name) => path.endsWith(`/${name}.test.ts`));
  return at < 0 ? LONGEST.length : at;
};

export default class LongestFirst extends Sequencer {
  async sort(tests) {
    return [...(await super.sort(tests))].sort((a, b) => rank(a) - rank(b));
  }
}
