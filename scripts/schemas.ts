/** Writes the JSON Schemas of the files to where the application publishes them: `npm run schemas`. A test sees to it that they are up to date. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { publishedSchemas } from '@stoichos/core/report/exchange';

const folder = 'web/public/schemas';
mkdirSync(folder, { recursive: true });
for (const { file, schema } of publishedSchemas())
  writeFileSync(`${folder}/${file}`, `${JSON.stringify(schema, null, 2)}\n`);
