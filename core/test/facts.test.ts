/**
 * What books of qualitative analysis and a bench say, written down before anything was run. No row is known to the engine: when one
 * fails, a constant or a mechanism is wrong.
 */
import { FACTS as AGEING } from './facts/ageing';
import { FACTS as BENCH } from './facts/bench';
import { FACTS as CARBON } from './facts/carbon';
import { FACTS as COMPOUNDS } from './facts/compounds';
import { FACTS as CONDITIONS } from './facts/conditions';
import { FACTS as FUSION } from './facts/fusion';
import { FACTS as IDENTITY } from './facts/identity';
import { FACTS as INTERFERENCE } from './facts/interference';
import { FACTS as LIGANDS } from './facts/ligands';
import { FACTS as MORE } from './facts/more';
import { FACTS as ONCE_MORE } from './facts/once-more';
import { FACTS as ANIONS } from './facts/anions';
import { FACTS as CATIONS } from './facts/cations';
import { FACTS as GROUPS } from './facts/groups';
import { FACTS as STRUCTURES } from './facts/structures';
import { FACTS as TUBES } from './facts/tubes';
import { FACTS as WORK } from './facts/work';
import { disagreements } from './notation';

describe.each([
  ...BENCH,
  ...MORE,
  ...INTERFERENCE,
  ...FUSION,
  ...COMPOUNDS,
  ...CONDITIONS,
  ...IDENTITY,
  ...AGEING,
  ...CATIONS,
  ...ANIONS,
  ...STRUCTURES,
  ...TUBES,
  ...GROUPS,
  ...WORK,
  ...LIGANDS,
  ...CARBON,
  ...ONCE_MORE,
])('%s', (_heading, facts) => {
  test.each(facts)('%s', (_title, sample, script) => {
    expect(disagreements(sample, script)).toEqual([]);
  });
});
