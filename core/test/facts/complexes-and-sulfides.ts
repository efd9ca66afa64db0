/** Complexes, sulfides and what dissolves them, by books of qualitative analysis. Written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'a complex that takes a precipitate back',
    [
      [
        'silver chloride in thiosulfate',
        'Na2S2O3·5H2O 2g',
        'dissolve A 0.5 in water 3; add B silver-nitrate-0.1M 0.5; add B sodium-chloride-solid 0.05g; add B water 1; = ppt white; spin B; decant B C; take D 2 of A; add B water 0.2; decant A B; = clear',
      ],
      [
        'nickel hydroxide in cyanide',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 0.2; = ppt green|pale-green; add A potassium-cyanide-0.5M 2; = clear; = liquid yellow|pale-yellow|orange|colourless',
      ],
      [
        'nickel: cyanide first green, then clear',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A potassium-cyanide-0.5M 0.2; = ppt green|pale-green|blue-green; add A potassium-cyanide-0.5M 1; = clear',
      ],
      [
        'cobalt: cyanide first brown, then clear',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A potassium-cyanide-0.5M 0.2; = ppt brown|red-brown|buff|pale-brown; add A potassium-cyanide-0.5M 2; = clear',
      ],
      [
        'zinc: cyanide white, then clear',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A potassium-cyanide-0.5M 0.2; = ppt white; add A potassium-cyanide-0.5M 1; = clear',
      ],
      [
        'silver: cyanide white, then clear',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A potassium-cyanide-0.5M 0.09; = ppt white; add A potassium-cyanide-0.5M 0.5; = clear',
      ],
      [
        'mercury(II): oxide yellow, iodide clear in excess',
        'Hg2+ 0.05 NO3- 0.1',
        'take A 1; add A sodium-hydroxide-2M 0.2; = ppt yellow; add A hydrochloric-acid-2M 1; = clear',
      ],
      [
        'copper: tartrate keeps it from alkali, deep blue',
        'Cu2+ 0.05 SO4^2- 0.05 C4H4O6^2- 0.2 K+ 0.4',
        'take A 1; add A sodium-hydroxide-2M 1; = clear; = liquid deep-blue|blue',
      ],
      [
        'iron(III): fluoride keeps it colourless',
        'Fe3+ 0.02 Cl- 0.06',
        'take A 1; = liquid yellow|pale-yellow; add A sodium-fluoride-solid 0.1g; = liquid colourless',
      ],
      [
        'iron(III): phosphoric salt pales it',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-phosphate-0.3M 0.3; = ppt pale-yellow|buff|off-white|white|cream|yellow',
      ],
      [
        'aluminium: fluoride keeps it from ammonia',
        'Al3+ 0.02 Cl- 0.06',
        'take A 1; add A sodium-fluoride-solid 0.2g; add A ammonia-2M 0.3; = no ppt',
      ],
      [
        'silver bromide goes into strong ammonia in part, iodide not',
        'Ag+ 0.02 NO3- 0.02',
        'take A 1; add A potassium-iodide-0.1M 0.3; = ppt yellow|pale-yellow; add A ammonia-conc 3; = ppt yellow|pale-yellow|cream|white',
      ],
      [
        'lead sulfate goes into sodium hydroxide',
        'Pb2+ 0.02 NO3- 0.04',
        'take A 1; add A sulfuric-acid-1M 0.1; = ppt white; add A sodium-hydroxide-6M 2; = clear',
      ],
      [
        'barium sulfate goes into nothing',
        'Ba2+ 0.05 Cl- 0.1',
        'take A 1; add A sulfuric-acid-1M 0.2; = ppt white; add A hydrochloric-acid-conc 2; boil A 2; = ppt white',
      ],
      [
        'antimony: tartrate keeps it in water',
        'SbCl3 1g, K2C4H4O6 2g',
        'dissolve A 0.3 in hydrochloric-acid-2M 2; add A water 8; = clear',
      ],
      [
        'bismuth chloride clouds with water, clears with acid',
        'Bi3+ 0.05 Cl- 0.65 H+ 0.5',
        'take A 0.5; add A water 10; = ppt white; add A hydrochloric-acid-conc 2; = clear',
      ],
      [
        'calcium and tartrate: crystals on standing',
        'Ca2+ 0.1 Cl- 0.2 C4H4O6^2- 0.1 K+ 0.2',
        'take A 2; stand A 60; = ppt white',
      ],
    ],
  ],
  [
    'sulfides and what dissolves them',
    [
      [
        'copper sulfide in hot dilute nitric acid',
        'Cu2+ 0.05 SO4^2- 0.05',
        'take A 1; pass A hydrogen-sulfide 2; = ppt black; spin A; decant A B; add A nitric-acid-6M 2; boil A 3; = lacks CuS',
      ],
      [
        'mercury(II) sulfide not',
        'Hg2+ 0.05 Cl- 0.1',
        'take A 1; pass A hydrogen-sulfide 3; = ppt black; spin A; decant A B; add A nitric-acid-2M 2; boil A 3; = ppt black',
      ],
      [
        'lead sulfide does',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 1; pass A hydrogen-sulfide 2; = ppt black; spin A; decant A B; add A nitric-acid-6M 2; boil A 3; = lacks PbS',
      ],
      [
        'cadmium sulfide in warm strong hydrochloric acid',
        'Cd2+ 0.05 Cl- 0.1',
        'take A 1; pass A hydrogen-sulfide 2; = ppt yellow|orange-yellow; spin A; decant A B; add A hydrochloric-acid-6M 2; boil A 2; = clear',
      ],
      [
        'bismuth sulfide is brown, stays in ammonium sulfide',
        'Bi3+ 0.05 NO3- 0.65 H+ 0.5',
        'take A 1; pass A hydrogen-sulfide 2; = ppt dark-brown|brown|black; spin A; decant A B; add A yellow-ammonium-sulfide-1M 2; warm A 2; = ppt dark-brown|brown|black',
      ],
      [
        'antimony sulfide goes into yellow ammonium sulfide and comes back orange',
        'SbCl3 1g',
        'dissolve A 0.05 in hydrochloric-acid-2M 4; take B 2 of A; pass B hydrogen-sulfide 3; spin B; decant B C; add B yellow-ammonium-sulfide-1M 2; warm B 3; = clear; add B hydrochloric-acid-2M until just-acidic; = ppt orange|orange-red|yellow|pale-yellow',
      ],
      [
        'tin(IV) sulfide is yellow',
        'SnCl4·5H2O 1g',
        'dissolve A 0.1 in hydrochloric-acid-2M 5; take B 2 of A; add B water 3; pass B hydrogen-sulfide 5; = ppt yellow|pale-yellow|orange-yellow|buff',
      ],
      [
        'manganese sulfide is pink or buff and goes into vinegar',
        'Mn2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 0.5; add A ammonium-sulfide-1M 0.5; = ppt pink|buff|cream; add A acetic-acid-2M 3; = lacks MnS',
      ],
      [
        'zinc sulfide is white and stays in vinegar',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 0.5; add A ammonium-sulfide-1M 0.3; = ppt white|off-white; add A acetic-acid-2M 2; = has ZnS',
      ],
      [
        'iron sulfide is black and goes into dilute acid',
        'Fe2+ 0.05 SO4^2- 0.05',
        'take A 1; add A ammonium-sulfide-1M 0.3; = ppt black; add A hydrochloric-acid-2M 2; = lacks FeS',
      ],
      [
        'aluminium with ammonium sulfide: the hydroxide',
        'Al3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonium-sulfide-1M 0.5; = ppt white; = has Al(OH)3',
      ],
      [
        'chromium too',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonium-sulfide-1M 0.5; = ppt green|dirty-green|grey-green|pale-green',
      ],
      [
        'no sulfide of magnesium',
        'Mg2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-chloride-2M 1; add A ammonium-sulfide-1M 0.5; = clear',
      ],
      [
        'silver sulfide is black and stays in ammonia',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; pass A hydrogen-sulfide 2; = ppt black; add A ammonia-6M 2; = ppt black',
      ],
      [
        'zinc does not fall with hydrogen sulfide in strong acid',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A hydrochloric-acid-2M 0.5; pass A hydrogen-sulfide 3; = clear',
      ],
    ],
  ],
];
