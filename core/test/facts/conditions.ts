/** What needs more than a tube and a burner, by the books, written down before it was run. */
import type { Facts } from './fact';

export const FACTS: Facts = [
  [
    'a gas led over',
    [
      [
        'carbon dioxide from a carbonate clouds lime water in a second tube',
        'CaCO3 2g',
        'solid A 0.3; add A hydrochloric-acid-2M 2; add B lime-water 2; lead A B; = ppt white',
      ],
      [
        'sulfur dioxide turns acid dichromate green',
        'Na2SO3 2g',
        'solid A 0.4; add A hydrochloric-acid-6M 2; add B potassium-dichromate-acid-0.05M 3d; add B water 1; lead A B; = liquid green|blue-green|dark-green|pale-green',
      ],
      [
        'chlorine from chloride, manganese dioxide and acid frees iodine',
        'NaCl 2g',
        'solid A 0.3; add A manganese-dioxide-solid 0.3g; add A sulfuric-acid-conc 1; warm A 2; add B potassium-iodide-0.1M 2; lead A B; = liquid brown|yellow|orange|red-brown|orange-red',
      ],
      [
        'ammonia from an ammonium salt and alkali colours the alkaline iodide reagent',
        'NH4Cl 2g',
        'solid A 0.2; add A sodium-hydroxide-6M 2; warm A 2; add B nessler-reagent 0.5; add B water 2; lead A B; = ppt brown|red-brown|orange|orange-red',
      ],
      [
        'hydrogen sulfide from a sulfide blackens lead acetate',
        'ZnS 2g',
        'solid A 0.3; add A hydrochloric-acid-6M 2; add B lead-acetate-0.1M 1; lead A B; = ppt black|dark-brown',
      ],
      [
        'hydrogen chloride from a chloride and concentrated acid gives white with silver',
        'NaCl 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; add B silver-nitrate-0.1M 1; lead A B; = ppt white',
      ],
    ],
  ],
  [
    'to fumes of sulfuric acid',
    [
      [
        'chloride is driven off',
        'NaCl 2g',
        'dish D; dissolve D 0.1 in water 3; add D sulfuric-acid-conc 1; evaporate D fumes; = sees gas evolved white; cool D; add D water 20; add D silver-nitrate-0.1M 0.2; = no ppt',
      ],
      [
        'nitrate is driven off, and no ring comes',
        'KNO3 2g',
        'dish D; dissolve D 0.1 in water 3; add D sulfuric-acid-conc 1; evaporate D fumes; cool D; add D water 4; take A 1 of D; add A iron-ii-sulfate-fresh-0.5M 1; layer A sulfuric-acid-conc 1; look A; = sees ring none',
      ],
      [
        'lead stays behind as sulfate',
        'Pb(NO3)2 2g',
        'dish D; dissolve D 0.1 in water 3; add D sulfuric-acid-conc 0.5; evaporate D fumes; cool D; add D water 5; = ppt white; = has PbSO4',
      ],
      [
        'phosphate stays',
        'Na2HPO4 2g',
        'dish D; dissolve D 0.05 in water 3; add D sulfuric-acid-conc 0.5; evaporate D fumes; cool D; add D water 3; take A 0.5 of D; add A ammonium-molybdate-reagent 3; warm A 5; = ppt yellow',
      ],
    ],
  ],
  [
    'ethanol',
    [
      [
        'calcium sulfate falls from a solution that water keeps clear',
        'Ca2+ 0.012 Cl- 0.024',
        'take A 1; add A ammonium-sulfate-1M 1d; stand A 2; = no ppt; add A ethanol-96pc 2; stand A 2; = ppt white',
      ],
      [
        'acetate, ethanol and sulfuric acid smell of fruit when warm',
        'NaCH3COO 2g',
        'solid A 0.3; add A ethanol-96pc 1; add A sulfuric-acid-conc 1; warm A 3; smell A; = sees smell fruity',
      ],
      [
        'sodium chloride does not smell so',
        'NaCl 2g',
        'solid A 0.3; add A ethanol-96pc 1; add A sulfuric-acid-conc 1; warm A 3; smell A; = sees no smell fruity',
      ],
      [
        'lead chloride is the less soluble with ethanol',
        'Pb2+ 0.02 NO3- 0.04',
        'take A 1; add A hydrochloric-acid-2M 1d; = no ppt; add A ethanol-96pc 2; stand A 2; = ppt white',
      ],
    ],
  ],
  [
    'age',
    [
      [
        'fresh tin(IV) hydroxide goes in dilute acid',
        'Sn4+ 0.05 Cl- 0.5 H+ 0.3',
        'take A 1; add A ammonia-2M until just-basic; = ppt white; add A hydrochloric-acid-6M 1; = no ppt',
      ],
      [
        'boiled long it does not',
        'Sn4+ 0.05 Cl- 0.5 H+ 0.3',
        'take A 1; add A ammonia-2M until just-basic; boil A 12; cool A; add A hydrochloric-acid-2M 1; = ppt white',
      ],
      [
        'nor does alkali take it up',
        'Sn4+ 0.05 Cl- 0.5 H+ 0.3',
        'take A 1; add A ammonia-2M until just-basic; boil A 12; cool A; add A sodium-hydroxide-2M 2; = ppt white',
      ],
      [
        'chromite gives the hydroxide back when it is boiled',
        'Cr3+ 0.03 NO3- 0.09',
        'take A 1; add A sodium-hydroxide-2M 1.5; = no ppt; = liquid green|dark-green; boil A 5; = ppt green|dark-green|blue-green|dirty-green',
      ],
    ],
  ],
  [
    'manganate',
    [
      [
        'a little sulfite in strong alkali turns permanganate green',
        'K+ 0.01 MnO4- 0.01',
        'take A 1; add A sodium-hydroxide-6M 3; add A sodium-sulfite-solid 0.0006g; = liquid green|dark-green|blue-green; = no ppt',
      ],
      [
        'acid brings the violet back, with brown',
        'K+ 0.01 MnO4- 0.01',
        'take A 1; add A sodium-hydroxide-6M 3; add A sodium-sulfite-solid 0.0006g; add A sulfuric-acid-1M 10; = ppt brown|dark-brown; = liquid violet|pink|red',
      ],
      [
        'in weak alkali sulfite goes to the brown at once',
        'K+ 0.01 MnO4- 0.01',
        'take A 1; add A sodium-carbonate-1M 1; add A sodium-sulfite-solid 0.01g; = ppt brown|dark-brown',
      ],
    ],
  ],
  [
    'passing colours',
    [
      [
        'silver thiosulfate is white at first and goes dark',
        'Na+ 0.1 S2O3^2- 0.05',
        'take A 1; add A silver-nitrate-0.1M 1.5; = sees precipitate formed white; stand A 10; = ppt black|dark-brown',
      ],
      [
        'tin(II) in excess makes mercury(II) chloride white and then grey',
        'Hg2+ 0.03 Cl- 0.06',
        'take A 1; add A tin-ii-chloride-0.1M 2; = sees precipitate formed white; = ppt grey|black',
      ],
    ],
  ],
  [
    "Devarda's alloy",
    [
      [
        'nitrate gives ammonia',
        'KNO3 2g',
        'dissolve A 0.1 in water 2; add A sodium-hydroxide-6M 2; add A devarda-alloy 0.3g; warm A 5; paper A red-litmus mouth; = sees paper changed blue',
      ],
      [
        'chloride does not',
        'NaCl 2g',
        'dissolve A 0.1 in water 2; add A sodium-hydroxide-6M 2; add A devarda-alloy 0.3g; warm A 5; paper A red-litmus mouth; = sees paper unchanged',
      ],
      [
        'in cold alkali the alloy gives hydrogen',
        'NaCl 2g',
        'dissolve A 0.1 in water 2; add A sodium-hydroxide-6M 2; add A devarda-alloy 0.3g; = sees gas evolved; splint A lit; = sees splint pop',
      ],
    ],
  ],
];
