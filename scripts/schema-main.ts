import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { schemaFiles } from '../src/lib/files/json-schema';

const folder = fileURLToPath(new URL('../docs/schema/', import.meta.url));
mkdirSync(folder, { recursive: true });
for (const [name, text] of Object.entries(schemaFiles())) writeFileSync(folder + name, text);
