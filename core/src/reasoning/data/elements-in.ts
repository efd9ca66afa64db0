/** Which elements a functional group brings with it, one of each list; of a halide any of those that make one. */
import type { Group, TestedElement } from '../../organic/data/features';

export const ELEMENTS_IN: Partial<Readonly<Record<Group, readonly (readonly TestedElement[])[]>>> = {
  'acid-halide': [['Cl', 'Br']],
  amide: [['N']],
  thioamide: [['S'], ['N']],
  nitrile: [['N']],
  'amine-primary': [['N']],
  'amine-primary-aryl': [['N']],
  'amine-secondary': [['N']],
  'amine-tertiary': [['N']],
  nitro: [['N']],
  'alkyl-halide': [['Cl', 'Br', 'I']],
  thiol: [['S']],
  'sulfonic-acid': [['S']],
  sulfonamide: [['S'], ['N']],
};
