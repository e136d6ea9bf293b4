import type { MeasuringSkill } from '../measurement/defaults';
import type { Measured } from '../measurement/measured';
import type { Length } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import { bandWidth, fieldWidth } from './band-width';
import { boomWidth } from './boom-width';
import { tapedLength } from './course-speed';
import { measuredWidth } from './measured-width';
import type { PanSwath } from './pan-swath';
import { panSwath } from './pan-swath';
import { rowsWidth } from './rows-width';
import type { WidthReading } from './sheet';

export interface Swath {
	/** Width that is treated. */
	readonly treated: Measured<'length'>;
	/** Width of field that the pass covers; differs from the treated one for bands. */
	readonly field: Length;
	/** How the pans led to the width. */
	readonly pans?: { readonly swath: PanSwath; readonly spacing: Length; readonly maxCv: number };
}

/**
 * Swath of any kind of width reading; null where pans give no width that can be driven and none was chosen instead.
 * @example
 * swathWidth({ kind: 'boom', nozzles: 8, spacing: 0.5 }, usualSkill).field // => 4
 */
export function swathWidth(reading: WidthReading, skill: MeasuringSkill): Swath | null {
	switch (reading.kind) {
		case 'boom':
			return plain(boomWidth(reading.on ?? reading.nozzles, reading.spacing, skill));
		case 'measured':
			return plain(measuredWidth(reading, skill));
		case 'rows':
			return plain(rowsWidth(reading, skill));
		case 'band':
			return { treated: bandWidth(reading, skill), field: fieldWidth(reading) };
		case 'pans': {
			const swath = panSwath(reading.catches, reading.driving === 'back-and-forth', reading.maxCv);
			const width = swath.best ? si<'length'>(swath.best.spacings * reading.spacing) : reading.asked;
			if (width === undefined) return null;
			const treated = tapedLength(width, 'width', skill);
			return { treated, field: treated.value, pans: { swath, spacing: reading.spacing, maxCv: reading.maxCv } };
		}
	}
}

const plain = (treated: Measured<'length'>): Swath => ({ treated, field: treated.value });
