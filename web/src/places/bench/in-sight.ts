/** Which tube the bench shows, so that the question of what is seen speaks of the same thing as the picture. */
import type { Scene, Showing } from '#contract';

/** Scenes in which nothing of a tube in the rack takes part. */
const TUBELESS: readonly (Scene['is'] | undefined)[] = ['flame', 'bead', 'charcoal', 'hard-glass'];

/** Does what is shown stand in the place of the tube? */
export const isAlone = (showing: Showing | null): boolean => TUBELESS.includes(showing?.scene?.is);

interface Hand {
  readonly held: string | null;
  readonly showing: Showing | null;
  /** Tubes of the working of the test in hand; none where no test is, or nothing of it was done. */
  readonly tubes?: Readonly<Record<string, string>> | undefined;
}

/** The tube that is asked about: the one in sight, and of a test that was begun only a tube of its own. */
export function tubeAskedAbout({ held, showing, tubes }: Hand): string | null {
  if (held === null || showing?.tubes || isAlone(showing)) return null;
  return !tubes || Object.values(tubes).includes(held) ? held : null;
}
