/**
 * Measured solubilities in water, one a line: name | log S. S is mol/L at 20 to 25 °C, by J. Huuskonen, J. Chem. Inf. Comput. Sci.
 * 2000, 40, 773.
 */
export const SOLUBILITY_ROWS = `
hexane|-3.84
heptane|-4.53
cyclohexane|-3.10
methylcyclohexane|-3.85
1-hexene|-3.23
1-octene|-4.44
limonene|-4.00
styrene|-2.82
1-hexyne|-2.36
toluene|-2.21
o-xylene|-2.80
m-xylene|-2.82
p-xylene|-2.77
cumene|-3.27
naphthalene|-3.60
2-methylnaphthalene|-3.77
phenanthrene|-5.26
biphenyl|-4.31
fluorene|-4.91
acenaphthene|-4.63
diphenylmethane|-4.17
1-butanol|0.00
2-butanol|0.43
2-methyl-1-propanol|0.04
1-pentanol|-0.60
3-pentanol|-0.24
3-methyl-1-butanol|-0.52
2-methyl-2-butanol|0.08
1-hexanol|-1.24
cyclohexanol|-0.44
1-heptanol|-1.81
1-octanol|-2.39
2-octanol|-2.09
1-dodecanol|-4.67
1-hexadecanol|-7.26
menthol|-2.53
borneol|-2.32
benzyl alcohol|-0.40
1-phenylethanol|-0.92
2-phenylethanol|-0.74
diphenylmethanol|-2.55
glycerol|1.12
diisopropyl ether|-1.10
dibutyl ether|-1.85
tetrahydrofuran|0.56
diphenyl ether|-3.96
furan|-0.82
phenol|0.00
o-cresol|-0.62
p-cresol|-0.70
2,4-dimethylphenol|-1.19
2,6-dimethylphenol|-1.31
3,5-dimethylphenol|-1.40
4-tert-butylphenol|-2.41
resorcinol|0.81
hydroquinone|-0.17
guaiacol|-1.96
eugenol|-1.56
1-naphthol|-2.22
4-chlorophenol|-0.70
2,4-dichlorophenol|-1.55
pentachlorophenol|-4.28
4-bromophenol|-1.09
2-nitrophenol|-1.74
3-nitrophenol|-1.01
4-nitrophenol|-0.74
4-aminophenol|-0.80
8-hydroxyquinoline|-2.42
bisphenol A|-2.82
4-phenylphenol|-3.48
salicylaldehyde|-0.86
4-hydroxybenzaldehyde|-0.96
propanal|0.58
pentanal|-0.85
hexanal|-1.30
heptanal|-1.70
octanal|-2.36
crotonaldehyde|0.32
acrolein|0.57
citral|-2.06
benzaldehyde|-1.19
4-methoxybenzaldehyde|-1.49
piperonal|-1.63
2-butanone|0.52
2-pentanone|-0.19
4-methyl-2-pentanone|-1.42
2-heptanone|-1.42
2-octanone|-2.05
camphor|-1.99
carvone|-2.06
2,4-pentanedione|0.22
acetophenone|-1.28
propiophenone|-1.83
4-aminoacetophenone|-1.61
anthraquinone|-5.19
acetic acid|1.22
butanoic acid|-0.19
2-methylpropanoic acid|0.28
hexanoic acid|-1.06
octanoic acid|-2.30
dodecanoic acid|-4.62
palmitic acid|-6.81
stearic acid|-5.68
chloroacetic acid|0.93
oxalic acid|0.38
glutaric acid|1.00
adipic acid|-0.82
citric acid|0.51
sorbic acid|-1.77
benzoic acid|-1.55
o-toluic acid|-2.06
p-toluic acid|-2.60
2-chlorobenzoic acid|-1.89
3-chlorobenzoic acid|-2.59
2-iodobenzoic acid|-2.73
3-nitrobenzoic acid|-1.68
2-aminobenzoic acid|-1.52
4-aminobenzoic acid|-0.40
4-hydroxybenzoic acid|-1.41
gallic acid|-1.16
phthalic acid|-2.11
phenylacetic acid|-0.89
benzilic acid|-2.21
hydrocinnamic acid|-1.41
phenoxyacetic acid|-1.10
ibuprofen|-3.99
hippuric acid|-1.68
methyl acetate|0.52
ethyl acetate|-0.04
propyl acetate|-0.72
butyl acetate|-1.24
3-methylbutyl acetate|-1.92
methyl methacrylate|-0.80
diethyl malonate|-0.82
triacetin|-0.60
gamma-butyrolactone|1.07
ethyl benzoate|-2.32
phenyl salicylate|-3.15
methyl 4-hydroxybenzoate|-1.78
dimethyl phthalate|-1.66
diethyl phthalate|-2.35
coumarin|-1.89
phthalic anhydride|-1.39
acetamide|1.58
urea|0.96
succinimide|0.30
phthalimide|-2.61
benzamide|-0.96
nicotinamide|0.61
salicylamide|-1.76
acetanilide|-1.33
4-bromoacetanilide|-3.08
4-ethoxyacetanilide|-2.37
acrylonitrile|0.15
benzonitrile|-1.00
triethylamine|-0.14
benzylamine|-1.53
dibutylamine|-1.44
tributylamine|-3.12
piperidine|1.07
morpholine|1.06
pyrrolidine|1.15
quinoline|-1.30
aniline|-0.41
o-toluidine|-0.85
m-toluidine|-0.85
p-toluidine|-1.21
4-chloroaniline|-1.66
2-chloroaniline|-1.52
3-nitroaniline|-2.19
4-nitroaniline|-2.37
1,2-phenylenediamine|-0.42
1,4-phenylenediamine|-0.38
N-ethylaniline|-1.70
N,N-diethylaniline|-3.03
diphenylamine|-3.51
phenylhydrazine|0.07
azobenzene|-4.45
phenylalanine|-1.23
methionine|-0.42
nitrobenzene|-1.80
2-nitrotoluene|-2.33
4-nitrotoluene|-2.49
4-nitroanisole|-2.41
1-chlorobutane|-2.03
2-chlorobutane|-1.96
bromoethane|-1.09
1-bromohexane|-3.81
bromocyclohexane|-2.30
1,2-dibromoethane|-1.68
1-iodobutane|-2.96
iodomethane|-1.00
iodoethane|-1.60
allyl bromide|-1.50
allyl chloride|-1.36
benzyl chloride|-2.39
chlorobenzene|-2.38
iodobenzene|-2.78
fluorobenzene|-1.80
4-chlorotoluene|-3.08
4-bromotoluene|-3.19
1,4-dichlorobenzene|-3.27
1,2-dichlorobenzene|-3.05
1,4-dibromobenzene|-4.07
1-bromonaphthalene|-4.35
dichloromethane|-0.63
chloroform|-1.17
1-butanethiol|-2.18
thiophenol|-2.12
thiophene|-1.45
p-toluenesulfonamide|-1.74
sulfanilamide|-1.36
saccharin|-1.64
triethyl phosphate|0.43
`;
