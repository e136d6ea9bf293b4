import { z } from 'zod';

const text = z.string().max(200).default('');

/** What is typed to get in: what is wrong with it is said by the server, in one place. */
export const signInSchema = z.object({ signInName: text, password: text });
export const accountSchema = z.object({ name: text, signInName: text, password: text, code: text });

/** Where somebody goes after the door: a place of this app, or Today. */
export const placeAfter = (to: string | null): string =>
	to !== null && /^\/(?![/\\])/.test(to) && !/[\r\n\t]/.test(to) ? to : '/';
