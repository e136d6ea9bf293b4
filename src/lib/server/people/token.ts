import { createHash, randomBytes } from 'node:crypto';

/** The secret of a link: 32 bytes, as it stands in an address. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of it. A secret of 256 bits needs no slow hash. */
export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');
