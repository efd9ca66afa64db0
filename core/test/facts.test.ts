/**
 * What books of qualitative analysis and a bench say, written down before anything was run. No row is known to the engine: when one
 * fails, a constant or a mechanism is wrong.
 */
import { FACTS as ACID_AND_HEAT } from './facts/acid-and-heat';
import { FACTS as AGEING } from './facts/ageing';
import { FACTS as ANIONS } from './facts/anions';
import { FACTS as BENCH } from './facts/bench';
import { FACTS as CATIONS } from './facts/cations';
import { FACTS as COMPLEXES_AND_SULFIDES } from './facts/complexes-and-sulfides';
import { FACTS as COMPOUNDS } from './facts/compounds';
import { FACTS as CONDITIONS } from './facts/conditions';
import { FACTS as FUSION } from './facts/fusion';
import { FACTS as HOT_AND_DRY } from './facts/hot-and-dry';
import { FACTS as IDENTITY } from './facts/identity';
import { FACTS as INTERFERENCE } from './facts/interference';
import { FACTS as LEFT_BY_HEAT } from './facts/left-by-heat';
import { FACTS as METALS_AND_REDOX } from './facts/metals-and-redox';
import { FACTS as MIXED_AND_SALTS } from './facts/mixed-and-salts';
import { FACTS as MIXED_FLAMES } from './facts/mixed-flames';
import { FACTS as MORE } from './facts/more';
import { FACTS as NITROGEN_AND_HALIDES } from './facts/nitrogen-and-halides';
import { FACTS as ONCE_MORE } from './facts/once-more';
import { FACTS as OXYGEN_COMPOUNDS } from './facts/oxygen-compounds';
import { FACTS as PAIRS_AND_COMPOUNDS } from './facts/pairs-and-compounds';
import { FACTS as REACTIVITY } from './facts/reactivity';
import { FACTS as REDOX_AND_ANIONS } from './facts/redox-and-anions';
import { FACTS as SALTS_AND_RINGS } from './facts/salts-and-rings';
import { FACTS as SIDE_BY_SIDE } from './facts/side-by-side';
import { FACTS as STRUCTURES } from './facts/structures';
import { disagreements } from './notation';

describe.each([
  ...ACID_AND_HEAT,
  ...AGEING,
  ...ANIONS,
  ...BENCH,
  ...CATIONS,
  ...COMPLEXES_AND_SULFIDES,
  ...COMPOUNDS,
  ...CONDITIONS,
  ...FUSION,
  ...HOT_AND_DRY,
  ...IDENTITY,
  ...INTERFERENCE,
  ...LEFT_BY_HEAT,
  ...METALS_AND_REDOX,
  ...MIXED_AND_SALTS,
  ...MIXED_FLAMES,
  ...MORE,
  ...NITROGEN_AND_HALIDES,
  ...ONCE_MORE,
  ...OXYGEN_COMPOUNDS,
  ...PAIRS_AND_COMPOUNDS,
  ...REACTIVITY,
  ...REDOX_AND_ANIONS,
  ...SALTS_AND_RINGS,
  ...SIDE_BY_SIDE,
  ...STRUCTURES,
])('%s', (_heading, facts) => {
  test.each(facts)('%s', (_title, sample, script) => {
    expect(disagreements(sample, script)).toEqual([]);
  });
});
