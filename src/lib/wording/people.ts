import { m } from '$words';
import type { Role } from '../settings/roles';

const names: Readonly<Record<Role, () => string>> = {
	owner: m.role_owner,
	manager: m.role_manager,
	operator: m.role_operator,
	adviser: m.role_adviser
};
/** What a role is called. */
export const roleWords = (role: Role): string => names[role]();

const may: Readonly<Record<Role, () => string>> = {
	owner: m.role_owner_may,
	manager: m.role_manager_may,
	operator: m.role_operator_may,
	adviser: m.role_adviser_may
};
/** What somebody of a role may do, in a line. */
export const roleMay = (role: Role): string => may[role]();

const kinds: readonly (readonly [RegExp, () => string])[] = [
	[/iPad|Tablet/i, m.device_tablet],
	[/Mobi|Android|iPhone/i, m.device_phone]
];
/** What a device is called until its person names it: by what its browser says of it. */
export const deviceWords = (name: string | null, userAgent: string | null): string =>
	name ?? (kinds.find(([pattern]) => pattern.test(userAgent ?? ''))?.[1] ?? m.device_computer)();

/** What a licence with its last day is, on a day. */
export type LicenceState = 'none' | 'holds' | 'ends-soon' | 'ended';
const soon = 30;
export function licenceState(
	until: string | null,
	today: string,
	addDays: (day: string, n: number) => string
): LicenceState {
	if (until === null) return 'none';
	if (until < today) return 'ended';
	return until <= addDays(today, soon) ? 'ends-soon' : 'holds';
}
