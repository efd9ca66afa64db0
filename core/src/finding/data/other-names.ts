/**
 * Other names of ions, elements, functional groups, reagents, compounds and places: id | names; … Old names and those of IUPAC (Red Book
 * 2005, Blue Book 2013), trade names and abbreviations that are in use in laboratories.
 */
export const ION_NAMES = `
NH4+|ammonium salts; NH4
Na+|natrium; soda; sodium salts
K+|potash; kalium; potassium salts
Li+|lithium salts
Ag+|argentous; argentum; silver(I)
Pb2+|plumbous; plumbum; lead
Hg2^2+|mercurous; calomel; dimercury; mercury one
Hg2+|mercuric; mercury two; mercury
Cu2+|cupric; cuprum; copper
Cd2+|cadmium(II)
Bi3+|bismuth; bismuthous
As3+|arsenic; arsenious; arsenous; arsenite; As
Sb3+|antimony; antimonous; stibium; stibnite; Sb
Sn2+|stannous; tin; stannum
Sn4+|stannic; tin four; tin
Al3+|aluminum; aluminium(III); alumina; alum
Cr3+|chromic; chromium
Fe3+|ferric; iron; ferrum; rust
Fe2+|ferrous; iron; ferrum
Zn2+|zinc(II)
Mn2+|manganous; manganese
Co2+|cobaltous; cobalt
Ni2+|nickelous; nickel
Ba2+|barium(II); baryta
Sr2+|strontium(II); strontia
Ca2+|calcium(II); lime
Mg2+|magnesium(II); magnesia
CO3^2-|carbonic acid; carbonates
HCO3-|bicarbonate; hydrogen carbonate; acid carbonate
SO3^2-|sulphite; sulphurous acid; sulfurous acid
S2-|sulphide; hydrogen sulfide; rotten eggs
S2O3^2-|thiosulphate; hypo; hyposulfite
NO2-|nitrous acid; nitrites
CH3COO-|ethanoate; OAc; AcO; acetic; vinegar
HCOO-|methanoate; formic; formiate
C2O4^2-|ethanedioate; oxalic
F-|fluorine; hydrofluoric
Cl-|chlorine; hydrochloric; halide
Br-|bromine; hydrobromic; halide
I-|iodine; hydroiodic; halide
NO3-|nitric; saltpetre; saltpeter
ClO3-|chloric acid; chlorates
SO4^2-|sulphate; sulphuric; vitriol
PO4^3-|orthophosphate; phosphoric; phosphates
BO3^3-|borax; boric acid; boracic; tetraborate; metaborate
CrO4^2-|chromic acid; chromium(VI)
Cr2O7^2-|bichromate; chromium(VI)
MnO4-|manganate(VII); permanganic
SCN-|thiocyanate; rhodanide; sulfocyanide; sulphocyanide; CNS
CN-|prussic; hydrocyanic; cyanides
Fe(CN)6^4-|ferrocyanide; yellow prussiate; hexacyanidoferrate(II)
Fe(CN)6^3-|ferricyanide; red prussiate; hexacyanidoferrate(III)
SiO3^2-|water glass; silicic; silica; metasilicate
AsO4^3-|arsenic acid; arsenic(V); arsenates
C4H4O6^2-|tartaric; cream of tartar; Rochelle salt; C4H4O6
`;

export const ELEMENT_NAMES = `
N|nitrogen; Lassaigne nitrogen
S|sulfur; sulphur
Cl|chlorine; halogen
Br|bromine; halogen
I|iodine; halogen
F|fluorine; halogen
P|phosphorus
`;

