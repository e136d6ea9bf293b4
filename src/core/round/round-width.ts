import type { WidthReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { si } from '../quantity/quantity';
import type { Round } from './fold-round';
import { nozzlesOn } from './nozzles-on';
import type { RigNumbers } from './rig';
import { boomlessWidth } from './boomless-width';
import { guessedOf } from './boomless-width';
import { alleyWidth } from './alley-width';
import { Reader } from './round-reader';

/** The swath, by what the kind of rig is measured with. */
export function roundWidth(rig: RigNumbers, round: Round): Result<WidthReading> {
	const r = new Reader();
	switch (rig.kind) {
		case 'boom': {
			const band = round.band === undefined ? rig.band : round.band;
			if (band)
				return r.result<WidthReading>({
					kind: 'band',
					band: r.need(band.band, 'width.band'),
					bands: band.bands,
					rowSpacing: r.need(band.rowSpacing, 'width.rowSpacing'),
					rows: band.rows
				});
			const on = nozzlesOn(rig.sections, round.off).length;
			// Taped over the nozzles that spray: the spacing follows from it.
			if (round.wetted) {
				const taped = r.need(round.wetted, 'width.wetted');
				return r.result<WidthReading>({ kind: 'boom', nozzles: rig.nozzles, spacing: si<'length'>(taped / on), on });
			}
			// A boom whose spacing nobody knows is taped.
			if (rig.spacing === null) r.issues.push({ code: 'missing', path: 'width.wetted' });
			return r.result<WidthReading>({
				kind: 'boom',
				nozzles: rig.nozzles,
				spacing: rig.spacing ?? si<'length'>(0),
				on,
				...(rig.stacked > 1 ? { stacked: rig.stacked } : {})
			});
		}
		case 'airblast':
			return alleyWidth(rig, round);
		case 'knapsack':
			return r.result<WidthReading>({
				kind: 'measured',
				wetted: r.need(round.wetted, 'width.wetted'),
				usable: 'as-is',
				...guessedOf(round)
			});
		case 'boomless':
			return boomlessWidth(rig, round);
	}
}
