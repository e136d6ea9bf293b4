import { svelte } from '@sveltejs/vite-plugin-svelte';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const alias = [
	{ find: '$core', replacement: here('./src/core/index.ts') },
	{ find: '$lib', replacement: here('./src/lib') },
	{ find: /^\$words$/, replacement: here('./src/words/messages.js') },
	{ find: /^\$words\/(.*)$/, replacement: `${here('./src/words')}/$1` }
];

export default defineConfig({
	test: {
		projects: [
			{
				plugins: [svelte()],
				resolve: { alias, conditions: ['browser'] },
				test: {
					name: 'unit',
					environment: 'node',
					include: ['src/**/*.test.ts', 'tests/unit/**/*.test.ts'],
					setupFiles: ['./tests/support/property-seed.ts'],
					// A bound for what hangs; a busy machine is only slow.
					testTimeout: 120_000
				}
			},
			{
				// What a device plans is held against what the server makes of it.
				plugins: [svelte()],
				resolve: { alias },
				test: {
					name: 'database',
					environment: 'node',
					include: ['tests/database/**/*.test.ts'],
					fileParallelism: false,
					testTimeout: 120_000,
					hookTimeout: 300_000
				}
			}
		]
	}
});
