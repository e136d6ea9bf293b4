import { describe, expect, it } from 'vitest';
import { MemoryStore } from '../../../tests/support/memory-store';
import { entriesOf, idOf, testSprayer, wholeCalibration } from '../../../tests/support/entries';
import { Seeded } from '../../../tests/support/seeded';
import type { Entry } from '$core';
import type { OutboxStatus, Send } from './outbox';
import { Outbox, firstBatch, sendByHttp, worstStatus } from './outbox';
import type { KeptCalibration } from './calibration-store';

type SendCalibration = Send<KeptCalibration['head'], Entry>;
const toCalibrations = ({ head, entries }: KeptCalibration) => ({
	path: `/api/rounds/${head.id}`,
	body: { round: head, entries }
});

const head = (n: number) => ({
	id: idOf(n),
	sprayerId: idOf(2),
	startedAt: '2026-03-14T08:00:00.000Z',
	rig: structuredClone(testSprayer)
});

async function outbox(send: SendCalibration, calibrations = 1) {
	const store = new MemoryStore();
	for (let n = 1; n <= calibrations; n += 1) {
		await store.create(head(n));
		for (const entry of entriesOf(wholeCalibration, n * 100)) await store.add(idOf(n), entry);
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

const takeAll: SendCalibration = async (calibration) => ({ acknowledged: calibration.entries.map((e) => e.id) });

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
		const { box, store, statuses, timers } = await outbox(async () => ({ later: 'signal' }));
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
		expect((await store.unsent())[0]?.entries).toHaveLength(wholeCalibration.length);
		expect(statuses.at(-1)).toEqual({ state: 'waiting', waiting: wholeCalibration.length, why: 'signal' });
	});

	it('loses nothing and keeps nothing twice over a line that drops messages and answers at random', async () => {
		const random = new Seeded(42);
		const server = new Map<string, string>();
		const send: SendCalibration = async (calibration) => {
			if (random.next() < 0.3) return { later: 'signal' };
			for (const entry of calibration.entries) {
				const known = server.get(entry.id);
				if (known !== undefined) expect(known).toBe(JSON.stringify(entry));
				server.set(entry.id, JSON.stringify(entry));
			}
			return random.next() < 0.4 ? { later: 'server' } : { acknowledged: calibration.entries.map((e) => e.id) };
		};
		const { box, store } = await outbox(send, 3);
		for (let i = 0; i < 60; i += 1) await box.kick();
		expect(await store.unsent()).toEqual([]);
		expect(server.size).toBe(3 * wholeCalibration.length);
	});

	it('sets aside what the server will not take, with its reason, and sends all else', async () => {
		const { box, store, statuses } = await outbox(
			async (calibration) =>
				calibration.head.id === idOf(1)
					? { refused: 'That is signed off.', code: 'signed-off', entry: null }
					: takeAll(calibration),
			2
		);
		await box.kick();
		expect(await store.unsent()).toEqual([]);
		const [aside] = await store.refused();
		expect(aside!.head.id).toBe(idOf(1));
		expect(aside!.entries).toHaveLength(wholeCalibration.length);
		expect(aside!.why).toEqual({ code: 'signed-off', message: 'That is signed off.' });
		expect(statuses.at(-1)).toEqual({ state: 'refused', waiting: 1, message: 'That is signed off.' });
	});

	it('sets aside the one entry that is wrong, and sends the others of its log', async () => {
		const bad = entriesOf(wholeCalibration, 100)[3]!.id;
		const sent: string[] = [];
		const { box, store, statuses } = await outbox(async (calibration) => {
			const at = calibration.entries.findIndex((e) => e.id === bad);
			if (at >= 0) return { refused: 'No such jug.', code: 'out-of-range', entry: at };
			sent.push(...calibration.entries.map((e) => e.id));
			return takeAll(calibration);
		});
		await box.kick();
		expect(sent).toHaveLength(wholeCalibration.length - 1);
		expect((await store.refused()).map((r) => r.entries.map((e) => e.id))).toEqual([[bad]]);
		expect(statuses.at(-1)).toMatchObject({ state: 'refused', message: 'No such jug.' });
		await store.retry(idOf(1));
		expect((await store.unsent())[0]!.entries.map((e) => e.id)).toEqual([bad]);
		await box.kick();
		await store.discard(idOf(1));
		await box.kick();
		expect(statuses.at(-1)).toEqual({ state: 'sent' });
		expect((await store.open(idOf(1)))!.entries).toHaveLength(wholeCalibration.length - 1);
	});

	it('says whether there is no signal, the server is busy or somebody has to sign in', async () => {
		for (const why of ['signal', 'server', 'sign-in'] as const) {
			const { box, statuses } = await outbox(async () => ({ later: why }));
			await box.kick();
			expect(statuses.at(-1)).toMatchObject({ state: 'waiting', why });
		}
	});

	it('splits what is long into messages by their size, and sends one that is too long by itself', () => {
		const long = (letters: number) => ({ id: 'x', text: 'm'.repeat(letters) });
		expect(firstBatch([long(90_000), long(90_000), long(90_000)])).toHaveLength(2);
		expect(firstBatch([long(900_000), long(10)])).toHaveLength(1);
		expect(firstBatch([])).toEqual([]);
	});

	it('sends what is added while it is sending', async () => {
		let added = false;
		const { box, store } = await outbox(async (calibration) => {
			if (!added) {
				added = true;
				await store.add(idOf(1), entriesOf([{ kind: 'tick', check: 'kit', done: true }], 900)[0]!);
				void box.kick();
			}
			return takeAll(calibration);
		});
		await box.kick();
		expect(await store.unsent()).toEqual([]);
	});

	it('cuts a long calibration into messages that the server takes', async () => {
		const sizes: number[] = [];
		const { box, store } = await outbox(async (calibration) => {
			sizes.push(calibration.entries.length);
			return takeAll(calibration);
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
	const calibration = { head: head(1), entries: entriesOf(wholeCalibration), fresh: true };
	const answering = (status: number, body: unknown) =>
		sendByHttp(
			(async () => new Response(JSON.stringify(body), { status })) as unknown as typeof fetch,
			toCalibrations
		)(calibration);

	it('tells an answer, a refusal and no answer apart', async () => {
		expect(await answering(200, { acknowledged: ['a'] })).toEqual({ acknowledged: ['a'] });
		expect(await answering(409, { error: { code: 'signed-off', path: 'entries', message: 'Signed off.' } })).toEqual({
			refused: 'Signed off.',
			code: 'signed-off',
			entry: null
		});
		expect(
			await answering(422, { error: { code: 'out-of-range', path: 'entries.12.time', message: 'Too long.' } })
		).toMatchObject({ entry: 12 });
		expect(await answering(503, { error: { message: 'later' } })).toEqual({ later: 'server' });
		expect(await answering(429, { error: { message: 'slow down' } })).toEqual({ later: 'server' });
		expect(await answering(401, { error: { message: 'who?' } })).toEqual({ later: 'sign-in' });
		expect(await answering(200, { something: 'else' })).toEqual({ later: 'signal' });
		expect(await answering(403, { cafe: 'log in to our network' })).toEqual({ later: 'signal' });
		const dead = sendByHttp(
			(async () => Promise.reject(new TypeError('no network'))) as unknown as typeof fetch,
			toCalibrations
		);
		expect(await dead(calibration)).toEqual({ later: 'signal' });
	});

	it('gives up a send that is never answered, and makes it again later', async () => {
		const swallowed = sendByHttp(
			((_: string, { signal }: RequestInit) =>
				new Promise((_, reject) =>
					signal!.addEventListener('abort', () => reject(signal!.reason as Error))
				)) as unknown as typeof fetch,
			toCalibrations,
			1
		);
		expect(await swallowed(calibration)).toEqual({ later: 'signal' });
	});
});

describe('what is added as a run ends', () => {
	it('is sent too, in whichever turn it comes', async () => {
		for (let depth = 0; depth < 24; depth += 1) {
			const store = new MemoryStore();
			await store.create(head(1));
			const [first, second] = entriesOf(wholeCalibration, 100);
			await store.add(idOf(1), first!);
			let late: Promise<void> | null = null;
			const outbox: Outbox<KeptCalibration['head'], Entry> = new Outbox<KeptCalibration['head'], Entry>({
				store,
				send: async ({ entries }) => ({ acknowledged: entries.map((e) => e.id) }),
				later: () => () => undefined,
				onStatus: ({ state }) => {
					if (state !== 'sent' || late) return;
					late = (async () => {
						for (let i = 0; i < depth; i += 1) await Promise.resolve();
						void store.add(idOf(1), second!);
						void outbox.added();
					})();
				}
			});
			await outbox.added();
			for (let i = 0; i < 4; i += 1) await new Promise((done) => setImmediate(done));
			expect(await store.unsent(), `${depth} turns later`).toEqual([]);
		}
	});
});

describe('two outboxes of one device', () => {
	it('are told as the graver of the two, with all that waits', () => {
		const sending: OutboxStatus = { state: 'sending', waiting: 2 };
		expect(worstStatus({ state: 'sent' }, { state: 'sent' })).toEqual({ state: 'sent' });
		expect(worstStatus({ state: 'sent' }, sending)).toEqual(sending);
		expect(worstStatus({ state: 'waiting', waiting: 1, why: 'signal' }, sending)).toEqual({
			state: 'waiting',
			waiting: 3,
			why: 'signal'
		});
		expect(worstStatus(sending, { state: 'refused', waiting: 1, message: 'no' })).toEqual({
			state: 'refused',
			waiting: 3,
			message: 'no'
		});
	});
});
