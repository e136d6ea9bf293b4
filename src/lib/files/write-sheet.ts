import type {
	AnySheet,
	AreaReading,
	Catch,
	FlowReading,
	Kind,
	Quantity,
	Rated,
	SpeedReading,
	TimedCourse,
	UnitOf,
	UsedReading,
	WidthReading
} from '../../core/index';
import { inUnit, si } from '../../core/index';
import type { CalibrationSheetFile } from './calibration-sheet';

/** A quantity as the file holds it: at full precision, in one plain unit. */
const q =
	<K extends Kind>(kind: K, unit: UnitOf<K> & string) =>
	(value: Quantity<K>) => ({ value: inUnit(kind, value, unit), unit });

const metres = q('length', 'm');
const seconds = q('time', 's');
const litres = q('volume', 'L');
const millilitres = q('volume', 'ml');
const squareMetres = q('area', 'm2');
const perMinute = q('flow', 'L/min');
const kilopascals = q('pressure', 'kPa');
const may = <T, R>(value: T | undefined, write: (value: T) => R): R | undefined =>
	value === undefined ? undefined : write(value);

const timed = (speed: TimedCourse) => ({
	course: metres(speed.course),
	times: speed.times.map(seconds),
	dial: may(speed.dial, q('speed', 'm/s'))
});
const speedOf = (speed: SpeedReading) =>
	'stated' in speed
		? {
				value: q('speed', 'm/s')(speed.stated),
				...(speed.relative === undefined ? {} : { relative: speed.relative })
			}
		: timed(speed);

function widthOf(width: WidthReading) {
	switch (width.kind) {
		case 'boom':
			return { kind: width.kind, nozzles: width.nozzles, spacing: metres(width.spacing), on: width.on };
		case 'rows':
			return rowsOf(width);
		case 'band':
			return { ...width, band: metres(width.band), rowSpacing: metres(width.rowSpacing) };
		case 'pans':
			return {
				kind: width.kind,
				spacing: metres(width.spacing),
				catches: width.catches.map(millilitres),
				driving: width.driving,
				maxCv: width.maxCv,
				asked: may(width.asked, metres)
			};
		case 'measured': {
			const { usable, kind, estimated } = width;
			const told = { kind, wetted: metres(width.wetted), ...(estimated ? { estimated } : {}) };
			if (usable === 'as-is') return { ...told, asIs: true as const };
			return 'share' in usable
				? { ...told, share: usable.share }
				: { ...told, edgeOverlap: metres(usable.edgeOverlap) };
		}
	}
}

const rowsOf = (width: Extract<WidthReading, { kind: 'rows' }>) => ({ ...width, rowSpacing: metres(width.rowSpacing) });
const ratedOf = (rated: Rated) => ({ flow: perMinute(rated.flow), at: kilopascals(rated.at) });

/** A tip tester's flow goes out as what it gives in the catch time: the file knows catches only. */
const catchOf = (one: Catch, time: number) => {
	if ('volume' in one) return millilitres(one.volume);
	return 'mass' in one ? q('mass', 'g')(one.mass) : millilitres(si(one.flow * time));
};

function flowOf(flow: FlowReading, courseTime: number) {
	const time = flow.time ?? courseTime;
	return {
		time: may(flow.time, seconds),
		catches: flow.catches.map((catches) => {
			if (catches === null) return null;
			const written = catches.map((one) => catchOf(one, time));
			return written.length === 1 ? written[0]! : written;
		}),
		buckets: may(flow.together, (together) =>
			together.map(({ places, amount, graduation }) => ({
				nozzles: places.map((p) => p + 1),
				amount: catchOf(amount, time),
				...(graduation !== undefined && { graduation: millilitres(graduation) })
			}))
		),
		nozzles: flow.nozzles,
		groups: may(flow.groups, (groups) => [...groups]),
		rated: may(flow.rated, ratedOf),
		ratings: may(flow.ratings, (ratings) =>
			Object.fromEntries(Object.entries(ratings).map(([group, rated]) => [group, ratedOf(rated)]))
		),
		pressure: may(flow.pressure, kilopascals),
		graduation: may(flow.graduation, millilitres),
		catching: flow.catching
	};
}

function areaOf(area: AreaReading) {
	switch (area.by) {
		case 'stated':
			return { area: squareMetres(area.area) };
		case 'sides':
			return { length: metres(area.length), width: metres(area.width) };
		case 'row':
			return { row: metres(area.row), width: rowsOf(area.width) };
		case 'block':
			return { block: squareMetres(area.block), share: area.share };
	}
}

const usedOf = (used: UsedReading) =>
	'added' in used ? { added: litres(used.added) } : { start: litres(used.start), left: litres(used.left) };

const mean = (times: readonly number[]) => times.reduce((s, t) => s + t, 0) / times.length;

/** A sheet as `fallow-sheet/1`, every figure at full precision: reading it in again computes the same answer. */
export function writeCalibrationSheet(sheet: AnySheet): CalibrationSheetFile {
	const head = { format: 'fallow-sheet/1' } as const;
	const file = (() => {
		switch (sheet.method) {
			case 'speed-width-flow':
			case 'course-catch': {
				const driven = sheet.driven ? { driven: true as const } : {};
				const courseTime = 'times' in sheet.speed ? mean(sheet.speed.times) : 0;
				return {
					...head,
					method: sheet.method,
					speed: speedOf(sheet.speed),
					width: widthOf(sheet.width),
					flow: flowOf(sheet.flow, courseTime),
					...driven
				};
			}
			case 'plot-catch':
				return {
					...head,
					method: sheet.method,
					plot: areaOf(sheet.plot),
					times: sheet.times.map(seconds),
					flow: flowOf(sheet.flow, mean(sheet.times))
				};
			case 'refill':
				return {
					...head,
					method: sheet.method,
					area: areaOf(sheet.area),
					used: sheet.used.map(usedOf),
					tank: may(sheet.tank, litres)
				};
			case 'parked-drop':
				return {
					...head,
					method: sheet.method,
					speed: timed(sheet.speed),
					width: widthOf(sheet.width),
					used: sheet.used.map(usedOf),
					tank: may(sheet.tank, litres),
					run: may(sheet.run, seconds)
				};
		}
	})();
	// What was left out stays left out: undefined is no JSON.
	return JSON.parse(JSON.stringify(file)) as CalibrationSheetFile;
}
