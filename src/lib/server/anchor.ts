import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, verify } from 'node:crypto';
import type { KeyObject } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Anchor } from '../wire/anchor';
import { anchorFormat } from '../wire/anchor';

/** The server's own key, in the data folder and never in the database; made with its first use. Null without a folder. */
export function signingKey(folder: string | undefined): KeyObject | null {
	if (!folder) return null;
	const file = join(folder, 'signing-key.pem');
	try {
		return createPrivateKey(readFileSync(file));
	} catch (error) {
		if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
	}
	const { privateKey } = generateKeyPairSync('ed25519');
	try {
		writeFileSync(file, privateKey.export({ type: 'pkcs8', format: 'pem' }), { mode: 0o600, flag: 'wx' });
	} catch (error) {
		// Another server on this folder was faster: its key is the one.
		if ((error as NodeJS.ErrnoException).code === 'EEXIST') return createPrivateKey(readFileSync(file));
		throw error;
	}
	return privateKey;
}

const publicText = (key: KeyObject): string =>
	createPublicKey(key).export({ type: 'spki', format: 'der' }).toString('base64');

/** What is signed: every part of it, a line each. */
const signedText = ({ farm, count, seal, at }: Pick<Anchor, 'farm' | 'count' | 'seal' | 'at'>): Buffer =>
	Buffer.from([anchorFormat, farm, String(count), seal, at].join('\n'));

/** An anchor of a chain as it stands. */
export function makeAnchor(
	chain: { readonly farm: string; readonly count: number; readonly seal: string },
	at: string,
	key: KeyObject | null
): Anchor {
	const told = { ...chain, at };
	return {
		format: anchorFormat,
		...told,
		key: key ? publicText(key) : '',
		signature: key ? sign(null, signedText(told), key).toString('base64') : ''
	};
}

/** What is wrong with an anchor by itself: `unsigned`, `forged`, or signed by another key than `own`; null where it holds. */
export function anchorProblem(anchor: Anchor, own: KeyObject | null): 'unsigned' | 'forged' | 'other-key' | null {
	if (anchor.key === '' || anchor.signature === '') return 'unsigned';
	try {
		const key = createPublicKey({ key: Buffer.from(anchor.key, 'base64'), type: 'spki', format: 'der' });
		if (!verify(null, signedText(anchor), key, Buffer.from(anchor.signature, 'base64'))) return 'forged';
	} catch {
		return 'forged';
	}
	return own && publicText(own) !== anchor.key ? 'other-key' : null;
}
