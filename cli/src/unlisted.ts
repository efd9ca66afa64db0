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
  // The same again, written down when the reasoning had been changed with those above in view.
  // Acids.
  'OC(=O)c1ccc(CC)cc1',
  'OC(=O)c1cccc(OCC)c1',
  'OC(=O)CCCc1ccccc1',
  'OC(=O)c1ccc(NC(C)=O)cc1',
  'OC(=O)Cc1ccc(Cl)cc1',
  'Cc1cc(ccc1O)C(O)=O',
  // Phenols.
  'Oc1ccc(Cl)c(C)c1',
  'Oc1cccc(CC)c1',
  'CC(=O)c1cc(C)ccc1O',
  'Oc1ccc(C)cc1Br',
  'CCCOc1ccc(O)cc1',
  // Alcohols.
  'CCC(O)(CC)CC',
  'CC(O)c1ccc(C)cc1',
  'OCc1cccc(OC)c1',
  'CC(C)CCCO',
  'OCCc1ccc(Cl)cc1',
  'CCCC(C)(C)O',
  // Aldehydes and ketones.
  'O=Cc1ccc(OCC)cc1',
  'O=Cc1cccc(Br)c1',
  'CCCCCC(=O)CC',
  'CC(=O)c1ccc(CC)cc1',
  'CC(=O)Cc1ccc(OC)cc1',
  'CC1CCCCC1=O',
  // Esters and ethers.
  'CCOC(=O)c1ccc(Cl)cc1',
  'CCCCOC(=O)CC',
  'CCOC(=O)c1ccccc1N',
  'CCOC(=O)c1ccc(O)cc1',
  'CCOc1ccc(C)cc1',
  'COc1ccc(Cl)cc1',
  // Amides and nitriles.
  'CCNC(=O)c1ccccc1',
  'NC(=O)c1ccc(Cl)cc1',
  'CCCCC(N)=O',
  'CCCCCC#N',
  // Amines.
  'Nc1ccc(OCC)cc1',
  'CCNc1ccc(C)cc1',
  'CCCCCCCN',
  'CCN(CC)c1ccc(C)cc1',
  'Nc1cccc([N+](=O)[O-])c1C',
  // Nitro compounds.
  'COc1cccc(c1)[N+](=O)[O-]',
  'O=[N+]([O-])c1ccc(CCC)cc1',
  // Halides and hydrocarbons.
  'Clc1cccc(C)c1',
  'CCCCC(C)Br',
  'ClCc1ccc(C)cc1',
  'Ic1ccc(CC)cc1',
  'CCC=Cc1ccccc1',
  'CCCCC#CC',
  'CCc1ccc(CC)cc1',
  // With sulfur.
  'NS(=O)(=O)c1ccc(Br)cc1',
  'CCCCCCCS',
  'CCSc1ccccc1',
];
