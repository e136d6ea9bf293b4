import { m } from '$words';
import type {
	Adjustment,
	Aim,
	Before,
	MethodCalibration,
	Nozzle,
	NozzleChoice,
	Prediction,
	Pressure,
	PumpMargin,
	Reach,
	SprayerNumbers,
	TypedSprayer,
	FoldedCalibration,
	Speed,
	TypedAim,
	TypedChange,
	VolumePerArea,
	WantedLine
} from '$core';
import {
	adjust,
	aimAt,
	dialFor,
	inUnit,
	predictChange,
	pressureOn,
	pumpMargin,
	beforeOf,
	showFigure,
	si,
	speedOn,
	usualAgitation,
	volumeAt,
	wantedLine,
	waterEquivalent,
	quantityOf
} from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, measuresOf, typed } from '$lib/settings/field-units';
import type { Setting } from '$lib/wire/sprayer';
import { nozzleName } from '$lib/wording/nozzles';
import { AimForm } from './aim-form.svelte';
import type { NozzleRange, Present } from './adjust-reach';
import { fittedNozzle } from '$lib/show/fitted-nozzle';
import { fittedPoints, presentOf, pressureRangeOf, reachOf, speedRangeOf } from './adjust-reach';

/** What is adjusted: a calibration, signed or not, and the farm's table. Getters, so that it stays in step with the readings. */
export interface AdjustSource {
	readonly sprayer: TypedSprayer;
	readonly numbers: SprayerNumbers;
	readonly settings: FarmSettings;
	readonly setting: Setting | null;
	readonly entered: FoldedCalibration;
	readonly answer: MethodCalibration | null;
	readonly table: readonly Nozzle[];
	/** Keeps what is wanted and what will be changed; answers with what stands against it, or nothing. */
	keep(aim: TypedAim, change: TypedChange | null): Promise<string>;
}

/** A point that was picked on the line of the wanted volume. */
interface Point {
	readonly speed: Speed;
	readonly pressure: Pressure | null;
}

/**
 * From the measured volume to the wanted one. Everything follows from what was measured, what is wanted, the nozzle that
 * is looked at (the fitted one or another) and one picked point: moving one lever moves the other along the wanted line.
 */
export class AdjustState {
	readonly source: AdjustSource;
	readonly form: AimForm;
	/** A nozzle other than the fitted one. */
	other = $state.raw<Nozzle | null>(null);
	/** A set for an arc. */
	set = $state.raw<TypedChange['set'] | null>(null);
	#point = $state.raw<Point | null>(null);
	problem = $state('');

	constructor(source: AdjustSource) {
		this.source = source;
		this.form = new AimForm(source.numbers, source.settings, source.entered.aim);
	}

	before: Before | null = $derived.by(() => {
		const { numbers, entered, answer } = this.source;
		return answer && beforeOf(numbers, entered, answer);
	});
	present: Present | null = $derived.by(() => {
		const { answer } = this.source;
		return answer && this.before && presentOf(answer, this.before);
	});
	measured: VolumePerArea | null = $derived.by(() => this.source.answer?.rate.value ?? null);
	fitted: Nozzle | null = $derived.by(() =>
		fittedNozzle(this.source.sprayer.nozzle, this.source.sprayer.kind, this.source.table)
	);
	range: NozzleRange = $derived.by(() => pressureRangeOf(this.source.numbers, this.fitted));
	gravity: number = $derived.by(() => this.form.aim?.specificGravity ?? 1);

	/** Keep or change, and what to aim at. What was measured with water comes out lower of a heavier liquid. */
	aim: Aim | null = $derived.by(() => {
		const { answer } = this.source;
		const { wanted } = this.form;
		if (!answer || !wanted) return null;
		const measured = si<'volumePerArea'>(answer.rate.value / Math.sqrt(this.gravity));
		return aimAt(measured, answer.relativeUncertainty95, wanted);
	});
	/** What to measure with water so that the liquid comes out as wanted. */
	water: VolumePerArea | null = $derived.by(() => this.aim && waterEquivalent(this.aim.volume, this.gravity));

