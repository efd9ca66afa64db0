/** Request bodies built from the contract's own schemas, and the same with one thing wrong in them. */
import fc from 'fast-check';
import * as z from 'zod';

interface JsonSchema {
  readonly type?: string;
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: JsonSchema | boolean;
  readonly items?: JsonSchema;
  readonly prefixItems?: readonly JsonSchema[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly maxLength?: number;
  readonly format?: string;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly exclusiveMaximum?: number;
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly allOf?: readonly JsonSchema[];
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, JsonSchema>>;
}

const MOST_ITEMS = 4;
const MOST_LETTERS = 60;
const MOST_NUMBER = 1e6;

const numberIn = (s: JsonSchema, whole: boolean): fc.Arbitrary<number> => {
  const min = s.minimum ?? s.exclusiveMinimum ?? -MOST_NUMBER;
  const max = Math.min(s.maximum ?? s.exclusiveMaximum ?? MOST_NUMBER, Number.MAX_SAFE_INTEGER);
  if (whole) return fc.integer({ min: Math.ceil(min), max: Math.floor(max) });
  const edges = { minExcluded: s.exclusiveMinimum !== undefined, maxExcluded: s.exclusiveMaximum !== undefined };
  return fc.double({ min, max, noNaN: true, ...edges });
};

const text = (s: JsonSchema, words: fc.Arbitrary<string>): fc.Arbitrary<string> => {
  if (s.format === 'uuid') return fc.uuid();
  if (s.format === 'date-time') return fc.date({ noInvalidDate: true }).map((d) => d.toISOString());
  return words.map((w) => w.slice(0, Math.min(s.maxLength ?? MOST_LETTERS, MOST_LETTERS)));
};

/**
 * Values that a schema takes.
 * @param words for its strings: ids of things that exist among them, so that bodies are also sensible ones.
 */
export function bodiesOf(schema: z.ZodType, words: fc.Arbitrary<string>): fc.Arbitrary<unknown> {
  const whole = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as JsonSchema;
  const known = new Map<string, fc.Arbitrary<unknown>>();
  const referred = (ref: string): fc.Arbitrary<unknown> => {
    const name = ref.split('/').at(-1)!;
    const found = known.get(name);
    if (found) return found;
    const made = ref === '#' ? fc.constant(null) : of(whole.$defs![name]!);
    known.set(name, made);
    return made;
  };
  const of = (s: JsonSchema): fc.Arbitrary<unknown> => {
    if (s.$ref !== undefined) return referred(s.$ref);
    if ('const' in s) return fc.constant(s.const);
    if (s.enum) return fc.constantFrom(...s.enum);
    const either = s.anyOf ?? s.oneOf;
    if (either) return fc.oneof(...either.map(of));
    if (s.allOf) return fc.tuple(...s.allOf.map(of)).map((parts) => Object.assign({}, ...parts) as unknown);
    switch (s.type) {
      case 'object': {
        if (!s.properties)
          return fc.dictionary(words, typeof s.additionalProperties === 'object' ? of(s.additionalProperties) : words, {
            maxKeys: MOST_ITEMS,
          });
        const fields = Object.fromEntries(Object.entries(s.properties).map(([key, field]) => [key, of(field)]));
        return fc.record(fields, { requiredKeys: [...(s.required ?? [])] });
      }
      case 'array':
        if (s.prefixItems) return fc.tuple(...s.prefixItems.map(of));
        return fc.array(s.items ? of(s.items) : words, {
          minLength: s.minItems ?? 0,
          maxLength: Math.max(s.minItems ?? 0, Math.min(s.maxItems ?? MOST_ITEMS, MOST_ITEMS)),
        });
      case 'string':
        return text(s, words);
      case 'integer':
        return numberIn(s, true);
      case 'number':
        return numberIn(s, false);
      case 'boolean':
        return fc.boolean();
      case 'null':
        return fc.constant(null);
      default:
        return words;
    }
  };
  return of(whole);
}

/** A body with one of its values, however deep, put in place of another. The body given is not changed. */
export function withOneWrong(body: unknown, wrong: unknown, pick: number): unknown {
  if (typeof body !== 'object' || body === null) return wrong;
  const keys = Object.keys(body);
  const key = keys[pick % Math.max(1, keys.length)];
  if (key === undefined) return wrong;
  const changed = withOneWrong((body as Record<string, unknown>)[key], wrong, Math.floor(pick / Math.max(1, keys.length)));
  return Array.isArray(body) ? body.with(Number(key), changed) : { ...body, [key]: changed };
}
