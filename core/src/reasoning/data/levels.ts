/** How hard an unknown is that is drawn at random. */

/** Common salts of two ions; any form of a salt; two of them swept together; a compound with one group; with more; an acid, a base and a neutral. */
export const LEVELS = ['common-salt', 'any-salt', 'mixture', 'simple-compound', 'any-compound', 'compounds-to-part'] as const;
export type Level = (typeof LEVELS)[number];
