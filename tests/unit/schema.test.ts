import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { schemaFiles } from '../../src/lib/files/json-schema';

it('the JSON Schemas in docs are those of the schemas that read the files (else: npm run schema)', () => {
	for (const [name, text] of Object.entries(schemaFiles()))
		expect(readFileSync(new URL(`../../docs/schema/${name}`, import.meta.url), 'utf8'), name).toBe(text);
});
