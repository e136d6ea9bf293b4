// The command line of Fallow's open formats. Plain JavaScript, so that it can install what is missing first.
import { ensurePackages } from './lib/packages.mjs';

await ensurePackages({ quiet: true });
const { register } = await import('tsx/esm/api');
register({ tsconfig: new URL('../tsconfig.walls.json', import.meta.url).pathname });
await import('./calc-main.ts');
