import type {
	DilutionOf,
	DoseArea,
	DropletClass,
	Issue,
	JobBasis,
	JobBefore,
	OneLoadLess,
	LabelFinding,
	PassedStop,
	ReadJob,
	Result,
	Split,
	SplitChoice,
	Stop,
	TypedJob,
	VolumePerArea
} from '$core';
import {
	bad,
	basisOf,
	checkJob,
	compareSplits,
	isCanopy,
	isDay,
	jobBefore,
	labelStops,
	nothingBefore,
	oneLoadLess,
	openStops,
	readJob,
	readShare,
	seasonAround,
	si
} from '$core';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { AskedJob } from '$lib/wire/job';
import { stopKey } from '$lib/wire/stop-key';
import type { JobStart } from '$lib/wire/job-start';
import { keptText, typedText } from '$lib/settings/typed-text';
import { dayStart } from '$lib/settings/farm-time';
import { wordIssue } from '$lib/wording/issues';
import { JobGround } from './job-ground.svelte';
import type { JobCalibration } from '$lib/wire/job-source';
import type { JobSource } from './job-source';
import { suited } from './suited';

interface Line {
	readonly key: number;
	id: string;
	dose: string;
	/** What the dose is of, where two answers are possible; empty until it is said. */
	per: DoseArea | '';
	dilution: DilutionOf | '';
}

/** What tells the volume, as it is sent: the flow of a wand is the server's to fill in. */
function askedBasis(basis: JobBasis): AskedJob['basis'] {
	if (basis.by !== 'timed-trial') return basis as AskedJob['basis'];
	const { by, time, patch } = basis;
	return { by, time, patch } as AskedJob['basis'];
}

/** A job as it is planned: ground, what tells its volume, products with doses, and every split side by side. */
export class JobPlanState {
	readonly source: JobSource;
	readonly units: ReturnType<typeof fieldUnits>;
	readonly ground: JobGround;
	#nextKey = 1;
	/** What tells the volume: a calibration, a trial patch (spot work), or so much for a surface. */
	by = $state<'calibration' | 'trial' | 'surface'>('calibration');
	/** A trial patch is timed at the flow of the wand, in place of reading the tank. */
	timed = $state(false);
	time = $state('');
	calibrationId = $state('');
	used = $state('');
	patch = $state('');
	surface = $state('');
	/** Share of the ground that is really sprayed, per cent. */
	sprayed = $state('100');
	day = $state('');
	harvest = $state('');
	tank = $state('');
	lines = $state<Line[]>([]);
	split = $state<Split | null>(null);
	/** Filling and mixing, driving to the water, field efficiency, and the day that it has to fit into. */
	fill = $state('10 min');
	drive = $state('5 min');
	efficiency = $state('75');
	/** Rows are sprayed one way only. */
	oneWay = $state(false);
	start = $state('07:00');
	end = $state('19:00');
	/** Dilute volume of the canopy, to the point of run-off. */
	dilute = $state('');
	/** Drops of the setting, where the catalogue does not know them. */
	drops = $state<DropletClass | ''>('');
	/** Reasons for stops that are passed, by stop. */
	reasons = $state<Record<string, string>>({});
	reason = $state('');
	notes = $state('');

	/** Doses that it was begun with of products that the farm has no label of. */
	readonly unknown: JobStart['products'];

	/** The job that this one is an edit of; null where a new one is planned. */
	replaces: string | null = null;

	constructor(source: JobSource, block: string | null = null, start: JobStart | null = null) {
		this.source = source;
		this.units = fieldUnits(source.settings);
		this.ground = new JobGround(source.blocks, source.settings);
		this.day = source.today;
		const [first] = source.calibrations;
		const asked = source.calibrations.find((c) => !c.team && c.id === start?.calibration);
		this.#chosen = start?.calibration !== undefined;
		// One that a job cannot rest on is never replaced by another in silence.
		this.lost = start?.calibration !== undefined && !asked;
		if (first) this.useCalibration(this.lost ? '' : (asked ?? first).id);
		else this.by = 'trial';
		if (block && this.ground.knows(block)) this.toggleBlock(block);
		this.unknown = start ? this.#begin(start) : [];
		if (this.lines.length === 0) this.addLine();
	}

