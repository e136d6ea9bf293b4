import type { ColumnType } from 'kysely';
import type { Role } from '../../settings/roles';
import type { Owned, Stamp } from './schema-parts';

/** A person who signs in; on which farms, membership says. */
export interface PersonTable {
	id: string;
	name: string;
	email: string;
	email_verified: boolean;
	image: string | null;
	sign_in_name: string | null;
	shown_sign_in_name: string | null;
	/** Null until they picked one. */
	language: ColumnType<string | null, string | null | undefined, string | null>;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

/** A device that somebody is signed in on. */
export interface PersonSessionTable {
	id: string;
	person_id: string;
	token: string;
	expires_at: Date;
	ip_address: string | null;
	user_agent: string | null;
	/** What the person calls it. */
	device: string | null;
	/** The farm that is looked at, of those that the person is on. */
	farm_id: string | null;
	created_at: Stamp;
	updated_at: ColumnType<Date, never, Date>;
}

/** A way to sign in, kept by the sign-in package: here only the password's hash is reached. */
export interface PersonAccountTable {
	id: string;
	person_id: string;
	provider_id: string;
	password: string | null;
	updated_at: ColumnType<Date, never, Date>;
}

export interface PasskeyTable {
	id: string;
	person_id: string;
	name: string | null;
	created_at: ColumnType<Date | null, never, never>;
}

/** Who is named in a farm's work. */
export interface WorkerTable extends Owned {
	id: string;
	name: string;
	initials: string;
	licence: string;
	/** The last day on which it holds. */
	licence_until: string | null;
}

export interface MembershipTable extends Owned {
	person_id: string;
	role: Role;
	ended_at: ColumnType<Date | null, undefined, Date | null>;
	created_at: Stamp;
}

/** A link by which somebody joins a farm, or sets a new password. */
export interface InvitationTable extends Owned {
	id: string;
	token_hash: string;
	role: Role;
	name: string;
	/** Whose password it sets; null where it lets somebody join. */
	for_person: string | null;
	made_by: string | null;
	ends_at: Date;
	used_at: ColumnType<Date | null, undefined, Date | null>;
	ended_at: ColumnType<Date | null, undefined, Date | null>;
	created_at: Stamp;
}

/** A link that shows records of stated days and fields to somebody without an account. */
export interface InspectorLinkTable extends Owned {
	id: string;
	token_hash: string;
	name: string;
	first_day: string;
	last_day: string;
	/** Names of fields; none: all of them. */
	blocks: string[];
	ends_at: Date;
	ended_at: ColumnType<Date | null, undefined, Date | null>;
	opened_at: ColumnType<Date | null, undefined, Date | null>;
	made_by: string | null;
	created_at: Stamp;
}
