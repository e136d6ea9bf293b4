import { m } from '$words';
import type { Right } from '$lib/settings/roles';

/** A place of the app that the bar leads to. */
export interface Room {
	readonly name: string;
	readonly href: string;
	/** Whether a page lies in it. */
	readonly holds: (path: string) => boolean;
	/** What is found there: for the list behind More. */
	readonly what?: string;
	/** Without this right nobody finds anything there. */
	readonly needs?: Right;
}

const under =
	(...firsts: readonly string[]) =>
	(path: string) =>
		firsts.some((first) => path === first || path.startsWith(`${first}/`));

const today: Room = {
	get name() {
		return m.today();
	},
	href: '/',
	holds: (path) => path === '/'
};
const jobs: Room = {
	get name() {
		return m.jobs();
	},
	href: '/jobs',
	holds: under('/jobs')
};
const sprayers: Room = {
	get name() {
		return m.sprayers();
	},
	href: '/sprayers',
	holds: under('/sprayers', '/rounds', '/calibrations', '/tank-plans', '/nozzles', '/full-tank', '/figures')
};
const fields: Room = {
	get name() {
		return m.fields();
	},
	href: '/ground',
	get what() {
		return m.fields_and_blocks_their_rows_and();
	},
	holds: under('/ground')
};
const products: Room = {
	get name() {
		return m.products();
	},
	href: '/products',
	get what() {
		return m.labels_as_you_typed_them();
	},
	holds: under('/products')
};
const records: Room = {
	get name() {
		return m.records();
	},
	href: '/log',
	holds: under('/log', '/records')
};
const farm: Room = {
	get name() {
		return m.farm_settings();
	},
	href: '/farm',
	get what() {
		return m.units_jugs_rules_safety();
	},
	holds: under('/farm', '/farm-file', '/people'),
	needs: 'own'
};

const nozzles: Room = {
	get name() {
		return m.nozzles_title();
	},
	href: '/nozzles',
	get what() {
		return m.sizes_and_those_in_your_shed();
	},
	holds: under('/nozzles')
};

const people: Room = {
	get name() {
		return m.people();
	},
	href: '/people',
	get what() {
		return m.people_and_devices_what();
	},
	holds: under('/people', '/me'),
	needs: 'manage'
};

const practice: Room = {
	get name() {
		return m.practice();
	},
	href: '/practice',
	get what() {
		return m.practice_what();
	},
	holds: under('/practice')
};

/** Rooms that somebody finds something in; one who is not known yet is shown what nobody is refused. */
export const roomsFor = <R extends Room>(all: readonly R[], rights: readonly Right[]): readonly R[] =>
	all.filter((room) => room.needs === undefined || rights.includes(room.needs));

/** All of them, for a desk. */
export const rooms: readonly Room[] = [today, jobs, sprayers, fields, products, records, practice, farm];
/** The four that a thumb reaches on a phone, and those behind More. */
export const nearRooms = [today, jobs, sprayers, records] as const;
export const moreRooms: readonly Room[] = [fields, products, nozzles, practice, people, farm];
