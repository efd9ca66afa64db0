/** "CuSO4·5H2O 2 + NaCl 1", or a line each: formulas and grams, as they are typed. */
export const saltsIn = (text: string, grams?: number): { formula: string; grams: number }[] =>
  text
    .split(/\n|\s\+\s/)
    .map((part) => part.trim().split(/\s+/))
    .filter(([formula]) => formula)
    .map(([formula, mass]) => ({ formula: formula!, grams: mass === undefined && grams !== undefined ? grams : Number(mass) }));
