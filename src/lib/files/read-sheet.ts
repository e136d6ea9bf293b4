import { m } from '$words';
import type {
	AnySheet,
	AreaReading,
	Bounds,
	Catch,
	CaughtTogether,
	FlowReading,
	Kind,
	NozzleCatches,
	Quantity,
	Rated,
	Result,
	RowsWidth,
	SpeedReading,
	TimedCourse,
	UsedReading,
	WidthReading
} from '../../core/index';
import { bad, bounds, good, si, within } from '../../core/index';
import type {
	AreaFile,
	CalibrationSheetFile,
	FlowFile,
	SpeedFile,
	TimedSpeedFile,
	UsedFile,
	WidthFile
} from './calibration-sheet';
import type { QuantityText } from './quantity-text';
import { QuantityReader } from './quantity-text';

/** Lets the reading go on after a quantity that could not be read, so that everything wrong is collected. */
const unread = <K extends Kind>() => si<K>(NaN);

/** A bare `oz` is fluid in a sheet. */
const fluid = { oz: 'fluid' } as const;
const catchKinds = ['volume', 'mass'] as const;

/** The list that holds one kind, always the same one. */
const lists = new Map<Kind, readonly Kind[]>();
function one<K extends Kind>(kind: K): readonly K[] {
	const known = lists.get(kind);
	if (known) return known as readonly K[];
	const made = [kind];
	lists.set(kind, made);
	return made;
}

/** Reads the parts of one sheet file into the core's quantities, each held against the bounds of its field. */
class SheetReader {
	readonly #r: QuantityReader;
	constructor(file: CalibrationSheetFile) {
		this.#r = new QuantityReader(file.gallon ?? 'US');
	}

	get issues() {
		return this.#r.issues;
	}

	need<K extends Kind>(text: QuantityText, kind: K, limits: Bounds, path: string): Quantity<K> {
		const read = this.#r.read(text, one(kind), path, fluid);
		if (!read) return unread<K>();
		const kept = within(read, limits, path);
		if (!kept.ok) this.issues.push(...kept.issues);
		return read.value;
	}

	may<K extends Kind>(text: QuantityText | undefined, kind: K, limits: Bounds, path: string): Quantity<K> | undefined {
		return text === undefined ? undefined : this.need(text, kind, limits, path);
	}

	timed(file: TimedSpeedFile): TimedCourse {
		return {
			course: this.need(file.course, 'length', bounds.course, 'speed.course'),
			times: file.times.map((t, i) => this.need(t, 'time', bounds.courseTime, `speed.times.${i}`)),
			dial: this.may(file.dial, 'speed', bounds.speed, 'speed.dial')
		};
	}

	speed(file: SpeedFile): SpeedReading {
		return 'value' in file
			? { stated: this.need(file.value, 'speed', bounds.speed, 'speed.value'), relative: file.relative }
			: this.timed(file);
	}

	rows(file: Extract<WidthFile, { kind: 'rows' }>, path: string): RowsWidth {
		const rowSpacing = this.need(file.rowSpacing, 'length', bounds.swath, `${path}.rowSpacing`);
		const { alleys, sides, otherSide } = file;
		return { kind: 'rows', rowSpacing, alleys, sides, ...(otherSide ? { otherSide } : {}) };
	}

	width(file: WidthFile): WidthReading {
		switch (file.kind) {
			case 'boom': {
				const spacing = this.need(file.spacing, 'length', bounds.spacing, 'width.spacing');
				return { kind: 'boom', nozzles: file.nozzles, spacing, on: file.on };
			}
			case 'rows':
				return this.rows(file, 'width');
			case 'band':
				return {
					kind: 'band',
					band: this.need(file.band, 'length', bounds.swath, 'width.band'),
					bands: file.bands,
					rowSpacing: this.need(file.rowSpacing, 'length', bounds.swath, 'width.rowSpacing'),
					rows: file.rows
				};
			case 'pans':
				return {
					kind: 'pans',
					spacing: this.need(file.spacing, 'length', bounds.swath, 'width.spacing'),
					catches: file.catches.map((c, i) => this.need(c, 'volume', bounds.catchVolume, `width.catches.${i}`)),
					driving: file.driving,
					maxCv: file.maxCv ?? 0.15,
					asked: this.may(file.asked, 'length', bounds.swath, 'width.asked')
				};
			case 'measured': {
				const wetted = this.need(file.wetted, 'length', bounds.swath, 'width.wetted');
				const edge = this.may(file.edgeOverlap, 'length', bounds.swath, 'width.edgeOverlap');
				if (edge !== undefined && edge * 2 >= wetted)
					this.issues.push({
						code: 'too-large',
						path: 'width.edgeOverlap',
						text: String(file.edgeOverlap),
						bound: m.bound_half_wetted_width()
					});
				const usable =
					edge !== undefined ? { edgeOverlap: edge } : file.share !== undefined ? { share: file.share } : 'as-is';
				return { kind: 'measured', wetted, usable, ...(file.estimated ? { estimated: true as const } : {}) };
			}
		}
	}

