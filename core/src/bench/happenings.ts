/** What happens on the way through an operation: states and facts, without a word of how they look. */
import type { Amounts } from '../matter/catalogue';
import type { Observation } from '../vocabulary/observation';
import type { OpOf } from './ops';
import type { SolidSample } from './sample';
import type { DryHeated, Vessel } from './vessel';

export type Happening =
  /** A vessel is looked at as it is. */
  | { readonly what: 'look'; readonly vessel: Vessel }
  /** A vessel went from one state to another. */
  | { readonly what: 'change'; readonly from: Vessel; readonly to: Vessel }
  /** On its way it held a solid that is gone again. */
  | { readonly what: 'passing'; readonly from: Vessel; readonly through: Vessel }
  /** mol of each gas that left since; the vessel as it was then. */
  | { readonly what: 'gas'; readonly left: Amounts; readonly vessel: Vessel }
  /** Sulfuric acid goes off as a white mist, or ammonium salts as smoke. */
  | { readonly what: 'white-fumes' }
  /** Warmer than before, by its own heat. */
  | { readonly what: 'warmer' }
  /** A reagent was added drop by drop: what each drop did, and all of them together. */
  | { readonly what: 'drops'; readonly each: readonly (readonly Happening[])[]; readonly from: Vessel; readonly to: Vessel }
  /** Dry sample was put into an empty vessel. */
  | { readonly what: 'portion'; readonly sample: SolidSample }
  | { readonly what: 'held'; readonly vessel: Vessel; readonly op: OpOf<'paper' | 'splint' | 'limewater' | 'smell' | 'rod'> }
  | { readonly what: 'flame'; readonly matter: Amounts; readonly op: OpOf<'flame'> }
  | { readonly what: 'bead'; readonly matter: Amounts; readonly op: OpOf<'bead'> }
  | { readonly what: 'charcoal'; readonly matter: Amounts; readonly op: OpOf<'charcoal'> }
  | { readonly what: 'dry-heat'; readonly heated: DryHeated }
  /** A fusion was taken up and filtered. */
  | { readonly what: 'extract'; readonly vessel: Vessel; readonly good: boolean }
  /** What a classification test gives, by the groups of the structure. */
  | { readonly what: 'class-test'; readonly shows: readonly Observation[] };
