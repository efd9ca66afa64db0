/** Other names under which the standard tests are known, taught and looked for: id | names; … Titles stand with the tests. */
export const TEST_NAMES = `
look|colour and form; preliminary examination; physical examination
solution-water|dissolve in water; original solution; water solubility
solution-hydrochloric|dissolve in HCl; dilute HCl
solution-nitric|dissolve in HNO3
solution-aqua-regia|aqua regia; HCl + HNO3
residue-carbonate|insoluble sulfates; carbonate fusion; Na2CO3 metathesis
residue-ammonia|insoluble silver halide; NH3
residue-zinc|reduction of silver halide; Zn + H2SO4
litmus-solution|litmus test; pH of the solution; acidic or alkaline
heating|dry heating test; action of heat; ignition tube
heating-acid-gas|litmus paper; acidic gas; alkaline gas
heating-carbon-dioxide|limewater turns milky; carbon dioxide; CO2
heating-splint|glowing splint; oxygen; squeaky pop; hydrogen
flame|flame colour; flame color; platinum wire; nichrome wire; Bunsen flame
flame-cobalt-glass|cobalt glass; double flame test; potassium flame
bead-oxidising|borax bead; oxidizing flame; outer flame
bead-reducing|borax bead; inner flame
charcoal|charcoal block; blowpipe; charcoal reduction
cobalt-nitrate|cobalt nitrate residue; Thénard's blue; Rinmann's green; charcoal and cobalt nitrate
ammonium|smell of ammonia; NaOH test for ammonium; alkali test
ammonium-rod|white fumes; HCl rod; glass rod test
ammonium-nessler|Nessler's reagent; K2HgI4; ammonium
lithium-phosphate|Na2HPO4; lithium phosphate
dilute-acid|dilute HCl; dilute sulfuric acid; effervescence; lime water; carbonate test; rotten eggs
dilute-acid-papers|lead acetate paper; dichromate paper; starch-iodide paper; rotten eggs; SO2; H2S
vinegar|vinegar smell; ethanoate; oxalic acid test
concentrated-acid|conc. H2SO4; concentrated sulphuric acid; strong acid test
acid-manganese-dioxide|MnO2 test; chlorine evolution; chloride
acid-copper|copper turnings test; copper chips; NO2; nitrate
etching|etching test; greasy tube; HF
carbonate-extract|soda extract; prepared solution for anions; Na2CO3 extract
silver-acid|AgNO3 and nitric acid; halide test; chloride bromide iodide
silver-ammonia|AgCl in NH3; curdy white precipitate
chlorine-layer|layer test; CCl4 test; bromide iodide; cyclohexane layer; globule test
chlorine-more|excess chlorine water
barium-acid|BaCl2; sulphate; acidified barium chloride; barium nitrate
barium-neutral|BaCl2; chromate; acetic acid
calcium-acetic|CaCl2; oxalate; fluoride
permanganate-acid|KMnO4; decolourise potassium permanganate; reducing anions
permanganate-warm|warm KMnO4; oxalate
iodide-acid|KI; oxidising anions; starch
iron-iii|FeCl3; ferric chloride; neutral ferric chloride
molybdate|(NH4)2MoO4; canary yellow precipitate; molybdate
molybdate-boiled|arsenate; molybdate
magnesia-anions|MgCl2, NH4Cl and NH3; phosphate; arsenate
silver-neutral|neutral AgNO3; silver phosphate; silver chromate
carbonate-lime|dichromate and lime water; CO2 beside SO2
carbonate-ph|bicarbonate; pH; phenolphthalein
heated-hydrogencarbonate|bicarbonate; HCO3-
sulfite-iodine|sulfite; sulphite; thiosulphate; iodine test
sulfite-barium|sulphite; BaSO3; bromine water
sulfide-nitroprusside|sulphide; Na2[Fe(CN)5NO]; violet
sulfide-lead|sulphide; PbS; black precipitate
sulfide-cadmium|CdCO3; yellow CdS
thiosulfate-silver|thiosulphate; white to black
thiosulfate-acid|thiosulphate; sulfur precipitate; hypo
nitrite-griess|Griess–Ilosvay; sulfanilic acid; naphthylamine
nitrite-iron|FeSO4; brown without conc. acid
nitrite-iodide|KI; starch-iodide
chromyl-chloride|chromyl chloride test; CrO2Cl2; dichromate and sulfuric acid; chloride confirmation
acetate-ester|ester test for acetate; ethyl acetate smell; ethanoate ester
nitrate-devarda|Devarda's test; Devarda's alloy; ammonia from nitrate
chromyl-chloride|chromyl chloride test; CrO2Cl2; dichromate and sulfuric acid; chloride confirmation
acetate-ester|ester test for acetate; ethyl acetate smell; ethanoate ester
nitrate-devarda|Devarda's test; Devarda's alloy; ammonia from nitrate
brown-ring|ring test; FeSO4 and conc. H2SO4
nitrate-diphenylamine|deep blue; oxidisers
formate-mercury|methanoate; HgCl2
formate-permanganate|methanoate
oxalate-permanganate|ethanedioate; calcium oxalate; KMnO4
fluoride-zirconium|zirconium lake; alizarin red S
chlorate-sulfite|ClO3-; silver nitrate
arsenate-iodide|KI; iodine; arsenic(V)
borate-flame|ethyl borate; trimethyl borate; ester flame test
borate-extract-flame|green flame
silicate-acid|silicic acid; water glass
chromate-peroxide|perchromic acid; chromium peroxide; H2O2
chromate-or-dichromate|yellow or orange; pH
permanganate-iron|decolourised; FeSO4
thiocyanate-iron|blood red; SCN-; FeCl3
thiocyanate-cobalt|blue in amyl alcohol; SCN-
cyanide-prussian-blue|CN-; iron(II) sulfate
hexacyanoferrate-ii|ferrocyanide; Fe(CN)6 4-; red-brown
hexacyanoferrate-iii|ferricyanide; Turnbull's blue
tartrate-char|burnt sugar; Fenton's test
group-1|first group; silver group; group 1; dil. HCl; insoluble chlorides
lead-hot-water|PbCl2; hot water
lead-chromate|K2CrO4; yellow precipitate
lead-iodide|KI; golden spangles; golden rain
lead-sulfate|PbSO4; ammonium acetate
silver-division|AgCl; mercury(I) blackens; calomel
silver-return|AgCl; nitric acid
silver-iodide|AgI; KI
mercury-i-tin|mercurous; SnCl2; black residue
acidity|0.3 M acid; methyl violet
group-2|second group; group 2; H2S; thioacetamide; sulfides
tin-division|IIA and IIB; yellow ammonium sulfide; separation of group II
tin-division-acid|arsenic antimony tin
arsenic-division|arsenic from antimony and tin
arsenic-molybdate|arsenate
antimony-sulfide|Sb2S3; oxalic acid
tin-mercury|HgCl2; stannous; white then grey
copper-division-nitric|mercury(II) sulfide; copper subgroup
mercury-tin|mercuric; SnCl2
lead-sulfate-2|PbSO4
bismuth-ammonia|Bi(OH)3; copper blue; cadmium
bismuth-stannite|stannite test; black
copper-hexacyanoferrate-2|ferrocyanide; chocolate brown
cadmium-sulfide|CdS
oxidise-iron|HNO3; iron(II) to iron(III)
phosphate-in-filtrate|interfering anions; molybdate
phosphate-removal|interfering anions; iron(III) acetate; zirconium
oxalate-removal|interfering anions; evaporate with nitric acid
group-3|third group; group 3; NH4Cl and NH4OH; iron group; hydroxides
group-3-sulfide|third group; (NH4)2S
group-3-acid|cobalt and nickel left
peroxide-division|NaOH and H2O2; aluminium chromium from iron
group-4|fourth group; group 4; zinc group; ammonium sulfide
group-4-acid|cobalt nickel from zinc manganese
manganese-division|NaOH; MnO2
group-5|fifth group; group 5; (NH4)2CO3; alkaline earths; barium strontium calcium
carbonates-dissolved|carbonates
barium-chromate|K2CrO4; BaCrO4
strontium-sulfate|(NH4)2SO4; SrSO4
calcium-oxalate|(NH4)2C2O4
group-5-flame|calcium strontium barium flame
magnesium-phosphate|MgNH4PO4; group VI; Na2HPO4
magneson|magneson reagent; blue lake
hydroxide|NaOH test; caustic soda; amphoteric hydroxide
ammonia|NH4OH; ammonium hydroxide; aqueous ammonia; excess ammonia
ammonia-division|NH4Cl and NH4OH; group III
hydrochloric|HCl; chlorides
iodide|KI
chromate|K2CrO4
sulfate-cations|H2SO4; barium strontium lead
silver-ammine|AgCl; diammine
mercury-tin-spot|SnCl2; mercuric; mercurous
bismuth-stannite-spot|stannite
bismuth-water|hydrolysis; BiOCl; SbOCl
antimony-iron|displacement; antimony; copper
tin-mercury-spot|HgCl2; stannous
tin-reduced|stannic
arsenic-oxidised-molybdate|arsenic(III)
copper-hexacyanoferrate|K4[Fe(CN)6]; potassium ferrocyanide; Prussian blue; copper
cadmium-two-bases|Cd(OH)2
residue-dissolved|iron manganese
iron-thiocyanate|KSCN; NH4SCN; ferric; blood red
iron-hexacyanoferrate|Prussian blue; ferrocyanide
iron-ii-original|ferrous; ferricyanide; Turnbull's blue
iron-iii-original|ferric; KSCN
aluminon|lake test; aluminum; red lake
aluminium-ammonium-chloride|aluminate; aluminum; NH4Cl
chromate-lead|PbCrO4; chromate
chromium-peroxide|perchromic acid; H2O2; amyl alcohol
manganese-bismuthate|permanganate; NaBiO3
manganese-lead-dioxide|PbO2; permanganic acid
zinc-sulfide|ZnS; H2S
zinc-hexacyanoferrate|ferrocyanide; bluish white
nickel-dimethylglyoxime|DMG; rosy red; butanedione dioxime
cobalt-thiocyanate|Vogel's reaction; NH4SCN; blue in amyl alcohol
potassium-cobaltinitrite|sodium cobaltinitrite; yellow precipitate
last-flame|group VI; alkali metals
compound-look|physical state; colour; odour
ignition|sooty flame; burning test; aromatic or aliphatic
copper-wire-halogen|copper wire test; green flame; halogen
litmus|litmus test; acidic or basic
solubility-water|solubility class
solubility-ether|solubility class
solubility-naoh-5pc|NaOH; acids and phenols; solubility class
solubility-nahco3-5pc|NaHCO3; sodium bicarbonate test; effervescence; carboxylic acid
solubility-hcl-5pc|HCl; amines; solubility class
solubility-h2so4-conc|conc. H2SO4; solubility class
sodium-fusion|Lassaigne's test; Lassaigne's extract; sodium extract; sodium fusion extract; fusion tube
nitrogen-iron|Lassaigne's test for nitrogen; FeSO4; ferric ferrocyanide
nitrogen-with-sulfur|blood red; FeCl3; SCN-
sulfur-nitroprusside|sulphur; violet; sulfide
sulfur-lead|sulphur; PbS; black
halogen-silver|AgNO3; boil with nitric acid; chlorine bromine iodine
halogen-ammonia|AgCl; AgBr; AgI
halogen-layer|layer test; CCl4 test; globule test; bromine iodine
phosphorus-molybdate|canary yellow
fluorine-zirconium|zirconium alizarin
bromine-addition|bromine water; Br2 in CCl4; unsaturation; alkene
permanganate|cold dilute alkaline KMnO4; permanganate; unsaturation; alkene
dnp|Brady's reagent; 2,4-DNP; DNPH; carbonyl; aldehyde ketone
ammoniacal-silver|silver mirror; ammoniacal silver nitrate; aldehyde
copper-tartrate|copper(II) tartrate; red precipitate; reducing sugar; aldehyde
fuchsin-aldehyde|decolourised fuchsin; Schiff's reagent; aldehyde
iodoform|haloform; I2 and NaOH; methyl ketone; yellow precipitate
cerium-nitrate|CAN; cerium(IV); alcohol
zinc-chloride-hcl|ZnCl2 and HCl; primary secondary tertiary alcohol; 1° 2° 3°
chromic-acid|chromic acid; Bordwell–Wellman; CrO3; alcohol oxidation
iron-iii-chloride|FeCl3; ferric chloride; neutral ferric chloride; phenol; enol
phthalein|phthalic anhydride; phenolphthalein; fluorescein; phenol
alpha-naphthol-acid|α-naphthol; carbohydrate; sugar; violet ring
esterification-smell|fruity smell; ester; carboxylic acid
hydroxamate|ferric hydroxamate; hydroxylamine; ester
base-hydrolysis-ammonia|smell of ammonia; hydrolysis; amide; nitrile
nitrous-acid|NaNO2 and HCl; Liebermann nitroso; primary secondary amine; diazotisation
azo-coupling|diazotisation; diazotization; β-naphthol; coupling; primary aromatic amine
carbylamine|isocyanide test; Hofmann; chloroform and KOH; primary amine
sulfonyl-chloride|benzenesulfonyl chloride; tosyl chloride; amines
iron-ii-hydroxide-nitro|ferrous hydroxide; nitro
silver-nitrate-ethanol|alcoholic AgNO3; alkyl halide; SN1
sodium-iodide-acetone|Finkelstein; alkyl halide; SN2
copper-citrate|copper(II) citrate; reducing sugar
copper-acetate-acid|copper(II) acetate; monosaccharide
orcinol-acid|orcinol test; Bial; pentose test
nitroprusside-ketone|Legal's test; nitroprusside test for ketones; methyl ketone
nitroso-phenol|Liebermann test; Liebermann's nitroso reaction; indophenol
acetyl-chloride|acetyl chloride and alcohols; esters from acetyl chloride
carboxylate-iron|neutral ferric chloride; neutral FeCl3; ferric chloride test for acids
nitroprusside-amine|Simon's test; Rimini test; secondary amine
zinc-silver-nitro|Mulliken-Barker; Mulliken and Barker; zinc and ammonium chloride; nitro group
aluminium-chloride-chloroform|Friedel-Crafts test; AlCl3 and CHCl3; azoxybenzene test; aromatic ring
sulfuric-formaldehyde|Le Rosen test; LeRosen; aromatic hydrocarbons
resorcinol-acid|resorcinol and HCl; ketose; fructose
hydrogensulfite|bisulfite; bisulphite; carbonyl adduct
osazone|phenylhydrazine; sugar; needle crystals
periodate|HIO4; Malaprade; vicinal diol
ninhydrin|amino acid; Ruhemann's purple
biuret|CuSO4 and NaOH; peptide; urea; violet
lead-acetate-thiol|mercaptan; PbS
melting-point|m.p.; mp
boiling-point|b.p.; bp
refractive-index|n20D; refractometer
density|specific gravity; pycnometer
neutralisation-equivalent|neutralization equivalent; equivalent weight; titration of an acid
saponification-equivalent|saponification value; ester titration
semicarbazone|ketone derivative; aldehyde derivative
dinitrophenylhydrazone|DNP derivative; ketone derivative
oxime|hydroxylamine; ketone derivative
anilide|acid derivative
amide|acid derivative
dinitrobenzoate|alcohol derivative
benzoyl-derivative|Schotten–Baumann; benzamide; benzoate
acetyl-derivative|acetylation; acetanilide
picrate|picric acid
aryloxyacetic-acid|chloroacetic acid; phenol derivative
bromo-derivative|tribromo; bromination
acid-by-hydrolysis|ester hydrolysis; saponification
`;
