import { fields, readField } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Length } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import { bounds } from '../quantity/within';
import type { BlockNumbers, TypedBlock } from './block';
import { rowArea } from './row-area';
import { treeArea } from './tree-area';

/** Most rows or trees that a block is told with. */
const most = { rows: 100_000, trees: 10_000_000 } as const;

/**
 * Reads a block into quantities; everything that is wrong with it is told.
 *
 * outlined: area of its boundary, m², worked out on the ellipsoid outside of the core; null where it has none.
 *
 * Errors: those of its fields; `missing` where the area is the boundary's and there is none; `not-whole` and `too-large`
 * counts; an area under 0.1 m² or over 100,000 ha.
 */
export function readBlock({ extent, spacing }: TypedBlock, outlined: Area | null): Result<BlockNumbers> {
	const issues: Issue[] = [];
	const length = (t: Typed, path: string, swath = false): Length => {
		const read = readField(swath ? fields.swath : fields.side, t, path);
		if (read.ok) return read.value.value;
		issues.push(...read.issues);
		return NaN as Length;
	};
	const count = (n: number, what: keyof typeof most) => {
		if (!Number.isInteger(n) || n < 1) issues.push({ code: 'not-whole', path: what, text: `${n}` });
		else if (n > most[what]) issues.push({ code: 'too-large', path: what, text: `${n}`, bound: `${most[what]}` });
		return n;
	};
	const own = spacing ? length(spacing, 'spacing', true) : null;
	let rows: BlockNumbers['rows'] = null;
	let area: number;
	switch (extent.by) {
		case 'area': {
			const read = readField(fields.area, extent.area, 'area');
			if (!read.ok) issues.push(...read.issues);
			area = read.ok ? read.value.value : NaN;
			break;
		}
		case 'sides':
			area = length(extent.length, 'length') * length(extent.width, 'width');
			break;
		case 'rows':
			rows = {
				count: count(extent.rows, 'rows'),
				length: length(extent.length, 'length'),
				spacing: length(extent.spacing, 'spacing', true)
			};
			area = rowArea(rows.count, rows.length, rows.spacing);
			break;
		case 'trees':
			area = treeArea(
				count(extent.trees, 'trees'),
				length(extent.inRow, 'inRow', true),
				length(extent.spacing, 'spacing', true)
			);
			break;
		case 'boundary':
			if (outlined === null) issues.push({ code: 'missing', path: 'boundary' });
			area = outlined ?? NaN;
			break;
	}
	if (issues.length > 0) return bad(...issues);
	if (area < bounds.area.min || area > bounds.area.max)
		return bad({
			code: area < bounds.area.min ? 'too-small' : 'too-large',
			path: extent.by,
			text: `${area} m²`,
			bound: '0.1 m² to 100,000 ha'
		});
	return good({ area: area as Area, rows, spacing: rows?.spacing ?? own });
}
