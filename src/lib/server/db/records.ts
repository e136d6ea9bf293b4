import { m } from '$words';
import { sql } from 'kysely';
import { v5 } from 'uuid';
import { z } from 'zod';
import type {
	Amendment,
	AskedRecord,
	PassedStop,
	RecordedSprayer,
	RequiredField,
	SprayRecord,
	Stop,
	TypedJob,
	VolumePerArea,
	WeatherEntry
} from '../../../core';
import {
	buildRecord,
	checkJob,
	foldCalibration,
	sprayerOf,
	labelStops,
	openStops,
	pouredOverMax,
	runOfJob
} from '../../../core';
import { lacking, lacksWeather } from '../../wire/record';
import type { RecordIn } from '../../files/record-files';
import { noWeatherWords, recordFieldWords } from '../../wording/records';
import { stopMessage } from '../../wording/safety';
import { dayAt } from '../../settings/farm-time';
import { settingLabel } from '../../show/setting-label';
import { jobWeatherStops } from '../../show/job-weather';
import { canonicalJson } from '../canonical-json';
import { Failure, fromIssue, notFound } from '../failure';
import { sprayDay } from './job-columns';
import { jobRunsOf } from './job-runs';
import { jobsOf } from './jobs';
import { append, checkChain, newestSeal, sealAt } from './record-chain';
import { logOf } from './record-log';
import type { Scope } from './scope';
import { seasonOf, usedByYear } from './season';

const uuid = z.uuid();

