import type { Asked } from '#core/planning/preparation';
import { DEFAULT_RULES } from '#core/scheme/rules';

/** Sixteen benches and two spare ones, with half as much again of everything: twenty-seven times what one bench takes. */
export const SIXTEEN: Asked = {
  tests: ['carbonate-extract', 'silver-acid', 'barium-acid', 'flame'],
  benches: 16,
  spare: 2,
  allowance: 0.5,
  rules: DEFAULT_RULES,
  unknowns: [],
  stock: [],
  on: '2026-12-03',
};
