import { sql } from 'kysely';
import { v7 } from 'uuid';
import type { ClassLine, ClassView, PracticeWork, SeatLine } from '../../wire/practice';
import { exercises, openYard, trueRate } from '../../../core';
import { revealOf } from '../../practice/reveal-of';
import { m } from '$words';
import { now } from '../clock';
import { Failure, notFound } from '../failure';
import { newClassCode } from '../practice/class-code';
import type { Scope } from './scope';

/** Days that a class is open for, and most classes that a farm has open at a time. */
const openFor = 14;
const mostClasses = 50;

export interface StoredSeat {
	readonly id: string;
	readonly name: string;
	readonly work: PracticeWork | null;
	readonly seenAt: Date;
}
export interface StoredClass {
	readonly id: string;
	readonly farmId: string;
	readonly code: string;
	readonly exercise: string;
	readonly seed: number;
	readonly trainer: string;
	readonly endsAt: Date;
}

/** Classes of the practice yard. Nothing of a farm's work refers to them. */
export const practiceOf = ({ db, farmId, personId }: Scope) => {
	const open = () =>
		db
			.selectFrom('practice_class')
			.where('farm_id', '=', farmId)
			.where('ended_at', 'is', null)
			.where('ends_at', '>', now());

	async function find(code: string): Promise<StoredClass> {
		const row = await open().selectAll().where('code', '=', code).executeTakeFirst();
		if (!row) throw notFound('class', 'code');
		return classOf(row);
	}
	const seatsOf = async (classId: string): Promise<StoredSeat[]> => {
		const rows = await db
			.selectFrom('practice_seat')
			.select(['id', 'name', 'work', 'seen_at'])
			.where('farm_id', '=', farmId)
			.where('class_id', '=', classId)
			.orderBy('created_at')
			.orderBy('id')
			.execute();
		return rows.map((r) => ({ id: r.id, name: r.name, work: r.work, seenAt: r.seen_at }));
	};

	return {
		/** Begins a class; answers with its code. The seed is drawn here, so that nobody knows it before. */
		async begin(exercise: string, seed: number): Promise<string> {
			const { count } = await open()
				.select(sql<number>`count(*)::int`.as('count'))
				.executeTakeFirstOrThrow();
			if (count >= mostClasses) throw new Failure(409, 'too-many', 'class', m.class_too_many({ most: mostClasses }));
			const trainer = personId
				? await db.selectFrom('person').select('name').where('id', '=', personId).executeTakeFirst()
				: null;
			const code = newClassCode();
			const ends = new Date(now().getTime() + openFor * 86_400_000);
			await db
				.insertInto('practice_class')
				.values({ farm_id: farmId, id: v7(), code, exercise, seed, trainer: trainer?.name ?? '', ends_at: ends })
				.execute();
			return code;
		},

		/** Those that are open, the newest first. */
		async list(): Promise<ClassLine[]> {
			const rows = await open().selectAll().orderBy('created_at', 'desc').limit(mostClasses).execute();
			return Promise.all(
				rows.map(async (row) => {
					const seats = await seatsOf(row.id);
					const signed = seats.filter((s) => s.work?.entries.some((e) => e.kind === 'sign-off')).length;
					return {
						code: row.code,
						exercise: row.exercise,
						seats: seats.length,
						signed,
						endsAt: row.ends_at.toISOString()
					};
				})
			);
		},

		/** One of them with everybody in it, worked out from what they did and read. */
		async view(code: string): Promise<ClassView> {
			const one = await find(code);
			const exercise = exercises.find((e) => e.id === one.exercise);
			if (!exercise) throw notFound('class', 'code');
			const yard = openYard(exercise, one.seed);
			return {
				code: one.code,
				exercise: one.exercise,
				seed: one.seed,
				endsAt: one.endsAt.toISOString(),
				truth: trueRate(yard.machine, yard.setting),
				faults: yard.faults,
				seats: (await seatsOf(one.id)).map((seat) => seatLine(seat, one))
			};
		},

		/** The seats of a class whose calibration is signed, for their certificates. */
		async signedSeats(code: string): Promise<{ readonly one: StoredClass; readonly seats: readonly StoredSeat[] }> {
			const one = await find(code);
			return { one, seats: await seatsOf(one.id) };
		},

		async end(code: string): Promise<void> {
			const one = await find(code);
			await db
				.updateTable('practice_class')
				.set({ ended_at: now() })
				.where('farm_id', '=', farmId)
				.where('id', '=', one.id)
				.execute();
		}
	};
};

export const classOf = (row: {
	readonly id: string;
	readonly farm_id: string;
	readonly code: string;
	readonly exercise: string;
	readonly seed: string;
	readonly trainer: string;
	readonly ends_at: Date;
}): StoredClass => ({
	id: row.id,
	farmId: row.farm_id,
	code: row.code,
	exercise: row.exercise,
	seed: Number(row.seed),
	trainer: row.trainer,
	endsAt: row.ends_at
});

/** A seat's yard, worked out again from what was sent. */
export const revealedSeat = (seat: StoredSeat, one: Pick<StoredClass, 'exercise' | 'seed'>) =>
	seat.work &&
	revealOf({
		yard: {
			head: { id: seat.id, exercise: one.exercise, seed: one.seed, begunAt: seat.seenAt.toISOString() },
			entries: seat.work.items
		},
		entries: seat.work.entries
	});

function seatLine(seat: StoredSeat, one: StoredClass): SeatLine {
	const revealed = revealedSeat(seat, one);
	const line = { id: seat.id, name: seat.name, step: seat.work?.step ?? '', seenAt: seat.seenAt.toISOString() };
	if (!revealed) return { ...line, minutes: 0, result: null };
	const { reveal, yard, signed } = revealed;
	return {
		...line,
		minutes: yard.time / 60,
		result: signed && {
			answer: reveal.answer,
			u95: reveal.u95,
			inside: reveal.inside,
			found: reveal.grades.faults.flatMap(({ fault, grade }) =>
				grade === 'found' ? [`${fault.kind} ${fault.at ?? ''}`.trim()] : []
			),
			wrong: reveal.grades.wrong.length,
			reached: reveal.goal.reached
		}
	};
}
