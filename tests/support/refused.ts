import { Failure } from '../../src/lib/server/failure';

/** The refusal that a call ends in, or null where it was let through. A bug is no refusal and passes on. */
export const refused = (run: Promise<unknown>): Promise<Failure | null> =>
	run.then(
		() => null,
		(e: unknown) => {
			if (e instanceof Failure) return e;
			throw e;
		}
	);
