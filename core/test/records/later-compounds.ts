/** Compounds later than all others, written before anything was run; two that were level with rarer ones led to a prior by what is given out. */
import type { Written } from './record';

export const LATER_COMPOUNDS: readonly Written[] = [
  {
    title: 'cyclohexanone',
    name: 'cyclohexanone',
    truth: ['ketone'],
    entries: `
    compound-look: solution colourless
    ignition: soot yellow
    solubility-water: solubility partly-soluble
    nitrogen-iron: precipitate none
    sulfur-lead: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate formed orange
    ammoniacal-silver: deposit none
    iodoform: precipitate none
    hydrogensulfite: precipitate formed white
    boiling-point: temperature boils 154 156
    semicarbazone: temperature melts 165 167`,
  },
  {
    title: '4-chloroaniline',
    name: '4-chloroaniline',
    truth: ['N', 'Cl', 'amine-primary-aryl'],
    entries: `
    compound-look: solid off-white
    copper-wire-halogen: flame green
    nitrogen-iron: precipitate formed deep-blue
    sulfur-lead: precipitate none
    halogen-silver: precipitate formed white
    halogen-ammonia: precipitate dissolved
    solubility-water: solubility insoluble
    solubility-hcl-5pc: solubility soluble
    azo-coupling: precipitate formed orange-red
    carbylamine: smell pungent
    silver-nitrate-ethanol: precipitate none
    melting-point: temperature melts 69 71`,
  },
  {
    title: 'hydroquinone',
    name: 'hydroquinone',
    truth: ['phenol'],
    entries: `
    compound-look: solid white
    ignition: soot sooty
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    sulfur-lead: precipitate none
    solubility-water: solubility soluble
    solubility-nahco3-5pc: solubility insoluble
    solubility-naoh-5pc: solubility soluble
    ammoniacal-silver: deposit formed silver
    melting-point: temperature melts 170 172`,
  },
  {
    title: 'ethyl benzoate',
    name: 'ethyl benzoate',
    truth: ['ester'],
    entries: `
    compound-look: solution colourless; smell fruity
    ignition: soot sooty
    solubility-water: solubility insoluble
    nitrogen-iron: precipitate none
    sulfur-lead: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate none
    hydroxamate: solution violet
    permanganate: solution unchanged
    boiling-point: temperature boils 211 213`,
  },
  {
    title: 'acetamide',
    name: 'acetamide',
    truth: ['N', 'amide'],
    entries: `
    compound-look: solid white
    solubility-water: solubility soluble
    litmus: paper unchanged
    nitrogen-iron: precipitate formed deep-blue
    sulfur-lead: precipitate none
    halogen-silver: precipitate none
    base-hydrolysis-ammonia: paper changed blue; smell ammonia
    melting-point: temperature melts 80 82`,
  },
  {
    title: 'lactose',
    name: 'lactose',
    truth: ['carbohydrate'],
    entries: `
    compound-look: solid white
    ignition: solid charred
    solubility-water: solubility soluble
    solubility-ether: solubility insoluble
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    alpha-naphthol-acid: ring formed violet
    copper-tartrate: precipitate formed red-brown
    copper-acetate-acid: precipitate none
    osazone: precipitate formed yellow`,
  },
  {
    title: 'm-dinitrobenzene',
    name: '1,3-dinitrobenzene',
    truth: ['N', 'nitro'],
    entries: `
    compound-look: solid pale-yellow
    ignition: soot sooty
    nitrogen-iron: precipitate formed blue
    halogen-silver: precipitate none
    sulfur-lead: precipitate none
    solubility-hcl-5pc: solubility insoluble
    solubility-naoh-5pc: solubility insoluble
    iron-ii-hydroxide-nitro: precipitate formed red-brown
    melting-point: temperature melts 89 90`,
  },
];
