import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sql } from 'kysely';
import { v7 } from 'uuid';
import { farmHandle } from '../../src/lib/server/db/farm';
import { Failure } from '../../src/lib/server/failure';
import { joinFarm, linkOf, openAccount, openFirst, setPassword, takeLink } from '../../src/lib/server/people/accounts';
import type { Asking } from '../../src/lib/server/people/door';
import { Door } from '../../src/lib/server/people/door';
import { passwordProblem } from '../../src/lib/server/people/password';
import { inspection } from '../../src/lib/server/people/inspection';
import { tokenHash } from '../../src/lib/server/people/token';
import { mayTry, mostTries } from '../../src/lib/server/people/tries';
import { farmDatabase } from '../support/database';
import { testSprayer } from '../support/entries';

type Made = Awaited<ReturnType<typeof farmDatabase>>;
let made: Made;
beforeAll(async () => void (made = await farmDatabase()));
afterAll(() => made.drop());

const origin = 'http://127.0.0.1:4310';
const ask = (cookies: readonly string[] = [], address = '127.0.0.1'): Asking => ({
	url: new URL(origin),
	headers: new Headers(cookies.length ? { cookie: cookies.map((c) => c.split(';')[0]).join('; ') } : {}),
	address
});
const doorOf = (
	db: Made['db'],
	more: { readonly loopback?: boolean; readonly setupCode?: string; readonly demo?: boolean } = {}
) => new Door({ db, secret: 'only for this test, long enough', loopback: true, demo: false, setupCode: '', ...more });
const code = (promise: Promise<unknown>) =>
	promise.then(
		() => 'done',
		(e: unknown) => (e instanceof Failure ? e.code : Promise.reject(e))
	);

describe('the door', () => {
	it('knows somebody alone on this computer until there is an account, and nobody elsewhere', async () => {
		const own = await farmDatabase();
		const here = doorOf(own.db);
		const elsewhere = doorOf(own.db, { loopback: false, setupCode: 'told-at-the-start' });
		expect((await here.who(ask())).who).toEqual({ kind: 'alone' });
		expect((await elsewhere.who(ask())).who).toEqual({ kind: 'nobody', first: true });
		expect(elsewhere.knowsCode('guess')).toBe(false);
		expect(elsewhere.knowsCode('told-at-the-start')).toBe(true);
		expect(doorOf(own.db, { loopback: false }).knowsCode('')).toBe(false);

		const account = { name: 'A. Sample', signInName: 'A.Sample', password: 'green tractor seven' };
		const { cookies, personId } = await openFirst(here, ask(), own.farm.id, account);
		expect((await here.who(ask())).who).toEqual({ kind: 'nobody', first: false });
		const { who } = await here.who(ask(cookies));
		expect(who).toMatchObject({
			kind: 'person',
			personId,
			name: 'A. Sample',
			farm: { id: own.farm.id, role: 'owner' }
		});
		// A second server on the same database knows the same session.
		expect((await doorOf(own.db).who(ask(cookies))).who).toMatchObject({ personId });
		expect(await code(openFirst(here, ask(), own.farm.id, { ...account, signInName: 'b' }))).toBe('not-first');
		await own.drop();
	});

	it('makes one first owner of two that come at once', async () => {
		const own = await farmDatabase();
		const come = (signInName: string) =>
			code(
				openFirst(doorOf(own.db), ask(), own.farm.id, {
					name: 'A. Sample',
					signInName,
					password: 'green tractor seven'
				})
			);
		expect((await Promise.all([come('first'), come('second')])).sort()).toEqual(['done', 'not-first']);
		await own.drop();
	});

	it('signs in by name and password, whatever the case of the name, and stops who tries too often', async () => {
		const door = doorOf(made.db);
		await openAccount(door, ask(), { name: 'T. Tester', signInName: 'T.Tester', password: 'green tractor seven' });
		const enter = (password: string, address: string) =>
			door.ask(ask([], address), '/sign-in/username', { username: 't.TESTER', password });
		expect(await enter('green tractor seven', '192.0.2.1')).toMatchObject({ ok: true });
		expect(await enter('wrong', '192.0.2.1')).toMatchObject({ ok: false, status: 401 });
		const answers = [];
		for (let i = 0; i < 12; i += 1) answers.push((await enter('wrong', '192.0.2.2')).status);
		expect(answers.slice(0, 8)).toEqual(Array(8).fill(401));
		expect(answers.slice(8)).toEqual(Array(4).fill(429));
		// Another address is another door.
		expect(await enter('green tractor seven', '192.0.2.3')).toMatchObject({ ok: true });
	});

	it('counts tries at one name wherever they come from, for a quarter of an hour', async () => {
		const now = Date.parse('2026-06-01T12:00:00.000Z');
		for (let i = 0; i < mostTries; i += 1) expect(await mayTry(made.db, 'Somebody', now + i)).toBe(true);
		expect(await mayTry(made.db, ' somebody ', now + 60_000)).toBe(false);
		expect(await mayTry(made.db, 'another', now + 60_000)).toBe(true);
		expect(await mayTry(made.db, 'somebody', now + 900_001)).toBe(true);
		const rows = await sql<{ key: string }>`select key from sign_in_try where key like 'name:%'`.execute(made.db);
		expect(rows.rows.some(({ key }) => /somebody/i.test(key))).toBe(false);
	});

	it('takes no password that is short, or guessed first', async () => {
		for (const bad of [
			'short',
			'aaaaaaaaaaaa',
			'1234567890',
			'password123',
			'Tester77777',
			'Sprayer2026!',
			'basketball',
			'Dragon-12345'
		])
			expect(await passwordProblem(bad, 'Tester'), bad).not.toBeNull();
		expect(await passwordProblem('green tractor seven', 'Tester')).toBeNull();
		const door = doorOf(made.db);
		const account = { name: 'S. Short', signInName: 's.short', password: 'green tractor seven' };
		expect(await code(openAccount(door, ask(), { ...account, password: 'short' }))).toBe('password');
		expect(await code(openAccount(door, ask(), { ...account, signInName: 'a b' }))).toBe('sign-in-name');
		expect(await code(openAccount(door, ask(), { ...account, name: ' ' }))).toBe('name');
		await openAccount(door, ask(), account);
		expect(await code(openAccount(door, ask(), { ...account, signInName: 'S.SHORT' }))).toBe('taken');
	});

	it('lets the people of the demo in by a tap only where the demo runs, on this computer', async () => {
		const person = await openAccount(doorOf(made.db), ask(), {
			name: 'D. Demo',
			signInName: 'd.demo',
			password: 'green tractor seven'
		});
		const enter = (door: Door) => door.ask(ask(), '/demo/enter', { personId: person.personId });
		expect((await enter(doorOf(made.db))).ok).toBe(false);
		expect((await enter(doorOf(made.db, { demo: true, loopback: false }))).ok).toBe(false);
		const { ok, cookies } = await enter(doorOf(made.db, { demo: true }));
		expect(ok).toBe(true);
		expect((await doorOf(made.db).who(ask(cookies))).who).toMatchObject({ personId: person.personId, farm: null });
	});
});

