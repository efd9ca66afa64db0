/** Questions on which laboratories differ; the first option is the default. */
export interface Question {
  readonly id: string;
  readonly ask: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly why: string;
}

export const QUESTIONS: readonly Question[] = [
  { id: 'cation-scheme', ask: 'Scheme for cations', why: 'Many places may not use hydrogen sulfide; the two others are complete.',
    options: [{ id: 'no-sulfide', name: 'Without sulfide' }, { id: 'six-group', name: 'Six groups' }, { id: 'semi-micro', name: 'Semi-micro, five groups' }] },
  { id: 'sulfide-source', ask: 'Sulfide from', why: 'Thioacetamide gives it slowly, in the tube, and less of it escapes.',
    options: [{ id: 'thioacetamide', name: 'thioacetamide, warmed' }, { id: 'gas', name: 'hydrogen sulfide gas' }, { id: 'ammonium-sulfide', name: 'ammonium sulfide' }] },
  { id: 'barium-acid', ask: 'Acid before barium', why: 'Nitric acid makes sulfite look like sulfate; take it when silver, lead or mercury(I) may be there.',
    options: [{ id: 'hydrochloric', name: 'hydrochloric' }, { id: 'nitric', name: 'nitric' }] },
  { id: 'layer-solvent', ask: 'Solvent of the layer test', why: 'Cyclohexane is the least harmful. Carbon disulfide and carbon tetrachloride are restricted: one catches fire on a hot plate, the other ruins the liver.',
    options: [{ id: 'cyclohexane', name: 'cyclohexane (upper)' }, { id: 'dichloromethane', name: 'dichloromethane (lower)' }, { id: 'carbon-disulfide', name: 'carbon disulfide (lower)' }, { id: 'carbon-tetrachloride', name: 'carbon tetrachloride (lower)' }] },
  { id: 'layer-oxidant', ask: 'Oxidant of the layer test', why: 'Chlorine water drop by drop; nitric acid finds only iodine, and any excess bleaches it.',
    options: [{ id: 'chlorine-water', name: 'chlorine water' }, { id: 'bleach-acidified', name: 'acidified bleach' }, { id: 'permanganate', name: 'permanganate with acid' }, { id: 'nitric-acid', name: 'concentrated nitric acid' }] },
  { id: 'iron-ii-sulfate', ask: 'Iron(II) sulfate', why: 'A solution goes over to iron(III) on standing; the solid does not.',
    options: [{ id: 'solid', name: 'solid' }, { id: 'fresh', name: 'fresh solution' }] },
  { id: 'zinc-hints', ask: '“Yellow while hot” for zinc, litmus for acid salts', why: 'Other oxides yellow in the heat too.',
    options: [{ id: 'hint', name: 'a hint' }, { id: 'proof', name: 'proof' }] },
  { id: 'nitrogen-acid', ask: 'Acidifying the nitrogen test', why: 'Chloride makes iron(III) yellow, and yellow over blue reads as green.',
    options: [{ id: 'sulfuric', name: 'dilute sulfuric' }, { id: 'hydrochloric', name: 'dilute hydrochloric' }, { id: 'concentrated', name: 'concentrated acid' }] },
  { id: 'nitrogen-iron-iii', ask: 'Iron(III) chloride in the nitrogen test', why: 'Boiling in air makes enough.',
    options: [{ id: 'weak', name: 'only when the colour is weak' }, { id: 'always', name: 'always' }] },
  { id: 'after-positive', ask: 'After a positive element', why: 'Elements occur together.',
    options: [{ id: 'all', name: 'test all the same' }, { id: 'stop', name: 'stop' }] },
  { id: 'boil-before-silver', ask: 'Boiling before silver nitrate', why: 'Cyanide and sulfide pose as halides.',
    options: [{ id: 'always', name: 'always, in the hood' }, { id: 'if-found', name: 'only with nitrogen or sulfur' }] },
  { id: 'sodium-order', ask: 'Sodium fusion', why: 'A melted globule shows that the sodium is clean and dry.',
    options: [{ id: 'melt-first', name: 'melt, then add' }, { id: 'cover', name: 'cover, then heat' }] },
];
