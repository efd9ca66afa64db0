/**
 * Salts that an unknown is taken to be made of: by anion, the cations with which it makes a salt that can be kept and
 * worked. Left out: what does not exist as a dry salt (copper iodide of copper(II), say), what explodes, and what water
 * or air destroys before a test is done. After VOGEL and CRC, by judgement.
 */
const MILD = 'Na+ K+ Li+ Ag+ Pb2+ Cu2+ Cd2+ Al3+ Cr3+ Fe3+ Zn2+ Mn2+ Co2+ Ni2+ Ba2+ Sr2+ Ca2+ Mg2+';

export const PAIRS: Readonly<Record<string, string>> = {
  'CO3^2-': 'NH4+ Na+ K+ Li+ Ag+ Pb2+ Cd2+ Zn2+ Mn2+ Co2+ Ni2+ Ba2+ Sr2+ Ca2+ Mg2+',
  'HCO3-': 'NH4+ Na+ K+',
  'SO3^2-': 'NH4+ Na+ K+ Zn2+ Ba2+ Sr2+ Ca2+ Mg2+',
  'S2-': 'Na+ K+ Ag+ Pb2+ Hg2+ Cu2+ Cd2+ Bi3+ As3+ Sb3+ Sn2+ Fe2+ Zn2+ Mn2+ Co2+ Ni2+',
  'S2O3^2-': 'NH4+ Na+ K+ Ba2+ Sr2+ Ca2+ Mg2+',
  'NO2-': 'Na+ K+ Ba2+ Ca2+',
  'CH3COO-': `NH4+ Hg2+ ${MILD.replace('Fe3+ ', '').replace('Al3+ ', '')}`,
  'HCOO-': 'NH4+ Na+ K+ Li+ Pb2+ Cd2+ Zn2+ Mn2+ Co2+ Ni2+ Ba2+ Sr2+ Ca2+ Mg2+',
  'C2O4^2-': 'NH4+ Na+ K+ Pb2+ Cu2+ Cd2+ Fe2+ Zn2+ Mn2+ Co2+ Ni2+ Ba2+ Sr2+ Ca2+ Mg2+',
  'F-': 'NH4+ Na+ K+ Li+ Ag+ Cd2+ Zn2+ Ba2+ Sr2+ Ca2+ Mg2+',
  'Cl-': `NH4+ Hg2^2+ Hg2+ Bi3+ Sb3+ Sn2+ Sn4+ Fe2+ ${MILD}`,
  'Br-': `NH4+ Hg2+ Bi3+ Fe2+ ${MILD}`,
  'I-': 'NH4+ Na+ K+ Li+ Ag+ Pb2+ Hg2+ Bi3+ Cd2+ Zn2+ Mn2+ Co2+ Ni2+ Ba2+ Sr2+ Ca2+ Mg2+',
  'NO3-': `NH4+ Hg2^2+ Hg2+ Bi3+ ${MILD}`,
  'ClO3-': 'Na+ K+ Ba2+ Ca2+ Mg2+',
  'SO4^2-': `NH4+ Hg2+ Fe2+ Sn2+ ${MILD}`,
  'PO4^3-': `NH4+ Bi3+ ${MILD}`,
  'BO3^3-': 'Na+ K+ Li+ Ca2+ Mg2+ Zn2+',
  'CrO4^2-': 'NH4+ Na+ K+ Ag+ Pb2+ Zn2+ Ba2+ Sr2+',
  'Cr2O7^2-': 'NH4+ Na+ K+',
  'MnO4-': 'Na+ K+',
  'SCN-': 'NH4+ Na+ K+ Ba2+ Ca2+',
  'CN-': 'Na+ K+',
  'Fe(CN)6^4-': 'Na+ K+',
  'Fe(CN)6^3-': 'Na+ K+',
  'SiO3^2-': 'Na+ K+ Ca2+ Mg2+',
  'AsO4^3-': 'NH4+ Na+ K+ Ag+ Pb2+ Ca2+ Mg2+ Zn2+',
  'C4H4O6^2-': 'NH4+ Na+ K+ Ca2+ Ba2+ Pb2+',
};
