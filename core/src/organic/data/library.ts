/**
 * Common laboratory compounds, one a line: name | SMILES | melting point | boiling point | in water | hazards.
 * Temperatures in °C at 1 atm, by W. M. Haynes (ed.), CRC Handbook of Chemistry and Physics, 95th ed., section 3; `~` marks
 * one that the sources give differently or of which we are unsure, `d` one at which it decomposes, `-` none usable at a
 * bench. In water at room temperature: s soluble (over about 3 g in 100 mL), p partly, i hardly at all, by the same book.
 * Hazards as in `HAZARDS`, after the usual safety data sheets; your own supplier's sheet comes first.
 */
export const HAZARDS: Readonly<Record<string, string>> = {
  F: 'catches fire easily',
  T: 'toxic',
  C: 'corrosive: burns skin and eyes',
  I: 'irritates skin, eyes and lungs',
  H: 'harmful if swallowed or breathed',
  K: 'may cause cancer',
  L: 'makes eyes water, violently',
  S: 'may cause allergy',
  E: 'may explode when heated, struck or dry',
  N: 'poisonous to water life',
  R: 'may harm fertility or the unborn',
  O: 'feeds fire',
  W: 'reacts violently with water',
};

export const LIBRARY_ROWS = `
hexane|CCCCCC|-95|69|i|FHN
heptane|CCCCCCC|-91|98|i|FHN
cyclohexane|C1CCCCC1|6.6|81|i|FHN
methylcyclohexane|CC1CCCCC1|-127|101|i|FHN
decane|CCCCCCCCCC|-30|174|i|FH
decalin|C1CCC2CCCCC2C1|-40~|190~|i|FHN
1-hexene|CCCCC=C|-140|63|i|FH
1-octene|CCCCCCC=C|-102|121|i|FH
cyclohexene|C1CCC=CC1|-104|83|i|FHN
limonene|CC1=CCC(CC1)C(C)=C|-74~|176|i|FISN
alpha-pinene|CC1=CCC2CC1C2(C)C|-64|156|i|FISN
styrene|C=Cc1ccccc1|-31|145|i|FHRK
alpha-methylstyrene|CC(=C)c1ccccc1|-23|165|i|FINK
trans-stilbene|C(=C\\c1ccccc1)/c1ccccc1|125|307|i|H
indene|C1C=Cc2ccccc12|-1.5|182|i|F
1-hexyne|CCCCC#C|-132|71|i|F
phenylacetylene|C#Cc1ccccc1|-45|143|i|FI
diphenylacetylene|C(#Cc1ccccc1)c1ccccc1|62|300|i|I
toluene|Cc1ccccc1|-95|111|i|FHR
ethylbenzene|CCc1ccccc1|-95|136|i|FHK
o-xylene|Cc1ccccc1C|-25|144|i|FH
m-xylene|Cc1cccc(C)c1|-48|139|i|FH
p-xylene|Cc1ccc(C)cc1|13|138|i|FH
mesitylene|Cc1cc(C)cc(C)c1|-45|165|i|FIN
cumene|CC(C)c1ccccc1|-96|152|i|FHNK
naphthalene|c1ccc2ccccc2c1|80|218|i|HKN
2-methylnaphthalene|Cc1ccc2ccccc2c1|35|241|i|HN
anthracene|c1ccc2cc3ccccc3cc2c1|216|340|i|IN
phenanthrene|c1ccc2c(c1)ccc1ccccc12|99|340|i|HN
biphenyl|c1ccc(cc1)-c1ccccc1|69|256|i|IN
fluorene|C1c2ccccc2-c2ccccc12|115|295|i|N
acenaphthene|C1Cc2cccc3cccc1c23|93|279|i|IN
diphenylmethane|C(c1ccccc1)c1ccccc1|25|265|i|N
triphenylmethane|C(c1ccccc1)(c1ccccc1)c1ccccc1|93|360|i|
bibenzyl|C(Cc1ccccc1)c1ccccc1|52|285~|i|
hexamethylbenzene|Cc1c(C)c(C)c(C)c(C)c1C|165|264|i|
methanol|CO|-98|65|s|FT
ethanol|CCO|-114|78|s|F
1-propanol|CCCO|-126|97|s|FI
2-propanol|CC(C)O|-88|82|s|FI
1-butanol|CCCCO|-89|118|s|FI
2-butanol|CCC(C)O|-115|99|s|FI
2-methyl-1-propanol|CC(C)CO|-108|108|s|FI
2-methyl-2-propanol|CC(C)(C)O|25.5|82|s|FH
1-pentanol|CCCCCO|-78|138|p|FH
2-pentanol|CCCC(C)O|-73~|119|s|FH
3-pentanol|CCC(O)CC|-69|116|s|FH
3-methyl-1-butanol|CC(C)CCO|-117|131|p|FH
2-methyl-2-butanol|CCC(C)(C)O|-9|102|s|FH
1-hexanol|CCCCCCO|-47|158|i|FH
cyclopentanol|OC1CCCC1|-18|140|p|F
cyclohexanol|OC1CCCCC1|25|161|s|HI
1-heptanol|CCCCCCCO|-34|176|i|FH
1-octanol|CCCCCCCCO|-15|195|i|I
2-octanol|CCCCCCC(C)O|-32|180|i|I
1-dodecanol|CCCCCCCCCCCCO|24|259~|i|N
1-hexadecanol|CCCCCCCCCCCCCCCCO|49|-|i|
cholesterol|CC(C)CCCC(C)C1CCC2C3CC=C4CC(O)CCC4(C)C3CCC12C|148|-|i|
menthol|CC(C)C1CCC(C)CC1O|42~|216|i|I
borneol|CC1(C)C2CCC1(C)C(O)C2|208|212|i|F
allyl alcohol|C=CCO|-129|97|s|FT
propargyl alcohol|C#CCO|-52|114|s|FT
geraniol|CC(C)=CCCC(C)=CCO|-15|230|i|IS
benzyl alcohol|OCc1ccccc1|-15|205|s|H
1-phenylethanol|CC(O)c1ccccc1|20|204|p|H
2-phenylethanol|OCCc1ccccc1|-27|219|p|H
diphenylmethanol|OC(c1ccccc1)c1ccccc1|69|298|i|
triphenylmethanol|OC(c1ccccc1)(c1ccccc1)c1ccccc1|164|380|i|
cinnamyl alcohol|OC/C=C/c1ccccc1|33|250|i|S
4-methoxybenzyl alcohol|COc1ccc(CO)cc1|25~|259|i|H
furfuryl alcohol|OCc1ccco1|-15~|171|s|TK
tetrahydrofurfuryl alcohol|OCC1CCCO1|-80|178|s|IR
ethylene glycol|OCCO|-13|197|s|H
1,2-propanediol|CC(O)CO|-60|188|s|
glycerol|OCC(O)CO|18|290|s|
2-ethoxyethanol|CCOCCO|-70~|135|s|FHR
mannitol|OC[C@@H](O)[C@@H](O)[C@H](O)[C@H](O)CO|168|-|s|
sorbitol|OC[C@H](O)[C@@H](O)[C@H](O)[C@H](O)CO|111~|-|s|
pentaerythritol|OCC(CO)(CO)CO|258|-|s|
2-chloroethanol|OCCCl|-67|128|s|TF
diethyl ether|CCOCC|-116|35|s|FE
diisopropyl ether|CC(C)OC(C)C|-86|69|i|FE
dibutyl ether|CCCCOCCCC|-95|140|i|F
tetrahydrofuran|C1CCOC1|-108|65|s|FEK
1,4-dioxane|C1COCCO1|12|101|s|FKE
anisole|COc1ccccc1|-37|154|i|F
phenetole|CCOc1ccccc1|-29|170|i|F
diphenyl ether|O(c1ccccc1)c1ccccc1|27|258|i|IN
1,4-dimethoxybenzene|COc1ccc(OC)cc1|57|213|i|
2-methoxynaphthalene|COc1ccc2ccccc2c1|73|274|i|N
4-bromoanisole|COc1ccc(Br)cc1|13|215|i|H
safrole|C=CCc1ccc2OCOc2c1|11|235|i|HK
eugenol methyl ether|COc1ccc(CC=C)cc1OC|-4|255|i|K
furan|c1ccoc1|-86|31|i|FK
phenol|Oc1ccccc1|41|182|s|TC
o-cresol|Cc1ccccc1O|31|191|p|TC
m-cresol|Cc1cccc(O)c1|12|202|p|TC
p-cresol|Cc1ccc(O)cc1|35|202|p|TC
2,4-dimethylphenol|Cc1ccc(O)c(C)c1|25|211|i|TC
2,6-dimethylphenol|Cc1cccc(C)c1O|46|201|i|TC
3,5-dimethylphenol|Cc1cc(C)cc(O)c1|64|222|i|TC
thymol|CC(C)c1ccc(C)cc1O|50|232|i|CN
carvacrol|CC(C)c1ccc(C)c(O)c1|3|238|i|C
4-tert-butylphenol|CC(C)(C)c1ccc(O)cc1|98|237|i|CR
2,6-di-tert-butyl-4-methylphenol|Cc1cc(c(O)c(c1)C(C)(C)C)C(C)(C)C|71|265|i|N
catechol|Oc1ccccc1O|105|245|s|TK
resorcinol|Oc1cccc(O)c1|110|277|s|HN
hydroquinone|Oc1ccc(O)cc1|172|285|s|HKN
pyrogallol|Oc1cccc(O)c1O|133|309|s|H
phloroglucinol|Oc1cc(O)cc(O)c1|218|-|p|I
guaiacol|COc1ccccc1O|32|205|p|H
4-methoxyphenol|COc1ccc(O)cc1|57|243|p|HS
eugenol|COc1cc(CC=C)ccc1O|-8|253|i|S
1-naphthol|Oc1cccc2ccccc12|95|288|i|TC
2-naphthol|Oc1ccc2ccccc2c1|122|285|i|HN
2-chlorophenol|Oc1ccccc1Cl|9|175|p|HN
4-chlorophenol|Oc1ccc(Cl)cc1|43|220|p|HN
2,4-dichlorophenol|Oc1ccc(Cl)cc1Cl|45|210|i|TC
2,4,6-trichlorophenol|Oc1c(Cl)cc(Cl)cc1Cl|69|246|i|HKN
pentachlorophenol|Oc1c(Cl)c(Cl)c(Cl)c(Cl)c1Cl|190~|310d|i|TKN
4-bromophenol|Oc1ccc(Br)cc1|64|238|p|H
2,4,6-tribromophenol|Oc1c(Br)cc(Br)cc1Br|94|-|i|N
4-iodophenol|Oc1ccc(I)cc1|94|-|i|C
2-nitrophenol|Oc1ccccc1[N+](=O)[O-]|45|216|i|HN
3-nitrophenol|Oc1cccc(c1)[N+](=O)[O-]|97|-|p|H
4-nitrophenol|Oc1ccc(cc1)[N+](=O)[O-]|114|279d|p|H
2,4-dinitrophenol|Oc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|114|-|i|TE
picric acid|Oc1c(cc(cc1[N+](=O)[O-])[N+](=O)[O-])[N+](=O)[O-]|122|-|p|TE
4-aminophenol|Nc1ccc(O)cc1|188|-|p|HN
3-aminophenol|Nc1cccc(O)c1|123|-|p|HN
8-hydroxyquinoline|Oc1cccc2cccnc12|76|267|i|TS
bisphenol A|CC(C)(c1ccc(O)cc1)c1ccc(O)cc1|157|-|i|RSN
4-phenylphenol|Oc1ccc(cc1)-c1ccccc1|165|-|i|I
vanillin|COc1cc(C=O)ccc1O|82|285|p|I
salicylaldehyde|Oc1ccccc1C=O|-7|197|p|H
4-hydroxybenzaldehyde|Oc1ccc(C=O)cc1|116|-|p|I
paracetamol|CC(=O)Nc1ccc(O)cc1|170|-|p|H
formaldehyde|C=O|-92|-19|s|TCK
acetaldehyde|CC=O|-123|21|s|FK
propanal|CCC=O|-81|48|s|FI
butanal|CCCC=O|-97|75|s|F
2-methylpropanal|CC(C)C=O|-65|64|s|FH
pentanal|CCCCC=O|-91|103|p|FI
hexanal|CCCCCC=O|-56|131|i|FI
heptanal|CCCCCCC=O|-43|153|i|FI
octanal|CCCCCCCC=O|12~|171|i|FI
crotonaldehyde|C/C=C/C=O|-76|102|s|FTN
acrolein|C=CC=O|-88|53|s|FTLN
citral|CC(C)=CCCC(C)=CC=O|-10~|229|i|IS
furfural|O=Cc1ccco1|-38|162|s|TKF
benzaldehyde|O=Cc1ccccc1|-57|179|i|H
4-methylbenzaldehyde|Cc1ccc(C=O)cc1|-6|204|i|H
4-methoxybenzaldehyde|COc1ccc(C=O)cc1|0|248|i|H
4-isopropylbenzaldehyde|CC(C)c1ccc(C=O)cc1|-|235|i|H
2-chlorobenzaldehyde|O=Cc1ccccc1Cl|12|212|i|C
4-chlorobenzaldehyde|O=Cc1ccc(Cl)cc1|47|213|i|I
4-bromobenzaldehyde|O=Cc1ccc(Br)cc1|57|-|i|I
2-nitrobenzaldehyde|O=Cc1ccccc1[N+](=O)[O-]|43|-|i|H
3-nitrobenzaldehyde|O=Cc1cccc(c1)[N+](=O)[O-]|58|-|i|H
4-nitrobenzaldehyde|O=Cc1ccc(cc1)[N+](=O)[O-]|106|-|i|H
4-(dimethylamino)benzaldehyde|CN(C)c1ccc(C=O)cc1|74|-|i|I
piperonal|O=Cc1ccc2OCOc2c1|37|263|i|I
3,4-dimethoxybenzaldehyde|COc1ccc(C=O)cc1OC|43|281|i|H
cinnamaldehyde|O=C/C=C/c1ccccc1|-7|246|i|IS
phenylacetaldehyde|O=CCc1ccccc1|-10~|195|i|CS
1-naphthaldehyde|O=Cc1cccc2ccccc12|2~|292|i|H
acetone|CC(C)=O|-95|56|s|FI
2-butanone|CCC(C)=O|-87|80|s|FI
2-pentanone|CCCC(C)=O|-77|102|s|FH
3-pentanone|CCC(=O)CC|-39|102|s|FI
3-methyl-2-butanone|CC(C)C(C)=O|-93|94|s|F
4-methyl-2-pentanone|CC(C)CC(C)=O|-84|117|p|FHK
2-heptanone|CCCCCC(C)=O|-35|151|i|FH
2-octanone|CCCCCCC(C)=O|-16|173|i|F
cyclopentanone|O=C1CCCC1|-51|131|p|FI
cyclohexanone|O=C1CCCCC1|-31|156|s|FH
4-methylcyclohexanone|CC1CCC(=O)CC1|-41|170|i|F
camphor|CC1(C)C2CCC1(C)C(=O)C2|179|204|i|FH
menthone|CC(C)C1CCC(C)CC1=O|-6|207|i|I
carvone|CC(=C)C1CC=C(C)C(=O)C1|-20~|231|i|S
mesityl oxide|CC(C)=CC(C)=O|-53~|130|p|FH
2,4-pentanedione|CC(=O)CC(C)=O|-23|138|s|FT
2,5-hexanedione|CC(=O)CCC(C)=O|-6|194|s|HR
2,3-butanedione|CC(=O)C(C)=O|-2|88|s|FT
acetoin|CC(O)C(C)=O|15|148|s|I
acetophenone|CC(=O)c1ccccc1|20|202|i|H
propiophenone|CCC(=O)c1ccccc1|19|218|i|
4-methylacetophenone|CC(=O)c1ccc(C)cc1|28|226|i|H
4-methoxyacetophenone|COc1ccc(cc1)C(C)=O|38|260|i|H
4-chloroacetophenone|CC(=O)c1ccc(Cl)cc1|20|237~|i|TL
4-bromoacetophenone|CC(=O)c1ccc(Br)cc1|51|255|i|I
3-nitroacetophenone|CC(=O)c1cccc(c1)[N+](=O)[O-]|81|202~|i|I
4-aminoacetophenone|CC(=O)c1ccc(N)cc1|106|294|i|H
4-hydroxyacetophenone|CC(=O)c1ccc(O)cc1|110|-|p|I
benzophenone|O=C(c1ccccc1)c1ccccc1|48|306|i|NK
benzil|O=C(C(=O)c1ccccc1)c1ccccc1|95|347|i|I
benzoin|OC(C(=O)c1ccccc1)c1ccccc1|137|344|i|
benzalacetone|CC(=O)/C=C/c1ccccc1|42|262|i|IS
chalcone|O=C(/C=C/c1ccccc1)c1ccccc1|58|346|i|IS
dibenzalacetone|O=C(/C=C/c1ccccc1)/C=C/c1ccccc1|112|-|i|I
fluorenone|O=C1c2ccccc2-c2ccccc12|84|342|i|IN
1-indanone|O=C1CCc2ccccc12|42|242|i|H
1-tetralone|O=C1CCCc2ccccc12|8|257|i|H
deoxybenzoin|O=C(Cc1ccccc1)c1ccccc1|60|320|i|
4-phenylacetophenone|CC(=O)c1ccc(cc1)-c1ccccc1|121|-|i|
p-benzoquinone|O=C1C=CC(=O)C=C1|115|-|p|TIN
1,4-naphthoquinone|O=C1C=CC(=O)c2ccccc12|126|-|i|TN
anthraquinone|O=C1c2ccccc2C(=O)c2ccccc12|286|377|i|SK
formic acid|OC=O|8|101|s|TCF
acetic acid|CC(O)=O|17|118|s|FC
propanoic acid|CCC(O)=O|-21|141|s|CF
butanoic acid|CCCC(O)=O|-5|164|s|C
2-methylpropanoic acid|CC(C)C(O)=O|-46|154|s|HF
pentanoic acid|CCCCC(O)=O|-34|186|p|C
hexanoic acid|CCCCCC(O)=O|-3|205|p|C
octanoic acid|CCCCCCCC(O)=O|16|239|i|C
dodecanoic acid|CCCCCCCCCCCC(O)=O|44|-|i|I
palmitic acid|CCCCCCCCCCCCCCCC(O)=O|63|-|i|
stearic acid|CCCCCCCCCCCCCCCCCC(O)=O|69|-|i|
oleic acid|CCCCCCCC/C=C\\CCCCCCCC(O)=O|13|360|i|
chloroacetic acid|OC(=O)CCl|63|189|s|TC
trichloroacetic acid|OC(=O)C(Cl)(Cl)Cl|57|197|s|CNK
trifluoroacetic acid|OC(=O)C(F)(F)F|-15|72|s|C
glycolic acid|OCC(O)=O|79|-|s|C
lactic acid|CC(O)C(O)=O|17~|-|s|C
oxalic acid|OC(=O)C(O)=O|190d|-|s|H
oxalic acid dihydrate|OC(=O)C(O)=O.O.O|101|-|s|H
malonic acid|OC(=O)CC(O)=O|135d|-|s|H
succinic acid|OC(=O)CCC(O)=O|188|235d|s|I
glutaric acid|OC(=O)CCCC(O)=O|98|303~|s|I
adipic acid|OC(=O)CCCCC(O)=O|152|338|p|I
maleic acid|OC(=O)/C=C\\C(O)=O|131~|-|s|HS
fumaric acid|OC(=O)/C=C/C(O)=O|287~|-|p|I
malic acid|OC(CC(O)=O)C(O)=O|131|-|s|I
tartaric acid|O[C@H]([C@@H](O)C(O)=O)C(O)=O|170|-|s|I
citric acid|OC(=O)CC(O)(CC(O)=O)C(O)=O|153|-|s|I
crotonic acid|C/C=C/C(O)=O|72|185|s|C
sorbic acid|C/C=C/C=C/C(O)=O|134|228d|i|I
benzoic acid|OC(=O)c1ccccc1|122|249|i|I
o-toluic acid|Cc1ccccc1C(O)=O|104|259|i|H
m-toluic acid|Cc1cccc(c1)C(O)=O|110|263|i|I
p-toluic acid|Cc1ccc(cc1)C(O)=O|180|275|i|I
2-chlorobenzoic acid|OC(=O)c1ccccc1Cl|141|-|i|I
3-chlorobenzoic acid|OC(=O)c1cccc(Cl)c1|156|-|i|I
4-chlorobenzoic acid|OC(=O)c1ccc(Cl)cc1|241|-|i|H
2-bromobenzoic acid|OC(=O)c1ccccc1Br|149|-|i|I
3-bromobenzoic acid|OC(=O)c1cccc(Br)c1|156|-|i|I
4-bromobenzoic acid|OC(=O)c1ccc(Br)cc1|254|-|i|I
2-iodobenzoic acid|OC(=O)c1ccccc1I|163|-|i|H
4-iodobenzoic acid|OC(=O)c1ccc(I)cc1|270|-|i|I
2-nitrobenzoic acid|OC(=O)c1ccccc1[N+](=O)[O-]|147|-|p|I
3-nitrobenzoic acid|OC(=O)c1cccc(c1)[N+](=O)[O-]|141|-|i|I
4-nitrobenzoic acid|OC(=O)c1ccc(cc1)[N+](=O)[O-]|241|-|i|H
3,5-dinitrobenzoic acid|OC(=O)c1cc(cc(c1)[N+](=O)[O-])[N+](=O)[O-]|206|-|i|H
2-aminobenzoic acid|Nc1ccccc1C(O)=O|147|-|i|I
3-aminobenzoic acid|Nc1cccc(c1)C(O)=O|174~|-|i|I
4-aminobenzoic acid|Nc1ccc(cc1)C(O)=O|188|-|i|S
salicylic acid|OC(=O)c1ccccc1O|159|-|i|H
4-hydroxybenzoic acid|OC(=O)c1ccc(O)cc1|214|-|i|I
gallic acid|OC(=O)c1cc(O)c(O)c(O)c1|250d|-|p|I
4-methoxybenzoic acid|COc1ccc(cc1)C(O)=O|184|-|i|I
acetylsalicylic acid|CC(=O)Oc1ccccc1C(O)=O|135|-|i|H
phthalic acid|OC(=O)c1ccccc1C(O)=O|207~|-|i|I
isophthalic acid|OC(=O)c1cccc(c1)C(O)=O|345~|-|i|I
2-benzoylbenzoic acid|OC(=O)c1ccccc1C(=O)c1ccccc1|128|-|i|I
phenylacetic acid|OC(=O)Cc1ccccc1|77|266|p|I
diphenylacetic acid|OC(=O)C(c1ccccc1)c1ccccc1|148|-|i|I
mandelic acid|OC(C(O)=O)c1ccccc1|119|-|s|I
benzilic acid|OC(=O)C(O)(c1ccccc1)c1ccccc1|150|-|i|H
cinnamic acid|OC(=O)/C=C/c1ccccc1|133|300|i|I
hydrocinnamic acid|OC(=O)CCc1ccccc1|48|280|i|I
phenoxyacetic acid|OC(=O)COc1ccccc1|99|285d|p|I
2,4-dichlorophenoxyacetic acid|OC(=O)COc1ccc(Cl)cc1Cl|140|-|i|HSNK
1-naphthoic acid|OC(=O)c1cccc2ccccc12|162|-|i|I
1-naphthylacetic acid|OC(=O)Cc1cccc2ccccc12|133|-|i|H
nicotinic acid|OC(=O)c1cccnc1|237|-|p|I
ibuprofen|CC(C)Cc1ccc(cc1)C(C)C(O)=O|76|-|i|HR
hippuric acid|OC(=O)CNC(=O)c1ccccc1|188|-|i|I
methyl acetate|COC(C)=O|-98|57|s|FI
ethyl formate|CCOC=O|-80|54|s|FH
ethyl acetate|CCOC(C)=O|-84|77|s|FI
propyl acetate|CCCOC(C)=O|-93|102|p|FI
butyl acetate|CCCCOC(C)=O|-78|126|i|F
3-methylbutyl acetate|CC(C)CCOC(C)=O|-79|142|i|F
octyl acetate|CCCCCCCCOC(C)=O|-38|211|i|
ethyl propanoate|CCOC(=O)CC|-74|99|p|F
ethyl butanoate|CCOC(=O)CCC|-98~|121|i|F
methyl methacrylate|COC(=O)C(C)=C|-48|100|p|FIS
ethyl acetoacetate|CCOC(=O)CC(C)=O|-45|181|p|I
diethyl malonate|CCOC(=O)CC(=O)OCC|-50|199|p|
diethyl oxalate|CCOC(=O)C(=O)OCC|-41|186|p|H
triacetin|CC(=O)OCC(COC(C)=O)OC(C)=O|-78~|259|s|
ethyl lactate|CCOC(=O)C(C)O|-26|154|s|FC
gamma-butyrolactone|O=C1CCCO1|-44|204|s|H
methyl benzoate|COC(=O)c1ccccc1|-12|199|i|H
ethyl benzoate|CCOC(=O)c1ccccc1|-34|212|i|
benzyl benzoate|O=C(OCc1ccccc1)c1ccccc1|21|323|i|HN
phenyl benzoate|O=C(Oc1ccccc1)c1ccccc1|71|314|i|
benzyl acetate|CC(=O)OCc1ccccc1|-51|213|i|
phenyl acetate|CC(=O)Oc1ccccc1|-|196|i|H
methyl salicylate|COC(=O)c1ccccc1O|-8|223|i|H
phenyl salicylate|O=C(Oc1ccccc1)c1ccccc1O|42|-|i|IN
methyl cinnamate|COC(=O)/C=C/c1ccccc1|36|262|i|
methyl 4-hydroxybenzoate|COC(=O)c1ccc(O)cc1|127|-|i|
propyl 4-hydroxybenzoate|CCCOC(=O)c1ccc(O)cc1|97|-|i|
methyl 3-nitrobenzoate|COC(=O)c1cccc(c1)[N+](=O)[O-]|78|279|i|
ethyl 4-aminobenzoate|CCOC(=O)c1ccc(N)cc1|90|310|i|S
methyl 2-aminobenzoate|COC(=O)c1ccccc1N|24|256|i|I
dimethyl phthalate|COC(=O)c1ccccc1C(=O)OC|5|284|i|
diethyl phthalate|CCOC(=O)c1ccccc1C(=O)OCC|-40~|295|i|
dimethyl terephthalate|COC(=O)c1ccc(cc1)C(=O)OC|141|288|i|
coumarin|O=c1ccc2ccccc2o1|71|301|i|HS
acetic anhydride|CC(=O)OC(C)=O|-73|140|s|FCW
succinic anhydride|O=C1CCC(=O)O1|120|261|i|HCS
maleic anhydride|O=C1OC(=O)C=C1|53|202|s|CS
phthalic anhydride|O=C1OC(=O)c2ccccc12|131|285~|i|HCS
benzoic anhydride|O=C(OC(=O)c1ccccc1)c1ccccc1|42|360|i|I
acetyl chloride|CC(=O)Cl|-113|51|s|FCW
benzoyl chloride|O=C(Cl)c1ccccc1|0|197|i|CLWK
formamide|NC=O|3|220|s|R
acetamide|CC(N)=O|81|221|s|K
propanamide|CCC(N)=O|80|213|s|H
N,N-dimethylformamide|CN(C)C=O|-61|153|s|HRKF
N-methylacetamide|CNC(C)=O|28|206|s|R
biuret|NC(=O)NC(N)=O|193d|-|p|H
triglycine|NCC(=O)NCC(=O)NCC(O)=O|240d~|-|s|
urea|NC(N)=O|133|-|s|
thiourea|NC(N)=S|177|-|s|HKN
thioacetamide|CC(N)=S|116|-|s|HK
succinimide|O=C1CCC(=O)N1|126|288d|s|
phthalimide|O=C1NC(=O)c2ccccc12|238|-|i|
benzamide|NC(=O)c1ccccc1|128|290|p|H
nicotinamide|NC(=O)c1cccnc1|130|-|s|I
salicylamide|NC(=O)c1ccccc1O|142|-|i|H
4-nitrobenzamide|NC(=O)c1ccc(cc1)[N+](=O)[O-]|201|-|i|H
acetanilide|CC(=O)Nc1ccccc1|114|304|i|H
4-methylacetanilide|CC(=O)Nc1ccc(C)cc1|150|307|i|
4-bromoacetanilide|CC(=O)Nc1ccc(Br)cc1|168|-|i|H
4-chloroacetanilide|CC(=O)Nc1ccc(Cl)cc1|179|-|i|I
4-nitroacetanilide|CC(=O)Nc1ccc(cc1)[N+](=O)[O-]|216|-|i|H
4-ethoxyacetanilide|CCOc1ccc(NC(C)=O)cc1|135|-|i|HK
benzanilide|O=C(Nc1ccccc1)c1ccccc1|163|-|i|
caffeine|Cn1cnc2c1c(=O)n(C)c(=O)n2C|235|-|p|H
acetonitrile|CC#N|-44|82|s|FH
propanenitrile|CCC#N|-93|97|s|FT
butanenitrile|CCCC#N|-112|118|p|FT
acrylonitrile|C=CC#N|-84|77|s|FTK
benzonitrile|N#Cc1ccccc1|-13|191|i|HF
phenylacetonitrile|N#CCc1ccccc1|-24|234|i|T
4-chlorobenzonitrile|N#Cc1ccc(Cl)cc1|93|223|i|H
methylamine|CN|-93|-6|s|FHC
diethylamine|CCNCC|-50|56|s|FC
triethylamine|CCN(CC)CC|-115|89|s|FTC
propylamine|CCCN|-83|47|s|FTC
butylamine|CCCCN|-49|77|s|FTC
hexylamine|CCCCCCN|-23|133|p|FTC
cyclohexylamine|NC1CCCCC1|-18|134|s|FCR
benzylamine|NCc1ccccc1|10~|185|s|C
2-phenylethylamine|NCCc1ccccc1|-60|198|s|TC
ethylenediamine|NCCN|11|117|s|FCS
ethanolamine|NCCO|10|171|s|C
triethanolamine|OCCN(CCO)CCO|21|335|s|
dibutylamine|CCCCNCCCC|-60|159|i|FTC
tributylamine|CCCCN(CCCC)CCCC|-70|216|i|T
piperidine|C1CCNCC1|-11|106|s|FTC
morpholine|C1COCCN1|-5|128|s|FC
piperazine|C1CNCCN1|106|146|s|CS
pyrrolidine|C1CCNC1|-58|87|s|FC
pyridine|c1ccncc1|-42|115|s|FHK
2-methylpyridine|Cc1ccccn1|-67|129|s|FH
quinoline|c1ccc2ncccc2c1|-15|237|i|TKN
imidazole|c1c[nH]cn1|90|257|s|CR
pyrrole|c1cc[nH]c1|-23|130|p|FT
indole|c1ccc2[nH]ccc2c1|52|254|i|TN
carbazole|c1ccc2c(c1)[nH]c1ccccc12|246|355|i|KN
aniline|Nc1ccccc1|-6|184|p|TKN
o-toluidine|Cc1ccccc1N|-16|200|p|TKN
m-toluidine|Cc1cccc(N)c1|-30|203|p|TN
p-toluidine|Cc1ccc(N)cc1|44|200|i|TN
2,4-dimethylaniline|Cc1ccc(N)c(C)c1|-14~|214|i|TN
2,6-dimethylaniline|Cc1cccc(C)c1N|11|215|i|HKN
4-methoxyaniline|COc1ccc(N)cc1|57|243|i|TN
2-methoxyaniline|COc1ccccc1N|6|224|i|TK
4-chloroaniline|Nc1ccc(Cl)cc1|71|232|i|TKN
3-chloroaniline|Nc1cccc(Cl)c1|-10|230|i|TN
2-chloroaniline|Nc1ccccc1Cl|-2|209|i|TN
4-bromoaniline|Nc1ccc(Br)cc1|66|-|i|H
2,4,6-tribromoaniline|Nc1c(Br)cc(Br)cc1Br|120|300|i|H
4-iodoaniline|Nc1ccc(I)cc1|64|-|i|H
2-nitroaniline|Nc1ccccc1[N+](=O)[O-]|71|284|i|T
3-nitroaniline|Nc1cccc(c1)[N+](=O)[O-]|113|306|i|T
4-nitroaniline|Nc1ccc(cc1)[N+](=O)[O-]|147|332|i|T
2,4-dinitroaniline|Nc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|180~|-|i|T
1,2-phenylenediamine|Nc1ccccc1N|102|257|s|TSNK
1,3-phenylenediamine|Nc1cccc(N)c1|64|286|s|TSN
1,4-phenylenediamine|Nc1ccc(N)cc1|142|267|s|TSN
1-naphthylamine|Nc1cccc2ccccc12|49|301|i|HN
N-methylaniline|CNc1ccccc1|-57|196|i|TN
N-ethylaniline|CCNc1ccccc1|-63|203|i|T
N,N-dimethylaniline|CN(C)c1ccccc1|2|194|i|TKN
N,N-diethylaniline|CCN(CC)c1ccccc1|-38|216|i|TN
diphenylamine|N(c1ccccc1)c1ccccc1|53|302|i|TN
triphenylamine|N(c1ccccc1)(c1ccccc1)c1ccccc1|127|365|i|
dibenzylamine|C(NCc1ccccc1)c1ccccc1|-26|300|i|C
phenylhydrazine|NNc1ccccc1|20|244|p|TK
azobenzene|N(=Nc1ccccc1)c1ccccc1|68|293|i|HKN
4-aminoazobenzene|Nc1ccc(cc1)N=Nc1ccccc1|127|-|i|K
cyclohexanone oxime|ON=C1CCCCC1|90|206|p|H
benzaldoxime|O/N=C/c1ccccc1|35|-|i|I
glycine|NCC(O)=O|262d~|-|s|
alanine|CC(N)C(O)=O|297d|-|s|
phenylalanine|NC(Cc1ccccc1)C(O)=O|283d|-|p|
tyrosine|NC(Cc1ccc(O)cc1)C(O)=O|343d~|-|i|
cysteine|NC(CS)C(O)=O|240d|-|s|H
methionine|CSCCC(N)C(O)=O|281d|-|s|
glutamic acid|NC(CCC(O)=O)C(O)=O|205d~|-|p|
asparagine|NC(CC(N)=O)C(O)=O|234d|-|p|
nitromethane|C[N+](=O)[O-]|-29|101|s|FHEK
nitroethane|CC[N+](=O)[O-]|-90|114|s|FHE
nitrobenzene|[O-][N+](=O)c1ccccc1|6|211|i|TRNK
2-nitrotoluene|Cc1ccccc1[N+](=O)[O-]|-10|222|i|HKN
4-nitrotoluene|Cc1ccc(cc1)[N+](=O)[O-]|52|238|i|TN
1,3-dinitrobenzene|[O-][N+](=O)c1cccc(c1)[N+](=O)[O-]|90|297|i|TNE
1-nitronaphthalene|[O-][N+](=O)c1cccc2ccccc12|57~|304|i|HN
4-chloronitrobenzene|[O-][N+](=O)c1ccc(Cl)cc1|83|242|i|TNK
2-chloronitrobenzene|[O-][N+](=O)c1ccccc1Cl|32|246|i|TNK
4-bromonitrobenzene|[O-][N+](=O)c1ccc(Br)cc1|125|256|i|H
2,4-dinitrochlorobenzene|Clc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|53|315|i|TSE
4-nitrobenzyl alcohol|OCc1ccc(cc1)[N+](=O)[O-]|93|-|i|I
4-nitroanisole|COc1ccc(cc1)[N+](=O)[O-]|54|274|i|HK
1-chlorobutane|CCCCCl|-123|78|i|F
2-chlorobutane|CCC(C)Cl|-131~|68|i|F
2-chloro-2-methylpropane|CC(C)(C)Cl|-25|51|i|F
1-bromobutane|CCCCBr|-112|101|i|FIN
2-bromobutane|CCC(C)Br|-112|91|i|F
2-bromo-2-methylpropane|CC(C)(C)Br|-16|73|i|F
bromoethane|CCBr|-119|38|i|FH
1-bromohexane|CCCCCCBr|-85|155|i|FI
bromocyclohexane|BrC1CCCCC1|-57|166|i|I
1,2-dibromoethane|BrCCBr|10|131|i|TKN
1-iodobutane|CCCCI|-103|131|i|TF
iodomethane|CI|-66|42|p|TK
iodoethane|CCI|-111|72|i|H
2-iodopropane|CC(C)I|-90|89|i|F
allyl bromide|C=CCBr|-119|70|i|FTN
allyl chloride|C=CCCl|-135|45|i|FTKN
benzyl chloride|ClCc1ccccc1|-45|179|i|TKL
benzyl bromide|BrCc1ccccc1|-3|201|i|L
diphenylmethyl chloride|ClC(c1ccccc1)c1ccccc1|18|-|i|C
phenacyl bromide|BrCC(=O)c1ccccc1|51|-|i|CL
chlorobenzene|Clc1ccccc1|-45|132|i|FHN
bromobenzene|Brc1ccccc1|-31|156|i|FIN
iodobenzene|Ic1ccccc1|-31|188|i|H
fluorobenzene|Fc1ccccc1|-42|85|i|FN
4-chlorotoluene|Cc1ccc(Cl)cc1|8|162|i|HNF
4-bromotoluene|Cc1ccc(Br)cc1|28|184|i|I
1,4-dichlorobenzene|Clc1ccc(Cl)cc1|53|174|i|KN
1,2-dichlorobenzene|Clc1ccccc1Cl|-17|180|i|HN
1,4-dibromobenzene|Brc1ccc(Br)cc1|87|219|i|I
1-bromonaphthalene|Brc1cccc2ccccc12|1|281|i|H
4-bromobiphenyl|Brc1ccc(cc1)-c1ccccc1|90|310|i|I
dichloromethane|ClCCl|-95|40|p|HK
chloroform|ClC(Cl)Cl|-64|61|i|HK
carbon tetrachloride|ClC(Cl)(Cl)Cl|-23|77|i|TK
1,2-dichloroethane|ClCCCl|-36|83|p|FHK
iodoform|IC(I)I|119|-|i|H
chloral hydrate|OC(O)C(Cl)(Cl)Cl|57|98d|s|TK
4-fluorobenzoic acid|OC(=O)c1ccc(F)cc1|182|-|i|I
1-butanethiol|CCCCS|-116|98|i|FH
thiophenol|Sc1ccccc1|-15|169|i|FTN
thioglycolic acid|OC(=O)CS|-16|-|s|TC
benzyl mercaptan|SCc1ccccc1|-30|195|i|TN
diethyl sulfide|CCSCC|-104|92|i|F
diphenyl sulfide|S(c1ccccc1)c1ccccc1|-26~|296|i|HN
diphenyl disulfide|S(Sc1ccccc1)c1ccccc1|61|310|i|I
thiophene|c1ccsc1|-38|84|i|FH
dimethyl sulfoxide|CS(C)=O|19|189|s|
diphenyl sulfone|O=S(=O)(c1ccccc1)c1ccccc1|128|379|i|H
benzenesulfonic acid|OS(=O)(=O)c1ccccc1|51~|-|s|C
p-toluenesulfonic acid|Cc1ccc(cc1)S(O)(=O)=O|105|-|s|C
sulfanilic acid|Nc1ccc(cc1)S(O)(=O)=O|288d|-|p|IS
benzenesulfonamide|NS(=O)(=O)c1ccccc1|151|-|i|H
p-toluenesulfonamide|Cc1ccc(cc1)S(N)(=O)=O|138|-|i|
sulfanilamide|Nc1ccc(cc1)S(N)(=O)=O|165|-|i|I
saccharin|O=C1NS(=O)(=O)c2ccccc12|228|-|i|
p-toluenesulfonyl chloride|Cc1ccc(cc1)S(Cl)(=O)=O|69|-|i|C
phenyl isothiocyanate|S=C=Nc1ccccc1|-21|221|i|TLS
glucose|OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@@H]1O|146|-|s|
fructose|OC[C@@H]1OC(O)(CO)[C@@H](O)[C@@H]1O|103d|-|s|
galactose|OC[C@H]1OC(O)[C@H](O)[C@@H](O)[C@H]1O|167|-|s|
xylose|O[C@@H]1COC(O)[C@H](O)[C@H]1O|153~|-|s|
maltose|OC[C@H]1O[C@H](O[C@H]2[C@H](O)[C@@H](O)C(O)O[C@@H]2CO)[C@H](O)[C@@H](O)[C@@H]1O|103~|-|s|
lactose|OC[C@H]1O[C@@H](O[C@H]2[C@H](O)[C@@H](O)C(O)O[C@@H]2CO)[C@H](O)[C@@H](O)[C@H]1O|202|-|s|
sucrose|OC[C@H]1O[C@H](O[C@]2(CO)O[C@H](CO)[C@@H](O)[C@@H]2O)[C@H](O)[C@@H](O)[C@@H]1O|186d|-|s|
ascorbic acid|OC[C@H](O)[C@H]1OC(=O)C(O)=C1O|191d|-|s|
triphenyl phosphate|O=P(Oc1ccccc1)(Oc1ccccc1)Oc1ccccc1|50|-|i|N
triphenylphosphine|c1ccc(cc1)P(c1ccccc1)c1ccccc1|80|377|i|HS
triethyl phosphate|CCOP(=O)(OCC)OCC|-56|216|s|H
`;

/** Where an enantiomer melts otherwise than its racemate, °C: name | racemate | enantiomer. The same source, `~` as above. */
export const ENANTIOMER_ROWS = `
mandelic acid|119|133
tartaric acid|206|170
malic acid|131|100
lactic acid|17~|53
ibuprofen|76|52
`;
