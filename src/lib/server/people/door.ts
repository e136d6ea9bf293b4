import type { Kysely } from 'kysely';
import { timingSafeEqual } from 'node:crypto';
import type { Database } from '../db/schema';
import type { Auth } from './auth';
import { addressHeader, makeAuth } from './auth';
import { tokenHash } from './token';
import type { Who } from './who';
import { personOf } from './who';

export interface DoorOutside {
	readonly db: Kysely<Database>;
	/** Signs the cookies of sessions. */
	readonly secret: string;
	/** Only this computer is answered. */
	readonly loopback: boolean;
	/** The demo runs: its invented people come in by one tap. On loopback alone. */
	readonly demo: boolean;
	/** What whoever makes the first account elsewhere than on this computer has to type; told where the server was started. */
	readonly setupCode: string;
}

/** A request, as far as the door looks at it. */
export interface Asking {
	readonly url: URL;
	readonly headers: Headers;
	/** Address that it came from. */
	readonly address: string;
}

/** Who is let in, and how. One a server. */
export class Door {
	readonly outside: DoorOutside;
	readonly #auths = new Map<string, Auth>();
	/** Once somebody has an account there is no way back to being alone. */
	#anybody = false;

	constructor(outside: DoorOutside) {
		this.outside = outside;
	}

	get demo(): boolean {
		return this.outside.demo && this.outside.loopback;
	}

	/** The sign-in as it is reached at an origin. One server may have two names; a passkey belongs to one. */
	auth(origin: string): Auth {
		let auth = this.#auths.get(origin);
		if (!auth) {
			auth = makeAuth({ db: this.outside.db, secret: this.outside.secret, origin, demo: this.demo });
			// Names come from outside only behind a proxy; few are kept.
			if (this.#auths.size > 8) this.#auths.clear();
			this.#auths.set(origin, auth);
		}
		return auth;
	}

	/** Whether nobody has an account yet. */
	async nobodyYet(): Promise<boolean> {
		if (this.#anybody) return false;
		const row = await this.outside.db.selectFrom('person').select('id').limit(1).executeTakeFirst();
		this.#anybody = row !== undefined;
		return !this.#anybody;
	}

	/** Who asks; and the cookies of a session that goes on. */
	async who(asking: Asking): Promise<{ readonly who: Who; readonly cookies: readonly string[] }> {
		if (await this.nobodyYet())
			return { who: this.outside.loopback ? { kind: 'alone' } : { kind: 'nobody', first: true }, cookies: [] };
		const nobody = { who: { kind: 'nobody', first: false } as const, cookies: [] };
		if (!asking.headers.get('cookie')?.includes('fallow.session_token')) return nobody;
		const { headers, response: found } = await this.auth(asking.url.origin).api.getSession({
			headers: handedOn(asking),
			returnHeaders: true
		});
		const person = found && (await personOf(this.outside.db, found.session.id, found.user.id));
		return person ? { who: person, cookies: headers.getSetCookie() } : nobody;
	}

	/** Asks the sign-in itself, so that its limits count; the cookies of its answer are for the browser. */
	async ask(asking: Asking, path: string, body: object) {
		const headers = handedOn(asking);
		headers.set('content-type', 'application/json');
		const { origin } = asking.url;
		const answer = await this.auth(origin).handler(
			new Request(`${origin}/api/auth${path}`, { method: 'POST', headers, body: JSON.stringify(body) })
		);
		const told = (await answer.json().catch(() => null)) as { readonly code?: string } | null;
		return { ok: answer.ok, status: answer.status, code: told?.code ?? '', cookies: answer.headers.getSetCookie() };
	}

	/** Whether somebody knows the code that the first account needs. On this computer alone none is needed. */
	knowsCode(code: string): boolean {
		const { loopback, setupCode } = this.outside;
		if (loopback) return true;
		// Of the same length whatever is typed.
		return setupCode !== '' && timingSafeEqual(Buffer.from(tokenHash(code.trim())), Buffer.from(tokenHash(setupCode)));
	}
}

/** Of a request only what the sign-in needs, and the address as the server saw it, whatever the client says of itself. */
export function handedOn({ url, headers, address }: Asking): Headers {
	const kept = new Headers({ origin: url.origin, [addressHeader]: address });
	for (const name of ['cookie', 'user-agent']) {
		const value = headers.get(name);
		if (value) kept.set(name, value);
	}
	return kept;
}
