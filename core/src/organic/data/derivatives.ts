/**
 * Solid derivatives by which a compound is told from its neighbours: the reaction, and their melting points in °C by B. S. Furniss
 * et al., Vogel's Textbook of Practical Organic Chemistry, 5th ed., tables of ch. 10. `~` marks a value of which we are
 * unsure. About half of the rows, those after the first score of each table, are from memory and were not looked up again.
 */
import type { Colour } from '../../vocabulary/words';

/** What is done to every place in the molecule that the pattern finds. */
export interface Change {
  readonly smarts: string;
  /** Index in the pattern of the atom to which the new group is bound, and of those that leave. */
  readonly at: number;
  readonly loses: readonly number[];
  /** SMILES whose first atom binds. */
  readonly gains: string;
  readonly double?: true;
}

export interface DerivativeRow {
  readonly id: string;
  readonly name: string;
  readonly changes: readonly Change[];
  readonly colour: Colour;
  /** Minutes from start to dry crystals. */
  readonly minutes: number;
  /** What it falls with as it is, bound by no bond that could be drawn. */
  readonly adductOf?: readonly string[];
  /** SMILES of what gives it, and of what does not. */
  readonly positive: string;
  readonly negative: string;
}

const CARBONYL = '[CX3;!$(C[O,N,S,Cl,Br])](=[OX1])';
const ACID = '[CX3](=O)[OX2H]';
const ACYL_HALIDE = '[CX3](=O)[Cl,Br]';
const AMINE = '[NX3;H1,H2;!a;!$(NC=[O,S,N]);!$(NS=O);!$(N-[N,O])]';
const HYDRAZINE = '[NX3;H2][NX3]';
const ALCOHOL = '[OX2H][#6;!$(C=O)]';
const PHENOL = '[OX2H]c';
const onOxide = (gains: string): Change => ({ smarts: CARBONYL, at: 0, loses: [1], gains, double: true });
const onAcid = (gains: string): Change[] => [ACID, ACYL_HALIDE].map((smarts) => ({ smarts, at: 0, loses: [2], gains }));
const onHydrogen = (smarts: string, gains: string): Change => ({ smarts, at: 0, loses: [], gains });
const BROMINATED: Change[] = ['[OX2H]', '[NX3;H2]'].flatMap((group) => [
  { smarts: `${group}c:[c;H1]`, at: 2, loses: [], gains: 'Br' },
  { smarts: `${group}c1:c:c:[c;H1]:c:c1`, at: 4, loses: [], gains: 'Br' },
]);

const ACETONE = 'CC(C)=O';
const BENZOIC_ACID = 'OC(=O)c1ccccc1';
const ETHANOL = 'CCO';
const ANILINE = 'Nc1ccccc1';
const PHENOLIC = 'Oc1ccccc1';

