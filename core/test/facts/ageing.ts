/** What standing and boiling make of a precipitate, by books of qualitative analysis: written down before anything was run. */
import { type Facts } from './fact';

export const FACTS: Facts = [
  [
    'what ages',
    [
      [
        'chromite falls as hydroxide when it is boiled',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-2M 0.1; = ppt green|dirty-green|grey-green; add A sodium-hydroxide-2M 1; shake A; = clear; = liquid green; boil A 10; cool A; = ppt green|dirty-green|grey-green',
      ],
      [
        'green chromium(III) chloride gives silver chloride at once, and its hydroxide',
        'CrCl3·6H2O 2g',
        'dissolve A 0.1 in water 4; = liquid green|dark-green|blue-green; take B 1 of A; add B nitric-acid-2M 3d; add B silver-nitrate-0.1M 0.5; = ppt white; take C 1 of A; add C ammonia-2M 0.5; = ppt green|dirty-green|grey-green',
      ],
      [
        'chrome alum is violet in the cold and green once it was hot',
        'KCr(SO4)2·12H2O 2g',
        'dissolve A 0.15 in water 4; = liquid violet|blue-violet; boil A 3; cool A; = liquid green|dark-green|blue-green; add A barium-chloride-0.25M 0.5; = ppt white',
      ],
      ['chromium(III) nitrate is violet', 'Cr(NO3)3·9H2O 2g', 'dissolve A 0.15 in water 4; = liquid violet|blue-violet'],
      [
        'chromium hydroxide dissolved in hot hydrochloric acid is green',
        'Cr3+ 0.1 NO3- 0.3',
        'take A 1; add A ammonia-2M 0.5; = ppt green|dirty-green|grey-green; spin A; decant A B; add A hydrochloric-acid-2M 1; boil A 2; = liquid green|dark-green|blue-green; = clear',
      ],
      [
        'aluminate stays clear',
        'Al3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-hydroxide-2M 1; shake A; = clear; boil A 10; cool A; = clear',
      ],
      [
        'zincate stays clear',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A sodium-hydroxide-2M 1; shake A; = clear; boil A 10; cool A; = clear',
      ],
      [
        'chromium hydroxide that was boiled is not taken up by cold alkali',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonia-2M 0.5; boil A 10; cool A; spin A; decant A B; add A sodium-hydroxide-2M 1; shake A; = ppt green|dirty-green|grey-green',
      ],
      [
        'chromium hydroxide from the third group, boiled a minute, goes into warm dilute hydrochloric acid',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-2M 0.5; boil A 1; spin A; decant A B; add A hydrochloric-acid-2M 1; warm A 3; = clear; = liquid green|violet|blue-green',
      ],
      [
        'ferric hydroxide from the third group does so too',
        'Fe3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-2M 0.5; boil A 1; spin A; decant A B; add A hydrochloric-acid-2M 1; warm A 3; = clear; = liquid yellow|pale-yellow',
      ],
      [
        'chromium hydroxide that was boiled is oxidised by peroxide in hot alkali all the same',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A ammonium-chloride-2M 0.5; add A ammonia-2M 0.5; boil A 2; spin A; decant A B; add A sodium-hydroxide-2M 1; add A hydrogen-peroxide-6pc 0.5; boil A 3; spin A; = liquid yellow',
      ],
      [
        'acetate and boiling do not bring down chromium',
        'Cr3+ 0.05 Cl- 0.15',
        'take A 1; add A sodium-acetate-1M 0.5; boil A 3; = clear',
      ],
      [
        'a chromium solution in dilute acid stands boiling',
        'Cr3+ 0.1 Cl- 0.3',
        'take A 2; add A hydrochloric-acid-2M 1d; boil A 5; cool A; = clear; = liquid green|violet|blue-green',
      ],
      [
        'fresh zinc sulfide goes into dilute hydrochloric acid, not into acetic acid',
        'Zn2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 0.5; pass A hydrogen-sulfide 2; spin A; decant A C; take B 1; add B ammonia-2M 0.5; pass B hydrogen-sulfide 2; spin B; decant B D; add B acetic-acid-2M 1; shake B; = ppt white; add A hydrochloric-acid-2M 1; warm A 2; = clear',
      ],
      [
        'nickel sulfide does not go into cold dilute hydrochloric acid',
        'Ni2+ 0.05 Cl- 0.1',
        'take A 1; add A ammonia-2M 0.5; pass A hydrogen-sulfide 2; spin A; decant A B; add A hydrochloric-acid-2M 0.5; shake A; = ppt black',
      ],
      [
        'tin(IV) hydroxide goes into hydrochloric acid when fresh, not after long boiling',
        'Sn4+ 0.05 Cl- 0.3 H+ 0.1',
        'take A 1; add A ammonia-2M 0.2; = ppt white; boil A 20; cool A; add A hydrochloric-acid-2M 1; shake A; = ppt white',
      ],
    ],
  ],
];
