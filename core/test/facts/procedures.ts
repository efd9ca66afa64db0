/**
 * What the standard tests show, done as the schools do them, on salts that have to answer and on some that must not: by books of
 * qualitative analysis, written down before they were run. Seven came later; of five whose words were too narrow they were widened
 * afterwards (a pale yellow with nitrite, black iodine of dichromate, red-brown with iron, antimony sulfide that another solid becomes).
 * The first fifty-three, of dry salts, water, heat and dilute acid, were written when what these tests showed of all forms had been read and mended.
 * A line is `test: salts: things`, salts joined by `+`, a thing some words of one observation, `a|b` either; `not` before one that must
 * not be seen.
 */
import type { School } from '#core/scheme/model';

export const PROCEDURES: Readonly<Partial<Record<School, string>>> = {
  'no-sulfide': `
    look: CuCO3: solid green|blue-green|pale-green
    look: Cu2CO3(OH)2: solid green|blue-green|pale-green
    look: Ni3(CO3)(OH)4: solid green|pale-green
    look: CoCO3: solid violet|pink|red
    look: Co2(CO3)(OH)2: solid violet|pink|red
    look: NiC2O4: solid green|pale-green|blue-green
    look: CoC2O4: solid pink
    look: Co3(PO4)2: solid violet|pink
    look: FeC2O4: solid yellow|pale-yellow
    look: CuC2O4: solid pale-blue|blue|blue-green
    look: Cu3(PO4)2: solid blue|blue-green|pale-blue
    look: Ni(HCOO)2: solid green|pale-green
    look: Co(HCOO)2: solid pink|red
    look: CoS: solid black
    look: NiS: solid black
    look: Ag2S: solid black
    look: SnS: solid dark-brown|brown|black
    look: Ag3PO4: solid yellow|pale-yellow
    look: Ag3AsO4: solid red-brown|brown|dark-brown
    look: BiI3: solid black|grey|dark-brown
    look: Bi2O3: solid yellow|pale-yellow
    look: FeCl3·6H2O: solid orange|yellow|brown
    look: FeCl3: solid black|dark-brown|dark-green
    look: NiSO4·7H2O: solid green|blue-green
    look: CoCl2·6H2O: solid pink|red|violet
    look: MnSO4·4H2O: solid pink
    look: (NH4)2Fe(SO4)2·6H2O: solid pale-green
    look: NH4Fe(SO4)2·12H2O: solid violet|white
    look: KCr(SO4)2·12H2O: solid violet|deep-blue|black
    look: HgO: solid red|orange-red|yellow|orange
    solution-water: Cu(CH3COO)2·H2O: solution blue|blue-green|deep-blue; precipitate none
    solution-water: Ni(CH3COO)2·6H2O: solution green|pale-green; precipitate none
    solution-water: Co(CH3COO)2·6H2O: solution pink|red; precipitate none
    solution-water: FeSO4·7H2O: solution pale-green|colourless; precipitate none
    dilute-acid: PbS: precipitate black
    brown-ring: NaNO3: ring formed brown|dark-brown|red-brown
    brown-ring: Cu(NO3)2·3H2O: ring formed brown|dark-brown|red-brown|black
    brown-ring: Ca(NO3)2·4H2O: ring formed brown|dark-brown|red-brown|black
    brown-ring: AgNO3: ring formed brown|dark-brown|red-brown|black
    solution-water: KMnO4: solution violet
    solution-water: K2Cr2O7: solution orange|orange-red
    solution-water: SnCl2·2H2O: solution cloudy
    solution-water: BiCl3: precipitate persists white
    heating: AgNO3: gas evolved brown; solid silver|grey|black
    heating: KNO3: solid melted
    heating: NaNO2: solid melted
    heating: ZnCO3: solid yellow hot; solid white cold
    heating: CuCO3: solid black
    heating: Na2CO3·10H2O: droplets formed
    heating: NH4Cl: sublimate formed white
    heating: Ag2S: not gas evolved
    dilute-acid: FeS: smell rotten-eggs
    dilute-acid: HgS: not smell rotten-eggs
    dilute-acid: Na2CO3: gas evolved colourless; limewater cloudy
    dilute-acid: Na2SO3: smell burning-sulfur
    dilute-acid: Na2S·9H2O: smell rotten-eggs
    dilute-acid: NaNO2: gas evolved brown|red-brown
    dilute-acid: Na2S2O3·5H2O: smell burning-sulfur
    dilute-acid: NaCl: smell none
    dilute-acid-papers: Na2S·9H2O: paper lead-acetate changed black|dark-brown|brown
    dilute-acid-papers: Na2SO3: paper dichromate changed green|blue-green|pale-green
    dilute-acid-papers: NaNO2: paper starch-iodide changed deep-blue|blue|black
    dilute-acid-papers: Na2S2O3·5H2O: precipitate formed white|pale-yellow|cream|off-white|yellow
    vinegar: NaCH3COO: smell vinegar
    vinegar: NaCl: smell none
    concentrated-acid: NaCl: fumes white-fumes; gas evolved colourless
    concentrated-acid: KBr: gas evolved red-brown|brown|orange; fumes white-fumes
    concentrated-acid: KI: gas evolved violet
    concentrated-acid: KNO3: fumes white-fumes
    acid-manganese-dioxide: NaCl: gas evolved pale-green|yellow|green; smell bleach|pungent
    acid-copper: KNO3: gas evolved brown|red-brown; solution blue|blue-green|green|pale-blue|pale-green
    silver-acid: NaCl: precipitate formed white curdy
    silver-acid: NaBr: precipitate formed cream|pale-yellow
    silver-acid: KI: precipitate formed yellow|pale-yellow
    silver-acid: Na2SO4: precipitate none
    silver-acid: KNO3: precipitate none
    silver-acid: KSCN: precipitate formed white
    silver-acid: K2CrO4: precipitate none
    silver-acid: K2C2O4: precipitate none
    silver-acid: NaCl+NaBr: precipitate formed off-white|cream|white
    iron-thiocyanate: FeCl3·6H2O+AlCl3·6H2O: solution red|crimson
    hydroxide: NH4Cl: smell ammonia
    silver-ammonia: NaCl: precipitate dissolved
    silver-ammonia: NaBr+NaCl: precipitate partly-dissolved
    chlorine-layer: KBr: layer orange|brown|red-brown
    chlorine-layer: KI: layer violet|pink|crimson
    chlorine-layer: NaCl: layer colourless
    chlorine-more: KI+KBr: layer orange|yellow|brown
    barium-acid: Na2SO4: precipitate formed white
    barium-acid: Na2CO3: precipitate none
    barium-acid: Na3PO4: precipitate none
    barium-neutral: K2CrO4: precipitate formed yellow
    calcium-acetic: K2C2O4: precipitate formed white
    calcium-acetic: NaF: precipitate formed white
    permanganate-acid: NaNO2: solution colourless|pale-yellow|pale-blue
    permanganate-acid: Na2SO3: solution colourless
    permanganate-acid: KNO3: solution violet|pink
    permanganate-warm: Na2C2O4: solution colourless
    iodide-acid: NaNO2: solution deep-blue|blue|black
    iodide-acid: K2Cr2O7: precipitate formed black|dark-brown
    iron-iii: KSCN: solution red|red-brown|crimson
    iron-iii: NaCH3COO: solution red|red-brown|orange-red|brown|orange
    iron-iii: K4Fe(CN)6·3H2O: precipitate formed deep-blue|blue
    iron-iii: NaCl: solution yellow|pale-yellow
    iron-iii: Na2B4O7·10H2O: not solution red|red-brown
    iron-iii: Na2HPO4·12H2O: precipitate formed buff|pale-yellow|white
    molybdate: Na2HPO4·12H2O: precipitate formed yellow
    molybdate: NaCl: precipitate none
    molybdate-boiled: Na3AsO4: precipitate formed yellow
    magnesia-anions: Na2HPO4·12H2O: precipitate formed white crystalline
    silver-neutral: Na3PO4: precipitate formed yellow
    silver-neutral: Na3AsO4: precipitate formed red-brown|brown|dark-brown
    silver-neutral: K2CrO4: precipitate formed red-brown|red|brown
    sulfite-iodine: Na2SO3: solution colourless
    sulfite-iodine: NaCl: solution brown|yellow|orange|red-brown
    sulfite-barium: Na2SO3: precipitate formed white
    sulfite-barium: Na2SO4: precipitate none
    sulfide-nitroprusside: Na2S·9H2O: solution violet|crimson|pink
    sulfide-lead: Na2S·9H2O: precipitate formed black
    thiosulfate-silver: Na2S2O3·5H2O: precipitate formed white|yellow|pale-yellow|off-white; precipitate black|dark-brown|brown
    nitrite-griess: NaNO2: solution red|crimson|pink
    nitrite-iron: NaNO2: solution brown|dark-brown|red-brown
    brown-ring: KNO3: ring formed brown|dark-brown
    brown-ring: NaCl: ring none
    formate-mercury: NaHCOO: precipitate formed white|grey
    oxalate-permanganate: Na2C2O4: solution colourless
    chlorate-sulfite: KClO3: precipitate formed white
    chlorate-sulfite: KNO3: precipitate none
    borate-flame: Na2B4O7·10H2O: flame green
    chromate-peroxide: K2CrO4: layer blue|deep-blue
    permanganate-iron: KMnO4: solution colourless|pale-yellow|yellow
    cyanide-prussian-blue: NaCN: precipitate deep-blue|blue
    hexacyanoferrate-ii: K4Fe(CN)6·3H2O: precipitate formed red-brown|brown
    hexacyanoferrate-iii: K3Fe(CN)6: precipitate formed deep-blue|blue
    carbonate-lime: Na2CO3: limewater cloudy
    carbonate-lime: Na2SO3: limewater clear
    heated-hydrogencarbonate: NaHCO3: limewater cloudy
    heated-hydrogencarbonate: Na2CO3: limewater clear
    hydroxide: CuSO4·5H2O: precipitate formed pale-blue|blue
    hydroxide: FeSO4·7H2O: precipitate formed dirty-green|green|pale-green|dark-green
    hydroxide: FeCl3·6H2O: precipitate formed red-brown
    hydroxide: ZnSO4·7H2O: precipitate formed white; precipitate dissolved
    hydroxide: KAl(SO4)2·12H2O: precipitate formed white; precipitate dissolved
    hydroxide: Pb(NO3)2: precipitate formed white; precipitate dissolved
    hydroxide: MgSO4·7H2O: precipitate formed white
    hydroxide: NiSO4·6H2O: precipitate formed pale-green|green
    hydroxide: CoCl2·6H2O: precipitate blue|pink
    hydroxide: MnSO4·4H2O: precipitate white|off-white|buff|brown
    hydroxide: AgNO3: precipitate formed brown|dark-brown
    hydroxide: CrCl3·6H2O: precipitate formed green|dirty-green; precipitate dissolved; solution green|dark-green
    hydroxide: Hg(NO3)2·H2O: precipitate formed yellow|orange|red-brown
    hydroxide: Cd(NO3)2·4H2O: precipitate formed white
    hydroxide: SnCl2·2H2O: precipitate formed white; precipitate dissolved
    hydroxide: NaCl: precipitate none
    ammonia: CuSO4·5H2O: precipitate formed pale-blue|blue; precipitate dissolved; solution deep-blue
    ammonia: ZnSO4·7H2O: precipitate formed white; precipitate dissolved
    ammonia: KAl(SO4)2·12H2O: precipitate formed white
    ammonia: Pb(NO3)2: precipitate formed white
    ammonia: NiSO4·6H2O: precipitate formed pale-green|green; solution blue|deep-blue|violet|pale-blue
    ammonia: AgNO3: precipitate formed brown|dark-brown|grey; precipitate dissolved
    ammonia: Cd(NO3)2·4H2O: precipitate formed white; precipitate dissolved
    ammonia: FeCl3·6H2O: precipitate formed red-brown
    ammonia: BaCl2·2H2O: precipitate none
    hydrochloric: Pb(NO3)2: precipitate formed white; precipitate dissolved
    hydrochloric: AgNO3: precipitate formed white
    iodide: Pb(NO3)2: precipitate formed yellow
    iodide: Hg(NO3)2·H2O: precipitate formed orange-red|red|orange|yellow; precipitate dissolved
    iodide: CuSO4·5H2O: solution brown|yellow|orange|red-brown
    iodide: Bi(NO3)3·5H2O: precipitate formed black|dark-brown|brown
    iodide: AgNO3: precipitate formed yellow|pale-yellow
    chromate: Pb(NO3)2: precipitate formed yellow
    chromate: BaCl2·2H2O: precipitate formed yellow|pale-yellow
    chromate: SrCl2·6H2O: precipitate none
    chromate: AgNO3: precipitate formed red-brown|red|brown
    sulfate-cations: BaCl2·2H2O: precipitate formed white
    sulfate-cations: Pb(NO3)2: precipitate formed white
    sulfate-cations: SrCl2·6H2O: precipitate formed white
    sulfate-cations: MgCl2·6H2O: precipitate none
    copper-hexacyanoferrate: CuSO4·5H2O: precipitate formed red-brown|brown
    iron-thiocyanate: FeCl3·6H2O: solution red|crimson|red-brown|dark-brown
    iron-ii-original: FeSO4·7H2O: precipitate formed deep-blue|blue
    nickel-dimethylglyoxime: NiSO4·6H2O: precipitate formed red|pink|crimson
    cobalt-thiocyanate: CoCl2·6H2O: layer blue|deep-blue
    aluminon: KAl(SO4)2·12H2O: precipitate red|pink|crimson
    aluminon: ZnSO4·7H2O: not precipitate formed red
    zinc-hexacyanoferrate: ZnSO4·7H2O: precipitate formed white|off-white
    zinc-hexacyanoferrate: KAl(SO4)2·12H2O: precipitate none
    manganese-bismuthate: MnSO4·4H2O: solution violet|pink
    magneson: MgSO4·7H2O: precipitate blue|pale-blue|deep-blue
    magnesium-phosphate: MgSO4·7H2O: precipitate formed white crystalline
    magnesium-phosphate: NaCl: precipitate none
    potassium-cobaltinitrite: KCl: precipitate formed yellow
    potassium-cobaltinitrite: NaCl: precipitate none
    ammonium: NH4Cl: paper red-litmus changed blue; smell ammonia
    ammonium-nessler: NH4Cl: precipitate formed brown|orange|red-brown|yellow
    flame: NaCl: flame yellow lasting
    flame: KCl: flame violet
    flame: CaCl2: flame brick-red|orange-red
    flame: SrCl2·6H2O: flame crimson|red
    flame: BaCl2·2H2O: flame apple-green|green
    flame: CuCl2·2H2O: flame blue-green|green
    flame: LiCl: flame crimson|red
    heating: NH4Cl: sublimate formed white
    heating: CuSO4·5H2O: droplets formed; solid white|off-white
    heating: Pb(NO3)2: gas evolved brown|red-brown; solid decrepitated
    heating: ZnCO3: solid hot yellow|pale-yellow; solid cold white
    heating: CuCO3·Cu(OH)2: solid black
    heating: KClO3: gas evolved colourless
    heating-splint: KClO3: splint relit
    heating-splint: KNO3: splint relit
    heating-carbon-dioxide: CaCO3: limewater cloudy
    charcoal: Pb(NO3)2: deposit|solid silver|grey|yellow
    cobalt-nitrate: ZnSO4·7H2O: solid green
    cobalt-nitrate: KAl(SO4)2·12H2O: solid blue
    cobalt-nitrate: MgSO4·7H2O: solid pink
  `,
  'six-group': `
    group-2: CuSO4·5H2O: precipitate formed black|dark-brown
    group-2: CdSO4: precipitate formed yellow|orange
    group-2: SnCl2·2H2O: precipitate formed brown|dark-brown
    group-2: SbCl3: precipitate orange|orange-red
    group-2: As2O3: precipitate formed yellow
    group-2: Bi(NO3)3·5H2O: precipitate formed brown|dark-brown|black
    group-2: HgCl2: precipitate black|dark-brown
    group-2: ZnSO4·7H2O: precipitate none
    group-3: FeCl3·6H2O: precipitate formed red-brown
    group-3: KAl(SO4)2·12H2O: precipitate formed white
    group-3: CrCl3·6H2O: precipitate formed green|dirty-green
    group-3: ZnSO4·7H2O: precipitate none
    group-3: MgSO4·7H2O: precipitate none
    group-4: ZnSO4·7H2O: precipitate formed white|off-white
    group-4: MnSO4·4H2O: precipitate formed buff|pink|off-white|cream
    group-4: NiSO4·6H2O: precipitate formed black
    group-4: CoCl2·6H2O: precipitate formed black
    group-4: BaCl2·2H2O: precipitate none
    group-5: BaCl2·2H2O: precipitate formed white
    group-5: CaCl2: precipitate formed white
    group-5: SrCl2·6H2O: precipitate formed white
    group-5: MgSO4·7H2O: precipitate none
    barium-chromate: BaCl2·2H2O: precipitate formed yellow|pale-yellow
    barium-chromate: SrCl2·6H2O: precipitate none
    strontium-sulfate: SrCl2·6H2O: precipitate formed white
    strontium-sulfate: CaCl2: precipitate none
    calcium-oxalate: CaCl2: precipitate formed white
    magnesium-phosphate: MgCl2·6H2O: precipitate formed white crystalline
    magnesium-phosphate: BaCl2·2H2O: precipitate none
    lead-chromate: Pb(NO3)2: precipitate formed yellow
    lead-iodide: Pb(NO3)2: precipitate formed yellow
    lead-hot-water: Pb(NO3)2: precipitate dissolved
    lead-hot-water: AgNO3: not precipitate dissolved
    silver-division: AgNO3: precipitate dissolved
    silver-return: AgNO3: precipitate formed white
    silver-division: Hg2(NO3)2·2H2O: precipitate black|grey
    mercury-tin: HgCl2: precipitate formed white|grey
    bismuth-ammonia: Bi(NO3)3·5H2O: precipitate formed white
    bismuth-ammonia: CuSO4·5H2O: solution deep-blue
    bismuth-stannite: Bi(NO3)3·5H2O: precipitate black|grey|dark-brown
    copper-hexacyanoferrate-2: CuSO4·5H2O: precipitate formed red-brown|brown
    cadmium-sulfide: CdSO4: precipitate formed yellow
    tin-division: SnCl2·2H2O: precipitate dissolved
    tin-division: CuSO4·5H2O: not precipitate dissolved
    tin-mercury: SnCl2·2H2O: precipitate formed white|grey
    antimony-sulfide: SbCl3: precipitate orange|orange-red
    arsenic-molybdate: As2O3: precipitate formed yellow
    peroxide-division: CrCl3·6H2O: solution yellow
    chromate-lead: CrCl3·6H2O: precipitate formed yellow
    iron-thiocyanate: FeCl3·6H2O: solution red|crimson|red-brown|dark-brown
    aluminium-ammonium-chloride: KAl(SO4)2·12H2O: precipitate formed white gelatinous|flocculent
    zinc-sulfide: ZnSO4·7H2O: precipitate formed white
    manganese-bismuthate: MnSO4·4H2O: solution violet|pink
    group-2: CuSO4·5H2O+CdSO4: precipitate formed black|dark-brown|brown
    cadmium-sulfide: CuSO4·5H2O+CdSO4: precipitate formed yellow
    group-2: AlCl3·6H2O+ZnCl2: precipitate none
    group-4: AlCl3·6H2O+ZnCl2: precipitate formed white
    group-4: NiCl2·6H2O+MnCl2·4H2O: precipitate formed black|dark-brown
    group-5: ZnSO4·7H2O: precipitate none
    barium-chromate: SrCO3+CaCO3: not precipitate yellow
    strontium-sulfate: BaCl2·2H2O: precipitate none
    strontium-sulfate: BaCl2·2H2O+CaCl2: precipitate none
    strontium-sulfate: BaCl2·2H2O+SrCl2·6H2O: precipitate formed white
    calcium-oxalate: SrCl2·6H2O: precipitate none
    calcium-oxalate: BaCl2·2H2O+CaCl2: precipitate formed white
    magnesium-phosphate: MgSO4·7H2O+ZnSO4·7H2O: precipitate formed white
  `,
  'semi-micro': `
    group-1: AgNO3: precipitate formed white
    group-2: CdSO4: precipitate formed yellow|orange
    group-2: ZnSO4·7H2O: precipitate none
    copper-hexacyanoferrate-2: CuSO4·5H2O: precipitate formed red-brown|brown
    group-3-sulfide: ZnSO4·7H2O: precipitate formed white|off-white
    group-3-sulfide: NiCl2·6H2O: precipitate formed black
    group-3-sulfide: KAl(SO4)2·12H2O: precipitate formed white
    group-3-sulfide: BaCl2·2H2O: precipitate none
    nickel-dimethylglyoxime: NiCl2·6H2O: precipitate red|crimson
    manganese-bismuthate: MnSO4·4H2O: solution violet|pink
    zinc-hexacyanoferrate: ZnSO4·7H2O: precipitate formed white
    aluminon: KAl(SO4)2·12H2O: precipitate red|crimson|pink
    group-5: BaCl2·2H2O: precipitate formed white
    group-5: NiCl2·6H2O: precipitate none
    magnesium-phosphate: MgSO4·7H2O: precipitate formed white crystalline
  `,
};