export const DERIVATIVES: readonly DerivativeRow[] = [
  { id: 'semicarbazone', name: 'semicarbazone', changes: [onOxide('NNC(N)=O')], colour: 'white', minutes: 40, positive: ACETONE, negative: ETHANOL },
  { id: 'dinitrophenylhydrazone', name: '2,4-dinitrophenylhydrazone', changes: [onOxide('NNc1ccc(cc1[N+](=O)[O-])[N+](=O)[O-]')], colour: 'orange', minutes: 40, positive: ACETONE, negative: ETHANOL },
  { id: 'oxime', name: 'oxime', changes: [onOxide('NO')], colour: 'white', minutes: 45, positive: 'O=C1CCCCC1', negative: ETHANOL },
  { id: 'anilide', name: 'anilide', changes: onAcid('Nc1ccccc1'), colour: 'white', minutes: 60, positive: BENZOIC_ACID, negative: ETHANOL },
  { id: 'amide', name: 'amide', changes: onAcid('N'), colour: 'white', minutes: 50, positive: BENZOIC_ACID, negative: ETHANOL },
  { id: 'dinitrobenzoate', name: '3,5-dinitrobenzoate', changes: [onHydrogen(ALCOHOL, 'C(=O)c1cc(cc(c1)[N+](=O)[O-])[N+](=O)[O-]')], colour: 'pale-yellow', minutes: 45, positive: ETHANOL, negative: ACETONE },
  { id: 'benzoyl-derivative', name: 'benzoyl derivative', changes: [onHydrogen(AMINE, 'C(=O)c1ccccc1'), onHydrogen(HYDRAZINE, 'C(=O)c1ccccc1'), onHydrogen(PHENOL, 'C(=O)c1ccccc1')], colour: 'white', minutes: 40, positive: ANILINE, negative: ACETONE },
  { id: 'acetyl-derivative', name: 'acetyl derivative', changes: [onHydrogen(AMINE, 'C(C)=O'), onHydrogen(HYDRAZINE, 'C(C)=O')], colour: 'white', minutes: 40, positive: ANILINE, negative: ACETONE },
  { id: 'picrate', name: 'picrate', changes: [], adductOf: ['[n;X2]', '[NX3;!a;!$(NC=[O,S,N]);!$(NS=O);!$(N-[N,O])]', 'c1ccc2ccccc2c1'], colour: 'yellow', minutes: 30, positive: 'c1ccc2ccccc2c1', negative: ACETONE },
  { id: 'aryloxyacetic-acid', name: 'aryloxyacetic acid', changes: [onHydrogen(PHENOL, 'CC(O)=O')], colour: 'white', minutes: 90, positive: PHENOLIC, negative: ACETONE },
  { id: 'bromo-derivative', name: 'bromo derivative', changes: BROMINATED, colour: 'white', minutes: 30, positive: PHENOLIC, negative: ACETONE },
  { id: 'acid-by-hydrolysis', name: 'acid got by hydrolysis', colour: 'white', minutes: 90, positive: 'CCOC(=O)c1ccccc1', negative: ACETONE,
    changes: [
      { smarts: '[CX3](=O)[OX2;H0]', at: 0, loses: [2], gains: 'O' },
      { smarts: '[CX3](=O)[NX3]', at: 0, loses: [2], gains: 'O' },
      { smarts: ACYL_HALIDE, at: 0, loses: [2], gains: 'O' },
      { smarts: '[#6][CX2]#[NX1]', at: 0, loses: [1, 2], gains: 'C(O)=O' },
    ] },
];