export const GROUP_NAMES = `
alkene|C=C; double bond; unsaturation; olefin
alkyne|C≡C; triple bond; acetylene
alcohol-primary|1° alcohol; hydroxyl; OH; RCH2OH
alcohol-secondary|2° alcohol; hydroxyl; OH; R2CHOH
alcohol-tertiary|3° alcohol; hydroxyl; OH; R3COH
phenol|phenolic OH; ArOH; hydroxyarene
aldehyde|CHO; alkanal; carbonyl
ketone|alkanone; carbonyl; RCOR
carboxylic-acid|COOH; carboxyl; organic acid; RCOOH
ester|COOR; RCOOR
anhydride|acid anhydride
acid-halide|acyl halide; acyl chloride; acid chloride; COCl
amide|CONH2; carboxamide
thioamide|CSNH2
nitrile|cyano; cyanide; C≡N
amine-primary|1° amine; aliphatic amine; NH2
amine-primary-aryl|1° aromatic amine; aniline; ArNH2
amine-secondary|2° amine; NH
amine-tertiary|3° amine
aza-aromatic|pyridine; heterocycle
hydrazine|NHNH2; hydrazide
oxime|C=NOH
nitro|NO2 group; nitro compound
azo|N=N; diazo
alkyl-halide|haloalkane; halogenoalkane; alkyl chloride; alkyl bromide
aryl-halide|haloarene; vinyl halide; aryl chloride
thiol|SH; mercaptan; thioalcohol
thioether|sulfide; sulphide; organic sulfide
sulfonic-acid|SO3H; sulphonic acid
sulfonamide|SO2NH2; sulphonamide
ether|ROR; alkoxy
quinone|benzoquinone
`;

/** By the beginning of a reagent's id: formulas and other names. */
export const REAGENT_NAMES = `
water|H2O; distilled water; deionised water; aqua
hydrochloric-acid|HCl; muriatic acid
nitric-acid|HNO3; aqua fortis
sulfuric-acid|H2SO4; sulphuric acid; oil of vitriol
acetic-acid|CH3COOH; AcOH; HOAc; ethanoic acid; vinegar
sodium-hydroxide|NaOH; caustic soda; lye; alkali
ammonia|NH3; NH4OH; ammonium hydroxide; aqueous ammonia
lime-water|Ca(OH)2; calcium hydroxide; limewater
sodium-carbonate|Na2CO3; washing soda; soda ash
sodium-hydrogencarbonate|NaHCO3; sodium bicarbonate; baking soda
sodium-acetate|CH3COONa; NaOAc; sodium ethanoate
ammonium-chloride|NH4Cl; sal ammoniac
ammonium-carbonate|(NH4)2CO3
ammonium-acetate|CH3COONH4; NH4OAc
ammonium-sulfide|(NH4)2S; ammonium sulphide; colourless ammonium sulfide
yellow-ammonium-sulfide|(NH4)2Sx; ammonium polysulfide; yellow ammonium sulphide
ammonium-oxalate|(NH4)2C2O4; ammonium ethanedioate
ammonium-molybdate|(NH4)2MoO4; molybdate
ammonium-thiocyanate|NH4SCN; NH4CNS
ammonium-sulfate|(NH4)2SO4; ammonium sulphate
sodium-phosphate|Na2HPO4; sodium phosphate; disodium hydrogen phosphate
magnesia-mixture|MgCl2 and NH4Cl
silver-nitrate|AgNO3; lunar caustic
barium-chloride|BaCl2
barium-nitrate|Ba(NO3)2
calcium-chloride|CaCl2
lead-acetate|Pb(CH3COO)2; sugar of lead; lead ethanoate
potassium-iodide|KI
potassium-chromate|K2CrO4
potassium-dichromate|K2Cr2O7; acidified dichromate; bichromate
potassium-permanganate|KMnO4; Condy's crystals
potassium-hexacyanoferrate-ii-|K4Fe(CN)6; K4[Fe(CN)6]; potassium ferrocyanide
potassium-hexacyanoferrate-iii|K3Fe(CN)6; K3[Fe(CN)6]; potassium ferricyanide
iron-ii-sulfate|FeSO4; ferrous sulfate; ferrous sulphate; green vitriol
iron-iii-chloride|FeCl3; ferric chloride; neutral ferric chloride
tin-ii-chloride|SnCl2; stannous chloride
mercury-ii-chloride|HgCl2; mercuric chloride; corrosive sublimate
cobalt-ii-nitrate|Co(NO3)2; cobaltous nitrate
copper-ii-sulfate|CuSO4; cupric sulfate; blue vitriol; copper sulphate
sodium-nitroprusside|Na2[Fe(CN)5NO]; nitroferricyanide
dimethylglyoxime|DMG; butanedione dioxime
aluminon|aurintricarboxylate
magneson|azo violet; 4-nitrophenylazoresorcinol
cadmium-carbonate|CdCO3
sodium-hexanitritocobaltate|Na3[Co(NO2)6]; sodium cobaltinitrite
hydrogen-peroxide|H2O2; peroxide
chlorine-water|Cl2 water; aqueous chlorine
bromine-water|Br2 water; aqueous bromine
iodine-solution|I2; iodine in potassium iodide; Lugol
starch|starch indicator; starch solution
bleach-acidified|NaOCl; NaClO; sodium hypochlorite; bleach
manganese-dioxide|MnO2; manganese(IV) oxide
sodium-bismuthate|NaBiO3
lead-dioxide|PbO2; lead(IV) oxide
sulfamic-acid|H3NSO3; amidosulfuric acid; sulphamic acid
sodium-nitrite|NaNO2
potassium-cyanide|KCN
ethanol|C2H5OH; EtOH; alcohol; methylated spirit
devarda-alloy|Devarda's alloy; Al Cu Zn
aluminium-turnings|Al; aluminum
copper-turnings|Cu; copper metal
zinc-granules|Zn; zinc dust; zinc metal
magnesium-ribbon|Mg; magnesium metal
iron-nail|Fe; iron wire; iron filings
sodium-sulfite|Na2SO3; sodium sulphite
sodium-fluoride|NaF
sodium-chloride|NaCl; common salt; table salt
thioacetamide|CH3CSNH2; TAA
sodium-stannite|Na2SnO2; stannite
nessler-reagent|K2HgI4; Nessler's; potassium tetraiodomercurate
diphenylamine|(C6H5)2NH
griess-reagent|Griess-Ilosvay; sulfanilic acid
zirconium-alizarin|alizarin red S
amyl-alcohol|pentanol; isoamyl alcohol
cyclohexane|C6H12; organic layer
dichloromethane|CH2Cl2; DCM; methylene chloride
carbon-disulfide|CS2; carbon bisulfide; carbon disulphide
carbon-tetrachloride|CCl4; tetrachloromethane
`;

