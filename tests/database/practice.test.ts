import { sql } from 'kysely';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Entry } from '../../src/core';
import { exercises, openYard } from '../../src/core';
import { firstEntries } from '../../src/lib/practice/begin-yard';
import { farmHandle } from '../../src/lib/server/db/farm';
import { classByCode, keepWork, seatByToken, takeSeat } from '../../src/lib/server/practice/seats';
import { newClassCode } from '../../src/lib/server/practice/class-code';
import { classCodeSchema, practiceWorkSchema } from '../../src/lib/wire/practice';
import { farmDatabase } from '../support/database';
import { t } from '../support/entries';
import { refused } from '../support/refused';

let made: Awaited<ReturnType<typeof farmDatabase>>;
beforeAll(async () => {
	made = await farmDatabase();
});
afterAll(() => made.drop());

const at = '2026-03-01T08:00:00.000Z';
const stamped = (bodies: readonly object[], from = 0) =>
	bodies.map((body, i) => ({ ...body, id: v7(), seq: from + i, at })) as unknown as Entry[];

/** What a learner sends who measured the first boom with a course that is told as so long, and signed or not. */
function work(course: string, signed: boolean) {
	const exercise = exercises.find((e) => e.id === 'boom-1')!;
	const first = firstEntries(exercise, (seq) => ({ id: v7(), seq, at }));
	const read = stamped(
		[
			{ kind: 'course', length: t(course, 'm') },
			{ kind: 'run', time: t('28.4', 's'), by: 'typed' },
			{ kind: 'run', time: t('28.6', 's'), by: 'typed' },
			...Array.from({ length: 12 }, (_, i) => ({ kind: 'catch', nozzle: i + 1, amount: t('600', 'ml'), why: 'first' })),
			...(signed
				? [{ kind: 'sign-off', person: 'Ada Sample', day: '2026-03-01', gear: '', rpm: null, remarks: '' }]
				: [])
		],
		first.length
	);
	const claim = { kind: 'claim', claim: { kind: 'gauge-high', at: null }, holds: true, id: v7(), seq: 0, at };
	return practiceWorkSchema.parse({ step: 'flow', items: [claim], entries: [...first, ...read] });
}

describe('a class of the practice yard', () => {
	it('is joined by its code, and its trainer sees what came of it, worked out on the server', async () => {
		const { practice } = made.farm;
		const code = await practice.begin('boom-1', 4242);
		expect(classCodeSchema.parse(code)).toBe(code);
		expect((await classByCode(made.db, code)).seed).toBe(4242);
		const [good, bad] = await Promise.all([
			takeSeat(made.db, code, 'Ada Sample'),
			takeSeat(made.db, code, 'Bo Muster')
		]);
		await keepWork(made.db, good, work('60', true));
		await keepWork(made.db, bad, work('90', false));
		const view = await practice.view(code);
		const yard = openYard(
			exercises.find((e) => e.id === 'boom-1')!,
			4242
		);
		expect(view.truth).toBeGreaterThan(0);
		expect(view.faults).toEqual(yard.faults);
		const [ada, bo] = ['Ada Sample', 'Bo Muster'].map((name) => view.seats.find((s) => s.name === name)!);
		expect(ada!.result).toMatchObject({ wrong: 1, found: [] });
		expect(ada!.result!.answer).toBeGreaterThan(1e-5);
		// Nothing is said of an answer that is not signed.
		expect(bo!.result).toBeNull();
		expect(await practice.list()).toMatchObject([{ code, seats: 2, signed: 1 }]);
	});

	it('keeps what was signed, whatever comes after', async () => {
		const code = await made.farm.practice.begin('boom-1', 1);
		const token = await takeSeat(made.db, code, 'Ada Sample');
		await keepWork(made.db, token, work('60', true));
		const before = (await seatByToken(made.db, token)).seat.work;
		await keepWork(made.db, token, work('30', true));
		expect((await seatByToken(made.db, token)).seat.work).toEqual(before);
	});

	it('has so many seats and no more, also where several take the last one at a time', async () => {
		const code = await made.farm.practice.begin('boom-1', 2);
		await Promise.all(Array.from({ length: 58 }, (_, i) => takeSeat(made.db, code, `Learner ${i}`)));
		const last = await Promise.allSettled(Array.from({ length: 4 }, (_, i) => takeSeat(made.db, code, `Late ${i}`)));
		expect(last.filter((one) => one.status === 'fulfilled')).toHaveLength(2);
	});

	it('is nobody’s of another farm, and nobody’s once it has ended', async () => {
		const code = await made.farm.practice.begin('boom-1', 3);
		const token = await takeSeat(made.db, code, 'Ada Sample');
		const otherId = v7();
		await sql`insert into farm (id, name) values (${otherId}, 'Other farm')`.execute(made.db);
		const other = (await farmHandle(made.db, otherId))!;
		expect(await refused(other.practice.view(code))).toMatchObject({ status: 404 });
		expect(await refused(other.practice.end(code))).toMatchObject({ status: 404 });
		expect(await other.practice.list()).toEqual([]);
		await made.farm.practice.end(code);
		expect(await refused(classByCode(made.db, code))).toMatchObject({ status: 404 });
		expect(await refused(seatByToken(made.db, token))).toMatchObject({ status: 404 });
		expect(await refused(keepWork(made.db, token, work('60', false)))).toMatchObject({ status: 404 });
	});

	it('is in no file of the farm', async () => {
		const lines: string[] = [];
		for await (const line of made.farm.lines(at)) lines.push(line);
		expect(lines.join('\n')).not.toMatch(/practice_class|practice_seat|Ada Sample/);
	});

	it('has codes that are not taken for another when they are called', () => {
		const codes = Array.from({ length: 2000 }, newClassCode);
		expect(codes.every((code) => classCodeSchema.safeParse(code).success)).toBe(true);
		expect(new Set(codes).size).toBe(codes.length);
	});
});

describe('what a device sends of a yard', () => {
	it.each([
		['an action that nobody does', { do: 'explode' }],
		['a catch of no nozzle', { do: 'catch', nozzles: [], held: 30 }],
		['a catch that never ended', { do: 'catch', nozzles: [1], held: 1e9 }],
		['a field too many', { do: 'drive', fast: true }]
	])('is refused where it is %s', (_, action) => {
		const item = { kind: 'did', action, id: v7(), seq: 0, at };
		expect(practiceWorkSchema.safeParse({ step: '', items: [item], entries: [] }).success).toBe(false);
	});
});
