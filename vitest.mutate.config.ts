import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The tests that hold the core, and none that need a build, a process or a browser: each mutant runs those that reach it. */
export default defineConfig({
	resolve: { alias: { $core: here('./src/core/index.ts'), $lib: here('./src/lib') } },
	test: {
		environment: 'node',
		include: [
			'src/core/**/*.test.ts',
			'tests/unit/{golden,golden-jobs,examples,diagnosis-seeded,season-properties,record-properties,safety,sun}.test.ts'
		],
		setupFiles: ['./tests/support/property-seed.ts'],
		testTimeout: 60_000
	}
});
