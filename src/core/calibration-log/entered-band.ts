import { entered } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type { TypedBand, EnteredBand } from './entered-parts';

export const enteredBand = ({ band, bands, rowSpacing, rows }: TypedBand): EnteredBand => ({
	band: entered(fields.swath, band),
	bands,
	rowSpacing: entered(fields.swath, rowSpacing),
	rows
});
