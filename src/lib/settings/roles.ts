/** What a person is on a farm (an inspector has a link instead). */
export const roles = ['owner', 'manager', 'operator', 'adviser'] as const;
export type Role = (typeof roles)[number];

/**
 * What somebody may do: `see` what the work needs; `read` records, seasons and papers of all of it; `work`: calibrate,
 * mix, spray, close, and records of own jobs; `plan` jobs; `manage` products, fields, sprayers, records and people of
 * lower roles; `own`: everything, farm settings, roles and backups too.
 */
export const rights = ['see', 'read', 'work', 'plan', 'manage', 'own'] as const;
export type Right = (typeof rights)[number];

const given: Readonly<Record<Role, readonly Right[]>> = {
	owner: rights,
	manager: ['see', 'read', 'work', 'plan', 'manage'],
	operator: ['see', 'work'],
	adviser: ['see', 'read', 'plan']
};

export const rightsOf = (role: Role): readonly Right[] => given[role];

/** Roles that somebody may give, end and change: a manager's are those below. */
export const rolesUnder = (role: Role): readonly Role[] =>
	role === 'owner' ? roles : role === 'manager' ? ['operator', 'adviser'] : [];

export const isRole = (text: unknown): text is Role => roles.includes(text as Role);
