/** Where the constants come from. Every value in the tables names one of these. */
export const SOURCES = {
  NIST46: 'NIST Critically Selected Stability Constants of Metal Complexes, Standard Reference Database 46, version 8, 2004',
  BM: 'C. F. Baes and R. E. Mesmer, The Hydrolysis of Cations, Wiley, 1976',
  CRC: 'CRC Handbook of Chemistry and Physics, 95th edition, 2014',
  LANGE: "Lange's Handbook of Chemistry, 16th edition, 2005",
  MYERS: 'R. J. Myers, The new low value for the second dissociation constant for H2S, J. Chem. Educ. 1986, 63, 687',
  BARD: 'A. J. Bard, R. Parsons and J. Jordan, Standard Potentials in Aqueous Solution, IUPAC, 1985',
  RAI: 'D. Rai, B. M. Sass and D. A. Moore, Chromium(III) hydrolysis constants and solubility of chromium(III) hydroxide, Inorg. Chem. 1987, 26, 345',
  EARY: 'L. E. Eary, The solubility of amorphous As2S3 from 25 to 90 °C, Geochim. Cosmochim. Acta 1992, 56, 2267',
  SANDER: "R. Sander, Compilation of Henry's law constants, Atmos. Chem. Phys. 2015, 15, 4399",
  VOGEL: "G. Svehla, Vogel's Qualitative Inorganic Analysis, 7th edition, 1996",
  COTTON: 'F. A. Cotton and G. Wilkinson, Advanced Inorganic Chemistry, 5th edition, 1988',
  LEVER: 'A. B. P. Lever, Inorganic Electronic Spectroscopy, 2nd edition, 1984',
  FIT: 'No reviewed value is known to us: chosen so that the behaviour described by VOGEL follows; uncertain',
} as const;

export type SourceKey = keyof typeof SOURCES;
