type Texts = Record<string, unknown>;
const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/** The fields that somebody went on typing in while the form was being sent. */
export const typedSince = (sent: Texts, now: Texts): string[] =>
	Object.keys(now).filter((name) => !same(sent[name], now[name]));

/** What a server answered to what was sent; what was typed in the meantime stays over it. */
export const keepTyped = <T extends Texts>(sent: T, now: T, answered: T): T =>
	Object.assign({ ...answered }, Object.fromEntries(typedSince(sent, now).map((name) => [name, now[name]])));
