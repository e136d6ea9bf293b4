import type { Right } from '../../settings/roles';

/** Who may: anybody at all, whoever is signed in, or whoever has a right on the farm. */
export type Need = 'anyone' | 'signed-in' | Right;

/** What reading a route asks for; and writing to it: each action of a page by its name, each method of an endpoint. */
export interface RouteRule {
	readonly read?: Need;
	readonly write?: Readonly<Record<string, Need>>;
}

const see = (write?: RouteRule['write']): RouteRule => ({ read: 'see', ...(write ? { write } : {}) });
const door = (...writes: readonly string[]): RouteRule => ({
	read: 'anyone',
	write: Object.fromEntries(writes.map((name) => [name, 'anyone' as const]))
});
const manage: RouteRule = { read: 'manage', write: { default: 'manage' } };

/**
 * The one place that says who may do what: every route, every action. A route that is not here answers nobody, and a test
 * holds this table against the routes.
 */
export const routeRules: Readonly<Record<string, RouteRule>> = {
	'/healthz': { read: 'anyone' },

	// The door: who is not in yet.
	'/(door)/sign-in': door('enter', 'demo'),
	'/(door)/first': door('default'),
	'/(door)/join/[token]': door('default'),
	'/(door)/see/[token]': door(),
	'/api/auth/[...rest]': { read: 'anyone', write: { POST: 'anyone' } },
	'/(door)/sign-out': { write: { POST: 'anyone' } },
	'/(door)/farms': { read: 'signed-in', write: { default: 'signed-in' } },

	// Pages that are made on the device: nothing of the farm is in what the server sends.
	'/(field)/rounds/[id]': { read: 'anyone' },
	'/(field)/rounds/[id]/[step]': { read: 'anyone' },
	'/(field)/rounds/new': { read: 'anyone' },
	'/(field)/rounds/unsent': { read: 'anyone' },
	'/(field)/jobs/new': { read: 'anyone' },
	'/(field)/jobs/[id]/run': { read: 'anyone' },
	'/(field)/jobs/[id]/day': { read: 'anyone' },
	'/(field)/jobs/[id]/close': { read: 'anyone' },

	'/(field)/practice': { read: 'anyone' },
	'/(field)/practice/[id]': { read: 'anyone' },
	'/(field)/practice/[id]/[step]': { read: 'anyone' },
	'/(field)/practice/[id]/reveal': { read: 'anyone' },
	'/(field)/practice/class/[code]': { read: 'anyone' },

	'/(desk)': see(),
	'/(desk)/me': see({
		name: 'see',
		password: 'see',
		device: 'see',
		end: 'see',
		forget: 'see'
	}),
	'/(desk)/calendar': see(),
	'/(desk)/calibrations/[id]': see({ withdraw: 'work' }),
	'/(desk)/calibrations/[id]/adjust': see(),
	'/(desk)/calibrations/[id]/csv': see(),
	'/(desk)/calibrations/[id]/print': see(),
	'/(desk)/calibrations/[id]/sheet': see(),
	'/(desk)/calibrations/[id]/tank': see({ default: 'work' }),
	'/(desk)/tank-plans/[id]': see(),
	'/(desk)/figures': see(),
	'/(desk)/full-tank': see({ save: 'work', delete: 'work' }),

	'/(desk)/sprayers': see(),
	'/(desk)/sprayers/new': manage,
	'/(desk)/sprayers/[id]': see({ event: 'work', unchanged: 'work', archive: 'manage', copy: 'manage' }),
	'/(desk)/sprayers/[id]/compare': see(),
	'/(desk)/sprayers/[id]/edit': manage,
	'/(desk)/sprayers/[id]/field-sheet': see(),
	'/(desk)/sprayers/[id]/import': { read: 'work', write: { default: 'work' } },
	'/(desk)/sprayers/[id]/settings/[setting]': manage,
	'/(desk)/sprayers/[id]/team': see(),

	'/(desk)/nozzles': see({ shed: 'work' }),
	'/(desk)/nozzles/[id]': see({ keep: 'manage', remove: 'manage' }),
	'/(desk)/nozzles/csv': see(),
	'/(desk)/nozzles/import': manage,

	'/(desk)/ground': see(),
	'/(desk)/ground/[id]': see({ keep: 'manage', away: 'manage' }),
	'/(desk)/ground/geojson': { read: 'read' },
	'/(desk)/ground/import': manage,

	'/(desk)/products': see(),
	'/(desk)/products/[id]': see({ keep: 'manage', away: 'manage' }),
	'/(desk)/products/csv': { read: 'read' },
	'/(desk)/products/json': { read: 'read' },
	'/(desk)/products/import': manage,

	'/(desk)/jobs': see(),
	'/(desk)/jobs/[id]': see({ remove: 'plan', restore: 'plan' }),
	'/(desk)/jobs/[id]/edit': { read: 'plan', write: { default: 'plan' } },
	'/(desk)/jobs/[id]/print': see(),
	// Whether an operator worked on the job is looked at there.
	'/(desk)/jobs/[id]/record': { read: 'work', write: { default: 'work' } },

	'/(desk)/log': see({ check: 'see' }),
	'/(desk)/log/[id]': see({ amend: 'manage' }),
	'/(desk)/log/[id]/print': see(),
	'/(desk)/log/anchor': { read: 'read' },
	'/(desk)/log/csv': { read: 'read' },
	'/(desk)/log/geojson': { read: 'read' },
	'/(desk)/log/json': { read: 'read' },
	'/(desk)/log/season': { read: 'read' },
	'/(desk)/log/season/print': { read: 'read' },
	'/(desk)/log/import': manage,

	'/(desk)/welcome': { read: 'own', write: { default: 'own' } },
	'/(desk)/farm': { read: 'own', write: { default: 'own' } },
	'/(desk)/farm-file': { read: 'own' },
	'/(desk)/people': {
		read: 'manage',
		write: {
			invite: 'manage',
			password: 'manage',
			change: 'manage',
			leave: 'manage',
			recall: 'manage',
			device: 'manage',
			inspector: 'manage',
			close: 'manage'
		}
	},

	'/api/day': see(),
	'/api/farm': see(),
	'/api/farm/file': { read: 'own', write: { PUT: 'own' } },
	'/api/farm/zone': see({ PUT: 'see' }),
	'/api/calibrations/[id]/change': { write: { POST: 'work' } },
	'/api/rounds/[id]': see({ PUT: 'work' }),
	'/api/jobs/source': { read: 'plan' },
	'/api/jobs/[id]': see({ PUT: 'plan' }),
	'/api/jobs/[id]/entries': { write: { PUT: 'work' } },
	'/api/me/language': { write: { PUT: 'signed-in' } },
	'/api/news': see(),
	'/api/nozzles': see(),
	'/api/sprayers/[id]': see(),
	'/api/sprayers/[id]/history': see(),
	'/api/weather': see(),
	// Who has the code of a class joins it without an account; what a seat wrote is reached by its own token.
	'/api/practice/join/[code]': { read: 'anyone', write: { POST: 'anyone' } },
	'/api/practice/seats/[token]': { read: 'anyone', write: { PUT: 'anyone' } },
	'/api/practice/classes': { read: 'plan', write: { POST: 'plan' } },
	'/api/practice/classes/[code]': { read: 'plan', write: { DELETE: 'plan' } },
	'/api/practice/classes/[code]/certificates': { read: 'plan' },
	'/api/practice/fields': see(),
	'/api/instruments': see(),
	'/api/receiver': see(),
	'/api/flow-meter': see()
};

/**
 * What a request asks for; null where nothing says, so that nobody may. `isNew`: the page of a thing that is not there yet,
 * which is for who may keep it.
 */
export function needOf(route: string, method: string, action: string, isNew = false): Need | null {
	const rule = routeRules[route];
	if (!rule) return null;
	if (method === 'GET' || method === 'HEAD' || method === 'OPTIONS')
		return (isNew ? rule.write?.keep : undefined) ?? rule.read ?? null;
	return rule.write?.[method] ?? (method === 'POST' ? rule.write?.[action] : undefined) ?? null;
}

/** The name of the action that a form is sent to: what stands after `?/`, or `default`. */
export function actionOf(url: URL): string {
	const first = [...url.searchParams.keys()].find((key) => key.startsWith('/'));
	return first ? first.slice(1) : 'default';
}
