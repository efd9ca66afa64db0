/**
 * What an operation of the bench is. Each stands in a file of its own beside this one: its fields, how it is said, what it uses, from
 * where it fills a vessel, and how it differs on another bench. What it does to matter stands in `../bench.ts`, apart from here,
 * since the interface reads the definitions and never loads the simulator.
 */
import type * as z from 'zod';
import type { Channel, Observation } from '../../vocabulary/observation';

/** What it takes beside bottles, glass, water and a burner, and a house may keep from a class. */
export interface Apparatus {
  readonly id: string;
  readonly name: string;
}

/** A way in which a channel is looked at in an operation. */
export interface Look {
  readonly channel: Channel;
  readonly words: Partial<Observation>;
}

export interface Operation<O extends { readonly op: string }> {
  readonly schema: z.ZodType<O> & { readonly shape: Readonly<Record<string, z.ZodType>> };
  /** Fields that name the vessels that it works on. */
  readonly places: readonly string[];
  /** Field of the vessel in which its effect is seen; absent where it is seen beside the vessels. */
  readonly seenIn?: string;
  /** It moves a portion or cleans it, and shows nothing new. */
  readonly isHandling?: true;
  /** Field of the vessel that it fills with something fresh. */
  readonly fills?: string;
  /**
   * A short imperative sentence for a person at the bench.
   * @param tube what a vessel is called there, or what is in it.
   */
  say(op: O, tube: (id: string) => string): string;
  /** Ids of the bottles that it opens. */
  reagents?(op: O): readonly string[];
  apparatus?(op: O): Apparatus;
  /** What stood before in a vessel that it fills: a vessel, or `sample`. */
  origin?(op: O, vessel: string): string | undefined;
  /** Grams of the sample that it spends. */
  grams?(op: O): number;
  /** The same where amounts and patience differ by these factors. */
  varied?(op: O, factors: { readonly amounts: number; readonly time: number }): O;
  /** Minutes for which a person waits and may do something else. */
  wait?(op: O): number;
  looks?(op: O): readonly Look[];
}

/** Checks a definition against its own schema; returns it as it is. */
export const operation = <S extends z.ZodObject<{ op: z.ZodLiteral<string> }>>(
  schema: S,
  rest: Omit<Operation<z.infer<S>>, 'schema' | 'places' | 'seenIn' | 'fills'> & {
    readonly places?: readonly (keyof z.infer<S> & string)[];
    readonly seenIn?: keyof z.infer<S> & string;
    readonly fills?: keyof z.infer<S> & string;
  },
) => ({ places: [], ...rest, schema });
