/** The arithmetic of the bench. */
import { DROP_ML } from '../../bench/contents';
import { STRENGTHS } from '../data/drilled';
import { type Maker, oneOf } from '../drill';

const VOLUMES = [0.2, 0.25, 0.4, 0.5, 0.6, 0.75, 1, 1.2, 1.5, 2] as const;

export const drops: Maker = (random) => {
  const mL = oneOf(random, VOLUMES);
  const count = Math.round(mL / DROP_ML);
  const toDrops = random() < 0.5;
  return {
    skill: 'drops',
    key: `${mL} ${toDrops}`,
    ask: toDrops
      ? `A drop is ${DROP_ML} mL. How many drops are ${mL} mL?`
      : `A drop is ${DROP_ML} mL. How many millilitres are ${count} drops?`,
    exhibits: [],
    answering: toDrops ? { by: 'number', right: count, unit: 'drops' } : { by: 'number', right: mL, unit: 'mL' },
    why: `${count} × ${DROP_ML} mL = ${mL} mL.`,
  };
};

const BOTTLES = [25, 50, 100, 250, 500] as const;
const round = (value: number) => Number(value.toPrecision(3));

export const dilution: Maker = (random) => {
  const { of, strong, weak } = oneOf(random, STRENGTHS);
  const wanted = oneOf<number>(random, weak);
  const mL = oneOf(random, BOTTLES);
  const right = round((wanted * mL) / strong);
  return {
    skill: 'dilution',
    key: `${of} ${wanted} ${mL}`,
    ask: `How many millilitres of ${of}, ${strong} M, make ${mL} mL of ${wanted} M?`,
    exhibits: [],
    answering: { by: 'number', right, unit: 'mL' },
    why: `${wanted} × ${mL} / ${strong} = ${right} mL, into most of the water, then filled up to ${mL} mL.`,
  };
};

const EXTRACTS = [5, 6, 8, 10] as const;
const USES = [
  { of: 'nitrogen', mL: 1 },
  { of: 'sulfur with lead', mL: 0.5 },
  { of: 'sulfur with nitroprusside', mL: 0.5 },
  { of: 'the halogens', mL: 2 },
  { of: 'the halogen layer', mL: 1 },
] as const;

export const portions: Maker = (random) => {
  const extract = oneOf(random, EXTRACTS);
  const uses = USES.filter(() => random() < 0.7);
  const spent = uses.reduce((sum, u) => sum + u.mL, 0);
  if (uses.length < 2 || spent >= extract) return null;
  const left = round(extract - spent);
  return {
    skill: 'portions',
    key: `${extract} ${uses.map((u) => u.of).join()}`,
    ask: `A fusion gave ${extract} mL of extract. You use ${uses.map((u) => `${u.mL} mL for ${u.of}`).join(', ')}. How much is left?`,
    exhibits: [],
    answering: { by: 'number', right: left, unit: 'mL' },
    why: `${extract} − ${round(spent)} = ${left} mL.`,
  };
};
