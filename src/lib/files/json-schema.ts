import { z } from 'zod';
import { adjustSheetSchema } from './adjust-sheet';
import { calibrationSheetSchema } from './calibration-sheet';
import { fourthSheetSchema } from './fourth-sheet';
import { planSheetSchema } from './plan-sheet';

/** The JSON Schema files of the open formats, by name. */
export function schemaFiles(): Record<string, string> {
	const text = (schema: z.ZodType) => JSON.stringify(z.toJSONSchema(schema), null, 2) + '\n';
	return {
		'fallow-sheet-1.json': text(calibrationSheetSchema),
		'fallow-adjust-1.json': text(adjustSheetSchema),
		'fallow-plan-1.json': text(planSheetSchema),
		'fallow-fourth-1.json': text(fourthSheetSchema)
	};
}
