import { asTold } from '../quantity/show-figure';
import { fields, readField } from '../quantity/fields';
import type { Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Typed } from '../quantity/typed';

/** How the part of a block that is sprayed is told. */
export type TypedPart =
	| { readonly by: 'share'; readonly share: number }
	/** Rows counted from 1, both ends with them. */
	| { readonly by: 'rows'; readonly from: number; readonly to: number }
	/** Strips only, under the trees or along a fence: how wide, and how long all of them are together. */
	| { readonly by: 'strips'; readonly width: Typed; readonly length: Typed };

export interface BlockPart {
	/** Of the block's area, over 0 to 1. */
	readonly share: number;
	/** Whole rows in it; null where it is not rows. */
	readonly rows: number | null;
}

/**
 * The share of a block that a part of it is.
 *
 * area: of the whole block, m². rows: how many it has; null without any.
 *
 * Errors: `share` that is not over 0 to 1; `no-block-rows` where the block has none; `not-whole` and `too-large` rows;
 * `upside-down` ends; those of the fields; `too-large` strips that are more than the block.
 * @example
 * blockPart({ by: 'rows', from: 10, to: 18 }, 29304, 36).value // => {"share":0.25,"rows":9}
 * blockPart({ by: 'strips', width: { text: '1.5 m', unit: 'm', gallon: 'US' }, length: { text: '2000', unit: 'm', gallon: 'US' } }, 12000, null).value.share // => 0.25
 */
export function blockPart(part: TypedPart, area: number, rows: number | null): Result<BlockPart> {
	switch (part.by) {
		case 'share': {
			const { share } = part;
			if (!(share > 0 && share <= 1)) {
				const text = Number.isFinite(share) ? `${Number((share * 100).toPrecision(6))} %` : '';
				return bad({ code: 'share', path: 'share', text });
			}
			return good({ share, rows: share === 1 ? rows : null });
		}
		case 'rows': {
			const { from, to } = part;
			if (rows === null) return bad({ code: 'no-block-rows', path: 'rows' });
			for (const [path, n] of [
				['from', from],
				['to', to]
			] as const) {
				const text = Number.isFinite(n) ? `${n}` : '';
				if (!Number.isInteger(n) || n < 1) return bad({ code: 'not-whole', path, text, wanted: 'rows' });
				if (n > rows) return bad({ code: 'too-large', path, text, bound: `${rows}` });
			}
			if (from > to) return bad({ code: 'upside-down', path: 'from', text: `${from}`, bound: `${to}` });
			return good({ share: (to - from + 1) / rows, rows: to - from + 1 });
		}
		case 'strips': {
			const width = readField(fields.swath, part.width, 'width');
			const length = readField(fields.side, part.length, 'length');
			if (!width.ok) return width;
			if (!length.ok) return length;
			const share = (width.value.value * length.value.value) / area;
			if (share > 1 + asTold)
				return bad({ code: 'too-large', path: 'length', text: part.length.text, bound: 'all of the block' });
			return good({ share: Math.min(1, share), rows: null });
		}
	}
}
