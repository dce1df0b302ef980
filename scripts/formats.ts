// Writes the schema of the file of everything from the tables' own: docs/formats/bench.schema.json.
import { writeFileSync } from 'node:fs';
import { benchSchemaText } from '../web/data/file/benchSchema';

writeFileSync(new URL('../docs/formats/bench.schema.json', import.meta.url), benchSchemaText());
