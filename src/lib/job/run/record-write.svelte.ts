import { m } from '$words';
import type { AskedField, AskedRecord, PassedStop, RunEntry, Stop } from '$core';
import {
	askedFields,
	checkJob,
	labelStops,
	longAsked,
	longest,
	openStops,
	pouredOverMax,
	shortestReason,
	tooLong
} from '$core';
import { jobWeatherStops } from '$lib/show/job-weather';
import { stopKey } from '$lib/wire/stop-key';
import { lacking, lacksWeather } from '$lib/wire/record';
import { wordIssue } from '$lib/wording/issues';
import { noWeatherWords, recordFieldWords } from '$lib/wording/records';
import type { JobRunState } from './job-run.svelte';

type RecordEntry = Extract<RunEntry, { kind: 'record' }>;

/** The record of a closed job as it is written where the work is: kept on the device, sealed when it arrives. */
export class RecordWrite {
	readonly #run: JobRunState;
	asked = $state<Record<AskedField, string>>(empty());
	reasons = $state<Record<string, string>>({});
	problems = $state<Readonly<Record<string, string>>>({});

	constructor(run: JobRunState) {
		this.#run = run;
		this.asked = { ...empty(), ...run.head.asked };
	}

	/** As it was written on this device; null while it is not. */
	written: RecordEntry | null = $derived.by(
		() => this.#run.entries.filter((e): e is RecordEntry => e.kind === 'record').at(-1) ?? null
	);

	/** What stood against the work and nobody has passed: the record asks for its reason. */
	stops: readonly Stop[] = $derived.by(() => {
		const { run, read, result, head, settings } = this.#run;
		if (!run?.closed || !read || !result.ok) return [];
		const altitude = head.shapes?.find((s) => s.altitude != null)?.altitude ?? null;
		const stops = [
			...[read, ...result.value.edits].flatMap((r) => labelStops(checkJob(r))),
			...pouredOverMax(run.loads, read.sheet),
			...jobWeatherStops(head.job, run.weather.before, { settings, place: head.place ?? settings.place, altitude })
		];
		return openStops(stops, [...(head.job.passed ?? []), ...run.passed]);
	});
	reasonOf = (stop: Stop): string => this.reasons[stopKey(stop)] ?? '';
	setReason = (stop: Stop, reason: string): void => {
		this.reasons = { ...this.reasons, [stopKey(stop)]: reason };
	};

	required = (name: AskedField): boolean => name === 'operator' || this.#run.settings.recordFields.includes(name);

	/** Keeps it on the device, from where it is sent. False where something is still missing: `problems` says what. */
	async write(): Promise<boolean> {
		const { settings, run } = this.#run;
		const asked = Object.fromEntries(askedFields.map((name) => [name, this.asked[name].trim()])) as AskedRecord;
		const missing = lacking(asked, settings.recordFields);
		const noWeather = lacksWeather(
			{ weather: { before: run?.weather.before ?? null }, remarks: asked.remarks },
			settings.recordFields
		);
		const unpassed = this.stops.some((stop) => this.reasonOf(stop).trim().length < shortestReason);
		const longReasons = this.stops.flatMap((stop) => tooLong('reason', this.reasonOf(stop), longest.reason));
		this.problems = {
			...Object.fromEntries(
				missing.map((name) => [name, m.is_still_empty({ recordFieldWords: recordFieldWords[name] })])
			),
			...(noWeather ? { remarks: noWeatherWords() } : {}),
			...Object.fromEntries(longAsked(asked).map((issue) => [issue.path, wordIssue(issue)])),
			...Object.fromEntries(longReasons.map((issue) => ['all', wordIssue(issue)])),
			...(unpassed ? { all: m.write_the_reason_in_a_few_words() } : {})
		};
		if (Object.keys(this.problems).length > 0) return false;
		const passed = this.stops.map((stop): PassedStop => ({
			code: stop.code,
			about: stop.about,
			reason: this.reasonOf(stop).trim()
		}));
		return this.#run.add({ kind: 'record', asked, passed });
	}
}

const empty = (): Record<AskedField, string> =>
	Object.fromEntries(askedFields.map((name) => [name, ''])) as Record<AskedField, string>;
