import { m } from '$words';
import type {
	DoseArea,
	Issue,
	ReadFullTank,
	Result,
	TypedFullTank,
	TypedLabel,
	TypedProduct,
	VolumePerArea
} from '$core';
import { bad, fields, longest, readField, readFullTank, readLabel, si, tooLong } from '$core';
import type { DoseUnit } from '$lib/settings/dose-units';
import { doseUnits, typedDose } from '$lib/settings/dose-units';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import { keptText, typedText } from '$lib/settings/typed-text';
import type { JobStart } from '$lib/wire/job-start';
import type { TankMixInput } from '$lib/wire/tank-mix';
import { wordIssue } from '$lib/wording/issues';
import type { JobCalibration } from '$lib/wire/job-source';

/** A calibration with the sprayer that it is of. */
type TankCalibration = JobCalibration & { readonly sprayerId: string };

export interface TankSource {
	readonly settings: FarmSettings;
	readonly calibrations: readonly TankCalibration[];
	readonly products: readonly { readonly id: string; readonly label: TypedLabel }[];
	readonly mixes: readonly { readonly id: string; readonly mix: TankMixInput }[];
}

/** A dose as it is written on the screen. */
export interface DoseLine {
	readonly key: number;
	name: string;
	dose: string;
	/** One of {@link doseUnits}: what a bare number is in, and whether the product is liquid or dry. */
	unit: string;
	/** On bands: what the dose is of; empty until it is said. */
	per: DoseArea | '';
}

export const fills = ['full', 'half', 'typed'] as const;
export type Fill = (typeof fills)[number];

/** One full tank, worked out as it is typed: what it covers and what goes in it, from a calibration or from a spray volume. */
export class FullTankState {
	readonly source: TankSource;
	readonly units: ReturnType<typeof fieldUnits>;
	readonly doseUnits: readonly DoseUnit[];
	#nextKey = 1;
	/** Empty: a spray volume is typed instead. */
	calibrationId = $state('');
	volume = $state('');
	/** What the tank holds, where no sprayer tells it. */
	tank = $state('');
	fill = $state<Fill>('full');
	amount = $state('');
	lines = $state<DoseLine[]>([]);
	/** The line that is being written; null while none is. */
	writing = $state<DoseLine | null>(null);
	/** The mix that the lines came from, and its name. */
	mixId = $state('');
	mixName = $state('');

	/** A calibration was asked for that is none any more. */
	readonly lost: boolean;

	constructor(source: TankSource, { calibration = '', mix = '' } = {}) {
		this.source = source;
		this.units = fieldUnits(source.settings);
		this.doseUnits = doseUnits(source.settings);
		const known = source.calibrations.find((c) => c.id === calibration || c.sprayerId === calibration);
		// One that was asked for is never replaced by another in silence.
		this.lost = calibration !== '' && !known;
		this.calibrationId = this.lost ? '' : ((known ?? source.calibrations[0])?.id ?? '');
		if (mix) this.useMix(mix);
		if (this.lines.length === 0) this.write();
	}

