/** Something that the person at the keyboard can put right; the message is one clear line. */
export class UserError extends Error {
  override readonly name = 'UserError';

  constructor(
    message: string,
    readonly exitCode = 2,
  ) {
    super(message);
  }
}

/** Also of one that was thrown in a bundle, which has a class of its own. */
export const isUserError = (error: unknown): error is UserError => error instanceof Error && error.name === 'UserError';
