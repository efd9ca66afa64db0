/** OpenChemLib as the environment has loaded it. */
export const { Molecule, MoleculeProperties, Reaction, SDFileParser, SmilesParser, SSSearcher } = globalThis.openchemlib;
