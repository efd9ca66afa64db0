/** Metals put into solutions, oxidants and reductants, by books of qualitative analysis. Written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'a metal in a solution',
    [
      [
        'copper takes silver out of its nitrate',
        'Ag+ 0.1 NO3- 0.1',
        'take A 3; add A copper-turnings 0.3g; stand A 60; = has Ag; = liquid blue|pale-blue',
      ],
      [
        'copper takes mercury out of its chloride',
        'Hg2+ 0.05 Cl- 0.1',
        'take A 3; add A copper-turnings 0.3g; stand A 30; = has Hg',
      ],
      [
        'copper stays in cold dilute hydrochloric acid',
        'NaCl 1g',
        'add A hydrochloric-acid-2M 3; add A copper-turnings 0.3g; = sees no gas evolved; stand A 10; = liquid colourless',
      ],
      [
        'copper dissolves in warm nitric acid, blue',
        'NaCl 1g',
        'add A nitric-acid-6M 4; add A copper-turnings 0.05g; warm A 10; = liquid blue|blue-green|green|pale-blue',
      ],
      ['iron plates copper and goes into solution', 'Cu2+ 0.1 SO4^2- 0.1', 'take A 3; add A iron-nail 2g; stand A 120; = has Cu'],
      [
        'aluminium in alkali gives hydrogen',
        'NaCl 1g',
        'add A sodium-hydroxide-2M 3; add A aluminium-turnings 0.1g; warm A 2; = sees gas evolved',
      ],
      [
        'aluminium in alkali makes ammonia of nitrate',
        'KNO3 1g',
        'dissolve A 0.2 in water 2; add A sodium-hydroxide-6M 2; add A aluminium-turnings 0.2g; warm A 10; paper A red-litmus mouth; = sees paper changed blue',
      ],
      ['magnesium does not fizz in cold water', 'NaCl 1g', 'add A water 3; add A magnesium-ribbon 0.05g; = sees no gas evolved'],
      ['magnesium takes copper out', 'Cu2+ 0.1 SO4^2- 0.1', 'take A 2; add A magnesium-ribbon 0.1g; stand A 10; = has Cu'],
      ['zinc takes lead out as grey crystals', 'Pb2+ 0.1 NO3- 0.2', 'take A 2; add A zinc-granules 0.5g; stand A 60; = has Pb'],
      ['zinc takes cadmium out', 'Cd2+ 0.1 SO4^2- 0.1', 'take A 2; add A zinc-granules 0.5g; stand A 60; = has Cd'],
      ['zinc does not take magnesium out', 'Mg2+ 0.1 SO4^2- 0.1', 'take A 2; add A zinc-granules 0.5g; stand A 60; = lacks Mg'],
      [
        'iron takes antimony out of its acid solution as black flakes',
        'SbCl3 2g',
        'dissolve A 0.2 in hydrochloric-acid-6M 4; add A iron-nail 2g; stand A 60; = has Sb',
      ],
      [
        'iron reduces iron(III)',
        'Fe3+ 0.1 Cl- 0.3',
        'take A 2; add A hydrochloric-acid-2M 0.5; add A iron-nail 2g; stand A 600; = liquid pale-green|green|colourless',
      ],
    ],
  ],
  [
    'an oxidant and a reductant',
    [
      [
        'acid permanganate and oxalate, warm',
        'Na2C2O4 2g',
        'dissolve A 0.1 in water 3; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 4d; warm A 3; = liquid colourless',
      ],
      [
        'acid permanganate and nitrite',
        'NaNO2 2g',
        'dissolve A 0.1 in water 3; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 4d; = liquid colourless|pale-blue|pale-green',
      ],
      [
        'acid permanganate and hydrogen sulfide: sulfur',
        'NaCl 1g',
        'add A water 3; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 10d; pass A hydrogen-sulfide 2; = cloudy; = liquid colourless|white|pale-yellow',
      ],
      [
        'manganese(II) and permanganate give the brown oxide',
        'Mn2+ 0.05 SO4^2- 0.05',
        'take A 2; add A potassium-permanganate-0.02M 1; = ppt brown|dark-brown',
      ],
      [
        'iodide and acid permanganate: iodine',
        'KI 1g',
        'dissolve A 0.1 in water 3; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 4d; = liquid brown|yellow|orange|red-brown',
      ],
      [
        'iron(III) frees iodine, violet in cyclohexane',
        'KI 1g',
        'dissolve A 0.05 in water 3; add A iron-iii-chloride-0.1M 1; = liquid brown|red-brown|yellow|orange; add A cyclohexane 1; shake A; = sees layer violet|pale-violet|pink',
      ],
      [
        'iron(III) does not free bromine',
        'KBr 1g',
        'dissolve A 0.1 in water 3; add A iron-iii-chloride-0.1M 0.5; add A cyclohexane 1; shake A; = sees no layer orange|yellow|red-brown|brown|pale-yellow',
      ],
      [
        'copper(II) and iodide',
        'KI 1g',
        'dissolve A 0.1 in water 3; add A copper-ii-sulfate-0.1M 1; = ppt white|cream|off-white|buff|brown|pale-brown; = liquid brown|yellow|red-brown|orange',
      ],
      ['iodine goes with thiosulfate', 'Na2S2O3 1g', 'dissolve A 0.2 in water 3; add A iodine-solution 0.5; = liquid colourless'],
      ['iodine goes with sulfite', 'Na2SO3 1g', 'dissolve A 0.2 in water 3; add A iodine-solution 0.5; = liquid colourless'],
      [
        'iodine goes with arsenite in hydrogencarbonate',
        'Na+ 0.2 OH- 0.2 H3AsO3 0.2',
        'take A 1; add A water 2; add A sodium-hydrogencarbonate-solid 0.2g; add A iodine-solution 0.5; = liquid colourless',
      ],
      [
        'arsenate frees iodine in strong acid',
        'Na3AsO4·12H2O 1g',
        'dissolve A 0.2 in water 2; add A hydrochloric-acid-6M 2; add A potassium-iodide-0.1M 1; = liquid yellow|brown|orange|red-brown',
      ],
      [
        'tin(II) and mercury(II): white, then grey with more',
        'Hg2+ 0.02 Cl- 0.04',
        'take A 2; add A tin-ii-chloride-0.1M 3d; = ppt white; add A tin-ii-chloride-0.1M 2; = ppt grey|dark-grey|black',
      ],
      [
        'stannite blackens bismuth hydroxide',
        'Bi3+ 0.05 NO3- 0.65 H+ 0.5',
        'take A 1; add A ammonia-6M 1; spin A; decant A B; add A sodium-stannite-fresh 1; = ppt black',
      ],
      [
        'dichromate and sulfite in acid: green',
        'K2Cr2O7 1g',
        'dissolve A 0.1 in water 3; add A sulfuric-acid-1M 3; add A sodium-sulfite-solid 0.3g; = liquid green|blue-green|dark-green',
      ],
      [
        'dichromate and iron(II) in acid: green',
        'K2Cr2O7 1g',
        'dissolve A 0.02 in water 3; add A sulfuric-acid-1M 2; add A iron-ii-sulfate-fresh-0.5M 2; = liquid green|blue-green|pale-green|yellow-green',
      ],
      [
        'dichromate and ethanol, warm and acid: green',
        'K2Cr2O7 1g',
        'dissolve A 0.05 in water 2; add A sulfuric-acid-1M 2; add A ethanol-96pc 1; warm A 10; = liquid green|blue-green|dark-green',
      ],
      [
        'chromate goes orange with acid and back with alkali',
        'K2CrO4 1g',
        'dissolve A 0.1 in water 3; = liquid yellow; add A sulfuric-acid-1M 1; = liquid orange|orange-red; add A sodium-hydroxide-2M 3; = liquid yellow',
      ],
      [
        'peroxide and acid dichromate: blue in the alcohol',
        'K2Cr2O7 1g',
        'dissolve A 0.01 in water 3; add A sulfuric-acid-1M 1; add A amyl-alcohol 1; add A hydrogen-peroxide-6pc 0.5; shake A; = sees layer blue|deep-blue',
      ],
      [
        'nitrite and iodide in vinegar: iodine',
        'NaNO2 1g',
        'dissolve A 0.1 in water 3; add A acetic-acid-2M 1; add A potassium-iodide-0.1M 1; = liquid brown|yellow|orange|red-brown',
      ],
      [
        'nitrate and iodide in vinegar: nothing',
        'KNO3 1g',
        'dissolve A 0.1 in water 3; add A acetic-acid-2M 1; add A potassium-iodide-0.1M 1; = liquid colourless',
      ],
      [
        'nitrite and sulfamic acid: a gas',
        'NaNO2 1g',
        'dissolve A 0.2 in water 2; add A sulfamic-acid-0.5M 3; = sees gas evolved',
      ],
      [
        'peroxide bleaches lead sulfide to sulfate',
        'Pb2+ 0.02 NO3- 0.04',
        'take A 2; pass A hydrogen-sulfide 2; = ppt black; boil A 3; add A hydrogen-peroxide-6pc 3; warm A 20; = ppt white|grey|off-white',
      ],
      [
        'manganese(II) and bismuthate: violet',
        'Mn2+ 0.005 SO4^2- 0.005',
        'take A 2; add A nitric-acid-6M 1; add A sodium-bismuthate-solid 0.1g; spin A; = liquid violet|purple|pink|red-violet',
      ],
      [
        'cobalt(II) in ammonia browns with peroxide',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-6M 1; add A hydrogen-peroxide-6pc 0.5; = liquid brown|red-brown|orange-red|red|orange|dark-brown|pink',
      ],
    ],
  ],
];
