/**
 * What is hot, dry or oxidised: metals and nitrates, iodine, thiocyanate, residues that are ignited, dry colours, what an eye says of
 * dilute colours, removal of phosphate and oxalate. Written down before anything was run.
 */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'hot: rates and solubilities',
    [
      [
        'peroxochromate is gone when it is warmed',
        'K+ 0.05 CrO4^2- 0.025',
        'take A 1; add A sulfuric-acid-1M 1; add A hydrogen-peroxide-6pc 3d; warm A 1; = liquid green|blue-green|pale-green|dark-green|pale-blue|violet',
      ],
      [
        'oxalate is slow to bleach permanganate in the cold',
        'Na+ 0.1 C2O4^2- 0.05',
        'take A 1; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 2d; = liquid violet|pink|crimson',
      ],
      [
        'and has bleached it when it has stood warm',
        'Na+ 0.1 C2O4^2- 0.05',
        'take A 1; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 2d; warm A 2; = liquid colourless',
      ],
      [
        'silver chloride stays in boiling dilute hydrochloric acid',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A hydrochloric-acid-2M 1; boil A 2; = has AgCl; = ppt white',
      ],
      [
        'silver chloride goes into concentrated hydrochloric acid in part and comes back with water',
        'Ag+ 0.02 NO3- 0.02',
        'take A 0.3; add A hydrochloric-acid-conc 3; boil A 1; add A water 8; cool A; = ppt white',
      ],
      [
        'lead iodide dissolves at the boil and comes back golden',
        'Pb2+ 0.02 NO3- 0.04',
        'take A 1; add A potassium-iodide-0.1M 0.4; add A water 6; boil A 1; = no ppt; cool A; = ppt yellow',
      ],
      [
        'mercury(II) chloride is far more soluble hot',
        'HgCl2 2g',
        'dissolve A 0.5 in water 3; = ppt white; boil A 1; = no ppt; cool A; = ppt white',
      ],
      [
        'the starch blue goes at the boil and comes back cold',
        'K+ 0.02 I- 0.02',
        'take A 3; add A starch-0.5pc 4d; add A chlorine-water 2d; = liquid deep-blue|blue|black|violet; boil A 1; = liquid colourless|pale-yellow|yellow|pale-blue; cool A; = liquid deep-blue|blue|black|violet',
      ],
      [
        'iodine colours the vapour when it is boiled out',
        'K+ 0.1 I- 0.1',
        'take A 2; add A sulfuric-acid-1M 1; add A chlorine-water 1; boil A 1; = sees gas evolved violet',
      ],
      [
        'and is gone after some minutes',
        'K+ 0.02 I- 0.02',
        'take A 2; add A sulfuric-acid-1M 0.5; add A bleach-acidified 0.2; boil A 10; = liquid colourless|pale-yellow',
      ],
      [
        'a warm nail in acid fizzes',
        'Na+ 0.1 Cl- 0.1',
        'take A 0.1; add A hydrochloric-acid-6M 3; add A iron-nail 0.5g; warm A 3; = sees gas evolved',
      ],
      [
        'thioacetamide gives cadmium sulfide when it is boiled',
        'Cd2+ 0.05 Cl- 0.1',
        'take A 1; add A hydrochloric-acid-2M 0.2; add A thioacetamide-1M 0.5; add A water 2; boil A 5; = ppt yellow|orange',
      ],
      [
        'and does not use up the acid',
        'Na+ 0.1 Cl- 0.1',
        'take A 1; add A hydrochloric-acid-2M 0.5; add A thioacetamide-1M 0.5; add A water 1; boil A 5; = pH 0..1.2',
      ],
      [
        'zinc stays dissolved in 0.3 M acid with thioacetamide',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A hydrochloric-acid-2M 0.6; add A thioacetamide-1M 0.5; add A water 2; boil A 5; = no ppt',
      ],
    ],
  ],
  [
    'metals in nitric acid and in salts',
    [
      [
        'zinc in cold dilute nitric acid gives no hydrogen that pops',
        'Na+ 0.1 NO3- 0.1',
        'take A 0.1; add A nitric-acid-2M 3; add A zinc-granules 0.5g; stand A 2; splint A lit; = sees splint unchanged|extinguished',
      ],
      [
        'zinc in dilute hydrochloric acid does',
        'Na+ 0.1 Cl- 0.1',
        'take A 0.1; add A hydrochloric-acid-2M 3; add A zinc-granules 0.5g; stand A 2; splint A lit; = sees splint pop',
      ],
      [
        'and leaves ammonium behind',
        'Na+ 0.1 NO3- 0.1',
        'take A 0.1; add A nitric-acid-2M 2; add A zinc-granules 0.5g; stand A 20; decant A B; add B sodium-hydroxide-6M 3; boil B 2; paper B red-litmus mouth; = sees paper changed blue',
      ],
      [
        'aluminium does nothing in copper sulfate',
        'Cu2+ 0.1 SO4^2- 0.1',
        'take A 2; add A aluminium-turnings 0.2g; stand A 5; = liquid blue|pale-blue; = lacks Cu',
      ],
      [
        'until chloride is there',
        'Cu2+ 0.1 SO4^2- 0.1',
        'take A 2; add A aluminium-turnings 0.2g; add A sodium-chloride-solid 0.1g; stand A 10; = has Cu',
      ],
      [
        'aluminium is passive in concentrated nitric acid',
        'Na+ 0.1 NO3- 0.1',
        'take A 0.1; add A nitric-acid-conc 2; add A aluminium-turnings 0.2g; stand A 3; = sees no gas evolved',
      ],
      [
        'copper in concentrated nitric acid gives brown fumes',
        'Na+ 0.1 NO3- 0.1',
        'take A 0.1; add A nitric-acid-conc 2; add A copper-turnings 0.2g; stand A 3; = liquid green|blue-green|blue|dark-green|deep-blue',
      ],
      [
        'zinc in acetic acid makes nitrite of nitrate',
        'Na+ 0.2 NO3- 0.2',
        'take A 1; add A acetic-acid-2M 1; add A zinc-granules 0.3g; stand A 5; decant A B; add B griess-reagent 5d; = liquid pink|red|crimson|violet',
      ],
      [
        'magnesium gives hydrogen in ammonium chloride',
        'NH4+ 2 Cl- 2',
        'take A 3; add A magnesium-ribbon 0.2g; stand A 3; splint A lit; = sees splint pop',
      ],
      [
        'iron(II) sulfate greys silver nitrate',
        'Fe2+ 0.1 SO4^2- 0.1',
        'take A 1; add A silver-nitrate-0.1M 1; stand A 10; = has Ag',
      ],
      [
        'tin(II) blackens silver nitrate',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A sodium-stannite-fresh 1; = has Ag; = ppt black|grey|dark-brown',
      ],
      [
        'alkaline peroxide reduces silver oxide',
        'Ag+ 0.05 NO3- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.5; = ppt brown|dark-brown; add A hydrogen-peroxide-6pc 0.5; = has Ag',
      ],
      [
        'nitric acid leaves mercury sulfide and takes copper sulfide',
        'Hg2+ 0.03 Cu2+ 0.03 NO3- 0.12',
        'take A 1; add A hydrochloric-acid-2M 0.15; pass A hydrogen-sulfide 5; spin A; decant A B; wash A water 3 x3; add A nitric-acid-6M 1.5; boil A 3; = has HgS; = lacks CuS',
      ],
      [
        'aqua regia takes mercury sulfide',
        'Hg2+ 0.03 Cl- 0.06',
        'take A 1; pass A hydrogen-sulfide 5; spin A; decant A B; add A hydrochloric-acid-conc 1; add A nitric-acid-conc 0.4; boil A 3; = lacks HgS',
      ],
    ],
  ],
  [
    'oxidised and reduced',
    [
      [
        'nickel(III) oxide gives chlorine with concentrated hydrochloric acid',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 0.5; add A bromine-water 1.5; warm A 1; = ppt black|dark-brown; spin A; decant A B; add A hydrochloric-acid-conc 1; warm A 1; paper A starch-iodide mouth; = sees paper changed deep-blue|blue|black|violet',
      ],
      [
        'thiocyanate is destroyed by boiling nitric acid',
        'K+ 0.02 SCN- 0.02',
        'take A 1; add A nitric-acid-2M 2; boil A 6; add A iron-iii-chloride-0.1M 3d; = liquid pale-yellow|yellow|colourless',
      ],
      [
        'thiocyanate bleaches acid permanganate',
        'K+ 0.05 SCN- 0.05',
        'take A 1; add A sulfuric-acid-1M 1; add A potassium-permanganate-0.02M 4d; = liquid colourless|pale-yellow',
      ],
      [
        'lead goes brown with bromine in alkali',
        'Pb2+ 0.05 NO3- 0.1',
        'take A 1; add A sodium-hydroxide-2M 2; = clear; add A bromine-water 2; warm A 1; = has PbO2',
      ],
      [
        'nitrite and iodide: the liquid is brown and the starch blue',
        'Na+ 0.1 NO2- 0.1',
        'take A 1; add A potassium-iodide-0.1M 0.5; add A acetic-acid-2M 0.5; add A starch-0.5pc 4d; stand A 2; = liquid deep-blue|black|blue|dark-brown',
      ],
      [
        'peroxide, acid and iodide: brown after a minute or two',
        'K+ 0.1 I- 0.1',
        'take A 1; add A sulfuric-acid-1M 0.5; add A hydrogen-peroxide-6pc 2d; stand A 3; = liquid yellow|orange|orange-red|red-brown|brown|dark-brown',
      ],
      [
        'iron(III) and thiosulfate: violet, which fades',
        'Na+ 0.2 S2O3^2- 0.1',
        'take A 1; add A iron-iii-chloride-0.1M 4d; = liquid violet|crimson|deep-blue; stand A 5; = liquid colourless|pale-green|pale-yellow',
      ],
      [
        'cyanide warmed with polysulfide answers as thiocyanate',
        'K+ 0.1 CN- 0.1',
        'take A 1; add A yellow-ammonium-sulfide-1M 0.5; warm A 5; add A hydrochloric-acid-2M 3; boil A 5; filter A B R; cool B; add B iron-iii-chloride-0.1M 4d; = liquid red|red-brown|orange-red|crimson',
      ],
      [
        'oxalate and concentrated acid give carbon dioxide',
        'Na2C2O4 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; strong A 2; limewater A; = sees limewater cloudy|cloudy-then-clear',
      ],
      [
        'formate and concentrated acid give no carbon dioxide',
        'NaHCOO 2g',
        'solid A 0.3; add A sulfuric-acid-conc 1; warm A 1; = sees gas evolved; limewater A; = sees limewater clear',
      ],
      [
        'hexacyanoferrate(III) is reduced by alkaline peroxide',
        'K+ 0.15 Fe(CN)6^3- 0.05',
        'take A 1; add A sodium-hydroxide-2M 0.5; add A hydrogen-peroxide-6pc 0.3; boil A 2; add A sulfuric-acid-1M 2; add A iron-iii-chloride-0.1M 3d; = ppt deep-blue|blue',
      ],
      [
        'Prussian blue comes without boiling from cyanide that stood with iron(II) in alkali',
        'Na+ 0.3 CN- 0.1 OH- 0.2',
        'take A 1; add A iron-ii-sulfate-solid 0.05g; stand A 10; add A sulfuric-acid-1M 2; add A iron-iii-chloride-0.1M 2d; = ppt deep-blue|blue|blue-green',
      ],
      [
        'Devarda and boiling alkali: nitrate gives ammonia',
        'KNO3 1g',
        'dissolve A 0.1 in water 1; add A sodium-hydroxide-6M 2; add A devarda-alloy 0.2g; boil A 1; paper A red-litmus mouth; = sees paper changed blue',
      ],
    ],
  ],
  [
    'residues: dried, ignited, destroyed',
    [
      [
        'ammonium goes off when a residue is ignited',
        'NH4+ 0.1 Mg2+ 0.02 Cl- 0.14',
        'dish D; take D 2; evaporate D dry; ignite D; add D acetic-acid-2M 1; add D sodium-hexanitritocobaltate-iii 0.5; stand D 10; = lacks (NH4)2NaCo(NO2)6',
      ],
      [
        'potassium stays',
        'NH4+ 0.1 K+ 0.05 Cl- 0.15',
        'dish D; take D 2; evaporate D dry; ignite D; add D acetic-acid-2M 1; add D sodium-hexanitritocobaltate-iii 0.5; stand D 10; = has K2NaCo(NO2)6',
      ],
      [
        'oxalate is gone after evaporation with concentrated nitric acid',
        'Ca2+ 0.02 C2O4^2- 0.02 H+ 0.5 Cl- 0.5',
        'dish D; take D 2; add D nitric-acid-conc 2; evaporate D dry; add D hydrochloric-acid-2M 1; add D ammonia-6M 1; = no ppt',
      ],
      [
        'oxalate is gone after ignition',
        'Ba2+ 0.03 C2O4^2- 0.03 H+ 0.5 Cl- 0.5',
        'dish D; take D 2; evaporate D dry; ignite D; add D hydrochloric-acid-2M 2; add D ammonia-6M 1; = no ppt',
      ],
      [
        'tartrate no longer holds iron after evaporation with nitric acid',
        'Fe3+ 0.03 C4H4O6^2- 0.06 Na+ 0.03',
        'dish D; take D 2; add D nitric-acid-conc 2; evaporate D dry; add D hydrochloric-acid-2M 2; add D ammonia-6M 2; = ppt red-brown|brown',
      ],
      [
        'tartrate holds aluminium from ammonia',
        'Al3+ 0.03 C4H4O6^2- 0.06 Cl- 0.09 Na+ 0.12',
        'take A 1; add A ammonia-2M 1; = no ppt',
      ],
      [
        'tartrate holds chromium from ammonia',
        'Cr3+ 0.02 C4H4O6^2- 0.06 Cl- 0.06 Na+ 0.12',
        'take A 1; add A ammonia-2M 1; = no ppt',
      ],
      ['tin(IV) stays dissolved in cold 0.3 M acid', 'Sn4+ 0.02 Cl- 0.38 H+ 0.3', 'take A 2; stand A 10; = no ppt'],
      [
        'iron takes phosphate out of boiling acetate',
        'Ca2+ 0.05 PO4^3- 0.03 NO3- 0.11 H+ 0.1',
        'take A 2; add A ammonia-2M 2d; add A sodium-acetate-1M 1; add A iron-iii-chloride-0.1M 1.2; boil A 4; spin A; decant A B; add B ammonium-chloride-2M 0.5; add B ammonia-2M 0.8; = lacks Ca3(PO4)2',
      ],
      [
        'and barium then waits for the carbonate',
        'Ba2+ 0.05 PO4^3- 0.03 NO3- 0.11 H+ 0.1',
        'take A 2; add A ammonia-2M 2d; add A sodium-acetate-1M 1; add A iron-iii-chloride-0.1M 1.2; boil A 4; spin A; decant A B; add B ammonium-chloride-2M 0.5; add B ammonia-2M 0.8; spin B; decant B C; add C ammonium-carbonate-1M 0.8; = has BaCO3',
      ],
    ],
  ],
  [
    'dry',
    [
      ['copper chloride loses its water and is brown', 'CuCl2·2H2O 1g', 'heat-dry T 0.3; = sees solid cold brown'],
      ['copper sulfate loses its water and is white', 'CuSO4·5H2O 1g', 'heat-dry T 0.3; = sees solid cold white|off-white'],
      ['potassium chromate is red when hot', 'K2CrO4 1g', 'heat-dry T 0.3 strong; = sees solid hot red|orange-red'],
      ['lead chromate is brown when hot', 'PbCrO4 1g', 'heat-dry T 0.3; = sees solid hot brown|red-brown'],
      [
        'zinc oxide is yellow when hot, white when cold',
        'ZnO 1g',
        'heat-dry T 0.3 strong; = sees solid hot yellow|pale-yellow; = sees solid cold white',
      ],
      ['red lead gives oxygen', 'Pb3O4 1g', 'heat-dry T 0.5 strong; splint T glowing; = sees splint relit'],
      [
        'red lead with nitric acid: brown dioxide, and lead in the liquid',
        'Pb3O4 1g',
        'solid A 0.2; add A nitric-acid-2M 3; warm A 1; = ppt dark-brown|brown; spin A; decant A B; add B potassium-iodide-0.1M 0.3; = ppt yellow',
      ],
      ['sodium hydrogensulfate loses water', 'NaHSO4 1g', 'heat-dry T 0.3 strong; = sees droplets formed'],
      ['boric acid loses water and melts to a glass', 'H3BO3 1g', 'heat-dry T 0.3 strong; = sees droplets formed'],
      [
        'sodium hydrogencarbonate gives water and carbon dioxide',
        'NaHCO3 1g',
        'heat-dry T 0.3 strong; = sees droplets formed; limewater T; = sees limewater cloudy|cloudy-then-clear',
      ],
      ['sodium oxalate keeps a carbonate', 'Na2C2O4 1g', 'heat-dry T 0.3 strong; limewater T; = sees limewater clear'],
      [
        'basic copper carbonate with ammonium sulfate goes black and gives ammonia',
        'Cu2(OH)2CO3 1g, (NH4)2SO4 1g',
        'heat-dry T 0.3 strong; = sees solid cold black|dark-brown; paper T red-litmus mouth; = sees paper changed blue',
      ],
      [
        'iron(II) sulfate reddens litmus by its sulfur dioxide',
        'FeSO4·7H2O 1g',
        'heat-dry T 0.4 strong; paper T blue-litmus mouth; = sees paper changed red',
      ],
      ['ammonium dichromate burns to a green powder', '(NH4)2Cr2O7 1g', 'heat-dry T 0.3; = sees solid cold green|dark-green'],
      [
        'diammonium phosphate gives ammonia and water',
        '(NH4)2HPO4 1g',
        'heat-dry T 0.3 strong; = sees droplets formed; paper T red-litmus mouth; = sees paper changed blue',
      ],
      [
        'boric acid, alcohol and concentrated acid burn green beside sodium',
        'Na2B4O7·10H2O 1g',
        'solid A 0.2; add A sulfuric-acid-conc 0.5; add A ethanol-96pc 0.5; flame A; = sees flame green',
      ],
    ],
  ],
  [
    'what an eye says',
    [
      ['copper sulfate at 0.1 M', 'Cu2+ 0.1 SO4^2- 0.1', 'take A 2; = liquid blue|pale-blue'],
      ['copper sulfate at 5 mM is still just blue', 'Cu2+ 0.006 SO4^2- 0.006', 'take A 2; = liquid pale-blue'],
      ['copper at 0.2 mM is not seen', 'Cu2+ 0.0002 SO4^2- 0.0002', 'take A 2; = liquid colourless'],
      ['the ammine at 1 mM', 'Cu2+ 0.01 SO4^2- 0.01', 'take A 0.3; add A ammonia-6M 1; add A water 1.7; = liquid pale-blue|blue'],
      ['nickel at 0.1 M', 'Ni2+ 0.1 SO4^2- 0.1', 'take A 2; = liquid green|pale-green'],
      [
        'the nickel ammine is blue to violet',
        'Ni2+ 0.1 SO4^2- 0.1',
        'take A 1; add A ammonia-6M 2; = liquid blue|violet|pale-blue|deep-blue',
      ],
      ['cobalt at 0.02 M', 'Co2+ 0.02 NO3- 0.04', 'take A 2; = liquid pink'],
      ['cobalt at 0.2 M', 'Co2+ 0.2 NO3- 0.4', 'take A 2; = liquid pink|red|crimson'],
      ['iron(II) at 0.2 M', 'Fe2+ 0.2 SO4^2- 0.25 H+ 0.1', 'take A 2; = liquid pale-green'],
      ['iron(II) at 0.01 M', 'Fe2+ 0.01 SO4^2- 0.06 H+ 0.1', 'take A 2; = liquid colourless'],
      ['iron(III) chloride at 0.1 M', 'Fe3+ 0.1 Cl- 0.3', 'take A 2; = liquid yellow|orange'],
      ['manganese at 0.1 M', 'Mn2+ 0.1 SO4^2- 0.1', 'take A 2; = liquid colourless|pink'],
      ['chromium sulfate at 0.05 M', 'Cr3+ 0.05 NO3- 0.15', 'take A 2; = liquid violet|blue|deep-blue|pale-blue'],
      ['chromate at 1 mM', 'K+ 0.002 CrO4^2- 0.001', 'take A 2; = liquid pale-yellow|yellow'],
      ['dichromate at 0.1 M', 'K+ 0.2 Cr2O7^2- 0.1', 'take A 2; = liquid orange|orange-red'],
      ['permanganate at 0.1 mM', 'K+ 0.0001 MnO4- 0.0001', 'take A 2; = liquid pink'],
      ['permanganate at 5 mM', 'K+ 0.005 MnO4- 0.005', 'take A 2; = liquid violet'],
      ['hexacyanoferrate(III) at 0.05 M', 'K+ 0.15 Fe(CN)6^3- 0.05', 'take A 2; = liquid yellow'],
      [
        'cadmium sulfide with three per cent of copper sulfide is dirty, not grey',
        'Cd2+ 0.1 Cu2+ 0.003 Cl- 0.206',
        'take A 1; add A water 2; pass A hydrogen-sulfide 5; = ppt yellow|brown|dirty-green|buff|orange',
      ],
    ],
  ],
];
