/**
 * Refractive index at 20 °C (sodium light) and density at 20 °C, g/mL, of the library's liquids: name | index | density, by
 * W. M. Haynes (ed.), CRC Handbook of Chemistry and Physics, 95th ed., section 3; `~` marks a value of which we are unsure.
 */
export const CONSTANT_ROWS = `
hexane|1.3749|0.659
heptane|1.3877|0.684
cyclohexane|1.4262|0.779
methylcyclohexane|1.4231|0.769
decane|1.4102|0.730
decalin|1.4755~|0.883~
1-hexene|1.3879|0.673
1-octene|1.4087|0.715
cyclohexene|1.4465|0.811
limonene|1.4730|0.841
alpha-pinene|1.4658|0.858
styrene|1.5468|0.906
alpha-methylstyrene|1.5386|0.911
indene|1.5768|0.996
1-hexyne|1.3989|0.716
phenylacetylene|1.5470|0.930
toluene|1.4961|0.867
ethylbenzene|1.4959|0.867
o-xylene|1.5055|0.880
m-xylene|1.4972|0.864
p-xylene|1.4958|0.861
mesitylene|1.4994|0.865
cumene|1.4915|0.862
diphenylmethane|1.5753|1.001
methanol|1.3288|0.791
ethanol|1.3611|0.789
1-propanol|1.3850|0.803
2-propanol|1.3776|0.785
1-butanol|1.3993|0.810
2-butanol|1.3978|0.806
2-methyl-1-propanol|1.3955|0.802
2-methyl-2-propanol|1.3878|0.787
1-pentanol|1.4101|0.814
2-pentanol|1.4053|0.809
3-pentanol|1.4104|0.820
3-methyl-1-butanol|1.4053|0.810
2-methyl-2-butanol|1.4052|0.806
1-hexanol|1.4178|0.814
cyclopentanol|1.4530|0.949
cyclohexanol|1.4641|0.962
1-heptanol|1.4249|0.822
1-octanol|1.4295|0.826
2-octanol|1.4203|0.819
allyl alcohol|1.4135|0.854
propargyl alcohol|1.4322|0.948
geraniol|1.4766|0.889
benzyl alcohol|1.5396|1.042
1-phenylethanol|1.5265|1.013
2-phenylethanol|1.5325|1.020
4-methoxybenzyl alcohol|1.5442~|1.110~
furfuryl alcohol|1.4869|1.130
tetrahydrofurfuryl alcohol|1.4520|1.052
ethylene glycol|1.4318|1.114
1,2-propanediol|1.4324|1.036
glycerol|1.4746|1.261
2-ethoxyethanol|1.4080|0.930
2-chloroethanol|1.4419|1.202
diethyl ether|1.3526|0.714
diisopropyl ether|1.3679|0.725
dibutyl ether|1.3992|0.768
tetrahydrofuran|1.4072|0.888
1,4-dioxane|1.4224|1.034
anisole|1.5174|0.994
phenetole|1.5076|0.965
4-bromoanisole|1.5642|1.456
safrole|1.5381|1.100
furan|1.4214|0.951
m-cresol|1.5401|1.034
2,4-dimethylphenol|1.5390~|0.965~
carvacrol|1.5230|0.977
eugenol|1.5405|1.065
2-chlorophenol|1.5524|1.263
salicylaldehyde|1.5740|1.167
acetaldehyde|1.3316|0.783
propanal|1.3636|0.797
butanal|1.3843|0.802
2-methylpropanal|1.3730|0.789
pentanal|1.3944|0.810
hexanal|1.4039|0.814
heptanal|1.4113|0.813
octanal|1.4217|0.821
crotonaldehyde|1.4366|0.852
acrolein|1.4017|0.840
citral|1.4880|0.889
furfural|1.5261|1.160
benzaldehyde|1.5463|1.045
4-methylbenzaldehyde|1.5454|1.019
4-methoxybenzaldehyde|1.5730|1.119
2-chlorobenzaldehyde|1.5662|1.248
cinnamaldehyde|1.6195|1.050
phenylacetaldehyde|1.5255|1.027
acetone|1.3588|0.790
2-butanone|1.3788|0.805
2-pentanone|1.3895|0.809
3-pentanone|1.3927|0.810
3-methyl-2-butanone|1.3880|0.805
4-methyl-2-pentanone|1.3962|0.800
2-heptanone|1.4088|0.811
2-octanone|1.4151|0.819
cyclopentanone|1.4366|0.949
cyclohexanone|1.4507|0.948
4-methylcyclohexanone|1.4451|0.914
menthone|1.4505|0.895
carvone|1.4989|0.961
mesityl oxide|1.4440|0.865
2,4-pentanedione|1.4494|0.972
2,5-hexanedione|1.4232|0.973
2,3-butanedione|1.3951|0.981
acetophenone|1.5372|1.028
propiophenone|1.5269|1.009
4-chloroacetophenone|1.5550|1.192
1-tetralone|1.5672|1.099
formic acid|1.3714|1.220
acetic acid|1.3716|1.049
propanoic acid|1.3809|0.993
butanoic acid|1.3980|0.958
2-methylpropanoic acid|1.3930|0.950
pentanoic acid|1.4085|0.939
hexanoic acid|1.4163|0.927
octanoic acid|1.4285|0.911
oleic acid|1.4582|0.894
methyl acetate|1.3614|0.934
ethyl formate|1.3598|0.921
ethyl acetate|1.3723|0.900
propyl acetate|1.3842|0.888
butyl acetate|1.3941|0.882
3-methylbutyl acetate|1.4003|0.872
octyl acetate|1.4150|0.871
ethyl propanoate|1.3839|0.892
ethyl butanoate|1.3928|0.879
methyl methacrylate|1.4142|0.944
ethyl acetoacetate|1.4194~|1.028
diethyl malonate|1.4139|1.055
diethyl oxalate|1.4101|1.078
triacetin|1.4301|1.158
ethyl lactate|1.4124|1.033
gamma-butyrolactone|1.4341|1.128
methyl benzoate|1.5164|1.084
ethyl benzoate|1.5007|1.046
benzyl benzoate|1.5681|1.112
benzyl acetate|1.5232|1.055
phenyl acetate|1.5035|1.078
methyl salicylate|1.5360|1.181
methyl 2-aminobenzoate|1.5810|1.168
dimethyl phthalate|1.5138|1.191
diethyl phthalate|1.5000|1.118
acetic anhydride|1.3901|1.082
benzoyl chloride|1.5537|1.212
formamide|1.4472|1.133
N,N-dimethylformamide|1.4305|0.949
acetonitrile|1.3442|0.786
propanenitrile|1.3655|0.782
butanenitrile|1.3842|0.794
acrylonitrile|1.3911|0.806
benzonitrile|1.5289|1.005
phenylacetonitrile|1.5230|1.021
diethylamine|1.3864|0.706
triethylamine|1.4010|0.728
propylamine|1.3870|0.717
butylamine|1.4031|0.741
hexylamine|1.4180|0.766
cyclohexylamine|1.4592|0.867
benzylamine|1.5401|0.981
2-phenylethylamine|1.5330~|0.958
ethylenediamine|1.4565|0.899
ethanolamine|1.4541|1.018
triethanolamine|1.4852|1.124
dibutylamine|1.4177|0.767
tributylamine|1.4299|0.777
piperidine|1.4530|0.861
morpholine|1.4548|1.000
pyrrolidine|1.4431|0.859
pyridine|1.5095|0.982
2-methylpyridine|1.4957|0.944
quinoline|1.6268|1.093
pyrrole|1.5085|0.970
aniline|1.5863|1.022
o-toluidine|1.5725|0.998
m-toluidine|1.5681|0.989
2,4-dimethylaniline|1.5569|0.972
2,6-dimethylaniline|1.5610|0.984
2-methoxyaniline|1.5715~|1.092
3-chloroaniline|1.5941|1.216
2-chloroaniline|1.5881|1.213
N-methylaniline|1.5684|0.989
N-ethylaniline|1.5559|0.963
N,N-dimethylaniline|1.5582|0.956
N,N-diethylaniline|1.5409|0.931
dibenzylamine|1.5781|1.026
phenylhydrazine|1.6084~|1.099
nitromethane|1.3817|1.137
nitroethane|1.3917|1.045
nitrobenzene|1.5562|1.204
2-nitrotoluene|1.5450|1.163
1-chlorobutane|1.4023|0.886
2-chlorobutane|1.3971|0.873
2-chloro-2-methylpropane|1.3857|0.842
1-bromobutane|1.4401|1.276
2-bromobutane|1.4366|1.259
2-bromo-2-methylpropane|1.4278|1.221
bromoethane|1.4239|1.460
1-bromohexane|1.4478|1.174
bromocyclohexane|1.4957|1.336
1,2-dibromoethane|1.5387|2.180
1-iodobutane|1.5001|1.615
iodomethane|1.5308|2.279
iodoethane|1.5133|1.936
2-iodopropane|1.5028|1.703
allyl bromide|1.4697|1.398
allyl chloride|1.4157|0.938
benzyl chloride|1.5391|1.100
benzyl bromide|1.5752|1.438
chlorobenzene|1.5241|1.106
bromobenzene|1.5597|1.495
iodobenzene|1.6200|1.831
fluorobenzene|1.4657|1.023
4-chlorotoluene|1.5150|1.070
1,2-dichlorobenzene|1.5515|1.306
1-bromonaphthalene|1.6570|1.483
dichloromethane|1.4242|1.327
chloroform|1.4459|1.483
carbon tetrachloride|1.4601|1.594
1,2-dichloroethane|1.4448|1.254
1-butanethiol|1.4440|0.842
thiophenol|1.5893|1.077
benzyl mercaptan|1.5751|1.058
diethyl sulfide|1.4430|0.836
diphenyl sulfide|1.6334|1.114
thiophene|1.5289|1.065
dimethyl sulfoxide|1.4793|1.101
phenyl isothiocyanate|1.6492|1.130
triethyl phosphate|1.4053|1.070
`;