/** Of carbonyl compounds: name | semicarbazone | 2,4-dinitrophenylhydrazone | oxime. */
export const CARBONYLS = `
acetone|187~|126|59
2-butanone|146|117|-
2-pentanone|112|144|-
3-pentanone|139|156|69
3-methyl-2-butanone|114|120|-
4-methyl-2-pentanone|135|95|58~
2-heptanone|123|89|-
2-octanone|123|58|-
cyclopentanone|205|146|56
cyclohexanone|167|162|90
4-methylcyclohexanone|199|130~|39
camphor|237|177|119
menthone|189|146|59
carvone|162|191|73
mesityl oxide|164|203|49
formaldehyde|169|166|-
acetaldehyde|163|168|47
propanal|154|155|40
butanal|104|123|-
hexanal|106|104|51
heptanal|109|108|57
cinnamaldehyde|215|255|65~
benzaldehyde|222~|237|35
salicylaldehyde|231|252~|57
4-methoxybenzaldehyde|210|254|64~
4-chlorobenzaldehyde|230|254~|110
2-chlorobenzaldehyde|229~|207|76
3-nitrobenzaldehyde|246|293~|122
4-nitrobenzaldehyde|221|320|129~
vanillin|230|271|117
piperonal|234|266|112~
4-(dimethylamino)benzaldehyde|222|325|144~
furfural|202|229|92~
acetophenone|198|250|59
propiophenone|174|191|53
4-methylacetophenone|205|258|88
4-methoxyacetophenone|197|220|87
4-chloroacetophenone|204|236|95
4-bromoacetophenone|208|230|128
benzophenone|164|239|141
benzoin|206|245|151
benzalacetone|187|223~|115
1-indanone|233|258|146
1-tetralone|217|257|103
fluorenone|234|283|195
deoxybenzoin|148|204|98
2-hexanone|122~|110|49
3-hexanone|113|130~|-
3-heptanone|101|-|-
4-heptanone|132|75|-
3,3-dimethyl-2-butanone|157|125|75~
2,4-dimethyl-3-pentanone|160|95|34~
2,6-dimethyl-4-heptanone|122|92~|-
cycloheptanone|163|148|23~
isophorone|199~|130~|79
2-methylcyclohexanone|195~|137|43
3-methylcyclohexanone|180~|155|43~
fenchone|184~|140|165
2,4-pentanedione|-|209|149
2,5-hexanedione|220~|257|137
2,3-butanedione|278~|315|-
acetoin|185~|318|-
4-hydroxyacetophenone|199|210~|145
2-hydroxyacetophenone|210|212~|117
3-nitroacetophenone|257~|228|132
4-nitroacetophenone|-|258~|174
4-aminoacetophenone|250|259~|147
phenylacetone|198|156|70
isobutyrophenone|181|163|94
butyrophenone|188|190~|50
chalcone|168|245|140~
dibenzalacetone|190|180|144
benzil|243|189|237
2'-acetonaphthone|235|262|145
2-methylpropanal|125|187~|-
3-methylbutanal|107|123|48
pentanal|-|107|52
octanal|101|106|60
citral|164~|116~|-
citronellal|84|77|-
crotonaldehyde|199|190|119
phenylacetaldehyde|153~|121|103
hydrocinnamaldehyde|127|149|94
4-methylbenzaldehyde|234~|234|80
4-isopropylbenzaldehyde|211|244|58~
2-methoxybenzaldehyde|215|254|92
3-methoxybenzaldehyde|233~|218~|40
3,4-dimethoxybenzaldehyde|177|261~|95
4-hydroxybenzaldehyde|224|280~|112~
3-hydroxybenzaldehyde|198|260~|90
2-nitrobenzaldehyde|256|265~|103
4-bromobenzaldehyde|228|257~|157~
3-chlorobenzaldehyde|228|256~|71
1-naphthaldehyde|221|254~|98
2-naphthaldehyde|245|270|156
p-benzoquinone|243~|231~|240~
`;

/** Of carboxylic acids: name | anilide | amide. */
export const ACIDS = `
acetic acid|114|82
propanoic acid|106|81
butanoic acid|96|116
2-methylpropanoic acid|105|129
pentanoic acid|63|106
hexanoic acid|95|100
octanoic acid|57|110
dodecanoic acid|78|99~
palmitic acid|91|107
stearic acid|96|109
chloroacetic acid|137|120
trichloroacetic acid|97|141
crotonic acid|118|161
benzoic acid|163|128
o-toluic acid|125|143
m-toluic acid|126|97
p-toluic acid|145|160
2-chlorobenzoic acid|118|142
3-chlorobenzoic acid|125|134
4-chlorobenzoic acid|194|180~
2-bromobenzoic acid|141|156~
3-bromobenzoic acid|137~|155
4-bromobenzoic acid|197|190
2-nitrobenzoic acid|155|176
3-nitrobenzoic acid|154|143
4-nitrobenzoic acid|211~|201
3,5-dinitrobenzoic acid|234|183
2-aminobenzoic acid|131|109
salicylic acid|136|142
4-hydroxybenzoic acid|202|162
4-methoxybenzoic acid|171|167
acetylsalicylic acid|136|138
phenylacetic acid|118|157
diphenylacetic acid|180|168
mandelic acid|152|133
benzilic acid|175|154
cinnamic acid|153|148
hydrocinnamic acid|98|105
phenoxyacetic acid|101|102
1-naphthoic acid|163|202~
succinic acid|230|260
adipic acid|241|220
phthalic acid|254|220
heptanoic acid|71|97
nonanoic acid|57|99
decanoic acid|70|108
tetradecanoic acid|84|103
3-methylbutanoic acid|110|136
2,2-dimethylpropanoic acid|133|155
oleic acid|41|76
dichloroacetic acid|125|98
bromoacetic acid|131|91
trifluoroacetic acid|88|75
cyanoacetic acid|198|120
acrylic acid|105|85
oxalic acid|254|350~
malonic acid|225|172
glutaric acid|224|175
lactic acid|59|79
glycolic acid|97|120
tartaric acid|263~|196
citric acid|199|215~
maleic acid|187|266~
fumaric acid|314~|266~
3-aminobenzoic acid|140|111
4-aminobenzoic acid|-|183
2-methoxybenzoic acid|131|129
3-hydroxybenzoic acid|157|170
2-iodobenzoic acid|141|110
4-iodobenzoic acid|210|217
2-furoic acid|124|143
nicotinic acid|132|129
isophthalic acid|250~|280
2-naphthoic acid|173|195
4-nitrophenylacetic acid|198|198
4-chlorophenoxyacetic acid|125|133
2,4-dinitrobenzoic acid|-|203
ibuprofen|-|110~
`;

