import { passkey } from '@better-auth/passkey';
import { betterAuth } from 'better-auth';
import { createAuthEndpoint, APIError } from 'better-auth/api';
import { setSessionCookie } from 'better-auth/cookies';
import { username } from 'better-auth/plugins';
import type { Kysely } from 'kysely';
import { v7 } from 'uuid';
import { z } from 'zod';
import type { Database } from '../db/schema';

/** Fewest and most characters of a password. */
export const passwordLength = { least: 10, most: 128 } as const;
/** As it is kept: in small letters. */
export const signInNamePattern = /^[\p{L}\p{N}][\p{L}\p{N}._-]{2,39}$/u;

const day = 24 * 60 * 60;

export interface AuthOutside {
	readonly db: Kysely<Database>;
	/** Where the app is reached: scheme, name and port. */
	readonly origin: string;
	readonly secret: string;
	/** The invented people of the demo come in by one tap; nobody else ever does. */
	readonly demo: boolean;
}

const columns = {
	createdAt: 'created_at',
	updatedAt: 'updated_at'
} as const;

/** Lets a person of the demo in without a password. Only made where the server runs the demo on loopback. */
const demoEntry = {
	id: 'demo-entry',
	endpoints: {
		enterDemo: createAuthEndpoint(
			'/demo/enter',
			{ method: 'POST', body: z.object({ personId: z.uuid() }) },
			async (ctx) => {
				const user = await ctx.context.internalAdapter.findUserById(ctx.body.personId);
				if (!user) throw new APIError('NOT_FOUND');
				const session = await ctx.context.internalAdapter.createSession(user.id);
				await setSessionCookie(ctx, { session, user });
				return ctx.json({ ok: true });
			}
		)
	}
} as const;

/** Sign-in, its sessions and its passkeys, all in the database: two servers on one database know the same sessions. */
export function makeAuth({ db, origin, secret, demo }: AuthOutside) {
	return betterAuth({
		appName: 'Fallow',
		baseURL: origin,
		basePath: '/api/auth',
		secret,
		database: { db, type: 'postgres' },
		telemetry: { enabled: false },
		logger: { disabled: true },
		emailAndPassword: {
			enabled: true,
			minPasswordLength: passwordLength.least,
			maxPasswordLength: passwordLength.most
		},
		user: {
			modelName: 'person',
			fields: { ...columns, emailVerified: 'email_verified' }
		},
		session: {
			modelName: 'person_session',
			// A phone that is in the cab all season stays signed in as long as it is used.
			expiresIn: 60 * day,
			updateAge: day,
			fields: {
				...columns,
				userId: 'person_id',
				expiresAt: 'expires_at',
				ipAddress: 'ip_address',
				userAgent: 'user_agent'
			}
		},
		account: {
			modelName: 'person_account',
			fields: {
				...columns,
				userId: 'person_id',
				accountId: 'account_id',
				providerId: 'provider_id',
				accessToken: 'access_token',
				refreshToken: 'refresh_token',
				idToken: 'id_token',
				accessTokenExpiresAt: 'access_token_expires_at',
				refreshTokenExpiresAt: 'refresh_token_expires_at'
			}
		},
		verification: { modelName: 'person_verification', fields: { ...columns, expiresAt: 'expires_at' } },
		rateLimit: {
			enabled: true,
			storage: 'database',
			modelName: 'sign_in_try',
			fields: { lastRequest: 'last_request' },
			customRules: {
				'/sign-in/username': { window: 60, max: 8 },
				'/passkey/verify-authentication': { window: 60, max: 8 }
			}
		},
		advanced: {
			cookiePrefix: 'fallow',
			useSecureCookies: origin.startsWith('https:'),
			database: { generateId: () => v7() },
			ipAddress: { ipAddressHeaders: [addressHeader] }
		},
		plugins: [
			username({
				minUsernameLength: 3,
				maxUsernameLength: 40,
				validationOrder: { username: 'post-normalization' },
				usernameValidator: (name) => signInNamePattern.test(name),
				schema: { user: { fields: { username: 'sign_in_name', displayUsername: 'shown_sign_in_name' } } }
			}),
			passkey({
				rpName: 'Fallow',
				rpID: new URL(origin).hostname,
				origin,
				schema: {
					passkey: {
						fields: {
							publicKey: 'public_key',
							userId: 'person_id',
							credentialID: 'credential_id',
							deviceType: 'device_type',
							backedUp: 'backed_up',
							createdAt: 'created_at'
						}
					}
				}
			}),
			...(demo ? [demoEntry] : [])
		]
	});
}
export type Auth = ReturnType<typeof makeAuth>;

/** The client's address as the server itself saw it: set by the server on what it hands to the sign-in. */
export const addressHeader = 'x-fallow-address';
