/** What can be noticed in what is done: a form offers nothing else. */
import type { Op } from '../../bench/ops';
import type { Channel } from '../../vocabulary/observation';

const inDryHeat: readonly Channel[] = ['solid', 'sublimate', 'droplets', 'gas', 'smell'];
const inTube: readonly Channel[] = ['solution', 'precipitate', 'gas', 'smell', 'heat', 'deposit'];
/** What each operation can make one notice. */
export const NOTICED: Readonly<Partial<Record<Op['op'], readonly Channel[]>>> = {
  'take-solid': ['solid'],
  dissolve: ['solubility', ...inTube],
  add: [...inTube, 'layer', 'ring'],
  pass: inTube,
  lead: inTube,
  heat: [...inTube, 'layer'],
  evaporate: [...inTube, 'fumes'],
  cool: inTube,
  shake: [...inTube, 'layer', 'ring'],
  stand: [...inTube, 'layer', 'ring'],
  centrifuge: ['solution', 'precipitate'],
  decant: ['solution', 'precipitate'],
  filter: ['solution', 'precipitate'],
  wash: ['solution', 'precipitate'],
  look: [...inTube, 'layer'],
  paper: ['paper'],
  splint: ['splint'],
  limewater: ['limewater'],
  smell: ['smell'],
  rod: ['fumes'],
  flame: ['flame'],
  bead: ['bead'],
  'dry-heat': inDryHeat,
  charcoal: ['solid', 'sublimate', 'deposit', 'smell'],
  'carbonate-extract': ['solution', 'gas', 'solid'],
  fuse: ['extract', 'gas', 'smell', 'soot'],
  test: ['solution', 'precipitate', 'gas', 'smell', 'heat', 'layer'],
};
/** Operations in which a dry solid is heated, and what only a heated one can show. */
export const HEATED: readonly Op['op'][] = ['dry-heat', 'charcoal'];
export const ONLY_HEATED: readonly string[] = ['melted', 'sublimed', 'decrepitated', 'charred', 'swelled'];
