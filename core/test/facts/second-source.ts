/**
 * What other sources than the library's say of its compounds; `-` where they do not have one.
 *
 * Melting points: J.-C. Bradley, A. Lang, A. Williams, Open Notebook Science melting point dataset, 2014. Boiling points at 1 atm: C. L.
 * Yaws, Thermophysical Properties of Chemicals and Hydrocarbons, 2nd ed., 2014. Flash points (closed cup): F. Y. Serat, DIPPR data
 * as compiled 2017. Group 1, 2A or 2B: International Agency for Research on Cancer, monographs, 2018. All in °C.
 */
export const SECOND_SOURCE = `
name|melts|boils|flash|group
hexane|-95.1|68.7|-23|-
heptane|-91|98.4|-4|-
cyclohexane|7|80.7|-|-
methylcyclohexane|-126.8|100.9|-4|-
decane|-29.9|174.2|50|-
decalin|-42.9|195.8|61|-
1-hexene|-140|63.5|-26|-
1-octene|-102|121.3|12|-
cyclohexene|-104|83|-17|-
limonene|-90|178|-|-
alpha-pinene|-61.5|156.1|31|-
styrene|-31|145.2|29|2A
alpha-methylstyrene|-23|165.5|42|2B
trans-stilbene|123|306.5|-|-
indene|-1.9|182.6|58|-
1-hexyne|-132|71.3|-|-
phenylacetylene|-44.9|142.9|31|-
diphenylacetylene|60|299.9|-|-
toluene|-93.9|110.6|6|-
ethylbenzene|-94.9|136.2|23|2B
o-xylene|-25|144.4|32|-
m-xylene|-47.8|139.1|25|-
p-xylene|13|138.4|26|-
mesitylene|-45|164.7|44|-
cumene|-96|152.4|-|2B
naphthalene|80.2|218|80|2B
2-methylnaphthalene|33.7|241.1|97|-
anthracene|216|342|-|-
phenanthrene|99.2|336.9|164|-
biphenyl|69.4|255|-|-
fluorene|116|297.3|-|-
acenaphthene|95|277.4|-|-
diphenylmethane|25.1|264.3|-|-
triphenylmethane|94|359|-|-
bibenzyl|52|280.5|121|-
hexamethylbenzene|165.8|263.5|-|-
methanol|-98|64.7|-31|-
ethanol|-114.1|78.3|-13|1
1-propanol|-126.5|97.2|3|-
2-propanol|-89.5|82.3|-10|-
1-butanol|-89.8|117.7|22|-
2-butanol|-115|99.6|7|-
2-methyl-1-propanol|-108|107.7|10|-
2-methyl-2-propanol|25.2|82.4|-3|-
1-pentanol|-78.4|137.8|39|-
2-pentanol|-61.5|119|24|-
3-pentanol|-69.1|115.3|22|-
3-methyl-1-butanol|-117|131.2|31|-
2-methyl-2-butanol|-9.1|102|12|-
1-hexanol|-47.1|157.4|55|-
cyclopentanol|-19|140.4|-|-
cyclohexanol|24|160.9|47|-
1-heptanol|-34|176.3|-|-
1-octanol|-15.5|195.2|82|-
2-octanol|-31.8|179.8|71|-
1-dodecanol|24|263.8|127|-
1-hexadecanol|49.5|-|170|-
cholesterol|148.5|-|-|-
menthol|35|-|-|-
borneol|207.5|212.7|-|-
allyl alcohol|-129|97.1|5|-
propargyl alcohol|-50|113.6|-|-
geraniol|-|230|-|-
benzyl alcohol|-15|204.7|-|-
1-phenylethanol|20|204|85|-
2-phenylethanol|-27|218.9|100|-
diphenylmethanol|66|298|-|-
triphenylmethanol|163|380|-|-
cinnamyl alcohol|34|254|-|-
4-methoxybenzyl alcohol|25|259.1|-|-
furfuryl alcohol|-22.8|170|67|2B
tetrahydrofurfuryl alcohol|-|177.7|70|-
ethylene glycol|-13|197.3|92|-
1,2-propanediol|-60|187.6|86|-
glycerol|18|-|174|-
2-ethoxyethanol|-90|135|34|-
mannitol|167.5|-|-|-
sorbitol|105|-|-|-
pentaerythritol|259.2|-|251|-
2-chloroethanol|-67.2|128.6|37|-
diethyl ether|-116|34.4|-45|-
diisopropyl ether|-86.4|68.3|-28|-
dibutyl ether|-96.5|141|-|-
tetrahydrofuran|-108|64.9|-24|2B
1,4-dioxane|11.8|101.3|11|2B
anisole|-37|153.6|43|-
phenetole|-30|170|55|-
diphenyl ether|27.5|258.3|115|-
1,4-dimethoxybenzene|58.5|212.6|-|-
2-methoxynaphthalene|73.5|274|-|-
4-bromoanisole|11|215|-|-
safrole|11.2|234.5|-|2B
eugenol methyl ether|-4|254.7|-|2B
furan|-85.6|31.4|-53|2B
phenol|41|181.8|67|-
o-cresol|31.5|191|78|-
m-cresol|11.8|202.3|86|-
p-cresol|34|202|86|-
2,4-dimethylphenol|24.5|211|83|-
2,6-dimethylphenol|47.5|201.1|85|-
3,5-dimethylphenol|63.4|221.7|-|-
thymol|51|232.5|-|-
carvacrol|1.5|237|-|-
4-tert-butylphenol|98.8|239.7|113|-
2,6-di-tert-butyl-4-methylphenol|71|268|117|-
catechol|105|245.5|127|2B
resorcinol|111|276.5|144|-
hydroquinone|171.7|286|165|-
pyrogallol|133|308.7|-|-
phloroglucinol|218.2|-|-|-
guaiacol|29|205|-|-
4-methoxyphenol|56|244.7|125|-
eugenol|-9.1|253.2|-|-
1-naphthol|95.5|288|-|-
2-naphthol|122|285|-|-
2-chlorophenol|8|174.4|63|-
4-chlorophenol|43.4|220|108|-
2,4-dichlorophenol|42.8|210|-|-
2,4,6-trichlorophenol|69|246|-|2B
pentachlorophenol|174|-|-|1
4-bromophenol|65|238|-|-
2,4,6-tribromophenol|89|-|-|-
4-iodophenol|93.2|-|-|-
2-nitrophenol|44.8|216|-|-
3-nitrophenol|96.9|-|-|-
4-nitrophenol|113|-|-|-
2,4-dinitrophenol|108|-|-|-
picric acid|122.2|-|-|-
4-aminophenol|188.5|-|-|-
3-aminophenol|124.5|-|-|-
8-hydroxyquinoline|75.5|266.9|-|-
bisphenol A|154.5|-|-|-
4-phenylphenol|166|-|-|-
vanillin|81.8|284.9|-|-
salicylaldehyde|-7|196.5|76|-
4-hydroxybenzaldehyde|117|-|-|-
paracetamol|169.8|-|-|-
formaldehyde|-92|-19.1|-|1
acetaldehyde|-124.5|20.9|-56|1
propanal|-80.5|48|-30|-
butanal|-98|74.8|-11|-
2-methylpropanal|-65|64.1|-20|-
pentanal|-91.5|103|10|-
hexanal|-56|128.3|27|-
heptanal|-43|152.8|35|-
octanal|-23|171|51|-
crotonaldehyde|-76.2|104|-|-
acrolein|-87|52.7|-26|-
citral|-|228.1|-|-
furfural|-37.2|161.7|60|-
benzaldehyde|-56.2|178.8|61|-
4-methylbenzaldehyde|-6|204|-|-
4-methoxybenzaldehyde|0.5|248|-|-
4-isopropylbenzaldehyde|-|235.5|-|-
2-chlorobenzaldehyde|10.5|211.9|-|-
4-chlorobenzaldehyde|46.5|213.5|-|-
4-bromobenzaldehyde|57|-|-|-
2-nitrobenzaldehyde|45|-|-|-
3-nitrobenzaldehyde|58.5|-|-|-
4-nitrobenzaldehyde|106|-|-|-
4-(dimethylamino)benzaldehyde|74.5|-|147|-
piperonal|37|263|-|-
3,4-dimethoxybenzaldehyde|43.5|281|-|-
cinnamaldehyde|-7.5|246|-|-
phenylacetaldehyde|33.5|195|-|-
1-naphthaldehyde|17.8|292|-|-
acetone|-94.8|56.3|-|-
2-butanone|-86.8|79.6|-|-
2-pentanone|-78|102.3|-1|-
3-pentanone|-39|102|6|-
3-methyl-2-butanone|-92|94.4|-1|-
4-methyl-2-pentanone|-84|116|8|2B
2-heptanone|-35|151|35|-
2-octanone|-16|173|-|-
cyclopentanone|-51|130.7|26|-
cyclohexanone|-30|-|43|-
4-methylcyclohexanone|-40.8|170|-|-
camphor|178.4|207.4|66|-
menthone|-6|207.8|-|-
carvone|-|230.1|-|-
mesityl oxide|-59|129.8|28|-
2,4-pentanedione|-23|140.4|-|-
2,5-hexanedione|-6|194|-|-
2,3-butanedione|-3|88|-|-
acetoin|15|145.5|-|-
acetophenone|20|202.1|77|-
propiophenone|18.3|217.5|-|-
4-methylacetophenone|24|226|-|-
4-methoxyacetophenone|38|258|-|-
4-chloroacetophenone|19|232|-|-
4-bromoacetophenone|51|257|-|-
3-nitroacetophenone|79.5|202|-|-
4-aminoacetophenone|106|294|-|-
4-hydroxyacetophenone|108|-|-|-
benzophenone|48|306.1|-|2B
benzil|95|347|-|-
benzoin|136|-|-|-
benzalacetone|41.2|261|-|-
chalcone|56.5|-|-|-
dibenzalacetone|110.8|-|-|-
fluorenone|84|341.5|-|-
1-indanone|41|243|-|-
1-tetralone|7.5|-|-|-
deoxybenzoin|57.5|320|-|-
4-phenylacetophenone|121|-|-|-
p-benzoquinone|114|-|-|-
1,4-naphthoquinone|126.5|-|-|-
anthraquinone|285|379.9|193|2B
formic acid|8.3|100.5|-3|-
acetic acid|16.7|118.1|25|-
propanoic acid|-21|141.1|42|-
butanoic acid|-5.7|163.5|60|-
2-methylpropanoic acid|-46|154.5|60|-
pentanoic acid|-34|187|79|-
hexanoic acid|-3|205.8|92|-
octanoic acid|16.3|239.7|116|-
dodecanoic acid|43.6|-|161|-
palmitic acid|61.8|-|-|-
stearic acid|69.3|-|196|-
oleic acid|-|-|189|-
chloroacetic acid|62.5|189.4|66|-
trichloroacetic acid|57.2|197.6|-|2B
trifluoroacetic acid|-15|71.8|-|-
glycolic acid|79.5|-|-|-
lactic acid|18|-|-|-
oxalic acid|101.5|-|-|-
malonic acid|136|-|-|-
succinic acid|187.5|317.9|-|-
glutaric acid|97|322.4|-|-
adipic acid|153|337.9|-|-
maleic acid|136|-|-|-
fumaric acid|287|-|-|-
malic acid|131|-|-|-
tartaric acid|170|-|-|-
citric acid|153|-|-|-
crotonic acid|72|185|90|-
sorbic acid|134|-|-|-
benzoic acid|122.4|249.2|121|-
o-toluic acid|105|258.9|-|-
m-toluic acid|110|-|-|-
p-toluic acid|180|275|-|-
2-chlorobenzoic acid|140|-|-|-
3-chlorobenzoic acid|157|-|-|-
4-chlorobenzoic acid|242|-|-|-
2-bromobenzoic acid|149|-|-|-
3-bromobenzoic acid|156.8|-|-|-
4-bromobenzoic acid|253|-|-|-
2-iodobenzoic acid|162.2|-|-|-
4-iodobenzoic acid|270|-|-|-
2-nitrobenzoic acid|147.5|-|-|-
3-nitrobenzoic acid|142|-|-|-
4-nitrobenzoic acid|240.5|-|-|-
3,5-dinitrobenzoic acid|206|-|-|-
2-aminobenzoic acid|145.5|-|-|-
3-aminobenzoic acid|173|-|-|-
4-aminobenzoic acid|188.5|-|-|-
salicylic acid|159|-|129|-
4-hydroxybenzoic acid|215|-|-|-
4-methoxybenzoic acid|184.5|-|-|-
acetylsalicylic acid|135|-|165|-
phthalic acid|230|-|168|-
isophthalic acid|344.5|-|-|-
2-benzoylbenzoic acid|128|-|-|-
phenylacetic acid|77|265.5|-|-
diphenylacetic acid|147|-|-|-
mandelic acid|121|-|-|-
benzilic acid|150.5|-|-|-
cinnamic acid|133|300|-|-
hydrocinnamic acid|49|279.8|-|-
phenoxyacetic acid|100|-|-|-
2,4-dichlorophenoxyacetic acid|138|-|-|2B
1-naphthoic acid|161|-|-|-
1-naphthylacetic acid|135|-|-|-
nicotinic acid|236.6|-|124|-
ibuprofen|76|-|-|-
hippuric acid|191.5|-|-|-
methyl acetate|-98|56.9|-30|-
ethyl formate|-80.5|54.3|-|-
ethyl acetate|-84|77.1|-10|-
propyl acetate|-93|101.5|11|-
butyl acetate|-78|126.1|25|-
3-methylbutyl acetate|-78.2|142|33|-
octyl acetate|-38.5|210|83|-
ethyl propanoate|-73|99.1|-1|-
ethyl butanoate|-93|121.5|19|-
methyl methacrylate|-48|100.3|0|-
ethyl acetoacetate|-43|180.8|70|-
diethyl malonate|-50|198.9|85|-
diethyl oxalate|-40.8|185.5|75|-
triacetin|3|259|136|-
ethyl lactate|-26|154.5|58|-
gamma-butyrolactone|-43.3|204|93|-
methyl benzoate|-12|199.5|77|-
ethyl benzoate|-34|213.4|87|-
benzyl benzoate|19|323.5|-|-
phenyl benzoate|69|314|-|-
benzyl acetate|-51|214|88|-
phenyl acetate|-|196|-|-
methyl salicylate|-8.5|222|96|-
phenyl salicylate|42.2|-|-|-
methyl cinnamate|36|-|-|-
methyl 4-hydroxybenzoate|131|-|-|-
propyl 4-hydroxybenzoate|96.5|-|-|-
methyl 3-nitrobenzoate|78.5|-|-|-
ethyl 4-aminobenzoate|89|310|-|-
methyl 2-aminobenzoate|24|256|-|-
dimethyl phthalate|3.5|283.7|144|-
diethyl phthalate|-21.7|294|150|-
dimethyl terephthalate|141|288|-|-
coumarin|70.5|301.7|-|-
acetic anhydride|-73|139.6|49|-
succinic anhydride|119.5|263.4|146|-
maleic anhydride|53|202|100|-
phthalic anhydride|131.4|284.5|152|-
benzoic anhydride|42.2|360|-|-
acetyl chloride|-112|50.8|-31|-
benzoyl chloride|-1|197|72|2A
formamide|2|219.9|-|-
acetamide|80.5|221.2|-|2B
propanamide|79.7|213|-|-
N,N-dimethylformamide|-61|153|43|2A
N-methylacetamide|27|205|106|-
urea|133.4|-|102|-
thiourea|177|-|-|-
thioacetamide|115|-|-|2B
succinimide|125.2|295.5|-|-
phthalimide|236|-|-|-
benzamide|128|290|-|-
nicotinamide|130|-|-|-
salicylamide|142|-|-|-
4-nitrobenzamide|200.5|-|-|-
acetanilide|114|303.8|120|-
4-methylacetanilide|150.5|307|-|-
4-bromoacetanilide|168|-|-|-
4-chloroacetanilide|179|-|-|-
4-nitroacetanilide|216|-|-|-
4-ethoxyacetanilide|135|-|-|1
benzanilide|163|-|-|-
caffeine|238|-|-|-
acetonitrile|-46.5|81.6|2|-
propanenitrile|-92.8|97.4|-|-
butanenitrile|-112|117.6|18|-
acrylonitrile|-83.7|77.4|-5|2B
benzonitrile|-13|191|58|-
phenylacetonitrile|-24|233.5|101|-
4-chlorobenzonitrile|92|223|-|-
methylamine|-93.2|-6.3|-|-
diethylamine|-50|55.5|-28|-
triethylamine|-115|88.8|-11|-
propylamine|-83|47.9|-|-
butylamine|-49|77.4|-|-
hexylamine|-22.9|132.7|27|-
cyclohexylamine|-17.7|134.5|26|-
benzylamine|0|184.5|65|-
2-phenylethylamine|-60|197.5|-|-
ethylenediamine|10|117.3|30|-
ethanolamine|10.3|171|-|-
triethanolamine|20|335.4|190|-
dibutylamine|-62|158.9|42|-
tributylamine|-70|214|72|-
piperidine|-9|106.4|7|-
morpholine|-5|128|35|-
piperazine|106|146|36|-
pyrrolidine|-60|86.6|-9|-
pyridine|-42|115.3|10|2B
2-methylpyridine|-70|129.4|26|-
quinoline|-14.9|237.2|99|2B
imidazole|90|257|-|-
pyrrole|-23.2|129.9|21|-
indole|52|253|-|-
carbazole|246.2|354.7|-|2B
aniline|-6|184|67|2A
o-toluidine|-20|200.3|76|1
m-toluidine|-30|203.4|76|-
p-toluidine|44|200.4|79|-
2,4-dimethylaniline|0.9|214|79|-
2,6-dimethylaniline|11.1|215|-|2B
4-methoxyaniline|57.6|243|-|-
2-methoxyaniline|6|224|-|2A
4-chloroaniline|71.2|230.5|113|2B
3-chloroaniline|-10|228.5|-|-
2-chloroaniline|-8.5|208.8|91|-
4-bromoaniline|64|-|-|-
2,4,6-tribromoaniline|121|300|-|-
4-iodoaniline|63|-|-|-
2-nitroaniline|72|284.9|135|-
3-nitroaniline|113.5|305.9|135|-
4-nitroaniline|148|336|-|-
2,4-dinitroaniline|177.5|-|-|-
1,2-phenylenediamine|101.8|257.1|-|2B
1,3-phenylenediamine|63.5|286.9|138|-
1,4-phenylenediamine|142|266.9|127|-
1-naphthylamine|49|300.7|-|-
N-methylaniline|-57|195.9|70|-
N-ethylaniline|-63.7|203|72|-
N,N-dimethylaniline|2.2|193.5|60|-
N,N-diethylaniline|-38|216.3|79|-
diphenylamine|53|302|146|-
triphenylamine|127|365|-|-
dibenzylamine|-26|-|-|-
phenylhydrazine|19.3|243.5|-|-
azobenzene|68.5|293|-|-
4-aminoazobenzene|125.5|-|-|2B
cyclohexanone oxime|89.5|208|89|-
benzaldoxime|35.8|-|-|-
glycine|251|-|-|-
alanine|292|-|-|-
phenylalanine|186|-|-|-
methionine|281|-|-|-
glutamic acid|201|-|-|-
asparagine|234.5|-|-|-
nitromethane|-29|101.2|32|2B
nitroethane|-89.2|114.1|17|-
nitrobenzene|5.9|210.8|88|2B
2-nitrotoluene|-7|222.5|87|2A
4-nitrotoluene|52|238.5|106|-
1,3-dinitrobenzene|89|297.1|150|-
1-nitronaphthalene|61.2|-|-|-
4-chloronitrobenzene|83.6|242|-|2B
2-chloronitrobenzene|32.8|245.9|121|2B
4-bromonitrobenzene|126|256|-|-
2,4-dinitrochlorobenzene|53|314.9|161|-
4-nitrobenzyl alcohol|94|-|-|-
4-nitroanisole|52|274|-|2B
1-chlorobutane|-123|78.4|-9|-
2-chlorobutane|-135.5|68.1|-18|-
2-chloro-2-methylpropane|-26|50.6|-|-
1-bromobutane|-112|101.6|-|-
2-bromobutane|-112|91.2|2|-
2-bromo-2-methylpropane|-16.2|73.2|-|-
bromoethane|-119|38.4|-|-
1-bromohexane|-85|155.3|-|-
bromocyclohexane|-56.7|166.2|-|-
1,2-dibromoethane|10|131.4|-|2A
1-iodobutane|-103|130.5|31|-
iodomethane|-66.2|42.4|-|-
iodoethane|-109.5|72.3|-|-
2-iodopropane|-90|89.5|-|-
allyl bromide|-119|70|-|-
allyl chloride|-134.7|45.2|-|-
benzyl chloride|-43|179.4|60|2A
benzyl bromide|-3|201|-|-
diphenylmethyl chloride|16|-|-|-
phenacyl bromide|50|-|-|-
chlorobenzene|-45.2|131.7|28|-
bromobenzene|-31|156.1|40|-
iodobenzene|-31|188.5|-|-
fluorobenzene|-42|84.7|-|-
4-chlorotoluene|7.5|162.5|49|-
4-bromotoluene|28.2|184.4|66|-
1,4-dichlorobenzene|53|174.1|66|2B
1,2-dichlorobenzene|-17|180.4|66|-
1,4-dibromobenzene|88|218.5|-|-
1-bromonaphthalene|-1|281.1|-|-
4-bromobiphenyl|90.8|310|-|-
dichloromethane|-95|39.8|-|2A
chloroform|-63|61.2|-|2B
carbon tetrachloride|-23|76.6|-|2B
1,2-dichloroethane|-35.5|83.4|-1|2B
iodoform|121.5|-|-|-
chloral hydrate|57|-|-|2A
4-fluorobenzoic acid|185|-|-|-
1-butanethiol|-116|98.5|-2|-
thiophenol|-15|169.1|55|-
thioglycolic acid|-16.5|-|124|-
benzyl mercaptan|-29.6|195|70|-
diethyl sulfide|-104|92.1|-10|-
diphenyl sulfide|-32.9|296|-|-
diphenyl disulfide|61|310|-|-
thiophene|-38.1|84.2|-9|-
dimethyl sulfoxide|18.4|-|87|-
diphenyl sulfone|128.2|379|-|-
benzenesulfonic acid|48|-|-|-
p-toluenesulfonic acid|104.5|-|-|-
sulfanilic acid|326.5|-|-|-
benzenesulfonamide|151|-|-|-
p-toluenesulfonamide|138.5|-|-|-
sulfanilamide|165.5|-|-|-
saccharin|229.2|-|-|-
p-toluenesulfonyl chloride|69|-|-|-
phenyl isothiocyanate|-21|221|-|-
galactose|166.5|-|-|-
maltose|240|-|-|-
sucrose|185.5|-|-|-
ascorbic acid|191|-|-|-
triphenyl phosphate|50.5|-|-|-
triphenylphosphine|80|377|180|-
triethyl phosphate|-56.2|89|-|-
`;

