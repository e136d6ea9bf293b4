import type { WidthReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { si } from '../quantity/quantity';
import type { FoldedCalibration } from './fold-calibration';
import { nozzlesOn } from '../sprayer/nozzles-on';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { boomlessWidth } from './boomless-width';
import { guessedOf } from './boomless-width';
import { alleyWidth } from './alley-width';
import { Reader } from './calibration-reader';

/** The swath, by what the kind of sprayer is measured with. */
export function readWidth(sprayer: SprayerNumbers, calibration: FoldedCalibration): Result<WidthReading> {
	const r = new Reader();
	switch (sprayer.kind) {
		case 'boom': {
			const band = calibration.band === undefined ? sprayer.band : calibration.band;
			if (band)
				return r.result<WidthReading>({
					kind: 'band',
					band: r.need(band.band, 'width.band'),
					bands: band.bands,
					rowSpacing: r.need(band.rowSpacing, 'width.rowSpacing'),
					rows: band.rows
				});
			const on = nozzlesOn(sprayer.sections, calibration.off).length;
			// Taped over the nozzles that spray: the spacing follows from it.
			if (calibration.wetted) {
				const taped = r.need(calibration.wetted, 'width.wetted');
				return r.result<WidthReading>({
					kind: 'boom',
					nozzles: sprayer.nozzles,
					spacing: si<'length'>(taped / on),
					on
				});
			}
			// A boom whose spacing nobody knows is taped.
			if (sprayer.spacing === null) r.issues.push({ code: 'missing', path: 'width.wetted' });
			return r.result<WidthReading>({
				kind: 'boom',
				nozzles: sprayer.nozzles,
				spacing: sprayer.spacing ?? si<'length'>(0),
				on,
				...(sprayer.stacked > 1 ? { stacked: sprayer.stacked } : {})
			});
		}
		case 'airblast':
			return alleyWidth(sprayer, calibration);
		case 'knapsack':
			return r.result<WidthReading>({
				kind: 'measured',
				wetted: r.need(calibration.wetted, 'width.wetted'),
				usable: 'as-is',
				...guessedOf(calibration)
			});
		case 'boomless':
			return boomlessWidth(sprayer, calibration);
	}
}
