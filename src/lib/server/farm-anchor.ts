import { env } from '$env/dynamic/private';
import type { Anchor } from '../wire/anchor';
import { makeAnchor, signingKey } from './anchor';

/** An anchor of a farm's chain as it stands, signed by the key of this server's data folder. `at`: ISO 8601. */
export const farmAnchor = (
	farm: string,
	chain: { readonly count: number; readonly seal: string },
	at: string
): Anchor => makeAnchor({ farm, ...chain }, at, signingKey(env.FALLOW_DATA));
