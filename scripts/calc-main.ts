import { readFileSync } from 'node:fs';
import { calc, isCalcError } from '../src/lib/files/calc';

const limit = 20 * 1024 * 1024;
const usage = 'npm run -s calc -- sheet.json | sheets.ndjson | -';

function fail(path: string, message: string): never {
	console.log(JSON.stringify({ error: { path, message } }));
	process.exit(2);
}

function read(file: string): string {
	let bytes: Buffer;
	try {
		bytes = readFileSync(file === '-' ? 0 : file);
	} catch (e) {
		return fail(
			'',
			`${file} cannot be read (${(e as NodeJS.ErrnoException).code ?? 'unknown'}). Use it like: ${usage}`
		);
	}
	if (bytes.length > limit) fail('', `${file} is over ${limit / 1024 / 1024} MB.`);
	return bytes.toString('utf8').replace(/^\uFEFF/, '');
}

function answer(text: string): ReturnType<typeof calc> {
	let json: unknown;
	try {
		json = JSON.parse(text);
	} catch (e) {
		return { error: { path: '', message: `Not JSON: ${(e as Error).message.slice(0, 120)}` } };
	}
	return calc(json);
}

const [file, ...more] = process.argv.slice(2);
if (file === undefined || more.length > 0) fail('', `One file. Use it like: ${usage}`);
const text = read(file);
let wrong = false;
if (file.endsWith('.ndjson')) {
	const out = text
		.split(/\r?\n/)
		.filter((line) => line.trim() !== '')
		.map((line) => {
			const one = answer(line);
			if (isCalcError(one)) wrong = true;
			return JSON.stringify(one);
		});
	process.stdout.write(out.map((line) => line + '\n').join(''));
} else {
	const one = answer(text);
	wrong = isCalcError(one);
	process.stdout.write(JSON.stringify(one) + '\n');
}
process.exitCode = wrong ? 2 : 0;
