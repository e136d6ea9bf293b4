import type { OtherSide } from '../../core';
import { showDecimals } from '../../core';

/** What becomes of the other side of a row where one side is sprayed from an alley. */
export const otherSideWords: Readonly<Record<OtherSide, string>> = {
	sprayed: 'Another pass sprays it',
	not: 'It is not sprayed'
};

/** What one pass stands for, in rows and sides. */
export function passWords(
	pass: { readonly alleys: 'every' | 'second'; readonly sides: 'both' | 'left' | 'right'; readonly rows: number },
	comma: boolean
): string {
	const { alleys, sides, rows } = pass;
	const count = rows === 0.5 ? 'half a row' : `${showDecimals(rows, 0, comma)} ${rows === 1 ? 'row' : 'rows'}`;
	const side = sides === 'both' ? 'both sides of the alley' : `one side of the alley, the ${sides}`;
	return `One pass sprays ${side}, ${alleys === 'every' ? 'in every alley' : 'in every second alley'}: it stands for ${count}.`;
}
