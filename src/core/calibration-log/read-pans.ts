import type { WidthReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { FoldedCalibration } from './fold-calibration';
import { Reader } from './calibration-reader';

/** The row of pans; a pan that nobody read is missing, not empty. */
export function readPans(calibration: FoldedCalibration): Result<WidthReading> {
	const r = new Reader();
	if (!calibration.pans) return bad({ code: 'missing', path: 'width.pans' });
	const spacing = r.need(calibration.pans.spacing, 'width.spacing');
	const catches = Array.from({ length: calibration.pans.count }, (_, i) =>
		r.need(calibration.panCatches.get(i + 1), `width.catches.${i}`)
	);
	const unread = r.issues.find((i) => i.code === 'missing');
	if (unread) return bad({ code: 'missing', path: 'width.catches' });
	const { driving, maxCv } = calibration.pans;
	return r.result<WidthReading>({ kind: 'pans', spacing, catches, driving, maxCv });
}
