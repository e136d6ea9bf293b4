import type { WidthReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import type { Round } from './fold-round';
import type { RigNumbers } from './rig';
import { Reader } from './round-reader';

/**
 * Alley of an arc. With one side shut a pass serves half of it, or all where the other side of the row gets nothing: that is
 * asked, and until it is answered there is no width. A round that was signed before it was asked keeps its half.
 */
export function alleyWidth(rig: RigNumbers, round: Round): Result<Extract<WidthReading, { kind: 'rows' }>> {
	const r = new Reader();
	const rowSpacing = r.need(round.rows?.spacing ?? rig.rowSpacing, 'width.rowSpacing');
	const one = rig.sections.length === 2 && round.off.length === 1;
	const otherSide = one ? (round.otherSide ?? (round.signOff ? 'sprayed' : null)) : null;
	if (one && otherSide === null) r.issues.push({ code: 'other-side', path: 'width.otherSide' });
	return r.result({
		kind: 'rows',
		rowSpacing,
		alleys: round.rows?.alleys ?? 'every',
		sides: one ? 'one' : 'both',
		...(otherSide === null ? {} : { otherSide })
	});
}
