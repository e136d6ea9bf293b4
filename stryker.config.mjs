// Mutation testing of the core: `npm run mutate -- run loads` for some of its rooms, all of them without a name. Not part of `npm test`.
export default {
	testRunner: 'vitest',
	plugins: ['@stryker-mutator/vitest-runner'],
	vitest: { configFile: 'vitest.mutate.config.ts', related: false },
	coverageAnalysis: 'perTest',
	// What runs once while a file is loaded (tables, limits) is mutated one by one with all tests: too long to be run by hand.
	ignoreStatic: true,
	incremental: true,
	incrementalFile: '.mutation/incremental.json',
	tempDirName: '.mutation/work',
	reporters: ['clear-text', 'json'],
	jsonReporter: { fileName: '.mutation/report.json' },
	clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: true },
	concurrency: 2,
	timeoutMS: 20_000,
	checkers: [],
	mutator: {
		// Words are what the wording tests hold; an empty string in a code or a path is one of them.
		excludedMutations: ['StringLiteral']
	},
	ignorePatterns: ['.svelte-kit', 'build', 'docs', 'test-results', 'dist']
};
