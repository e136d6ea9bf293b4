import type {
	Issue,
	JobBlock,
	LabelFinding,
	ReadJob,
	Result,
	Rig,
	Split,
	SplitChoice,
	TypedJob,
	TypedLabel,
	VolumePerArea
} from '$core';
import { bad, checkLabels, compareSplits, readBlock, readJob, si } from '$core';
import { outlinedArea } from '$lib/formats/block';
import type { AskedJob } from '$lib/formats/job';
import type { FarmSettings } from '$lib/formats/farm-settings';
import { fieldUnits, typed } from '$lib/formats/field-units';
import { typedText } from '$lib/formats/typed-text';
import { wordIssue } from '$lib/wording/issues';
import type { TypedBlock } from '$core';

export interface JobSource {
	readonly settings: FarmSettings;
	readonly blocks: readonly { readonly id: string; readonly block: TypedBlock; readonly area: number }[];
	readonly products: readonly { readonly id: string; readonly label: TypedLabel }[];
	readonly calibrations: readonly JobCalibration[];
	readonly today: string;
}

/** A calibration that a job can rest on. */
export interface JobCalibration {
	readonly id: string;
	readonly sprayer: string;
	readonly setting: string;
	readonly rig: Rig;
	readonly rate: number;
	readonly relativeU95: number;
	readonly signedDay: string;
	readonly doubt: string | null;
}

interface Line {
	readonly key: number;
	id: string;
	dose: string;
}

/** How long one load's fill, mix and drive take, until somebody says otherwise: a quarter of an hour. */
const usualEach = '15';

/** A job as it is planned: ground, a calibration, products with doses, and every split side by side. */
export class JobPlanState {
	readonly source: JobSource;
	readonly units: ReturnType<typeof fieldUnits>;
	#nextKey = 1;
	/** Shares of the picked blocks, as typed per cent, by block. */
	picked = $state<Record<string, string>>({});
	calibrationId = $state('');
	day = $state('');
	tank = $state('');
	lines = $state<Line[]>([]);
	split = $state<Split | null>(null);
	each = $state(usualEach);
	reason = $state('');
	notes = $state('');

	constructor(source: JobSource, block: string | null = null) {
		this.source = source;
		this.units = fieldUnits(source.settings);
		this.day = source.today;
		if (block && source.blocks.some((b) => b.id === block)) this.picked[block] = '100';
		const [first] = source.calibrations;
		if (first) this.useCalibration(first.id);
		this.addLine();
	}

	calibration: JobCalibration | null = $derived.by(
		() => this.source.calibrations.find((c) => c.id === this.calibrationId) ?? null
	);

	useCalibration(id: string): void {
		this.calibrationId = id;
		const rig = this.source.calibrations.find((c) => c.id === id)?.rig;
		if (rig) this.tank = typedText(rig.tank);
	}

	toggle(id: string): void {
		if (this.picked[id] === undefined) this.picked[id] = '100';
		else delete this.picked[id];
	}

	addLine(): void {
		this.lines.push({ key: this.#nextKey++, id: '', dose: '' });
	}
	/** A product brings its label's dose: the most of its range, which the operator lowers. */
	pick(line: Line, id: string): void {
		line.id = id;
		const label = this.source.products.find((p) => p.id === id)?.label;
		line.dose = label ? typedText(label.dose.high ?? label.dose.low) : '';
	}
	drop(key: number): void {
		this.lines = this.lines.filter((l) => l.key !== key);
	}

	#share(id: string): number {
		const text = (this.picked[id] ?? '').replace('%', '').replace(',', '.').trim();
		return text === '' ? NaN : Number(text) / 100;
	}

	#products = $derived.by(() =>
		this.lines.flatMap((line) => {
			const product = this.source.products.find((p) => p.id === line.id);
			if (!product) return [];
			const unit = product.label.state === 'dry' ? this.units.dryDose : this.units.dose;
			return [{ id: product.id, label: product.label, dose: typed(line.dose, unit, this.source.settings) }];
		})
	);

