import { createHash } from 'node:crypto';

/** What stands before the first record of a farm. */
export const firstSeal = '0'.repeat(64);

/** Seal of a record: a hash over its canonical text and the seal of the one before it. */
export const sealOf = (canonical: string, previous: string): string =>
	createHash('sha256').update(previous).update('\n').update(canonical).digest('hex');

export interface Sealed {
	readonly id: string;
	/** Place in the chain, from 1. */
	readonly place: number;
	readonly canonical: string;
	readonly previous: string;
	readonly hash: string;
}

export interface BrokenSeal {
	readonly id: string;
	readonly place: number;
	/** Its own text does not fit its seal, it does not follow the one before it, one is gone, or the sums do not fit its text. */
	readonly why: 'changed' | 'out-of-chain' | 'gone' | 'sums';
}

/** Looks through a chain in its order, a piece at a time; hands back the first seal that does not hold. */
export class SealCheck {
	#previous = firstSeal;
	#place = 0;

	get checked(): number {
		return this.#place;
	}

	next(record: Sealed): BrokenSeal | null {
		const { id, place, canonical, previous, hash } = record;
		if (place !== this.#place + 1) return { id, place, why: 'gone' };
		if (sealOf(canonical, previous) !== hash) return { id, place, why: 'changed' };
		if (previous !== this.#previous) return { id, place, why: 'out-of-chain' };
		this.#previous = hash;
		this.#place = place;
		return null;
	}
}
