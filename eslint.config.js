import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

const pure = (what) => `The core is handed the outside: ${what} belongs to its caller.`;

/** A cast to `never` fits anywhere: it takes the kind off a quantity, and a wrong unit with it. */
const noCasts = [
	{
		selector: "TSAsExpression[typeAnnotation.type='TSNeverKeyword']",
		message: 'Say what it is: si() for a quantity in SI, a type for the rest. Nothing is cast to never.'
	}
];
/** Exact factors stand in src/core/quantity/units.ts, and the clock of the server in src/lib/server/clock.ts: each has one place. */
const onePlace = [
	{
		selector:
			'Literal[raw=/^(0\\.3048|0\\.0254|0\\.9144|1609\\.344|4046\\.8564224|0\\.09290304|3\\.785411784e-3|4\\.54609e-3|0\\.45359237|0\\.44704|6894\\.757293168361)$/]',
		message: 'A conversion factor: take factor(kind, unit).'
	},
	{
		selector: "NewExpression[callee.name='Date'][arguments.length=0]",
		message: 'The clock is handed in, or asked for in src/lib/server/clock.ts.'
	}
];

const pureSyntax = [
	{ selector: "NewExpression[callee.name='Date']", message: pure('the clock') },
	{ selector: 'CallExpression[callee.property.name=/^toLocale/]', message: pure('the locale') }
];

/** A bare text without its unit is another amount once the farm has changed its measures. */
const asTyped = {
	selector: "MemberExpression[property.name='text'][object.property.name='typed']",
	message: 'Show what was typed by typedText, or in its field by keptText: the unit goes with it.'
};

/** A text in markup is English for everybody: it belongs into messages/*.json. Names of formats and keys are no texts. */
const formats = 'Fallow|GeoJSON|KML|ISO|fallow-|US gal|mm';
const noTextInMarkup = [
	{
		selector: `:not(SvelteStyleElement, SvelteScriptElement) > SvelteText[value=/[A-Za-z]{3,}/]:not([value=/^\\s*(${formats})/])`,
		message: 'A text belongs into messages/*.json: {m.its_key()}.'
	},
	{
		selector: `SvelteAttribute[key.name=/^(label|title|alt|placeholder|aria-label|hint|lead|word|caption|said)$/] > SvelteLiteral[value=/[A-Za-z]{3,}/]:not([value=/^(${formats})/])`,
		message: 'A text belongs into messages/*.json: {m.its_key()}.'
	},
	{
		selector:
			':not(NewExpression[callee.name=/Error$/], Property[key.name="description"]) > Literal[value=/^[A-Z][a-z]+ ([a-z]+ )+[^.]*[.?!]$/]',
		message: 'A sentence belongs into messages/*.json: m.its_key().'
	},
	{
		selector:
			':not(NewExpression[callee.name=/Error$/], TaggedTemplateExpression) > TemplateLiteral > TemplateElement[value.raw=/[a-z]{2,} (is|are|has|have|of|the|with|and|from|not|over|under|fit) ?[a-z]*/]',
		message: 'A sentence belongs into messages/*.json: m.its_key({ … }).'
	}
];

export default ts.config(
	{
		ignores: [
			'build/',
			'.svelte-kit/',
			'.data/',
			'node_modules/',
			'test-results/',
			'reports/',
			'.mutate/',
			'src/words/',
			'.words/'
		]
	},
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
			'no-undef': 'off',
			'no-console': 'error',
			'svelte/no-at-html-tags': 'error',
			// The app is served from the root of its origin, so plain paths are what links are.
			'svelte/no-navigation-without-resolve': 'off',
			// It cannot tell a map that lives for one computation from one that is state; those here are the former.
			'svelte/prefer-svelte-reactivity': 'off'
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts', '**/*.svelte.js'],
		languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } }
	},
	{
		rules: {
			'no-restricted-syntax': ['error', ...noCasts]
		}
	},
	{
		files: ['src/**'],
		ignores: ['src/core/quantity/units.ts', 'src/lib/server/clock.ts', '**/*.test.ts'],
		rules: {
			'no-restricted-syntax': ['error', ...noCasts, ...onePlace, asTyped, ...noTextInMarkup]
		}
	},
	{
		// SQL, and what programs read: the command line and files are in no language.
		files: ['src/lib/server/db/migrations/**', 'src/lib/server/calibration-csv.ts', 'src/lib/files/calc.ts'],
		rules: { 'no-restricted-syntax': ['error', ...noCasts, ...onePlace, asTyped] }
	},
	{
		files: ['src/core/**/*.ts'],
		rules: {
			'no-restricted-globals': [
				'error',
				...[
					'Date',
					'performance',
					'window',
					'document',
					'navigator',
					'process',
					'crypto',
					'fetch',
					'setTimeout',
					'Intl'
				].map((name) => ({ name, message: pure(name) }))
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: pure('randomness') },
				{ object: 'Date', property: 'now', message: pure('the clock') }
			],
			'no-restricted-syntax': ['error', ...noCasts, ...pureSyntax]
		}
	},
	{
		files: ['src/core/**/*.ts'],
		ignores: ['src/core/quantity/units.ts', '**/*.test.ts'],
		rules: { 'no-restricted-syntax': ['error', ...noCasts, ...onePlace, ...pureSyntax] }
	},
	{
		// What is typed is read at a door (`read-*`, `typed-*`, `check-*`, an `entered` reading); behind it the quantity is carried.
		files: [
			'src/lib/{show,drawings,wording}/**',
			'src/lib/server/pdf/**',
			'src/core/{calibration,measurement,track,run,records,due,safety}/**'
		],
		// `show` looks in which unit something was written, and computes nothing with it.
		ignores: ['**/*.test.ts', 'src/lib/show/show.ts', 'src/core/run/check-run-entry.ts'],
		rules: {
			'no-restricted-imports': [
				'error',
				{
					patterns: [
						{
							group: ['**'],
							importNamePattern: '^read(Field|Typed|Quantity|Dose|Amount|Label|Content)$',
							message: 'Read once: take the quantity that was read where it entered.'
						}
					]
				}
			]
		}
	},
	{
		files: ['scripts/**', 'bench/**', 'demo/**', 'simulators/**', 'tests/**'],
		rules: { 'no-console': 'off' }
	}
);
