/**
 * Where each ion falls in each school's scheme, and what it looks like there, as textbooks of qualitative analysis and benches
 * have it: written before the simulator was asked. VOGEL, with what is left out on purpose said beside it.
 */
const BLACK = 'black|dark-brown|brown|grey';
const WHITE = 'white|off-white|cream';
const RUST = 'red-brown|brown|dark-brown|orange|orange-red';
const CHROME = 'green|pale-green|dirty-green|dark-green|blue-green|grey|violet';

/** Test: ion: colours of its precipitate there. */
export const FALLS = `
group-1: Ag+: ${WHITE}
group-1: Hg2^2+: ${WHITE}
group-1: Pb2+: ${WHITE}
group-1: SiO3^2-: ${WHITE}|colourless
group-2: Hg2+: ${BLACK}
group-2: Pb2+: ${BLACK}|red-brown
group-2: Bi3+: ${BLACK}
group-2: Cu2+: ${BLACK}
group-2: Cd2+: yellow|orange|pale-yellow
group-2: As3+: yellow|pale-yellow
group-2: AsO4^3-: yellow|pale-yellow
group-2: Sb3+: orange|orange-red|red
group-2: Sn2+: brown|dark-brown|red-brown
group-2: Sn4+: yellow|pale-yellow|buff
group-3: Fe3+: ${RUST}
group-3: Fe2+: ${RUST}
group-3: Al3+: ${WHITE}
group-3: Cr3+: ${CHROME}
group-3: CrO4^2-: ${CHROME}
group-3: Cr2O7^2-: ${CHROME}
group-4: Ni2+: ${BLACK}
group-4: Co2+: ${BLACK}
group-4: Zn2+: ${WHITE}|grey
group-4: Mn2+: pink|buff|${WHITE}
group-4: MnO4-: pink|buff|${WHITE}
group-3-sulfide: Fe3+: ${BLACK}
group-3-sulfide: Fe2+: ${BLACK}
group-3-sulfide: Al3+: ${WHITE}
group-3-sulfide: Cr3+: ${CHROME}
group-3-sulfide: CrO4^2-: ${CHROME}
group-3-sulfide: Cr2O7^2-: ${CHROME}
group-3-sulfide: Ni2+: ${BLACK}
group-3-sulfide: Co2+: ${BLACK}
group-3-sulfide: Zn2+: ${WHITE}|grey
group-3-sulfide: Mn2+: pink|buff|${WHITE}
group-3-sulfide: MnO4-: pink|buff|${WHITE}
ammonia-division: Fe3+: ${RUST}
ammonia-division: Fe2+: ${RUST}|dirty-green|green|dark-green|black
ammonia-division: Al3+: ${WHITE}
ammonia-division: Cr3+: ${CHROME}
ammonia-division: Bi3+: ${WHITE}
ammonia-division: Sb3+: ${WHITE}
ammonia-division: Sn2+: ${WHITE}
ammonia-division: Sn4+: ${WHITE}
ammonia-division: Hg2+: ${WHITE}
group-5: Ba2+: ${WHITE}
group-5: Sr2+: ${WHITE}
group-5: Ca2+: ${WHITE}
magnesium-phosphate: Mg2+: ${WHITE}
`;

/**
 * What may fall where no ion of the group is: test: what brings it: colours: why. Some of these lines were added when the
 * simulator had shown them, where a bench would agree.
 */
