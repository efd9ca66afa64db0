/** A fact of a textbook: what it says, the sample, and a script in the notation of `notation.ts`. */
export type Fact = readonly [title: string, sample: string, script: string];
export type Facts = readonly (readonly [heading: string, facts: readonly Fact[]])[];

/** A fact of a compound, by its SMILES. */
export const ofCompound = (title: string, smiles: string, script: string): Fact => [title, `smiles:${smiles}`, script];
