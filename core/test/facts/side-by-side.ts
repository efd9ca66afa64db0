/** Anions side by side, and a cation by the way, by books of qualitative analysis. Written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'anions side by side',
    [
      [
        'thiosulfate in excess keeps silver clear',
        'Na2S2O3 2g',
        'dissolve A 0.4 in water 4; add A silver-nitrate-0.1M 3d; shake A; = clear',
      ],
      [
        'sulfite falls with barium and goes into dilute acid',
        'Na2SO3 1g',
        'dissolve A 0.1 in water 3; add A barium-chloride-0.25M 0.5; = ppt white; add A hydrochloric-acid-2M 2; warm A 1; = lacks BaSO3',
      ],
      [
        'sulfate beside sulfite stays',
        'Na2SO3 1g, Na2SO4 1g',
        'dissolve A 0.2 in water 3; add A hydrochloric-acid-2M 2; boil A 2; add A barium-chloride-0.25M 0.5; = ppt white; = has BaSO4',
      ],
      [
        'fluoride falls with calcium and stays in vinegar',
        'NaF 1g',
        'dissolve A 0.1 in water 3; add A calcium-chloride-0.5M 1; stand A 5; = ppt white; add A acetic-acid-2M 1; = ppt white',
      ],
      [
        'oxalate falls with calcium, stays in vinegar, goes into hydrochloric acid',
        'Na2C2O4 1g',
        'dissolve A 0.05 in water 3; add A calcium-chloride-0.5M 0.5; = ppt white; add A acetic-acid-2M 1; = ppt white; add A hydrochloric-acid-6M 2; = clear',
      ],
      [
        'phosphate with silver is yellow, and goes into ammonia',
        'Na2HPO4 1g',
        'dissolve A 0.05 in water 3; add A silver-nitrate-0.1M 1; = ppt yellow|pale-yellow; add A ammonia-6M 2; = clear',
      ],
      [
        'arsenate with silver is chocolate',
        'Na3AsO4·12H2O 1g',
        'dissolve A 0.05 in water 3; add A silver-nitrate-0.1M 1; = ppt brown|red-brown|dark-brown',
      ],
      [
        'arsenite with silver is yellow',
        'Na+ 0.2 OH- 0.2 H3AsO3 0.2',
        'take A 1; add A water 2; add A silver-nitrate-0.1M 1; = ppt yellow|pale-yellow',
      ],
      [
        'arsenite beside arsenate: magnesia takes the second only',
        'Na+ 0.2 OH- 0.2 H3AsO3 0.2',
        'take A 3; add A magnesia-mixture 1; stand A 5; = clear',
      ],
      [
        'borate with silver: white, brown when boiled',
        'Na2B4O7·10H2O 1g',
        'dissolve A 0.2 in water 3; add A silver-nitrate-0.1M 1; = ppt white|off-white|pale-yellow|brown; boil A 3; = ppt brown|dark-brown|black',
      ],
      [
        'cyanide in excess keeps silver clear; silver in excess does not',
        'KCN 1g',
        'dissolve A 0.1 in water 3; add A silver-nitrate-0.1M 0.3; shake A; = clear; add A silver-nitrate-0.1M 15; = ppt white',
      ],
      [
        'thiocyanate is bleached by mercury(II)',
        'KSCN 1g',
        'dissolve A 0.01 in water 3; add A iron-iii-chloride-0.1M 2d; = liquid red|blood-red|red-brown; add A mercury-ii-chloride-0.1M 2; = liquid pale-yellow|yellow|colourless',
      ],
      [
        'thiocyanate is bleached by fluoride',
        'KSCN 1g',
        'dissolve A 0.01 in water 3; add A iron-iii-chloride-0.1M 2d; = liquid red|blood-red|red-brown|orange-red; add A sodium-fluoride-solid 0.3g; = liquid pale-yellow|colourless|yellow',
      ],
      [
        'sulfide on cadmium carbonate is yellow',
        'Na2S·9H2O 1g',
        'dissolve A 0.1 in water 3; add A cadmium-carbonate-suspension 1; = ppt yellow|orange-yellow',
      ],
      [
        'silicate gels with ammonium chloride',
        'Na2SiO3 1g',
        'dissolve A 0.2 in water 3; add A ammonium-chloride-2M 2; stand A 10; = ppt white',
      ],
      [
        'formate reduces mercury(II) when boiled',
        'HCOONa 1g',
        'dissolve A 0.2 in water 3; add A mercury-ii-chloride-0.1M 1; boil A 5; = ppt white|grey',
      ],
      [
        'acetate does not reduce mercury(II)',
        'CH3COONa 1g',
        'dissolve A 0.2 in water 3; add A acetic-acid-2M 0.5; add A mercury-ii-chloride-0.1M 1; boil A 5; = clear',
      ],
      [
        'bromide and chloride: silver bromide stays in dilute ammonia',
        'KBr 1g, NaCl 1g',
        'dissolve A 0.1 in water 3; add A nitric-acid-2M 0.5; add A silver-nitrate-0.1M 2; = ppt cream|pale-yellow|white; spin A; decant A C; add A ammonia-2M 3; = ppt cream|pale-yellow',
      ],
      [
        'iodide does not let silver go into ammonia',
        'KI 1g',
        'dissolve A 0.05 in water 3; add A silver-nitrate-0.1M 1; = ppt yellow|pale-yellow; add A ammonia-6M 3; = ppt yellow|pale-yellow|cream|white',
      ],
      [
        'carbonate beside sulfite: both gases',
        'Na2CO3 1g, Na2SO3 1g',
        'solid A 0.5; add A hydrochloric-acid-2M 2; = sees gas evolved; limewater A; = sees limewater|precipitate|solution milky|white|cloudy',
      ],
      [
        'nitrate is not shown by a ring when nitrite was not destroyed',
        'NaNO2 1g',
        'dissolve A 0.1 in water 2; add A acetic-acid-2M 1; add A iron-ii-sulfate-fresh-0.5M 1; = liquid brown|dark-brown|red-brown',
      ],
      [
        'chlorate gives no silver chloride until it is reduced',
        'KClO3 1g',
        'dissolve A 0.1 in water 3; add A nitric-acid-2M 0.5; add A silver-nitrate-0.1M 1; = clear',
      ],
      [
        'hexacyanoferrate(II) with zinc is white',
        'K4Fe(CN)6·3H2O 1g',
        'dissolve A 0.1 in water 3; take B 1 of A; add B copper-ii-sulfate-0.1M 1; = ppt red-brown|brown|chocolate',
      ],
      [
        'hexacyanoferrate(III) with iron(II) is blue, with iron(III) only brown',
        'K3Fe(CN)6 1g',
        'dissolve A 0.1 in water 4; take B 1 of A; add B iron-ii-sulfate-fresh-0.5M 0.5; = ppt blue|deep-blue; take C 1 of A; add C iron-iii-chloride-0.1M 0.5; = no ppt; = liquid brown|green|yellow-green|red-brown|yellow|orange',
      ],
    ],
  ],
  [
    'a cation by the way',
    [
      [
        'aluminium hydroxide comes back from alkali with ammonium chloride',
        'Al3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-2M 1; = clear; add A ammonium-chloride-2M 3; = ppt white',
      ],
      [
        'zinc stays in alkali with ammonium chloride',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 1; = clear; add A ammonium-chloride-2M 3; = clear',
      ],
      [
        'cadmium hydroxide stays in alkali and goes into ammonia',
        'Cd2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 2; = ppt white; take B 1; add B ammonia-6M 2; = clear',
      ],
      [
        'cyanide keeps copper, not cadmium, from hydrogen sulfide',
        'Cu2+ 0.02 SO4^2- 0.02',
        'take A 1; add A ammonia-6M 1; add A potassium-cyanide-0.5M 2; = liquid colourless; pass A hydrogen-sulfide 2; = clear',
      ],
      [
        'and cadmium',
        'Cd2+ 0.02 SO4^2- 0.02',
        'take A 1; add A ammonia-6M 1; add A potassium-cyanide-0.5M 2; pass A hydrogen-sulfide 2; = ppt yellow|orange-yellow',
      ],
      [
        'antimony sulfide is orange and goes into strong hydrochloric acid',
        'SbCl3 1g',
        'dissolve A 0.1 in hydrochloric-acid-2M 4; take B 1 of A; add B water 2; pass B hydrogen-sulfide 3; = ppt orange|orange-red; spin B; decant B C; add B hydrochloric-acid-conc 2; warm B 3; = clear',
      ],
      [
        'arsenic sulfide stays in strong hydrochloric acid, goes into ammonium carbonate',
        'Na+ 0.05 OH- 0.05 H3AsO3 0.05',
        'take B 1; add B hydrochloric-acid-2M 1; pass B hydrogen-sulfide 3; = ppt yellow; spin B; decant B C; add B hydrochloric-acid-conc 2; = ppt yellow; spin B; decant B D; wash B water 2 x2; add B ammonium-carbonate-1M 3; warm B 2; = clear',
      ],
      [
        'bismuth iodide: dark, orange with more iodide',
        'Bi3+ 0.02 NO3- 0.36 H+ 0.3',
        'take A 1; add A potassium-iodide-0.1M 0.4; = ppt black|dark-brown|brown; add A potassium-iodide-0.1M 4; = liquid orange|yellow|orange-yellow',
      ],
      [
        'barium chromate stays in vinegar, strontium chromate does not fall in it',
        'Sr2+ 0.05 Cl- 0.1',
        'take A 1; add A acetic-acid-2M 0.5; add A potassium-chromate-0.1M 0.5; = no ppt',
      ],
      [
        'calcium and hexacyanoferrate with ammonium chloride: white',
        'Ca2+ 0.2 Cl- 0.4',
        'take A 1; add A ammonium-chloride-2M 1; add A potassium-hexacyanoferrate-ii-0.1M 1; warm A 1; = ppt white|pale-yellow|off-white',
      ],
      [
        'magnesium is kept up by ammonium salts',
        'Mg2+ 0.1 Cl- 0.2',
        'take A 1; add A ammonium-chloride-2M 2; add A ammonia-2M 1; = clear; add A ammonium-carbonate-1M 1; = clear; add A sodium-phosphate-0.3M 1; stand A 5; = ppt white',
      ],
      [
        'nickel: apple green, blue in ammonia, red with the glyoxime',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 1; = ppt green|pale-green; take B 1; add B ammonia-6M 1; = liquid blue|blue-violet|violet|pale-blue; add B dimethylglyoxime-1pc 1; = ppt red|pink|crimson',
      ],
      [
        'iron(II) with the glyoxime in ammonia is red in solution',
        'Fe2+ 0.01 SO4^2- 0.01',
        'take A 1; add A dimethylglyoxime-1pc 1; add A ammonia-2M 1; = liquid red|crimson|pink|orange-red',
      ],
      [
        'cobalt: blue with thiocyanate in the alcohol',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-thiocyanate-0.5M 2; add A amyl-alcohol 1; shake A; = sees layer blue|deep-blue',
      ],
      [
        'iron hides it until fluoride comes',
        'Co2+ 0.05 Fe3+ 0.01 Cl- 0.13',
        'take A 1; add A ammonium-thiocyanate-0.5M 2; = liquid red|blood-red|red-brown|black; add A sodium-fluoride-solid 0.3g; add A amyl-alcohol 1; shake A; = sees layer blue|deep-blue|green-blue|blue-green',
      ],
      [
        'potassium and ammonium both fall with the cobalt reagent',
        'NH4+ 0.2 Cl- 0.2',
        'take A 1; add A sodium-hexanitritocobaltate-iii 1; stand A 3; = ppt yellow',
      ],
      ['sodium does not', 'Na+ 0.2 Cl- 0.2', 'take A 1; add A sodium-hexanitritocobaltate-iii 1; stand A 3; = no ppt'],
      [
        'manganese: white hydroxide that browns',
        'Mn2+ 0.05 Cl- 0.1',
        'take A 2; add A sodium-hydroxide-2M 0.5; = ppt white|off-white|cream|buff|pale-brown|pink; add A hydrogen-peroxide-6pc 0.5; = ppt brown|dark-brown|black',
      ],
      ['lead and sodium carbonate: white', 'Pb2+ 0.05 NO3- 0.1', 'take A 1; add A sodium-carbonate-1M 0.5; = ppt white'],
      [
        'silver carbonate is pale, brown when boiled',
        'Ag+ 0.05 NO3- 0.05',
        'take A 2; add A sodium-carbonate-1M 0.3; = ppt white|pale-yellow|off-white|cream; boil A 3; = ppt brown|dark-brown|pale-brown',
      ],
      [
        'copper hydroxide goes black when boiled',
        'Cu2+ 0.05 SO4^2- 0.05',
        'take A 2; add A sodium-hydroxide-2M 1; = ppt blue|pale-blue; boil A 2; = ppt black|dark-brown',
      ],
      [
        'tin(II) with alkali: white, clear with more',
        'SnCl2·2H2O 1g',
        'dissolve A 0.1 in hydrochloric-acid-2M 4; take B 1 of A; add B sodium-hydroxide-2M 1.1; = ppt white; add B sodium-hydroxide-2M 3; = clear',
      ],
    ],
  ],
];
