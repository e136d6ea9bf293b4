import { m } from '$words';
import type { AnySheet } from '../../core/index';
import { wordIssue } from '../wording/issues';
import { calibrationSheetSchema } from './calibration-sheet';
import { readCalibrationSheet } from './read-sheet';

export type SheetText =
	{ readonly ok: true; readonly sheet: AnySheet } | { readonly ok: false; readonly problem: string };

/** Reads the text of a `fallow-sheet/1` file; what is wrong is told with its place. */
export function readSheetText(text: string): SheetText {
	let json: unknown;
	try {
		json = JSON.parse(text.replace(/^\uFEFF/, ''));
	} catch {
		return { ok: false, problem: m.that_is_not_json_a_sheet() };
	}
	const parsed = calibrationSheetSchema.safeParse(json);
	if (!parsed.success) {
		const issue = parsed.error.issues[0]!;
		return { ok: false, problem: `${issue.path.join('.') || m.the_sheet()}: ${issue.message}` };
	}
	const sheet = readCalibrationSheet(parsed.data);
	if (sheet.ok) return { ok: true, sheet: sheet.value };
	const issue = sheet.issues[0]!;
	return { ok: false, problem: `${issue.path}: ${wordIssue(issue)}` };
}
