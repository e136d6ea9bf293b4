import { entered } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type { TypedCanopy, EnteredCanopy } from './entered-parts';

export const enteredCanopy = ({ height, width, rowSpacing, coefficient }: TypedCanopy): EnteredCanopy => ({
	height: entered(fields.tree, height),
	width: entered(fields.tree, width),
	rowSpacing: entered(fields.swath, rowSpacing),
	coefficient
});
