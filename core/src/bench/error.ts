/** What is wrong with an operation or a sample, and what to do instead. */
export class BenchError extends Error {
  /** @param plain the same for a person who does not know the sample and must not learn it. */
  constructor(
    message: string,
    readonly plain = message,
  ) {
    super(message);
  }
}