/** Melting points of derivatives, °C: the first source above. */
export const SECOND_DERIVATIVES = `
semicarbazone of acetone|182
oxime of acetone|61.5
dinitrophenylhydrazone of 2-butanone|116.8
oxime of cyclopentanone|56.9
dinitrophenylhydrazone of cyclohexanone|159
oxime of cyclohexanone|89.5
oxime of camphor|118
oxime of carvone|72
dinitrophenylhydrazone of acetaldehyde|166.5
oxime of acetaldehyde|45
oxime of propanal|40
oxime of heptanal|57.5
semicarbazone of benzaldehyde|231
oxime of benzaldehyde|35.8
oxime of 4-nitrobenzaldehyde|128
oxime of acetophenone|60
oxime of fluorenone|194.8
anilide of acetic acid|114
amide of acetic acid|80.5
anilide of propanoic acid|105.5
amide of propanoic acid|79.7
anilide of butanoic acid|97
amide of butanoic acid|114.9
amide of 2-methylpropanoic acid|128
amide of pentanoic acid|104.5
anilide of hexanoic acid|95
amide of hexanoic acid|101
amide of octanoic acid|108
amide of dodecanoic acid|104.5
amide of palmitic acid|107
amide of stearic acid|109
anilide of chloroacetic acid|87
amide of chloroacetic acid|119.5
anilide of trichloroacetic acid|96
amide of trichloroacetic acid|142
anilide of benzoic acid|163
amide of benzoic acid|128
amide of o-toluic acid|144.5
amide of m-toluic acid|95
amide of p-toluic acid|162
amide of 2-chlorobenzoic acid|143
amide of 3-chlorobenzoic acid|135.5
amide of 4-chlorobenzoic acid|174
amide of 2-bromobenzoic acid|160.5
amide of 3-bromobenzoic acid|155.2
amide of 4-bromobenzoic acid|191.5
amide of 2-nitrobenzoic acid|176
amide of 3-nitrobenzoic acid|142.7
amide of 4-nitrobenzoic acid|200.5
amide of 3,5-dinitrobenzoic acid|183
anilide of 2-aminobenzoic acid|132
amide of 2-aminobenzoic acid|112
anilide of salicylic acid|136.8
amide of salicylic acid|142
amide of 4-methoxybenzoic acid|166
amide of acetylsalicylic acid|138
amide of phenylacetic acid|157
amide of cinnamic acid|149
amide of phenoxyacetic acid|102
amide of 1-naphthoic acid|206.9
amide of adipic acid|223
amide of phthalic acid|222
dinitrobenzoate of methanol|109
dinitrobenzoate of ethanol|93
benzoyl-derivative of phenol|69
aryloxyacetic-acid of phenol|100
bromo-derivative of phenol|89
aryloxyacetic-acid of o-cresol|154
bromo-derivative of o-cresol|58
aryloxyacetic-acid of m-cresol|104
bromo-derivative of m-cresol|83
benzoyl-derivative of p-cresol|70
aryloxyacetic-acid of p-cresol|140.5
bromo-derivative of p-cresol|50
aryloxyacetic-acid of 2-chlorophenol|149.2
aryloxyacetic-acid of 4-chlorophenol|161.5
aryloxyacetic-acid of 2-nitrophenol|158
benzoyl-derivative of 4-nitrophenol|141
benzoyl-derivative of resorcinol|117
aryloxyacetic-acid of 1-naphthol|196
benzoyl-derivative of 2-naphthol|107
aryloxyacetic-acid of 2-naphthol|156
acetyl-derivative of aniline|114
benzoyl-derivative of aniline|163
acetyl-derivative of o-toluidine|110.5
benzoyl-derivative of o-toluidine|145.5
acetyl-derivative of m-toluidine|65.2
benzoyl-derivative of m-toluidine|125
acetyl-derivative of p-toluidine|150.5
benzoyl-derivative of p-toluidine|157
acetyl-derivative of 2,4-dimethylaniline|129.3
acetyl-derivative of 4-methoxyaniline|129
benzoyl-derivative of 4-methoxyaniline|153
acetyl-derivative of 2-methoxyaniline|87.5
acetyl-derivative of 2-chloroaniline|88
acetyl-derivative of 3-chloroaniline|78.5
acetyl-derivative of 4-chloroaniline|179
acetyl-derivative of 4-bromoaniline|168
acetyl-derivative of 2-nitroaniline|93
benzoyl-derivative of 2-nitroaniline|96
acetyl-derivative of 3-nitroaniline|153.5
benzoyl-derivative of 3-nitroaniline|155
acetyl-derivative of 4-nitroaniline|216
benzoyl-derivative of 4-nitroaniline|198
acetyl-derivative of N-methylaniline|103
acetyl-derivative of N-ethylaniline|55
acetyl-derivative of diphenylamine|103
acetyl-derivative of benzylamine|61
benzoyl-derivative of benzylamine|105.5
benzoyl-derivative of ethylenediamine|244
benzoyl-derivative of diethylamine|30
benzoyl-derivative of piperidine|49
acetyl-derivative of phenylhydrazine|129.8
benzoyl-derivative of phenylhydrazine|168
`;

