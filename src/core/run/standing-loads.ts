import type { Load } from '../loads/plan-loads';
import { planLoads } from '../loads/plan-loads';
import type { PlanSheet } from '../loads/sheet';
import type { TrueVolume } from '../loads/true-volume';
import { trueVolume } from '../loads/true-volume';
import { entered, quantityOf } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type { Issue, Result } from '../quantity/issue';
import { bad, good } from '../quantity/issue';
import type { Area, Volume } from '../quantity/quantity';
import { si } from '../quantity/quantity';
import type { Typed } from '../quantity/typed';
import type { RestEdit } from './edit-rest';
import { editRest } from './edit-rest';
import type { RunEntry, TypedDone } from './entries';
import { remainingLoads } from './remaining-loads';

/** What the tank and the ground said, and what it comes to. */
export interface Seen {
	readonly id: string;
	readonly at: string;
	readonly load: number;
	readonly done: TypedDone;
	readonly area: Area;
	readonly rowsDone: number | null;
	readonly left: Volume;
	readonly volume: TrueVolume;
	/** What the loads after this one become at it. */
	readonly loads: readonly Load[];
	/** In the tank with no ground left for it. */
	readonly spare: Volume;
	/** Rows done before the first of those loads. */
	readonly rowsBefore: number | null;
	readonly followed: boolean;
}

/** The plan of a job with other doses: in the order of its products, null where one is left out. */
export type WithDoses = (doses: readonly (Typed | null | undefined)[]) => Result<PlanSheet>;

/** A load with what it is planned from. */
export interface StandingLoad {
	readonly load: Load;
	readonly sheet: PlanSheet;
	readonly doses: readonly (Typed | null | undefined)[];
}

export interface StandingLoads {
	readonly loads: readonly StandingLoad[];
	/** Loads whose first row a reading has set anew, by their place. */
	readonly restarts: ReadonlyMap<number, number>;
	readonly seen: Seen | null;
	/** All ground of the job, less what an edit took off. */
	readonly ground: Area;
	readonly refused: readonly { readonly entry: string; readonly issues: readonly Issue[] }[];
}

type Rest = Extract<RunEntry, { kind: 'rest' }>;
type Progress = Extract<RunEntry, { kind: 'progress' }>;

/**
 * The loads of a job as its entries leave them: as planned, following a true volume that was seen, and with the edits of those
 * that were still to be mixed. A load that was begun before an edit stays as it was.
 *
 * doses: of the products, as planned. entries: in order, without what was struck. Errors: those of `planLoads`.
 *
 * Source: balance of ground and mix.
 * @example
 * const sheet = { area: 60000, rate: 0.00002, tank: 0.6, split: 'full-then-part', products: [] };
 * const t = (text) => ({ text, unit: 'L', gallon: 'US' });
 * standingLoads(sheet, [], [{ id: 'e', seq: 0, at: '', kind: 'rest', from: 2, fill: t('400'), ground: null, doses: [] }], () => ({ ok: true, value: sheet })).value.loads.map((l) => Number(l.load.mix.toFixed(3))) // => [0.6,0.4,0.2]
 */
export function standingLoads(
	sheet: PlanSheet,
	doses: readonly (Typed | undefined)[],
	entries: readonly RunEntry[],
	withDoses: WithDoses
): Result<StandingLoads> {
	const planned = planLoads(sheet);
	if (!planned.ok) return planned;
	const loads = planned.value.loads.map((load): StandingLoad => ({ load, sheet, doses }));
	const restarts = new Map<number, number>();
	const refused: { entry: string; issues: readonly Issue[] }[] = [];
	const readings = new Map<string, Progress>();
	/** What the loads to come are planned from; the sheet's own volume stays that of the calibration. */
	let now: Omit<StandingLoad, 'load'> = { sheet, doses };
	let rate = sheet.rate;
	let seen = null as Seen | null;
	let begun = 0;
	const replace = (from: number, made: readonly Load[]) =>
		loads.splice(from, loads.length, ...made.map((load) => ({ load, ...now })));
	const edit = (entry: Rest): void => {
		const made = edited(entry, now, withDoses);
		if (!made.ok) return void refused.push({ entry: entry.id, issues: made.issues });
		const from = Math.max(entry.from - 1, begun);
		const gone = loads.slice(0, from).map((l) => l.load);
		const rest = loads.slice(from).map((l) => l.load);
		const again = editRest(made.value.sheet, rate, rest, made.value.edit);
		if (!again.ok) return void refused.push({ entry: entry.id, issues: again.issues.map((i) => asTyped(i, entry)) });
		const sum = (pick: (l: Load) => number) => [...gone, ...again.value].reduce((total, l) => total + pick(l), 0);
		const rows = made.value.sheet.rows && again.value.every((l) => l.rows !== null) ? sum((l) => l.rows ?? 0) : null;
		now = {
			doses: made.value.doses,
			sheet: {
				...made.value.sheet,
				area: si<'area'>(made.value.edit.ground === null ? now.sheet.area : sum((l) => l.area)),
				...(rows === null ? {} : { rows: { ...made.value.sheet.rows!, count: rows } })
			}
		};
		replace(from, again.value);
	};
	for (const entry of entries) {
		switch (entry.kind) {
			case 'tick':
			case 'spray':
				begun = Math.max(begun, entry.load);
				break;
			case 'progress':
				seen = read(now.sheet, loads, entry) ?? seen;
				if (seen?.id === entry.id) readings.set(entry.id, entry);
				break;
			case 'follow': {
				const told = readings.get(entry.progress);
				// Read again: the loads may have been edited since.
				const from = told && read(now.sheet, loads, told);
				if (!from) break;
				replace(from.load, from.loads);
				rate = si<'volumePerArea'>(from.volume.rate / (sheet.sprayedShare ?? 1));
				if (from.rowsBefore !== null) restarts.set(from.load, from.rowsBefore);
				if (seen?.id === from.id) seen = { ...from, followed: true };
				break;
			}
			case 'rest':
				edit(entry);
				break;
		}
	}
	return good({ loads, restarts, seen, ground: now.sheet.area, refused });
}