	/** The levers one by one. */
	levers: Adjustment | null = $derived.by(() => {
		const { present, aim, measured, range } = this;
		if (!present || !aim || measured === null) return null;
		const points = fittedPoints(present);
		return adjust({
			measured,
			wanted: aim.volume,
			speed: present.speed,
			pressure: present.pressure ?? undefined,
			spacing: present.served,
			specificGravity: this.gravity,
			nozzle: points ? { points, range } : undefined,
			// Without a measured speed nobody knows which part of it the sprayer can be driven at.
			speedRange: (present.paced ? null : this.speeds) ?? undefined,
			first: this.source.settings.adjustFirst
		});
	});

	speeds = $derived.by(() => (this.present ? speedRangeOf(this.source.numbers, this.present) : null));

	/** What the sprayer can reach with the nozzle that is looked at; null without a gauge. */
	reach: Reach | null = $derived.by(() => {
		const { present, speeds, range, other, gravity } = this;
		if (!present || !speeds) return null;
		if (other) return reachOf(present, other.points, gravity, speeds, { low: other.low, high: other.high });
		const points = fittedPoints(present);
		return points && reachOf(present, points, gravity, speeds, range);
	});
	line: WantedLine | null = $derived.by(() =>
		this.reach && this.aim ? wantedLine(this.reach, this.aim.volume) : null
	);

