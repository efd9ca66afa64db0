/** Something that the person at the keyboard can put right; the message is one clear line. */
export class UserError extends Error {
  constructor(
    message: string,
    readonly exitCode = 2,
  ) {
    super(message);
  }
}