/** Densities at 20 °C, g/mL, by equation 105 of D. Green, R. Perry, Perry's Chemical Engineers' Handbook, 8th ed., table 2-32. */
export const SECOND_DENSITIES = `
hexane|0.661
heptane|0.686
cyclohexane|0.778
methylcyclohexane|0.770
decane|0.732
1-hexene|0.674
1-octene|0.717
cyclohexene|0.811
styrene|0.905
alpha-methylstyrene|0.909
1-hexyne|0.716
toluene|0.868
ethylbenzene|0.868
o-xylene|0.880
m-xylene|0.864
p-xylene|0.861
cumene|0.863
methanol|0.794
ethanol|0.790
1-propanol|0.804
2-propanol|0.787
1-butanol|0.808
2-butanol|0.807
2-methyl-2-propanol|0.789
1-pentanol|0.816
2-pentanol|0.811
3-methyl-1-butanol|0.811
1-hexanol|0.820
cyclohexanol|0.951
1-heptanol|0.825
1-octanol|0.830
2-octanol|0.823
benzyl alcohol|1.045
ethylene glycol|1.114
1,2-propanediol|1.036
diethyl ether|0.714
diisopropyl ether|0.726
dibutyl ether|0.768
tetrahydrofuran|0.885
1,4-dioxane|1.034
anisole|0.995
furan|0.938
m-cresol|1.034
acetaldehyde|0.781
propanal|0.797
butanal|0.802
pentanal|0.809
hexanal|0.814
heptanal|0.818
octanal|0.822
acrolein|0.840
acetone|0.792
2-butanone|0.805
2-pentanone|0.808
3-pentanone|0.814
3-methyl-2-butanone|0.804
4-methyl-2-pentanone|0.801
2-heptanone|0.816
2-octanone|0.819
cyclohexanone|0.947
formic acid|1.220
acetic acid|1.047
propanoic acid|0.993
butanoic acid|0.956
2-methylpropanoic acid|0.949
pentanoic acid|0.937
hexanoic acid|0.923
octanoic acid|0.908
methyl acetate|0.935
ethyl formate|0.922
ethyl acetate|0.899
propyl acetate|0.888
butyl acetate|0.881
ethyl propanoate|0.889
ethyl butanoate|0.879
methyl methacrylate|0.944
methyl benzoate|1.089
ethyl benzoate|1.047
dimethyl phthalate|1.193
acetic anhydride|1.081
formamide|1.133
N,N-dimethylformamide|0.949
acetonitrile|0.782
propanenitrile|0.782
butanenitrile|0.791
acrylonitrile|0.807
benzonitrile|1.005
diethylamine|0.708
triethylamine|0.729
propylamine|0.719
ethylenediamine|0.898
nitromethane|1.135
nitroethane|1.048
bromoethane|1.459
1,2-dibromoethane|2.179
chlorobenzene|1.105
bromobenzene|1.494
fluorobenzene|1.025
1,2-dichlorobenzene|1.307
dichloromethane|1.328
chloroform|1.492
carbon tetrachloride|1.593
1,2-dichloroethane|1.254
1-butanethiol|0.841
thiophenol|1.078
benzyl mercaptan|1.057
diethyl sulfide|0.837
thiophene|1.064
dimethyl sulfoxide|1.101
`;

