import { m } from '$words';
import type { OtherSide } from '../../core';
import { showDecimals } from '../../core';

/** What becomes of the other side of a row where one side is sprayed from an alley. */
export const otherSideWords: Readonly<Record<OtherSide, string>> = {
	get sprayed() {
		return m.another_pass_sprays_it();
	},
	get not() {
		return m.it_is_not_sprayed();
	}
};

/** What one pass stands for, in rows and sides. */
export function passWords(
	pass: { readonly alleys: 'every' | 'second'; readonly sides: 'both' | 'left' | 'right'; readonly rows: number },
	comma: boolean
): string {
	const { alleys, sides, rows } = pass;
	const count = rows === 0.5 ? m.half_a_row() : m.rows_5({ rows: showDecimals(rows, 0, comma), rows2: rows });
	const side =
		sides === 'both'
			? m.both_sides_of_the_alley()
			: m.one_side_of_the_alley_the({ sides: sides === 'left' ? m.left() : m.right() });
	return m.one_pass_sprays_it_stands_for({
		side,
		which: alleys === 'every' ? m.in_every_alley() : m.in_every_second_alley(),
		count
	});
}
