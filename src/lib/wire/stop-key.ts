import type { Stop } from '../../core/index';

/** A stop as a key: what it is, and whose. */
export const stopKey = ({ code, about }: Stop): string => `${code} ${about}`;
