/** The sodium fusion and the elements, as a student does them well and badly; gases at the mouth; all as books have it. */
import { type Fact, type Facts } from './fact';

/** Nitrogen: fresh iron(II), boiled, acidified, a little iron(III). */
const NITROGEN =
  'take A 1 of extract; add A iron-ii-sulfate-solid 0.1g; boil A 2; cool A; add A sulfuric-acid-1M 2.5; add A iron-iii-chloride-0.1M 2d';
/** Halogen: acidified with nitric acid, boiled, silver nitrate. */
const HALOGEN = 'take B 1 of extract; add B nitric-acid-6M 0.7; boil B 5; cool B; add B silver-nitrate-0.1M 5d';
const SULFUR = 'take C 0.5 of extract; add C acetic-acid-2M 2; add C lead-acetate-0.1M 4d';
const VIOLET = 'take D 0.5 of extract; add D sodium-nitroprusside-1pc 3d';
const fusing = (title: string, smiles: string, script: string): Fact => [
  title,
  `smiles:${smiles}`,
  `fuse 60 15; = sees extract good; ${script}`,
];

export const FACTS: Facts = [
  [
    'the elements of a compound that was fused well',
    [
      fusing(
        'aniline: nitrogen, no halogen, no sulfur',
        'Nc1ccccc1',
        `${NITROGEN}; = ppt blue|deep-blue; ${HALOGEN}; = no ppt; ${SULFUR}; = no ppt`,
      ),
      fusing('acetanilide: nitrogen', 'CC(=O)Nc1ccccc1', `${NITROGEN}; = ppt blue|deep-blue`),
      fusing('4-nitrotoluene: nitrogen', 'Cc1ccc(cc1)[N+](=O)[O-]', `${NITROGEN}; = ppt blue|deep-blue`),
      fusing('benzonitrile: nitrogen', 'N#Cc1ccccc1', `${NITROGEN}; = ppt blue|deep-blue`),
      fusing('benzoic acid: none of them', 'OC(=O)c1ccccc1', `${NITROGEN}; = no ppt; ${HALOGEN}; = no ppt; ${SULFUR}; = no ppt`),
      fusing(
        'naphthalene: none of them',
        'c1ccc2ccccc2c1',
        `${HALOGEN}; = no ppt; ${SULFUR}; = no ppt; ${VIOLET}; = liquid colourless|pale-yellow|yellow|pink|orange`,
      ),
      fusing('chlorobenzene: white, soluble in ammonia', 'Clc1ccccc1', `${HALOGEN}; = ppt white; add B ammonia-6M 2.5; = no ppt`),
      fusing(
        'bromobenzene: cream, hardly soluble in dilute ammonia',
        'Brc1ccccc1',
        `${HALOGEN}; = ppt cream|pale-yellow|off-white; add B ammonia-2M 3; = ppt cream|pale-yellow|off-white`,
      ),
      fusing(
        'iodobenzene: yellow, insoluble in ammonia',
        'Ic1ccccc1',
        `${HALOGEN}; = ppt yellow|pale-yellow; add B ammonia-6M 3; = ppt yellow|pale-yellow|off-white`,
      ),
      fusing(
        'thiophenol: black with lead, violet with nitroprusside',
        'Sc1ccccc1',
        `${SULFUR}; = ppt black|dark-brown; ${VIOLET}; = liquid violet|crimson`,
      ),
      fusing('dibenzyl sulfide: sulfur', 'C(SCc1ccccc1)c1ccccc1', `${SULFUR}; = ppt black|dark-brown|brown`),
      fusing(
        'toluenesulfonamide: nitrogen and sulfur',
        'Cc1ccc(cc1)S(N)(=O)=O',
        `${SULFUR}; = ppt black|dark-brown; ${NITROGEN}; = ppt blue|deep-blue|green|blue-green|dark-green`,
      ),
      fusing(
        '4-chloroaniline: nitrogen, and white silver chloride after the cyanide is boiled out',
        'Nc1ccc(Cl)cc1',
        `${NITROGEN}; = ppt blue|deep-blue; ${HALOGEN}; = ppt white|off-white`,
      ),
      fusing('4-bromoaniline: nitrogen and cream', 'Nc1ccc(Br)cc1', `${HALOGEN}; = ppt cream|pale-yellow|off-white`),
      fusing(
        'bromide by chlorine water: orange layer',
        'Brc1ccc(cc1)C(O)=O',
        'take E 1 of extract; add E sulfuric-acid-1M 1; add E bleach-acidified 0.5; add E cyclohexane 1; shake E; look E; = sees layer orange|yellow|pale-yellow|red-brown|brown',
      ),
      fusing(
        'iodide by chlorine water: violet layer',
        'Ic1ccc(cc1)C(O)=O',
        'take E 1 of extract; add E sulfuric-acid-1M 1; add E bleach-acidified 0.1; add E cyclohexane 1; shake E; look E; = sees layer violet|pink|crimson',
      ),
      fusing('fluorobenzene shows silver nothing', 'Fc1ccccc1', `${HALOGEN}; = no ppt`),
    ],
  ],

  [
    'what goes wrong with a fusion',
    [
      ['too little sodium leaves a dark extract', 'smiles:CC(=O)Nc1ccccc1', 'fuse 8 40; = sees extract repeat-fusion'],
      [
        'cyanide that was not boiled out falls with silver as a halide would',
        'smiles:Nc1ccccc1',
        'fuse 60 15; take B 1 of extract; add B nitric-acid-6M 0.6; add B silver-nitrate-0.1M 6d; = ppt white|off-white',
      ],
      [
        'sulfide that was not boiled out is black with silver',
        'smiles:Sc1ccccc1',
        'fuse 60 15; take B 1 of extract; add B nitric-acid-2M 0.3; add B silver-nitrate-0.1M 6d; = ppt black|dark-brown',
      ],
      [
        'without acid silver is brown in any extract',
        'smiles:OC(=O)c1ccccc1',
        'fuse 60 15; take B 1 of extract; add B silver-nitrate-0.1M 6d; = ppt brown|dark-brown|black|grey',
      ],
      [
        'hydrochloric acid brings a chloride of its own',
        'smiles:OC(=O)c1ccccc1',
        'fuse 60 15; take B 1 of extract; add B hydrochloric-acid-2M 1; add B silver-nitrate-0.1M 4d; = ppt white',
      ],
      [
        'without boiling with iron there is little blue, with it much',
        'smiles:NC(N)=O',
        `fuse 60 15; ${NITROGEN}; = ppt blue|deep-blue`,
      ],
    ],
  ],

  [
    'gases at the mouth',
    [
      [
        'carbon dioxide puts a splint out and clouds lime water',
        'CaCO3 3g',
        'solid A 0.5; add A hydrochloric-acid-6M 3; splint A lit; = sees splint extinguished; limewater A; = sees limewater cloudy|cloudy-then-clear',
      ],
      [
        'ammonia is blue on red litmus and white with hydrochloric acid',
        'NH4Cl 3g',
        'solid A 0.3; add A sodium-hydroxide-6M 1; warm A 1; paper A red-litmus mouth; = sees paper changed blue; rod A hydrochloric-acid-conc; = sees fumes white-fumes; smell A; = sees smell ammonia',
      ],
      [
        'hydrogen sulfide blackens lead paper and does not bleach',
        'FeS 3g',
        'solid A 0.3; add A hydrochloric-acid-6M 2; warm A 1; paper A lead-acetate mouth; = sees paper changed black|dark-brown|brown',
      ],
      [
        'sulfur dioxide greens dichromate paper',
        'Na2SO3 3g',
        'solid A 0.3; add A hydrochloric-acid-6M 1; warm A 1; paper A dichromate mouth; = sees paper changed green|blue-green|dark-green',
      ],
      [
        'chlorine bleaches litmus and blues starch iodide',
        'NaCl 3g',
        'solid A 0.3; add A manganese-dioxide-solid 0.2g; add A sulfuric-acid-conc 0.7; warm A 1; paper A starch-iodide mouth; = sees paper changed',
      ],
      ['nitrogen dioxide is brown', 'Cu(NO3)2·3H2O 3g', 'heat-dry A 0.5 strong; = sees gas brown'],
      [
        'hydrogen chloride fumes with ammonia',
        'NH4Cl 3g',
        'solid A 0.3; add A sulfuric-acid-conc 0.7; warm A 1; rod A ammonia-conc; = sees fumes white-fumes',
      ],
      [
        'bromine is red-brown',
        'KBr 3g',
        'solid A 0.3; add A manganese-dioxide-solid 0.2g; add A sulfuric-acid-conc 0.7; warm A 1; = sees gas red-brown|brown|orange',
      ],
      [
        'acetic acid smells of vinegar',
        'CH3COONa 3g',
        'solid A 0.3; add A sulfuric-acid-1M 1; warm A 1; smell A; = sees smell vinegar',
      ],
      [
        'nothing comes from a sulfate and dilute acid',
        'Na2SO4 3g',
        'solid A 0.3; add A hydrochloric-acid-2M 2; = sees no gas evolved; smell A; = sees smell none',
      ],
    ],
  ],
];
