import { uncheckedDial } from '../measurement/defaults';
import type { SpeedReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import { speedOfDial } from '../calibration/speed-of-dial';
import { si } from '../quantity/quantity';
import { trackSpeed } from '../track/track-speed';
import type { FoldedCalibration } from './fold-calibration';
import { readCourse } from './read-course';
import { Reader } from './calibration-reader';

/** Ground speed: by a track where one was taken in, else by the runs over the course, else as a dial or a screen told it, corrected where it was checked. */
export function readSpeed(calibration: FoldedCalibration): Result<SpeedReading> {
	if (calibration.track) {
		const speed = trackSpeed(calibration.track.points, calibration.track.from, calibration.track.to);
		return speed === null
			? bad({ code: 'no-position', path: 'speed.track' })
			: good({ stated: speed.value, relative: speed.relative });
	}
	const { stated } = calibration;
	if (!stated || calibration.runs.some((run) => !run.struck)) return readCourse(calibration);
	const r = new Reader();
	const speed = r.need(stated.speed, 'speed.stated');
	const check = stated.correction;
	const dial = check && r.need(check.dial, 'speed.stated');
	const corrected = check && dial ? speedOfDial(speed, si<'speed'>(check.measured), dial) : speed;
	return r.result<SpeedReading>({ stated: corrected, ...(stated.checked ? {} : { relative: uncheckedDial }) });
}
