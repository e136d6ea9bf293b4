// `npm run honest`: how often the 95 % interval holds the truth, over 20,000 simulated calibrations of each kind.
import { runTypeScript } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';

await ensurePackages();
const done = runTypeScript('scripts/honest-main.ts', process.argv.slice(2));
process.stdout.write(done.stdout);
process.stderr.write(done.stderr);
process.exitCode = done.status ?? 1;
