/** How sending in pieces ended: with all of them, because somebody stopped it, or because one was refused. */
export type PiecesEnd = 'all' | 'stopped' | 'refused';

/**
 * Something large that is sent piece by piece: how far it is, and a way to stop it. What was sent stays sent: stopping
 * leaves out the pieces that are still to come.
 */
export class Pieces {
	done = $state(0);
	all = $state(0);
	busy = $state(false);
	#stop = false;

	/** `send` answers whether a piece was taken. One after the other, in their order. */
	async run<P>(pieces: readonly P[], send: (piece: P, at: number) => Promise<boolean>): Promise<PiecesEnd> {
		this.done = 0;
		this.all = pieces.length;
		this.busy = true;
		this.#stop = false;
		try {
			for (const [at, piece] of pieces.entries()) {
				if (this.#stop) return 'stopped';
				if (!(await send(piece, at))) return 'refused';
				this.done = at + 1;
			}
			return 'all';
		} finally {
			this.busy = false;
		}
	}

	stop(): void {
		this.#stop = true;
	}
}

/** Lists of things whose sizes add up to no more than so much each; a thing that is larger by itself stands alone. */
export function piecesOf<T>(things: readonly T[], size: (thing: T) => number, most: number): T[][] {
	const pieces: T[][] = [];
	let room = 0;
	for (const thing of things) {
		const needs = size(thing);
		if (pieces.length === 0 || needs > room) {
			pieces.push([]);
			room = most;
		}
		pieces.at(-1)!.push(thing);
		room -= needs;
	}
	return pieces;
}
