import { uncheckedDial } from '../measurement/defaults';
import type { SpeedReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { trackSpeed } from '../track/track-speed';
import type { Round } from './fold-round';
import { roundCourse } from './round-course';
import { Reader } from './round-reader';

/** Ground speed: by a track where one was taken in, else by the runs over the course, else as a dial or a screen told it. */
export function roundSpeed(round: Round): Result<SpeedReading> {
	if (round.track) {
		const speed = trackSpeed(round.track.points, round.track.from, round.track.to);
		return speed === null
			? bad({ code: 'no-position', path: 'speed.track' })
			: good({ stated: speed.value, relative: speed.relative });
	}
	const { stated } = round;
	if (!stated || round.runs.some((run) => !run.struck)) return roundCourse(round);
	const r = new Reader();
	const speed = r.need(stated.speed, 'speed.stated');
	return r.result<SpeedReading>({ stated: speed, ...(stated.checked ? {} : { relative: uncheckedDial }) });
}
