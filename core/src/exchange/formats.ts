/** Open formats for lists of compounds. */
export const LIST_FORMATS = ['smiles', 'sdf', 'csv'] as const;
export type ListFormat = (typeof LIST_FORMATS)[number];
