/**
 * What Fallow does where work can hurt somebody: it refuses what has no honest answer, it stops until a reason is written
 * (which goes into the record), and it asks where two answers are possible. One list; docs/safety.md tells each.
 */
export const refusals = [
	/** A filling step, or an amount poured, that would bring more into the tank than the load is. */
	'level-over-load',
	/** A catch or a run while parked, with a pump that only turns while the wheels do. */
	'parked-ground-drive',
	/** A re-entry or harvest interval of a job whose last load has no end. */
	'interval-no-end',
	/** A liquid dosed by weight without its density. */
	'no-density'
] as const;

export const stops = [
	'inversion-hours',
	'smoke-hangs',
	'wind-over',
	'wind-under',
	'gust-over',
	'downwind-forbidden',
	'delta-t-over',
	'temperature-outside',
	'humidity-outside',
	'rain-coming',
	'over-max',
	'over-season',
	'too-many-applications',
	'too-few-days',
	'volume-under',
	'volume-over',
	'before-harvest',
	'finer-drops',
	'not-concentrate',
	'poured-over-max'
] as const;

export const questions = [
	/** Whether the other side of the row is sprayed too, with one side of an arc open. */
	'other-side',
	/** Whether a dose on bands is of the treated or of the field area. */
	'dose-area',
	/** Whether a dose per 100 L is of dilute spray or of the mix; and how much dilute spray that is. */
	'dilute-or-mix',
	'no-dilute',
	/** Whether nozzles of two sizes differ on purpose. */
	'two-sizes',
	/** An interval that nobody entered from the label. */
	'interval-empty',
	/** Drops of a setting that nobody told, where a label limits them. */
	'drops-unknown',
	/** Weather that a rule needs and nobody knows. */
	'weather-unknown'
] as const;

export type RefusalCode = (typeof refusals)[number];
export type StopCode = (typeof stops)[number];
export type QuestionCode = (typeof questions)[number];

/** Something that stops the work until its reason is written. */
export interface Stop {
	readonly code: StopCode;
	/** Whose it is: a product, or what lies downwind; empty where it is the weather's. */
	readonly about: string;
}

/** A stop that somebody passed, and why. */
export interface PassedStop extends Stop {
	readonly reason: string;
}
