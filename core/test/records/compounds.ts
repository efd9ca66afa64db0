/** Compounds, worked as a book says. */
import type { Written } from './record';

export const COMPOUNDS: readonly Written[] = [
  {
    title: 'acetanilide',
    name: 'acetanilide',
    truth: ['N', 'amide'],
    entries: `
    compound-look: solid white
    solubility-water: solubility insoluble
    solubility-hcl-5pc: solubility insoluble
    solubility-naoh-5pc: solubility insoluble
    ignition: soot sooty
    nitrogen-iron: precipitate formed blue
    halogen-silver: precipitate none
    sulfur-nitroprusside: solution yellow
    melting-point: temperature melts 113 114`,
  },
  {
    title: 'benzaldehyde',
    name: 'benzaldehyde',
    truth: ['aldehyde'],
    entries: `
    compound-look: solution colourless; smell bitter-almond-do-not-smell
    ignition: soot sooty
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    sulfur-lead: precipitate none
    dnp: precipitate formed orange
    ammoniacal-silver: deposit formed silver
    iodoform: precipitate none
    boiling-point: temperature boils 177 179`,
  },
  {
    title: 'ethanol',
    name: 'ethanol',
    truth: ['alcohol-primary'],
    entries: `
    compound-look: solution colourless
    solubility-water: solubility soluble
    ignition: soot clean pale-blue
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    cerium-nitrate: solution red
    iodoform: precipitate formed yellow
    zinc-chloride-hcl: solution clear
    boiling-point: temperature boils 77 79`,
  },
  {
    title: '4-bromoaniline',
    name: '4-bromoaniline',
    truth: ['N', 'Br', 'amine-primary-aryl', 'aryl-halide'],
    entries: `
    compound-look: solid white
    copper-wire-halogen: flame green
    nitrogen-iron: precipitate formed deep-blue
    halogen-silver: precipitate formed pale-yellow
    halogen-layer: layer present orange
    solubility-hcl-5pc: solubility soluble
    azo-coupling: precipitate formed red
    melting-point: temperature melts 64 66`,
  },
  {
    title: 'salicylic acid',
    name: 'salicylic acid',
    truth: ['carboxylic-acid', 'phenol'],
    entries: `
    compound-look: solid white
    solubility-water: solubility insoluble
    solubility-nahco3-5pc: solubility soluble; gas evolved
    nitrogen-iron: precipitate none
    halogen-silver: precipitate none
    iron-iii-chloride: solution violet
    melting-point: temperature melts 157 159`,
  },
];
