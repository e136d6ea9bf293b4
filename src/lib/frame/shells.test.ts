import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { allShells, shellOf } from './shells';

/** Every page of the field, as the router knows it. */
const routes = readdirSync('src/routes/(field)', { recursive: true, encoding: 'utf8' })
	.filter((file) => /\+page\.(svelte|ts)$/.test(file))
	.map((file) => `/${file.replace(/\/\+page\.(svelte|ts)$/, '')}`);

describe('the shell of a page that is made on the device', () => {
	it('is kept for every page of the field, and is the shell of that very page', () => {
		expect(routes.length).toBeGreaterThan(10);
		for (const route of routes) {
			const shell = shellOf(route.replaceAll(/\[[a-z]+\]/g, '0193-a'));
			expect(allShells, route).toContain(shell);
			// Piece by piece: what is a word in the route is the same word in the shell.
			const looks = new RegExp(`^${route.replaceAll(/\[[a-z]+\]/g, '[^/]+')}$`);
			expect(shell, route).toMatch(looks);
			expect(shellOf(shell!)).toBe(shell);
		}
		for (const shell of allShells) expect(shellOf(shell)).toBe(shell);
	});

	it('is none for what the server makes', () => {
		for (const path of ['/', '/jobs', '/jobs/0193-a', '/log', '/rounds/', '/practices', '/sprayers/new'])
			expect(shellOf(path)).toBeNull();
	});
});
