import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { actionOf, needOf, routeRules } from '../../src/lib/server/people/route-rules';
import type { Who } from '../../src/lib/server/people/who';
import { decide } from '../../src/lib/server/people/who';
import { rights, rightsOf, roles } from '../../src/lib/settings/roles';

interface Found {
	readonly reads: boolean;
	readonly writes: readonly string[];
}

/** Every route of the app with what it answers to, read from its files. */
function routesOf(folder: string, route = ''): Map<string, Found> {
	const found = new Map<string, Found>();
	const files = readdirSync(folder, { withFileTypes: true });
	let reads = false;
	const writes: string[] = [];
	for (const file of files) {
		if (file.isDirectory()) {
			for (const [id, one] of routesOf(join(folder, file.name), `${route}/${file.name}`)) found.set(id, one);
			continue;
		}
		const text = readFileSync(join(folder, file.name), 'utf8');
		if (file.name === '+page.svelte' || file.name === '+page.ts') reads = true;
		if (file.name === '+page.server.ts' && /export const actions/.test(text)) {
			const actions = text.slice(text.indexOf('export const actions'));
			const named = [...actions.matchAll(/^\t([a-z][A-Za-z]*)(?:: |\()/gm)].map((m) => m[1]!);
			// What is made by a function has no names of its own here.
			writes.push(...(named.length > 0 ? named : ['default']));
		}
		if (file.name === '+server.ts')
			for (const [, method] of text.matchAll(/^export const (GET|POST|PUT|PATCH|DELETE)\b/gm)) {
				if (method === 'GET') reads = true;
				else writes.push(method!);
			}
	}
	if (reads || writes.length > 0) found.set(route === '' ? '/' : route, { reads, writes });
	return found;
}

const routes = routesOf(join(import.meta.dirname, '../../src/routes'));

describe('who may do what', () => {
	it('has a rule for every route and every write, and none for what is not there', () => {
		const missing: string[] = [];
		for (const [route, { reads, writes }] of routes) {
			if (reads && needOf(route, 'GET', 'default') === null) missing.push(`GET ${route}`);
			for (const write of writes) {
				const method = /^[A-Z]+$/.test(write);
				if (needOf(route, method ? write : 'POST', method ? 'default' : write) === null)
					missing.push(`${write} ${route}`);
			}
		}
		expect(missing).toEqual([]);
		const spare = Object.entries(routeRules).flatMap(([route, rule]) => {
			const real = routes.get(route);
			if (!real) return [route];
			return Object.keys(rule.write ?? {})
				.filter((name) => !real.writes.includes(name))
				.map((name) => `${name} ${route}`);
		});
		expect(spare).toEqual([]);
	});

	it('lets nobody into what it does not know', () => {
		expect(needOf('/(desk)/nowhere', 'GET', 'default')).toBeNull();
		expect(needOf('/(desk)/jobs', 'POST', 'default')).toBeNull();
		expect(decide({ kind: 'alone' }, null)).toBe('refused');
	});

	it('asks of a new thing what keeping it asks', () => {
		expect(needOf('/(desk)/products/[id]', 'GET', 'default')).toBe('see');
		expect(needOf('/(desk)/products/[id]', 'GET', 'default', true)).toBe('manage');
	});

	it('finds the action in the address', () => {
		expect(actionOf(new URL('http://x/people?/invite'))).toBe('invite');
		expect(actionOf(new URL('http://x/sign-in?to=%2F&/demo'))).toBe('demo');
		expect(actionOf(new URL('http://x/farm'))).toBe('default');
	});

	it('gives an owner everything, an adviser nothing to sign, and an operator nobody else’s papers', () => {
		expect(rightsOf('owner')).toEqual(rights);
		expect(rightsOf('manager')).not.toContain('own');
		expect(rightsOf('adviser')).not.toContain('work');
		expect(rightsOf('operator')).not.toContain('read');
		for (const role of roles) expect(rightsOf(role)).toContain('see');
	});

	it('turns each away to where they can get in', () => {
		const person = (role: (typeof roles)[number] | null): Who => {
			const farm = role && { id: 'f', name: 'F', role };
			return {
				kind: 'person',
				personId: 'p',
				sessionId: 's',
				name: 'A',
				language: null,
				farms: farm ? [farm] : [],
				farm
			};
		};
		expect(decide({ kind: 'nobody', first: true }, 'see')).toBe('first');
		expect(decide({ kind: 'nobody', first: false }, 'see')).toBe('sign-in');
		expect(decide({ kind: 'nobody', first: false }, 'anyone')).toBe('allowed');
		expect(decide(person(null), 'see')).toBe('no-farm');
		expect(decide(person(null), 'signed-in')).toBe('allowed');
		expect(decide(person('operator'), 'manage')).toBe('refused');
		expect(decide(person('manager'), 'manage')).toBe('allowed');
		expect(decide({ kind: 'alone' }, 'own')).toBe('allowed');
	});
});
