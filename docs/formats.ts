/** Writes the JSON Schema of a case file, for whoever reads one without Foxing. */
import { writeFileSync } from 'node:fs';
import { schemaText } from './schema-text';

writeFileSync(new URL('formats/foxing-case-1.schema.json', import.meta.url), schemaText());
