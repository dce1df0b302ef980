// Writes the schemas of files that are told in the code: docs/formats/bench.schema.json and album.schema.json.
import { writeFileSync } from 'node:fs';
import { benchSchemaText } from '../web/data/file/benchSchema';
import { ALBUM_FILE_SCHEMA } from '../web/features/album/albumFile';

writeFileSync(new URL('../docs/formats/bench.schema.json', import.meta.url), benchSchemaText());
writeFileSync(
  new URL('../docs/formats/album.schema.json', import.meta.url),
  `${JSON.stringify(ALBUM_FILE_SCHEMA, null, 2)}\n`,
);
