/** Mutation testing of the core, started a room at a time by `npm run mutate`. */
export default {
	testRunner: 'vitest',
	plugins: ['@stryker-mutator/vitest-runner'],
	// Without projects: the runner takes one set of tests.
	vitest: { configFile: 'vitest.mutate.config.ts', related: false },
	coverageAnalysis: 'perTest',
	concurrency: 2,
	// A change in a table that is made once needs every test anew, half a minute each; those are left out and not counted.
	ignoreStatic: true,
	incremental: true,
	reporters: ['json'],
	jsonReporter: { fileName: `reports/mutation/${process.env.FALLOW_MUTATE_ROOM ?? 'core'}.json` },
	tempDirName: '.mutate',
	// Its copy needs the types that the build generates, which it would leave out.
	ignorePatterns: ['!.svelte-kit', 'build', 'docs', 'test-results', 'reports', '.data'],
	allowConsoleColors: false
};
