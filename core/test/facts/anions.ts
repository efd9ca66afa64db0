/** Reactions of one anion in a tube, by books of qualitative analysis: written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'an anion and a reagent',
    [
      [
        'hydrogencarbonate does not cloud magnesium until it is boiled',
        'Mg2+ 0.05 Cl- 0.1',
        'take A 2; add A sodium-hydrogencarbonate-solid 0.02g; shake A; = clear; boil A 3; = ppt white',
      ],
      [
        'barium sulfite goes into hydrochloric acid',
        'Na+ 0.1 SO3^2- 0.05',
        'take A 1; add A barium-chloride-0.25M 0.5; = ppt white; add A hydrochloric-acid-2M 0.5; = no ppt',
      ],
      [
        'silver sulfite goes into more sulfite',
        'Na+ 0.2 SO3^2- 0.1',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt white; add A sodium-sulfite-solid 0.2g; = clear',
      ],
      [
        'sulfide with silver is black and stays in dilute nitric acid',
        'Na+ 0.1 S2- 0.05',
        'take A 1; add A silver-nitrate-0.1M 0.5; = ppt black; add A nitric-acid-2M 0.5; = ppt black',
      ],
      [
        'sulfide blackens lead paper when it is acidified',
        'Na+ 0.1 S2- 0.05',
        'take A 1; add A hydrochloric-acid-2M 0.5; paper A lead-acetate mouth; = sees paper changed black',
      ],
      [
        'nitrite frees iodine from iodide in acid',
        'Na+ 0.05 NO2- 0.05',
        'take A 1; add A potassium-iodide-0.1M 0.5; add A acetic-acid-2M 0.5; = liquid brown|yellow|orange-brown|dark-brown|orange',
      ],
      [
        'thiocyanate with silver is white and goes into ammonia',
        'K+ 0.05 SCN- 0.05',
        'take A 1; add A silver-nitrate-0.1M 0.5; = ppt white; add A nitric-acid-2M 0.5; = ppt white; spin A; decant A B; add A ammonia-6M 2; = clear',
      ],
      ['thiocyanate with copper is black', 'K+ 0.5 SCN- 0.5', 'take A 1; add A copper-ii-sulfate-0.1M 2d; = ppt black'],
      [
        'hexacyanoferrate(II) with silver is white and stays in ammonia',
        'K+ 0.08 Fe(CN)6^4- 0.02',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt white; add A ammonia-6M 1; = ppt white|off-white',
      ],
      [
        'hexacyanoferrate(III) with silver is orange and goes into ammonia',
        'K+ 0.06 Fe(CN)6^3- 0.02',
        'take A 1; add A silver-nitrate-0.1M 0.8; = ppt orange|orange-red|red-brown; add A ammonia-6M 1; = clear',
      ],
      [
        'fluoride gives nothing with silver and a white slime with calcium',
        'Na+ 0.1 F- 0.1',
        'take A 1; add A silver-nitrate-0.1M 0.5; = no ppt; take B 1; add B calcium-chloride-0.5M 0.5; stand B 3; = ppt white',
      ],
      [
        'bromide with chlorine water and dichloromethane is orange',
        'K+ 0.05 Br- 0.05',
        'take A 1; add A chlorine-water 1; add A dichloromethane 1; shake A; = sees layer present orange|yellow|brown|red-brown|orange-brown',
      ],
      [
        'iodide with chlorine water and dichloromethane is violet',
        'K+ 0.02 I- 0.02',
        'take A 1; add A chlorine-water 5d; add A dichloromethane 1; shake A; = sees layer present violet|purple',
      ],
      ['iodide with lead is yellow', 'K+ 0.1 I- 0.1', 'take A 1; add A lead-acetate-0.1M 0.5; = ppt yellow'],
      [
        'chlorate gives silver nothing until nitrite has reduced it',
        'K+ 0.1 ClO3- 0.1',
        'take A 1; add A silver-nitrate-0.1M 0.5; = no ppt; add A nitric-acid-2M 0.5; add A sodium-nitrite-1M 1; warm A 2; = ppt white',
      ],
      [
        'sulfate with lead is white and goes into ammonium acetate',
        'Na+ 0.1 SO4^2- 0.05',
        'take A 1; add A lead-acetate-0.1M 0.5; = ppt white; spin A; decant A B; add A ammonium-acetate-3M 2; warm A 2; = clear',
      ],
      [
        'phosphate with silver is yellow, and goes into nitric acid and into ammonia',
        'Na+ 0.1 HPO4^2- 0.05',
        'take A 1; add A silver-nitrate-0.1M 0.5; = ppt yellow; take B 0.7 of A; add B nitric-acid-2M 0.5; = clear; add A ammonia-6M 1; = clear',
      ],
      [
        'phosphate with barium goes into acid',
        'Na+ 0.1 HPO4^2- 0.05',
        'take A 1; add A barium-chloride-0.25M 0.3; = ppt white; add A hydrochloric-acid-2M 0.5; = clear',
      ],
      [
        'silicate with ammonium chloride gelatinises',
        'Na+ 0.4 SiO3^2- 0.2',
        'take A 1; add A ammonium-chloride-2M 1; stand A 5; = ppt white',
      ],
      [
        'oxalate with calcium stays in acetic acid and goes into hydrochloric',
        'Na+ 0.1 C2O4^2- 0.05',
        'take A 1; add A calcium-chloride-0.5M 0.3; = ppt white; add A acetic-acid-2M 1; = ppt white; add A hydrochloric-acid-6M 2; = clear',
      ],
      [
        'acetate with iron(III) is red, and falls brown when boiled',
        'Na+ 0.2 CH3COO- 0.2',
        'take A 2; add A iron-iii-chloride-0.1M 4d; = liquid red|red-brown|orange-red|brown|dark-red|orange|orange-brown; = clear; add A water 3; boil A 3; = ppt red-brown|brown|orange-brown',
      ],
      [
        'formate reduces hot silver',
        'Na+ 0.2 HCOO- 0.2',
        'take A 1; add A silver-nitrate-0.1M 1; boil A 3; = ppt black|grey|dark-grey',
      ],
      [
        'tartrate with calcium is white and goes into acetic acid',
        'K+ 0.2 C4H4O6^2- 0.1',
        'take A 0.5; add A calcium-chloride-0.5M 0.1; stand A 10; = ppt white; add A acetic-acid-2M 5; warm A 2; = clear',
      ],
      [
        'chromate turns orange in acid and yellow again in alkali',
        'K+ 0.1 CrO4^2- 0.05',
        'take A 1; = liquid yellow; add A sulfuric-acid-1M 0.3; = liquid orange; add A sodium-hydroxide-2M 1; = liquid yellow',
      ],
      [
        'permanganate is bleached by peroxide in acid with gas',
        'K+ 0.01 MnO4- 0.01',
        'take A 1; add A sulfuric-acid-1M 0.5; add A hydrogen-peroxide-6pc 0.5; = liquid colourless; = sees gas evolved',
      ],
      [
        'borate with silver is white from a strong solution',
        'Na+ 0.1 B4O7^2- 0.05',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt white|off-white|brown; add A nitric-acid-2M 0.5; = clear',
      ],
    ],
  ],
];
