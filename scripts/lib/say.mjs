// What the commands say to a person. Everything goes to standard error, so that standard output stays for answers.

export const say = (text) => process.stderr.write(`${text}\n`);

/** An expected failure: one clear line, no stack trace. */
export class Plain extends Error {}

/** Runs a command's main function; a Plain failure becomes one line and exit 1, a bug keeps its stack. */
export async function main(run) {
	try {
		await run();
	} catch (error) {
		if (error instanceof Plain) say(`Fallow: ${error.message}`);
		else if (error?.code === 'ENOSPC')
			say('Fallow: the disk is full. Free some space and start again; nothing was deleted.');
		else say(error?.stack ?? String(error));
		process.exitCode = 1;
	}
}
