/**
 * More of the compounds and salts that teaching laboratories hand out, as `LIBRARY_ROWS`: name | SMILES | melting point | boiling
 * point | in water | hazards. Written from memory of the usual handbooks and not looked up again; a reading that decides something
 * is to be checked against one.
 */
export const MORE_ROWS = `
pentane|CCCCC|-130|36|i|FHN
octane|CCCCCCCC|-57|126|i|FHN
nonane|CCCCCCCCC|-54|151|i|FH
dodecane|CCCCCCCCCCCC|-10|216|i|H
2,2,4-trimethylpentane|CC(C)CC(C)(C)C|-107|99|i|FHN
cyclopentane|C1CCCC1|-94|49|i|F
cyclooctane|C1CCCCCCC1|15|149|i|FH
adamantane|C1C2CC3CC1CC(C2)C3|270~|-|i|
tetralin|C1CCc2ccccc2C1|-36|208|i|IK
1-heptene|CCCCCC=C|-119|94|i|FH
2-methyl-2-butene|CC=C(C)C|-134|39|i|FHN
1-decene|CCCCCCCCC=C|-66|171|i|FH
cyclopentene|C1CC=CC1|-135|44|i|FH
cyclooctene|C1CCCC=CCC1|-12|138|i|FH
isoprene|CC(=C)C=C|-146|34|i|FHK
norbornene|C1CC2CC1C=C2|46|96|i|FI
dicyclopentadiene|C1C=CC2C1C1CC2C=C1|33|170|i|FTI
1,5-cyclooctadiene|C1CC=CCCC=C1|-69|151|i|FIS
myrcene|CC(C)=CCCC(=C)C=C|-10~|167|i|FI
1-heptyne|CCCCCC#C|-81|100|i|F
3-hexyne|CCC#CCC|-103|81|i|F
propylbenzene|CCCc1ccccc1|-99|159|i|FHN
butylbenzene|CCCCc1ccccc1|-88|183|i|F
tert-butylbenzene|CC(C)(C)c1ccccc1|-58|169|i|FH
p-cymene|CC(C)c1ccc(C)cc1|-68|177|i|FHN
durene|Cc1cc(C)c(C)cc1C|79|197|i|F
1,3,5-triethylbenzene|CCc1cc(CC)cc(CC)c1|-66|216|i|I
1-methylnaphthalene|Cc1cccc2ccccc12|-30|245|i|HN
pyrene|c1cc2ccc3cccc4ccc(c1)c2c34|151|404|i|N
chrysene|c1ccc2c(c1)ccc1c3ccccc3ccc21|254|448|i|KN
azulene|c1ccc2cccc2cc1|99|242~|i|IN
p-terphenyl|c1ccc(cc1)-c1ccc(cc1)-c1ccccc1|213|376|i|
2-methyl-1-butanol|CCC(C)CO|-70~|128|p|FH
2-methyl-2-pentanol|CCCC(C)(C)O|-103|121|p|FI
4-methyl-2-pentanol|CC(C)CC(C)O|-90|132|p|FI
2-hexanol|CCCCC(C)O|-|140|p|F
3-hexanol|CCCC(O)CC|-|135|p|F
2-heptanol|CCCCCC(C)O|-|159|i|H
2-ethyl-1-hexanol|CCCCC(CC)CO|-76|184|i|I
1-nonanol|CCCCCCCCCO|-5|213|i|I
1-decanol|CCCCCCCCCCO|7|231|i|IN
1-tetradecanol|CCCCCCCCCCCCCCO|39|289|i|N
1-octadecanol|CCCCCCCCCCCCCCCCCCO|59|-|i|
2,2-dimethyl-1-propanol|CC(C)(C)CO|53|114|p|FH
3,3-dimethyl-2-butanol|CC(O)C(C)(C)C|5|120|p|F
2-methylcyclohexanol|CC1CCCCC1O|-9~|167|p|IH
1-methylcyclohexanol|CC1(O)CCCCC1|25|155|p|I
cycloheptanol|OC1CCCCCC1|7|185|p|I
2-buten-1-ol|C/C=C/CO|-30~|122|s|FH
3-methyl-2-buten-1-ol|CC(C)=CCO|-|140|s|FC
3-butyn-2-ol|CC(O)C#C|-3|107|s|FT
linalool|CC(C)=CCCC(C)(O)C=C|-|198|i|IS
citronellol|CC(CCO)CCC=C(C)C|-|224|i|ISN
alpha-terpineol|CC1=CCC(CC1)C(C)(C)O|35~|219|i|I
3-phenyl-1-propanol|OCCCc1ccccc1|-18|235|i|
1-phenyl-1-propanol|CCC(O)c1ccccc1|-|219|i|
2-phenyl-2-propanol|CC(C)(O)c1ccccc1|36|202|i|H
4-methylbenzyl alcohol|Cc1ccc(CO)cc1|60|217|p|I
2-methylbenzyl alcohol|Cc1ccccc1CO|38|219~|p|I
4-chlorobenzyl alcohol|OCc1ccc(Cl)cc1|73|235|i|I
4-hydroxybenzyl alcohol|OCc1ccc(O)cc1|125|-|s|I
2-hydroxybenzyl alcohol|OCc1ccccc1O|86|-|s|I
3-nitrobenzyl alcohol|OCc1cccc(c1)[N+](=O)[O-]|30|-|p|I
vanillyl alcohol|COc1cc(CO)ccc1O|115|-|s|I
hydrobenzoin|OC(C(O)c1ccccc1)c1ccccc1|137|-|i|
2-methoxyethanol|COCCO|-85|124|s|FHR
2-butoxyethanol|CCCCOCCO|-75|171|s|HI
diethylene glycol|OCCOCCO|-10|246|s|H
triethylene glycol|OCCOCCOCCO|-7|288~|s|
1,3-propanediol|OCCCO|-27|214|s|
1,3-butanediol|CC(O)CCO|-|207|s|
1,4-butanediol|OCCCCO|20|230|s|H
2,3-butanediol|CC(O)C(C)O|25~|182|s|
1,6-hexanediol|OCCCCCCO|42|250~|s|
pinacol|CC(C)(O)C(C)(C)O|41|173|s|F
2-bromoethanol|OCCBr|-|149|s|FTC
1-chloro-2-propanol|CC(O)CCl|-|127|s|FT
2,2,2-trifluoroethanol|OCC(F)(F)F|-44|74|s|FTR
inositol|OC1C(O)C(O)C(O)C(O)C1O|225|-|s|
erythritol|OC[C@H](O)[C@H](O)CO|120|-|s|
xylitol|OC[C@H](O)[C@@H](O)[C@H](O)CO|94|-|s|
diacetone alcohol|CC(=O)CC(C)(C)O|-44|168|s|FI
tert-butyl methyl ether|COC(C)(C)C|-109|55|p|FI
1,2-dimethoxyethane|COCCOC|-58|85|s|FHR
diglyme|COCCOCCOC|-68|162|s|FR
tetrahydropyran|C1CCOCC1|-45|88|p|FI
benzyl methyl ether|COCc1ccccc1|-53|170|i|F
dibenzyl ether|C(OCc1ccccc1)c1ccccc1|3|298|i|N
1,3-dimethoxybenzene|COc1cccc(OC)c1|-52|217|i|
1,2-dimethoxybenzene|COc1ccccc1OC|22|206|i|H
1,2,3-trimethoxybenzene|COc1cccc(OC)c1OC|47|241|i|
4-methylanisole|COc1ccc(C)cc1|-32|175|i|FHR
anethole|C/C=C/c1ccc(OC)cc1|21|235|i|S
4-chloroanisole|COc1ccc(Cl)cc1|-18|197|i|H
2-ethoxynaphthalene|CCOc1ccc2ccccc2c1|37|282|i|N
epichlorohydrin|ClCC1CO1|-26|118|p|FTKC
styrene oxide|C1OC1c1ccccc1|-37|194|i|TKI
2,3-dimethylphenol|Cc1cccc(O)c1C|73|217|p|TCN
2,5-dimethylphenol|Cc1ccc(C)c(O)c1|75|211|p|TCN
3,4-dimethylphenol|Cc1ccc(O)cc1C|65|227|p|TCN
2,4,6-trimethylphenol|Cc1cc(C)c(O)c(C)c1|72|220|i|C
4-ethylphenol|CCc1ccc(O)cc1|45|218|i|C
2-isopropylphenol|CC(C)c1ccccc1O|16|213|i|C
4-isopropylphenol|CC(C)c1ccc(O)cc1|62|230|i|C
4-nonylphenol|CCCCCCCCCc1ccc(O)cc1|42|-|i|CNR
2-tert-butylphenol|CC(C)(C)c1ccccc1O|-7|223|i|C
3-tert-butylphenol|CC(C)(C)c1cccc(O)c1|44~|240|i|C
2-phenylphenol|Oc1ccccc1-c1ccccc1|57|286|i|IN
3-methoxyphenol|COc1cccc(O)c1|-17|244|p|H
2-bromophenol|Oc1ccccc1Br|6|194|p|H
3-bromophenol|Oc1cccc(Br)c1|33|236|p|I
3-chlorophenol|Oc1cccc(Cl)c1|33|214|p|HN
2-iodophenol|Oc1ccccc1I|43|-|i|H
4-fluorophenol|Oc1ccc(F)cc1|48|185|s|HC
4-chloro-3-methylphenol|Cc1cc(O)ccc1Cl|67|235|i|HSN
2,4-dibromophenol|Oc1ccc(Br)cc1Br|38~|238|i|H
2,6-dichlorophenol|Oc1c(Cl)cccc1Cl|68|219|i|CN
2,5-dichlorophenol|Oc1cc(Cl)ccc1Cl|59|211|i|HN
2-aminophenol|Nc1ccccc1O|174|-|p|H
2,6-dimethoxyphenol|COc1cccc(OC)c1O|56|261|p|I
4-methylcatechol|Cc1ccc(O)c(O)c1|65|251|s|I
4-tert-butylcatechol|CC(C)(C)c1ccc(O)c(O)c1|57|285|i|CS
orcinol|Cc1cc(O)cc(O)c1|107|289|s|I
4-hexylresorcinol|CCCCCCc1ccc(O)cc1O|68|-|i|I
methylhydroquinone|Cc1cc(O)ccc1O|126|-|s|H
tert-butylhydroquinone|CC(C)(C)c1cc(O)ccc1O|128|-|i|HN
1,2,4-benzenetriol|Oc1ccc(O)c(O)c1|141|-|s|I
1,5-dihydroxynaphthalene|Oc1cccc2c(O)cccc12|262d|-|i|H
2,3-dihydroxynaphthalene|Oc1cc2ccccc2cc1O|163|-|i|H
2,7-dihydroxynaphthalene|Oc1ccc2ccc(O)cc2c1|187|-|p|I
1-bromo-2-naphthol|Oc1ccc2ccccc2c1Br|83|-|i|I
1-nitroso-2-naphthol|Oc1ccc2ccccc2c1N=O|109|-|i|H
4-methoxybiphenyl|COc1ccc(cc1)-c1ccccc1|90|-|i|
isoeugenol|COc1cc(/C=C/C)ccc1O|33~|268|i|S
2,4,6-triiodophenol|Oc1c(I)cc(I)cc1I|158|-|i|H
4-cyanophenol|Oc1ccc(cc1)C#N|112|-|p|H
methyl gallate|COC(=O)c1cc(O)c(O)c(O)c1|201|-|p|
propyl gallate|CCCOC(=O)c1cc(O)c(O)c(O)c1|150|-|i|HS
phenolphthalein|O=C1OC(c2ccc(O)cc2)(c2ccc(O)cc2)c2ccccc12|262|-|i|K
3-methylbutanal|CC(C)CC=O|-60~|92|p|F
2-ethylbutanal|CCC(CC)C=O|-89|117|p|F
nonanal|CCCCCCCCC=O|-|191|i|
decanal|CCCCCCCCCC=O|-4|208|i|I
2-hexenal|CCC/C=C/C=O|-|146|i|FH
citronellal|CC(CC=O)CCC=C(C)C|-|207|i|IS
hydrocinnamaldehyde|O=CCCc1ccccc1|-42~|223~|i|
2-phenylpropanal|CC(C=O)c1ccccc1|-|203|i|
glyoxylic acid|OC(=O)C=O|98|-|s|C
2-methylbenzaldehyde|Cc1ccccc1C=O|-|200|i|H
3-methylbenzaldehyde|Cc1cccc(C=O)c1|-|199|i|H
2-methoxybenzaldehyde|COc1ccccc1C=O|37|238|i|
3-methoxybenzaldehyde|COc1cccc(C=O)c1|-|230|i|H
3-hydroxybenzaldehyde|Oc1cccc(C=O)c1|104|-|p|I
2,4-dihydroxybenzaldehyde|Oc1ccc(C=O)c(O)c1|136|-|p|I
3,4-dihydroxybenzaldehyde|Oc1ccc(C=O)cc1O|153|-|s|I
ethyl vanillin|CCOc1cc(C=O)ccc1O|77|-|i|I
3,4,5-trimethoxybenzaldehyde|COc1cc(C=O)cc(OC)c1OC|74|-|i|
isovanillin|COc1ccc(C=O)cc1O|115|-|p|I
3-chlorobenzaldehyde|Clc1cccc(C=O)c1|17|213|i|I
2,4-dichlorobenzaldehyde|Clc1ccc(C=O)c(Cl)c1|72|-|i|C
2,6-dichlorobenzaldehyde|Clc1cccc(Cl)c1C=O|71|-|i|C
3-bromobenzaldehyde|Brc1cccc(C=O)c1|-|234|i|H
2-bromobenzaldehyde|Brc1ccccc1C=O|21|230|i|H
4-fluorobenzaldehyde|Fc1ccc(C=O)cc1|-10|181|i|FH
4-acetamidobenzaldehyde|CC(=O)Nc1ccc(C=O)cc1|156|-|i|
4-ethoxybenzaldehyde|CCOc1ccc(C=O)cc1|13|249|i|
4-cyanobenzaldehyde|O=Cc1ccc(cc1)C#N|102|-|i|H
terephthalaldehyde|O=Cc1ccc(C=O)cc1|117|-|i|I
phthalaldehyde|O=Cc1ccccc1C=O|56|-|p|TC
2-naphthaldehyde|O=Cc1ccc2ccccc2c1|61|-|i|
2-hydroxy-1-naphthaldehyde|Oc1ccc2ccccc2c1C=O|82|-|i|
9-anthraldehyde|O=Cc1c2ccccc2cc2ccccc12|104|-|i|I
2-thiophenecarboxaldehyde|O=Cc1cccs1|-|198|i|H
pyrrole-2-carboxaldehyde|O=Cc1ccc[nH]1|45|218|s|H
5-methylfurfural|Cc1ccc(C=O)o1|-|187|p|H
indole-3-carboxaldehyde|O=Cc1c[nH]c2ccccc12|197|-|i|
pyridine-3-carboxaldehyde|O=Cc1cccnc1|8~|203~|s|H
paraldehyde|CC1OC(C)OC(C)O1|12|124|s|F
2-hexanone|CCCCC(C)=O|-56|128|p|FT
3-hexanone|CCCC(=O)CC|-55|123|p|F
3-heptanone|CCCCC(=O)CC|-39|147|i|FH
4-heptanone|CCCC(=O)CCC|-33|144|i|FH
2-nonanone|CCCCCCCC(C)=O|-8|195|i|
2-undecanone|CCCCCCCCCC(C)=O|12|232|i|N
5-nonanone|CCCCC(=O)CCCC|-5|188|i|F
2,4-dimethyl-3-pentanone|CC(C)C(=O)C(C)C|-69|124|i|F
3,3-dimethyl-2-butanone|CC(=O)C(C)(C)C|-52|106|p|FH
2,6-dimethyl-4-heptanone|CC(C)CC(=O)CC(C)C|-42|168|i|FI
5-methyl-2-hexanone|CC(C)CCC(C)=O|-74|144|p|FH
5-hexen-2-one|CC(=O)CCC=C|-|129|p|F
3-buten-2-one|CC(=O)C=C|-7|81|s|FTC
isophorone|CC1=CC(=O)CC(C)(C)C1|-8|215|p|HK
2-methylcyclohexanone|CC1CCCCC1=O|-14|165|p|FH
3-methylcyclohexanone|CC1CCCC(=O)C1|-74|170|p|F
cycloheptanone|O=C1CCCCCC1|-|180|i|FH
cyclooctanone|O=C1CCCCCCC1|42|196|i|C
2-cyclohexen-1-one|O=C1CCCC=C1|-53|170|p|FT
1,3-cyclohexanedione|O=C1CCCC(=O)C1|104|-|s|H
dimedone|CC1(C)CC(=O)CC(=O)C1|149d|-|p|
1,4-cyclohexanedione|O=C1CCC(=O)CC1|78|-|s|
pulegone|CC1CCC(=C(C)C)C(=O)C1|-|224|i|H
fenchone|CC1(C)C2CCC(C)(C2)C1=O|6|193|i|
4-hydroxy-3-methoxyacetophenone|COc1cc(ccc1O)C(C)=O|115|-|p|I
2-hydroxyacetophenone|CC(=O)c1ccccc1O|5|218|i|
3-hydroxyacetophenone|CC(=O)c1cccc(O)c1|95|296|p|I
2,4-dihydroxyacetophenone|CC(=O)c1ccc(O)cc1O|146|-|p|I
2-aminoacetophenone|CC(=O)c1ccccc1N|20|251~|i|
3-aminoacetophenone|CC(=O)c1cccc(N)c1|98|290|p|H
4-nitroacetophenone|CC(=O)c1ccc(cc1)[N+](=O)[O-]|80|-|i|
2-methylacetophenone|CC(=O)c1ccccc1C|-|214|i|
4-fluoroacetophenone|CC(=O)c1ccc(F)cc1|-45|196|i|
2'-acetonaphthone|CC(=O)c1ccc2ccccc2c1|54|301|i|IN
1'-acetonaphthone|CC(=O)c1cccc2ccccc12|10|296|i|
2-acetylfuran|CC(=O)c1ccco1|30|175|p|T
2-acetylthiophene|CC(=O)c1cccs1|10|214|i|T
3-acetylpyridine|CC(=O)c1cccnc1|13|220|s|T
2-acetylpyrrole|CC(=O)c1ccc[nH]1|90|220|p|
butyrophenone|CCCC(=O)c1ccccc1|12|229|i|
isobutyrophenone|CC(C)C(=O)c1ccccc1|-|222|i|
phenylacetone|CC(=O)Cc1ccccc1|-15|216|i|H
1,3-diphenyl-2-propanone|O=C(Cc1ccccc1)Cc1ccccc1|34|330|i|
4-phenyl-2-butanone|CC(=O)CCc1ccccc1|-13|235|i|
4-methylbenzophenone|Cc1ccc(cc1)C(=O)c1ccccc1|59|326|i|
4-chlorobenzophenone|Clc1ccc(cc1)C(=O)c1ccccc1|77|-|i|
4,4'-dimethoxybenzophenone|COc1ccc(cc1)C(=O)c1ccc(OC)cc1|144|-|i|
4-hydroxybenzophenone|Oc1ccc(cc1)C(=O)c1ccccc1|134|-|i|
dibenzoylmethane|O=C(CC(=O)c1ccccc1)c1ccccc1|78|-|i|
1-phenyl-1,3-butanedione|CC(=O)CC(=O)c1ccccc1|58|261|i|
1-phenyl-1,2-propanedione|CC(=O)C(=O)c1ccccc1|-|222|i|
anisil|COc1ccc(cc1)C(=O)C(=O)c1ccc(OC)cc1|133|-|i|
furoin|OC(C(=O)c1ccco1)c1ccco1|136|-|i|
anisoin|COc1ccc(cc1)C(O)C(=O)c1ccc(OC)cc1|113|-|i|
xanthone|O=C1c2ccccc2Oc2ccccc12|174|351|i|
anthrone|O=C1c2ccccc2Cc2ccccc12|155|-|i|
2-tetralone|O=C1CCc2ccccc2C1|18|-|i|
2-methyl-1,4-naphthoquinone|CC1=CC(=O)c2ccccc2C1=O|106|-|i|HI
2,6-dimethyl-p-benzoquinone|CC1=CC(=O)C=C(C)C1=O|72|-|i|H
tetrachloro-p-benzoquinone|ClC1=C(Cl)C(=O)C(Cl)=C(Cl)C1=O|290d|-|i|IN
phenanthrenequinone|O=C1C(=O)c2ccccc2-c2ccccc12|209|-|i|I
acenaphthenequinone|O=C1C(=O)c2cccc3cccc1c23|257|-|i|I
isatin|O=C1Nc2ccccc2C1=O|203|-|i|H
ninhydrin|OC1(O)C(=O)c2ccccc2C1=O|241d|-|s|HI
1,3-indandione|O=C1CC(=O)c2ccccc12|131|-|i|I
3-methylbutanoic acid|CC(C)CC(O)=O|-30|176|p|C
2-methylbutanoic acid|CCC(C)C(O)=O|-|176|p|C
2,2-dimethylpropanoic acid|CC(C)(C)C(O)=O|35|164|p|C
2-ethylhexanoic acid|CCCCC(CC)C(O)=O|-59|228|i|CR
heptanoic acid|CCCCCCC(O)=O|-8|222|i|C
nonanoic acid|CCCCCCCCC(O)=O|12|255|i|C
decanoic acid|CCCCCCCCCC(O)=O|31|269|i|I
tetradecanoic acid|CCCCCCCCCCCCCC(O)=O|54|-|i|
undec-10-enoic acid|OC(=O)CCCCCCCCC=C|24|275|i|I
linoleic acid|CCCCC/C=C\\C/C=C\\CCCCCCCC(O)=O|-7|-|i|
elaidic acid|CCCCCCCC/C=C/CCCCCCCC(O)=O|44|-|i|
cyclohexanecarboxylic acid|OC(=O)C1CCCCC1|31|233|i|I
dichloroacetic acid|OC(=O)C(Cl)Cl|13|194|s|C
bromoacetic acid|OC(=O)CBr|50|208|s|TC
iodoacetic acid|OC(=O)CI|82|-|s|TC
cyanoacetic acid|OC(=O)CC#N|66|-|s|C
2-chloropropanoic acid|CC(Cl)C(O)=O|-12|186|s|C
3-chloropropanoic acid|OC(=O)CCCl|41|-|s|C
2-bromopropanoic acid|CC(Br)C(O)=O|25~|203|s|C
methoxyacetic acid|COCC(O)=O|8|203|s|C
3-hydroxybutanoic acid|CC(O)CC(O)=O|46~|-|s|
pyruvic acid|CC(=O)C(O)=O|13|165d|s|C
levulinic acid|CC(=O)CCC(O)=O|33|246|s|I
acrylic acid|OC(=O)C=C|13|141|s|FC
methacrylic acid|CC(=C)C(O)=O|15|162|s|C
pimelic acid|OC(=O)CCCCCC(O)=O|105|-|s|I
suberic acid|OC(=O)CCCCCCC(O)=O|142|-|i|I
azelaic acid|OC(=O)CCCCCCCC(O)=O|106|-|i|I
sebacic acid|OC(=O)CCCCCCCCC(O)=O|134|-|i|I
methylsuccinic acid|CC(CC(O)=O)C(O)=O|112|-|s|I
itaconic acid|OC(=O)CC(=C)C(O)=O|166|-|s|I
aconitic acid|OC(=O)CC(=CC(O)=O)C(O)=O|195d|-|s|I
mucic acid|OC(C(O)C(O)C(O)=O)C(O)C(O)=O|215d|-|i|
2-methoxybenzoic acid|COc1ccccc1C(O)=O|101|-|i|I
3-methoxybenzoic acid|COc1cccc(c1)C(O)=O|106|-|i|
3,4-dimethoxybenzoic acid|COc1ccc(cc1OC)C(O)=O|181|-|i|
3,4,5-trimethoxybenzoic acid|COc1cc(cc(OC)c1OC)C(O)=O|170|-|i|
4-ethoxybenzoic acid|CCOc1ccc(cc1)C(O)=O|198|-|i|I
piperonylic acid|OC(=O)c1ccc2OCOc2c1|229|-|i|
vanillic acid|COc1cc(ccc1O)C(O)=O|210|-|i|I
3-hydroxybenzoic acid|OC(=O)c1cccc(O)c1|202|-|p|I
2,4-dihydroxybenzoic acid|OC(=O)c1ccc(O)cc1O|213d|-|p|I
2,5-dihydroxybenzoic acid|OC(=O)c1cc(O)ccc1O|204d|-|p|I
3,4-dihydroxybenzoic acid|OC(=O)c1ccc(O)c(O)c1|201d|-|p|I
3,5-dihydroxybenzoic acid|OC(=O)c1cc(O)cc(O)c1|238|-|s|I
5-chlorosalicylic acid|OC(=O)c1cc(Cl)ccc1O|172|-|i|H
3,5-dinitrosalicylic acid|OC(=O)c1cc(cc(c1O)[N+](=O)[O-])[N+](=O)[O-]|173|-|p|H
5-sulfosalicylic acid dihydrate|O.O.OC(=O)c1cc(ccc1O)S(O)(=O)=O|113|-|s|C
4-aminosalicylic acid|Nc1ccc(C(O)=O)c(O)c1|150d|-|i|
4-acetamidobenzoic acid|CC(=O)Nc1ccc(cc1)C(O)=O|252d|-|i|
2-acetamidobenzoic acid|CC(=O)Nc1ccccc1C(O)=O|185|-|i|
methyl 4-fluorobenzoate|COC(=O)c1ccc(F)cc1|-|198~|i|
2-fluorobenzoic acid|OC(=O)c1ccccc1F|126|-|i|I
3-iodobenzoic acid|OC(=O)c1cccc(I)c1|188|-|i|I
2,4-dichlorobenzoic acid|OC(=O)c1ccc(Cl)cc1Cl|164|-|i|I
3,4-dichlorobenzoic acid|OC(=O)c1ccc(Cl)c(Cl)c1|208|-|i|I
2-chloro-4-nitrobenzoic acid|OC(=O)c1ccc(cc1Cl)[N+](=O)[O-]|140|-|i|I
4-chloro-3-nitrobenzoic acid|OC(=O)c1ccc(Cl)c(c1)[N+](=O)[O-]|182|-|i|I
2,4-dinitrobenzoic acid|OC(=O)c1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|183|-|p|H
4-tert-butylbenzoic acid|CC(C)(C)c1ccc(cc1)C(O)=O|167|-|i|HR
4-isopropylbenzoic acid|CC(C)c1ccc(cc1)C(O)=O|118|-|i|
3,5-dimethylbenzoic acid|Cc1cc(C)cc(c1)C(O)=O|171|-|i|
2,4,6-trimethylbenzoic acid|Cc1cc(C)c(C(O)=O)c(C)c1|155|-|i|
4-phenylbenzoic acid|OC(=O)c1ccc(cc1)-c1ccccc1|226|-|i|
4-cyanobenzoic acid|OC(=O)c1ccc(cc1)C#N|221|-|i|H
terephthalic acid|OC(=O)c1ccc(cc1)C(O)=O|402~d|-|i|
trimesic acid|OC(=O)c1cc(cc(c1)C(O)=O)C(O)=O|380~|-|p|I
3-nitrophthalic acid|OC(=O)c1cccc(c1C(O)=O)[N+](=O)[O-]|218|-|p|I
4-formylbenzoic acid|OC(=O)c1ccc(C=O)cc1|247|-|i|I
4-methoxyphenylacetic acid|COc1ccc(CC(O)=O)cc1|87|-|p|I
4-chlorophenylacetic acid|OC(=O)Cc1ccc(Cl)cc1|106|-|i|I
4-bromophenylacetic acid|OC(=O)Cc1ccc(Br)cc1|116|-|i|I
4-nitrophenylacetic acid|OC(=O)Cc1ccc(cc1)[N+](=O)[O-]|153|-|i|I
4-hydroxyphenylacetic acid|OC(=O)Cc1ccc(O)cc1|150|-|s|I
2-phenylpropanoic acid|CC(C(O)=O)c1ccccc1|17~|261|i|
4-phenylbutanoic acid|OC(=O)CCCc1ccccc1|52|290|i|
4-methoxycinnamic acid|COc1ccc(/C=C/C(O)=O)cc1|173|-|i|
4-chlorocinnamic acid|OC(=O)/C=C/c1ccc(Cl)cc1|249|-|i|
3-nitrocinnamic acid|OC(=O)/C=C/c1cccc(c1)[N+](=O)[O-]|200|-|i|
4-hydroxycinnamic acid|OC(=O)/C=C/c1ccc(O)cc1|214d|-|i|I
ferulic acid|COc1cc(/C=C/C(O)=O)ccc1O|171|-|i|
caffeic acid|OC(=O)/C=C/c1ccc(O)c(O)c1|225d|-|i|K
phenylpropiolic acid|OC(=O)C#Cc1ccccc1|137|-|p|I
2-furoic acid|OC(=O)c1ccco1|133|-|s|I
2-thiophenecarboxylic acid|OC(=O)c1cccs1|129|-|p|
pyrrole-2-carboxylic acid|OC(=O)c1ccc[nH]1|208d|-|s|I
picolinic acid|OC(=O)c1ccccn1|137|-|s|I
quinaldic acid|OC(=O)c1ccc2ccccc2n1|157|-|p|I
2-naphthoic acid|OC(=O)c1ccc2ccccc2c1|186|-|i|I
3-hydroxy-2-naphthoic acid|OC(=O)c1cc2ccccc2cc1O|222|-|i|H
1-hydroxy-2-naphthoic acid|OC(=O)c1ccc2ccccc2c1O|195d|-|i|I
2-naphthoxyacetic acid|OC(=O)COc1ccc2ccccc2c1|156|-|i|H
4-chlorophenoxyacetic acid|OC(=O)COc1ccc(Cl)cc1|157|-|i|H
9-fluorenone-1-carboxylic acid|OC(=O)c1cccc2c1C(=O)c1ccccc12|196~|-|i|
anthraquinone-2-carboxylic acid|OC(=O)c1ccc2C(=O)c3ccccc3C(=O)c2c1|291|-|i|
naproxen|COc1ccc2cc(ccc2c1)C(C)C(O)=O|154|-|i|H
mefenamic acid|Cc1cccc(Nc2ccccc2C(O)=O)c1C|230|-|i|H
indomethacin|COc1ccc2n(C(=O)c3ccc(Cl)cc3)c(C)c(CC(O)=O)c2c1|158|-|i|T
camphoric acid|OC(=O)C1CCC(C)(C(O)=O)C1(C)C|188|-|p|
methyl formate|COC=O|-99|32|s|FH
propyl formate|CCCOC=O|-93|81|p|FI
butyl formate|CCCCOC=O|-91|106|p|FI
isopropyl acetate|CC(C)OC(C)=O|-73|89|p|FI
isobutyl acetate|CC(C)COC(C)=O|-99|117|i|F
sec-butyl acetate|CCC(C)OC(C)=O|-99|112|p|F
tert-butyl acetate|CC(=O)OC(C)(C)C|-|97|p|F
pentyl acetate|CCCCCOC(C)=O|-71|149|i|F
hexyl acetate|CCCCCCOC(C)=O|-81|171|i|F
cyclohexyl acetate|CC(=O)OC1CCCCC1|-|173|i|F
vinyl acetate|CC(=O)OC=C|-93|73|p|FKI
allyl acetate|CC(=O)OCC=C|-|104|p|FT
linalyl acetate|CC(=O)OC(C)(CCC=C(C)C)C=C|-|220|i|IS
menthyl acetate|CC(C)C1CCC(C)CC1OC(C)=O|-|228|i|
methyl propanoate|CCC(=O)OC|-88|80|s|FH
methyl butanoate|CCCC(=O)OC|-86|103|p|F
butyl butanoate|CCCCOC(=O)CCC|-92|166|i|F
ethyl 2-methylpropanoate|CCOC(=O)C(C)C|-88|110|p|F
ethyl 3-methylbutanoate|CCOC(=O)CC(C)C|-99|135|i|F
ethyl pentanoate|CCCCC(=O)OCC|-91|146|i|F
ethyl hexanoate|CCCCCC(=O)OCC|-67|167|i|F
ethyl octanoate|CCCCCCCC(=O)OCC|-43|208|i|
methyl laurate|CCCCCCCCCCCC(=O)OC|5|267|i|
ethyl acrylate|CCOC(=O)C=C|-71|99|p|FHS
methyl acrylate|COC(=O)C=C|-76|81|p|FHS
ethyl crotonate|CCOC(=O)/C=C/C|-|138|i|FC
ethyl chloroacetate|CCOC(=O)CCl|-26|144|i|FT
ethyl bromoacetate|CCOC(=O)CBr|-38|159|i|FTL
ethyl trichloroacetate|CCOC(=O)C(Cl)(Cl)Cl|-|168|i|
ethyl cyanoacetate|CCOC(=O)CC#N|-22|206|i|I
ethyl phenylacetate|CCOC(=O)Cc1ccccc1|-29|227|i|
methyl phenylacetate|COC(=O)Cc1ccccc1|-|218|i|
methyl acetoacetate|COC(=O)CC(C)=O|-80|172|s|I
ethyl levulinate|CCOC(=O)CCC(C)=O|-|206|s|
diethyl succinate|CCOC(=O)CCC(=O)OCC|-21|217|i|
dimethyl succinate|COC(=O)CCC(=O)OC|19|196|p|
diethyl adipate|CCOC(=O)CCCCC(=O)OCC|-20|245|i|
dimethyl oxalate|COC(=O)C(=O)OC|54|164|p|C
dimethyl malonate|COC(=O)CC(=O)OC|-62|181|p|
diethyl maleate|CCOC(=O)/C=C\\C(=O)OCC|-9|223|i|S
diethyl fumarate|CCOC(=O)/C=C/C(=O)OCC|1|214|i|H
dimethyl fumarate|COC(=O)/C=C/C(=O)OC|102|193|i|HS
diethyl tartrate|CCOC(=O)C(O)C(O)C(=O)OCC|17|280|s|
triethyl citrate|CCOC(=O)CC(O)(CC(=O)OCC)C(=O)OCC|-55|294|p|
diethyl carbonate|CCOC(=O)OCC|-43|126|i|F
dimethyl carbonate|COC(=O)OC|4|90|p|F
ethylene carbonate|O=C1OCCO1|36|248|s|HI
propylene carbonate|CC1COC(=O)O1|-49|242|s|I
triethyl orthoformate|CCOC(OCC)OCC|-76|146|i|F
propyl benzoate|CCCOC(=O)c1ccccc1|-52|231|i|
butyl benzoate|CCCCOC(=O)c1ccccc1|-22|250|i|
isopropyl benzoate|CC(C)OC(=O)c1ccccc1|-|219|i|
methyl 4-methylbenzoate|COC(=O)c1ccc(C)cc1|33|217|i|
methyl 4-methoxybenzoate|COC(=O)c1ccc(OC)cc1|49|244|i|
ethyl 4-hydroxybenzoate|CCOC(=O)c1ccc(O)cc1|116|297|i|
butyl 4-hydroxybenzoate|CCCCOC(=O)c1ccc(O)cc1|69|-|i|
methyl 4-nitrobenzoate|COC(=O)c1ccc(cc1)[N+](=O)[O-]|96|-|i|
ethyl 4-nitrobenzoate|CCOC(=O)c1ccc(cc1)[N+](=O)[O-]|57|-|i|
methyl 2-nitrobenzoate|COC(=O)c1ccccc1[N+](=O)[O-]|-13|275|i|
methyl 4-bromobenzoate|COC(=O)c1ccc(Br)cc1|81|-|i|
methyl 4-chlorobenzoate|COC(=O)c1ccc(Cl)cc1|44|-|i|
methyl 4-aminobenzoate|COC(=O)c1ccc(N)cc1|113|-|i|
ethyl 2-aminobenzoate|CCOC(=O)c1ccccc1N|13|268|i|I
ethyl salicylate|CCOC(=O)c1ccccc1O|1|234|i|H
methyl 4-acetoxybenzoate|COC(=O)c1ccc(OC(C)=O)cc1|83~|-|i|
ethyl cinnamate|CCOC(=O)/C=C/c1ccccc1|10|271|i|
benzyl cinnamate|O=C(/C=C/c1ccccc1)OCc1ccccc1|39|-|i|
benzyl salicylate|O=C(OCc1ccccc1)c1ccccc1O|24|-|i|SN
dibutyl phthalate|CCCCOC(=O)c1ccccc1C(=O)OCCCC|-35|340|i|RN
dimethyl isophthalate|COC(=O)c1cccc(c1)C(=O)OC|68|282|i|
diethyl terephthalate|CCOC(=O)c1ccc(cc1)C(=O)OCC|44|302|i|
4-nitrophenyl acetate|CC(=O)Oc1ccc(cc1)[N+](=O)[O-]|79|-|i|I
2-naphthyl acetate|CC(=O)Oc1ccc2ccccc2c1|70|-|i|
1-naphthyl acetate|CC(=O)Oc1cccc2ccccc12|48|-|i|
hydroquinone diacetate|CC(=O)Oc1ccc(OC(C)=O)cc1|122|-|i|
phenyl cinnamate|O=C(/C=C/c1ccccc1)Oc1ccccc1|76|-|i|
glycerol tributanoate|CCCC(=O)OCC(COC(=O)CCC)OC(=O)CCC|-75|307|i|
tristearin|CCCCCCCCCCCCCCCCCC(=O)OCC(COC(=O)CCCCCCCCCCCCCCCCC)OC(=O)CCCCCCCCCCCCCCCCC|72|-|i|
glucose pentaacetate|CC(=O)OC[C@H]1OC(OC(C)=O)[C@H](OC(C)=O)[C@@H](OC(C)=O)[C@@H]1OC(C)=O|112|-|i|
phthalide|O=C1OCc2ccccc12|74|290|i|
delta-valerolactone|O=C1CCCCO1|-12|230|s|I
gluconolactone|OC[C@H]1OC(=O)[C@H](O)[C@@H](O)[C@@H]1O|151d|-|s|
propanoic anhydride|CCC(=O)OC(=O)CC|-43|170|s|C
butanoic anhydride|CCCC(=O)OC(=O)CCC|-75|199|i|C
glutaric anhydride|O=C1CCCC(=O)O1|54|-|p|C
trifluoroacetic anhydride|FC(F)(F)C(=O)OC(=O)C(F)(F)F|-65|40|s|CW
3-nitrophthalic anhydride|O=C1OC(=O)c2c1cccc2[N+](=O)[O-]|164|-|i|I
tetrachlorophthalic anhydride|O=C1OC(=O)c2c1c(Cl)c(Cl)c(Cl)c2Cl|255|371|i|S
propanoyl chloride|CCC(Cl)=O|-94|80|s|FC
butanoyl chloride|CCCC(Cl)=O|-89|102|s|FC
phenylacetyl chloride|O=C(Cl)Cc1ccccc1|-|210~|s|C
4-nitrobenzoyl chloride|O=C(Cl)c1ccc(cc1)[N+](=O)[O-]|73|-|i|C
3,5-dinitrobenzoyl chloride|O=C(Cl)c1cc(cc(c1)[N+](=O)[O-])[N+](=O)[O-]|70|-|i|C
4-chlorobenzoyl chloride|O=C(Cl)c1ccc(Cl)cc1|14|222|i|C
benzoyl bromide|O=C(Br)c1ccccc1|-24|219|i|C
N-methylformamide|CNC=O|-4|199|s|HR
N,N-dimethylacetamide|CN(C)C(C)=O|-20|165|s|HR
N,N-diethylacetamide|CCN(CC)C(C)=O|-|186|s|
N-methyl-2-pyrrolidone|CN1CCCC1=O|-24|202|s|IR
2-pyrrolidone|O=C1CCCN1|25|245|s|IR
caprolactam|O=C1CCCCCN1|70|270|s|HI
butanamide|CCCC(N)=O|115|216|s|
2-methylpropanamide|CC(C)C(N)=O|129|217|s|
hexanamide|CCCCCC(N)=O|101|-|p|
stearamide|CCCCCCCCCCCCCCCCCC(N)=O|109|-|i|
acrylamide|NC(=O)C=C|84|-|s|TK
chloroacetamide|NC(=O)CCl|120|-|p|T
trichloroacetamide|NC(=O)C(Cl)(Cl)Cl|142|-|p|
cyanoacetamide|NC(=O)CC#N|121|-|p|
malonamide|NC(=O)CC(N)=O|172|-|p|
oxamide|NC(=O)C(N)=O|350d|-|i|
succinamide|NC(=O)CCC(N)=O|260d|-|i|
N-methylurea|CNC(N)=O|103|-|s|
N,N'-dimethylurea|CNC(=O)NC|106|-|s|
phenylurea|NC(=O)Nc1ccccc1|147|-|p|H
N,N'-diphenylurea|O=C(Nc1ccccc1)Nc1ccccc1|240|-|i|
semicarbazide hydrochloride|Cl.NNC(N)=O|176d|-|s|T
guanidine hydrochloride|Cl.NC(N)=N|183|-|s|HI
phenylthiourea|NC(=S)Nc1ccccc1|154|-|i|TS
N,N'-diphenylthiourea|S=C(Nc1ccccc1)Nc1ccccc1|154|-|i|H
thiobenzamide|NC(=S)c1ccccc1|116|-|i|H
phenylacetamide|NC(=O)Cc1ccccc1|157|-|i|
cinnamamide|NC(=O)/C=C/c1ccccc1|148|-|i|
4-methoxybenzamide|COc1ccc(cc1)C(N)=O|167|-|i|
4-methylbenzamide|Cc1ccc(cc1)C(N)=O|160|-|i|
2-methylbenzamide|Cc1ccccc1C(N)=O|143|-|i|
4-chlorobenzamide|NC(=O)c1ccc(Cl)cc1|179|-|i|
4-aminobenzamide|NC(=O)c1ccc(N)cc1|183|-|p|
2-aminobenzamide|NC(=O)c1ccccc1N|110|-|p|
3-nitrobenzamide|NC(=O)c1cccc(c1)[N+](=O)[O-]|143|-|i|
isonicotinamide|NC(=O)c1ccncc1|156|-|s|
phthalamide|NC(=O)c1ccccc1C(N)=O|222d|-|i|
maleimide|O=C1C=CC(=O)N1|93|-|p|TC
N-bromosuccinimide|O=C1CCC(=O)N1Br|175d|-|p|OC
hydantoin|O=C1CNC(=O)N1|220|-|p|
5,5-diphenylhydantoin|O=C1NC(=O)C(N1)(c1ccccc1)c1ccccc1|296|-|i|K
barbituric acid|O=C1CC(=O)NC(=O)N1|248d|-|p|I
diethylbarbituric acid|CCC1(CC)C(=O)NC(=O)NC1=O|190|-|i|T
uracil|O=C1C=CNC(=O)N1|335d|-|i|
uric acid|O=c1[nH]c(=O)c2[nH]c(=O)[nH]c2[nH]1|400~d|-|i|
alloxan monohydrate|O.O=C1NC(=O)C(=O)C(=O)N1|255d|-|s|I
N-methylacetanilide|CN(C(C)=O)c1ccccc1|102|256|i|
2-methylacetanilide|CC(=O)Nc1ccccc1C|110|296|i|
3-methylacetanilide|CC(=O)Nc1cccc(C)c1|66|303|i|
4-methoxyacetanilide|COc1ccc(NC(C)=O)cc1|130|-|i|
2-nitroacetanilide|CC(=O)Nc1ccccc1[N+](=O)[O-]|94|-|i|
3-nitroacetanilide|CC(=O)Nc1cccc(c1)[N+](=O)[O-]|155|-|i|
2-chloroacetanilide|CC(=O)Nc1ccccc1Cl|88|-|i|
1-acetamidonaphthalene|CC(=O)Nc1cccc2ccccc12|160|-|i|
2-acetamidonaphthalene|CC(=O)Nc1ccc2ccccc2c1|134|-|i|K
formanilide|O=CNc1ccccc1|47|271|p|
propionanilide|CCC(=O)Nc1ccccc1|106|222~|i|
acetoacetanilide|CC(=O)CC(=O)Nc1ccccc1|86|-|i|
oxanilide|O=C(Nc1ccccc1)C(=O)Nc1ccccc1|254|-|i|
N-benzylacetamide|CC(=O)NCc1ccccc1|61|-|p|
N-phenylphthalimide|O=C1N(c2ccccc2)C(=O)c2ccccc12|208|-|i|
N-(4-methylphenyl)benzamide|Cc1ccc(NC(=O)c2ccccc2)cc1|158|-|i|
N-benzylbenzamide|O=C(NCc1ccccc1)c1ccccc1|105|-|i|
N,N-diethyl-3-methylbenzamide|CCN(CC)C(=O)c1cccc(C)c1|-45|290~|i|H
lidocaine|CCN(CC)CC(=O)Nc1c(C)cccc1C|68|-|i|T
antipyrine|CN1C(C)=CC(=O)N1c1ccccc1|112|-|s|H
theophylline|Cn1c(=O)c2[nH]cnc2n(C)c1=O|272|-|i|T
theobromine|Cn1cnc2c1c(=O)[nH]c(=O)n2C|351|-|i|H
ethyl carbamate|CCOC(N)=O|48|185|s|K
phenyl carbamate|NC(=O)Oc1ccccc1|149|-|i|
ethyl N-phenylcarbamate|CCOC(=O)Nc1ccccc1|52|-|i|
2-methylpropanenitrile|CC(C)C#N|-72|104|p|FT
pentanenitrile|CCCCC#N|-96|141|i|FT
hexanenitrile|CCCCCC#N|-80|163|i|FH
malononitrile|N#CCC#N|32|219|s|T
succinonitrile|N#CCCC#N|57|266|s|T
adiponitrile|N#CCCCCC#N|1|295|p|T
mandelonitrile|OC(C#N)c1ccccc1|-10|-|i|T
cinnamonitrile|N#C/C=C/c1ccccc1|22|264|i|
4-methylbenzonitrile|Cc1ccc(cc1)C#N|29|218|i|H
4-nitrobenzonitrile|N#Cc1ccc(cc1)[N+](=O)[O-]|147|-|i|T
4-methoxybenzonitrile|COc1ccc(cc1)C#N|60|257|i|H
phthalonitrile|N#Cc1ccccc1C#N|140|-|i|T
1-naphthonitrile|N#Cc1cccc2ccccc12|37|299|i|H
4-aminobenzonitrile|Nc1ccc(cc1)C#N|86|-|i|H
4-chlorophenylacetonitrile|N#CCc1ccc(Cl)cc1|30|265|i|T
diphenylacetonitrile|N#CC(c1ccccc1)c1ccccc1|75|-|i|
dimethylamine|CNC|-93|7|s|FTC
ethylamine|CCN|-81|17|s|FC
isopropylamine|CC(C)N|-95|32|s|FC
diisopropylamine|CC(C)NC(C)C|-61|84|s|FC
tert-butylamine|CC(C)(C)N|-67|44|s|FC
isobutylamine|CC(C)CN|-86|68|s|FC
sec-butylamine|CCC(C)N|-104|63|s|FC
pentylamine|CCCCCN|-55|104|s|FC
octylamine|CCCCCCCCN|0|180|i|C
dodecylamine|CCCCCCCCCCCCN|28|259|i|C
allylamine|NCC=C|-88|53|s|FTC
dipropylamine|CCCNCCC|-63|109|p|FC
tripropylamine|CCCN(CCC)CCC|-94|156|i|FTC
diethanolamine|OCCNCCO|28|269|s|C
2-diethylaminoethanol|CCN(CC)CCO|-|163|s|FC
1,3-diaminopropane|NCCCN|-12|140|s|FTC
1,4-diaminobutane|NCCCCN|27|159|s|FTC
1,6-hexanediamine|NCCCCCCN|42|205|s|C
tetramethylethylenediamine|CN(C)CCN(C)C|-55|121|s|FC
hexamethylenetetramine|C1N2CN3CN1CN(C2)C3|280~d|-|s|FS
1-phenylethylamine|CC(N)c1ccccc1|-|187|p|C
N-methylbenzylamine|CNCc1ccccc1|-|180|s|C
N,N-dimethylbenzylamine|CN(C)Cc1ccccc1|-75|181|i|C
4-methoxybenzylamine|COc1ccc(CN)cc1|-|236|s|C
4-methylbenzylamine|Cc1ccc(CN)cc1|12|195|s|C
triethylenediamine|C1CN2CCN1CC2|158|174|s|FC
N-methylpiperidine|CN1CCCCC1|-|107|s|FC
2-methylpiperidine|CC1CCCCN1|-5|118|s|FC
4-methylmorpholine|CN1CCOCC1|-66|116|s|FC
azepane|C1CCCNCC1|-37|138|s|FTC
1,2,3,4-tetrahydroquinoline|C1CCc2ccccc2N1|18|251|i|IK
1,2,3,4-tetrahydroisoquinoline|C1CCc2ccccc2CN1|-30|233|p|C
indoline|C1Cc2ccccc2N1|-|221|i|H
3-methylpyridine|Cc1cccnc1|-18|144|s|FH
4-methylpyridine|Cc1ccncc1|4|145|s|FT
2,6-dimethylpyridine|Cc1cccc(C)n1|-6|144|s|FH
2,4,6-trimethylpyridine|Cc1cc(C)nc(C)c1|-44|171|p|FH
2-aminopyridine|Nc1ccccn1|58|211|s|T
3-aminopyridine|Nc1cccnc1|64|252|s|T
4-aminopyridine|Nc1ccncc1|158|273|s|T
4-(dimethylamino)pyridine|CN(C)c1ccncc1|113|-|s|T
3-hydroxypyridine|Oc1cccnc1|127|-|p|I
2-chloropyridine|Clc1ccccn1|-46|170|p|T
3-bromopyridine|Brc1cccnc1|-27|173|p|FH
2,2'-bipyridine|c1ccc(nc1)-c1ccccn1|71|273|i|T
1,10-phenanthroline|c1cnc2c(c1)ccc1cccnc12|117|-|p|TN
isoquinoline|c1ccc2cnccc2c1|26|243|i|H
2-methylquinoline|Cc1ccc2ccccc2n1|-2|247|i|H
acridine|c1ccc2nc3ccccc3cc2c1|110|346|i|I
pyrazine|c1cnccn1|54|115|s|F
pyrimidine|c1cncnc1|21|124|s|F
pyridazine|c1ccnnc1|-8|208|s|I
quinoxaline|c1ccc2nccnc2c1|31|226|s|I
phenazine|c1ccc2nc3ccccc3nc2c1|175|-|i|
pyrazole|c1cn[nH]c1|69|187|s|H
2-methylimidazole|Cc1ncc[nH]1|144|267|s|HC
1-methylimidazole|Cn1ccnc1|-6|198|s|C
benzimidazole|c1ccc2[nH]cnc2c1|171|360~|i|I
benzotriazole|c1ccc2[nH]nnc2c1|100|-|p|H
2-methylindole|Cc1cc2ccccc2[nH]1|60|272|i|
3-methylindole|Cc1c[nH]c2ccccc12|96|266|i|IN
indole-3-acetic acid|OC(=O)Cc1c[nH]c2ccccc12|168d|-|i|
N-methylpyrrole|Cn1cccc1|-57|113|i|F
2,5-dimethylpyrrole|Cc1ccc(C)[nH]1|8|171|i|
nicotine|CN1CCCC1c1cccnc1|-79|247|s|TN
melamine|Nc1nc(N)nc(N)n1|354d|-|i|
adenine|Nc1ncnc2[nH]cnc12|360d|-|i|H
2-aminothiazole|Nc1nccs1|93|-|p|H
thiazole|c1cscn1|-34|118|p|F
2-mercaptobenzothiazole|S=C1Nc2ccccc2S1|180|-|i|SN
benzothiazole|c1ccc2scnc2c1|2|231|i|H
2,3-dimethylaniline|Cc1cccc(N)c1C|3|222|i|TN
2,5-dimethylaniline|Cc1ccc(C)c(N)c1|15|214|i|TN
3,4-dimethylaniline|Cc1ccc(N)cc1C|51|228|i|TN
3,5-dimethylaniline|Cc1cc(C)cc(N)c1|10|220|i|TN
2,4,6-trimethylaniline|Cc1cc(C)c(N)c(C)c1|-5|233|i|H
2-ethylaniline|CCc1ccccc1N|-44|210|i|T
4-ethylaniline|CCc1ccc(N)cc1|-5|216|i|T
4-isopropylaniline|CC(C)c1ccc(N)cc1|-63|225|i|H
2,6-diisopropylaniline|CC(C)c1cccc(C(C)C)c1N|-45|257|i|I
4-ethoxyaniline|CCOc1ccc(N)cc1|4|254|i|T
3-methoxyaniline|COc1cccc(N)c1|-1|251|i|T
2,4-dimethoxyaniline|COc1ccc(N)c(OC)c1|34|-|p|H
4-fluoroaniline|Fc1ccc(N)cc1|-1|187|p|H
2-bromoaniline|Nc1ccccc1Br|32|229|i|T
3-bromoaniline|Nc1cccc(Br)c1|18|251|i|T
2-iodoaniline|Nc1ccccc1I|60|-|i|H
3-iodoaniline|Nc1cccc(I)c1|25|-|i|H
2,4-dichloroaniline|Nc1ccc(Cl)cc1Cl|63|245|i|TN
2,5-dichloroaniline|Nc1cc(Cl)ccc1Cl|50|251|i|TN
3,4-dichloroaniline|Nc1ccc(Cl)c(Cl)c1|72|272|i|TSN
2,4,6-trichloroaniline|Nc1c(Cl)cc(Cl)cc1Cl|78|262|i|TN
2,4-dibromoaniline|Nc1ccc(Br)cc1Br|79|-|i|H
4-chloro-2-nitroaniline|Nc1ccc(Cl)cc1[N+](=O)[O-]|116|-|i|TN
2-chloro-4-nitroaniline|Nc1ccc(cc1Cl)[N+](=O)[O-]|108|-|i|HN
2-methyl-4-nitroaniline|Cc1cc(ccc1N)[N+](=O)[O-]|131|-|i|TN
4-methyl-2-nitroaniline|Cc1ccc(N)c(c1)[N+](=O)[O-]|117|-|i|TN
2-methoxy-4-nitroaniline|COc1cc(ccc1N)[N+](=O)[O-]|140|-|i|H
4-aminobenzyl cyanide|Nc1ccc(CC#N)cc1|46|-|p|H
3-aminobenzotrifluoride|Nc1cccc(c1)C(F)(F)F|6|188|i|T
2-aminobiphenyl|Nc1ccccc1-c1ccccc1|50|299|i|H
benzidine|Nc1ccc(cc1)-c1ccc(N)cc1|128|-|i|K
o-tolidine|Cc1cc(ccc1N)-c1ccc(N)c(C)c1|130|-|i|K
4,4'-diaminodiphenylmethane|Nc1ccc(Cc2ccc(N)cc2)cc1|92|-|i|KS
2-naphthylamine|Nc1ccc2ccccc2c1|112|-|i|K
2-aminoanthracene|Nc1ccc2cc3ccccc3cc2c1|238|-|i|K
4-methyl-1,2-phenylenediamine|Cc1ccc(N)c(N)c1|89|265|p|T
4-nitro-1,2-phenylenediamine|Nc1ccc(cc1N)[N+](=O)[O-]|200|-|i|H
N-methyl-p-toluidine|CNc1ccc(C)cc1|-|212|i|T
N,N-dimethyl-p-toluidine|CN(C)c1ccc(C)cc1|-25|211|i|T
N-benzylaniline|C(Nc1ccccc1)c1ccccc1|37|306|i|N
N-ethyl-N-methylaniline|CCN(C)c1ccccc1|-|204|i|T
4-(dimethylamino)benzoic acid|CN(C)c1ccc(cc1)C(O)=O|241d|-|i|I
4-bromo-N,N-dimethylaniline|CN(C)c1ccc(Br)cc1|55|264|i|T
4-nitroso-N,N-dimethylaniline|CN(C)c1ccc(N=O)cc1|87|-|i|F
N-nitrosodiphenylamine|O=NN(c1ccccc1)c1ccccc1|67|-|i|HN
N-phenyl-1-naphthylamine|N(c1ccccc1)c1cccc2ccccc12|62|335|i|HSN
4-nitrodiphenylamine|[O-][N+](=O)c1ccc(Nc2ccccc2)cc1|133|-|i|N
phenothiazine|N1c2ccccc2Sc2ccccc12|185|371|i|S
hydrazobenzene|N(Nc1ccccc1)c1ccccc1|131|-|i|KN
4-nitrophenylhydrazine|NNc1ccc(cc1)[N+](=O)[O-]|157d|-|i|HE
2,4-dinitrophenylhydrazine|NNc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|198d|-|i|HE
acetone oxime|CC(C)=NO|61|135|s|H
acetophenone oxime|CC(=NO)c1ccccc1|60|-|i|
dimethylglyoxime|CC(=NO)C(C)=NO|240~|-|i|H
4-(phenylazo)phenol|Oc1ccc(cc1)N=Nc1ccccc1|153|-|i|I
4'-dimethylaminoazobenzene-4-sulfonic acid|CN(C)c1ccc(cc1)N=Nc1ccc(cc1)S(O)(=O)=O|300d|-|i|H
4-dimethylaminoazobenzene|CN(C)c1ccc(cc1)N=Nc1ccccc1|114|-|i|K
1-phenylazo-2-naphthol|Oc1ccc2ccccc2c1N=Nc1ccccc1|132|-|i|
valine|CC(C)[C@H](N)C(O)=O|315d|-|s|
leucine|CC(C)C[C@H](N)C(O)=O|293d|-|p|
isoleucine|CC[C@H](C)[C@H](N)C(O)=O|284d|-|s|
serine|OC[C@H](N)C(O)=O|228d|-|s|
threonine|C[C@@H](O)[C@H](N)C(O)=O|256d|-|s|
proline|OC(=O)[C@@H]1CCCN1|221d|-|s|
4-hydroxyproline|OC(=O)[C@@H]1C[C@@H](O)CN1|274d|-|s|
aspartic acid|N[C@@H](CC(O)=O)C(O)=O|270d|-|i|
glutamine|N[C@@H](CCC(N)=O)C(O)=O|185d|-|s|
histidine|N[C@@H](Cc1c[nH]cn1)C(O)=O|287d|-|s|
tryptophan|N[C@@H](Cc1c[nH]c2ccccc12)C(O)=O|289d|-|p|
cystine|N[C@@H](CSSC[C@H](N)C(O)=O)C(O)=O|260d|-|i|
beta-alanine|NCCC(O)=O|205d|-|s|
4-aminobutanoic acid|NCCCC(O)=O|203d|-|s|
6-aminohexanoic acid|NCCCCCC(O)=O|206d|-|s|
glycylglycine|NCC(=O)NCC(O)=O|262d|-|s|
sarcosine|CNCC(O)=O|208d|-|s|
phenylglycine|NC(C(O)=O)c1ccccc1|290d|-|i|
taurine|NCCS(O)(=O)=O|300d|-|s|
creatine|CN(CC(O)=O)C(N)=N|303d|-|p|
N-acetylglycine|CC(=O)NCC(O)=O|206|-|p|
2-nitropropane|CC(C)[N+](=O)[O-]|-91|120|p|FK
1-nitropropane|CCC[N+](=O)[O-]|-108|131|p|FH
3-nitrotoluene|Cc1cccc(c1)[N+](=O)[O-]|16|232|i|TN
2,4-dinitrotoluene|Cc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|70|-|i|TKN
2,6-dinitrotoluene|Cc1c(cccc1[N+](=O)[O-])[N+](=O)[O-]|66|-|i|TKN
1,2-dinitrobenzene|[O-][N+](=O)c1ccccc1[N+](=O)[O-]|117|-|i|TN
1,4-dinitrobenzene|[O-][N+](=O)c1ccc(cc1)[N+](=O)[O-]|174|-|i|TN
3-chloronitrobenzene|[O-][N+](=O)c1cccc(Cl)c1|45|236|i|TN
2-bromonitrobenzene|[O-][N+](=O)c1ccccc1Br|42|258|i|T
3-bromonitrobenzene|[O-][N+](=O)c1cccc(Br)c1|55|257~|i|T
4-iodonitrobenzene|[O-][N+](=O)c1ccc(I)cc1|174|-|i|T
4-fluoronitrobenzene|[O-][N+](=O)c1ccc(F)cc1|25|206|i|T
2-nitroanisole|COc1ccccc1[N+](=O)[O-]|10|272|i|K
2,4-dinitroanisole|COc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]|95|-|i|H
4-nitrobiphenyl|[O-][N+](=O)c1ccc(cc1)-c1ccccc1|114|340|i|KN
5-nitro-m-xylene|Cc1cc(C)cc(c1)[N+](=O)[O-]|74|-|i|T
nitromesitylene|Cc1cc(C)c(c(C)c1)[N+](=O)[O-]|43|255|i|H
beta-nitrostyrene|[O-][N+](=O)/C=C/c1ccccc1|58|250d|i|I
4-nitrobenzyl bromide|[O-][N+](=O)c1ccc(CBr)cc1|99|-|i|CL
4-nitrobenzyl chloride|[O-][N+](=O)c1ccc(CCl)cc1|71|-|i|CL
4-nitrocatechol|Oc1ccc(cc1O)[N+](=O)[O-]|176|-|s|H
4-nitro-m-cresol|Cc1cc(O)ccc1[N+](=O)[O-]|129|-|p|H
1-chloropropane|CCCCl|-123|47|i|FH
2-chloropropane|CC(C)Cl|-117|36|i|FH
1-chloropentane|CCCCCCl|-99|108|i|FH
1-chlorohexane|CCCCCCCl|-94|135|i|F
1-chlorooctane|CCCCCCCCCl|-58|182|i|N
chlorocyclohexane|ClC1CCCCC1|-44|142|i|FH
1-bromopropane|CCCBr|-110|71|i|FR
2-bromopropane|CC(C)Br|-89|59|i|FR
1-bromopentane|CCCCCBr|-88|130|i|F
1-bromooctane|CCCCCCCCBr|-55|201|i|
1-bromo-2-methylpropane|CC(C)CBr|-117|91|i|F
2-bromopentane|CCCC(C)Br|-95|117|i|F
1-bromododecane|CCCCCCCCCCCCBr|-10|276|i|
bromocyclopentane|BrC1CCCC1|-|138|i|F
1-iodopropane|CCCI|-101|102|i|FH
2-iodobutane|CCC(C)I|-104|120|i|F
1-iodopentane|CCCCCI|-86|157|i|F
2-iodo-2-methylpropane|CC(C)(C)I|-38|100|i|F
iodocyclohexane|IC1CCCCC1|-|180d|i|
allyl iodide|ICC=C|-99|102|i|FC
1,3-dichloropropane|ClCCCCl|-99|121|i|FN
1,4-dichlorobutane|ClCCCCCl|-38|155|i|FI
1,2-dichloropropane|CC(Cl)CCl|-100|96|i|FHK
1,1,1-trichloroethane|CC(Cl)(Cl)Cl|-30|74|i|H
1,1,2,2-tetrachloroethane|ClC(Cl)C(Cl)Cl|-42|146|i|TN
trichloroethylene|ClC=C(Cl)Cl|-85|87|i|K
tetrachloroethylene|ClC(Cl)=C(Cl)Cl|-22|121|i|KN
hexachloroethane|ClC(Cl)(Cl)C(Cl)(Cl)Cl|187|-|i|N
1,3-dibromopropane|BrCCCBr|-34|167|i|H
1,4-dibromobutane|BrCCCCBr|-20|197|i|H
1,2-dibromocyclohexane|BrC1CCCCC1Br|-6~|-|i|H
stilbene dibromide|BrC(C(Br)c1ccccc1)c1ccccc1|241d|-|i|C
bromoform|BrC(Br)Br|8|149|i|TN
dibromomethane|BrCBr|-52|97|i|HN
diiodomethane|ICI|6|182|i|H
carbon tetrabromide|BrC(Br)(Br)Br|91|190|i|HI
1-phenylethyl bromide|CC(Br)c1ccccc1|-|205|i|CL
2-phenylethyl bromide|BrCCc1ccccc1|-56|219|i|H
2-phenylethyl chloride|ClCCc1ccccc1|-|198|i|
4-chlorobenzyl chloride|ClCc1ccc(Cl)cc1|30|223|i|CL
4-methylbenzyl bromide|Cc1ccc(CBr)cc1|36|220|i|CL
4-bromobenzyl bromide|BrCc1ccc(Br)cc1|63|-|i|CL
chlorotriphenylmethane|ClC(c1ccccc1)(c1ccccc1)c1ccccc1|112|-|i|C
benzal chloride|ClC(Cl)c1ccccc1|-16|205|i|TL
benzotrichloride|ClC(Cl)(Cl)c1ccccc1|-5|221|i|KL
cinnamyl chloride|ClC/C=C/c1ccccc1|8|-|i|C
chloroacetone|CC(=O)CCl|-45|120|s|TL
phenacyl chloride|ClCC(=O)c1ccccc1|56|245|i|TL
4-bromophenacyl bromide|BrCC(=O)c1ccc(Br)cc1|110|-|i|CL
2-chlorotoluene|Cc1ccccc1Cl|-36|159|i|HN
3-chlorotoluene|Cc1cccc(Cl)c1|-48|162|i|HN
2-bromotoluene|Cc1ccccc1Br|-27|182|i|HN
3-bromotoluene|Cc1cccc(Br)c1|-40|184|i|H
4-iodotoluene|Cc1ccc(I)cc1|35|211|i|I
1,3-dichlorobenzene|Clc1cccc(Cl)c1|-25|173|i|HN
1,2,4-trichlorobenzene|Clc1ccc(Cl)c(Cl)c1|17|213|i|HN
1,3,5-tribromobenzene|Brc1cc(Br)cc(Br)c1|122|271|i|I
1-bromo-4-chlorobenzene|Clc1ccc(Br)cc1|68|196|i|I
1-bromo-4-fluorobenzene|Fc1ccc(Br)cc1|-17|152|i|FI
1,4-diiodobenzene|Ic1ccc(I)cc1|131|285|i|I
hexachlorobenzene|Clc1c(Cl)c(Cl)c(Cl)c(Cl)c1Cl|228|-|i|KN
1-chloronaphthalene|Clc1cccc2ccccc12|-2|260|i|HN
2-chloronaphthalene|Clc1ccc2ccccc2c1|60|256|i|N
2-bromonaphthalene|Brc1ccc2ccccc2c1|57|281|i|H
1-iodonaphthalene|Ic1cccc2ccccc12|4|302|i|H
9-bromophenanthrene|Brc1cc2ccccc2c2ccccc12|64|-|i|
9,10-dibromoanthracene|Brc1c2ccccc2c(Br)c2ccccc12|226|-|i|
benzotrifluoride|FC(F)(F)c1ccccc1|-29|102|i|FN
DDT|ClC(Cl)(Cl)C(c1ccc(Cl)cc1)c1ccc(Cl)cc1|108|-|i|TKN
chlorobutanol|CC(C)(O)C(Cl)(Cl)Cl|97|167|p|H
chloroxylenol|Cc1cc(O)cc(C)c1Cl|115|246|i|HS
1-propanethiol|CCCS|-113|68|i|FH
2-propanethiol|CC(C)S|-131|53|i|F
1-hexanethiol|CCCCCCS|-81|151|i|F
2-mercaptoethanol|OCCS|-|157|s|TN
1,2-ethanedithiol|SCCS|-41|146|i|FT
cyclohexanethiol|SC1CCCCC1|-|159|i|F
4-methylbenzenethiol|Cc1ccc(S)cc1|43|195|i|C
thiosalicylic acid|OC(=O)c1ccccc1S|165|-|i|I
2-mercaptopropanoic acid|CC(S)C(O)=O|10|-|s|C
dipropyl sulfide|CCCSCCC|-103|143|i|F
dibutyl sulfide|CCCCSCCCC|-80|185|i|
thioanisole|CSc1ccccc1|-15|193|i|H
dimethyl disulfide|CSSC|-85|110|i|FT
dibenzyl disulfide|C(SSCc1ccccc1)c1ccccc1|71|-|i|
tetrahydrothiophene|C1CCSC1|-96|121|i|FH
2-methylthiophene|Cc1cccs1|-63|113|i|FH
benzothiophene|c1ccc2sccc2c1|32|221|i|H
dibenzothiophene|c1ccc2c(c1)sc1ccccc12|99|332|i|HN
thianthrene|c1ccc2Sc3ccccc3Sc2c1|157|365|i|
dimethyl sulfone|CS(C)(=O)=O|109|238|s|
sulfolane|O=S1(=O)CCCC1|27|285|s|HR
dibenzyl sulfide|C(SCc1ccccc1)c1ccccc1|49|-|i|
methanesulfonic acid|CS(O)(=O)=O|20|-|s|C
camphorsulfonic acid|CC1(C)C2CCC1(CS(O)(=O)=O)C(=O)C2|195d|-|s|C
2-naphthalenesulfonic acid|OS(=O)(=O)c1ccc2ccccc2c1|91~|-|s|C
metanilic acid|Nc1cccc(c1)S(O)(=O)=O|300d|-|p|I
1-naphthylamine-4-sulfonic acid|Nc1ccc(c2ccccc12)S(O)(=O)=O|300d|-|i|I
methanesulfonamide|CS(N)(=O)=O|90|-|s|
N-methyl-p-toluenesulfonamide|CNS(=O)(=O)c1ccc(C)cc1|78|-|i|
N-phenylbenzenesulfonamide|O=S(=O)(Nc1ccccc1)c1ccccc1|110|-|i|
4-chlorobenzenesulfonamide|NS(=O)(=O)c1ccc(Cl)cc1|144|-|i|
4-nitrobenzenesulfonamide|NS(=O)(=O)c1ccc(cc1)[N+](=O)[O-]|180|-|i|
sulfathiazole|Nc1ccc(cc1)S(=O)(=O)Nc1nccs1|202|-|i|S
sulfadiazine|Nc1ccc(cc1)S(=O)(=O)Nc1ncccn1|255d|-|i|S
sulfacetamide|CC(=O)NS(=O)(=O)c1ccc(N)cc1|183|-|p|S
sulfapyridine|Nc1ccc(cc1)S(=O)(=O)Nc1ccccn1|191|-|i|S
sulfamethoxazole|Cc1cc(NS(=O)(=O)c2ccc(N)cc2)no1|167|-|i|S
benzenesulfonyl chloride|ClS(=O)(=O)c1ccccc1|15|251d|i|C
methanesulfonyl chloride|CS(Cl)(=O)=O|-33|161|i|TC
methyl p-toluenesulfonate|COS(=O)(=O)c1ccc(C)cc1|28|-|i|CS
dimethyl sulfate|COS(=O)(=O)OC|-32|188|p|TKC
phenyl isocyanate|O=C=Nc1ccccc1|-30|162|i|TLS
allyl isothiocyanate|S=C=NCC=C|-80|152|i|TL
rhodanine|O=C1CSC(=S)N1|170d|-|p|H
thiobarbituric acid|O=C1CC(=O)NC(=S)N1|235d|-|p|I
mannose|OC[C@H]1OC(O)[C@@H](O)[C@@H](O)[C@@H]1O|132d|-|s|
arabinose|O[C@H]1COC(O)[C@H](O)[C@H]1O|158|-|s|
ribose|O[C@@H]1COC(O)[C@H](O)[C@@H]1O|87|-|s|
rhamnose|C[C@@H]1OC(O)[C@H](O)[C@H](O)[C@H]1O|122~|-|s|
sorbose|OC[C@]1(O)OC[C@H](O)[C@@H](O)[C@@H]1O|165|-|s|
trehalose|OC[C@H]1O[C@H](O[C@H]2O[C@H](CO)[C@@H](O)[C@H](O)[C@H]2O)[C@H](O)[C@@H](O)[C@@H]1O|203|-|s|
cellobiose|OC[C@H]1O[C@@H](O[C@H]2[C@H](O)[C@@H](O)C(O)O[C@@H]2CO)[C@H](O)[C@@H](O)[C@@H]1O|225d|-|s|
raffinose|OC[C@H]1O[C@H](OC[C@H]2O[C@H](O[C@]3(CO)O[C@H](CO)[C@@H](O)[C@@H]3O)[C@H](O)[C@@H](O)[C@@H]2O)[C@H](O)[C@@H](O)[C@H]1O|80~|-|s|
methyl glucoside|CO[C@H]1O[C@H](CO)[C@@H](O)[C@H](O)[C@H]1O|166|-|s|
salicin|OC[C@H]1O[C@@H](Oc2ccccc2CO)[C@H](O)[C@@H](O)[C@@H]1O|207|-|p|
glucosamine hydrochloride|Cl.N[C@@H]1C(O)O[C@H](CO)[C@@H](O)[C@@H]1O|190d|-|s|
tributyl phosphate|CCCCOP(=O)(OCCCC)OCCCC|-80|289|i|HI
trimethyl phosphate|COP(=O)(OC)OC|-46|197|s|H
triphenylphosphine oxide|O=P(c1ccccc1)(c1ccccc1)c1ccccc1|157|-|i|H
triethyl phosphite|CCOP(OCC)OCC|-112|156|i|FS
sodium benzoate|[Na+].[O-]C(=O)c1ccccc1|-|-|s|I
sodium salicylate|[Na+].[O-]C(=O)c1ccccc1O|-|-|s|H
sodium acetate trihydrate|O.O.O.[Na+].CC([O-])=O|58|-|s|
potassium acetate|[K+].CC([O-])=O|292|-|s|
sodium formate|[Na+].[O-]C=O|253|-|s|
calcium acetate|[Ca+2].CC([O-])=O.CC([O-])=O|-|-|s|
ammonium acetate|[NH4+].CC([O-])=O|114|-|s|
ammonium benzoate|[NH4+].[O-]C(=O)c1ccccc1|198d|-|s|
sodium oxalate|[Na+].[Na+].[O-]C(=O)C([O-])=O|-|-|s|H
potassium hydrogen phthalate|[K+].OC(=O)c1ccccc1C([O-])=O|-|-|s|
potassium hydrogen tartrate|[K+].OC(C(O)C([O-])=O)C(O)=O|-|-|i|
sodium citrate|[Na+].[Na+].[Na+].OC(CC([O-])=O)(CC([O-])=O)C([O-])=O|-|-|s|
sodium stearate|[Na+].CCCCCCCCCCCCCCCCCC([O-])=O|-|-|i|
calcium lactate|[Ca+2].CC(O)C([O-])=O.CC(O)C([O-])=O|-|-|p|
sodium dodecyl sulfate|[Na+].CCCCCCCCCCCCOS([O-])(=O)=O|206~|-|s|HI
sodium p-toluenesulfonate|[Na+].Cc1ccc(cc1)S([O-])(=O)=O|-|-|s|I
aniline hydrochloride|Cl.Nc1ccccc1|198|-|s|TN
p-toluidine hydrochloride|Cl.Cc1ccc(N)cc1|243~|-|s|T
benzylamine hydrochloride|Cl.NCc1ccccc1|258~|-|s|I
methylamine hydrochloride|Cl.CN|231|-|s|H
dimethylamine hydrochloride|Cl.CNC|171|-|s|H
diethylamine hydrochloride|Cl.CCNCC|228|-|s|I
triethylamine hydrochloride|Cl.CCN(CC)CC|254|-|s|I
ethylenediamine dihydrochloride|Cl.Cl.NCCN|300d|-|s|I
pyridine hydrochloride|Cl.c1ccncc1|145|-|s|H
procaine hydrochloride|Cl.CCN(CC)CCOC(=O)c1ccc(N)cc1|155|-|s|S
phenylhydrazine hydrochloride|Cl.NNc1ccccc1|243d|-|p|T
1,4-phenylenediamine dihydrochloride|Cl.Cl.Nc1ccc(N)cc1|-|-|s|TS
glycine hydrochloride|Cl.NCC(O)=O|185|-|s|I
cysteine hydrochloride monohydrate|O.Cl.SC[C@H](N)C(O)=O|175d|-|s|I
choline chloride|[Cl-].C[N+](C)(C)CCO|302d|-|s|
tetramethylammonium bromide|[Br-].C[N+](C)(C)C|-|-|s|H
tetrabutylammonium bromide|[Br-].CCCC[N+](CCCC)(CCCC)CCCC|103|-|s|I
benzyltriethylammonium chloride|[Cl-].CC[N+](CC)(CC)Cc1ccccc1|185d|-|s|I
cetyltrimethylammonium bromide|[Br-].CCCCCCCCCCCCCCCC[N+](C)(C)C|240d|-|p|HN
acetylcholine chloride|[Cl-].CC(=O)OCC[N+](C)(C)C|150|-|s|
`;