	job: TypedJob | null = $derived.by(() => {
		const { calibration } = this;
		if (!calibration) return null;
		const blocks = this.source.blocks.flatMap(({ id, block, area }): JobBlock[] => {
			if (this.picked[id] === undefined) return [];
			const read = readBlock(block, outlinedArea(block.boundary));
			const numbers = read.ok ? read.value : null;
			return [
				{
					id,
					name: block.name,
					area,
					share: this.#share(id),
					rows: numbers?.rows ?? null,
					spacing: numbers?.spacing ?? null
				}
			];
		});
		return {
			day: this.day,
			blocks,
			tank: typed(this.tank, this.units.tank, this.source.settings),
			dead: calibration.rig.dead ?? null,
			agitation: calibration.rig.agitation ?? null,
			products: this.#products,
			split: this.split ?? 'full-then-part',
			reason: this.reason.trim(),
			notes: this.notes.trim()
		};
	});
	read: Result<ReadJob> = $derived.by(() =>
		this.job && this.calibration
			? readJob(this.job, si<'volumePerArea'>(this.calibration.rate) as VolumePerArea)
			: bad({ code: 'missing', path: 'rate' })
	);
	issues: readonly Issue[] = $derived(this.read.ok ? [] : this.read.issues);

	/** Every split, and the one that is offered. */
	splits: { readonly choices: readonly SplitChoice[]; readonly offered: Split } | null = $derived.by(() => {
		if (!this.read.ok) return null;
		const { sheet, agitation } = this.read.value;
		const minutes = Number(this.each.replace(',', '.'));
		return compareSplits(sheet, {
			agitation,
			workRate: null,
			each: si<'time'>(Number.isFinite(minutes) ? minutes * 60 : 0)
		});
	});
	/** The split that counts: the picked one, else the one that is offered. */
	chosen: SplitChoice | null = $derived.by(() => {
		const { splits } = this;
		return splits?.choices.find((c) => c.split === (this.split ?? splits.offered)) ?? null;
	});
	findings: readonly LabelFinding[] = $derived.by(() =>
		this.read.ok ? checkLabels(this.read.value.checks, this.read.value.sheet.rate, 1) : []
	);

	/** What is wrong at a place. */
	problem(path: string): string | undefined {
		const issue = this.issues.find((i) => i.path === path);
		return issue && wordIssue(issue);
	}
	/** What is wrong with a line's dose, once it has one. */
	doseProblem(line: Line): string | undefined {
		const place = this.#products.findIndex((p) => p.id === line.id);
		return place < 0 || line.dose.trim() === '' ? undefined : this.problem(`products.${place}.dose`);
	}
	shareProblem(id: string): string | undefined {
		const place = this.job?.blocks.findIndex((b) => b.id === id) ?? -1;
		return place < 0 ? undefined : this.problem(`blocks.${place}.share`);
	}
	/** A calibration in doubt wants a reason before it is used. */
	wantsReason: boolean = $derived.by(() => this.calibration?.doubt != null && this.reason.trim() === '');
	/** All is there to keep it. */
	ready: boolean = $derived.by(() => this.chosen?.plan != null && !this.wantsReason && this.day !== '');

	/** What is sent; the server fills in the rest itself. */
	asked(id: string): AskedJob | null {
		const { job, chosen } = this;
		if (!job || !chosen?.plan) return null;
		return {
			id,
			day: job.day,
			calibrationId: this.calibrationId,
			blocks: job.blocks.map((b) => ({ id: b.id, share: b.share })),
			tank: job.tank as AskedJob['tank'],
			products: job.products.map((p) => ({ id: p.id, dose: p.dose as AskedJob['tank'] })),
			split: chosen.split,
			reason: job.reason,
			notes: job.notes
		};
	}
}
