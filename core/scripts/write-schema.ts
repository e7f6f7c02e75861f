import { writeFile } from 'node:fs/promises';
import { canonicalPretty } from '../src/document/canonical';
import { designJsonSchema } from '../src/document/json-schema';

await writeFile(
  new URL('../../docs/design.schema.json', import.meta.url),
  canonicalPretty(designJsonSchema()),
);
