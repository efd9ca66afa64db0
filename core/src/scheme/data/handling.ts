/** What is to be minded in an operation whatever is in the tube; a local rule or a supervisor comes first. */
import type { Op } from '../../bench/ops';

/** Where nothing else is said. */
export const UNKNOWN = 'Treat an unknown as poisonous: goggles on, nothing to the mouth, and wash your hands afterwards.';

const HOT_TUBE = 'Point the mouth of the tube at nobody and keep it moving in the flame: a hot liquid can jump out.';
const FLAME = 'Tie back hair and sleeves; nothing that burns near the burner.';

export const HANDLING: Readonly<Record<Op['op'], string | null>> = {
  heat: HOT_TUBE,
  evaporate: 'It spits as it grows dry: goggles, a small flame, and take the flame away before the last drops.',
  'dry-heat': 'Hot glass looks like cold glass: put it down on a mat, and point its mouth at nobody.',
  flame: FLAME,
  bead: FLAME,
  charcoal: 'Vapours of metals are poisonous: hood. Do not touch the block until it is cold.',
  splint: 'Keep your face away from the mouth of the tube: a gas can catch fire with a pop.',
  smell: 'Waft the vapour towards you with your hand; never put your nose over the tube.',
  pass: 'Gases from a generator are poisonous: hood only.',
  centrifuge: 'Balance the tubes, close the lid, and let the centrifuge come to rest by itself.',
  'carbonate-extract': 'It foams and bumps as it boils: goggles, a large beaker, and stir.',
  'shake-out': 'Put out all flames; vent the funnel often, away from faces.',
  test: 'Treat a compound as poisonous and flammable: goggles, gloves, small amounts, no flame beside open bottles.',
  ignite: 'Heat it in the hood: what leaves is poisonous smoke. A hot crucible looks like a cold one; hold it with tongs.',
  'set-up': null,
  take: null,
  'take-solid': null,
  dissolve: null,
  add: null,
  lead: null,
  cool: null,
  shake: null,
  stand: null,
  decant: null,
  filter: null,
  wash: null,
  paper: null,
  limewater: null,
  look: null,
  rod: null,
  fuse: null,
  'work-on': null,
};
