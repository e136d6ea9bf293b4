/** A simulator ends with the process that started it, however that one ended; started by hand it goes on alone. */
export function endWithParent(): void {
	if (process.channel) process.once('disconnect', () => process.exit());
}
