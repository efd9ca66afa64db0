/** More compounds, worked as a book says and written before anything was run. */
import type { Written } from './record';

export const HARDER_COMPOUNDS: readonly Written[] = [
  {
    title: 'aniline',
    name: 'aniline',
    truth: ['N', 'amine-primary-aryl'],
    entries: `
    compound-look: solution brown
    ignition: soot sooty
    solubility-water: solubility partly-soluble
    solubility-hcl-5pc: solubility soluble
    nitrogen-iron: precipitate formed deep-blue
    halogen-silver: precipitate none
    azo-coupling: precipitate formed orange-red
    boiling-point: temperature boils 183 185`,
  },
  {
    title: 'phenol',
    name: 'phenol',
    truth: ['phenol'],
    entries: `
    compound-look: solid pink
    solubility-water: solubility soluble
    solubility-naoh-5pc: solubility soluble
    solubility-nahco3-5pc: gas none
    iron-iii-chloride: solution violet
    bromine-addition: precipitate formed white
    nitrogen-iron: precipitate none
    melting-point: temperature melts 40 42`,
  },
  {
    title: 'glucose',
    name: 'glucose',
    truth: ['carbohydrate'],
    entries: `
    compound-look: solid white
    ignition: solid charred; soot clean
    solubility-water: solubility soluble
    solubility-ether: solubility insoluble
    alpha-naphthol-acid: ring formed violet
    ammoniacal-silver: deposit formed silver
    copper-tartrate: precipitate formed red
    nitrogen-iron: precipitate none`,
  },
  {
    title: 'acetone',
    name: 'acetone',
    truth: ['ketone'],
    entries: `
    compound-look: solution colourless; smell fruity
    solubility-water: solubility soluble
    solubility-ether: solubility soluble
    dnp: precipitate formed yellow
    ammoniacal-silver: deposit none
    iodoform: precipitate formed yellow
    nitrogen-iron: precipitate none
    boiling-point: temperature boils 55 57`,
  },
  {
    title: 'urea',
    name: 'urea',
    truth: ['N'],
    entries: `
    compound-look: solid white
    solubility-water: solubility soluble
    solubility-ether: solubility insoluble
    nitrogen-iron: precipitate formed blue
    sulfur-lead: precipitate none
    base-hydrolysis-ammonia: paper red-litmus changed blue; smell ammonia
    nitrous-acid: gas evolved colourless
    melting-point: temperature melts 131 133`,
  },
  {
    title: 'ethyl acetate',
    name: 'ethyl acetate',
    truth: ['ester'],
    entries: `
    compound-look: solution colourless; smell fruity
    litmus: paper unchanged
    hydroxamate: solution red
    dnp: precipitate none
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    boiling-point: temperature boils 76 78`,
  },
  {
    title: 'cyclohexene',
    name: 'cyclohexene',
    truth: ['alkene'],
    entries: `
    compound-look: solution colourless
    solubility-water: solubility insoluble
    solubility-h2so4-conc: solubility soluble
    bromine-addition: solution colourless
    permanganate: precipitate formed brown
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    boiling-point: temperature boils 82 84`,
  },
  {
    title: 'chlorobenzene',
    name: 'chlorobenzene',
    truth: ['Cl'],
    entries: `
    compound-look: solution colourless
    ignition: soot sooty
    copper-wire-halogen: flame green
    solubility-water: solubility insoluble
    solubility-h2so4-conc: solubility insoluble
    nitrogen-iron: precipitate none
    halogen-silver: precipitate formed white
    halogen-ammonia: precipitate dissolved
    silver-nitrate-ethanol: precipitate none
    boiling-point: temperature boils 131 133`,
  },
  {
    title: '2-naphthol',
    name: '2-naphthol',
    truth: ['phenol'],
    entries: `
    compound-look: solid off-white
    ignition: soot sooty
    solubility-water: solubility insoluble
    solubility-naoh-5pc: solubility soluble
    solubility-nahco3-5pc: solubility insoluble
    iron-iii-chloride: solution green
    nitrogen-iron: precipitate none
    melting-point: temperature melts 122 123`,
  },
  {
    title: '3-nitroaniline',
    name: '3-nitroaniline',
    truth: ['N', 'amine-primary-aryl', 'nitro'],
    entries: `
    compound-look: solid yellow
    solubility-hcl-5pc: solubility soluble
    nitrogen-iron: precipitate formed blue
    iron-ii-hydroxide-nitro: precipitate formed red-brown
    azo-coupling: precipitate formed red
    halogen-silver: precipitate none
    melting-point: temperature melts 113 114`,
  },
  {
    title: 'sulfanilic acid',
    name: 'sulfanilic acid',
    truth: ['N', 'S'],
    entries: `
    compound-look: solid grey
    solubility-ether: solubility insoluble
    solubility-nahco3-5pc: solubility soluble; gas evolved
    nitrogen-with-sulfur: solution red
    sulfur-lead: precipitate formed black
    azo-coupling: precipitate formed orange-red
    melting-point: temperature decomposes 288`,
  },
  {
    title: 'adipic acid',
    name: 'adipic acid',
    truth: ['carboxylic-acid'],
    entries: `
    compound-look: solid white
    litmus: paper blue-litmus changed red
    solubility-nahco3-5pc: gas evolved; solubility soluble
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    permanganate: solution violet
    melting-point: temperature melts 151 153
    neutralisation-equivalent: measurement neutralisation-equivalent 74`,
  },
];
