import type { AnySheet } from '../calibration/sheet';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { CalibrationMethod } from '../calibration/calibration-methods';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { isCarried } from '../sprayer/sprayer';
import { readParkedTime } from './read-parked-time';
import { readPlotTimes } from './read-plot-times';
import { readCourse } from './read-course';
import { readUsed } from './read-used';
import { readPlotGround } from './read-plot-ground';
import { readWidth } from './read-width';
import { readFlow } from './read-flow';
import { readSpeed } from './read-speed';
import { methodOf } from './method-of';

const gather = (...parts: Result<unknown>[]): Issue[] => parts.flatMap((p) => (p.ok ? [] : [...p.issues]));

/**
 * The sheet of a calibration so far, by the way that it is measured in or by another. Speed × width × flow becomes
 * course and catch where the jugs were held as long as the course took. Errors name what is missing or cannot be read.
 */
export function sheetOf(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration,
	method: CalibrationMethod = methodOf(sprayer, calibration)
): Result<AnySheet> {
	if (calibration.sheet) return good(calibration.sheet);
	switch (method) {
		case 'speed-width-flow':
			return flowSheet(sprayer, calibration);
		case 'plot-catch': {
			const plot = readPlotGround(sprayer, calibration);
			const times = readPlotTimes(calibration);
			const flow = readFlow(sprayer, calibration);
			if (!plot.ok || !times.ok || !flow.ok) return bad(...gather(plot, times, flow));
			return good({ method, plot: plot.value, times: times.value, flow: flow.value });
		}
		case 'refill': {
			const area = readPlotGround(sprayer, calibration);
			const used = readUsed(sprayer, calibration);
			if (!area.ok || !used.ok) return bad(...gather(area, used));
			return good({ method, area: area.value, ...used.value, onFoot: isCarried(sprayer) });
		}
		case 'parked-drop': {
			if (sprayer.groundDriven) return bad({ code: 'parked-ground-drive', path: 'used' });
			const speed = readCourse(calibration);
			const width = readWidth(sprayer, calibration);
			const used = readUsed(sprayer, calibration);
			const run = readParkedTime(calibration);
			if (!speed.ok || !width.ok || !used.ok || !run.ok) return bad(...gather(speed, width, used, run));
			return good({ method, speed: speed.value, width: width.value, ...used.value, run: run.value });
		}
	}
}

function flowSheet(sprayer: SprayerNumbers, calibration: FoldedCalibration): Result<AnySheet> {
	const flow = readFlow(sprayer, calibration);
	if (sprayer.groundDriven) return drivenSheet(sprayer, calibration, flow);
	const byCourse = flow.ok && flow.value.time === undefined;
	const speed = byCourse ? readCourse(calibration) : readSpeed(calibration);
	const width = readWidth(sprayer, calibration);
	if (!speed.ok || !flow.ok || !width.ok) return bad(...gather(speed, width, flow));
	const parts = { width: width.value, flow: flow.value, ...carrierOf(sprayer) };
	return 'course' in speed.value && byCourse
		? good({ method: 'course-catch', speed: speed.value, ...parts })
		: good({ method: 'speed-width-flow', speed: speed.value, ...parts });
}

/** What carries a boom, where somebody said; a small tank is behind an ATV more often than behind a tractor. */
const smallTank = 0.3;
const carrierOf = ({ kind, carrier, tank }: SprayerNumbers) =>
	kind !== 'boom' ? {} : carrier ? { carrier } : tank <= smallTank ? { carrier: 'atv' as const } : {};

/** Jugs that were filled while the course was driven; a catch for a time of its own was made parked, and says nothing. */
function drivenSheet(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration,
	flow: ReturnType<typeof readFlow>
): Result<AnySheet> {
	const parked =
		flow.ok && (flow.value.time !== undefined || flow.value.catches.some((c) => c?.some((one) => 'flow' in one)));
	if (parked) return bad({ code: 'parked-ground-drive', path: 'flow.time', text: calibration.catchTime?.typed.text });
	const speed = readCourse(calibration);
	const width = readWidth(sprayer, calibration);
	if (!speed.ok || !flow.ok || !width.ok) return bad(...gather(speed, width, flow));
	return good({
		method: 'course-catch',
		speed: speed.value,
		width: width.value,
		flow: flow.value,
		driven: true,
		...carrierOf(sprayer)
	});
}
