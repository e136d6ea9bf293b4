import { clockAt, dayAt } from '$lib/settings/farm-time';

/** The zone of the browser that shows this page; null before it is known (on the server, and on the first picture). */
export const phone = $state<{ zone: string | null }>({ zone: null });

/** Whether two zones' clocks show the same at a moment (ms). */
export const sameClock = (one: string, other: string, at: number): boolean =>
	one === other || (dayAt(one, at) === dayAt(other, at) && clockAt(one, at) === clockAt(other, at));

/** The farm's zone behind a time of its clock, where the phone's clock shows another: ` (America/New_York)`. */
export const zoneSuffix = (farm: string, at: number): string =>
	phone.zone === null || sameClock(farm, phone.zone, at) ? '' : ` (${farm})`;