/** Refractive indices for sodium light and where they were taken, °C: the table of the CRC Handbook, 95th ed., as others copied it. */
export const SECOND_INDICES = `
hexane|1.3727|25
heptane|1.3855|25
cyclohexane|1.4235|25
methylcyclohexane|1.4231|20
decane|1.409|25
decalin|1.481|20
1-hexene|1.3852|25
1-octene|1.4087|20
cyclohexene|1.4465|20
limonene|1.473|20
alpha-pinene|1.4632|25
styrene|1.544|25
alpha-methylstyrene|1.5386|20
indene|1.5768|20
1-hexyne|1.3989|20
phenylacetylene|1.547|20
toluene|1.4941|25
ethylbenzene|1.493|25
o-xylene|1.5018|25
m-xylene|1.4944|25
p-xylene|1.4929|25
mesitylene|1.4994|20
cumene|1.4915|20
diphenylmethane|1.5753|20
methanol|1.3288|20
ethanol|1.3611|20
1-propanol|1.385|20
2-propanol|1.3776|20
1-butanol|1.3988|20
2-butanol|1.3978|20
2-methyl-1-propanol|1.3955|20
2-methyl-2-propanol|1.3878|20
1-pentanol|1.4101|20
2-pentanol|1.4053|20
3-pentanol|1.4104|20
3-methyl-1-butanol|1.4053|20
2-methyl-2-butanol|1.4052|20
1-hexanol|1.4178|20
cyclopentanol|1.453|20
cyclohexanol|1.4641|20
1-heptanol|1.4249|20
1-octanol|1.4295|20
allyl alcohol|1.4135|20
propargyl alcohol|1.4322|20
geraniol|1.4766|20
benzyl alcohol|1.5396|20
1-phenylethanol|1.5265|20
2-phenylethanol|1.5325|20
4-methoxybenzyl alcohol|1.542|25
furfuryl alcohol|1.4869|20
tetrahydrofurfuryl alcohol|1.452|20
ethylene glycol|1.4318|20
1,2-propanediol|1.4324|20
glycerol|1.4746|20
2-ethoxyethanol|1.4054|25
2-chloroethanol|1.4419|20
diethyl ether|1.3526|20
diisopropyl ether|1.3658|25
dibutyl ether|1.3992|20
tetrahydrofuran|1.405|25
1,4-dioxane|1.4224|20
anisole|1.5174|20
phenetole|1.5076|20
4-bromoanisole|1.5642|20
safrole|1.5381|20
furan|1.4214|20
m-cresol|1.5401|20
2,4-dimethylphenol|1.542|14
carvacrol|1.523|20
eugenol|1.5405|20
2-chlorophenol|1.5524|20
salicylaldehyde|1.574|20
acetaldehyde|1.3316|20
propanal|1.3636|20
butanal|1.3843|20
2-methylpropanal|1.373|20
pentanal|1.3944|20
hexanal|1.4039|20
heptanal|1.4113|20
octanal|1.4217|20
crotonaldehyde|1.4366|20
acrolein|1.4017|20
furfural|1.5261|20
benzaldehyde|1.5463|20
4-methylbenzaldehyde|1.5454|20
4-methoxybenzaldehyde|1.573|20
2-chlorobenzaldehyde|1.5662|20
cinnamaldehyde|1.6195|20
phenylacetaldehyde|1.5255|20
acetone|1.3588|20
2-butanone|1.3788|20
2-pentanone|1.3895|20
3-pentanone|1.3905|25
3-methyl-2-butanone|1.388|20
4-methyl-2-pentanone|1.3962|20
2-heptanone|1.4088|20
2-octanone|1.4151|20
cyclopentanone|1.4366|20
cyclohexanone|1.4507|20
4-methylcyclohexanone|1.4451|20
menthone|1.4505|20
carvone|1.4988|20
mesityl oxide|1.444|20
2,4-pentanedione|1.4494|20
2,5-hexanedione|1.4232|20
2,3-butanedione|1.3951|20
acetophenone|1.5372|20
propiophenone|1.5269|20
4-chloroacetophenone|1.555|20
1-tetralone|1.5672|20
formic acid|1.3714|20
acetic acid|1.372|20
propanoic acid|1.3809|20
butanoic acid|1.398|20
2-methylpropanoic acid|1.393|20
pentanoic acid|1.4085|20
hexanoic acid|1.4163|20
octanoic acid|1.4285|20
oleic acid|1.4582|20
methyl acetate|1.3614|20
ethyl formate|1.3609|20
ethyl acetate|1.3723|20
propyl acetate|1.3828|25
butyl acetate|1.3941|20
3-methylbutyl acetate|1.4|20
octyl acetate|1.415|20
ethyl propanoate|1.3839|20
ethyl butanoate|1.3898|25
methyl methacrylate|1.4142|20
ethyl acetoacetate|1.4171|20
diethyl malonate|1.4139|20
diethyl oxalate|1.4101|20
triacetin|1.4301|20
gamma-butyrolactone|1.4341|20
methyl benzoate|1.5164|20
ethyl benzoate|1.5007|20
benzyl benzoate|1.568|20
benzyl acetate|1.5232|20
phenyl acetate|1.5035|20
methyl salicylate|1.535|20
dimethyl phthalate|1.5138|20
diethyl phthalate|1.5|21
acetic anhydride|1.3901|20
benzoyl chloride|1.5537|20
formamide|1.4472|20
N,N-dimethylformamide|1.4305|20
acetonitrile|1.3442|30
propanenitrile|1.3655|20
butanenitrile|1.3842|20
acrylonitrile|1.3911|20
benzonitrile|1.5289|20
phenylacetonitrile|1.5211|25
diethylamine|1.3864|20
triethylamine|1.401|20
propylamine|1.387|20
butylamine|1.4031|20
hexylamine|1.418|20
cyclohexylamine|1.4625|15
benzylamine|1.5401|20
2-phenylethylamine|1.529|25
ethylenediamine|1.4565|20
ethanolamine|1.4541|20
triethanolamine|1.4852|20
dibutylamine|1.4177|20
tributylamine|1.4299|20
piperidine|1.453|20
morpholine|1.4548|20
pyrrolidine|1.4431|20
pyridine|1.5095|20
2-methylpyridine|1.4957|20
quinoline|1.6268|20
pyrrole|1.5085|20
aniline|1.5863|20
o-toluidine|1.5725|20
m-toluidine|1.5681|20
2,4-dimethylaniline|1.5569|20
2,6-dimethylaniline|1.561|20
2-methoxyaniline|1.5715|10
3-chloroaniline|1.5941|20
2-chloroaniline|1.5895|20
N-methylaniline|1.5684|20
N-ethylaniline|1.5559|20
N,N-dimethylaniline|1.5582|20
N,N-diethylaniline|1.5409|20
dibenzylamine|1.5781|20
phenylhydrazine|1.6084|10
nitromethane|1.3817|20
nitroethane|1.3917|20
nitrobenzene|1.5562|20
2-nitrotoluene|1.545|20
1-chlorobutane|1.4023|20
2-chloro-2-methylpropane|1.3857|20
1-bromobutane|1.4401|20
2-bromo-2-methylpropane|1.4278|20
bromoethane|1.4239|20
1-bromohexane|1.4478|20
bromocyclohexane|1.4957|20
1,2-dibromoethane|1.5356|25
1-iodobutane|1.5001|20
iodomethane|1.5308|20
iodoethane|1.5133|20
2-iodopropane|1.5028|20
allyl bromide|1.4697|20
allyl chloride|1.4157|20
benzyl chloride|1.5391|20
benzyl bromide|1.5752|20
chlorobenzene|1.5241|20
bromobenzene|1.5597|20
iodobenzene|1.62|20
fluorobenzene|1.4684|30
4-chlorotoluene|1.515|20
1,2-dichlorobenzene|1.5515|20
1-bromonaphthalene|1.658|20
dichloromethane|1.4242|20
chloroform|1.4459|20
carbon tetrachloride|1.4601|20
1,2-dichloroethane|1.4422|25
1-butanethiol|1.444|20
thiophenol|1.5893|20
benzyl mercaptan|1.5151|20
diethyl sulfide|1.443|20
diphenyl sulfide|1.6334|20
thiophene|1.5289|20
dimethyl sulfoxide|1.4793|20
phenyl isothiocyanate|1.6492|23
triethyl phosphate|1.4053|20
`;