/** What is wrong with an edit, with what was typed of it. */
function asTyped(issue: Issue, { fill, ground }: Rest): Issue {
	if (issue.path === 'fill' && fill) return { ...issue, text: fill.text };
	return issue.path === 'ground' && ground?.by === 'area' ? { ...issue, text: ground.area.text } : issue;
}

/** An edit of the loads to come, read: their doses one by one, their filling, their ground. */
function edited(
	entry: Rest,
	now: Omit<StandingLoad, 'load'>,
	withDoses: WithDoses
): Result<Omit<StandingLoad, 'load'> & { readonly edit: RestEdit }> {
	const doses = now.doses.map((dose, i) => {
		const other = entry.doses.find((d) => d.product === i);
		return other ? other.dose : dose;
	});
	const issues: Issue[] = [];
	const made = entry.doses.length > 0 ? withDoses(doses) : good(now.sheet);
	if (!made.ok) issues.push(...made.issues);
	const at = (issue: Issue, path: string): Issue => ({ ...issue, path });
	const fill = entry.fill && entered(fields.tank, entry.fill).read;
	if (fill && !fill.ok) issues.push(...fill.issues.map((i) => at(i, 'fill')));
	const area = entry.ground?.by === 'area' ? entered(fields.area, entry.ground.area).read : null;
	if (area && !area.ok) issues.push(...area.issues.map((i) => at(i, 'ground')));
	if (issues.length > 0 || !made.ok) return bad(...issues);
	const ground: RestEdit['ground'] =
		entry.ground?.by === 'rows' ? entry.ground : area?.ok ? { by: 'area', area: area.value.value } : null;
	const { area: whole, rows } = now.sheet;
	return good({
		// Ground and rows stay as earlier edits left them.
		sheet: { ...made.value, area: whole, ...(rows ? { rows } : {}) },
		doses,
		edit: { fill: fill?.ok ? fill.value.value : null, ground }
	});
}

/** A progress entry against the loads as they stand; null where it says nothing yet. */
function read(sheet: PlanSheet, standing: readonly StandingLoad[], entry: Progress): Seen | null {
	const loads = standing.map((l) => l.load);
	const left = quantityOf(entered(fields.tankReading, entry.left));
	const area = doneArea(sheet, entry.done);
	if (left === null || area === null || entry.load > loads.length) return null;
	const mixed = loads.slice(0, entry.load).reduce((sum, l) => sum + l.mix, 0);
	const share = sheet.sprayedShare ?? 1;
	const perGround = si<'volumePerArea'>(sheet.rate * share);
	const volume = trueVolume(si<'volume'>(mixed), left, area, sheet.area, perGround);
	if (!volume) return null;
	const rowsDone = entry.done.by === 'rows' ? entry.done.rows : null;
	const rest = remainingLoads(sheet, { rate: volume.rate, done: area, rowsDone, left });
	return {
		id: entry.id,
		at: entry.at,
		load: entry.load,
		done: entry.done,
		area,
		rowsDone,
		left,
		volume,
		// A rest that cannot be planned (a row over the tank at the true volume) leaves the loads as they are.
		loads: rest.ok ? rest.value.loads : loads.slice(entry.load),
		spare: rest.ok ? rest.value.spare : si<'volume'>(0),
		rowsBefore: rest.ok ? rest.value.rowsBefore : null,
		followed: false
	};
}

/** Ground of a job that is done, m²; null where it cannot be read. */
export function doneArea(sheet: PlanSheet, done: TypedDone): Area | null {
	if (done.by === 'rows') {
		const { rows } = sheet;
		return rows && done.rows > 0 ? si<'area'>(Math.min(sheet.area, (sheet.area * done.rows) / rows.count)) : null;
	}
	const area = quantityOf(entered(fields.area, done.area));
	return area === null ? null : si<'area'>(Math.min(sheet.area, area));
}
