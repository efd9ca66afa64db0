/** Further oxidants and reductants, and anions brought down, by books of qualitative analysis. Written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'further oxidants and reductants',
    [
      [
        'manganese dioxide and warm hydrochloric acid: chlorine',
        'NaCl 1g',
        'add A hydrochloric-acid-conc 2; add A manganese-dioxide-solid 0.2g; warm A 3; paper A blue-litmus mouth; = sees paper changed white',
      ],
      [
        'lead dioxide too',
        'NaCl 1g',
        'add A hydrochloric-acid-conc 2; add A lead-dioxide-solid 0.2g; warm A 2; = sees gas evolved',
      ],
      [
        'chlorine water frees bromine',
        'KBr 1g',
        'dissolve A 0.1 in water 3; add A chlorine-water 2; = liquid yellow|orange|red-brown|brown|orange-yellow|pale-yellow',
      ],
      [
        'bromine water frees iodine',
        'KI 1g',
        'dissolve A 0.1 in water 3; add A bromine-water 0.5; = liquid brown|red-brown|orange|yellow|dark-brown',
      ],
      [
        'iodine does not free bromine',
        'KBr 1g',
        'dissolve A 0.1 in water 3; add A iodine-solution 0.2; add A starch-0.5pc 0.3; = liquid blue|deep-blue|black|blue-black',
      ],
      ['bromine water goes with sulfite', 'Na2SO3 1g', 'dissolve A 0.3 in water 3; add A bromine-water 1; = liquid colourless'],
      [
        'bromine water and hydrogen sulfide: sulfur',
        'NaCl 1g',
        'add A water 2; add A bromine-water 1; pass A hydrogen-sulfide 2; = liquid colourless|pale-yellow|white; = cloudy',
      ],
      [
        'iron(III) and hydrogen sulfide: sulfur, pale green',
        'Fe3+ 0.1 Cl- 0.3',
        'take A 2; add A hydrochloric-acid-2M 0.3; pass A hydrogen-sulfide 5; = cloudy; = liquid colourless|pale-green|white|pale-yellow',
      ],
      [
        'iron(III) and sulfite: red, then pale',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 2; add A sodium-sulfite-solid 0.1g; add A hydrochloric-acid-2M 0.5; boil A 3; = liquid pale-green|colourless',
      ],
      [
        'iron(III) and thiosulfate: violet, then colourless',
        'Na2S2O3·5H2O 1g',
        'dissolve A 0.3 in water 3; add A iron-iii-chloride-0.1M 1; stand A 5; = liquid colourless|pale-green',
      ],
      [
        'iron(II) and peroxide in acid: yellow',
        'Fe2+ 0.05 SO4^2- 0.05',
        'take A 2; add A sulfuric-acid-1M 0.5; add A hydrogen-peroxide-6pc 0.5; = liquid yellow|pale-yellow|orange-yellow|red-brown|brown',
      ],
      [
        'iron(II) and nitric acid, boiled: yellow',
        'Fe2+ 0.1 SO4^2- 0.1',
        'take A 2; add A nitric-acid-6M 1; boil A 3; = liquid yellow|pale-yellow|orange-yellow',
      ],
      [
        'chromium(III), alkali and peroxide, boiled: yellow',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-2M 2; add A hydrogen-peroxide-6pc 1; boil A 3; = liquid yellow',
      ],
      [
        'manganese(II), alkali and bromine: brown',
        'Mn2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 1; add A bromine-water 2; = ppt brown|dark-brown|black',
      ],
      [
        'nickel hydroxide and bromine: black',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 2; add A bromine-water 3; = ppt black|dark-brown',
      ],
      [
        'cobalt hydroxide and peroxide: brown-black',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 1; add A hydrogen-peroxide-6pc 0.5; = ppt dark-brown|black|brown',
      ],
      [
        'tin(II) does not reduce chromium(III), but dichromate',
        'K2Cr2O7 1g',
        'dissolve A 0.01 in water 2; add A hydrochloric-acid-2M 1; add A tin-ii-chloride-0.1M 4; = liquid green|pale-green|blue-green|violet|pale-blue',
      ],
      [
        'tin(II) pales permanganate',
        'KMnO4 1g',
        'dissolve A 0.01 in water 3; add A hydrochloric-acid-2M 1; add A tin-ii-chloride-0.1M 4; = liquid colourless',
      ],
      [
        'permanganate and peroxide in acid: colourless, a gas',
        'KMnO4 1g',
        'dissolve A 0.01 in water 3; add A sulfuric-acid-1M 1; add A hydrogen-peroxide-6pc 1; = sees gas evolved; = liquid colourless',
      ],
      [
        'permanganate in alkali and sulfite: brown',
        'KMnO4 1g',
        'dissolve A 0.01 in water 3; add A sodium-sulfite-solid 0.1g; = ppt brown|dark-brown',
      ],
      [
        'permanganate and formate, warm: brown',
        'KMnO4 1g, HCOONa 1g',
        'dissolve A 0.1 in water 5; warm A 5; = ppt brown|dark-brown',
      ],
      [
        'peroxide and iodide in acid: brown',
        'KI 1g',
        'dissolve A 0.1 in water 3; add A sulfuric-acid-1M 1; add A hydrogen-peroxide-6pc 0.5; = liquid brown|red-brown|yellow|orange|dark-brown',
      ],
      [
        'nitrite and dichromate in acid: green',
        'NaNO2 1g',
        'dissolve A 0.3 in water 2; add A potassium-dichromate-acid-0.05M 1; add A sulfuric-acid-1M 3; = liquid green|blue-green|pale-green|blue|pale-blue',
      ],
      [
        'hydrogen sulfide and nitric acid, hot: sulfur',
        'Na2S·9H2O 1g',
        'dissolve A 0.3 in water 1; add A nitric-acid-6M 2; warm A 1; = cloudy',
      ],
      [
        'silver and ammoniacal formate, warm: grey',
        'HCOONa 1g',
        'dissolve A 0.2 in water 2; add A silver-nitrate-0.1M 1; add A ammonia-2M 3d; boil A 3; = ppt grey|black|dark-grey|silver',
      ],
    ],
  ],
  [
    'anions brought down',
    [
      [
        'barium and carbonate: white, fizzes',
        'Na2CO3 1g',
        'dissolve A 0.1 in water 3; add A barium-chloride-0.25M 1; = ppt white; add A hydrochloric-acid-2M 2; = clear',
      ],
      [
        'barium and phosphate: white, clear in acid',
        'Na2HPO4 1g',
        'dissolve A 0.1 in water 3; add A barium-chloride-0.25M 1; = ppt white; add A hydrochloric-acid-2M 1; = clear',
      ],
      [
        'barium and oxalate: white, clear in acid',
        'Na2C2O4 1g',
        'dissolve A 0.05 in water 3; add A barium-chloride-0.25M 1; = ppt white; add A hydrochloric-acid-2M 1; = clear',
      ],
      [
        'barium and fluoride: white',
        'NaF 1g',
        'dissolve A 0.1 in water 3; add A barium-chloride-0.25M 1; stand A 5; = ppt white',
      ],
      [
        'barium and thiosulfate: only from strong solutions',
        'Na2S2O3·5H2O 1g',
        'dissolve A 0.002 in water 3; add A barium-chloride-0.25M 0.2; = no ppt',
      ],
      [
        'silver and carbonate',
        'Na2CO3 1g',
        'dissolve A 0.05 in water 3; add A silver-nitrate-0.1M 1; = ppt white|pale-yellow|off-white|cream; add A nitric-acid-2M 2; = clear',
      ],
      [
        'silver and oxalate, clear in ammonia',
        'Na2C2O4 1g',
        'dissolve A 0.05 in water 3; add A silver-nitrate-0.1M 1; = ppt white; add A ammonia-6M 1; = clear',
      ],
      ['silver and sulfate: not from dilute', 'Na2SO4 1g', 'dissolve A 0.02 in water 3; add A silver-nitrate-0.1M 0.5; = no ppt'],
      ['silver and nitrite: from strong only', 'NaNO2 1g', 'dissolve A 0.01 in water 3; add A silver-nitrate-0.1M 0.3; = no ppt'],
      ['lead and chloride, hot: clear', 'NaCl 1g', 'dissolve A 0.05 in water 4; add A lead-acetate-0.1M 2; boil A 1; = clear'],
      [
        'lead and sulfide: black',
        'Na2S·9H2O 1g',
        'dissolve A 0.05 in water 3; add A lead-acetate-0.1M 0.5; = ppt black|dark-brown',
      ],
      [
        'lead and thiosulfate: white, black when boiled',
        'Na2S2O3·5H2O 1g',
        'dissolve A 0.05 in water 3; add A lead-acetate-0.1M 1; = ppt white; boil A 5; = ppt black|grey|dark-grey|brown|dark-brown',
      ],
      ['calcium and sulfite: white', 'Na2SO3 1g', 'dissolve A 0.2 in water 3; add A calcium-chloride-0.5M 1; = ppt white'],
      [
        'calcium and borate: from strong only',
        'Na2B4O7·10H2O 1g',
        'dissolve A 0.01 in water 4; add A calcium-chloride-0.5M 0.3; = no ppt',
      ],
      [
        'iron(III) and acetate, boiled: brown',
        'CH3COONa 1g',
        'dissolve A 0.3 in water 4; add A iron-iii-chloride-0.1M 1; = liquid red|red-brown|brown|orange-red; boil A 3; = ppt brown|red-brown|buff|pale-brown',
      ],
      [
        'iron(III) and carbonate: brown, a gas',
        'Na2CO3 1g',
        'dissolve A 0.2 in water 3; add A iron-iii-chloride-0.1M 2; = ppt brown|red-brown',
      ],
      [
        'molybdate and phosphate: yellow, warm',
        'Na2HPO4 1g',
        'dissolve A 0.01 in water 3; add A nitric-acid-6M 1; add A ammonium-molybdate-reagent 1; warm A 3; = ppt yellow',
      ],
      [
        'molybdate and silicate: yellow liquid only',
        'Na2SiO3 1g',
        'dissolve A 0.005 in water 3; add A nitric-acid-2M 1; add A ammonium-molybdate-reagent 1; = liquid yellow|pale-yellow|colourless; = lacks (NH4)3PMo12O40',
      ],
    ],
  ],
];