	/** Where the levers stand: the picked point, on the wanted line of the nozzle that is looked at. */
	point: Point | null = $derived.by(() => {
		const { present, reach, aim } = this;
		if (!present || !aim) return null;
		const speed = this.#point?.speed ?? present.speed;
		if (this.#point && !reach) return this.#point;
		if (!this.#point && !this.other && aim.keep) return { speed, pressure: present.pressure };
		if (!reach) return { speed, pressure: null };
		return { speed, pressure: pressureOn(reach, aim.volume, speed) };
	});
	/** What it gives there, of the liquid. */
	gives: VolumePerArea | null = $derived.by(() =>
		this.point?.pressure && this.reach ? volumeAt(this.reach, this.point.speed, this.point.pressure) : null
	);
	/** How the picked point stands to the ranges. */
	pointOut: 'too-slow' | 'too-fast' | 'under' | 'over' | null = $derived.by(() => {
		const { point, reach } = this;
		if (!point || !reach) return null;
		const slack = 1e-9;
		if (point.speed < reach.speeds.low * (1 - slack)) return 'too-slow';
		if (point.speed > reach.speeds.high * (1 + slack)) return 'too-fast';
		if (point.pressure === null) return null;
		if (point.pressure < reach.pressures.low * (1 - slack)) return 'under';
		return point.pressure > reach.pressures.high * (1 + slack) ? 'over' : null;
	});

	/** Something other than what was measured is picked. */
	moved: boolean = $derived.by(() => this.#point !== null || this.other !== null || this.set !== null);

	moveSpeed(speed: Speed): void {
		this.#point = { speed, pressure: null };
	}
	movePressure(pressure: Pressure): void {
		if (this.reach && this.aim) this.#point = { speed: speedOn(this.reach, this.aim.volume, pressure), pressure };
	}
	/** One lever alone. */
	useSpeed(): void {
		this.useFitted();
		if (this.levers?.speed) this.#point = { speed: this.levers.speed, pressure: this.present?.pressure ?? null };
	}
	usePressure(): void {
		this.useFitted();
		if (this.present) this.#point = { speed: this.present.speed, pressure: this.levers?.pressure ?? null };
	}
	useNozzle(choice: NozzleChoice): void {
		this.set = null;
		this.other = choice.nozzle.key === this.fitted?.key ? null : choice.nozzle;
		this.#point = { speed: choice.speed, pressure: choice.pressure };
	}
	useSet(set: NonNullable<TypedChange['set']>): void {
		this.other = null;
		this.#point = null;
		this.set = set;
	}
	/** Back to what is fitted and driven now. */
	useFitted(): void {
		this.other = null;
		this.set = null;
		this.#point = null;
	}

	/** What the dial has to show at a speed, by what it showed in the calibration. */
	dialAt(speed: Speed): Speed | null {
		const { entered, answer } = this.source;
		const dial = quantityOf(entered.dial);
		return dial !== null && answer?.speed ? dialFor(speed, answer.speed.value, dial) : null;
	}

	/** What would be written down; null while nothing is picked. */
	change: TypedChange | null = $derived.by(() => {
		const { present, point, other, set } = this;
		const { settings } = this.source;
		if (!present || !this.moved) return null;
		const units = fieldUnits(settings);
		const text = (value: number, unit: string) => typed(showFigure(value, 4, settings.decimalComma), unit, settings);
		const differs = (a: number, b: number) => Math.abs(a / b - 1) > 1e-4;
		const change: { -readonly [K in keyof TypedChange]: TypedChange[K] } = {};
		if (set) return { set };
		if (point && differs(point.speed, present.speed)) {
			if (present.paced) change.pace = Number((point.speed / present.speed).toPrecision(4));
			else {
				change.speed = text(inUnit('speed', point.speed, units.speed), units.speed);
				const dial = this.dialAt(point.speed);
				if (dial) change.dial = text(inUnit('speed', dial, units.speed), units.speed);
			}
		}
		if (point?.pressure && (present.pressure === null || differs(point.pressure, present.pressure)))
			change.pressure = text(inUnit('pressure', point.pressure, units.pressure), units.pressure);
		if (other) {
			const at = other.points.find((p) => point?.pressure && p.pressure >= point.pressure) ?? other.points[0]!;
			change.nozzle = {
				name: nozzleName(other),
				rated: {
					flow: text(inUnit('flow', at.flow, units.flow), units.flow),
					at: text(inUnit('pressure', at.pressure, units.pressure), units.pressure)
				},
				points: other.points
			};
		}
		return Object.keys(change).length > 0 ? change : null;
	});

	/** What the change will bring, with water: what the next calibration is held against. */
	prediction: Prediction | null = $derived.by(() => {
		if (!this.change || !this.before) return null;
		const predicted = predictChange(this.before, this.change);
		return predicted.ok ? predicted.value : null;
	});

	/** Whether the pump feeds the nozzles and the agitation; null where its capacity is not known. */
	pump: PumpMargin | null = $derived.by(() => {
		const { pump, stir, tank } = this.source.numbers;
		const { answer } = this.source;
		const flow = answer?.flow?.value;
		if (pump === null || flow === undefined || !this.present) return null;
		const share = this.prediction ? this.prediction.volume / answer!.rate.value : 1;
		const faster = this.point && !this.set ? this.point.speed / this.present.speed : 1;
		return pumpMargin(si<'flow'>(flow * share * faster), stir ?? usualAgitation(tank), pump);
	});

	/** Unit of the speeds that are shown. */
	get speedUnit(): 'km/h' | 'mph' {
		return measuresOf(this.source.settings) === 'metric' ? 'km/h' : 'mph';
	}

	/** Words on the way onward. */
	next: string = $derived.by(() => {
		const { aim } = this;
		if (this.change) return m.make_this_change();
		if (aim?.keep) {
			const unit = this.source.settings.rateUnit;
			const { rate } = this.source.answer!;
			return m.keep({
				figure: showFigure(inUnit('volumePerArea', rate.value, unit), 3, this.source.settings.decimalComma)
			});
		}
		return aim ? m.to_the_signature_unchanged() : m.to_the_signature();
	});

	/**
	 * Writes down what is wanted and, where something is picked, what will be changed. Answers whether one can go on: with
	 * nothing typed there is nothing to keep; what does not read stays in its field with what is wrong.
	 */
	async keep(): Promise<boolean> {
		const { aim } = this.form;
		if (!aim) return this.form.empty;
		this.problem = await this.source.keep(aim, this.change);
		return this.problem === '';
	}
}
