import { m } from '$words';
import type { Transaction } from 'kysely';
import { sql } from 'kysely';
import type { z } from 'zod';
import type {
	Amendment,
	TypedSprayer,
	SprayRecord,
	TypedBlock,
	TypedJob,
	TypedLabel,
	TypedNozzle
} from '../../../core';
import { readJob, si } from '../../../core';
import type { FarmTableName } from '../../files/farm-file';
import { farmEndSchema, farmHeadSchema, farmRowSchema, farmRowSchemas, farmTables } from '../../files/farm-file';
import type { FarmSettings } from '../../settings/farm-settings';
import { farmSettingsSchema } from '../../settings/farm-settings';
import { amendmentSchema, recordSchema } from '../../wire/record-schema';
import type { TankMixInput } from '../../wire/tank-mix';
import type { Anchor } from '../../wire/anchor';
import { sealWords } from '../../wording/seals';
import { anchorProblem } from '../anchor';
import { Failure } from '../failure';
import { blockColumns } from './blocks';
import { isEmptyFarm } from './farm-file';
import { migrations } from './migrations';
import { nozzleColumns } from './nozzles';
import { productColumns } from './products';
import { checkChain, newestSeal, recordColumns, refillRecordNames } from './record-chain';
import { refillRecordUses } from './record-uses';
import { recompute } from './recompute';
import type { Database } from './schema';
import type { Scope } from './scope';
import { sprayerColumns } from './sprayer-columns';

/** Rows that are written at once. */
const piece = 500;

export interface TakenFarm {
	readonly name: string;
	/** Rows of each table that had any. */
	readonly counts: Readonly<Partial<Record<FarmTableName, number>>>;
}

const wrong = (line: number, message: string): Failure =>
	new Failure(422, 'bad-line', `line ${line}`, m.line_nothing_was_imported({ line, message }));

type Row = Record<string, unknown>;
const tableWords = (table: FarmTableName) => table.replace('_', ' ');
/** Where the first thing stands that does not read. */
const placeOf = ({ issues }: z.ZodError): string => issues[0]!.path.join('.');

/** The columns of a row that follow from what was typed, made anew; a row whose text does not read is refused. */
function complete(table: FarmTableName, row: Row, line: number, zone: string): Row {
	const body = row.body;
	switch (table) {
		case 'sprayer':
			return { ...row, ...sprayerColumns(row.rig as TypedSprayer), rig: row.rig };
		case 'nozzle':
			return { ...row, ...nozzleColumns(body as TypedNozzle), body };
		case 'product':
			return { ...row, ...productColumns(body as TypedLabel), body };
		case 'tank_mix':
			return { ...row, name: (body as TankMixInput).name, body };
		case 'block':
			return { ...row, ...blockColumns(body as TypedBlock), body };
		case 'job':
			// Whether it plans is seen here; what it comes to is computed after all is in.
			if (!readable(body as TypedJob)) throw wrong(line, m.this_job_cannot_be_read());
			return { ...row, computed: 0 };
		case 'calibration':
			return { ...row, computed: 0 };
		case 'record': {
			let parsed: unknown = null;
			try {
				parsed = JSON.parse(row.canonical as string);
			} catch {
				// Told below, with all that is no record.
			}
			const known = recordSchema.safeParse(parsed).success || amendmentSchema.safeParse(parsed).success;
			if (!known) throw wrong(line, m.what_is_sealed_is_no_record());
			return { ...row, body: parsed, ...recordColumns(parsed as SprayRecord | Amendment, zone) };
		}
		default:
			return row;
	}
}

function readable(job: TypedJob): boolean {
	try {
		// Any volume does for reading it; a job of a calibration has its own later.
		return readJob(job, si(1e-5)).ok;
	} catch {
		return false;
	}
}

/**
 * Takes in a whole farm from its lines, all of it or nothing. It goes into a farm that has nothing yet; `replace` takes
 * off all that is there first. Every seal has to hold, and every figure is computed again from what was typed.
 */
