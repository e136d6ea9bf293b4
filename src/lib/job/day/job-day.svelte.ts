import type {
	Issue,
	Neighbour,
	ReadWeather,
	Result,
	RuleFinding,
	RuleState,
	Sky,
	SmokeTest,
	TypedWeather,
	Weather,
	WeatherDecision,
	WeatherLimits,
	WeatherTime
} from '$core';
import {
	factor,
	inUnit,
	jobTime,
	judgeWeather,
	longest,
	readWeather,
	shortestReason,
	showFigure,
	si,
	tooLong,
	windName,
	worstState
} from '$core';
import { typed } from '$lib/settings/field-units';
import type { WeatherAnswer } from '$lib/wire/weather';
import type { DayStrip, ForecastAt } from '$lib/show/day-strip';
import { aroundAt, dayStrips, fitting, startTimes } from '$lib/show/day-strip';
import { limitsOf } from '$lib/show/job-weather';
import { wordIssue } from '$lib/wording/issues';
import type { JobRunState } from '$lib/job/run/job-run.svelte';

/** The weather for a job: what it is, what each rule says of it, when the work would fit, and what was decided. */
export class JobDayState {
	readonly run: JobRunState;
	readonly now: () => number;
	answer = $state.raw<WeatherAnswer | null>(null);
	when = $state<WeatherTime>('before');
	from = $state('');
	wind = $state('');
	gust = $state('');
	temperature = $state('');
	humidity = $state('');
	sky = $state<Sky | ''>('');
	dew = $state<'yes' | 'no' | ''>('');
	lastRain = $state('');
	smoke = $state<SmokeTest | ''>('');
	reason = $state('');
	/** Nothing of the station's was typed over. */
	#station = $state<string | null>(null);

	constructor(run: JobRunState, now: () => number) {
		this.run = run;
		this.now = now;
		if (run.run?.weather.before && (run.run.state === 'sprayed' || run.run.state === 'closed')) this.when = 'end';
	}

	get #fahrenheit(): boolean {
		return this.run.units.speed === 'mph';
	}

	/** Takes in what the server passed on; a station fills the fields, which can all be typed over. */
	takeIn(answer: WeatherAnswer | null): void {
		this.answer = answer;
		const s = answer?.station;
		if (!s) return;
		const { units, settings } = this.run;
		const show = (v: number) => showFigure(v, 2, settings.decimalComma);
		const speed = (kmh: number | null) =>
			kmh === null ? '' : show(inUnit('speed', si<'speed'>(kmh * factor('speed', 'km/h')), units.speed));
		this.from = s.windFromDeg === null ? '' : windName(s.windFromDeg);
		this.wind = speed(s.windKmh);
		this.gust = speed(s.gustKmh);
		const t = s.temperatureC;
		this.temperature = t === null ? '' : `${Math.round(this.#fahrenheit ? (t * 9) / 5 + 32 : t)}`;
		this.humidity = s.humidityPercent === null ? '' : `${Math.round(s.humidityPercent)}`;
		this.sky = s.sky ?? '';
		this.dew = s.dew === null ? '' : s.dew ? 'yes' : 'no';
		this.lastRain =
			s.lastRainAt === null ? '' : `${Math.max(0, Math.round((this.now() - Date.parse(s.lastRainAt)) / 3_600_000))}`;
		this.#station = JSON.stringify(this.typed);
	}

	typed: TypedWeather = $derived.by(() => {
		const { units, settings } = this.run;
		const may = (text: string, unit: string) => (text.trim() === '' ? null : typed(text, unit, settings));
		return {
			from: this.from.trim(),
			wind: may(this.wind, units.speed),
			gust: may(this.gust, units.speed),
			temperature: may(this.temperature, this.#fahrenheit ? 'F' : 'C'),
			humidity: this.humidity.trim(),
			sky: this.sky === '' ? null : this.sky,
			dew: this.dew === '' ? null : this.dew === 'yes',
			lastRain: this.lastRain.trim(),
			...(this.smoke === '' ? {} : { smoke: this.smoke })
		};
	});
	read: Result<ReadWeather> = $derived(readWeather(this.typed));
	issues: readonly Issue[] = $derived(this.read.ok ? [] : this.read.issues);
	problem(path: string): string | undefined {
		const issue = this.issues.find((i) => i.path === path);
		return issue && wordIssue(issue);
	}
	/** Nobody has told anything yet. */
	empty: boolean = $derived.by(() => {
		const { sky, dew, smoke = null, ...rest } = this.typed;
		return sky === null && dew === null && smoke === null && Object.values(rest).every((v) => v === null || v === '');
	});

	limits: WeatherLimits = $derived.by(() => {
		const { settings, head } = this.run;
		return limitsOf(head.job, settings);
	});
	/** Where the job is, and whose clock it goes by. */
	where: ForecastAt = $derived.by(() => {
		const { settings, head } = this.run;
		const altitude = head.shapes?.find((s) => s.altitude != null)?.altitude ?? null;
		return { zone: settings.timeZone, place: head.place ?? settings.place, altitude };
	});
	neighbours: readonly Neighbour[] = $derived.by(() => this.run.head.job.blocks.flatMap((b) => b.neighbours ?? []));

	weather: Weather | null = $derived.by(() => {
		if (!this.read.ok || this.empty) return null;
		return { ...this.read.value, height: 2, ...aroundAt(this.answer?.forecast ?? null, this.now(), this.where) };
	});
	findings: readonly RuleFinding[] = $derived.by(() =>
		this.weather ? judgeWeather(this.weather, this.limits, this.neighbours) : []
	);
	worst: RuleState = $derived(worstState(this.findings));

	/** How long the loads that are left take, seconds; an hour where nothing tells it. */
	lasts: number = $derived.by(() => {
		const { run, sheet, read } = this.run;
		const pace = read?.pace ?? null;
		if (!run || !sheet || !pace?.workRate) return 3600;
		const loads = run.loads.filter((l) => l.state !== 'out').length;
		const area = si<'area'>(Math.max(0, run.ground - run.area));
		return jobTime(area, pace.workRate, loads, pace.each).total;
	});
	strips: readonly DayStrip[] = $derived.by(() =>
		this.answer?.forecast ? dayStrips(this.answer.forecast, this.limits, this.neighbours, this.where) : []
	);
	windows: readonly { readonly from: number; readonly to: number }[] = $derived.by(() =>
		fitting(startTimes(this.strips, this.lasts, this.now()))
	);

	/** A stop that is sprayed through all the same wants its reason, and so does weather that nobody read. */
	wantsReason: boolean = $derived.by(
		() => (this.worst === 'stop' || this.empty) && this.reason.trim().length < shortestReason
	);

	/** What is wrong with the reason. */
	reasonProblem: string | undefined = $derived.by(
		() => tooLong('reason', this.reason, longest.reason).map(wordIssue)[0]
	);

	/** Keeps the weather with what was decided on it. */
	async decide(decision: WeatherDecision | null): Promise<boolean> {
		if (!this.read.ok || this.reasonProblem !== undefined || (this.empty && decision !== 'spray')) return false;
		if (decision === 'spray' && this.wantsReason) return false;
		return this.run.add({
			kind: 'weather',
			when: this.when,
			source: this.#station === JSON.stringify(this.typed) ? 'station' : 'hand',
			weather: this.typed,
			decision,
			reason: this.reason.trim()
		});
	}
}
