/** How hard an unknown is that is drawn at random. */

/** Common salts of two ions; any form of a salt; two of them swept together; a compound with one group; with more. */
export const LEVELS = ['common-salt', 'any-salt', 'mixture', 'simple-compound', 'any-compound'] as const;
export type Level = (typeof LEVELS)[number];
