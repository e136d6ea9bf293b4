import type { SprayerEventKind } from '../../wording/events';
import type { Scope } from './scope';

export interface SprayerEvent {
	readonly id: string;
	readonly day: string;
	readonly what: SprayerEventKind;
	readonly note: string;
}

export const eventsOf = ({ db, farmId, personId }: Scope) => ({
	/** What happened to a sprayer, the newest first. */
	async of(sprayerId: string): Promise<SprayerEvent[]> {
		return db
			.selectFrom('sprayer_event')
			.select(['id', 'day', 'what', 'note'])
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.orderBy('day', 'desc')
			.orderBy('id', 'desc')
			.limit(50)
			.execute();
	},

	/** The day of the newest event of one kind; null without any. */
	async lastOf(sprayerId: string, what: SprayerEventKind): Promise<string | null> {
		const row = await db
			.selectFrom('sprayer_event')
			.select('day')
			.where('farm_id', '=', farmId)
			.where('sprayer_id', '=', sprayerId)
			.where('what', '=', what)
			.orderBy('day', 'desc')
			.limit(1)
			.executeTakeFirst();
		return row?.day ?? null;
	},

	/** Writes an event down; the same id again changes nothing. */
	async add(sprayerId: string, event: SprayerEvent): Promise<void> {
		await db
			.insertInto('sprayer_event')
			.values({ farm_id: farmId, sprayer_id: sprayerId, by_person: personId, ...event })
			.onConflict((oc) => oc.columns(['farm_id', 'id']).doNothing())
			.execute();
	}
});