export const BESIDE = `
group-1: S2O3^2- S2-: white|pale-yellow|yellow|cream|off-white: acid frees sulfur
group-1: BO3^3-: white|off-white: boric acid from a strong solution, as plates
group-1: Bi3+ Sb3+ Sn2+ Sn4+: ${WHITE}: basic salts, until there is acid enough
group-1: C4H4O6^2-: white|off-white: hydrogen tartrate of potassium
group-1: F-: white: fluorides of calcium and magnesium do not dissolve in dilute acid
group-1: SiO3^2-: white|colourless: silica
group-2: Fe3+ Fe2+ CrO4^2- Cr2O7^2- MnO4- Fe(CN)6^3- NO2- NO3- ClO3- SO3^2- S2O3^2- S2-: white|pale-yellow|yellow|cream|off-white: oxidants and sulfite free sulfur
group-2: MnO4-: brown|dark-brown: manganese dioxide, before it is reduced further
group-2: C2O4^2-: white|pink|yellow: oxalates of zinc, cobalt and manganese fall when the acid is brought down to 0.3 mol/L
group-2: F-: white: fluorides come back as acid is brought down
group-2: C4H4O6^2-: white: hydrogen tartrate of potassium or ammonium
group-2: SiO3^2-: white: silica
group-2: PO4^3-: white|green: phosphates of aluminium and chromium need more acid
group-2: Ca2+: white: gypsum crystallises
group-2: Zn2+: white: zinc begins to fall where acetate weakens the acid
group-3: SiO3^2- BO3^3- F- C2O4^2- PO4^3- AsO4^3-: ${WHITE}|pale-green: silica, or a salt that acid held
group-3: PO4^3-: ${RUST}: what is left of the iron that took the phosphate out
group-3: Sn2+ Sn4+ As3+: ${WHITE}|buff|${RUST}: what strong acid held back in group II
group-3: Ca2+: white: gypsum crystallises
group-3: Co2+: blue|pink: a little of the hydroxide, where there is much cobalt
group-3-sulfide: SiO3^2- BO3^3- F- C2O4^2- PO4^3- AsO4^3-: ${WHITE}|pale-green|yellow: silica, or a salt that acid held
group-3-sulfide: PO4^3-: ${RUST}|${BLACK}: what is left of the iron that took the phosphate out, on its way to the sulfide
group-3-sulfide: Sn2+ Sn4+ As3+ Cu2+: ${WHITE}|buff|yellow|${BLACK}: what strong acid held back in group II
group-3-sulfide: Ca2+: white: gypsum crystallises
group-4: As3+ AsO4^3- Cu2+: yellow|white|black: what strong acid held back in group II
group-4: BO3^3-: white: borates of the alkaline earths
group-5: SiO3^2- PO4^3- Mg2+ Mn2+ MnO4- As3+: ${WHITE}|buff|brown|dark-brown|yellow: what little was left of it
ammonia-division: SiO3^2- BO3^3- F- C2O4^2- PO4^3- AsO4^3- CrO4^2- CO3^2- SO4^2- SO3^2- S2O3^2- C4H4O6^2- Pb2+: ${WHITE}|yellow|pale-blue|pink|violet|pale-green: silica, or a salt that acid held
ammonia-division: S2- S2O3^2-: pale-yellow|cream|off-white: sulfur
ammonia-division: Mn2+ Co2+ Cu2+ Ni2+: off-white|blue|pink|pale-blue|blue-green|pale-green: a hydroxide or basic salt, where there is much metal for the ammonium chloride
magnesium-phosphate: Li+: white: lithium phosphate
`;

/** Without sulfide the ammonia is boiled off before the carbonates, and what it held falls beside them: the spot tests tell. */
export const WITHOUT_SULFIDE = `
group-5: Cd2+ Co2+ Ni2+ Mn2+ Pb2+ Hg2+ Hg2^2+ Zn2+ Cu2+ C4H4O6^2- S2- S2O3^2-: ${WHITE}|blue|pink|pale-blue|pale-green|buff|brown|pale-yellow
`;

/** School: test: samples that show something else there than what is written above, and why. */
export const HIDDEN = `
six-group: group-1: Hg2Cl2: nitric acid, which dissolves it, makes mercury(II) of it
six-group: group-2: Hg2Cl2: there it falls instead
six-group: group-3: AlPO4: aluminium goes with the basic acetate of iron that takes the phosphate out
six-group: group-3: Ag2CrO4 PbCrO4: boiled with soda first, which takes the chromate into the extract
six-group: group-1: CaSiO3: silica stays behind when it is dissolved
semi-micro: group-1: Hg2Cl2: nitric acid, which dissolves it, makes mercury(II) of it
semi-micro: group-2: Hg2Cl2: there it falls instead
semi-micro: group-3-sulfide: AlPO4 FePO4: it goes with the basic acetate of iron that takes the phosphate out
semi-micro: group-3-sulfide: Zn3(PO4)2 Mn3(PO4)2: what is left of that iron darkens the sulfide
semi-micro: group-3-sulfide: Ag2CrO4 PbCrO4: boiled with soda first, which takes the chromate into the extract
semi-micro: group-1: CaSiO3: silica stays behind when it is dissolved
no-sulfide: group-5: BaC2O4 SrC2O4 Sr3(PO4)2 Ca3(PO4)2 BaCrO4 CaC4H4O6: it falls as the salt that it is when the acid is taken away, before its turn
no-sulfide: group-1: Hg2Cl2: nitric acid, which dissolves it, makes mercury(II) of it
no-sulfide: ammonia-division: Hg2Cl2: there it falls instead
no-sulfide: group-1: CaSiO3: silica stays behind when it is dissolved
no-sulfide: magnesium-phosphate: MgNH4PO4·6H2O: it falls as the salt that it is when the acid is taken away, before its turn
`;
