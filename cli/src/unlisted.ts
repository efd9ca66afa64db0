/** Compounds that a teacher may set and that the library has not, as SMILES: of every kind that the tests tell of. */
export const UNLISTED: readonly string[] = [
  // Acids.
  'OC(=O)c1ccc(Br)c(C)c1',
  'OC(=O)CCc1ccc(OC)cc1',
  'OC(=O)CCCCCCC(O)=O',
  'OC(=O)c1cc(Cl)ccc1O',
  'OC(=O)COc1ccc(C)cc1',
  // Phenols.
  'Oc1cc(C)c(Cl)c(C)c1',
  'Oc1ccc(CC)cc1',
  'CCC(=O)c1ccc(O)cc1',
  'COc1cc(CC)ccc1O',
  // Alcohols.
  'OCc1ccc(CC)cc1',
  'CCC(O)CCCC',
  'OCCCc1ccccc1',
  'CCC(C)(O)CC',
  'OCc1ccc(Cl)cc1',
  // Aldehydes and ketones.
  'O=Cc1ccc(CC)cc1',
  'O=Cc1ccc(Cl)cc1C',
  'CCCCC(CC)C=O',
  'O=C(CC)c1ccc(C)cc1',
  'CCC(=O)c1ccc(Br)cc1',
  'CCCC(=O)CCC',
  // Esters and ethers.
  'CCOC(=O)c1ccc(C)cc1',
  'COC(=O)CCc1ccccc1',
  'CCCOC(=O)CC',
  'COc1ccc(C)cc1',
  'CCOc1ccc(Br)cc1',
  // Amides and nitriles.
  'CC(=O)Nc1cccc(C)c1',
  'NC(=O)c1ccc(C)cc1',
  'CCC(=O)Nc1ccccc1',
  'N#Cc1ccc(C)cc1',
  // Amines.
  'Nc1ccc(CC)cc1',
  'Nc1cc(C)cc(C)c1',
  'NCc1ccc(C)cc1',
  'CCNc1ccccc1C',
  'Nc1ccc(Br)c(C)c1',
  'CN(C)c1ccc(C)cc1',
  // Nitro compounds.
  'O=[N+]([O-])c1ccc(CC)cc1',
  'O=[N+]([O-])c1ccc(OCC)cc1',
  'CCOC(=O)c1ccc(cc1)[N+](=O)[O-]',
  // Halides and hydrocarbons.
  'Clc1ccc(C)cc1C',
  'CCCCCCCBr',
  'Brc1ccc(CC)cc1',
  'CCCCC=CCC',
  'CCCc1ccccc1',
  // With sulfur.
  'NS(=O)(=O)c1ccc(Cl)cc1',
  'CSc1ccc(Br)cc1',
  'NC(=S)c1ccccc1',
];
