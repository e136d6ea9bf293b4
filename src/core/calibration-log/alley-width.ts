import type { WidthReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { Reader } from './calibration-reader';

/**
 * Alley of an arc. With one side shut a pass serves half of it, or all where the other side of the row gets nothing: that is
 * asked, and until it is answered there is no width. A calibration that was signed before it was asked keeps its half.
 */
export function alleyWidth(
	sprayer: SprayerNumbers,
	calibration: FoldedCalibration
): Result<Extract<WidthReading, { kind: 'rows' }>> {
	const r = new Reader();
	const rowSpacing = r.need(calibration.rows?.spacing ?? sprayer.rowSpacing, 'width.rowSpacing');
	const one = sprayer.sections.length === 2 && calibration.off.length === 1;
	const otherSide = one ? (calibration.otherSide ?? (calibration.signOff ? 'sprayed' : null)) : null;
	if (one && otherSide === null) r.issues.push({ code: 'other-side', path: 'width.otherSide' });
	return r.result({
		kind: 'rows',
		rowSpacing,
		alleys: calibration.rows?.alleys ?? 'every',
		sides: one ? 'one' : 'both',
		...(otherSide === null ? {} : { otherSide })
	});
}