export async function takeFarm(scope: Scope, lines: AsyncIterable<string>, replace: boolean): Promise<TakenFarm> {
	const { db, farmId } = scope;
	return db.transaction().execute(async (trx) => {
		// The farm's row is locked: two files at once come one after the other.
		await trx.selectFrom('farm').select('id').where('id', '=', farmId).forUpdate().execute();
		if (!replace && !(await isEmptyFarm({ db: trx, farmId })))
			throw new Failure(409, 'not-empty', 'file', m.farm_has_entries_already());
		const members = await trx
			.selectFrom('worker')
			.selectAll()
			.where('farm_id', '=', farmId)
			.where('id', 'in', (eb) => eb.selectFrom('membership').select('person_id').where('farm_id', '=', farmId))
			.execute();
		await clear(trx, farmId);
		const { anchor, settings, ...read } = await readLines(trx, farmId, lines);
		// From here on the farm is the one of the file: its season begins when that says.
		const taken: Scope = { ...scope, db: trx, settings };
		// Who works here now is named here, whoever is named in the file.
		if (members.length > 0)
			await trx
				.insertInto('worker')
				.values(members)
				.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
				.execute();
		await refillRecordNames(trx, farmId);
		await refillRecordUses(trx, { farmId, cropSeason: settings.cropSeason });
		const seals = await checkChain(taken);
		if (seals.broken)
			throw new Failure(422, 'broken-seal', 'file', m.seals_nothing_was_imported({ seals: sealWords(seals) }));
		if (anchor) await holdAgainst(taken, anchor);
		await computeAll(trx);
		return read;
	});
}

/** What a file says itself of its records: as many, ending in the same seal, and nobody changed what it says. */
async function holdAgainst(scope: Scope, anchor: Anchor): Promise<void> {
	const { count, seal } = await newestSeal(scope);
	if (anchorProblem(anchor, null) === 'forged' || count !== anchor.count || seal !== anchor.seal)
		throw new Failure(422, 'broken-seal', 'file', m.file_is_not_as_its_anchor_says());
}

/** Every figure anew, before anything counts as taken in: what cannot be computed must not stand there at the next start. */
async function computeAll(trx: Transaction<Database>): Promise<void> {
	try {
		await recompute(trx);
	} catch (error) {
		// A fault of the database is one; anything else is of what the file says.
		if (error instanceof Error && 'code' in error && !(error instanceof Failure)) throw error;
		throw new Failure(422, 'not-computed', 'file', m.file_cannot_be_computed());
	}
}

async function clear(trx: Transaction<Database>, farmId: string): Promise<void> {
	for (const table of ['record_name', 'record_use', 'season_use', 'job_use', ...[...farmTables].reverse()])
		await sql`delete from ${sql.table(table)} where farm_id = ${farmId}`.execute(trx);
}

/** What a file came to, with the settings that the farm has from it and what it says itself of its records. */
interface ReadFarm extends TakenFarm {
	readonly settings: FarmSettings;
	readonly anchor: Anchor | null;
}

/** A file of a farm, read line by line: its head, its rows, and the end that says how many there have to be. */
class FarmLines {
	readonly #trx: Transaction<Database>;
	readonly #farmId: string;
	#line = 0;
	#head: { readonly name: string; readonly settings: FarmSettings } | null = null;
	#end: z.infer<typeof farmEndSchema> | null = null;
	readonly #counts: Partial<Record<FarmTableName, number>> = {};
	#waiting: { table: FarmTableName; from: number; rows: Row[] } | null = null;

	constructor(trx: Transaction<Database>, farmId: string) {
		this.#trx = trx;
		this.#farmId = farmId;
	}

