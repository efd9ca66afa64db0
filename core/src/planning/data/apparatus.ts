/** What stands ready at a bench for each operation. */
import type { Op } from '../../bench/ops';

export const ALWAYS: readonly string[] = [
  'goggles',
  'rack with 24 test tubes',
  'droppers',
  'glass rods',
  'wash bottle',
  'tube holder',
  'waste beakers, labelled',
];

export const APPARATUS: Readonly<Partial<Record<Op['op'], readonly string[]>>> = {
  'set-up': ['beaker 50 mL', 'evaporating dish'],
  heat: ['burner', 'water bath'],
  evaporate: ['evaporating dish', 'burner', 'hood'],
  pass: ['gas supply in the hood', 'gas inlet tube'],
  centrifuge: ['centrifuge (for four benches)', 'centrifuge tubes'],
  filter: ['funnel and filter papers'],
  lead: ['delivery tube with stopper'],
  limewater: ['delivery tube with stopper', 'lime water tube'],
  splint: ['wooden splints'],
  flame: ['flame wire and clean hydrochloric acid for it', 'burner'],
  bead: ['platinum or magnesia rods', 'borax', 'burner'],
  charcoal: ['charcoal block', 'blowpipe', 'burner'],
  'dry-heat': ['hard-glass tubes', 'burner'],
  'carbonate-extract': ['beaker 50 mL', 'burner', 'funnel and filter papers'],
  fuse: ['ignition tubes', 'mortar behind a screen', 'sodium under oil', 'hood', 'funnel and filter papers'],
  'shake-out': ['separating funnel', 'ether in the hood'],
};
