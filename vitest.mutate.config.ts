import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The tests of the core alone, without projects: what `npm run mutate` runs for each small change. */
export default defineConfig({
	resolve: { alias: { $core: here('./src/core/index.ts'), $lib: here('./src/lib') } },
	test: {
		environment: 'node',
		include: [
			'src/core/**/*.test.ts',
			// Those of the other tests that promise something of the core, and are short enough to be run by the thousand.
			'tests/unit/{golden,golden-jobs,working,examples,only-what-was-read,diagnosis-seeded,safety,sun,season-properties,record-of-a-job}.test.ts'
		],
		setupFiles: ['./tests/support/property-seed.ts'],
		testTimeout: 120_000
	}
});
