import type { Result } from '../quantity/issue';
import { bad } from '../quantity/issue';
import type { Entered } from '../quantity/entered';
import type { WidthReading } from '../calibration/sheet';
import type { Round } from './fold-round';
import { schoolOf, usualShare } from './swath-school';
import { Reader } from './round-reader';
import { roundPans } from './round-pans';
import type { RigNumbers } from './rig';

/** A wetted width that nobody taped says so, and counts for less. */
export const guessedOf = ({ wettedGuessed }: Round) => (wettedGuessed ? { estimated: true as const } : {});
export function boomlessWidth(rig: RigNumbers, round: Round): Result<WidthReading> {
	const r = new Reader();
	const school = schoolOf(round);
	const asIs = (reading: Entered<'length'> | null | undefined, path: string): WidthReading => ({
		kind: 'measured',
		wetted: r.need(reading, path),
		usable: 'as-is'
	});
	switch (school) {
		case null:
			r.need(round.wetted, 'width.wetted');
			r.issues.push({ code: 'missing', path: 'width.school' });
			return bad(...r.issues);
		case 'pans':
			return roundPans(round);
		case 'maker':
			return r.result(asIs(round.school?.length ?? rig.makerSwath, 'width.maker'));
		case 'asked': {
			const width = r.need(round.school?.length, 'width.asked');
			const pans = roundPans(round);
			return pans.ok && pans.value.kind === 'pans'
				? r.result<WidthReading>({ ...pans.value, asked: width })
				: r.result<WidthReading>({ kind: 'measured', wetted: width, usable: 'as-is' });
		}
		case 'edges': {
			const wetted = r.need(round.wetted, 'width.wetted');
			const edge = r.need(round.school?.length, 'width.edgeOverlap');
			if (edge * 2 >= wetted)
				r.issues.push({
					code: 'too-large',
					path: 'width.edgeOverlap',
					text: round.school?.length?.typed.text,
					bound: 'less than half of the wetted width'
				});
			return r.result<WidthReading>({ kind: 'measured', wetted, usable: { edgeOverlap: edge }, ...guessedOf(round) });
		}
		case 'full':
			return r.result<WidthReading>({ ...asIs(round.wetted, 'width.wetted'), ...guessedOf(round) } as WidthReading);
		case 'share': {
			const wetted = r.need(round.wetted, 'width.wetted');
			return r.result<WidthReading>({
				kind: 'measured',
				wetted,
				usable: { share: round.school?.share ?? usualShare },
				...guessedOf(round)
			});
		}
	}
}
