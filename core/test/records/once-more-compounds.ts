/** Compounds once more, written before anything was run. */
import type { Written } from './record';

export const ONCE_MORE_COMPOUNDS: readonly Written[] = [
  {
    title: 'benzyl alcohol',
    name: 'benzyl alcohol',
    truth: ['alcohol-primary'],
    entries: `
    compound-look: solution colourless
    ignition: soot sooty
    solution-water: solubility partly-soluble
    nitrogen-iron: precipitate none
    sulfur-lead: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate none
    iron-iii-chloride: solution unchanged
    cerium-nitrate: solution red
    chromic-acid: precipitate formed green
    zinc-chloride-hcl: solution cloudy
    iodoform: precipitate none
    boiling-point: temperature boils 204 206`,
  },
  {
    title: 'cinnamic acid',
    name: 'cinnamic acid',
    truth: ['carboxylic-acid', 'alkene'],
    entries: `
    compound-look: solid white
    ignition: soot sooty
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    litmus: paper changed red
    bromine-addition: solution colourless
    permanganate: precipitate formed brown
    dnp: precipitate none
    esterification-smell: smell fruity
    melting-point: temperature melts 132 134`,
  },
  {
    title: '1-bromobutane',
    name: '1-bromobutane',
    truth: ['Br'],
    entries: `
    compound-look: solution colourless
    copper-wire-halogen: flame green
    nitrogen-iron: precipitate none
    sulfur-lead: precipitate none
    halogen-silver: precipitate formed cream
    halogen-ammonia: precipitate partly-dissolved
    halogen-layer: layer orange
    silver-nitrate-ethanol: precipitate formed pale-yellow
    sodium-iodide-acetone: precipitate formed white
    bromine-addition: solution unchanged
    boiling-point: temperature boils 100 102`,
  },
  {
    title: 'p-toluidine',
    name: 'p-toluidine',
    truth: ['N', 'amine-primary-aryl'],
    entries: `
    compound-look: solid off-white
    ignition: soot sooty
    nitrogen-iron: precipitate formed blue
    sulfur-nitroprusside: solution unchanged
    halogen-silver: precipitate none
    nitrous-acid: solution yellow
    azo-coupling: precipitate formed red
    carbylamine: smell pungent
    sulfonyl-chloride: precipitate none
    melting-point: temperature melts 43 45`,
  },
  {
    title: 'acetophenone',
    name: 'acetophenone',
    truth: ['ketone'],
    entries: `
    compound-look: solution colourless; smell fruity
    ignition: soot sooty
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate formed orange
    ammoniacal-silver: deposit none
    copper-tartrate: precipitate none
    iodoform: precipitate formed yellow
    hydrogensulfite: precipitate none
    boiling-point: temperature boils 200 202`,
  },
  {
    title: 'glycine',
    name: 'glycine',
    truth: ['N', 'carboxylic-acid'],
    entries: `
    compound-look: solid white
    nitrogen-iron: precipitate formed blue
    sulfur-lead: precipitate none
    halogen-silver: precipitate none
    litmus: paper unchanged
    ninhydrin: solution violet
    nitrous-acid: gas evolved colourless
    biuret: solution deep-blue
    melting-point: temperature decomposes 233`,
  },
  {
    title: 'oxalic acid',
    name: 'oxalic acid dihydrate',
    truth: ['carboxylic-acid'],
    entries: `
    compound-look: solid white
    ignition: soot clean
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    litmus: paper changed red
    permanganate: solution colourless
    dnp: precipitate none
    neutralisation-equivalent: measurement neutralisation-equivalent 63
    melting-point: temperature melts 100 102`,
  },
  {
    title: 'naphthalene',
    name: 'naphthalene',
    truth: [],
    entries: `
    compound-look: solid white
    ignition: soot sooty yellow
    solution-water: solubility insoluble
    nitrogen-iron: precipitate none
    sulfur-lead: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate none
    bromine-addition: solution unchanged
    iron-iii-chloride: solution unchanged
    picrate: temperature melts 149 150
    melting-point: temperature melts 79 80`,
  },
];