	/** Tank and doses of one full tank or a tank plan; answers with those that are of no product of the farm. */
	#begin({ tank, products }: JobStart): JobStart['products'] {
		if (tank) this.tank = tank;
		return products.filter(({ product, name, dose, per }) => {
			const known = this.source.products.find(
				(p) => p.id === product || p.label.name.toLowerCase() === name.trim().toLowerCase()
			);
			if (!known) return true;
			this.addLine();
			const line = this.lines.at(-1)!;
			this.pick(line, known.id);
			const unit = known.label.state === 'dry' ? this.units.dryDose : this.units.dose;
			line.dose = keptText(dose, unit, this.source.settings);
			if (per) line.per = per;
			return false;
		});
	}

	calibration: JobCalibration | null = $derived.by(
		() => this.source.calibrations.find((c) => c.id === this.calibrationId) ?? null
	);

	/** What it was begun with rests on a calibration that no job can rest on (any more): somebody has to say which counts. */
	readonly lost: boolean;
	/** Somebody picked the calibration: from then on the ground changes it no more. */
	#chosen = false;
	pickCalibration(id: string): void {
		this.#chosen = true;
		this.useCalibration(id);
	}
	/** Picks a block or drops it. Until somebody picks a calibration, that of a sprayer which suits the ground is offered. */
	toggleBlock(id: string): void {
		this.ground.toggle(id);
		const [first] = this.ground.blocks;
		if (this.#chosen || !first?.kind) return;
		const offered = suited(first.kind, this.source.calibrations);
		if (offered && offered.rig.kind !== this.calibration?.rig.kind) this.useCalibration(offered.id);
	}
	/** An empty id: no calibrated sprayer, a tank that is typed. */
	useCalibration(id: string): void {
		this.calibrationId = id;
		const sprayer = this.source.calibrations.find((c) => c.id === id)?.rig;
		if (sprayer) this.tank = typedText(sprayer.tank);
		this.drops = this.source.calibrations.find((c) => c.id === id)?.drops ?? '';
	}

	addLine(): void {
		this.lines.push({ key: this.#nextKey++, id: '', dose: '', per: '', dilution: '' });
	}
	/** A product brings its label's dose, the most of its range, which the operator lowers; and what it says of what it is of. */
	pick(line: Line, id: string): void {
		line.id = id;
		const label = this.source.products.find((p) => p.id === id)?.label;
		line.dose = label ? typedText(label.dose.high ?? label.dose.low) : '';
		line.per = label?.per ?? '';
		line.dilution = label?.dilution ?? '';
	}
	drop(key: number): void {
		this.lines = this.lines.filter((l) => l.key !== key);
	}

	#typed = (text: string, unit: string) => typed(text, unit, this.source.settings);

	#products = $derived.by(() =>
		this.lines.flatMap((line) => {
			const product = this.source.products.find((p) => p.id === line.id);
			if (!product) return [];
			const unit = product.label.state === 'dry' ? this.units.dryDose : this.units.dose;
			return [
				{
					id: product.id,
					label: product.label,
					dose: this.#typed(line.dose, unit),
					per: line.per || undefined,
					dilution: line.dilution || undefined
				}
			];
		})
	);

	#basis: JobBasis = $derived.by(() => {
		switch (this.by) {
			case 'calibration':
				return { by: 'calibration' };
			case 'trial': {
				const patch = this.#typed(this.patch, this.units.side === 'm' ? 'm2' : 'ft2');
				const flow = this.calibration?.flow ?? null;
				return this.timed && flow !== null
					? { by: 'timed-trial', time: this.#typed(this.time, 's'), flow, patch }
					: { by: 'trial', used: this.#typed(this.used, this.units.tank), patch };
			}
			case 'surface':
				return { by: 'surface', volume: this.#typed(this.surface, this.source.settings.rateUnit) };
		}
	});

	/** Share of the field's width that bands treat; 1 where all of it is. */
	treated: number = $derived.by(() => {
		const { width = null, fieldWidth = null } = this.calibration ?? {};
		return this.by === 'calibration' && width !== null && fieldWidth !== null ? Math.min(1, width / fieldWidth) : 1;
	});
	canopy: boolean = $derived.by(() => isCanopy(this.ground.blocks, this.calibration?.rig.kind ?? null));

	job: TypedJob | null = $derived.by(() => {
		const { calibration } = this;
		if (!calibration && this.by === 'calibration') return null;
		const { speed = null, fieldWidth = null, rig: sprayer } = calibration ?? {};
		return {
			day: this.day,
			basis: this.#basis,
			...(calibration?.team && this.by === 'calibration' && { team: calibration.team }),
			blocks: this.ground.blocks,
			tank: this.#typed(this.tank, this.units.tank),
			dead: sprayer?.dead ?? null,
			agitation: sprayer?.agitation ?? null,
			products: this.#products,
			split: this.split ?? 'full-then-part',
			sprayed: readShare(this.sprayed),
			harvest: this.harvest || null,
			pace: {
				efficiency: readShare(this.efficiency),
				fill: this.#typed(this.fill, 'min'),
				drive: this.#typed(this.drive, 'min'),
				start: this.start,
				end: this.end,
				...(this.oneWay && { oneWay: true })
			},
			travel: speed !== null && fieldWidth !== null && this.by === 'calibration' ? { speed, swath: fieldWidth } : null,
			treated: this.treated,
			canopy: this.canopy,
			dilute: this.dilute.trim() === '' ? null : this.#typed(this.dilute, this.source.settings.rateUnit),
			drops: this.drops || null,
			reason: this.reason.trim(),
			notes: this.notes.trim()
		};
	});
	/** What the other jobs of the farm mean for its ground. */
	before: JobBefore = $derived.by(() => {
		const { job } = this;
		if (!job) return nothingBefore;
		const { settings, uses, harvests } = this.source;
		const day = isDay(job.day) ? job.day : this.source.today;
		return jobBefore(
			uses,
			{
				day,
				begins: dayStart(settings.timeZone, day) / 1000,
				blocks: job.blocks.map((b) => b.id),
				products: job.products.map(({ id, label }) => ({ id, actives: (label.actives ?? []).map((a) => a.name) }))
			},
			(block) => seasonAround(day, harvests[block] ?? null, settings.cropSeason)
		);
	});
	read: Result<ReadJob> = $derived.by(() => {
		const { job, calibration } = this;
		if (!job) return bad({ code: 'missing', path: 'rate' });
		return readJob(job, calibration && si<'volumePerArea'>(calibration.rate), this.before);
	});
	issues: readonly Issue[] = $derived(this.read.ok ? [] : this.read.issues);
	/** Spray volume that the job goes by, m³/m². */
	rate: VolumePerArea | null = $derived(this.read.ok ? this.read.value.sheet.rate : null);

	/** Every split, and the one that is offered. */
	splits: { readonly choices: readonly SplitChoice[]; readonly offered: Split } | null = $derived.by(() => {
		if (!this.read.ok) return null;
		const { sheet, agitation, pace } = this.read.value;
		return compareSplits(sheet, { agitation, workRate: pace?.workRate ?? null, each: pace?.each ?? si<'time'>(0) });
	});
	/** One load less that would do, where the job rests on a calibration: within its ±. */
	less: OneLoadLess | null = $derived.by(() => {
		const u95 = this.calibration?.relativeU95;
		if (!this.splits || u95 === undefined || !this.read.ok) return null;
		const mix = this.splits.choices[0]?.plan?.mix;
		return mix === undefined ? null : oneLoadLess(mix, this.read.value.sheet.tank, u95);
	});
	/** The split that counts: the picked one, else the one that is offered. */
	chosen: SplitChoice | null = $derived.by(() => {
		const { splits } = this;
		return splits?.choices.find((c) => c.split === (this.split ?? splits.offered)) ?? null;
	});
	findings: readonly LabelFinding[] = $derived.by(() => (this.read.ok ? checkJob(this.read.value) : []));

	/** What is wrong at a place, in words; nothing while the field is empty and untouched. */
	problem(path: string): string | undefined {
		const issue = this.issues.find((i) => i.path === path);
		return issue && issue.code !== 'empty' ? wordIssue(issue) : undefined;
	}
	doseProblem(line: Line): string | undefined {
		const place = this.#products.findIndex((p) => p.id === line.id);
		if (place < 0) return undefined;
		const issue = this.issues.find(
			(i) => i.path.startsWith(`products.${place}.`) && i.code !== 'dose-area' && i.code !== 'dilute-or-mix'
		);
		return issue && wordIssue(issue);
	}
	/** What is wrong with the part of a block, at one of its fields. */
	partProblem(id: string, field: string): string | undefined {
		const place = this.ground.blocks.findIndex((b) => b.id === id);
		return place < 0 ? undefined : this.problem(`blocks.${place}.${field}`);
	}
	/** A calibration in doubt wants a reason before it is used. */
	wantsReason: boolean = $derived.by(
		() => this.by === 'calibration' && this.calibration?.doubt != null && this.reason.trim() === ''
	);
	/** Reasons that were written for stops, in the order in which they stand. */
	passed: readonly PassedStop[] = $derived.by(() =>
		labelStops(this.findings).flatMap((stop) => {
			const reason = (this.reasons[stopKey(stop)] ?? '').trim();
			return reason === '' ? [] : [{ ...stop, reason }];
		})
	);
	/** Stops that still want their reason. */
	open: readonly Stop[] = $derived.by(() => openStops(labelStops(this.findings), this.passed));
	/** All is there to keep it. */
	ready: boolean = $derived.by(
		() => this.chosen?.plan != null && !this.wantsReason && this.open.length === 0 && this.day !== ''
	);
	/** A question of a line: which of its two answers is still open. */
	asks(line: Line): { readonly per: boolean; readonly dilution: boolean } {
		const place = this.#products.findIndex((p) => p.id === line.id);
		const asked = (field: string) => this.issues.some((i) => i.path === `products.${place}.${field}`);
		return { per: line.per !== '' || asked('per'), dilution: line.dilution !== '' || asked('dilution') };
	}

	/** What is sent; the server fills in the rest itself. */
	asked(id: string): AskedJob | null {
		const { job, chosen } = this;
		if (!job || !chosen?.plan) return null;
		return {
			id,
			...(this.replaces && { replaces: this.replaces }),
			day: job.day,
			basis: askedBasis(basisOf(job)),
			calibrationId: this.calibration?.calibrationId ?? null,
			...(job.team && { team: job.team.map((m) => m.calibrationId) }),
			blocks: this.ground.asked() as AskedJob['blocks'],
			sprayed: job.sprayed ?? 1,
			tank: job.tank as AskedJob['tank'],
			products: job.products.map(({ id, dose, per, dilution }) => ({
				id,
				dose: dose as AskedJob['tank'],
				...(per && this.treated < 1 ? { per } : {}),
				...(dilution && this.canopy ? { dilution } : {})
			})),
			dilute: (job.dilute ?? null) as AskedJob['dilute'],
			drops: job.drops ?? null,
			passed: this.passed.map((p) => ({ ...p })),
			split: chosen.split,
			harvest: job.harvest ?? null,
			pace: job.pace as AskedJob['pace'],
			reason: job.reason,
			notes: job.notes
		};
	}
}
