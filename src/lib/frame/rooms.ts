/** A place of the app that the bar leads to. */
export interface Room {
	readonly name: string;
	readonly href: string;
	/** Whether a page lies in it. */
	readonly holds: (path: string) => boolean;
}

const under =
	(...firsts: readonly string[]) =>
	(path: string) =>
		firsts.some((first) => path === first || path.startsWith(`${first}/`));

const today: Room = { name: 'Today', href: '/', holds: (path) => path === '/' };
const jobs: Room = { name: 'Jobs', href: '/jobs', holds: under('/jobs') };
const sprayers: Room = {
	name: 'Sprayers',
	href: '/sprayers',
	holds: under('/sprayers', '/rounds', '/calibrations', '/tank-plans', '/nozzles', '/full-tank', '/figures')
};
const fields: Room = { name: 'Fields', href: '/ground', holds: under('/ground') };
const products: Room = { name: 'Products', href: '/products', holds: under('/products') };
const records: Room = { name: 'Records', href: '/log', holds: under('/log', '/records') };
const farm: Room = { name: 'Farm settings', href: '/farm', holds: under('/farm', '/farm-file') };

/** All of them, for a desk. */
export const rooms: readonly Room[] = [today, jobs, sprayers, fields, products, records, farm];
/** The four that a thumb reaches on a phone, and those behind More. */
export const nearRooms = [today, jobs, sprayers, records] as const;
export const moreRooms: readonly (Room & { readonly what: string })[] = [
	{ ...fields, what: 'Fields and blocks, their rows, and what they have had' },
	{ ...products, what: 'Labels as you typed them' },
	{ name: 'Nozzles', href: '/nozzles', holds: under('/nozzles'), what: 'Sizes, and those in your shed' },
	{ ...farm, what: 'Units, jugs, rules, safety' }
];