describe('people of a farm', () => {
	const door = () => doorOf(made.db);
	let n = 0;
	/** Somebody new on the farm, signed in. */
	async function join(role: 'owner' | 'manager' | 'operator' | 'adviser') {
		n += 1;
		const name = `P. Person${n}`;
		const { personId, cookies } = await openAccount(door(), ask(), {
			name,
			signInName: `person${n}`,
			password: 'green tractor seven'
		});
		await joinFarm(made.db, { farmId: made.farm.id, personId, name, role });
		return { personId, cookies, name, farm: (await farmHandle(made.db, made.farm.id, personId))! };
	}

	it('lets somebody join by a link, once, while it has not ended', async () => {
		const owner = await join('owner');
		const token = await owner.farm.people.invite('operator', 'N. New', 'owner');
		const link = (await linkOf(made.db, token))!;
		expect(link).toMatchObject({ farmId: made.farm.id, role: 'operator', name: 'N. New', forPerson: null });
		const stored = await made.db.selectFrom('invitation').select('token_hash').where('id', '=', link.id).execute();
		expect(stored).toEqual([{ token_hash: tokenHash(token) }]);
		await takeLink(made.db, link.id);
		expect(await linkOf(made.db, token)).toBeNull();
		expect(await code(takeLink(made.db, link.id))).toBe('link-ended');

		const recalled = await owner.farm.people.invite('operator', '', 'owner');
		await owner.farm.people.recall((await linkOf(made.db, recalled))!.id, 'owner');
		expect(await linkOf(made.db, recalled)).toBeNull();

		const old = await owner.farm.people.invite('operator', '', 'owner');
		await made.db
			.updateTable('invitation')
			.set({ ends_at: new Date(Date.now() - 1000) })
			.where('token_hash', '=', tokenHash(old))
			.execute();
		expect(await linkOf(made.db, old)).toBeNull();
		expect(await linkOf(made.db, 'nonsense')).toBeNull();
	});

	it('lets a manager give and end only what is below, and keeps an owner', async () => {
		const owner = await join('owner');
		const manager = await join('manager');
		const operator = await join('operator');
		expect(await code(manager.farm.people.invite('manager', '', 'manager'))).toBe('role');
		expect(await code(manager.farm.people.invite('owner', '', 'manager'))).toBe('role');
		expect(await code(manager.farm.people.changeRole(operator.personId, 'manager', 'manager'))).toBe('role');
		expect(await code(manager.farm.people.leave(owner.personId, 'manager'))).toBe('role');
		expect(await code(manager.farm.people.passwordLink(owner.personId, 'manager'))).toBe('role');
		expect(await code(manager.farm.people.changeRole(operator.personId, 'adviser', 'manager'))).toBe('done');
		for (const { id, role } of await owner.farm.people.all())
			if (role === 'owner' && id !== owner.personId) await owner.farm.people.leave(id, 'owner');
		expect(await code(owner.farm.people.leave(owner.personId, 'owner'))).toBe('last-owner');
		expect(await code(owner.farm.people.changeRole(owner.personId, 'operator', 'owner'))).toBe('last-owner');
	});

	it('shuts out who leaves, and a lost phone at once', async () => {
		const owner = await join('owner');
		const leaver = await join('operator');
		const phone = await door().who(ask(leaver.cookies));
		expect(phone.who).toMatchObject({ farm: { id: made.farm.id } });
		await owner.farm.people.leave(leaver.personId, 'owner');
		expect((await door().who(ask(leaver.cookies))).who).toMatchObject({ kind: 'person', farm: null });

		const loser = await join('operator');
		const [session] = await owner.farm.people.devices(loser.personId);
		expect(
			await code(loser.farm.people.endDevice((await owner.farm.people.devices(owner.personId))[0]!.id, 'operator'))
		).toBe('role');
		await owner.farm.people.endDevice(session!.id, 'owner');
		expect((await door().who(ask(loser.cookies))).who).toEqual({ kind: 'nobody', first: false });
	});

	it('sets a new password by a link, which ends every session of before', async () => {
		const owner = await join('owner');
		const forgetful = await join('operator');
		const link = (await linkOf(made.db, await owner.farm.people.passwordLink(forgetful.personId, 'owner')))!;
		expect(link.forPerson).toBe(forgetful.personId);
		await setPassword(door(), ask(), forgetful.personId, 'another tractor eight');
		expect((await door().who(ask(forgetful.cookies))).who.kind).toBe('nobody');
		const enter = (password: string) =>
			door().ask(ask([], '192.0.2.40'), '/sign-in/username', { username: `person${n}`, password });
		expect((await enter('green tractor seven')).ok).toBe(false);
		expect((await enter('another tractor eight')).ok).toBe(true);
	});

	it('names who did it, and nobody of another farm', async () => {
		const operator = await join('operator');
		const id = v7();
		await operator.farm.sprayers.put(id, { ...testSprayer, name: 'Stamped' });
		const rows = await made.db.selectFrom('sprayer').select('changed_by').where('id', '=', id).execute();
		expect(rows).toEqual([{ changed_by: operator.personId }]);
		expect(await operator.farm.people.worker(operator.personId)).toMatchObject({ name: operator.name });
		const otherId = v7();
		await made.db.insertInto('farm').values({ id: otherId, name: 'Other', settings: '{}' }).execute();
		const other = (await farmHandle(made.db, otherId, operator.personId))!;
		expect(await other.people.worker(operator.personId)).toBeNull();
		expect(await other.people.all()).toEqual([]);
		expect(await other.people.devices()).toEqual([]);
		expect(
			await code(other.people.endDevice((await operator.farm.people.devices(operator.personId))[0]!.id, 'owner'))
		).toBe('not-found');
	});

	it('shows an inspector nothing before the link is made nor after it has ended', async () => {
		const owner = await join('owner');
		const asked = { name: 'I. Spector', first: '2026-01-01', last: '2026-12-31', blocks: ['Nowhere'] };
		const token = await owner.farm.people.inspectorLink({ ...asked, endsAt: new Date(Date.now() + 60_000) });
		expect(await inspection(made.db, token)).toMatchObject({ forWhom: 'I. Spector', records: [], uses: [] });
		const [link] = await owner.farm.people.inspectorLinks();
		expect(link!.openedAt).not.toBeNull();
		await owner.farm.people.closeInspectorLink(link!.id);
		expect(await inspection(made.db, token)).toBeNull();
		expect(await inspection(made.db, 'nonsense')).toBeNull();
	});
});
