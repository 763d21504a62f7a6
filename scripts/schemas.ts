/** Writes the JSON Schemas of the files to where the application publishes them: `npm run schemas`. A test sees to it that they are up to date. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { fileFormatNames, fileVersion, jsonSchemaOf } from '@stoichos/core/report/exchange';

const folder = 'web/public/schemas';
mkdirSync(folder, { recursive: true });
for (const format of fileFormatNames)
  writeFileSync(
    `${folder}/${format.split('/')[1] ?? ''}-${fileVersion}.schema.json`,
    `${JSON.stringify(jsonSchemaOf(format), null, 2)}\n`,
  );