/**
 * Molar refraction for sodium light, mL/mol, by atom and bond: F. Eisenlohr, Z. phys. Chem. 1910, 75, 585, nitrogen and sulfur as in
 * A. I. Vogel, J. Chem. Soc. 1948, 1833, rounded.
 */
export const REFRACTION: readonly { readonly smarts: string; readonly mL: number }[] = [
  { smarts: '[#6]', mL: 2.418 },
  { smarts: '[OX2;H1]', mL: 1.525 },
  { smarts: '[OX2;H0]', mL: 1.643 },
  { smarts: '[OX1]', mL: 2.211 },
  { smarts: '[F]', mL: 1.0 },
  { smarts: '[Cl]', mL: 5.967 },
  { smarts: '[Br]', mL: 8.865 },
  { smarts: '[I]', mL: 13.9 },
  { smarts: '[#7]', mL: 2.6 },
  { smarts: '[#16]', mL: 7.8 },
  { smarts: '[#15]', mL: 6.0 },
  { smarts: '[#6]=[#6]', mL: 1.733 },
  { smarts: 'c:c', mL: 0.87 },
  { smarts: '[#6]#[#6]', mL: 2.398 },
];
export const HYDROGEN_REFRACTION = 1.1;

/** Relative volumes of atoms and what holds molecules closer together: G. S. Girolami, J. Chem. Educ. 1994, 71, 962. */
export const VOLUMES: Readonly<Record<string, number>> = { H: 1, B: 2, C: 2, N: 2, O: 2, F: 2, Si: 4, P: 4, S: 4, Cl: 4, Se: 5, Br: 5, I: 7.5 };
export const CLOSER: readonly { readonly smarts: string; readonly share: number }[] = [
  { smarts: '[OX2;H1;!$(OC=O)]', share: 0.1 },
  { smarts: '[CX3](=O)[OX2;H1]', share: 0.1 },
  { smarts: '[NX3;H1,H2]', share: 0.1 },
  { smarts: '[CX3](=O)[NX3]', share: 0.1 },
];
export const CLOSER_BY_RING = { share: 0.1, most: 0.3 };
