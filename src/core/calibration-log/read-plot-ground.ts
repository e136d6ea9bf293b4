import type { AreaReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { FoldedCalibration } from './fold-calibration';
import type { SprayerNumbers } from '../sprayer/sprayer';
import { alleyWidth } from './alley-width';
import { Reader } from './calibration-reader';

/** The ground that was sprayed. */
export function readPlotGround(sprayer: SprayerNumbers, calibration: FoldedCalibration): Result<AreaReading> {
	const ground = calibration.plot;
	const r = new Reader();
	if (!ground) return bad({ code: 'missing', path: 'area' });
	switch (ground.by) {
		case 'area':
			return r.result<AreaReading>({ by: 'stated', area: r.need(ground.area, 'area') });
		case 'sides':
			return r.result<AreaReading>({
				by: 'sides',
				length: r.need(ground.length, 'area.length'),
				width: r.need(ground.width, 'area.width')
			});
		case 'row': {
			const width = alleyWidth(sprayer, calibration);
			const row = r.need(ground.row, 'area.row');
			return width.ok ? r.result<AreaReading>({ by: 'row', row, width: width.value }) : width;
		}
		case 'block':
			return r.result<AreaReading>({
				by: 'block',
				block: r.need(ground.block, 'area.block'),
				share: ground.share
			});
	}
}
