/** Further compounds, worked as books say and written before anything was run. */
import type { Written } from './record';

export const FURTHER_COMPOUNDS: readonly Written[] = [
  {
    title: 'benzamide',
    name: 'benzamide',
    truth: ['N', 'amide'],
    entries: `
    compound-look: solid white
    ignition: soot sooty
    solubility-water: solubility insoluble
    solubility-hcl-5pc: solubility insoluble
    solubility-naoh-5pc: solubility insoluble
    nitrogen-iron: precipitate formed deep-blue
    sulfur-nitroprusside: solution colourless
    halogen-silver: precipitate none
    base-hydrolysis-ammonia: paper changed blue
    melting-point: temperature melts 127 129`,
  },
  {
    title: 'nitrobenzene',
    name: 'nitrobenzene',
    truth: ['N', 'nitro'],
    entries: `
    compound-look: solution pale-yellow
    ignition: soot sooty
    solubility-water: solubility insoluble
    solubility-hcl-5pc: solubility insoluble
    nitrogen-iron: precipitate formed deep-blue
    halogen-silver: precipitate none
    iron-ii-hydroxide-nitro: precipitate formed red-brown
    boiling-point: temperature boils 209 211`,
  },
  {
    title: 'chloroform',
    name: 'chloroform',
    truth: ['Cl'],
    entries: `
    compound-look: solution colourless
    ignition: soot clean
    solubility-water: solubility insoluble
    solubility-h2so4-conc: solubility insoluble
    copper-wire-halogen: flame green
    silver-nitrate-ethanol: precipitate none
    boiling-point: temperature boils 60 62`,
  },
  {
    title: 'diethylamine',
    name: 'diethylamine',
    truth: ['N'],
    entries: `
    compound-look: solution colourless; smell ammonia
    solubility-water: solubility soluble
    litmus: paper changed blue
    nitrogen-iron: precipitate formed deep-blue
    halogen-silver: precipitate none
    nitrous-acid: gas none
    boiling-point: temperature boils 55 57`,
  },
  {
    title: 'butanone',
    name: '2-butanone',
    truth: ['ketone'],
    entries: `
    compound-look: solution colourless
    solubility-water: solubility soluble
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    dnp: precipitate formed orange
    ammoniacal-silver: deposit none
    iodoform: precipitate formed yellow
    boiling-point: temperature boils 79 81`,
  },
  {
    title: 'thiourea',
    name: 'thiourea',
    truth: ['N', 'S'],
    entries: `
    compound-look: solid white
    solubility-water: solubility soluble
    solubility-ether: solubility insoluble
    nitrogen-iron: precipitate formed deep-blue
    sulfur-nitroprusside: solution violet
    halogen-silver: precipitate none
    melting-point: temperature melts 178 181`,
  },
];
