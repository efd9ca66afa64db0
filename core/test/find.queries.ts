/** What people type, and what they mean by it: written before the index was made. Query | kind:id that must be among the first five. */
export const QUERIES = `
Tollens|test:ammoniacal-silver
tollens' test|test:ammoniacal-silver
silver mirror|test:ammoniacal-silver
fehling|test:copper-tartrate
Fehling's solution|test:copper-tartrate
lucas|test:zinc-chloride-hcl
lucas reagent|test:zinc-chloride-hcl
baeyer|test:permanganate
Baeyer test|test:permanganate
brady's reagent|test:dnp
2,4-DNP|test:dnp
dnph|test:dnp
schiff|test:fuchsin-aldehyde
hinsberg|test:sulfonyl-chloride
molisch|test:alpha-naphthol-acid
benedict|test:copper-citrate
barfoed|test:copper-acetate-acid
seliwanoff|test:resorcinol-acid
biuret test|test:biuret
ninhydrin|test:ninhydrin
iodoform|test:iodoform
haloform|test:iodoform
jones|test:chromic-acid
ceric ammonium nitrate|test:cerium-nitrate
CAN test|test:cerium-nitrate
carbylamine|test:carbylamine
isocyanide test|test:carbylamine
beilstein|test:copper-wire-halogen
lassaigne|test:sodium-fusion
sodium extract|test:sodium-fusion
lassaigne nitrogen|test:nitrogen-iron
prussian blue|test:nitrogen-iron
azo dye|test:azo-coupling
diazotization|test:azo-coupling
hydroxamic acid|test:hydroxamate
esterification|test:esterification-smell
fruity smell|test:esterification-smell
phthalein|test:phthalein
nitrous acid|test:nitrous-acid
melting point|test:melting-point
mp|test:melting-point
boiling point|test:boiling-point
refractive index|test:refractive-index
neutralization equivalent|test:neutralisation-equivalent
saponification|test:saponification-equivalent
osazone|test:osazone
bromine water test|test:bromine-addition
unsaturation|test:bromine-addition
sodium bicarbonate test|test:solubility-nahco3-5pc
lead acetate thiol|test:lead-acetate-thiol
brown ring|test:brown-ring
ring test|test:brown-ring
nitrate ring test|test:brown-ring
soda extract|test:carbonate-extract
sodium carbonate extract|test:carbonate-extract
flame test|test:flame
flame color|test:flame
platinum wire|test:flame
cobalt glass|test:flame-cobalt-glass
borax bead|test:bead-oxidising
oxidizing flame|test:bead-oxidising
charcoal cavity|test:charcoal
blowpipe|test:charcoal
cobalt nitrate test|test:cobalt-nitrate
rinmann's green|test:cobalt-nitrate
thenard blue|test:cobalt-nitrate
golden rain|test:lead-iodide
golden spangles|test:lead-iodide
canary yellow precipitate|test:molybdate
ammonium molybdate|test:molybdate
phosphate test|test:molybdate
sulphate test|test:barium-acid
sulfate test|test:barium-acid
barium chloride test|test:barium-acid
halide test|test:silver-acid
silver nitrate test|test:silver-acid
AgNO3|test:silver-acid
chloride test|test:silver-acid
layer test|test:chlorine-layer
CCl4 test|test:chlorine-layer
globule test|test:chlorine-layer
rotten eggs|test:dilute-acid
smell of rotten eggs|test:dilute-acid
squeaky pop|test:heating-splint
glowing splint|test:heating-splint
milky lime water|test:heating-carbon-dioxide
limewater turns milky|test:heating-carbon-dioxide
effervescence|test:dilute-acid
vinegar smell|test:vinegar
conc H2SO4|test:concentrated-acid
concentrated sulphuric acid test|test:concentrated-acid
chromyl chloride|test:concentrated-acid
MnO2 test|test:acid-manganese-dioxide
etching test|test:etching
nessler|test:ammonium-nessler
Nessler's reagent|test:ammonium-nessler
smell of ammonia|test:ammonium
white fumes|test:ammonium-rod
griess|test:nitrite-griess
nitroprusside|test:sulfide-nitroprusside
dmg|test:nickel-dimethylglyoxime
rosy red precipitate|test:nickel-dimethylglyoxime
dimethylglyoxime|test:nickel-dimethylglyoxime
vogel's reaction|test:cobalt-thiocyanate
aluminon|test:aluminon
lake test|test:aluminon
magneson|test:magneson
blood red|test:iron-thiocyanate
turnbull's blue|test:iron-ii-original
sodium cobaltinitrite|test:potassium-cobaltinitrite
chocolate brown precipitate|test:copper-hexacyanoferrate-2
stannite test|test:bismuth-stannite
group 1|test:group-1
group I|test:group-1
silver group|test:group-1
group 2|test:group-2
second group|test:group-2
H2S group|test:group-2
group III|test:group-3
group 3|test:group-3
group 4|test:group-4
group IV|test:group-4
IV|test:group-4
zinc group|test:group-4
fifth group|test:group-5
group 5|test:group-5
ammonium carbonate group|test:group-5
interfering anions|test:phosphate-removal
remove phosphate|test:phosphate-removal
perchromic acid|test:chromium-peroxide
sodium bismuthate|test:manganese-bismuthate
lead chromate|test:lead-chromate
confirm barium|test:barium-chromate
confirm calcium|test:calcium-oxalate
confirm lead|test:lead-chromate
caustic soda test|test:hydroxide
NaOH excess|test:hydroxide
ammonia excess|test:ammonia
NH4OH|test:ammonia
borate flame|test:borate-flame
ferric chloride phenol|test:iron-iii-chloride
neutral ferric chloride|test:iron-iii-chloride
burnt sugar|test:tartrate-char
prussian blue cyanide|test:cyanide-prussian-blue
litmus|test:litmus
copper turnings|test:acid-copper
acidified permanganate|test:permanganate-acid
decolourise KMnO4|test:permanganate-acid
nickel|ion:Ni2+
Ni2+|ion:Ni2+
ferrous|ion:Fe2+
ferric|ion:Fe3+
iron(III)|ion:Fe3+
Fe3+|ion:Fe3+
iron|ion:Fe3+
plumbous|ion:Pb2+
lead|ion:Pb2+
Pb|ion:Pb2+
cupric|ion:Cu2+
copper|ion:Cu2+
Cu++|ion:Cu2+
mercurous|ion:Hg2^2+
mercuric|ion:Hg2+
stannous|ion:Sn2+
stannic|ion:Sn4+
aluminum|ion:Al3+
aluminium|ion:Al3+
Al 3+|ion:Al3+
arsenic|ion:As3+
antimony|ion:Sb3+
manganese|ion:Mn2+
cobalt|ion:Co2+
zinc|ion:Zn2+
sodium|ion:Na+
potassium|ion:K+
ammonium|ion:NH4+
NH4+|ion:NH4+
sulphate|ion:SO4^2-
SO4|ion:SO4^2-
SO4 2-|ion:SO4^2-
SO₄²⁻|ion:SO4^2-
sulphide|ion:S2-
sulfite|ion:SO3^2-
thiosulphate|ion:S2O3^2-
bicarbonate|ion:HCO3-
carbonate|ion:CO3^2-
CO3--|ion:CO3^2-
nitrate|ion:NO3-
nitrite|ion:NO2-
ethanoate|ion:CH3COO-
acetate|ion:CH3COO-
ferrocyanide|ion:Fe(CN)6^4-
ferricyanide|ion:Fe(CN)6^3-
phosphate|ion:PO4^3-
borate|ion:BO3^3-
thiocyanate|ion:SCN-
permanganate|ion:MnO4-
chloride|ion:Cl-
nitrogen|element:N
sulphur|element:S
phosphorus|element:P
halogen|element:Cl
aldehyde|group:aldehyde
ketone|group:ketone
primary alcohol|group:alcohol-primary
carboxylic acid|group:carboxylic-acid
COOH|group:carboxylic-acid
mercaptan|group:thiol
double bond|group:alkene
NaOH|reagent:sodium-hydroxide-2M
sodium hydroxide|reagent:sodium-hydroxide-2M
dilute HCl|reagent:hydrochloric-acid-2M
conc HCl|reagent:hydrochloric-acid-conc
6M nitric acid|reagent:nitric-acid-6M
glacial acetic acid|reagent:acetic-acid-glacial
H2O2|reagent:hydrogen-peroxide-6pc
K4[Fe(CN)6]|reagent:potassium-hexacyanoferrate-ii-0.1M
potassium ferricyanide|reagent:potassium-hexacyanoferrate-iii-0.1M
lime water|reagent:lime-water
DCM|reagent:dichloromethane
starch|reagent:starch-0.5pc
(NH4)2CO3|reagent:ammonium-carbonate-1M
yellow ammonium sulphide|reagent:yellow-ammonium-sulfide-1M
thioacetamide|reagent:thioacetamide-1M
aspirin|compound:acetylsalicylic acid
acetone|compound:acetone
propanone|compound:acetone
acetylsalycilic acid|compound:acetylsalicylic acid
benzaldehyde|compound:benzaldehyde
benzaldehide|compound:benzaldehyde
THF|compound:tetrahydrofuran
isopropanol|compound:2-propanol
aniline|compound:aniline
ethyl ethanoate|compound:ethyl acetate
DMSO|compound:dimethyl sulfoxide
drills|place:practice
labels|place:preparation
house rules|place:house-rules
log in|place:sign-in
dimethylglyoxim|test:nickel-dimethylglyoxime
molybdat|test:molybdate
nitropruside|test:sulfide-nitroprusside
`;
