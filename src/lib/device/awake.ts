/** The part of the browser's wake lock that is used. */
interface WakeLocks {
	request(type: 'screen'): Promise<{ release(): Promise<void> }>;
}

export interface AwakeOutside {
	/** Null where the browser has none. */
	readonly locks: WakeLocks | null;
	readonly visible: () => boolean;
	/** Calls back when the page becomes visible or hidden; returns how to stop that. */
	readonly onVisibility: (run: () => void) => () => void;
	/** Whether the screen is kept on just now. */
	readonly told: (awake: boolean) => void;
}

/**
 * Keeps the screen on until it is called off. A browser lets go of it whenever the page is hidden, so it is asked for again
 * each time the page comes back; one that refuses (battery saver) is told, not thrown.
 */
export function keepAwake({ locks, visible, onVisibility, told }: AwakeOutside): () => void {
	let held: { release(): Promise<void> } | null = null;
	let over = false;
	const ask = async () => {
		if (over || !locks) return told(false);
		if (!visible()) {
			held = null;
			return told(false);
		}
		try {
			const lock = await locks.request('screen');
			if (over) return void lock.release();
			held = lock;
			told(true);
		} catch {
			told(false);
		}
	};
	const stop = onVisibility(() => void ask());
	void ask();
	return () => {
		over = true;
		stop();
		void held?.release();
	};
}
