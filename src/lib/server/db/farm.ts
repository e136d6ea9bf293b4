import type { Kysely } from 'kysely';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import type { FarmSettings } from '../../settings/farm-settings';
import { farmSettingsSchema } from '../../settings/farm-settings';
import { blocksOf } from './blocks';
import { calibrationsOf } from './calibrations';
import type { AnchorOf } from './farm-file';
import { farmLines, isEmptyFarm } from './farm-file';
import type { TakenFarm } from './take-farm';
import { takeFarm } from './take-farm';
import { eventsOf } from './events';
import { jobRunsOf } from './job-runs';
import { jobsOf } from './jobs';
import { nozzlesOf } from './nozzles';
import { peopleOf } from './people';
import { practiceOf } from './practice';
import { productsOf } from './products';
import { recordsOf } from './records';
import { refillSeasons } from './record-uses';
import { calibrationLogsOf } from './calibration-logs';
import type { Database } from './schema';
import type { Scope } from './scope';
import { settingsOf } from './settings';
import { sprayersOf } from './sprayers';
import { tankMixesOf } from './tank-mixes';
import { tankPlansOf } from './tank-plans';

export interface FarmHandle {
	readonly id: string;
	readonly name: string;
	readonly settings: FarmSettings;
	readonly sprayers: ReturnType<typeof sprayersOf>;
	readonly sprayerSettings: ReturnType<typeof settingsOf>;
	readonly events: ReturnType<typeof eventsOf>;
	readonly calibrationLogs: ReturnType<typeof calibrationLogsOf>;
	readonly calibrations: ReturnType<typeof calibrationsOf>;
	readonly nozzles: ReturnType<typeof nozzlesOf>;
	readonly jobs: ReturnType<typeof jobsOf>;
	readonly jobRuns: ReturnType<typeof jobRunsOf>;
	readonly records: ReturnType<typeof recordsOf>;
	readonly blocks: ReturnType<typeof blocksOf>;
	readonly products: ReturnType<typeof productsOf>;
	readonly tankMixes: ReturnType<typeof tankMixesOf>;
	readonly tankPlans: ReturnType<typeof tankPlansOf>;
	readonly people: ReturnType<typeof peopleOf>;
	/** Classes of the practice yard that this farm gives. */
	readonly practice: ReturnType<typeof practiceOf>;
	/** Whether nobody has said yet how it measures: it is asked before the first sprayer. */
	readonly isNew: boolean;
	/** Whether somebody, or a browser, said where the farm's clock is. */
	readonly zoneTold: boolean;
	saveFarm(name: string, settings: FarmSettings): Promise<void>;
	/** Gives a farm without a zone of its own this one; answers with the one it has. */
	settleZone(timeZone: string): Promise<string>;
	/** All of it as lines of a file; and all of one from such lines. */
	lines(at: string, anchorOf?: AnchorOf): AsyncGenerator<string>;
	takeIn(lines: AsyncIterable<string>, replace: boolean): Promise<TakenFarm>;
	isEmpty(): Promise<boolean>;
}

/** The one place where a farm is bound to the database, and to who asks. */
export async function farmHandle(
	db: Kysely<Database>,
	farmId: string,
	personId: string | null = null
): Promise<FarmHandle | null> {
	const farm = await db
		.selectFrom('farm')
		.select(['id', 'name', 'settings'])
		.where('id', '=', farmId)
		.executeTakeFirst();
	if (!farm) return null;
	const settings = farmSettingsSchema.parse(farm.settings);
	const scope: Scope = { db, farmId, settings, personId };
	return {
		id: farm.id,
		name: farm.name,
		settings,
		isNew: (farm.settings as { rateUnit?: unknown } | null)?.rateUnit === undefined,
		zoneTold: typeof (farm.settings as { timeZone?: unknown } | null)?.timeZone === 'string',
		sprayers: sprayersOf(scope),
		sprayerSettings: settingsOf(scope),
		events: eventsOf(scope),
		calibrationLogs: calibrationLogsOf(scope),
		calibrations: calibrationsOf(scope),
		nozzles: nozzlesOf(scope),
		jobs: jobsOf(scope),
		jobRuns: jobRunsOf(scope),
		records: recordsOf(scope),
		blocks: blocksOf(scope),
		products: productsOf(scope),
		tankMixes: tankMixesOf(scope),
		tankPlans: tankPlansOf(scope),
		people: peopleOf(scope),
		practice: practiceOf(scope),
		lines: (at, anchorOf) => farmLines(scope, at, anchorOf),
		takeIn: (lines, replace) => takeFarm(scope, lines, replace),
		isEmpty: () => isEmptyFarm(scope),
		async settleZone(timeZone) {
			const changed = await db
				.updateTable('farm')
				.set({ settings: sql`settings || ${JSON.stringify({ timeZone })}::jsonb` })
				.where('id', '=', farmId)
				.where(sql<boolean>`not settings ? 'timeZone'`)
				.executeTakeFirst();
			return changed.numUpdatedRows > 0n ? timeZone : settings.timeZone;
		},
		async saveFarm(name, changed) {
			await db.transaction().execute(async (trx) => {
				await trx
					.updateTable('farm')
					.set({ name, settings: JSON.stringify(changed) })
					.where('id', '=', farmId)
					.execute();
				if (changed.cropSeason !== settings.cropSeason)
					await refillSeasons(trx, { farmId, cropSeason: changed.cropSeason });
			});
		}
	};
}

/** Until there is sign-in, one database serves one farm: the first. Made when there is none. */
export async function firstFarm(db: Kysely<Database>, name = 'My farm'): Promise<string> {
	const found = await db
		.selectFrom('farm')
		.select('id')
		.orderBy('created_at')
		.orderBy('id')
		.limit(1)
		.executeTakeFirst();
	if (found) return found.id;
	const id = v7();
	await db.insertInto('farm').values({ id, name, settings: '{}' }).execute();
	return id;
}
