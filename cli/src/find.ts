import { find as findNamed } from '#core/finding/find';
import { UserError } from '#launcher/errors';

/** `./foxing find WORDS`: what is meant by them, best first. */
export function find(words: readonly string[]): number {
  const typed = words.join(' ').trim();
  if (!typed) throw new UserError('find takes the words to look for, such as: ./foxing find silver mirror');
  process.stdout.write(`${JSON.stringify({ found: findNamed(typed) })}\n`);
  return 0;
}
