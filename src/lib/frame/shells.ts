/**
 * Pages that are made on the device: what their address looks like, and the page whose empty shell serves all of them. A
 * shell names the scripts of its page, so that they are fetched at once; with another's they would be found one by one.
 */
const shells: readonly (readonly [RegExp, string])[] = [
	[/^\/rounds\/(new|unsent)$/, '/rounds/$1'],
	[/^\/rounds\/[^/]+\/[^/]+$/, '/rounds/shell/ready'],
	[/^\/rounds\/.+/, '/rounds/shell'],
	[/^\/jobs\/new$/, '/jobs/new'],
	[/^\/jobs\/[^/]+\/(run|day|close)$/, '/jobs/shell/$1'],
	[/^\/practice$/, '/practice'],
	[/^\/practice\/class\/[^/]+$/, '/practice/class/shell'],
	[/^\/practice\/[^/]+\/reveal$/, '/practice/shell/reveal'],
	[/^\/practice\/[^/]+\/[^/]+$/, '/practice/shell/ready'],
	[/^\/practice\/.+/, '/practice/shell']
];

/** The shell that serves a page of the field; null for a page that the server makes. */
export function shellOf(path: string): string | null {
	const found = shells.find(([looks]) => looks.test(path));
	return found ? path.replace(...found) : null;
}

/** Every shell, for what keeps them. The first also serves a page that is not on the device, to say so. */
export const allShells: readonly string[] = [
	'/rounds/new',
	'/rounds/unsent',
	'/rounds/shell',
	'/rounds/shell/ready',
	'/jobs/new',
	'/jobs/shell/run',
	'/jobs/shell/day',
	'/jobs/shell/close',
	'/practice',
	'/practice/shell',
	'/practice/shell/ready',
	'/practice/shell/reveal',
	'/practice/class/shell'
];
