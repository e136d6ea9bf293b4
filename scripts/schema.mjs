// `npm run schema`: JSON Schemas of the open formats, from the Zod schemas that read them.
import { ensurePackages } from './lib/packages.mjs';

await ensurePackages();
const { register } = await import('tsx/esm/api');
register({ tsconfig: new URL('../tsconfig.walls.json', import.meta.url).pathname });
await import('./schema-main.ts');
