/** What is practised, a judgement at a time. */
export const SKILLS = {
  'precipitate-colour': { name: 'The colour of a precipitate', what: 'Name the colour of a solid in its liquid, against the card.' },
  'liquid-colour': { name: 'The colour of a solution', what: 'Name the colour of a clear liquid, pale ones too.' },
  'find-colour': { name: 'A colour among its neighbours', what: 'Find the tube of which a colour word is said.' },
  form: { name: 'Precipitate or coloured solution', what: 'Tell a solid from a colour, and either from nothing.' },
  dissolving: { name: 'Did it dissolve?', what: 'Wholly, in part, not at all; or was there too little reagent to say?' },
  blank: { name: 'The reagent’s own colour', what: 'Compare with the blank before saying that the sample did it.' },
  'just-basic': { name: 'Just basic, or not yet', what: 'Read the indicator paper while a solution is neutralised.' },
  gas: { name: 'Which gas?', what: 'From what papers, splints and lime water do.' },
  flame: { name: 'Which flame?', what: 'With sodium in it as often as not.' },
  'next-test': { name: 'What next?', what: 'Choose the test that proves what the last one hinted at.' },
  enough: { name: 'Is one test enough?', what: 'Tell proof from a hint.' },
  drops: { name: 'Drops and millilitres', what: 'Turn one into the other.' },
  dilution: { name: 'Dilutions', what: 'How much of the strong bottle makes the weak one.' },
  portions: { name: 'Portions of an extract', what: 'Share out a fusion extract or a solution so that it lasts.' },
} as const;
export type SkillId = keyof typeof SKILLS;
export const SKILL_IDS = Object.keys(SKILLS) as SkillId[];