	calibration: TankCalibration | null = $derived.by(
		() => this.source.calibrations.find((c) => c.id === this.calibrationId) ?? null
	);
	treated: number = $derived.by(() => {
		const { width = null, fieldWidth = null } = this.calibration ?? {};
		return width !== null && fieldWidth !== null ? Math.min(1, width / fieldWidth) : 1;
	});
	relativeU95: number = $derived(this.calibration?.relativeU95 ?? 0);
	#volume = $derived.by(() => {
		const { settings } = this.source;
		return readField(fields.volumePerArea, typed(this.volume, settings.rateUnit, settings), 'volume');
	});
	/** Spray volume that it goes by, m³/m²; null while none is known. */
	rate: VolumePerArea | null = $derived.by(() => {
		if (this.calibration) return si<'volumePerArea'>(this.calibration.rate);
		return this.#volume.ok ? this.#volume.value.value : null;
	});

	/** The tank as it was typed: the sprayer's, or the one of the field. */
	tankTyped = $derived.by(() => {
		const { settings } = this.source;
		return this.calibration?.rig.tank ?? typed(this.tank, this.units.tank, settings);
	});
	/** What is asked to be in the tank, as typed; half of it where that is picked. */
	mixTyped = $derived.by(() =>
		this.fill === 'typed' ? typed(this.amount, this.units.tank, this.source.settings) : this.tankTyped
	);
	/** A unit that a new line begins with: the one of the line before. */
	write(line?: DoseLine): void {
		this.writing = line
			? { ...line }
			: {
					key: this.#nextKey++,
					name: '',
					dose: '',
					unit: this.lines.at(-1)?.unit ?? this.doseUnits[0]!.value,
					per: ''
				};
	}
	/** Takes what is being written into the list; answers whether it reads. */
	add(): boolean {
		const line = this.writing;
		if (!line || this.lineProblem(line) !== undefined || line.dose.trim() === '') return false;
		const at = this.lines.findIndex((l) => l.key === line.key);
		if (at >= 0) this.lines[at] = line;
		else this.lines.push(line);
		this.write();
		return true;
	}
	/** Takes a dose out; what it answers with puts it back. */
	remove(key: number): () => void {
		const before = this.lines;
		this.lines = before.filter((l) => l.key !== key);
		this.write();
		return () => (this.lines = before);
	}
	productOf = (name: string) =>
		this.source.products.find((p) => p.label.name.toLowerCase() === name.trim().toLowerCase()) ?? null;

	/** A product of the farm brings its label's dose, and what that is of. */
	named(line: DoseLine): void {
		const label = this.productOf(line.name)?.label;
		if (!label) return;
		const dose = label.dose.high ?? label.dose.low;
		const unit = this.doseUnits.find((u) => u.value === dose.unit);
		line.unit = unit?.value ?? this.doseUnits.find((u) => u.state === label.state)!.value;
		if (line.dose.trim() === '') line.dose = keptText(dose, line.unit, this.source.settings);
		line.per ||= label.per ?? '';
	}

	#productOfLine(line: DoseLine, i: number): TypedProduct {
		const unit = this.doseUnits.find((u) => u.value === line.unit) ?? this.doseUnits[0]!;
		return {
			name: line.name.trim() || m.product({ i: i + 1 }),
			dose: typedDose(line.dose, unit, this.source.settings),
			state: this.productOf(line.name)?.label.state ?? unit.state,
			...(line.per && this.treated < 1 ? { per: line.per } : {})
		};
	}
	products: readonly TypedProduct[] = $derived.by(() => this.lines.map((line, i) => this.#productOfLine(line, i)));
	#labels(names: readonly string[]) {
		return names.map((name) => {
			const label = this.productOf(name)?.label;
			const read = label && readLabel(label);
			return read?.ok ? read.value : null;
		});
	}

	#read(products: readonly TypedProduct[]): Result<ReadFullTank> {
		const { rate, fill } = this;
		if (rate === null) return bad({ code: 'missing', path: 'volume' });
		const asked: TypedFullTank = {
			mix: this.mixTyped,
			share: fill === 'half' ? 0.5 : 1,
			products
		};
		return readFullTank(asked, rate, this.relativeU95, this.treated, this.#labels(products.map((p) => p.name)));
	}
	read: Result<ReadFullTank> = $derived.by(() => this.#read(this.products));
	issues: readonly Issue[] = $derived(this.read.ok ? [] : this.read.issues);

	/** What is wrong with the amount of mix or the volume, once something stands there. */
	problem(path: 'mix' | 'volume'): string | undefined {
		if (path === 'volume') {
			const [issue] = this.calibration || this.#volume.ok ? [] : this.#volume.issues;
			return issue && issue.code !== 'empty' ? wordIssue(issue) : undefined;
		}
		const issue = this.issues.find((i) => i.path === path);
		return issue && issue.code !== 'empty' ? wordIssue(issue) : undefined;
	}
	/** What is wrong with a line that is being written; nothing while its dose is empty. */
	lineProblem(line: DoseLine): string | undefined {
		const [long] = tooLong('name', line.name, longest.name);
		if (long) return wordIssue(long);
		if (line.dose.trim() === '') return undefined;
		const others = this.lines.filter((l) => l.key !== line.key);
		const all = [...others, line].map((l, i) => this.#productOfLine(l, i));
		const read = this.#read(all);
		if (read.ok) return undefined;
		const mine = read.issues.find((i) => i.path.startsWith(`products.${all.length - 1}.`));
		const issue = mine ?? read.issues.find((i) => i.code === 'products-fill-tank');
		return issue && issue.code !== 'dose-area' ? wordIssue(issue) : undefined;
	}
	/** On bands a dose has to say what it is of. */
	asksPer: boolean = $derived.by(() => this.treated < 1);

	useMix(id: string): void {
		const kept = this.source.mixes.find((m) => m.id === id);
		this.mixId = kept ? id : '';
		this.mixName = kept?.mix.name ?? '';
		if (!kept) return;
		this.lines = kept.mix.products.map(({ name, dose, state = 'liquid', per }): DoseLine => {
			const unit =
				this.doseUnits.find((u) => u.value === dose.unit && u.state === state) ??
				this.doseUnits.find((u) => u.state === state)!;
			return {
				key: this.#nextKey++,
				name,
				dose: keptText(dose, unit.value, this.source.settings),
				unit: unit.value,
				per: per ?? ''
			};
		});
		this.write();
	}

	/** What is saved as a tank mix; null while there is nothing to save or something does not read. */
	mix(name: string): TankMixInput | null {
		const products = this.#asked();
		return name.trim() === '' || products.length === 0 ? null : { name: name.trim(), products };
	}
	/** The same doses as a job begins with. */
	job: JobStart = $derived.by(() => ({
		...(this.calibration && { calibration: this.calibration.id }),
		tank: this.fill === 'typed' && this.amount.trim() !== '' ? this.amount.trim() : typedText(this.tankTyped),
		products: this.#asked()
	}));
	#asked(): TankMixInput['products'] {
		return this.products.map(({ name, dose, state, per }) => {
			const product = this.productOf(name)?.id;
			return { name, dose: { ...dose }, ...(product && { product }), ...(state && { state }), ...(per && { per }) };
		});
	}
}