	async take(text: string): Promise<void> {
		this.#line += 1;
		const json = this.#json(text);
		if (this.#end) throw this.#wrong(m.more_after_the_end_of_the_file());
		if (!this.#head) return this.#takeHead(json);
		const end = farmEndSchema.safeParse(json);
		if (end.success) this.#end = end.data;
		else await this.#takeRow(json, this.#head.settings.timeZone);
	}

	/** What the file came to, once all of its lines are written. */
	async done(): Promise<ReadFarm> {
		await this.#flush();
		if (!this.#end || !this.#head) throw this.#wrong(m.file_ends_in_its_middle());
		for (const table of farmTables) {
			const [wanted, count] = [this.#end.end[table] ?? 0, this.#counts[table] ?? 0];
			if (wanted !== count) throw this.#wrong(m.file_should_hold({ wanted, table: tableWords(table), count }));
		}
		return { ...this.#head, counts: this.#counts, anchor: this.#end.anchor ?? null };
	}

	#wrong(message: string): Failure {
		return wrong(this.#line, message);
	}

	#json(text: string): unknown {
		try {
			return JSON.parse(text);
		} catch {
			throw this.#wrong(m.this_is_not_json());
		}
	}

	async #takeHead(json: unknown): Promise<void> {
		const head = farmHeadSchema.safeParse(json);
		if (!head.success) throw this.#wrong(m.not_a_file_of_a_farm());
		if (!migrations.some((m) => m.name === head.data.migration)) throw this.#wrong(m.file_of_a_newer_fallow());
		const settings = farmSettingsSchema.safeParse(head.data.settings);
		if (!settings.success) throw this.#wrong(m.farm_settings_do_not_read({ at: placeOf(settings.error) }));
		const { name } = head.data;
		this.#head = { name, settings: settings.data };
		await this.#trx
			.updateTable('farm')
			.set({ name, settings: JSON.stringify(settings.data) })
			.where('id', '=', this.#farmId)
			.execute();
	}

	async #takeRow(json: unknown, zone: string): Promise<void> {
		const read = farmRowSchema.safeParse(json);
		if (!read.success) throw this.#wrong(m.not_a_row_of_a_farm());
		const { table, row } = read.data;
		const fits = farmRowSchemas[table].safeParse(row);
		if (!fits.success) throw this.#wrong(m.row_does_not_read({ table: tableWords(table), at: placeOf(fits.error) }));
		const whole = this.#complete(table, row, zone);
		if (this.#waiting && (this.#waiting.table !== table || this.#waiting.rows.length >= piece)) await this.#flush();
		this.#waiting ??= { table, from: this.#line, rows: [] };
		this.#waiting.rows.push({ ...whole, farm_id: this.#farmId });
		this.#counts[table] = (this.#counts[table] ?? 0) + 1;
	}

	#complete(table: FarmTableName, row: Row, zone: string): Row {
		try {
			return complete(table, row, this.#line, zone);
		} catch (error) {
			if (error instanceof Failure && error.code !== 'bad-line') throw this.#wrong(error.message);
			throw error;
		}
	}

	async #flush(): Promise<void> {
		if (this.#waiting) await write(this.#trx, this.#farmId, this.#waiting, this.#line);
		this.#waiting = null;
	}
}

async function readLines(trx: Transaction<Database>, farmId: string, lines: AsyncIterable<string>): Promise<ReadFarm> {
	const farm = new FarmLines(trx, farmId);
	for await (const text of lines) if (text.trim() !== '') await farm.take(text);
	return farm.done();
}

/** Writes some rows of one table; what the database refuses is told with their lines. */
async function write(
	trx: Transaction<Database>,
	farmId: string,
	{ table, from, rows }: { table: FarmTableName; from: number; rows: Row[] },
	to: number
): Promise<void> {
	try {
		// With its schema: a bare `record` would be PostgreSQL's own type of that name.
		await sql`insert into ${sql.table(table)} select * from jsonb_populate_recordset(null::${sql.table(`public.${table}`)}, ${JSON.stringify(rows)}::jsonb)`.execute(
			trx
		);
	} catch (error) {
		// Class 22 and 23: a value that is none of its column, or one that its table does not allow.
		if (/^2[23]/.test((error as { code?: string }).code ?? ''))
			throw wrong(from, m.row_cannot_be_stored({ to, table: tableWords(table) }));
		throw error;
	}
}
