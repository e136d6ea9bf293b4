import { createAuthClient } from 'better-auth/client';
import { passkeyClient } from '@better-auth/passkey/client';

/** The browser's side of passkeys; everything else of the sign-in is plain forms. */
export const passkeys = () => createAuthClient({ plugins: [passkeyClient()] });

/** Whether this browser knows passkeys at all: only over a secure address, and on this computer. */
export const knowsPasskeys = (): boolean =>
	typeof PublicKeyCredential === 'function' && globalThis.isSecureContext === true;
