import type { Kysely } from 'kysely';
import { sql } from 'kysely';

/**
 * People: who they are and how they sign in (person, person_session, person_account, person_verification, passkey,
 * sign_in_try: what the sign-in package keeps, its schema as of its version in package.json), what they may do on which
 * farm, links that end, and who did what. Nobody is ever deleted: whoever leaves stays named in what they did.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
	const run = (text: string) => sql.raw(text).execute(db);
	await run(`
		create table person (
			id uuid primary key,
			name text not null check (length(name) between 1 and 80),
			email text not null unique,
			email_verified boolean not null default false,
			image text,
			sign_in_name text unique,
			shown_sign_in_name text,
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now()
		)`);
	await run(`
		create table person_session (
			id uuid primary key,
			person_id uuid not null references person (id),
			token text not null unique,
			expires_at timestamptz not null,
			ip_address text,
			user_agent text,
			device text,
			farm_id uuid references farm (id),
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now()
		)`);
	await run('create index person_session_person on person_session (person_id)');
	await run(`
		create table person_account (
			id uuid primary key,
			person_id uuid not null references person (id),
			account_id text not null,
			provider_id text not null,
			access_token text, refresh_token text, id_token text,
			access_token_expires_at timestamptz, refresh_token_expires_at timestamptz,
			scope text,
			password text,
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now()
		)`);
	await run('create index person_account_person on person_account (person_id)');
	await run(`
		create table person_verification (
			id uuid primary key,
			identifier text not null,
			value text not null,
			expires_at timestamptz not null,
			created_at timestamptz not null default now(),
			updated_at timestamptz not null default now()
		)`);
	await run('create index person_verification_identifier on person_verification (identifier)');
	await run(`
		create table passkey (
			id uuid primary key,
			person_id uuid not null references person (id),
			name text,
			public_key text not null,
			credential_id text not null unique,
			counter bigint not null,
			device_type text not null,
			backed_up boolean not null,
			transports text,
			aaguid text,
			created_at timestamptz default now()
		)`);
	await run('create index passkey_person on passkey (person_id)');
	await run(`
		create table sign_in_try (
			id uuid primary key,
			key text not null unique,
			count integer not null,
			last_request bigint not null
		)`);

	// Who is named in a farm's work: it goes along in the farm's file, where membership and sessions stay out.
	await run(`
		create table worker (
			farm_id uuid not null references farm (id),
			id uuid not null,
			name text not null check (length(name) between 1 and 80),
			initials text not null default '' check (length(initials) <= 8),
			licence text not null default '' check (length(licence) <= 80),
			licence_until date,
			primary key (farm_id, id)
		)`);
	await run(`
		create table membership (
			farm_id uuid not null references farm (id),
			person_id uuid not null references person (id),
			role text not null check (role in ('owner', 'manager', 'operator', 'adviser')),
			ended_at timestamptz,
			created_at timestamptz not null default now(),
			primary key (farm_id, person_id)
		)`);
	await run('create index membership_person on membership (person_id)');
	// Only a hash of a link's secret is kept: who reads the database cannot use it.
	await run(`
		create table invitation (
			id uuid primary key,
			farm_id uuid not null references farm (id),
			token_hash text not null unique,
			role text not null check (role in ('owner', 'manager', 'operator', 'adviser')),
			name text not null default '' check (length(name) <= 80),
			for_person uuid references person (id),
			made_by uuid references person (id),
			ends_at timestamptz not null,
			used_at timestamptz,
			ended_at timestamptz,
			created_at timestamptz not null default now()
		)`);
	await run('create index invitation_farm on invitation (farm_id, created_at)');
	await run(`
		create table inspector_link (
			id uuid primary key,
			farm_id uuid not null references farm (id),
			token_hash text not null unique,
			name text not null check (length(name) between 1 and 80),
			first_day date not null,
			last_day date not null check (last_day >= first_day),
			blocks text[] not null default '{}',
			ends_at timestamptz not null,
			ended_at timestamptz,
			opened_at timestamptz,
			made_by uuid references person (id),
			created_at timestamptz not null default now()
		)`);
	await run('create index inspector_link_farm on inspector_link (farm_id, created_at)');

	// Null: done before there were people, or alone on this computer.
	const stamp = (table: string, column: string) =>
		run(
			`alter table ${table} add column ${column} uuid, add foreign key (farm_id, ${column}) references worker (farm_id, id)`
		);
	for (const table of ['round_entry', 'job_entry', 'record', 'sprayer_event']) await stamp(table, 'by_person');
	for (const table of ['sprayer', 'setting', 'product', 'block', 'job']) await stamp(table, 'changed_by');
}
