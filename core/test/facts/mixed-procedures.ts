/**
 * As `procedures`, on two salts ground together, heated or with acid. Written before they were run, when the heating had been mended and
 * ten other pairs looked at (ammonium with a base, and two residues of which one is dark, after they had been mended too;
 * the zinc carbonate then failed, and carbonates that heat takes apart by themselves no longer drive ammonia out);
 * magnesium sulfate alone after it had been put among the salts that melt. Zinc sulfide took the place of
 * iron(II) sulfide, which nitrate in hot acid does oxidise.
 */
import type { School } from '#core/scheme/model';

export const MIXED_PROCEDURES: Readonly<Partial<Record<School, string>>> = {
  'no-sulfide': `
    heating: Ca(NO3)2·4H2O+NaCl: gas evolved brown
    heating: Zn(NO3)2·6H2O+KBr: gas evolved brown; solid yellow|pale-yellow hot; solid white cold
    heating: Cu(NO3)2·3H2O+K2SO4: gas evolved brown; solid black cold
    heating: MnCO3+KCl: solid dark-brown|brown|black cold
    heating: CdCO3+NaCl: solid brown|red-brown|dark-brown cold
    heating: CuCO3+Na2SO4: solid black
    heating: ZnCO3+BaSO4: solid yellow|pale-yellow hot; solid white cold
    heating: NH4Cl+ZnCO3: sublimate formed white; solid yellow|pale-yellow hot
    heating: (NH4)2SO4+Na2CO3: smell ammonia
    heating: NH4Cl+NaHCO3: smell ammonia
    heating: NH4Cl+Na2CO3: smell ammonia
    heating: NH4Cl+Ca(OH)2: smell ammonia
    heating: NH4Cl+NaCl: sublimate formed white; not smell ammonia
    heating: PbCO3+Cu2CO3(OH)2: solid black cold
    heating: ZnCO3+Cu2CO3(OH)2: solid black cold
    heating: CaCO3+MnCO3: solid dark-brown|brown|black cold
    heating: NH4Cl+KNO3: sublimate formed white; not gas evolved brown
    heating: Na2S2O3·5H2O+NaCl: sublimate formed yellow; smell burning-sulfur
    heating: HgCl2+NaCl: sublimate formed white
    heating: CuSO4·5H2O+KCl: droplets formed
    heating: MgSO4·7H2O: droplets formed; solid melted
    dilute-acid-papers: Na2SO3+KNO3: paper dichromate changed green; not gas evolved brown
    dilute-acid-papers: Na2S+NaNO3: paper lead-acetate black; not gas evolved brown
    dilute-acid-papers: NaNO2+NaCl: gas evolved brown
    solution-hydrochloric: ZnS+NaNO3: not gas evolved brown
    brown-ring: NaCl+NaNO3: ring formed brown|dark-brown
  `,
};
