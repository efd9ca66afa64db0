import type { ReasoningView } from '#contract';

/** The reasoning when it is not held back. */
export type Reasoned = Extract<ReasoningView, { waiting: null }>;
