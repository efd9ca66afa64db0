import { throwawayFoxing } from '#launcher/throwaway';

/** Passphrases guard nothing here. */
export const CHEAP_HASHES = { hashCost: 8 };

/** Servers on one database with the demo in it, each crew of one thread. @param warm where much is reasoned. */
export const freshFoxing = (servers = 1, warm = false) => throwawayFoxing({ threads: 1, warm, ...CHEAP_HASHES }, servers);
