import { now } from './clock';
/** One event of the server as one line of JSON on standard output. Never holds what a person typed. */
export function log(level: 'info' | 'warn' | 'error', event: string, facts: Record<string, unknown> = {}): void {
	process.stdout.write(JSON.stringify({ time: now().toISOString(), level, event, ...facts }) + '\n');
}