export const recordsOf = (scope: Scope) => {
	const { db, farmId, settings } = scope;
	const { amendmentsOf, ...log } = logOf(scope);

	/** How a sprayer was set when it was calibrated. */
	const recordedSprayer = async (calibrationId: string | null): Promise<RecordedSprayer | null> => {
		if (calibrationId === null) return null;
		const row = await db
			.selectFrom('calibration as c')
			.innerJoin('round as r', (join) => join.onRef('r.farm_id', '=', 'c.farm_id').onRef('r.id', '=', 'c.id'))
			.select(['c.gear', 'c.rpm', 'c.pressure_pa', 'c.nozzles_on', 'c.signed_day', 'r.rig', 'r.setting'])
			.where('c.farm_id', '=', farmId)
			.where('c.id', '=', calibrationId)
			.executeTakeFirst();
		if (!row) return null;
		const { setting } = row;
		const entries = await db
			.selectFrom('round_entry')
			.select('body')
			.where('farm_id', '=', farmId)
			.where('round_id', '=', calibrationId)
			.where(sql<string>`body->>'kind'`, 'in', ['gauge', 'sign-off', 'rig'])
			.execute();
		const sprayer = sprayerOf(
			row.rig,
			entries.map((e) => e.body)
		);
		const typedPressure = foldCalibration(entries.map((e) => e.body)).gauge?.typed;
		const kinds = sprayer.groups ? [...new Set(sprayer.groups)].join(', ') : sprayer.nozzle;
		return {
			setting: settingLabel(setting ?? undefined, sprayer, row.nozzles_on),
			nozzles: [`${sprayer.nozzles}`, kinds].filter(Boolean).join(' × '),
			gear: row.gear,
			rpm: row.rpm,
			pressure: row.pressure_pa,
			...(row.pressure_pa !== null && typedPressure ? { typedPressure } : {}),
			calibrated: row.signed_day
		};
	};

	/** What the rules say of the weather that a job was sprayed in, and that its entry's own reason does not pass. */
	const weatherStopsOf = async (job: TypedJob, entry: WeatherEntry | null): Promise<Stop[]> => {
		const [place, shapes] = await Promise.all([jobsOf(scope).placeOf(job), jobsOf(scope).shapesOf(job)]);
		return jobWeatherStops(job, entry, {
			settings,
			place,
			altitude: shapes.find((s) => s.altitude !== null)?.altitude ?? null
		});
	};

	/** A closed job with what is known of it. */
	const sourceOf = async (jobId: string) => {
		const kept = await jobsOf(scope).get(jobId);
		const before = await jobsOf(scope).before(jobId, kept.job);
		const rate = kept.rate as VolumePerArea | null;
		const made = runOfJob({ job: kept.job, rate, before }, await jobRunsOf(scope).entries(jobId));
		if (!made.ok) throw fromIssue(made.issues[0]!);
		const { job, read, edits, run } = made.value;
		const { sheet } = read;
		const day = sprayDay(settings.timeZone, kept.job, run);
		return {
			job,
			sheet,
			checks: read.checks,
			run,
			sprayer: kept.sprayer,
			calibrationId: kept.calibrationId,
			rig: await recordedSprayer(kept.calibrationId),
			day,
			dayOf: (at: string) => dayAt(settings.timeZone, Date.parse(at)),
			stops: [
				...[read, ...edits].flatMap((r) => labelStops(checkJob(r))),
				...pouredOverMax(run.loads, sheet),
				...(await weatherStopsOf(kept.job, run.weather.before))
			]
		};
	};

	return {
		...log,

		/** What would be sealed of a closed job, for looking at it first, and the stops that nobody has passed yet. */
		async draft(
			jobId: string,
			asked: AskedRecord,
			passed: readonly PassedStop[] = []
		): Promise<{ readonly record: SprayRecord; readonly open: readonly Stop[] }> {
			const { stops, ...source } = await sourceOf(jobId);
			const record = buildRecord(source, asked, passed);
			if (!record) throw new Failure(409, 'not-closed', 'job', m.job_not_closed_yet());
			const gone = source.run.loads.some((l) => l.state !== 'dry' && l.state !== 'mixing');
			if (gone && record.endedAt === null) throw fromIssue({ code: 'interval-no-end', path: 'job' });
			return { record, open: openStops(stops, record.passed ?? []) };
		},

		/** Seals the record of a closed job, under the job's own id; the same again changes nothing. */
		async seal(
			jobId: string,
			asked: AskedRecord,
			required: readonly RequiredField[],
			passed: readonly PassedStop[] = []
		): Promise<void> {
			const [empty] = lacking(asked, required);
			if (empty)
				throw new Failure(
					422,
					'empty',
					empty,
					m.still_empty_write_it_first({ name: recordFieldWords[empty].toLowerCase() })
				);
			const { record, open } = await this.draft(jobId, asked, passed);
			if (lacksWeather(record, required)) throw new Failure(422, 'empty', 'remarks', noWeatherWords());
			if (open[0]) throw new Failure(422, 'stopped', 'passed', stopMessage(open[0]));
			await db.transaction().execute(async (trx) => {
				// The job's row is locked: a second tap finds the record of the first.
				await trx
					.selectFrom('job')
					.select('id')
					.where('farm_id', '=', farmId)
					.where('id', '=', jobId)
					.forUpdate()
					.execute();
				const known = await trx
					.selectFrom('record')
					.select('canonical')
					.where('farm_id', '=', farmId)
					.where('id', '=', jobId)
					.executeTakeFirst();
				if (known && known.canonical !== canonicalJson(record))
					throw new Failure(409, 'sealed', 'id', m.record_is_sealed_add_to_it());
				if (!known) await append(scope, trx, { id: jobId, jobId, amends: null, body: record });
			});
		},

		/** Seals records from a file, all of them or none; one that the log has already is left as it is. */
		async takeIn(list: readonly RecordIn[]): Promise<{ readonly taken: number; readonly known: number }> {
			const made = list.map(({ id, record, amendments }) => ({
				// Without an id of its own the content names it: the same file again brings nothing twice.
				id: uuid.safeParse(id).success ? id.toLowerCase() : v5(canonicalJson({ id, record }), farmId),
				record,
				amendments
			}));
			return db.transaction().execute(async (trx) => {
				const before = new Set<string>();
				for (let at = 0; at < made.length; at += 500) {
					const rows = await trx
						.selectFrom('record')
						.select('id')
						.where('farm_id', '=', farmId)
						.where(
							'id',
							'in',
							made.slice(at, at + 500).map((m) => m.id)
						)
						.execute();
					for (const row of rows) before.add(row.id);
				}
				let taken = 0;
				for (const { id, record, amendments } of made) {
					if (before.has(id)) continue;
					before.add(id);
					taken += 1;
					await append(scope, trx, { id, jobId: null, amends: null, body: record });
					for (const [i, body] of amendments.entries())
						await append(scope, trx, { id: v5(canonicalJson({ i, body }), id), jobId: null, amends: id, body });
				}
				return { taken, known: made.length - taken };
			});
		},

		/** Adds to a sealed record; the record itself stays as it is. The same id again changes nothing. */
		async amend(recordId: string, id: string, by: string, text: string, at: string): Promise<void> {
			const body: Amendment = { format: 'fallow-amendment/1', by: by.trim(), at, text: text.trim() };
			if (body.by === '') throw new Failure(422, 'empty', 'by', m.write_who_adds_this());
			if (body.text === '') throw new Failure(422, 'empty', 'text', m.write_what_is_to_be_added());
			await db.transaction().execute(async (trx) => {
				const record = await trx
					.selectFrom('record')
					.select('id')
					.where('farm_id', '=', farmId)
					.where('id', '=', recordId)
					.where('amends', 'is', null)
					.executeTakeFirst();
				if (!record) throw notFound('record');
				const known = await trx
					.selectFrom('record')
					.select('id')
					.where('farm_id', '=', farmId)
					.where('id', '=', id)
					.executeTakeFirst();
				if (!known) await append(scope, trx, { id, jobId: null, amends: recordId, body });
			});
		},

		async get(id: string) {
			const row = await db
				.selectFrom('record')
				.select(['id', 'body', 'hash', 'place', 'sealed_at'])
				.where('farm_id', '=', farmId)
				.where('id', '=', id)
				.where('amends', 'is', null)
				.executeTakeFirst();
			if (!row) throw notFound('record');
			return {
				id: row.id,
				record: row.body as SprayRecord,
				hash: row.hash,
				place: Number(row.place),
				sealedAt: row.sealed_at.toISOString(),
				amendments: (await amendmentsOf([id])).get(id) ?? []
			};
		},

		/** How long the log is, with what was added to its records. */
		async count(): Promise<number> {
			const row = await db
				.selectFrom('record')
				.select('place')
				.where('farm_id', '=', farmId)
				.orderBy('place', 'desc')
				.limit(1)
				.executeTakeFirst();
			return Number(row?.place ?? 0);
		},

		/** Whether a job has its record already. */
		async isSealed(jobId: string): Promise<boolean> {
			const row = await db
				.selectFrom('record')
				.select('id')
				.where('farm_id', '=', farmId)
				.where('id', '=', jobId)
				.executeTakeFirst();
			return row !== undefined;
		},

		/** Records of which an interval may still run on a day, the newest first: those are the ones that keep people out. */
		async open(today: string, most = 500): Promise<readonly { readonly id: string; readonly record: SprayRecord }[]> {
			const rows = await db
				.selectFrom('record')
				.select(['id', 'body'])
				.where('farm_id', '=', farmId)
				.where('open_until', '>=', today)
				.orderBy('record.day', 'desc')
				.orderBy('record.id', 'desc')
				.limit(most)
				.execute();
			return rows.map((row) => ({ id: row.id, record: row.body as SprayRecord }));
		},

		season: (year: number) => seasonOf(scope, year),

		/** What the last record was told, for filling in the next one. */
		async last(): Promise<SprayRecord | null> {
			const row = await db
				.selectFrom('record')
				.select('body')
				.where('farm_id', '=', farmId)
				.where('amends', 'is', null)
				.orderBy('place', 'desc')
				.limit(1)
				.executeTakeFirst();
			return (row?.body as SprayRecord | undefined) ?? null;
		},

		/** What the log comes to by product, the newest years. */
		usedByYear: (most?: number) => usedByYear(scope, most),

		/** Looks through the whole chain: how many seals hold, and the first that does not. */
		check: () => checkChain(scope),

		/** The newest seal and how many links there are; and the seal at a place. */
		newest: () => newestSeal(scope),
		sealAt: (place: number) => sealAt(scope, place)
	};
};
