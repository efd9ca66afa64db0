/** How much of a reagent is added: said once, and in the unit in which it is measured. */
import { reagentById } from './contents';
import { BenchError } from './error';
import type { OpOf } from './ops';

/** @throws BenchError naming the field that is wrong. */
export function checkDose(op: OpOf<'add'>): void {
  const reagent = reagentById(op.reagent);
  if ([op.drops, op.mL, op.grams, op.until].filter((v) => v !== undefined).length !== 1)
    throw new BenchError('add: give exactly one of "drops", "mL", "grams" or "until"');
  if (op.until && (reagent.solid || reagent.solvent))
    throw new BenchError(`until: ${reagent.name} is not added drop by drop; give "${reagent.solid ? 'grams' : 'mL'}"`);
  if (op.grams !== undefined && !reagent.solid) throw new BenchError(`grams: ${reagent.name} is a liquid; give "drops" or "mL"`);
  if (op.grams === undefined && reagent.solid)
    throw new BenchError(`${op.mL !== undefined ? 'mL' : 'drops'}: ${reagent.name} is a solid; give "grams"`);
}