/** Of alcohols: name | 3,5-dinitrobenzoate. */
export const ALCOHOLS = `
methanol|108
ethanol|93
1-propanol|74
2-propanol|123
1-butanol|64
2-butanol|76
2-methyl-1-propanol|87
2-methyl-2-propanol|142
1-pentanol|46
3-methyl-1-butanol|61
1-hexanol|58
1-octanol|61
cyclopentanol|115
cyclohexanol|113
allyl alcohol|50
benzyl alcohol|113
2-phenylethanol|108
menthol|153
cholesterol|195~
geraniol|63
furfuryl alcohol|81
ethylene glycol|169
2-pentanol|61
3-pentanol|101
2-methyl-2-butanol|118
2-hexanol|39~
1-heptanol|48
2-octanol|32
1-dodecanol|60
1-hexadecanol|66
1-decanol|58
4-methyl-2-pentanol|65
2-methyl-1-butanol|70
cinnamyl alcohol|121
1-phenylethanol|95
diphenylmethanol|141
borneol|154
tetrahydrofurfuryl alcohol|83~
2-chloroethanol|92
2-ethoxyethanol|75
1,2-propanediol|147~
1,3-propanediol|178~
`;

/** Of phenols: name | benzoyl derivative | aryloxyacetic acid | bromo derivative. */
export const PHENOLS = `
phenol|71|99|95
o-cresol|-|152|56
m-cresol|55|103|84
p-cresol|71|136~|49
2-chlorophenol|-|145~|76
4-chlorophenol|88|156~|90
2-nitrophenol|59|158|117
4-nitrophenol|142|187|142
catechol|84|138~|193
resorcinol|117|195|112
hydroquinone|204|250|186
1-naphthol|56|193|105
2-naphthol|107|154|84
thymol|33|149|55
pyrogallol|90|198|158
3-chlorophenol|71|110|-
2-bromophenol|-|143|95
4-bromophenol|102|157|95
4-iodophenol|119|156|-
3-nitrophenol|95|156|91
2,4-dimethylphenol|38|142|179~
2,6-dimethylphenol|-|140|79
3,5-dimethylphenol|24|111~|166
3,4-dimethylphenol|59|163|171
2,5-dimethylphenol|61|118|178
carvacrol|-|151|46
guaiacol|58|121|116
eugenol|70|81~|118
isoeugenol|105~|94~|-
vanillin|78|189|160
salicylaldehyde|-|132|-
4-hydroxybenzaldehyde|90|198|181~
4-methoxyphenol|87|112|-
4-phenylphenol|151|-|-
2-phenylphenol|76|-|-
orcinol|88|217|104
phloroglucinol|174~|-|151
4-aminophenol|234~|-|-
8-hydroxyquinoline|120|-|196~
4-tert-butylphenol|82|86|67~
`;

