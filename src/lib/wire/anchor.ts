import { z } from 'zod';

export const anchorFormat = 'fallow-anchor/1';

/**
 * What is told outside of the database of a farm's chain of records: how many there are, and the newest seal. Signed by
 * the farm's own key (Ed25519), so that nobody makes one who has not the key.
 */
export const anchorSchema = z.strictObject({
	format: z.literal(anchorFormat),
	farm: z.uuid(),
	/** Sealed records and additions. */
	count: z.int().min(0),
	seal: z.string().regex(/^[0-9a-f]{64}$/),
	at: z.iso.datetime(),
	/** The public half of the key, SPKI in base64; both empty where the server has no key. */
	key: z.string().max(200),
	signature: z.string().max(200)
});
export type Anchor = z.infer<typeof anchorSchema>;