	flow(file: FlowFile): FlowReading {
		return {
			time: this.may(file.time, 'time', bounds.catchTime, 'flow.time'),
			catches: file.catches.map((c, i) => this.#catches(c, `flow.catches.${i}`)),
			...(file.buckets && { together: this.#together(file, file.buckets) }),
			nozzles: file.nozzles,
			groups: file.groups,
			rated: file.rated && this.#rated(file.rated, 'flow.rated'),
			ratings:
				file.ratings &&
				Object.fromEntries(
					Object.entries(file.ratings).map(([group, rated]) => [group, this.#rated(rated, `flow.ratings.${group}`)])
				),
			pressure: this.may(file.pressure, 'pressure', bounds.pressure, 'flow.pressure'),
			graduation: this.may(file.graduation, 'volume', bounds.graduation, 'flow.graduation'),
			catching: file.catching
		};
	}

	/** What went into one vessel: each nozzle once, and none that has a catch of its own. */
	#together({ catches }: FlowFile, buckets: NonNullable<FlowFile['buckets']>): CaughtTogether[] {
		const seen = new Set<number>();
		return buckets.flatMap(({ nozzles, amount, graduation }, i) => {
			const path = `flow.buckets.${i}`;
			for (const n of nozzles) {
				if (n > catches.length)
					this.issues.push({ code: 'too-large', path: `${path}.nozzles`, text: `${n}`, bound: `${catches.length}` });
				else if (seen.has(n) || catches[n - 1] !== null)
					this.issues.push({ code: 'twice', path: `${path}.nozzles`, text: `${n}` });
				seen.add(n);
			}
			const read = this.#r.read(amount, catchKinds, `${path}.amount`, fluid);
			if (!read) return [];
			const kept = within(read, read.kind === 'mass' ? bounds.catchMass : bounds.tankReading, `${path}.amount`);
			if (!kept.ok) this.issues.push(...kept.issues);
			const one: Catch = read.kind === 'mass' ? { mass: si<'mass'>(read.value) } : { volume: si<'volume'>(read.value) };
			const marks = this.may(graduation, 'volume', bounds.bucketMarks, `${path}.graduation`);
			return [{ places: nozzles.map((n) => n - 1), amount: one, ...(marks !== undefined && { graduation: marks }) }];
		});
	}

	#rated(file: NonNullable<FlowFile['rated']>, path: string): Rated {
		return {
			flow: this.need(file.flow, 'flow', bounds.nozzleFlow, `${path}.flow`),
			at: this.need(file.at, 'pressure', bounds.pressure, `${path}.at`)
		};
	}

	#catches(written: QuantityText | null | QuantityText[], path: string): NozzleCatches {
		if (written === null) return null;
		if (!Array.isArray(written)) {
			const one = this.#catch(written, path);
			return one ? [one] : [];
		}
		const catches: Catch[] = [];
		for (let i = 0; i < written.length; i += 1) {
			const one = this.#catch(written[i]!, `${path}.${i}`);
			if (one) catches.push(one);
		}
		return catches;
	}

	#catch(text: QuantityText, path: string): Catch | null {
		const read = this.#r.read(text, catchKinds, path, fluid);
		if (!read) return null;
		const kept = within(read, read.kind === 'mass' ? bounds.catchMass : bounds.catchVolume, path);
		if (!kept.ok) this.issues.push(...kept.issues);
		return read.kind === 'mass' ? { mass: si<'mass'>(read.value) } : { volume: si<'volume'>(read.value) };
	}

	area(file: AreaFile, path: string): AreaReading {
		if ('area' in file) return { by: 'stated', area: this.need(file.area, 'area', bounds.area, `${path}.area`) };
		if ('block' in file)
			return { by: 'block', block: this.need(file.block, 'area', bounds.area, `${path}.block`), share: file.share };
		if ('row' in file)
			return {
				by: 'row',
				row: this.need(file.row, 'length', bounds.side, `${path}.row`),
				width: this.rows(file.width, `${path}.width`)
			};
		return {
			by: 'sides',
			length: this.need(file.length, 'length', bounds.side, `${path}.length`),
			width: this.need(file.width, 'length', bounds.side, `${path}.width`)
		};
	}

	used(file: UsedFile): UsedReading[] {
		const volume = (text: QuantityText, path: string) =>
			this.need(text, 'volume', { min: 1e-6, max: bounds.tank.max, zero: true }, path);
		return file.map((one, i) =>
			'added' in one
				? { added: volume(one.added, `used.${i}.added`) }
				: { start: volume(one.start, `used.${i}.start`), left: volume(one.left, `used.${i}.left`) }
		);
	}
}

/** A parsed sheet file into quantities for the core; everything that is wrong with it is told. */
export function readCalibrationSheet(file: CalibrationSheetFile): Result<AnySheet> {
	const r = new SheetReader(file);
	const sheet = ((): AnySheet => {
		switch (file.method) {
			case 'speed-width-flow':
				return { method: file.method, speed: r.speed(file.speed), width: r.width(file.width), flow: r.flow(file.flow) };
			case 'course-catch':
				return {
					method: file.method,
					speed: r.timed(file.speed),
					width: r.width(file.width),
					flow: r.flow(file.flow),
					...(file.driven ? { driven: true } : {})
				};
			case 'plot-catch':
				return {
					method: file.method,
					plot: r.area(file.plot, 'plot'),
					times: file.times.map((t, i) => r.need(t, 'time', bounds.courseTime, `times.${i}`)),
					flow: r.flow(file.flow)
				};
			case 'refill':
				return {
					method: file.method,
					area: r.area(file.area, 'area'),
					used: r.used(file.used),
					tank: r.may(file.tank, 'volume', bounds.tank, 'tank')
				};
			case 'parked-drop':
				return {
					method: file.method,
					speed: r.timed(file.speed),
					width: r.width(file.width),
					used: r.used(file.used),
					tank: r.may(file.tank, 'volume', bounds.tank, 'tank'),
					run: r.may(file.run, 'time', bounds.courseTime, 'run')
				};
		}
	})();
	return r.issues.length > 0 ? bad(...r.issues) : good(sheet);
}