/** Of amines: name | acetyl derivative | benzoyl derivative | picrate. */
export const AMINES = `
aniline|114|163|180~
o-toluidine|112|146|213
m-toluidine|66|125|200
p-toluidine|150|158|182
2,4-dimethylaniline|133|192|209
4-methoxyaniline|130|157|170
2-methoxyaniline|88|60|200
2-chloroaniline|88|99|134
3-chloroaniline|73~|120|177
4-chloroaniline|179|192|178
4-bromoaniline|168|204|180
2-nitroaniline|94|98|73~
3-nitroaniline|155|157|143
4-nitroaniline|216|199|100~
1-naphthylamine|160|161|163~
N-methylaniline|102|63|145
N-ethylaniline|55|60|138
diphenylamine|103|180|182
1,2-phenylenediamine|185|301|208
1,3-phenylenediamine|191|240|184
1,4-phenylenediamine|304|300|-
benzylamine|60|105|199
2-phenylethylamine|51|116|174
cyclohexylamine|104|149|-
ethylenediamine|172|249~|233
dibenzylamine|-|112|-
diethylamine|-|42~|155
butylamine|-|42~|151
piperidine|-|48|152
morpholine|-|75|146
phenylhydrazine|128|168|-
triethylamine|-|-|173
tributylamine|-|-|106
N,N-dimethylaniline|-|-|163
N,N-diethylaniline|-|-|142
pyridine|-|-|167
2-methylpyridine|-|-|169
quinoline|-|-|203
naphthalene|-|-|149
2-methylnaphthalene|-|-|116
anthracene|-|-|138
phenanthrene|-|-|144
fluorene|-|-|87
acenaphthene|-|-|161
1-bromonaphthalene|-|-|134
2-aminobenzoic acid|185|181|104
3-aminobenzoic acid|250|248|-
4-aminobenzoic acid|251~|278|-
ethyl 4-aminobenzoate|110|148|-
methyl 2-aminobenzoate|101|100|-
sulfanilamide|219|284|-
2,6-dimethylaniline|177|168|180
2,5-dimethylaniline|139|140|171
3,4-dimethylaniline|99|118~|-
2,4,6-trimethylaniline|216|204|193
4-ethoxyaniline|137|173|69~
3-methoxyaniline|81|-|169
3-bromoaniline|87|120~|180
2-bromoaniline|99|116|129
4-iodoaniline|184|222|-
4-fluoroaniline|152|185|-
2,4-dichloroaniline|145|117|106
2,4,6-tribromoaniline|232|198|-
2-naphthylamine|132|162|195
benzidine|317|352|-
2-aminopyridine|71|165~|216
3-aminophenol|148~|174~|-
2-aminophenol|209~|182~|-
4-aminophenol|168~|217~|-
4-aminoazobenzene|146|211|-
4-aminoacetophenone|167|205|-
propylamine|-|84|135
hexylamine|-|40|126
isobutylamine|-|57|150
tert-butylamine|-|134|198
ethylamine|-|71|165
methylamine|28|80|215
dimethylamine|-|41|158
dipropylamine|-|-|75
dibutylamine|-|-|59
diisopropylamine|-|-|140
pyrrolidine|-|-|112
piperazine|144|196|280
ethanolamine|-|-|160
1,2,3,4-tetrahydroquinoline|-|75|141~
N-methylbenzylamine|-|-|117
1-phenylethylamine|57|120|189~
indole|-|-|187~
3-methylpyridine|-|-|150
4-methylpyridine|-|-|167
2,6-dimethylpyridine|-|-|168
2,4,6-trimethylpyridine|-|-|156
isoquinoline|-|-|222
2-methylquinoline|-|-|191
8-hydroxyquinoline|-|-|204
acridine|-|-|208
tripropylamine|-|-|116
1-naphthol|-|-|189
2-naphthol|-|-|156
1-methylnaphthalene|-|-|141
2-methoxynaphthalene|-|-|117
1-chloronaphthalene|-|-|137
indene|-|-|98
pyrene|-|-|222
`;
