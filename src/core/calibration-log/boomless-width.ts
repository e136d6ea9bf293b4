import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { Entered } from '../quantity/entered';
import type { WidthReading } from '../calibration/sheet';
import type { FoldedCalibration } from './fold-calibration';
import { schoolOf, usualShare } from './swath-school';
import { Reader } from './calibration-reader';
import { readPans } from './read-pans';
import type { SprayerNumbers } from '../sprayer/sprayer';

/** A wetted width that nobody taped says so, and counts for less. */
export const guessedOf = ({ wettedGuessed }: FoldedCalibration) => (wettedGuessed ? { estimated: true as const } : {});
export function boomlessWidth(sprayer: SprayerNumbers, calibration: FoldedCalibration): Result<WidthReading> {
	const r = new Reader();
	const school = schoolOf(calibration);
	const asIs = (reading: Entered<'length'> | null | undefined, path: string): WidthReading => ({
		kind: 'measured',
		wetted: r.need(reading, path),
		usable: 'as-is'
	});
	switch (school) {
		case null:
			r.need(calibration.wetted, 'width.wetted');
			r.issues.push({ code: 'missing', path: 'width.school' });
			return bad(...r.issues);
		case 'pans':
			return readPans(calibration);
		case 'maker':
			return r.result(asIs(calibration.school?.length ?? sprayer.makerSwath, 'width.maker'));
		case 'asked': {
			const width = r.need(calibration.school?.length, 'width.asked');
			const pans = readPans(calibration);
			return pans.ok && pans.value.kind === 'pans'
				? r.result<WidthReading>({ ...pans.value, asked: width })
				: r.result<WidthReading>({ kind: 'measured', wetted: width, usable: 'as-is' });
		}
		case 'edges': {
			const wetted = r.need(calibration.wetted, 'width.wetted');
			const edge = r.need(calibration.school?.length, 'width.edgeOverlap');
			if (edge * 2 >= wetted)
				r.issues.push({
					code: 'too-large',
					path: 'width.edgeOverlap',
					text: calibration.school?.length?.typed.text,
					bound: 'less than half of the wetted width'
				});
			return r.result<WidthReading>({
				kind: 'measured',
				wetted,
				usable: { edgeOverlap: edge },
				...guessedOf(calibration)
			});
		}
		case 'full':
			return r.result<WidthReading>({
				...asIs(calibration.wetted, 'width.wetted'),
				...guessedOf(calibration)
			} as WidthReading);
		case 'share': {
			const wetted = r.need(calibration.wetted, 'width.wetted');
			return r.result<WidthReading>({
				kind: 'measured',
				wetted,
				usable: { share: calibration.school?.share ?? usualShare },
				...guessedOf(calibration)
			});
		}
	}
}
