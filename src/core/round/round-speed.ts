import type { SpeedReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { trackSpeed } from '../track/track-speed';
import type { Round } from './fold-round';
import { roundCourse } from './round-course';

/** Ground speed: by a track where one was taken in, else by the course. */
export function roundSpeed(round: Round): Result<SpeedReading> {
	if (!round.track) return roundCourse(round);
	const speed = trackSpeed(round.track.points, round.track.from, round.track.to);
	return speed === null
		? bad({ code: 'no-position', path: 'speed.track' })
		: good({ stated: speed.value, relative: speed.relative });
}
