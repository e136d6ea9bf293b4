import { m } from '$words';
import { sprayerChecks } from '../../core/index';
import type { FarmSettings } from '../settings/farm-settings';

/** Most checks that a farm adds, and the longest of them. */
const mostOwn = 20;
const longest = 80;

export interface ReadChecks {
	readonly checks: Pick<FarmSettings, 'droppedChecks' | 'ownChecks'>;
	readonly problems: Readonly<Record<string, string>>;
}

/** The check list as its form has it: the checks that are made, and the farm's own, one a line. */
export function readChecksForm(made: readonly string[], own: string): ReadChecks {
	const lines = [...new Set(own.split('\n').map((line) => line.trim()))].filter(Boolean);
	const long = lines.find((line) => line.length > longest);
	const problems: Record<string, string> =
		lines.length > mostOwn
			? { 'own-checks': m.too_many_own_checks({ count: lines.length, most: mostOwn }) }
			: long !== undefined
				? { 'own-checks': m.own_check_too_long({ long: long.slice(0, 30), longest }) }
				: {};
	return {
		checks: { droppedChecks: sprayerChecks.filter((check) => !made.includes(check)), ownChecks: lines },
		problems
	};
}
