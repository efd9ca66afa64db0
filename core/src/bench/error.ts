/** What is wrong with an operation or a sample, and what to do instead. */
export class BenchError extends Error {}
