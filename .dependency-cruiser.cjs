// The walls of the house. `npm run walls` (and `npm test`) prints the chain that breaks one.
const rule = (name, comment, from, to) => ({ name, comment, severity: 'error', from, to });

/** The floors of src/lib, lowest first: what stands on a floor may rest on those below it. */
const floors = [
	['wire', 'language'],
	['settings'],
	['wording', 'ground'],
	['forms'],
	['show', 'files', 'workers'],
	['drawings', 'entries'],
	['kit'],
	['device'],
	['frame']
];
/** What people do; on top of all floors, and beside each other. */
const rooms = ['calibration', 'job', 'field', 'product', 'sprayer', 'record', 'today', 'farm'];
const within = (names) => `^src/lib/(${names.join('|')})/`;
const noArrowUp = floors.map((names, i) =>
	rule(
		`no-arrow-up-from-${names[0]}`,
		'A floor rests on those below it, never on one above.',
		{ path: within(names), pathNot: '\\.test\\.ts$' },
		{ path: within([...floors.slice(i + 1).flat(), ...rooms]) }
	)
);
const roomsApart = rooms.map((name) =>
	rule(
		`${name}-stands-alone`,
		'What two rooms share stands on a floor below them.',
		{ path: within([name]), pathNot: '\\.test\\.ts$' },
		{ path: within(rooms.filter((other) => other !== name)) }
	)
);

module.exports = {
	forbidden: [
		...noArrowUp,
		...roomsApart,
		rule(
			'core-imports-itself',
			'The core imports nothing but itself.',
			{ path: '^src/core/', pathNot: '\\.test\\.ts$' },
			{ pathNot: '^src/core/' }
		),
		rule(
			'lib-stays-off-server-and-routes',
			'Parts that run in a browser never reach the server rooms or the screens.',
			{ path: '^src/lib/', pathNot: '^src/lib/server/|\\.test\\.ts$' },
			{ path: '^src/(lib/server|routes)/' }
		),
		rule(
			'lib-without-node',
			'Parts that run in a browser use no Node modules, database or private environment.',
			{ path: '^src/lib/', pathNot: '^src/lib/server/|\\.test\\.ts$' },
			{ path: '(^|node_modules/)(kysely|pg)(/|$)|\\$env/(static|dynamic)/private', dependencyTypesNot: ['type-only'] }
		),
		rule(
			'server-without-components',
			'The server draws nothing.',
			{ path: '^src/lib/server/' },
			{ path: `${within(['drawings', 'kit', 'device', 'frame', 'workers', ...rooms])}|^src/routes/` }
		),
		rule(
			'only-server-routes-use-the-server',
			'Only *.server.ts and +server.ts reach lib/server.',
			{ path: '^src/routes/', pathNot: '\\+server\\.ts$|\\.server\\.ts$' },
			{ path: '^src/lib/server/' }
		),
		rule(
			'nobody-imports-tests',
			'Tests, bench, simulators and scripts are imported by nobody.',
			{ path: '^src/', pathNot: '\\.test\\.ts$' },
			{ path: '^(tests|bench|simulators|scripts|demo)/' }
		),
		rule('no-circles', 'Two rooms that need each other are one room.', {}, { circular: true })
	],
	options: {
		tsConfig: { fileName: 'tsconfig.walls.json' },
		tsPreCompilationDeps: true,
		doNotFollow: { path: 'node_modules' },
		exclude: { path: '(^|/)\\.svelte-kit/|\\$types|^src/words/' },
		enhancedResolveOptions: {
			extensions: ['.ts', '.svelte.ts', '.js', '.mjs', '.svelte', '.json'],
			conditionNames: ['svelte', 'import', 'default']
		}
	}
};
