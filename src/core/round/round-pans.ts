import type { WidthReading } from '../calibration/sheet';
import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { Round } from './fold-round';
import { Reader } from './round-reader';

/** The row of pans; a pan that nobody read is missing, not empty. */
export function roundPans(round: Round): Result<WidthReading> {
	const r = new Reader();
	if (!round.pans) return bad({ code: 'missing', path: 'width.pans' });
	const spacing = r.need(round.pans.spacing, 'width.spacing');
	const catches = Array.from({ length: round.pans.count }, (_, i) =>
		r.need(round.panCatches.get(i + 1), `width.catches.${i}`)
	);
	const unread = r.issues.find((i) => i.code === 'missing');
	if (unread) return bad({ code: 'missing', path: 'width.catches' });
	const { driving, maxCv } = round.pans;
	return r.result<WidthReading>({ kind: 'pans', spacing, catches, driving, maxCv });
}
