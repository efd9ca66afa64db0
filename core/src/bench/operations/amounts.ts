/** Grams of sample that go onto a wire, into a bead or onto charcoal. */
export const PINCH_GRAMS = 0.01;
