import { describe, expect, it } from 'vitest';
import { MemoryStore } from '../../../tests/support/memory-store';
import { entriesOf, idOf, testRig, wholeRound } from '../../../tests/support/entries';
import { Seeded } from '../../../tests/support/seeded';
import type { Entry } from '$core';
import type { OutboxStatus, Send } from './outbox';
import { Outbox, sendByHttp, worstStatus } from './outbox';
import type { KeptRound } from './round-store';

type SendRound = Send<KeptRound['head'], Entry>;
const toRounds = ({ head, entries }: KeptRound) => ({
	path: `/api/rounds/${head.id}`,
	body: { round: head, entries }
});

const head = (n: number) => ({
	id: idOf(n),
	sprayerId: idOf(2),
	startedAt: '2026-03-14T08:00:00.000Z',
	rig: structuredClone(testRig)
});

async function outbox(send: SendRound, rounds = 1) {
	const store = new MemoryStore();
	for (let n = 1; n <= rounds; n += 1) {
		await store.create(head(n));
		for (const entry of entriesOf(wholeRound, n * 100)) await store.add(idOf(n), entry);
	}
	const statuses: OutboxStatus[] = [];
	const timers: { wait: number; run: () => void }[] = [];
	const box = new Outbox({
		store,
		send,
		later: (wait, run) => {
			const timer = { wait, run };
			timers.push(timer);
			return () => void timers.splice(timers.indexOf(timer), 1);
		},
		onStatus: (s) => statuses.push(s)
	});
	return { store, box, statuses, timers };
}

const takeAll: SendRound = async (round) => ({ acknowledged: round.entries.map((e) => e.id) });

describe('the outbox', () => {
	it('sends until everything is acknowledged, and says so', async () => {
		const { box, store, statuses } = await outbox(takeAll, 2);
		await box.kick();
		expect(await store.unsent()).toEqual([]);
		expect(statuses.at(-1)).toEqual({ state: 'sent' });
	});

	it('says that something is on its way in the moment it was kept', async () => {
		const { box, statuses } = await outbox(takeAll);
		await box.kick();
		const sending = box.added();
		expect(statuses.at(-1)).toMatchObject({ state: 'sending' });
		await sending;
		expect(statuses.at(-1)).toEqual({ state: 'sent' });
	});

	it('keeps all of it while nobody answers, and tries later and later', async () => {
		const { box, store, statuses, timers } = await outbox(async () => null);
		const waits: number[] = [];
		await box.kick();
		for (let i = 0; i < 7; i += 1) {
			const timer = timers.pop()!;
			waits.push(timer.wait);
			timer.run();
			await box.kick();
		}
		expect(waits[0]).toBe(1000);
		expect(Math.max(...waits)).toBeLessThanOrEqual(30_000);
		expect((await store.unsent())[0]?.entries).toHaveLength(wholeRound.length);
		expect(statuses.at(-1)).toEqual({ state: 'waiting', waiting: wholeRound.length });
	});

	it('loses nothing and keeps nothing twice over a line that drops messages and answers at random', async () => {
		const random = new Seeded(42);
		const server = new Map<string, string>();
		const send: SendRound = async (round) => {
			if (random.next() < 0.3) return null;
			for (const entry of round.entries) {
				const known = server.get(entry.id);
				if (known !== undefined) expect(known).toBe(JSON.stringify(entry));
				server.set(entry.id, JSON.stringify(entry));
			}
			return random.next() < 0.4 ? null : { acknowledged: round.entries.map((e) => e.id) };
		};
		const { box, store } = await outbox(send, 3);
		for (let i = 0; i < 60; i += 1) await box.kick();
		expect(await store.unsent()).toEqual([]);
		expect(server.size).toBe(3 * wholeRound.length);
	});

	it('lets one refused round not hold up the others', async () => {
		const { box, store, statuses } = await outbox(
			async (round) => (round.head.id === idOf(1) ? { refused: 'That is signed off.' } : takeAll(round)),
			2
		);
		await box.kick();
		expect((await store.unsent()).map((r) => r.head.id)).toEqual([idOf(1)]);
		expect(statuses.at(-1)).toMatchObject({ state: 'refused', message: 'That is signed off.' });
	});

	it('sends what is added while it is sending', async () => {
		let added = false;
		const { box, store } = await outbox(async (round) => {
			if (!added) {
				added = true;
				await store.add(idOf(1), entriesOf([{ kind: 'tick', check: 'kit', done: true }], 900)[0]!);
				void box.kick();
			}
			return takeAll(round);
		});
		await box.kick();
		expect(await store.unsent()).toEqual([]);
	});

	it('cuts a long round into messages that the server takes', async () => {
		const sizes: number[] = [];
		const { box, store } = await outbox(async (round) => {
			sizes.push(round.entries.length);
			return takeAll(round);
		});
		for (const entry of entriesOf(
			Array.from({ length: 450 }, () => ({ kind: 'tick', check: 'kit', done: true }) as const),
			2000
		))
			await store.add(idOf(1), entry);
		await box.kick();
		expect(await store.unsent()).toEqual([]);
		expect(Math.max(...sizes)).toBeLessThanOrEqual(200);
	});
});

describe('sending over HTTP', () => {
	const round = { head: head(1), entries: entriesOf(wholeRound) };
	const answering = (status: number, body: unknown) =>
		sendByHttp(
			(async () => new Response(JSON.stringify(body), { status })) as unknown as typeof fetch,
			toRounds
		)(round);

	it('tells an answer, a refusal and no answer apart', async () => {
		expect(await answering(200, { acknowledged: ['a'] })).toEqual({ acknowledged: ['a'] });
		expect(await answering(409, { error: { message: 'Signed off.' } })).toEqual({ refused: 'Signed off.' });
		expect(await answering(503, { error: { message: 'later' } })).toBeNull();
		expect(await answering(200, { something: 'else' })).toBeNull();
		const dead = sendByHttp(
			(async () => Promise.reject(new TypeError('no network'))) as unknown as typeof fetch,
			toRounds
		);
		expect(await dead(round)).toBeNull();
	});
});

describe('two outboxes of one device', () => {
	it('are told as the graver of the two, with all that waits', () => {
		const sending: OutboxStatus = { state: 'sending', waiting: 2 };
		expect(worstStatus({ state: 'sent' }, { state: 'sent' })).toEqual({ state: 'sent' });
		expect(worstStatus({ state: 'sent' }, sending)).toEqual(sending);
		expect(worstStatus({ state: 'waiting', waiting: 1 }, sending)).toEqual({ state: 'waiting', waiting: 3 });
		expect(worstStatus(sending, { state: 'refused', waiting: 1, message: 'no' })).toEqual({
			state: 'refused',
			waiting: 3,
			message: 'no'
		});
	});
});
