import type { AnySheet } from '../calibration/sheet';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { RoundMethod } from '../calibration/round-methods';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { isCarried } from './rig';
import { roundParkedTime } from './round-parked-time';
import { roundPlotTimes } from './round-plot-times';
import { roundCourse } from './round-course';
import { roundUsed } from './round-used';
import { roundGround } from './round-ground';
import { roundWidth } from './round-width';
import { roundFlow } from './round-flow';
import { roundSpeed } from './round-speed';
import { methodOf } from './method-of';

const gather = (...parts: Result<unknown>[]): Issue[] => parts.flatMap((p) => (p.ok ? [] : [...p.issues]));

/**
 * The calibration sheet of a round so far, by the way that it is measured in or by another. Speed × width × flow becomes
 * course and catch where the jugs were held as long as the course took. Errors name what is missing or cannot be read.
 */
export function roundSheet(
	rig: RigNumbers,
	round: Round,
	method: RoundMethod = methodOf(rig, round)
): Result<AnySheet> {
	if (round.sheet) return good(round.sheet);
	switch (method) {
		case 'speed-width-flow':
			return flowSheet(rig, round);
		case 'plot-catch': {
			const plot = roundGround(rig, round);
			const times = roundPlotTimes(round);
			const flow = roundFlow(rig, round);
			if (!plot.ok || !times.ok || !flow.ok) return bad(...gather(plot, times, flow));
			return good({ method, plot: plot.value, times: times.value, flow: flow.value });
		}
		case 'refill': {
			const area = roundGround(rig, round);
			const used = roundUsed(rig, round);
			if (!area.ok || !used.ok) return bad(...gather(area, used));
			return good({ method, area: area.value, ...used.value, onFoot: isCarried(rig) });
		}
		case 'parked-drop': {
			if (rig.groundDriven) return bad({ code: 'parked-ground-drive', path: 'used' });
			const speed = roundCourse(round);
			const width = roundWidth(rig, round);
			const used = roundUsed(rig, round);
			const run = roundParkedTime(round);
			if (!speed.ok || !width.ok || !used.ok || !run.ok) return bad(...gather(speed, width, used, run));
			return good({ method, speed: speed.value, width: width.value, ...used.value, run: run.value });
		}
	}
}

function flowSheet(rig: RigNumbers, round: Round): Result<AnySheet> {
	const flow = roundFlow(rig, round);
	if (rig.groundDriven) return drivenSheet(rig, round, flow);
	const byCourse = flow.ok && flow.value.time === undefined;
	const speed = byCourse ? roundCourse(round) : roundSpeed(round);
	const width = roundWidth(rig, round);
	if (!speed.ok || !flow.ok || !width.ok) return bad(...gather(speed, width, flow));
	const parts = { width: width.value, flow: flow.value, ...carrierOf(rig) };
	return 'course' in speed.value && byCourse
		? good({ method: 'course-catch', speed: speed.value, ...parts })
		: good({ method: 'speed-width-flow', speed: speed.value, ...parts });
}

/** What carries a boom, where somebody said; a small tank is behind an ATV more often than behind a tractor. */
const smallTank = 0.3;
const carrierOf = ({ kind, carrier, tank }: RigNumbers) =>
	kind !== 'boom' ? {} : carrier ? { carrier } : tank <= smallTank ? { carrier: 'atv' as const } : {};

/** Jugs that were filled while the course was driven; a catch for a time of its own was made parked, and says nothing. */
function drivenSheet(rig: RigNumbers, round: Round, flow: ReturnType<typeof roundFlow>): Result<AnySheet> {
	const parked =
		flow.ok && (flow.value.time !== undefined || flow.value.catches.some((c) => c?.some((one) => 'flow' in one)));
	if (parked) return bad({ code: 'parked-ground-drive', path: 'flow.time', text: round.catchTime?.typed.text });
	const speed = roundCourse(round);
	const width = roundWidth(rig, round);
	if (!speed.ok || !flow.ok || !width.ok) return bad(...gather(speed, width, flow));
	return good({
		method: 'course-catch',
		speed: speed.value,
		width: width.value,
		flow: flow.value,
		driven: true,
		...carrierOf(rig)
	});
}