export const COMPOUND_NAMES = `
acetone|propanone; dimethyl ketone
2-butanone|butanone; ethyl methyl ketone; MEK
4-methyl-2-pentanone|MIBK; isobutyl methyl ketone
2,4-pentanedione|acetylacetone
2,3-butanedione|diacetyl
acetophenone|phenylethanone; methyl phenyl ketone
benzophenone|diphenylmethanone; diphenyl ketone
formaldehyde|methanal; formalin; formol
acetaldehyde|ethanal
propanal|propionaldehyde
butanal|butyraldehyde
acrolein|propenal
crotonaldehyde|2-butenal
furfural|2-furaldehyde
4-methoxybenzaldehyde|anisaldehyde
piperonal|heliotropin
3,4-dimethoxybenzaldehyde|veratraldehyde
cinnamaldehyde|3-phenylpropenal; cinnamic aldehyde
salicylaldehyde|2-hydroxybenzaldehyde
methanol|methyl alcohol; wood spirit; MeOH
ethanol|ethyl alcohol; EtOH
1-propanol|propan-1-ol; n-propyl alcohol
2-propanol|propan-2-ol; isopropyl alcohol; isopropanol; IPA
1-butanol|butan-1-ol; n-butyl alcohol
2-butanol|butan-2-ol; sec-butyl alcohol
2-methyl-1-propanol|isobutyl alcohol; isobutanol
2-methyl-2-propanol|tert-butyl alcohol; t-butanol
3-methyl-1-butanol|isoamyl alcohol
glycerol|glycerin; glycerine; propane-1,2,3-triol
ethylene glycol|ethane-1,2-diol; glycol
benzyl alcohol|phenylmethanol
phenol|carbolic acid; hydroxybenzene
o-cresol|2-methylphenol
m-cresol|3-methylphenol
p-cresol|4-methylphenol
catechol|benzene-1,2-diol; pyrocatechol
resorcinol|benzene-1,3-diol
hydroquinone|benzene-1,4-diol; quinol
1-naphthol|alpha-naphthol
2-naphthol|beta-naphthol
picric acid|2,4,6-trinitrophenol; TNP
paracetamol|acetaminophen; 4-acetamidophenol
2,6-di-tert-butyl-4-methylphenol|BHT; butylated hydroxytoluene
8-hydroxyquinoline|oxine; 8-quinolinol
formic acid|methanoic acid
acetic acid|ethanoic acid; AcOH
propanoic acid|propionic acid
butanoic acid|butyric acid
2-methylpropanoic acid|isobutyric acid
pentanoic acid|valeric acid
dodecanoic acid|lauric acid
palmitic acid|hexadecanoic acid
stearic acid|octadecanoic acid
oxalic acid|ethanedioic acid
malonic acid|propanedioic acid
succinic acid|butanedioic acid
adipic acid|hexanedioic acid
maleic acid|cis-butenedioic acid
fumaric acid|trans-butenedioic acid
lactic acid|2-hydroxypropanoic acid
salicylic acid|2-hydroxybenzoic acid
acetylsalicylic acid|aspirin; ASA
2-aminobenzoic acid|anthranilic acid
4-aminobenzoic acid|PABA
4-methoxybenzoic acid|anisic acid
phthalic acid|benzene-1,2-dicarboxylic acid
isophthalic acid|benzene-1,3-dicarboxylic acid
cinnamic acid|3-phenylpropenoic acid
hippuric acid|N-benzoylglycine
2,4-dichlorophenoxyacetic acid|2,4-D
nicotinic acid|niacin; vitamin B3
ascorbic acid|vitamin C
trifluoroacetic acid|TFA
ethyl acetate|ethyl ethanoate; EtOAc
methyl acetate|methyl ethanoate
3-methylbutyl acetate|isoamyl acetate; banana oil; isopentyl acetate
methyl salicylate|oil of wintergreen
phenyl salicylate|salol
methyl 4-hydroxybenzoate|methylparaben
ethyl 4-aminobenzoate|benzocaine
dimethyl terephthalate|DMT
triacetin|glyceryl triacetate
acetic anhydride|ethanoic anhydride; Ac2O
acetyl chloride|ethanoyl chloride
N,N-dimethylformamide|DMF
acetamide|ethanamide
formamide|methanamide
urea|carbamide
acetanilide|N-phenylacetamide
4-ethoxyacetanilide|phenacetin
acetonitrile|ethanenitrile; methyl cyanide; MeCN
benzonitrile|phenyl cyanide
aniline|phenylamine; aminobenzene
o-toluidine|2-methylaniline
m-toluidine|3-methylaniline
p-toluidine|4-methylaniline
4-methoxyaniline|p-anisidine
2-methoxyaniline|o-anisidine
1,4-phenylenediamine|p-phenylenediamine; PPD
triethylamine|TEA; Et3N
ethylenediamine|ethane-1,2-diamine; en
2-methylpyridine|2-picoline; alpha-picoline
diethyl ether|ether; ethoxyethane; Et2O
tetrahydrofuran|THF; oxolane
1,4-dioxane|dioxane
anisole|methoxybenzene
phenetole|ethoxybenzene
toluene|methylbenzene
o-xylene|1,2-dimethylbenzene
m-xylene|1,3-dimethylbenzene
p-xylene|1,4-dimethylbenzene
mesitylene|1,3,5-trimethylbenzene
cumene|isopropylbenzene
styrene|phenylethene; vinylbenzene
decalin|decahydronaphthalene
phenylacetylene|ethynylbenzene
nitrobenzene|oil of mirbane
chloroform|trichloromethane; CHCl3
carbon tetrachloride|tetrachloromethane; CCl4
dichloromethane|methylene chloride; DCM; CH2Cl2
2-chloro-2-methylpropane|tert-butyl chloride; t-BuCl
2-bromo-2-methylpropane|tert-butyl bromide
1-chlorobutane|n-butyl chloride
iodomethane|methyl iodide
bromoethane|ethyl bromide
1,2-dichloroethane|ethylene dichloride; DCE
dimethyl sulfoxide|DMSO
thiophenol|benzenethiol
benzyl mercaptan|phenylmethanethiol
saccharin|benzoic sulfimide
sulfanilamide|4-aminobenzenesulfonamide
glucose|dextrose; grape sugar; blood sugar
fructose|levulose; fruit sugar; laevulose
sucrose|cane sugar; table sugar; saccharose
lactose|milk sugar
maltose|malt sugar
glycine|aminoacetic acid
alanine|2-aminopropanoic acid
`;

/** Places of the application by their address. */
export const PLACE_NAMES = `
cases|Cases; my cases; unknowns; samples; home
practice|Practice; drills; exercises; flash cards; training
handbook|Handbook; reference; tests; help
compounds|Compounds; library of compounds; structures
preparation|Preparation; reagents to prepare; labels; stock solutions; order list
house-rules|House rules; laboratory rules; settings; restricted reagents; scheme
classes|Classes; students; assignments; marks; join a class
sign-in|Sign in; log in; login; passphrase
`;
