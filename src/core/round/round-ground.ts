import type { AreaReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { alleyWidth } from './alley-width';
import { Reader } from './round-reader';

/** The ground that was sprayed. */
export function roundGround(rig: RigNumbers, round: Round): Result<AreaReading> {
	const ground = round.plot;
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
			const width = alleyWidth(rig, round);
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
