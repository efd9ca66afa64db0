/** Writes the JSON Schema of a case file and the list of operations, for whoever reads or writes them without Foxing. */
import { writeFileSync } from 'node:fs';
import { manualMarkdown } from '#core/bench/operations/manual';
import { schemaText } from './schema-text';

writeFileSync(new URL('formats/foxing-case-1.schema.json', import.meta.url), schemaText());
writeFileSync(new URL('formats/operations.md', import.meta.url), manualMarkdown());
