/**
 * What books of qualitative analysis and a bench say of boiled tubes, metals in acid, redox, dry tests and compounds: written down
 * before anything was run. No row is known to the engine: when one fails, a constant or a mechanism is wrong.
 */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'what is boiled',
    [
      [
        'carbonic acid is gone in two minutes',
        'Na+ 0.1 HCO3- 0.1',
        'take A 2; add A hydrochloric-acid-2M 0.2; boil A 2; cool A; = pH 1..2.6',
      ],
      ['dilute sulfuric acid grows no weaker', 'H+ 1 SO4^2- 0.5', 'take A 3; boil A 5; cool A; = pH -0.3..0.6'],
      [
        'concentrated hydrochloric acid fumes and stays strong',
        'H+ 11 Cl- 11',
        'take A 2; rod A ammonia-conc; = sees fumes white-fumes; boil A 5; cool A; = pH -5..-0.7',
      ],
      [
        'sulfurous acid leaves a boiling tube',
        'Na+ 0.2 SO3^2- 0.1',
        'take A 2; add A hydrochloric-acid-2M 0.5; boil A 5; cool A; add A potassium-permanganate-0.02M 2d; = liquid violet|pink|crimson',
      ],
      [
        'ammonia turns litmus over a warm tube and is not spent by it',
        'NH4+ 0.2 Cl- 0.2',
        'take A 2; add A sodium-hydroxide-2M 1; warm A 1; paper A red-litmus mouth; = sees paper changed blue; warm A 1; paper A red-litmus mouth; = sees paper changed blue',
      ],
      [
        'ammonia is driven out by long boiling',
        'NH4+ 0.1 Cl- 0.1',
        'take A 2; add A sodium-hydroxide-2M 1; boil A 15; cool A; stand A 20; paper A red-litmus mouth; = sees paper unchanged',
      ],
      [
        'iodine leaves a boiling solution as violet vapour',
        'K+ 0.1 I- 0.05 Cl- 0.05',
        'take A 2; add A bleach-acidified 0.3; boil A 1; = sees gas violet; boil A 6; = liquid colourless|pale-yellow',
      ],
      [
        'aluminate stays clear when boiled',
        'Al3+ 0.1 Cl- 0.3',
        'take A 1; add A sodium-hydroxide-6M 1; = no ppt; boil A 3; = no ppt',
      ],
      [
        'plumbite stays clear when boiled',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 1; add A sodium-hydroxide-6M 1; = no ppt; boil A 2; = no ppt',
      ],
      [
        'chromite falls from boiling alkali',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-6M 1; = liquid green|dark-green; boil A 5; = ppt dirty-green|green|pale-green|dark-green',
      ],
      ['lime water clouds on heating', 'Na+ 0.01 Cl- 0.01', 'add A lime-water 4; = clear; boil A 2; = cloudy'],
      [
        'copper hydroxide blackens on boiling',
        'Cu2+ 0.1 SO4^2- 0.1',
        'take A 1; add A sodium-hydroxide-2M 0.3; = ppt pale-blue|blue-green|blue; boil A 2; = ppt black|dark-brown',
      ],
      [
        'silver carbonate is pale when it falls',
        'Ag+ 0.1 NO3- 0.1',
        'take A 1; add A sodium-carbonate-1M 4d; = ppt pale-yellow|white|off-white|yellow|cream',
      ],
      [
        'lead chloride dissolves in hot water and comes back',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 2; add A hydrochloric-acid-2M 0.3; = ppt white; add A water 3; boil A 2; = no ppt; cool A; = ppt white',
      ],
      [
        'basic iron acetate falls on boiling',
        'Fe3+ 0.02 Cl- 0.06',
        'take A 2; add A sodium-acetate-1M 1; = liquid red-brown|red|brown|orange-red|crimson; = no ppt; add A water 4; boil A 5; = ppt red-brown|brown',
      ],
      [
        'hydrogencarbonate gives calcium its carbonate on boiling',
        'Na+ 0.2 HCO3- 0.2',
        'take A 2; add A calcium-chloride-0.5M 0.2; boil A 5; = ppt white',
      ],
      [
        'sulfur of thiosulfate is milky cold and is filtered off after boiling',
        'Na+ 0.2 S2O3^2- 0.1',
        'take A 2; add A hydrochloric-acid-2M 1; stand A 2; = cloudy; boil A 8; filter A B R; = B: clear',
      ],
      [
        'ammonium and nitrite boiled together leave no nitrite',
        'NH4+ 0.5 NO2- 0.5',
        'take A 3; boil A 10; = sees gas evolved; cool A; add A acetic-acid-2M 0.3; add A potassium-iodide-0.1M 2d; = liquid colourless|pale-yellow|yellow',
      ],
      [
        'nitrous acid falls apart in acetic acid when there is much of it',
        'Na+ 2 NO2- 2',
        'take A 2; add A acetic-acid-glacial 0.5; stand A 1; = sees gas brown',
      ],
      [
        'potassium chlorate comes out of a hot strong solution as it cools',
        'KClO3 4g',
        'dissolve A 0.8 in water 3; boil A 2; = no ppt; cool A; stand A 10; = ppt white',
      ],
      [
        'barium chloride is thrown out by concentrated hydrochloric acid',
        'Ba2+ 0.4 Cl- 0.8',
        'take A 1; add A hydrochloric-acid-conc 2; = ppt white; add A water 6; = no ppt',
      ],
    ],
  ],

  [
    'metals',
    [
      [
        'zinc in dilute acid fizzes, and stays in what is spent',
        'Na+ 0.1 Cl- 0.1',
        'add A hydrochloric-acid-2M 1; add A zinc-granules 0.3g; = sees gas evolved; stand A 30; = no ppt; splint A lit',
      ],
      [
        'hydrogen from zinc and acid pops',
        'Na+ 0.1 Cl- 0.1',
        'add A hydrochloric-acid-2M 4; add A zinc-granules 0.5g; stand A 1; splint A lit; = sees splint pop',
      ],
      [
        'an iron nail in acid gives a pale green liquid',
        'Na+ 0.1 Cl- 0.1',
        'add A hydrochloric-acid-6M 2; add A iron-nail 1g; stand A 60; = liquid pale-green|green; = no ppt',
      ],
      [
        'copper does nothing in dilute hydrochloric acid',
        'Na+ 0.1 Cl- 0.1',
        'add A hydrochloric-acid-2M 2; add A copper-turnings 0.2g; stand A 10; = liquid colourless; = sees no gas evolved',
      ],
      [
        'copper in concentrated nitric acid gives brown gas and blue',
        'Na+ 0.1 NO3- 0.1',
        'add A nitric-acid-conc 2; add A copper-turnings 0.2g; = sees gas brown; stand A 5; = liquid blue|blue-green|green|deep-blue',
      ],
      [
        'iron takes the blue from copper sulfate and is reddened',
        'Cu2+ 0.2 SO4^2- 0.2',
        'take A 2; add A iron-nail 2g; = liquid blue|pale-blue; stand A 60; look A; = sees deposit|precipitate red-brown|brown; = liquid pale-green|colourless|green',
      ],
      [
        'copper is silvered by silver nitrate, which turns blue',
        'Ag+ 0.2 NO3- 0.2',
        'take A 2; add A copper-turnings 0.3g; stand A 30; = liquid pale-blue|blue',
      ],
      [
        'zinc throws lead out as a grey tree',
        'Pb2+ 0.1 NO3- 0.2',
        'take A 2; add A zinc-granules 0.3g; stand A 30; look A; = sees deposit|precipitate grey|black|silver',
      ],
      [
        'copper is greyed by mercury(II)',
        'Hg2+ 0.05 Cl- 0.1',
        'take A 2; add A copper-turnings 0.2g; stand A 10; look A; = sees deposit grey|silver',
      ],
      [
        'iron throws antimony out black, and not tin',
        'Sb3+ 0.03 H+ 2 Cl- 2.09',
        'take A 2; add A iron-nail 1g; stand A 20; look A; = sees deposit|precipitate black|dark-brown|grey',
      ],
      [
        'iron reduces tin(IV) to tin(II) in acid and throws no metal out',
        'Sn4+ 0.05 H+ 2 Cl- 2.2',
        'take A 2; add A iron-nail 1g; stand A 30; = no ppt',
      ],
      [
        'magnesium in hot water fizzes gently',
        'Na+ 0.01 Cl- 0.01',
        'add A water 3; add A magnesium-ribbon 0.05g; = sees no gas evolved; boil A 5; = sees gas evolved',
      ],
      [
        'zinc dissolves in hot alkali with hydrogen',
        'Na+ 0.01 Cl- 0.01',
        'add A sodium-hydroxide-6M 2; add A zinc-granules 0.2g; boil A 3; = sees gas evolved; = no ppt',
      ],
      [
        'zinc and acid make hydrogen sulfide of sulfite',
        'Na+ 0.2 SO3^2- 0.1',
        'take A 1; add A hydrochloric-acid-6M 2; add A zinc-granules 0.5g; stand A 4; paper A lead-acetate mouth; = sees paper changed',
      ],
    ],
  ],

  [
    'redox',
    [
      [
        'tin(II) turns mercury(II) white, then grey',
        'Hg2+ 0.05 Cl- 0.1',
        'take A 1; add A tin-ii-chloride-0.1M 3d; = ppt white|off-white; add A tin-ii-chloride-0.1M 1.5; = ppt grey|black|dark-brown',
      ],
      [
        'stannite blackens bismuth hydroxide at once',
        'Bi3+ 0.05 H+ 0.8 NO3- 0.95',
        'take A 1; add A sodium-hydroxide-6M 0.5; = ppt white; add A sodium-stannite-fresh 1; = ppt black',
      ],
      [
        'permanganate is bleached by iron(II) in acid',
        'Fe2+ 0.1 SO4^2- 0.1',
        'take A 1; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 3d; = liquid colourless|pale-yellow|pale-green|yellow',
      ],
      [
        'manganese dioxide and concentrated hydrochloric acid give chlorine when warm',
        'Na+ 0.01 Cl- 0.01',
        'add A hydrochloric-acid-conc 2; add A manganese-dioxide-solid 0.2g; warm A 1; paper A starch-iodide mouth; = sees paper changed',
      ],
      [
        'iodide is not oxidised by dilute nitric acid in the cold',
        'K+ 0.1 I- 0.1',
        'take A 1; add A nitric-acid-2M 1; stand A 1; = liquid colourless|pale-yellow',
      ],
      [
        'half-strong nitric acid frees iodine in the cold, which a layer takes up violet',
        'K+ 0.1 I- 0.1',
        'take A 1; add A nitric-acid-conc 0.5; add A cyclohexane 1; shake A; = sees layer present violet|purple|pink|crimson',
      ],
      [
        'half-strong nitric acid leaves bromide as it is in the cold',
        'K+ 0.1 Br- 0.1',
        'take A 1; add A nitric-acid-conc 0.5; add A cyclohexane 1; shake A; look A; = sees layer present colourless',
      ],
      [
        'a small bromide solution in much concentrated nitric acid gives bromine',
        'K+ 0.5 Br- 0.5',
        'take A 0.2; add A nitric-acid-conc 1; add A cyclohexane 1; shake A; = sees layer present orange|yellow|brown|red-brown',
      ],
      [
        'copper(II) and iodide make a white solid in a brown liquid',
        'Cu2+ 0.1 SO4^2- 0.1',
        'take A 1; add A potassium-iodide-0.1M 3; spin A; = ppt white|off-white|buff|cream; = liquid brown|yellow|orange|red-brown',
      ],
      ['thiosulfate bleaches iodine', 'Na+ 0.2 S2O3^2- 0.1', 'take A 1; add A iodine-solution 4d; = liquid colourless'],
      [
        'dichromate is greened by sulfite in acid',
        'Na+ 0.2 SO3^2- 0.1',
        'take A 1; add A potassium-dichromate-acid-0.05M 6d; = liquid green|blue-green|dark-green|dirty-green',
      ],
      [
        'peroxide in alkali makes chromium(III) yellow',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-6M 1; add A hydrogen-peroxide-6pc 1; warm A 3; = liquid yellow',
      ],
      [
        'bismuthate makes manganese violet in nitric acid',
        'Mn2+ 0.01 SO4^2- 0.01',
        'take A 1; add A nitric-acid-6M 1; add A sodium-bismuthate-solid 0.1g; spin A; = liquid violet|pink|crimson',
      ],
      [
        'manganese hydroxide browns in air',
        'Mn2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.3; = ppt white|off-white|buff; shake A; stand A 30; = ppt brown|dark-brown|buff',
      ],
      [
        'cobalt in ammonia browns in air',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-chloride-2M 1; add A ammonia-6M 1.5; stand A 60; = liquid brown|red-brown|orange|orange-red|yellow',
      ],
      [
        'sulfur dioxide bleaches permanganate',
        'Na+ 0.2 SO3^2- 0.1',
        'take A 1; add A sulfuric-acid-1M 0.5; add A potassium-permanganate-0.02M 3d; = liquid colourless',
      ],
      [
        'sulfite with copper and thiocyanate gives white copper(I) thiocyanate',
        'Cu2+ 0.05 SO4^2- 0.05',
        'take A 1; add A sodium-sulfite-solid 0.03g; add A sulfuric-acid-1M 0.3; add A ammonium-thiocyanate-0.5M 4d; = ppt white|off-white',
      ],
      [
        'nitrite and zinc in alkali give ammonia',
        'Na+ 0.3 NO2- 0.3',
        'take A 1; add A sodium-hydroxide-6M 1; add A zinc-granules 0.3g; boil A 4; paper A red-litmus mouth; = sees paper changed blue',
      ],
      [
        'silver mirror with tartrate',
        'Na+ 0.2 C4H4O6^2- 0.1',
        'take A 1; add A silver-nitrate-0.1M 1; add A ammonia-2M 4d; warm A 5; = has Ag',
      ],
      [
        'arsenic(III) bleaches iodine in hydrogencarbonate',
        'Na+ 0.1 Cl- 0.1',
        'add A iodine-solution 0.3; add A sodium-hydrogencarbonate-solid 0.1g; = liquid brown|yellow|orange|red-brown|orange-red',
      ],
      [
        'iron(III) with hydrogen sulfide clouds and pales',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 2; add A hydrochloric-acid-2M 0.3; pass A hydrogen-sulfide 3; = ppt pale-yellow|off-white|cream|white; = cloudy',
      ],
      [
        'chlorine water frees bromine orange in cyclohexane',
        'K+ 0.1 Br- 0.1',
        'take A 1; add A chlorine-water 0.5; add A cyclohexane 1; shake A; look A; = sees layer orange|yellow|brown|red-brown|pale-yellow',
      ],
      [
        'prussian blue survives dilute acid and not alkali',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 1; add A potassium-hexacyanoferrate-ii-0.1M 4d; = ppt deep-blue|blue; add A hydrochloric-acid-2M 0.5; = ppt deep-blue|blue; add A sodium-hydroxide-6M 1.5; = ppt red-brown|brown',
      ],
    ],
  ],

  [
    'precipitates and complexes',
    [
      [
        'nickel sulfide of ammonia stays in cold dilute acid',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 1; pass A hydrogen-sulfide 2; = ppt black; add A hydrochloric-acid-2M 2; stand A 3; = ppt black',
      ],
      [
        'cobalt sulfide likewise',
        'Co2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 1; pass A hydrogen-sulfide 2; = ppt black; add A hydrochloric-acid-2M 2; stand A 3; = ppt black',
      ],
      [
        'manganese sulfide dissolves in acetic acid',
        'Mn2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 1; pass A hydrogen-sulfide 2; = ppt buff|pink|off-white; add A acetic-acid-2M 2; = no ppt',
      ],
      [
        'zinc sulfide stays in acetic acid and goes in hydrochloric',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 1; pass A hydrogen-sulfide 2; = ppt white; add A acetic-acid-2M 1.5; = ppt white|off-white; add A hydrochloric-acid-6M 1; warm A 2; = no ppt',
      ],
      [
        'silver borate dissolves in nitric acid',
        'Na+ 0.2 B4O7^2- 0.1',
        'take A 1; add A silver-nitrate-0.1M 0.5; = ppt white|off-white|cream|pale-yellow; add A nitric-acid-2M 1; = no ppt',
      ],
      [
        'silver arsenite is yellow and dissolves in ammonia',
        'As3+ 0.05 Na+ 0.15 H+ 0 OH- 0.3',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt yellow|pale-yellow|brown|dark-brown; add A ammonia-6M 1; = no ppt',
      ],
      [
        'silver arsenate is chocolate brown',
        'Na+ 0.15 AsO4^3- 0.05',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt red-brown|brown|dark-brown',
      ],
      [
        'a trace of chloride is an opalescence',
        'Na+ 0.00005 Cl- 0.00005',
        'take A 3; add A nitric-acid-2M 2d; add A silver-nitrate-0.1M 4d; = cloudy',
      ],
      [
        'no chloride, no opalescence',
        'Na+ 0.1 NO3- 0.1',
        'take A 3; add A nitric-acid-2M 2d; add A silver-nitrate-0.1M 4d; = clear',
      ],
      [
        'silver iodide does not dissolve in ammonia, silver chloride does',
        'K+ 0.1 I- 0.1',
        'take A 1; add A silver-nitrate-0.1M 1; = ppt yellow|pale-yellow; add A ammonia-6M 2; = ppt yellow|pale-yellow|off-white',
      ],
      [
        'mercury(I) chloride blackens with ammonia',
        'Hg2^2+ 0.05 NO3- 0.3 H+ 0.2',
        'take A 1; add A hydrochloric-acid-2M 0.3; = ppt white; add A ammonia-6M 1; = ppt black|grey|dark-brown',
      ],
      [
        'copper(II) in excess ammonia is deep blue',
        'Cu2+ 0.1 SO4^2- 0.1',
        'take A 1; add A ammonia-6M 1.5; = no ppt; = liquid deep-blue|blue',
      ],
      ['tartrate keeps iron(III) from ammonia', 'Fe3+ 0.05 Cl- 0.15', 'take A 1; add A ammonia-2M 1; = ppt red-brown'],
      [
        'barium sulfate does not dissolve in boiling acid',
        'Na+ 0.2 SO4^2- 0.1',
        'take A 1; add A barium-chloride-0.25M 0.5; = ppt white; add A hydrochloric-acid-6M 2; boil A 3; = ppt white',
      ],
      [
        'calcium oxalate goes in mineral acid and not in acetic',
        'Ca2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-oxalate-0.25M 0.5; = ppt white; add A acetic-acid-2M 1; = ppt white; add A hydrochloric-acid-6M 1; = no ppt',
      ],
      [
        'magnesium ammonium phosphate crystallises from ammonia',
        'Mg2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-6M 0.5; = no ppt; add A sodium-phosphate-0.3M 0.5; stand A 10; = ppt white',
      ],
      [
        'tin(IV) sulfide is yellow from acid',
        'Sn4+ 0.05 H+ 0.5 Cl- 0.7',
        'take A 1; add A water 1; pass A hydrogen-sulfide 5; = ppt yellow|pale-yellow|brown',
      ],
      [
        'tin(II) sulfide is brown from acid',
        'Sn2+ 0.05 H+ 0.4 Cl- 0.5',
        'take A 1; add A water 1; pass A hydrogen-sulfide 3; = ppt brown|dark-brown',
      ],
      [
        'antimony sulfide is orange',
        'Sb3+ 0.03 H+ 1 Cl- 1.09',
        'take A 1; add A water 1; pass A hydrogen-sulfide 3; = ppt orange|orange-red',
      ],
      [
        'a bromide colours the junction with concentrated sulfuric acid',
        'Na+ 0.3 Br- 0.3',
        'take A 1; layer A sulfuric-acid-conc 1; stand A 2; look A; = sees ring formed yellow|pale-yellow|orange|brown|red-brown',
      ],
      ['a chloride does not', 'Na+ 0.3 Cl- 0.3', 'take A 1; layer A sulfuric-acid-conc 1; stand A 2; look A; = sees ring none'],
    ],
  ],

  [
    'dry',
    [
      ['mercury(II) oxide gives oxygen', 'HgO 2g', 'heat-dry A 0.5 strong; splint A glowing; = sees splint relit'],
      ['lead dioxide gives oxygen', 'PbO2 2g', 'heat-dry A 0.5 strong; splint A glowing; = sees splint relit'],
      ['potassium chlorate gives oxygen', 'KClO3 2g', 'heat-dry A 0.5 strong; splint A glowing; = sees splint relit'],
      [
        'potassium nitrate gives oxygen and no brown gas',
        'KNO3 2g',
        'heat-dry A 0.5 strong; = sees no gas brown; splint A glowing; = sees splint relit',
      ],
      [
        'lead nitrate crackles and gives brown gas',
        'Pb(NO3)2 2g',
        'heat-dry A 0.5 strong; = sees solid decrepitated; = sees gas brown',
      ],
      ['ammonium chloride sublimes white', 'NH4Cl 2g', 'heat-dry A 0.3 strong; = sees sublimate white'],
      [
        'lead on charcoal: a grey bead and a yellow film',
        'Pb(NO3)2 2g',
        'charcoal reducing; = sees solid grey|silver; = sees sublimate yellow',
      ],
      ['zinc on charcoal: a film white when cold', 'ZnSO4·7H2O 2g', 'charcoal reducing; = sees sublimate|solid white'],
      ['copper on charcoal: red', 'CuCO3 2g', 'charcoal reducing; = sees solid red|red-brown'],
      ['aluminium with cobalt nitrate: blue', 'Al2(SO4)3·18H2O 2g', 'charcoal oxidising cobalt; = sees solid blue'],
      [
        'basic copper carbonate gives water and goes black',
        'Cu2(OH)2CO3 2g',
        'heat-dry A 0.5 strong; = sees solid black; = sees droplets formed',
      ],
      [
        'zinc carbonate is yellow hot and white cold',
        'ZnCO3 2g',
        'heat-dry A 0.5 strong; = sees solid yellow; = sees solid white',
      ],
    ],
  ],

  [
    'more bottles',
    [
      [
        'sulfamic acid takes nitrite away with nitrogen',
        'Na+ 0.1 NO2- 0.1',
        'take A 1; add A sulfamic-acid-0.5M 1; = sees gas evolved; stand A 2; add A potassium-iodide-0.1M 4d; = liquid colourless',
      ],
      [
        'aluminium fizzes in cold alkali and leaves a clear liquid',
        'Na+ 0.1 Cl- 0.1',
        'add A sodium-hydroxide-6M 2; add A aluminium-turnings 0.1g; = sees gas evolved; stand A 10; = no ppt; = liquid colourless',
      ],
      [
        'aluminium in alkali makes ammonia of nitrate',
        'K+ 0.3 NO3- 0.3',
        'take A 1; add A sodium-hydroxide-6M 1; add A aluminium-turnings 0.2g; warm A 3; paper A red-litmus mouth; = sees paper changed blue',
      ],
      [
        'cyanide keeps copper from hydrogen sulfide, and cadmium not',
        'Cu2+ 0.03 Cd2+ 0.03 SO4^2- 0.06',
        'take A 1; add A ammonia-6M 1; = liquid deep-blue|blue; add A potassium-cyanide-0.5M 1; = liquid colourless|pale-yellow; pass A hydrogen-sulfide 2; = ppt yellow',
      ],
      [
        'two powders swept together are two colours',
        'CuSO4·5H2O 1g, NaCl 1g',
        'solid A 0.5; = sees solid blue; = sees solid white',
      ],
      [
        'a pinch of colour in much white is missed',
        'CuSO4·5H2O 0.02g, NaCl 2g',
        'solid A 0.5; = sees no solid blue; = sees solid white',
      ],
    ],
  ],
];
