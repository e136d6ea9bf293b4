/** Debian's Chromium, and how it starts on a machine without a screen, a sandbox or a way out. */
export const chromiumPath = '/usr/bin/chromium';
export const chromiumArgs = [
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];
