import { m } from '$words';
import { passwordLength } from './auth';

/** Words of this trade, which no list of the world's passwords has. */
const ours = /^(fallow|sprayer|calibration|boquilla|aspersora)$/;

/** The passwords that are used most, in small letters: 49,000 that were found where others lost theirs. Read once. */
let known: Promise<ReadonlySet<string>> | null = null;
const used = (): Promise<ReadonlySet<string>> =>
	(known ??= import('@zxcvbn-ts/language-common').then(
		({ dictionary }) => new Set(Object.values(dictionary).flatMap((list) => (Array.isArray(list) ? list : []))),
		(error: unknown) => {
			// Read again with the next password: one failure must not lock everybody out.
			known = null;
			throw error;
		}
	));

/** What is wrong with a password; null where nothing is. Digits and marks at the end of a known one make no other. */
export async function passwordProblem(password: string, ...names: readonly string[]): Promise<string | null> {
	if (password.length < passwordLength.least) return m.password_too_short({ least: passwordLength.least });
	if (password.length > passwordLength.most) return m.password_too_long({ most: passwordLength.most });
	const low = password.toLowerCase();
	const bare = low.replace(/[\d!.?_-]+$/, '');
	const list = await used();
	const guessed =
		new Set(low).size < 3 ||
		[low, bare].some((word) => list.has(word) || ours.test(word)) ||
		names.some((name) => name !== '' && [low, bare].includes(name.toLowerCase()));
	return guessed ? m.password_guessed() : null;
}
