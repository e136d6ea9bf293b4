export interface Address {
	readonly host: string;
	readonly port: number;
}

/** `host:port` of an instrument; null where none is set or it is none. */
export function addressOf(text: string | undefined): Address | null {
	const match = /^([a-z0-9.-]+):(\d{1,5})$/i.exec(text?.trim() ?? '');
	const port = Number(match?.[2]);
	return match && port > 0 && port < 65_536 ? { host: match[1]!, port } : null;
}
