import * as z from 'zod';
import { caseFileSchema } from '#core/exchange/case-file';

/** The published schema of a case file, as text. */
export const schemaText = (): string =>
  `${JSON.stringify({ title: 'A case of Foxing, version 1', ...z.toJSONSchema(caseFileSchema, { io: 'input', unrepresentable: 'any', reused: 'ref' }) }, null, 2)}\n`;
