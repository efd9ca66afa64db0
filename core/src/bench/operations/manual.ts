/** What the operations take, in words, for the help of the command line and the documentation of formats. */
import * as z from 'zod';
import { OPERATIONS } from './index';

interface Field {
  readonly name: string;
  /** `number`, `text`, `true or false`, or the words to choose from. */
  readonly takes: string;
  readonly isOptional: boolean;
  readonly about: string;
}

interface Entry {
  readonly op: string;
  readonly about: string;
  readonly fields: readonly Field[];
}

const KINDS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'number',
  integer: 'whole number',
  boolean: 'true or false',
};

interface FieldSchema {
  readonly type?: string;
  readonly enum?: readonly string[];
  readonly const?: string;
  readonly description?: string;
}

const takes = ({ type = 'string', enum: words, const: word }: FieldSchema): string =>
  words?.join(', ') ?? word ?? KINDS[type] ?? type;

/** Every operation with its fields, in the order of the bench's table. */
export const operationsManual = (): Entry[] =>
  Object.entries(OPERATIONS).map(([op, { schema }]) => {
    const { description = '', properties = {}, required = [] } = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });
    const fields = Object.entries(properties).flatMap(([name, of]): Field[] => {
      if (name === 'op' || typeof of === 'boolean') return [];
      const field = of as FieldSchema;
      return [{ name, takes: takes(field), isOptional: !required.includes(name), about: field.description ?? '' }];
    });
    return { op, about: description, fields };
  });

const says = ({ takes: what, isOptional, about }: Field) =>
  [what, about, isOptional ? 'optional' : ''].filter(Boolean).join('; ');

/** As plain text, a field a line. */
export const manualText = (): string =>
  operationsManual()
    .map(({ op, about, fields }) => [`${op}: ${about}`, ...fields.map((f) => `    ${f.name}: ${says(f)}`)].join('\n'))
    .join('\n');

/** As a Markdown document. */
export const manualMarkdown = (): string =>
  [
    '# Operations of a bench script',
    '',
    'Every step of a script names an operation in `op`. This page is written from the definitions in `core/src/bench/operations/`.',
    ...operationsManual().map(({ op, about, fields }) =>
      [`\n## \`${op}\`\n\n${about}\n`, ...fields.map((f) => `- \`${f.name}\`: ${says(f)}`)].join('\n'),
    ),
    '',
  ].join('\n');
